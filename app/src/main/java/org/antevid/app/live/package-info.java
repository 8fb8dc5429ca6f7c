/** One stream of changes a job, by server-sent events. */
@ApplicationModule(allowedDependencies = {"job", "people"})
package org.antevid.app.live;

import org.springframework.modulith.ApplicationModule;
