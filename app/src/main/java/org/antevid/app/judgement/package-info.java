/** The plan assembled from all stages: findings, opinions, acknowledgements, the document a briefing freezes. */
@ApplicationModule(
        allowedDependencies = {
            "crew",
            "house",
            "instrument",
            "job",
            "lay",
            "people",
            "place",
            "problem",
            "reader",
            "stem",
            "takedown",
            "tangle",
            "trace"
        })
package org.antevid.app.judgement;

import org.springframework.modulith.ApplicationModule;
