/**
 * What is a number worth here: refusals, uncertainty, azimuths (degrees clockwise from north), rounding to the safe
 * side. SI units, the unit in every raw number's name.
 */
package org.antevid.core.quantity;
