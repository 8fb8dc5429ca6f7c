/** Forces in lines, blocks, brakes and links. */
@NullMarked
package org.antevid.core.takedown.rope;

import org.jspecify.annotations.NullMarked;
