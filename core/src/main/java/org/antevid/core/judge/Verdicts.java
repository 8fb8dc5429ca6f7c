package org.antevid.core.judge;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.core.crew.Competence;
import org.antevid.core.lay.Dial;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Access;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Verdict;

/**
 * Every way of dealing with a stem: what it needs in people, competences, machines and room, and whether it is excluded
 * here and why. The first that is not excluded is offered; the leader chooses. Practice rules.
 *
 * @param offered the first way that is not excluded, easiest first
 */
public record Verdicts(String stem, List<Option> options, Verdict offered) {

    /**
     * One way.
     *
     * @param against why it is excluded here, empty when it is not
     * @param people how many people at least
     * @param competences what they must be competent for
     * @param first what must be measured before it is sure; no reason to leave it
     * @param missing of these, what nobody on the job is competent for
     * @param machines what machine it needs, and which of the crew's gets in
     * @param room what must be free of people
     */
    public record Option(
            Verdict verdict,
            List<String> against,
            List<String> first,
            int people,
            List<Competence> competences,
            List<Competence> missing,
            String machines,
            String room) {
        public boolean excluded() {
            return !against.isEmpty();
        }
    }

    /**
     * @param byHand all lays with wedges at most, where the stem is measured far enough
     * @param pulled all lays with the line that is planned; a way by felling is excluded when none of its lays is free
     */
    public static Verdicts of(Situation.StemFacts f, Situation s, Optional<Dial> byHand, Optional<Dial> pulled) {
        return of(f, s, new Lays(byHand, byHand), new Lays(pulled, pulled));
    }

    /**
     * All lays of one means.
     *
     * @param now with what is known
     * @param best with the same best values as if they were measured: what only uncertainty closes is measured, not
     *     left
     */
    public record Lays(Optional<Dial> now, Optional<Dial> best) {
        private boolean closed() {
            return now.filter(d -> d.free() <= 0).isPresent()
                    && best.filter(d -> d.free() <= 0).isPresent();
        }

        private boolean onlyUncertain() {
            return now.filter(d -> d.free() <= 0).isPresent() && !closed();
        }
    }

    public static Verdicts of(Situation.StemFacts f, Situation s, Lays byHand, Lays pulled) {
        Lays none = new Lays(Optional.empty(), Optional.empty());
        List<Option> options = Stream.of(Verdict.values())
                .map(v -> option(
                        v, f, s, v == Verdict.FELL_FROM_GROUND ? byHand : v == Verdict.FELL_WITH_PULL ? pulled : none))
                .toList();
        Verdict offered = options.stream()
                .filter(o -> !o.excluded())
                .map(Option::verdict)
                .findFirst()
                .orElse(Verdict.WALK_AWAY);
        return new Verdicts(f.reading().label(), options, offered);
    }

    /** @return the easiest way that is no felling by hand */
    public Verdict notByHand() {
        return options.stream()
                .filter(o -> !o.verdict.felled() && !o.excluded())
                .map(Option::verdict)
                .findFirst()
                .orElse(Verdict.WALK_AWAY);
    }

    private static Option option(Verdict v, Situation.StemFacts f, Situation s, Lays lays) {
        List<String> against = new ArrayList<>(against(v, f, s));
        if (lays.closed()) {
            against.add(
                    v == Verdict.FELL_FROM_GROUND
                            ? "no lay is free without a line"
                            : "no lay is free with the line that is planned");
        }
        List<Competence> needed = competences(v);
        Set<Competence> here =
                s.people().stream().flatMap(p -> p.competences().stream()).collect(Collectors.toSet());
        List<Competence> missing =
                needed.stream().filter(c -> !here.contains(c)).toList();
        List<String> first = new ArrayList<>();
        if (v.felled()) {
            f.reading().notKnown().forEach(x -> first.add("measure the " + x));
            if (lays.onlyUncertain()) {
                first.add("measure the lean: it is its uncertainty that stands against it");
            }
        }
        return new Option(
                v, List.copyOf(against), List.copyOf(first), people(v), needed, missing, machines(v, s), room(v, f));
    }

