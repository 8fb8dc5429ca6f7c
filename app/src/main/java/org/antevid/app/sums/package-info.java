/** Every core computation on its own. */
@ApplicationModule(allowedDependencies = {"problem", "reader"})
package org.antevid.app.sums;

import org.springframework.modulith.ApplicationModule;
