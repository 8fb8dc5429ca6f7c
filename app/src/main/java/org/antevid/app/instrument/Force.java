package org.antevid.app.instrument;

import java.time.Instant;
import org.antevid.core.quantity.Estimate;

/** A pull or a load as it was read, N with its sigma. */
public record Force(Estimate valueN, Instant at) {}
