/** The demo job Withy Lock, entered through the same services as by hand. */
@ApplicationModule(allowedDependencies = {"crew", "house", "job", "lay", "people", "place", "stem", "tangle"})
package org.antevid.app.demo;

import org.springframework.modulith.ApplicationModule;
