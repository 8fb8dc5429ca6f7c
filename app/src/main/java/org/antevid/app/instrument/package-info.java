/** Simulated instruments, each behind an interface that a real device could take over. */
package org.antevid.app.instrument;
