/** All falls of the house beside what was foreseen of them: how well they were aimed, and who measures. */
@ApplicationModule(
        allowedDependencies = {
            "briefing",
            "crew",
            "exchange",
            "job",
            "lay",
            "people",
            "problem",
            "reader",
            "records",
            "review",
            "run",
            "stem",
            "takedown"
        })
@NullMarked
package org.antevid.app.logbook;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
