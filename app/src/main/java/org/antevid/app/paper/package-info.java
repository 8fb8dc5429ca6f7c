/** A briefing on paper, usable alone: cards, plan to scale, cut cards, signatures. */
@ApplicationModule(allowedDependencies = {"briefing", "cut", "job", "people", "problem", "reader", "sheet"})
@NullMarked
package org.antevid.app.paper;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
