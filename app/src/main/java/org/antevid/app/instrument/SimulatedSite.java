package org.antevid.app.instrument;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Spot;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * A made-up site: lines pull what was planned and people stand where they were told, until somebody says otherwise.
 * Every reading wavers a little, the same in the same second of every minute.
 */
@Component
class SimulatedSite implements Dynamometer, LoadDisplay, Beacons, MadeUpSite {
    private static final double SHARE = 0.02;
    private static final double LEAST_SIGMA_N = 50;
    private static final double SIGMA_M = 1;
    private static final double WAVERS_M = 0.4;

    private final Clock clock = Clock.system(ZoneId.systemDefault());
    private final Map<String, State> states = new ConcurrentHashMap<>();

    /** What one device was told; nulls are not told. */
    private record State(
            @Nullable Double forceN,
            @Nullable Spot at,
            @Nullable Instant silentSince) {
        static final State NOTHING = new State(null, null, null);
    }

    @Override
    public void tell(String number, Told told) {
        states.compute(number, (n, was) -> {
            State s = was == null ? State.NOTHING : was;
            return new State(
                    told.forceN().orElse(s.forceN),
                    told.at().orElse(s.at),
                    !told.silent() ? null : s.silentSince == null ? clock.instant() : s.silentSince);
        });
    }

    @Override
    public Optional<Force> pull(String number, double plannedN) {
        return Optional.of(force(number, plannedN));
    }

    @Override
    public Optional<Force> load(String number) {
        return Optional.of(force(number, 0));
    }

    private Force force(String number, double untoldN) {
        State s = states.getOrDefault(number, State.NOTHING);
        Instant at = s.silentSince == null ? clock.instant() : s.silentSince;
        double told = s.forceN == null ? untoldN : s.forceN;
        double value = told * (1 + SHARE / 2 * wave(number, at));
        return new Force(new Estimate(value, Math.max(LEAST_SIGMA_N, SHARE * told)), at);
    }

    @Override
    public Optional<Fix> fix(String number, Optional<Spot> stand) {
        State s = states.getOrDefault(number, State.NOTHING);
        Instant at = s.silentSince == null ? clock.instant() : s.silentSince;
        double off = WAVERS_M * wave(number, at);
        return Optional.ofNullable(s.at)
                .or(() -> stand)
                .map(spot -> new Fix(new Spot(spot.eastM() + off, spot.northM() - off), SIGMA_M, at));
    }

    @Override
    public boolean simulated() {
        return true;
    }

    private static double wave(String number, Instant at) {
        return Math.sin(2 * Math.PI * (at.getEpochSecond() % 60 + number.hashCode() % 60) / 20);
    }
}
