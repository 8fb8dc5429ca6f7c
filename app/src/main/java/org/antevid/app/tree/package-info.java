/** One tree on one page: tapped in by eye, judged at once, used in one go. */
@ApplicationModule(
        allowedDependencies = {
            "crew",
            "day",
            "house",
            "job",
            "judgement",
            "judgement :: web",
            "lay",
            "lay :: web",
            "people",
            "problem",
            "reader",
            "stem",
            "trace"
        })
package org.antevid.app.tree;

import org.springframework.modulith.ApplicationModule;
