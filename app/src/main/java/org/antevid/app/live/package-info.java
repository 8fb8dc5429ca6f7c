/** One stream of changes a job, by server-sent events. */
@ApplicationModule(allowedDependencies = {"job", "people", "reader"})
package org.antevid.app.live;

import org.springframework.modulith.ApplicationModule;
