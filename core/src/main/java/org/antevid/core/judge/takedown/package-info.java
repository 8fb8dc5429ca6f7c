/** Rules about trees that come down in pieces. */
@NullMarked
package org.antevid.core.judge.takedown;

import org.jspecify.annotations.NullMarked;