    /** @return why this way is excluded for this stem as things stand, whatever the lay */
    public static List<String> against(Verdict v, Situation.StemFacts f, Situation s) {
        StemReading r = f.reading();
        List<String> why = new ArrayList<>();
        switch (v) {
            case FELL_FROM_GROUND, FELL_WITH_PULL -> {
                if (r.state() == StemState.HUNG) {
                    why.add("it hangs in another tree");
                }
                if (r.state() == StemState.LYING) {
                    why.add("it lies already");
                }
                unreliable(r)
                        .forEach(d -> why.add(d.kind().words()
                                + String.format(Locale.ROOT, " at %.1f m: no hinge can be relied on", d.fromM())));
                if (r.wood().outer() == Condition.UNRELIABLE) {
                    why.add("the wood is unreliable");
                }
                rootsMoved(r).ifPresent(why::add);
                if (v == Verdict.FELL_WITH_PULL
                        && s.place().machines().stream()
                                .filter(m -> m.pullN().isPresent())
                                .allMatch(m -> !s.place().access().keepsOut(m).isEmpty())
                        && s.place().machines().stream().anyMatch(m -> m.pullN().isPresent())) {
                    why.add("no winch of the crew gets in");
                }
            }
            case SECTION -> {
                if (r.state() != StemState.LYING) {
                    why.add("it does not lie on the ground");
                }
            }
            case DISMANTLE -> {
                notClimbed(r).forEach(why::add);
                missingPeople(s, Competence.CLIMB, Competence.RESCUE).ifPresent(why::add);
            }
            case CRANE -> machine(s, Access.Use.CRANE).ifPresent(why::add);
            case MACHINE_ONLY -> {
                if (Stream.of(Access.Use.FELLING, Access.Use.WINCH)
                        .allMatch(u -> machine(s, u).isPresent())) {
                    why.add("no winch or felling machine of the crew gets in");
                }
            }
            case LEAVE_AND_CLOSE, WALK_AWAY -> {}
        }
        return why;
    }

    private static Stream<Defect> unreliable(StemReading r) {
        return r.defects().stream()
                .filter(d -> d.atTheHinge()
                        && !d.tellsGood()
                        && d.kind()
                                .atTheHinge()
                                .filter(c -> c == Condition.UNRELIABLE)
                                .isPresent());
    }

    private static Optional<String> rootsMoved(StemReading r) {
        boolean cracks =
                r.defect(DefectKind.SOIL_CRACKS).filter(Defect::tellsBad).isPresent();
        return cracks
                ? Optional.of("the ground round it has moved")
                : r.more().heave().filter(h -> h.high() >= 0.03).map(h -> "its root plate is lifted");
    }

    private static List<String> notClimbed(StemReading r) {
        Set<String> why = new TreeSet<>();
        for (Defect d : r.defects()) {
            switch (d.kind()) {
                case CRACK, SPLIT_UNION, LIFTED_ROOT_PLATE, BROKEN_BASE, CUT_ROOTS, PREVIOUS_CUTS, LIGHTNING_SCAR ->
                    why.add(d.kind().words() + ": not climbed");
                default -> {}
            }
        }
        if (r.state() == StemState.HUNG) {
            why.add("a hung-up tree is not climbed");
        }
        if (r.state() == StemState.LYING) {
            why.add("it lies already");
        }
        if (r.wood().crown().factor() <= 0.3 || r.wood().outer().factor() <= 0.3) {
            why.add("dead or decayed wood does not hold a climber");
        }
        rootsMoved(r).ifPresent(w -> why.add(w + ": not climbed"));
        return List.copyOf(why);
    }

