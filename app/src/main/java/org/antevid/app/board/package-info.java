/** All jobs a person may see, as cards with a small plan and what earlier jobs taught. */
@ApplicationModule(allowedDependencies = {"house", "job", "people", "judgement", "lessons", "logbook"})
package org.antevid.app.board;

import org.springframework.modulith.ApplicationModule;
