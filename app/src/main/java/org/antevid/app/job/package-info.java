/** Jobs, who is on them, and who may call what: a job you are not on does not exist for you. */
@ApplicationModule(allowedDependencies = {"house", "instrument", "people", "problem", "reader", "trace"})
package org.antevid.app.job;

import org.springframework.modulith.ApplicationModule;
