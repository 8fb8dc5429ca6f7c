/** Who changed what and when: revisions of every record that two people can edit. */
@ApplicationModule(allowedDependencies = {"problem"})
package org.antevid.app.trace;

import org.springframework.modulith.ApplicationModule;
