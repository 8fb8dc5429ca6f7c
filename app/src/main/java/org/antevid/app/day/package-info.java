/** What belongs to the day and the place: taken over from last time, looked over once. */
@ApplicationModule(allowedDependencies = {"crew", "job", "people", "place", "problem", "reader"})
package org.antevid.app.day;

import org.springframework.modulith.ApplicationModule;
