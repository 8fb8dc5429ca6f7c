/**
 * A stem or limb lying, leaning or hanging on supports as an elastic beam: forces, which side of a cut is squeezed, and
 * what both parts do when it is severed. Stem coordinate x from the butt, metres; moments sagging positive (top
 * squeezed), N m; axial force tension positive, N. Source: beam theory; limits are practice values.
 */
@org.jspecify.annotations.NullMarked
package org.antevid.core.tangle.beam;
