/**
 * What is cut, to the millimetre: types of cut, notch, hinge, back cut, strap, bar reach, side capacity of the hinge.
 * Metres and newton metres. Sources: geometry and practice rules.
 */
package org.antevid.core.stump;
