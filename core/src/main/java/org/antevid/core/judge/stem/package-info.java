/** Rules of the readings of one stem, its union, its root plate, and how the leader wants it taken down. */
package org.antevid.core.judge.stem;
