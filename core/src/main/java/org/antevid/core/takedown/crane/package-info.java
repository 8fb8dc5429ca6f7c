/** Picks with a crane: chart, load, slings, ground, live lines. */
@NullMarked
package org.antevid.core.takedown.crane;

import org.jspecify.annotations.NullMarked;
