package org.antevid.core.takedown.pieces;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.MissingFact;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;

/**
 * Whether anybody may be up there, from the records. Practice rules. What nobody looked at is not known, and that is
 * never whole.
 *
 * @param climbToM nobody is tied in or climbs above it; empty: no such limit
 * @param rigToM nothing is rigged above it
 * @param reasons what says so, the strictest first
 */
public record Aloft(Allowed allowed, Optional<Double> climbToM, Optional<Double> rigToM, List<Reason> reasons) {
    /** A limit lies this far below where the fault begins (judgement). */
    private static final double BELOW_FAULT_M = 0.5;

    /** With less than this to stand on nobody climbs it (judgement). */
    private static final double WORTH_CLIMBING_M = 3;

    private static final double SOUND_WALL = 0.30;
    private static final double THIN_WALL = 0.15;

    private static final Set<DefectKind> SPLITS =
            Set.of(DefectKind.CRACK, DefectKind.SPLIT_UNION, DefectKind.INCLUDED_BARK, DefectKind.LIGHTNING_SCAR);
    private static final Set<DefectKind> ROTS = Set.of(
            DefectKind.CAVITY,
            DefectKind.DECAY_POCKET,
            DefectKind.FUNGUS,
            DefectKind.SWOLLEN_BASE,
            DefectKind.FIRE_SCAR,
            DefectKind.INSECTS,
            DefectKind.LOOSE_BARK);

    /** Where somebody may be, the least strict first. */
    public enum Allowed {
        WHOLE_TREE,
        UP_TO,
        /** Tied in to another tree or a crane only. */
        OTHER_ANCHOR,
        /** Nobody can say before what is missing is measured or looked at. */
        NOT_KNOWN,
        /** From a platform or basket. */
        PLATFORM,
        /** Picked from outside. */
        NOBODY,
        LEAVE;

        public boolean stricterThan(Allowed other) {
            return compareTo(other) > 0;
        }

        /** @return what somebody may say of a tree: that it is not known is no answer */
        public static List<Allowed> sayable() {
            return Stream.of(values()).filter(a -> a != NOT_KNOWN).toList();
        }
    }

    /** What a reason is about. */
    public enum Why {
        PLATE_LIFTED,
        SOIL_CRACKED,
        ROOTS_CUT,
        BROKEN_AT_FOOT,
        DOES_NOT_STAND,
        SPLIT,
        HEALED_SPLIT,
        ROT_AT_FOOT,
        ROT_ALOFT,
        THIN_SHELL,
        WOOD_DEAD,
        WOOD_BAD,
        WOOD_NOT_SEEN,
        DIAMETER_NOT_MEASURED,
        HEIGHT_NOT_MEASURED,
        LEAN_NOT_MEASURED
    }

    /**
     * @param fault what it is about; empty: the stem
     * @param fromM lower end of the fault
     * @param known whether somebody looked; not known counts as bad
     */
    public record Reason(
            Why why,
            Optional<DefectKind> fault,
            Optional<Double> fromM,
            boolean known,
            Allowed allows,
            Optional<Double> climbToM,
            Optional<Double> rigToM) {}

    /** @return who may be up there by what is recorded, and by what is not */
    public static Aloft of(StemReading r) {
        return of(r, CutFigure.missing(r).stream().flatMap(m -> why(m).stream()));
    }

    /** @return what the faults, the wood and the plate allow, whatever of its measures is missing */
    static Aloft asItStands(StemReading r) {
        return of(r, Stream.empty());
    }

    private static Aloft of(StemReading r, Stream<Why> notMeasured) {
        List<Reason> reasons = new ArrayList<>();
        notMeasured.forEach(w -> reasons.add(plain(w, false, Allowed.NOT_KNOWN)));
        if (r.state() != StemState.STANDING && r.state() != StemState.SET_UP_AGAIN) {
            reasons.add(plain(Why.DOES_NOT_STAND, true, Allowed.NOBODY));
        }
        if (r.more().heave().filter(h -> h.value() > 0).isPresent()) {
            reasons.add(plain(Why.PLATE_LIFTED, true, Allowed.NOBODY));
        }
        Condition outer = r.wood().outer();
        if (outer == Condition.UNSEEN) {
            reasons.add(plain(Why.WOOD_NOT_SEEN, false, Allowed.NOT_KNOWN));
        } else if (outer == Condition.DEAD_RECENT) {
            reasons.add(plain(Why.WOOD_DEAD, true, Allowed.OTHER_ANCHOR));
        } else if (outer.rotten()) {
            reasons.add(plain(Why.WOOD_BAD, true, Allowed.PLATFORM));
        }
        r.defects().forEach(d -> fault(r, d).ifPresent(reasons::add));
        reasons.sort(Comparator.comparing(Reason::allows)
                .reversed()
                .thenComparing(x -> x.climbToM.orElse(x.rigToM.orElse(0.0))));
        return new Aloft(
                reasons.stream()
                        .map(Reason::allows)
                        .max(Comparator.naturalOrder())
                        .orElse(Allowed.WHOLE_TREE),
                least(reasons.stream().map(Reason::climbToM)),
                least(reasons.stream().map(Reason::rigToM)),
                List.copyOf(reasons));
    }

