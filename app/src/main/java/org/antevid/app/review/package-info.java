/** Stage 9: outcomes against the plan, and the signature under them. */
@ApplicationModule(
        allowedDependencies = {
            "briefing",
            "crew",
            "job",
            "lessons",
            "people",
            "problem",
            "reader",
            "records",
            "run",
            "stem",
            "takedown",
            "trace"
        })
package org.antevid.app.review;

import org.springframework.modulith.ApplicationModule;
