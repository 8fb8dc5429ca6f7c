package org.antevid.core.tangle;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Stems that bear on each other, as they were seen. A doubtful relation is entered as present. The order needs no
 * masses and no lengths; what nobody measured stays empty and its forces, ways and zones are not known.
 *
 * @param standing ids of what stays: kept trees, roofs, anchors, paths, work spots
 * @param machine a machine with cab and grapple is at hand
 * @param held stems that something holds for certain: in a ring they no longer have to go first
 */
public record Pile(
        List<Stem> stems, Set<String> standing, boolean machine, List<Relation> relations, Set<String> held) {

    /** A pile of which nothing is held. */
    public Pile(List<Stem> stems, Set<String> standing, boolean machine, List<Relation> relations) {
        this(stems, standing, machine, relations, Set.of());
    }

    /** How one stem bears on another. */
    public enum Type {
        RESTS_ON,
        OVERHANGS,
        BOUND,
        HELD_BY_ROPE
    }

    /** What a tie does; not known counts as carrying: a vine holds back or cradles more often than it looks. */
    public enum Carries {
        HOLDS_BACK,
        CRADLES,
        NOTHING,
        NOT_KNOWN;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Whether a tie can be cut from outside the ring. */
    public enum SeverFrom {
        OUTSIDE,
        INSIDE,
        NOT_KNOWN
    }

    /**
     * {@code a} rests on / hangs over the work spot of / is tied to / is held by a rope to {@code b}.
     *
     * @param carries of a tie
     * @param severFrom of a tie
     */
    public record Relation(String a, Type type, String b, Carries carries, SeverFrom severFrom) {
        public Relation(String a, Type type, String b) {
            this(a, type, b, Carries.NOT_KNOWN, SeverFrom.NOT_KNOWN);
        }

        /** @return whether it says the same; a tie has no direction */
        boolean same(Relation o) {
            return type == o.type
                    && (a.equals(o.a) && b.equals(o.b) || type == Type.BOUND && a.equals(o.b) && b.equals(o.a));
        }
    }

    /**
     * One stem of the pile; metres, kilograms, newton, degrees. Empty is not known, never a default.
     *
     * @param heightM height of what may come down
     * @param plateHeightM of the raised plate along the fall
     * @param slopeDeg ground, steepest
     * @param dragSlopeDeg ground along the drag, uphill positive
     * @param mu friction of the dragged stem
     * @param forkDM of the fork it would be rolled out of
     * @param tractorWinchN rated pull at hand, empty for none
     * @param handWinchN rated pull at hand, empty for none
     */
    public record Stem(
            String id,
            Optional<Double> lengthM,
            Optional<Double> massKg,
            Optional<Double> buttDM,
            Optional<Double> heightM,
            boolean hung,
            boolean springLoaded,
            boolean rootPlate,
            boolean lockedInFork,
            Optional<Double> plateHeightM,
            double plateThickM,
            double slopeDeg,
            double dragSlopeDeg,
            double mu,
            double forkDM,
            Optional<Double> tractorWinchN,
            Optional<Double> handWinchN) {
        public static final double PLATE_THICK_M = 1;
        public static final double MU = 0.6;
        public static final double FORK_D_M = 0.2;

        public Stem {
            lengthM.ifPresent(v -> Require.within(v, 0.1, 120, "length_m"));
            massKg.ifPresent(v -> Require.within(v, 0.1, 200000, "mass_kg"));
            buttDM.ifPresent(v -> Require.within(v, 0.01, 5, "butt_d_m"));
            Require.within(slopeDeg, 0, 60, "slope_deg");
            Require.within(dragSlopeDeg, -60, 60, "drag_slope_deg");
            Require.within(mu, 0.05, 1.5, "mu");
        }

        double ownPriority(long overhung) {
            return 1000.0 * overhung
                    + (hung ? 300 : 0)
                    + (springLoaded ? 200 : 0)
                    + (rootPlate ? 150 : 0)
                    + heightM.map(h -> Math.min(100, 2 * h)).orElse(0.0);
        }
    }

    /**
     * @throws RefusedInput {@code MISSING} without stems; {@code DUPLICATE}, {@code UNKNOWN_STEM},
     *     {@code SELF_RELATION} or {@code STANDING_TREE_RESTS_ON_REMOVED_STEM}, naming each entry at fault
     */
    public Pile {
        stems = List.copyOf(stems);
        standing = Set.copyOf(standing);
        relations = List.copyOf(relations);
        held = Set.copyOf(held);
        List<Fault> faults = new ArrayList<>();
        Set<String> removed = new HashSet<>();
        if (stems.isEmpty()) {
            faults.add(new Fault(Refusal.NEEDED, "stems"));
        }
        for (int i = 0; i < stems.size(); i++) {
            if (!removed.add(stems.get(i).id())
                    || standing.contains(stems.get(i).id())) {
                faults.add(new Fault(
                        Message.of(Refusal.DUPLICATE)
                                .with("name", Arg.name(stems.get(i).id())),
                        "stems[" + i + "]"));
            }
        }
        for (int i = 0; i < relations.size(); i++) {
            int at = i;
            fault(relations.get(i), relations.subList(0, i), removed, standing)
                    .ifPresent(why -> faults.add(new Fault(why, "relations[" + at + "]")));
        }
        if (!faults.isEmpty()) {
            throw new RefusedInput(faults);
        }
    }

    private static Optional<Message> fault(
            Relation r, List<Relation> earlier, Set<String> removed, Set<String> standing) {
        for (String id : List.of(r.a(), r.b())) {
            if (!removed.contains(id) && !standing.contains(id)) {
                return Optional.of(Message.of(Refusal.UNKNOWN_STEM));
            }
        }
        if (r.a().equals(r.b())) {
            return Optional.of(Message.of(Refusal.SELF_RELATION));
        }
        if (earlier.stream().anyMatch(r::same)) {
            return Optional.of(Message.of(Refusal.DUPLICATE).with("name", Arg.names(List.of(r.a(), r.b()))));
        }
        boolean loadsWhatStays = r.type() == Type.RESTS_ON || r.type() == Type.HELD_BY_ROPE;
        return loadsWhatStays && standing.contains(r.a()) && removed.contains(r.b())
                ? Optional.of(Message.of(Refusal.STANDING_TREE_RESTS_ON_REMOVED_STEM)
                        .with("stays", Arg.name(r.a()))
                        .with("goes", Arg.name(r.b())))
                : Optional.empty();
    }

    Stem stem(String id) {
        return stems.stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("no stem " + id));
    }

    /** @return the relations between stems that are to be removed, standing ones left out */
    List<Relation> amongRemoved() {
        return relations.stream()
                .filter(r -> !standing.contains(r.a()) && !standing.contains(r.b()))
                .toList();
    }

    /** @return ties to what stays, the removed stem as {@code a}: by stem, then by what it is tied to */
    List<Relation> tiesToStanding(Collection<String> ids) {
        return relations.stream()
                .filter(r -> r.type() == Type.BOUND)
                .map(r ->
                        standing.contains(r.a()) ? new Relation(r.b(), r.type(), r.a(), r.carries(), r.severFrom()) : r)
                .filter(r -> ids.contains(r.a()) && standing.contains(r.b()))
                .sorted(java.util.Comparator.comparing(Relation::a).thenComparing(Relation::b))
                .toList();
    }

    /** @return for each stem all it rests on, directly or through others */
    Map<String, Set<String>> restsOn() {
        Map<String, Set<String>> below = new LinkedHashMap<>();
        stems.forEach(s -> below.put(s.id(), below(s.id(), new HashSet<>())));
        return below;
    }

    private Set<String> below(String id, Set<String> found) {
        for (Relation r : amongRemoved()) {
            if (r.type() == Type.RESTS_ON && r.a().equals(id) && found.add(r.b())) {
                below(r.b(), found);
            }
        }
        return found;
    }
}
