/** Rules of hung stems and the ground beneath them. */
package org.antevid.core.judge.tangle;
