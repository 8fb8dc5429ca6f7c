/**
 * A tree taken down in pieces: the figure it is cut on, its pieces in their order, their ways down, what each loads.
 */
@NullMarked
package org.antevid.core.takedown.pieces;

import org.jspecify.annotations.NullMarked;
