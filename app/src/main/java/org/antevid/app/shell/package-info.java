/** Serving the screens and describing the interface. */
@ApplicationModule(allowedDependencies = {"job", "people", "problem"})
package org.antevid.app.shell;

import org.springframework.modulith.ApplicationModule;
