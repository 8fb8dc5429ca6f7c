package org.antevid.core.judge.verdict;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.core.crew.Competence;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.stem.HeavedPlate;
import org.antevid.core.lay.dial.Dial;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.site.Access;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.NotFelled;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Verdict;
import org.antevid.core.tangle.GuardRing;

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
            List<Message> against,
            List<Message> first,
            int people,
            List<Competence> competences,
            List<Competence> missing,
            Message machines,
            Message room) {
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
        List<Message> against = new ArrayList<>(against(v, f, s));
        if (lays.closed()) {
            against.add(
                    Message.of(v == Verdict.FELL_FROM_GROUND ? Exclusion.NO_FREE_LAY : Exclusion.NO_FREE_LAY_PULLED));
        }
        List<Competence> needed = competences(v);
        Set<Competence> here =
                s.people().stream().flatMap(p -> p.competences().stream()).collect(Collectors.toSet());
        List<Competence> missing =
                needed.stream().filter(c -> !here.contains(c)).toList();
        List<Message> first = new ArrayList<>();
        if (v.felled()) {
            f.reading()
                    .notKnown()
                    .forEach(x -> first.add(Message.of(Need.MEASURE).with("what", Arg.term(x))));
            if (lays.onlyUncertain()) {
                first.add(Message.of(Need.MEASURE_LEAN));
            }
        }
        return new Option(
                v, List.copyOf(against), List.copyOf(first), people(v), needed, missing, machines(v, s), room(v, f, s));
    }

    /** @return why this way is excluded for this stem as things stand, whatever the lay */
    public static List<Message> against(Verdict v, Situation.StemFacts f, Situation s) {
        StemReading r = f.reading();
        List<Message> why = new ArrayList<>();
        switch (v) {
            case FELL_FROM_GROUND, FELL_WITH_PULL -> {
                if (r.state() == StemState.HUNG) {
                    why.add(Message.of(Exclusion.HANGS));
                }
                if (r.state() == StemState.LYING) {
                    why.add(Message.of(Exclusion.LIES));
                }
                r.notFelled()
                        .filter(n -> n == NotFelled.BROKEN_AT_BASE)
                        .ifPresent(n -> why.add(Message.of(Exclusion.BROKEN_AT_BASE)));
                unreliable(r)
                        .forEach(d -> why.add(Message.of(Exclusion.NO_HINGE)
                                .with("kind", Arg.term(d.kind()))
                                .with("at", Arg.of(Dimension.LENGTH, d.fromM()))));
                if (r.wood().outer() == Condition.UNRELIABLE) {
                    why.add(Message.of(Exclusion.WOOD_UNRELIABLE));
                }
                rootsMoved(r).ifPresent(w -> why.add(Message.of(w)));
                if (v == Verdict.FELL_WITH_PULL
                        && s.place().machines().stream()
                                .filter(m -> m.pullN().isPresent())
                                .allMatch(m -> !s.place().access().keepsOut(m).isEmpty())
                        && s.place().machines().stream().anyMatch(m -> m.pullN().isPresent())) {
                    why.add(Message.of(Exclusion.NO_WINCH_GETS_IN));
                }
            }
            case SECTION -> {
                if (r.state() != StemState.LYING) {
                    why.add(Message.of(Exclusion.NOT_ON_THE_GROUND));
                }
            }
            case DISMANTLE -> {
                notClimbed(r).forEach(why::add);
                missingPeople(s, Competence.CLIMB, Competence.RESCUE).ifPresent(why::add);
            }
            case CRANE -> why.addAll(machine(s, Access.Use.CRANE));
            case MACHINE_ONLY -> {
                if (Stream.of(Access.Use.FELLING, Access.Use.WINCH)
                        .noneMatch(u -> machine(s, u).isEmpty())) {
                    why.add(Message.of(Exclusion.NO_MACHINE_GETS_IN));
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

    private static Optional<Exclusion> rootsMoved(StemReading r) {
        boolean cracks =
                r.defect(DefectKind.SOIL_CRACKS).filter(Defect::tellsBad).isPresent();
        return cracks
                ? Optional.of(Exclusion.GROUND_MOVED)
                : r.more().heave().filter(h -> h.high() >= HeavedPlate.HEAVED_M).map(h -> Exclusion.PLATE_LIFTED);
    }

    private static List<Message> notClimbed(StemReading r) {
        Set<Message> why = new LinkedHashSet<>();
        for (Defect d : r.defects()) {
            switch (d.kind()) {
                case CRACK, SPLIT_UNION, LIFTED_ROOT_PLATE, BROKEN_BASE, CUT_ROOTS, PREVIOUS_CUTS, LIGHTNING_SCAR ->
                    why.add(Message.of(Exclusion.NOT_CLIMBED).with("kind", Arg.term(d.kind())));
                default -> {}
            }
        }
        if (r.state() == StemState.HUNG) {
            why.add(Message.of(Exclusion.HUNG_NOT_CLIMBED));
        }
        if (r.state() == StemState.LYING) {
            why.add(Message.of(Exclusion.LIES));
        }
        if (r.wood().crown().factor() <= 0.3 || r.wood().outer().factor() <= 0.3) {
            why.add(Message.of(Exclusion.WOOD_HOLDS_NO_CLIMBER));
        }
        rootsMoved(r)
                .map(w -> w == Exclusion.GROUND_MOVED
                        ? Exclusion.GROUND_MOVED_NOT_CLIMBED
                        : Exclusion.PLATE_LIFTED_NOT_CLIMBED)
                .ifPresent(w -> why.add(Message.of(w)));
        return List.copyOf(why);
    }

    private static Optional<Message> missingPeople(Situation s, Competence... needed) {
        List<Competence> nobody = Stream.of(needed)
                .filter(c -> s.people().stream().noneMatch(p -> p.competences().contains(c)))
                .toList();
        return nobody.isEmpty()
                ? Optional.empty()
                : Optional.of(Message.of(Exclusion.NOBODY_COMPETENT).with("competences", Arg.terms(nobody)));
    }

    private static List<Message> machine(Situation s, Access.Use use) {
        List<Access.Machine> have =
                s.place().machines().stream().filter(m -> m.use() == use).toList();
        if (have.isEmpty()) {
            return List.of(Message.of(Exclusion.NO_SUCH_MACHINE).with("use", Arg.term(use)));
        }
        List<Message> out = have.stream()
                .flatMap(m -> s.place().access().keepsOut(m).stream())
                .toList();
        return have.stream().anyMatch(m -> s.place().access().keepsOut(m).isEmpty()) ? List.of() : out;
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

    private static Message machines(Verdict v, Situation s) {
        List<Access.Use> uses =
                switch (v) {
                    case FELL_WITH_PULL -> List.of(Access.Use.WINCH);
                    case CRANE -> List.of(Access.Use.CRANE);
                    case MACHINE_ONLY -> List.of(Access.Use.FELLING, Access.Use.WINCH);
                    case FELL_FROM_GROUND, SECTION, DISMANTLE, LEAVE_AND_CLOSE, WALK_AWAY -> List.of();
                };
        if (uses.isEmpty()) {
            return Message.of(Need.NO_MACHINE);
        }
        List<String> in = s.place().machines().stream()
                .filter(m ->
                        uses.contains(m.use()) && s.place().access().keepsOut(m).isEmpty())
                .map(Access.Machine::name)
                .toList();
        List<Access.Measure> unsure = s.place().access().notKnown();
        return Message.of(in.isEmpty() ? Need.MACHINE_NOT_THERE : Need.MACHINE_THERE)
                .with("uses", new Arg.Several(uses.stream().map(Arg::term).toList(), Arg.Joint.OR))
                .with("names", Arg.names(in))
                .with("unmeasured", unsure.isEmpty() ? Optional.empty() : Optional.of(Arg.terms(unsure)));
    }

    private static Message room(Verdict v, Situation.StemFacts f, Situation s) {
        if (v == Verdict.SECTION) {
            return Message.of(Need.ROOM_SECTION);
        }
        double lengths = v == Verdict.DISMANTLE || v == Verdict.CRANE || v.left() ? 1 : 2;
        Optional<Double> ring = lengths > 1 ? f.lay().map(l -> l.zone().exclusionM()) : Optional.empty();
        // what hangs, lies or stands tilted has one ring, whatever is done with it but felling it
        Optional<GuardRing> guarded = Optional.ofNullable(s.rings().get(f.label()))
                .filter(g -> f.reading().notFelled().isPresent() || v.left());
        if (guarded.isPresent()) {
            ring = guarded.get().reachM();
            if (ring.isEmpty()) {
                return Message.of(guarded.get().wholeSlope() ? Need.ROOM_WHOLE_SLOPE : Need.ROOM_NOT_KNOWN);
            }
        }
        return ring.or(() -> f.reading().height().map(h -> h.high() * lengths))
                .map(m -> Message.of(v.left() ? Need.ROOM_CLOSED : Need.ROOM_EMPTY)
                        .with("round", Arg.up(Dimension.DISTANCE, m)))
                .orElseGet(() -> Message.of(Need.ROOM_NOT_KNOWN));
    }
}
