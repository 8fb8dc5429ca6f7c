/** What comes down in one step of the crew, each number rounded to the safe side. */
@NullMarked
package org.antevid.core.takedown.step;

import org.jspecify.annotations.NullMarked;
