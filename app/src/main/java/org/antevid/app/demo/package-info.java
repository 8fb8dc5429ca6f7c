/** The made-up house with the jobs behind it and the job at hand, entered through the same services as by hand. */
@ApplicationModule(
        allowedDependencies = {
            "briefing",
            "crew",
            "house",
            "job",
            "judgement",
            "lay",
            "people",
            "place",
            "review",
            "run",
            "stem",
            "tangle",
            "trace"
        })
package org.antevid.app.demo;

import org.springframework.modulith.ApplicationModule;
