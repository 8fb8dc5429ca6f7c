/**
 * Every computation callable alone: field tables with units, ranges and defaults, snake-case names as the open
 * interface has them.
 */
package org.antevid.sums;
