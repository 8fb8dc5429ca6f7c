/**
 * Limbs of a stem that lies, as somebody saw them in three taps: what is squeezed, in what order they come off, where
 * the stem rolls. Metres, newton; a limb is a beam clamped at its base ({@link org.antevid.core.tangle.beam.LimbBind}),
 * and what nobody measured is taken over its whole range, the worse end counting.
 */
@org.jspecify.annotations.NullMarked
package org.antevid.core.tangle.limb;
