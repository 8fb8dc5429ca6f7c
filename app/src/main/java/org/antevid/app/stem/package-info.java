/** Stage 2: stems, sightings, defects, first look. */
@ApplicationModule(
        allowedDependencies = {"exchange", "house", "instrument", "job", "people", "problem", "reader", "trace"})
package org.antevid.app.stem;

import org.springframework.modulith.ApplicationModule;
