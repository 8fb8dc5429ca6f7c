/** How refusals reach the caller: problem details with the fields at fault. */
@ApplicationModule(allowedDependencies = {"reader"})
package org.antevid.app.problem;

import org.springframework.modulith.ApplicationModule;
