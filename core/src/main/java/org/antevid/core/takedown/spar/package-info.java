/** What the stem that is rigged on bears, and what holds it and the climber. */
@NullMarked
package org.antevid.core.takedown.spar;

import org.jspecify.annotations.NullMarked;
