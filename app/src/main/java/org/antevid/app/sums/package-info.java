/** Every core computation on its own. */
@ApplicationModule(allowedDependencies = {"problem"})
package org.antevid.app.sums;

import org.springframework.modulith.ApplicationModule;