    private static Optional<Why> why(MissingFact m) {
        return switch (m) {
            case DIAMETER -> Optional.of(Why.DIAMETER_NOT_MEASURED);
            case HEIGHT -> Optional.of(Why.HEIGHT_NOT_MEASURED);
            case LEAN -> Optional.of(Why.LEAN_NOT_MEASURED);
            // the wood speaks for itself; the crown is drawn
            case WOOD, CROWN -> Optional.empty();
        };
    }

    private static Optional<Double> least(Stream<Optional<Double>> all) {
        return all.flatMap(Optional::stream).min(Comparator.naturalOrder());
    }

    private static Reason plain(Why why, boolean known, Allowed allows) {
        return new Reason(why, Optional.empty(), Optional.empty(), known, allows, Optional.empty(), Optional.empty());
    }

    private static Optional<Reason> fault(StemReading r, Defect d) {
        return switch (d.kind()) {
            case LIFTED_ROOT_PLATE -> about(d, Why.PLATE_LIFTED, true, Allowed.NOBODY);
            case BROKEN_BASE -> about(d, Why.BROKEN_AT_FOOT, true, Allowed.NOBODY);
            case CUT_ROOTS -> about(d, Why.ROOTS_CUT, true, Allowed.PLATFORM);
            case SOIL_CRACKS ->
                d.tellsGood()
                        ? Optional.empty()
                        : about(d, Why.SOIL_CRACKED, d.tellsBad(), d.tellsBad() ? Allowed.NOBODY : Allowed.PLATFORM);
            default ->
                SPLITS.contains(d.kind())
                        ? Optional.of(split(d))
                        : ROTS.contains(d.kind()) ? rot(r, d) : Optional.empty();
        };
    }

    private static Optional<Reason> about(Defect d, Why why, boolean known, Allowed allows) {
        return Optional.of(new Reason(
                why, Optional.of(d.kind()), Optional.of(d.fromM()), known, allows, Optional.empty(), Optional.empty()));
    }

    /** Nothing is rigged above a split and nobody ties in above one, healed or not. */
    private static Reason split(Defect d) {
        double to = Math.max(0, d.fromM() - BELOW_FAULT_M);
        boolean healed = d.tellsGood();
        Allowed allows = healed ? Allowed.OTHER_ANCHOR : to < WORTH_CLIMBING_M ? Allowed.PLATFORM : Allowed.UP_TO;
        return new Reason(
                healed ? Why.HEALED_SPLIT : Why.SPLIT,
                Optional.of(d.kind()),
                Optional.of(d.fromM()),
                !d.tells().isEmpty(),
                allows,
                Optional.of(to).filter(t -> !healed),
                Optional.of(to));
    }

    private static Optional<Reason> rot(StemReading r, Defect d) {
        if (d.tellsGood()) {
            return Optional.empty();
        }
        Optional<Double> shell = shell(r, d);
        if (shell.filter(s -> s >= SOUND_WALL).isPresent()) {
            return Optional.empty();
        }
        boolean thin = shell.filter(s -> s >= THIN_WALL).isPresent();
        boolean foot = d.atTheHinge();
        double to = Math.max(0, d.fromM() - BELOW_FAULT_M);
        Allowed allows = thin ? Allowed.OTHER_ANCHOR : foot || to < WORTH_CLIMBING_M ? Allowed.PLATFORM : Allowed.UP_TO;
        return Optional.of(new Reason(
                thin ? Why.THIN_SHELL : foot ? Why.ROT_AT_FOOT : Why.ROT_ALOFT,
                Optional.of(d.kind()),
                Optional.of(d.fromM()),
                shell.isPresent(),
                allows,
                Optional.of(to).filter(t -> !thin && !foot),
                Optional.of(to).filter(t -> !thin)));
    }

    /** @return thinnest probed wall over the radius; empty where nobody probed */
    private static Optional<Double> shell(StemReading r, Defect d) {
        if (CutFigure.missing(r).isEmpty()) {
            CutFigure figure = CutFigure.of(r, List.of());
            return figure.weak().stream()
                    .filter(w -> w.defectId().filter(d.id()::equals).isPresent())
                    .flatMap(w -> w.wood().wallM().map(t -> t / (w.wood().diameterM() / 2)).stream())
                    .min(Comparator.naturalOrder());
        }
        return Optional.empty();
    }

    /**
     * @return as the leader says it; where that is less strict the limits of climbing fall too, those of rigging stay
     */
    public Aloft said(Allowed other) {
        return new Aloft(other, allowed.stricterThan(other) ? Optional.empty() : climbToM, rigToM, reasons);
    }

    /** @return whether somebody may be there in a tree that is climbed */
    public boolean climbed(double atM) {
        return allowed.compareTo(Allowed.NOT_KNOWN) < 0
                && climbToM.filter(to -> atM > to).isEmpty();
    }
}
