/** Every way of dealing with a stem, and what excludes it here. */
package org.antevid.core.judge.verdict;
