package org.antevid.core.crew.roster;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.crew.roster.Roster.Assignment;
import org.antevid.core.quantity.Require;

/**
 * Why a plan takes as long as it does: from what ends last back over what it waits for, to the start of work or to
 * somebody's coming.
 *
 * @param links first to last
 * @param likely80Min minute by which it is done in four days out of five
 */
public record RosterChain(List<Link> links, int likely80Min) {
    /** 80 % of a normal spread lie below the mean and this many standard deviations. */
    private static final double Z80 = 0.84;
    /** Least to most spans six standard deviations (three-point estimate). */
    private static final double SIGMAS = 6;

    private static final int LIKELY_WEIGHT = 4;

    /** Why a duty does not start earlier. */
    public enum Why {
        /** it is told to come after */
        ORDER,
        /** the same person does both */
        PERSON,
        /** both take one ground */
        ZONE,
        EQUIPMENT,
        /** who rescues is bound before */
        RESCUER,
        /** nothing that ends then: somebody comes, or the day starts */
        START
    }

    /**
     * A duty and why it waits for the one before it.
     *
     * @param what person, zone or equipment they share
     */
    public record Link(String duty, Why why, Optional<String> what) {}

    /**
     * How long a duty takes, minutes.
     *
     * @param leastMin when all goes well
     * @param mostMin when little does
     */
    public record Spread(int leastMin, int mostMin) {}

    /** @param spreads by id; a duty without one takes its minutes */
    public static RosterChain of(Roster roster, Map<String, Assignment> plan, Map<String, Spread> spreads) {
        List<Link> links = new ArrayList<>();
        Optional<Duty> at = roster.duties().stream()
                .filter(d -> plan.containsKey(d.id()))
                .max(Comparator.comparingInt((Duty d) -> end(plan, d))
                        .thenComparing(Duty::id, Comparator.reverseOrder()));
        int lags = 0;
        int end = 0;
        while (at.isPresent()) {
            Duty d = at.get();
            Optional<Before> before = before(roster, plan, d);
            links.add(before.map(b -> new Link(d.id(), b.why, b.what))
                    .orElse(new Link(d.id(), Why.START, Optional.empty())));
            lags += before.map(Before::lagMin).orElse(0);
            end = before.isPresent() ? end : Require.present(plan, d.id()).startMin();
            at = before.map(Before::duty);
        }
        Collections.reverse(links);
        double mean = end + lags;
        double variance = 0;
        for (Link l : links) {
            Duty d = duty(roster, l.duty);
            Spread s = spreads.getOrDefault(l.duty, new Spread(d.durMin(), d.durMin()));
            mean += (s.leastMin + LIKELY_WEIGHT * d.durMin() + s.mostMin) / SIGMAS;
            variance += Math.pow((s.mostMin - s.leastMin) / SIGMAS, 2);
        }
        return new RosterChain(List.copyOf(links), (int) Math.ceil(mean + Z80 * Math.sqrt(variance) - 1e-9));
    }

    private record Before(Duty duty, Why why, Optional<String> what, int lagMin) {}

    /** What ends when this starts and shares something with it, by the reasons in their order, ties by id. */
    private static Optional<Before> before(Roster roster, Map<String, Assignment> plan, Duty d) {
        int start = Require.present(plan, d.id()).startMin();
        return roster.duties().stream()
                .filter(b -> plan.containsKey(b.id()) && !b.id().equals(d.id()))
                .flatMap(b -> shared(roster, plan, b, d, start).stream())
                .min(Comparator.comparing(Before::why).thenComparing(b -> b.duty.id()));
    }

    private static Optional<Before> shared(Roster roster, Map<String, Assignment> plan, Duty b, Duty d, int start) {
        Optional<Duty.After> told =
                d.after().stream().filter(a -> a.id().equals(b.id())).findFirst();
        if (told.isPresent() && end(plan, b) + told.get().lagMin() == start) {
            return Optional.of(
                    new Before(b, Why.ORDER, Optional.empty(), told.get().lagMin()));
        }
        if (end(plan, b) != start) {
            return Optional.empty();
        }
        Set<String> whoB = Set.copyOf(Require.present(plan, b.id()).who());
        return Stream.of(
                        Require.present(plan, d.id()).who().stream()
                                .filter(whoB::contains)
                                .findFirst()
                                .map(who -> new Before(b, Why.PERSON, Optional.of(who), 0)),
                        zone(roster, b, d).map(zone -> new Before(b, Why.ZONE, Optional.of(zone), 0)),
                        d.equipment().entrySet().stream()
                                .filter(e -> e.getValue() + b.equipment().getOrDefault(e.getKey(), 0)
                                                > roster.have(e.getKey())
                                        && b.equipment().getOrDefault(e.getKey(), 0) > 0)
                                .map(Map.Entry::getKey)
                                .sorted()
                                .findFirst()
                                .map(name -> new Before(b, Why.EQUIPMENT, Optional.of(name), 0)),
                        b.aloft() && d.aloft()
                                ? Optional.of(new Before(b, Why.RESCUER, Optional.empty(), 0))
                                : Optional.<Before>empty())
                .flatMap(Optional::stream)
                .findFirst();
    }

    private static Optional<String> zone(Roster roster, Duty b, Duty d) {
        Optional<String> one = b.zones().stream()
                .filter(x -> d.zones().stream()
                        .anyMatch(y -> y.zone().equals(x.zone())
                                && !(x.mode().shares() && y.mode().shares())))
                .map(Duty.ZoneUse::zone)
                .findFirst();
        boolean stops = roster.options().clearStopsAllSaws()
                && (b.saw() && clears(d).isPresent() || d.saw() && clears(b).isPresent());
        return one.or(() -> stops ? clears(d).or(() -> clears(b)) : Optional.empty());
    }

    private static Optional<String> clears(Duty d) {
        return d.zones().stream()
                .filter(z -> z.mode() == Duty.Mode.CLEAR)
                .map(Duty.ZoneUse::zone)
                .findFirst();
    }

    private static int end(Map<String, Assignment> plan, Duty d) {
        return Require.present(plan, d.id()).startMin() + d.durMin();
    }

    private static Duty duty(Roster roster, String id) {
        return roster.duties().stream()
                .filter(d -> d.id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
