/** Stage 6: steps, roles and where people stand. */
@ApplicationModule(allowedDependencies = {"job", "lay", "people", "place", "problem", "reader", "stem", "trace"})
package org.antevid.app.crew;

import org.springframework.modulith.ApplicationModule;
