/**
 * Is the help enough? Wedges, lever, pull line, side guy: forces, travel and what each piece of kit bears. Newtons,
 * metres; heights above the hinge. Sources: geometry, statics, practice rules as named.
 */
package org.antevid.core.assist;
