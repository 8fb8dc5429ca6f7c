/** Stages 3 and 4: lay, zones, ways out and the cut card of a stem. */
@ApplicationModule(
        allowedDependencies = {
            "house",
            "instrument",
            "job",
            "people",
            "place",
            "problem",
            "reader",
            "sheet",
            "stem",
            "tangle",
            "trace"
        })
package org.antevid.app.lay;

import org.springframework.modulith.ApplicationModule;
