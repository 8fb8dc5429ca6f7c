/** Stage 5: what hangs in or rests on what, release order, guards. */
@ApplicationModule(allowedDependencies = {"job", "people", "problem", "reader", "stem", "trace"})
package org.antevid.app.tangle;

import org.springframework.modulith.ApplicationModule;
