/** Stage 7: frozen, numbered issues of the plan, read-back and signatures. */
@ApplicationModule(allowedDependencies = {"job", "people", "judgement", "problem", "reader", "trace"})
package org.antevid.app.briefing;

import org.springframework.modulith.ApplicationModule;
