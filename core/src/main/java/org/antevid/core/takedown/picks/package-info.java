/** A tree picked off piece by piece: the crane as it is set up, what each pick uses of its chart, what readings say. */
@NullMarked
package org.antevid.core.takedown.picks;

import org.jspecify.annotations.NullMarked;
