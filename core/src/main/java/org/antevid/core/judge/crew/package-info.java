/** Rules of who does what and where people stand. */
package org.antevid.core.judge.crew;
