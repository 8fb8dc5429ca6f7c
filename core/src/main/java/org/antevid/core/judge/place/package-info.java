/** Rules of the place: leave, emergency card, lines, machines that get in. */
package org.antevid.core.judge.place;
