/** People, their offices and competences, and how they sign in. */
@ApplicationModule(allowedDependencies = {"problem", "reader"})
package org.antevid.app.people;

import org.springframework.modulith.ApplicationModule;
