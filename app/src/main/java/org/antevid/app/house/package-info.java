/** The company's thresholds, edited by the owner. */
@ApplicationModule(allowedDependencies = {"people", "problem", "reader", "trace"})
package org.antevid.app.house;

import org.springframework.modulith.ApplicationModule;
