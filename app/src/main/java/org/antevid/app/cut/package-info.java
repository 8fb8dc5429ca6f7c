/** Stage 4: the cut card of a stem with wedges, line and guy, its sheet, and what the opened face showed. */
@ApplicationModule(
        allowedDependencies = {
            "crew",
            "house",
            "job",
            "lay",
            "people",
            "judgement",
            "problem",
            "reader",
            "run",
            "sheet",
            "stem"
        })
package org.antevid.app.cut;

import org.springframework.modulith.ApplicationModule;
