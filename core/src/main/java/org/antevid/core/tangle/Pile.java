package org.antevid.core.tangle;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Stems that bear on each other, as they were seen. A doubtful relation is entered as present.
 *
 * @param standing ids of stems that stay (a sound support, an anchor)
 * @param machine a machine with cab and grapple is at hand
 */
public record Pile(List<Stem> stems, Set<String> standing, boolean machine, List<Relation> relations) {

    /** How one stem bears on another. */
    public enum Type {
        RESTS_ON,
        OVERHANGS,
        BOUND,
        HELD_BY_ROPE
    }

    /** {@code a} rests on / overhangs the work spot of / is bound with / is held by a rope to {@code b}. */
    public record Relation(String a, Type type, String b) {}

    /**
     * One stem of the pile; metres, kilograms, newton.
     *
     * @param heightM height of what may come down, empty when not known
     * @param slopeDeg ground slope along which it would be dragged uphill
     * @param tractorWinchN rated pull of a tractor winch at hand, empty for none
     * @param handWinchN rated pull of a hand winch at hand, empty for none
     * @param mu friction of the dragged stem
     */
    public record Stem(
            String id,
            double lengthM,
            double massKg,
            double buttDM,
            Optional<Double> heightM,
            boolean hung,
            boolean springLoaded,
            boolean rootPlate,
            Optional<Double> plateHeightM,
            double slopeDeg,
            boolean lockedInFork,
            Optional<Double> tractorWinchN,
            Optional<Double> handWinchN,
            double mu) {
        public Stem {
            Require.within(lengthM, 0.1, 120, "length_m");
            Require.within(massKg, 0.1, 200000, "mass_kg");
            Require.within(buttDM, 0.01, 5, "butt_d_m");
            Require.within(slopeDeg, 0, 60, "slope_deg");
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
     * @throws RefusedInput {@code DUPLICATE}, {@code UNKNOWN_STEM} or {@code SELF_RELATION}, naming each entry at fault
     */
    public Pile {
        stems = List.copyOf(stems);
        standing = Set.copyOf(standing);
        relations = List.copyOf(relations);
        List<Fault> faults = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < stems.size(); i++) {
            if (!ids.add(stems.get(i).id()) || standing.contains(stems.get(i).id())) {
                faults.add(new Fault(
                        Message.of(Refusal.DUPLICATE)
                                .with("name", Arg.name(stems.get(i).id())),
                        "stems[" + i + "]"));
            }
        }
        ids.addAll(standing);
        for (int i = 0; i < relations.size(); i++) {
            Relation r = relations.get(i);
            if (!ids.contains(r.a()) || !ids.contains(r.b())) {
                faults.add(new Fault(Refusal.UNKNOWN_STEM, "relations[" + i + "]"));
            } else if (r.a().equals(r.b())) {
                faults.add(new Fault(Refusal.SELF_RELATION, "relations[" + i + "]"));
            }
        }
        if (!faults.isEmpty()) {
            throw new RefusedInput(faults);
        }
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
}
