/** What else is written down of a job: what nearly hurt somebody, what broke, what pieces weighed. */
@ApplicationModule(allowedDependencies = {"job", "people", "place", "problem", "reader", "stem"})
package org.antevid.app.records;

import org.springframework.modulith.ApplicationModule;
