package org.antevid.core.stem;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Spot;

/**
 * What is known of a stem after combining its sightings. Anything empty is not known and stays so: no default takes its
 * place.
 *
 * @param at stump
 * @param dbh diameter at 1.3 m, metres
 * @param height metres above ground
 * @param crownRadiusM largest crown radius, metres
 * @param wood recorded condition of the wood by place
 * @param toBeKept the stem is not to be cut
 * @param more what only some stems have
 */
public record StemReading(
        String label,
        Species species,
        StemState state,
        Spot at,
        Optional<Estimate> dbh,
        Optional<Estimate> height,
        Optional<Lean> lean,
        Optional<Double> crownRadiusM,
        Wood wood,
        StemMass.Shape shape,
        StemMass.Crown crown,
        List<Defect> defects,
        boolean toBeKept,
        More more) {
    public StemReading {
        defects = List.copyOf(defects);
    }

    /** The wood in one condition throughout, nothing else known. */
    public StemReading(
            String label,
            Species species,
            StemState state,
            Spot at,
            Optional<Estimate> dbh,
            Optional<Estimate> height,
            Optional<Lean> lean,
            Optional<Double> crownRadiusM,
            Condition wood,
            StemMass.Shape shape,
            StemMass.Crown crown,
            List<Defect> defects,
            boolean toBeKept) {
        this(
                label,
                species,
                state,
                at,
                dbh,
                height,
                lean,
                crownRadiusM,
                Wood.all(wood),
                shape,
                crown,
                defects,
                toBeKept,
                More.NOTHING);
    }

    /**
     * What only some stems have.
     *
     * @param crownOffset middle of the crown against the stem
     * @param walls probed walls
     * @param heave lift of the root plate, metres
     * @param union where it joins other stems
     * @param contradictions what its sightings contradict each other in
     * @param waiting sightings of the crew that the leader has not looked at
     * @param crownBaseM where the crown begins, metres above ground
     * @param ownWood figures of the house for its species, where it has set some
     * @param weighed what weights of earlier stems of its species say
     */
    public record More(
            Optional<CrownOffset> crownOffset,
            List<FieldBook.Wall> walls,
            Optional<Estimate> heave,
            Optional<Union> union,
            List<Message> contradictions,
            int waiting,
            Optional<Double> crownBaseM,
            Optional<GreenWood> ownWood,
            WeighedBefore weighed) {
        public static final More NOTHING =
                new More(Optional.empty(), List.of(), Optional.empty(), Optional.empty(), List.of(), 0);

        public More(
                Optional<CrownOffset> crownOffset,
                List<FieldBook.Wall> walls,
                Optional<Estimate> heave,
                Optional<Union> union,
                List<Message> contradictions,
                int waiting) {
            this(
                    crownOffset,
                    walls,
                    heave,
                    union,
                    contradictions,
                    waiting,
                    Optional.empty(),
                    Optional.empty(),
                    WeighedBefore.NOTHING);
        }

        More with(Optional<GreenWood> otherWood, WeighedBefore other) {
            return new More(crownOffset, walls, heave, union, contradictions, waiting, crownBaseM, otherWood, other);
        }

        public More {
            walls = List.copyOf(walls);
            contradictions = List.copyOf(contradictions);
        }
    }

    /**
     * Stems that stand on one stump.
     *
     * @param heightM where they part, metres above ground
     */
    public record Union(List<String> others, double heightM) {
        public Union {
            others = List.copyOf(others);
        }
    }

    /** A fault on this side of the lay is in the notch, and goes with it. */
    private static final double FRONT_DEG = 30;

    private static final double SIDE_DEG = 120;
    private static final double BACK_DEG = 150;

    /** @return the same stem with other estimates */
    public StemReading with(
            Optional<Estimate> otherDbh,
            Optional<Estimate> otherHeight,
            Optional<Lean> otherLean,
            Optional<Double> otherCrownM) {
        return new StemReading(
                label,
                species,
                state,
                at,
                otherDbh,
                otherHeight,
                otherLean,
                otherCrownM,
                wood,
                shape,
                crown,
                defects,
                toBeKept,
                more);
    }

    /** @return the same stem with what weights of earlier ones say */
    public StemReading weighed(WeighedBefore before) {
        return of(species, more.with(more.ownWood, before));
    }

    /** @return the same stem taken for another species, with the house's figures and weights for that one */
    public StemReading as(Species other, Optional<GreenWood> ownWood, WeighedBefore before) {
        return of(other, more.with(ownWood, before));
    }

    private StemReading of(Species other, More otherMore) {
        return new StemReading(
                label,
                other,
                state,
                at,
                dbh,
                height,
                lean,
                crownRadiusM,
                wood,
                shape,
                crown,
                defects,
                toBeKept,
                otherMore);
    }

    /**
     * @return the same best values known as well as usual measuring would make them, for asking whether it is only the
     *     uncertainty that stands against it
     */
    public StemReading asIfMeasured() {
        return with(
                dbh,
                height.map(h -> new Estimate(h.value(), Math.min(h.sigma(), MEASURED_HEIGHT_REL * h.value()))),
                lean.map(l -> new Lean(l.deg(), l.azimuthDeg(), Math.min(l.sigmaDeg(), MEASURED_LEAN_DEG))),
                crownRadiusM);
    }

    private static final double MEASURED_HEIGHT_REL = 0.02;
    private static final double MEASURED_LEAN_DEG = 0.3;

    /** @return what must still be measured or looked at before a reach can be computed */
    public List<MissingFact> notKnown() {
        List<MissingFact> missing = new ArrayList<>();
        if (dbh.isEmpty()) {
            missing.add(MissingFact.DIAMETER);
        }
        if (height.isEmpty()) {
            missing.add(MissingFact.HEIGHT);
        }
        if (crownRadiusM.isEmpty()) {
            missing.add(MissingFact.CROWN);
        }
        if (!wood.seen()) {
            missing.add(MissingFact.WOOD);
        }
        return missing;
    }

    /** @return the worst of the outer wood and what the faults at the cut make of it, whatever the lay */
    public Condition hingeWood() {
        return Stream.concat(Stream.of(wood.outer()), atTheHinge().flatMap(d -> d.kind().atTheHinge().stream()))
                .reduce(Wood::worst)
                .orElseThrow();
    }

    /**
     * @return the wood the hinge of this lay is made of: the recorded corners, and decayed where a fault at the cut may
     *     have made it so and three probes, both corners among them, do not show otherwise. What the probes leave of
     *     the hinge is {@link Probes}' matter.
     */
    public Condition hingeWood(double layDeg) {
        boolean probed = Probes.covers(more.walls, layDeg);
        return Stream.concat(
                        Stream.of(wood.corners(layDeg)),
                        atTheHinge()
                                .flatMap(d -> d.kind().atTheHinge().stream())
                                .filter(c -> !probed || c != Condition.DECAYED))
                .reduce(Wood::worst)
                .orElseThrow();
    }

    private Stream<Defect> atTheHinge() {
        return defects.stream().filter(Defect::atTheHinge).filter(d -> !d.tellsGood());
    }

    /**
     * Wood by where it stands in a cut: a fault that is known to be on one side takes that corner or the back, others
     * the whole.
     *
     * @param left left end of the hinge
     * @param right its right end
     * @param strap wood at the back
     */
    public record Corners(Condition left, Condition right, Condition strap) {
        /** Share of the hinge that goes with a rotten corner (judgement). */
        private static final double LOST = 1.0 / 3;

        public Condition worse() {
            return Wood.worst(left, right);
        }

        public Condition better() {
            return left.factor() >= right.factor() ? left : right;
        }

        /** @return whether only one end is wood that steers */
        public boolean oneRotten() {
            return worse().rotten() && !better().rotten();
        }

        /** @return what the hinge is made of: one rotten corner does not make the other rotten, it takes its share */
        public Condition hinge() {
            return oneRotten() ? better() : worse();
        }

        /** @return side capacity that is left when the rotten corner carries only its own strength, 0..1 */
        public double sideShare() {
            double rest = Math.pow(1 - LOST, 2);
            return oneRotten() ? rest + (1 - rest) * worse().factor() / better().factor() : 1;
        }

        /** @return wood left of the hinge that must be bent, 0..1 */
        public double bendShare() {
            return oneRotten() ? 1 - LOST + LOST * worse().factor() / better().factor() : 1;
        }
    }

    /**
     * @return the wood by place for a lay, with what faults at the cut make of it until three probes, both corners
     *     among them, show otherwise
     */
    public Corners corners(double layDeg) {
        boolean probed = Probes.covers(more.walls, layDeg);
        Condition left = wood.left(layDeg);
        Condition right = wood.right(layDeg);
        Condition strap = wood.strap(layDeg);
        for (Defect d : atTheHinge().toList()) {
            Optional<Condition> makes = d.kind().atTheHinge().filter(c -> !probed || c != Condition.DECAYED);
            if (makes.isEmpty()) {
                continue;
            }
            double turn = Azimuth.turn(layDeg, d.faceDeg());
            boolean local = d.kind().local();
            left = !local || turn < -FRONT_DEG && turn > -BACK_DEG ? Wood.worst(left, makes.get()) : left;
            right = !local || turn > FRONT_DEG && turn < BACK_DEG ? Wood.worst(right, makes.get()) : right;
            strap = !local || Math.abs(turn) > SIDE_DEG ? Wood.worst(strap, makes.get()) : strap;
        }
        return new Corners(left, right, strap);
    }

    /** @return whether its top or wood is brash, so that more is thrown when it lands (judgement) */
    public boolean brash() {
        return hingeWood().factor() < 0.7
                || wood.crown().factor() < 0.7
                || defects.stream()
                        .anyMatch(d -> d.kind() == DefectKind.DEAD_TOP || d.kind() == DefectKind.HANGING_LIMB);
    }

    /** @return the first fault of this kind */
    public Optional<Defect> defect(DefectKind kind) {
        return defects.stream().filter(d -> d.kind() == kind).findFirst();
    }

    /** @return what mass, hinge and splitting are computed with: the house's own figures before the literature's */
    public GreenWood greenWood() {
        return more.ownWood.orElse(species.wood());
    }

    /** @return of its logs, with what earlier ones weighed */
    public PieceMass.Density density() {
        return PieceMass.Density.of(greenWood()).weighed(more.weighed.stemFactor());
    }

    /** @return whether a lay of it can be reckoned: it is measured, and it stands on its foot */
    public boolean canBeLaid() {
        return notKnown().isEmpty() && notFelled().isEmpty();
    }

    /** @return why nobody fells it from its foot; empty for a stem that stands on it, and for one that is down */
    public Optional<NotFelled> notFelled() {
        return switch (state) {
            case HUNG -> Optional.of(NotFelled.HANGS);
            case LYING -> Optional.of(NotFelled.LIES);
            case FELLED, CUT_UP -> Optional.empty();
            case STANDING, SET_UP_AGAIN -> defect(DefectKind.BROKEN_BASE).map(d -> NotFelled.BROKEN_AT_BASE);
        };
    }

    public Optional<StemMass> mass(double cutHeightM) {
        Optional<StemMass> mass = tree(cutHeightM, more.weighed).map(StemMass::of);
        return more.weighed.heavier()
                ? mass.flatMap(m -> tree(cutHeightM, WeighedBefore.NOTHING)
                        .map(t -> m.lowNoMoreThan(StemMass.of(t).massLowKg())))
                : mass;
    }

    /** @return mass of the bare log from here to there above ground; empty while diameter or height is not known */
    public Optional<Double> logKg(double fromM, double toM) {
        return tree(StemMass.USUAL_CUT_M, more.weighed).map(t -> t.logKg(fromM, toM));
    }

    private Optional<StemMass.Tree> tree(double cutHeightM, WeighedBefore weighed) {
        return dbh.flatMap(d -> height.map(h -> StemMass.Tree.whole(greenWood(), d, h, cutHeightM, shape, crown)
                .from(more.crownBaseM.filter(b -> b < h.value()))
                .of(wood.dryness())
                .times(weighed.stemFactor(), weighed.crownFactor())));
    }

    /** @return whether nothing of a crown holds it on a slope: a snag or a stub rolls */
    public boolean limbless() {
        return shape == StemMass.Shape.SNAG || crown == StemMass.Crown.STUB;
    }
}