    private static Optional<String> missingPeople(Situation s, Competence... needed) {
        List<String> nobody = Stream.of(needed)
                .filter(c -> s.people().stream().noneMatch(p -> p.competences().contains(c)))
                .map(Competence::words)
                .toList();
        return nobody.isEmpty()
                ? Optional.empty()
                : Optional.of("nobody here is competent for " + String.join(", ", nobody));
    }

    private static Optional<String> machine(Situation s, Access.Use use) {
        List<Access.Machine> have =
                s.place().machines().stream().filter(m -> m.use() == use).toList();
        if (have.isEmpty()) {
            return Optional.of("the crew has no " + use.words());
        }
        List<String> out = have.stream()
                .flatMap(m -> s.place().access().keepsOut(m).stream())
                .toList();
        return have.stream().anyMatch(m -> s.place().access().keepsOut(m).isEmpty())
                ? Optional.empty()
                : Optional.of(String.join("; ", out));
    }

    private static int people(Verdict v) {
        return switch (v) {
            case FELL_FROM_GROUND, SECTION, LEAVE_AND_CLOSE, MACHINE_ONLY -> 2;
            case FELL_WITH_PULL, DISMANTLE -> 3;
            case CRANE -> 4;
            case WALK_AWAY -> 1;
        };
    }

    private static List<Competence> competences(Verdict v) {
        return switch (v) {
            case FELL_FROM_GROUND, SECTION -> List.of(Competence.SAW, Competence.LOOKOUT);
            case FELL_WITH_PULL -> List.of(Competence.SAW, Competence.WINCH, Competence.LOOKOUT);
            case DISMANTLE -> List.of(Competence.CLIMB, Competence.RESCUE, Competence.GROUND);
            case CRANE -> List.of(Competence.CRANE, Competence.CLIMB, Competence.RESCUE, Competence.LOOKOUT);
            case MACHINE_ONLY -> List.of(Competence.WINCH, Competence.LOOKOUT);
            case LEAVE_AND_CLOSE, WALK_AWAY -> List.of();
        };
    }

    private static String machines(Verdict v, Situation s) {
        List<Access.Use> uses =
                switch (v) {
                    case FELL_WITH_PULL -> List.of(Access.Use.WINCH);
                    case CRANE -> List.of(Access.Use.CRANE);
                    case MACHINE_ONLY -> List.of(Access.Use.FELLING, Access.Use.WINCH);
                    case FELL_FROM_GROUND, SECTION, DISMANTLE, LEAVE_AND_CLOSE, WALK_AWAY -> List.of();
                };
        if (uses.isEmpty()) {
            return "none";
        }
        List<String> in = s.place().machines().stream()
                .filter(m ->
                        uses.contains(m.use()) && s.place().access().keepsOut(m).isEmpty())
                .map(Access.Machine::name)
                .toList();
        String unsure = s.place().access().notKnown().isEmpty()
                ? ""
                : "; access not measured: "
                        + String.join(", ", s.place().access().notKnown());
        return uses.stream().map(Access.Use::words).collect(Collectors.joining(" or "))
                + (in.isEmpty()
                        ? ", none of the crew's gets in or is recorded"
                        : ": " + String.join(", ", in) + unsure);
    }

    private static String room(Verdict v, Situation.StemFacts f) {
        Optional<Double> height = f.reading().height().map(h -> h.high());
        double lengths = v == Verdict.DISMANTLE || v == Verdict.CRANE || v.left() || v == Verdict.SECTION ? 1 : 2;
        if (v == Verdict.SECTION) {
            return "10 m round the saw, and nobody downhill";
        }
        Optional<Double> ring = lengths > 1 ? f.lay().map(l -> l.zone().exclusionM()) : Optional.empty();
        return ring.or(() -> height.map(h -> h * lengths))
                .map(m -> Math.round(Rounding.up(m, 0)) + " m round the stem " + (v.left() ? "closed off" : "empty"))
                .orElse("height not known: twice the tallest guess");
    }
}
