/** People, their offices and competences, and how they sign in. */
@ApplicationModule(allowedDependencies = {"problem", "reader", "trace"})
package org.antevid.app.people;

import org.springframework.modulith.ApplicationModule;
