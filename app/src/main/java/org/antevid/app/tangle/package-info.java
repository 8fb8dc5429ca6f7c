/** Stage 5: what hangs in or rests on what, release order, guards. */
@ApplicationModule(
        allowedDependencies = {"house", "job", "people", "place", "problem", "reader", "sheet", "stem", "trace"})
package org.antevid.app.tangle;

import org.springframework.modulith.ApplicationModule;
