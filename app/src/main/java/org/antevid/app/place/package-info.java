/** Stage 1: ground, conditions and features of the place. */
@ApplicationModule(allowedDependencies = {"exchange", "instrument", "job", "people", "problem", "reader", "trace"})
package org.antevid.app.place;

import org.springframework.modulith.ApplicationModule;
