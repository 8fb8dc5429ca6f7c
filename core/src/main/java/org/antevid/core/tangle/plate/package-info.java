/**
 * Raised and lifted root plates: what holds one down, what sets it back, how far a standing tree is gone. Metres, N m;
 * mechanics with wide bounds of soil and roots. Heavy plate and light stem where it must not rise, the reverse where it
 * is pulled.
 */
@org.jspecify.annotations.NullMarked
package org.antevid.core.tangle.plate;
