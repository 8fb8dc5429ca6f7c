/** On paper: a briefing that is usable alone, and a review. */
@ApplicationModule(
        allowedDependencies = {
            "briefing",
            "cut",
            "job",
            "lessons",
            "people",
            "problem",
            "reader",
            "records",
            "review",
            "sheet"
        })
@NullMarked
package org.antevid.app.paper;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
