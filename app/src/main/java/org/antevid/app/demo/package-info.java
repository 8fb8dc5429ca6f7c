/** The made-up house with the jobs behind it and the job at hand, entered through the same services as by hand. */
@ApplicationModule(
        allowedDependencies = {
            "briefing",
            "crew",
            "house",
            "instrument",
            "job",
            "judgement",
            "lay",
            "lessons",
            "logbook",
            "people",
            "place",
            "records",
            "review",
            "run",
            "stem",
            "tangle",
            "trace"
        })
package org.antevid.app.demo;

import org.springframework.modulith.ApplicationModule;
