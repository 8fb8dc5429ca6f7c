/**
 * Exactly what is cut on one stem, in which order, with which help, and what would go wrong: the cut card. Metres,
 * newtons; left and right as seen looking along the lay. Sources: geometry, mechanics, practice rules as named.
 */
package org.antevid.core.cutting;
