/** Simulated instruments, each behind an interface that a real device could take over. */
@ApplicationModule(allowedDependencies = {})
package org.antevid.app.instrument;

import org.springframework.modulith.ApplicationModule;
