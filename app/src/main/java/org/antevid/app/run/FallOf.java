package org.antevid.app.run;

import java.time.Instant;
import java.util.Optional;

/**
 * That a stem was felled.
 *
 * @param briefing under which the go was given
 * @param at of that go
 * @param gustFromDeg where its gust came from, azimuth
 */
public record FallOf(int briefing, Instant at, Optional<Double> gustMs, Optional<Double> gustFromDeg, String goId) {}
