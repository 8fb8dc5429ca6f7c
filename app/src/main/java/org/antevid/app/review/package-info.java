/** Stage 9: outcomes against the plan, and the signature under them. */
@ApplicationModule(
        allowedDependencies = {
            "briefing",
            "job",
            "lessons",
            "people",
            "problem",
            "reader",
            "records",
            "run",
            "stem",
            "trace"
        })
package org.antevid.app.review;

import org.springframework.modulith.ApplicationModule;
