/** Pieces that fall free, and when the work stops. */
@NullMarked
package org.antevid.core.takedown.drop;

import org.jspecify.annotations.NullMarked;
