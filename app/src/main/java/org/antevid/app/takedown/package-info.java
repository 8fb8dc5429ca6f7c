/** Stage 5, taken down in pieces: the figure it is cut on, its pieces, what they hang on, the climber's No. */
@ApplicationModule(
        allowedDependencies = {
            "exchange",
            "house",
            "job",
            "people",
            "place",
            "problem",
            "reader",
            "sheet",
            "stem",
            "trace"
        })
package org.antevid.app.takedown;

import org.springframework.modulith.ApplicationModule;
