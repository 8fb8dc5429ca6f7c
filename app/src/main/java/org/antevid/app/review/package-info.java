/** Stage 9: outcomes against the plan, and lessons. */
@ApplicationModule(allowedDependencies = {"briefing", "job", "people", "problem", "reader", "run", "stem"})
package org.antevid.app.review;

import org.springframework.modulith.ApplicationModule;
