/** What the house has learned: proposed on a job, decided by somebody else, told at work that matches. */
@ApplicationModule(allowedDependencies = {"house", "job", "judgement", "lay", "people", "problem", "reader", "stem"})
package org.antevid.app.lessons;

import org.springframework.modulith.ApplicationModule;
