package org.antevid.app.logbook.store;

import org.antevid.core.outcome.Control;
import org.antevid.core.stem.Condition;

/** How many falls in such wood ended so. */
public record EndedFalls(Condition wood, Control control, long falls) {}
