/** Stage 8: ready, go, hold and the log that writes itself. */
@ApplicationModule(
        allowedDependencies = {
            "briefing",
            "crew",
            "instrument",
            "job",
            "people",
            "place",
            "judgement",
            "problem",
            "reader",
            "stem",
            "tangle",
            "trace"
        })
package org.antevid.app.run;

import org.springframework.modulith.ApplicationModule;
