/**
 * What really happened against what was foreseen: deviation of the fall in degrees and metres at the tip. Source:
 * geometry.
 */
package org.antevid.core.outcome;
