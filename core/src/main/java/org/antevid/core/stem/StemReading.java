package org.antevid.core.stem;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Spot;

/**
 * What is known of a stem after combining its sightings. Anything empty is not known and stays so: no default takes its place.
 *
 * @param at           stump
 * @param dbh          diameter at 1.3 m, metres
 * @param height       metres above ground
 * @param crownRadiusM largest crown radius, metres
 * @param wood         recorded condition of the wood by place
 * @param toBeKept     the stem is not to be cut
 * @param more         what only some stems have
 */
public record StemReading(String label, Species species, StemState state, Spot at, Optional<Estimate> dbh, Optional<Estimate> height,
                          Optional<Lean> lean, Optional<Double> crownRadiusM, Wood wood, StemMass.Shape shape, StemMass.Crown crown,
                          List<Defect> defects, boolean toBeKept, More more) {
    public StemReading {
        defects = List.copyOf(defects);
    }

    /** The wood in one condition throughout, nothing else known. */
    public StemReading(String label, Species species, StemState state, Spot at, Optional<Estimate> dbh, Optional<Estimate> height, Optional<Lean> lean,
                       Optional<Double> crownRadiusM, Condition wood, StemMass.Shape shape, StemMass.Crown crown, List<Defect> defects, boolean toBeKept) {
        this(label, species, state, at, dbh, height, lean, crownRadiusM, Wood.all(wood), shape, crown, defects, toBeKept, More.NOTHING);
    }

    /**
     * What only some stems have.
     *
     * @param crownOffset  middle of the crown against the stem
     * @param walls        probed walls
     * @param heave        lift of the root plate, metres
     * @param union        where it joins other stems
     * @param contradictions what its sightings contradict each other in, in words
     * @param waiting      sightings of the crew that the leader has not looked at
     */
    public record More(Optional<CrownOffset> crownOffset, List<FieldBook.Wall> walls, Optional<Estimate> heave, Optional<Union> union, List<String> contradictions, int waiting) {
        public static final More NOTHING = new More(Optional.empty(), List.of(), Optional.empty(), Optional.empty(), List.of(), 0);

        public More {
            walls = List.copyOf(walls);
            contradictions = List.copyOf(contradictions);
        }
    }

    /** Stems that stand on one stump. @param heightM where they part, metres above ground */
    public record Union(List<String> others, double heightM) {
        public Union {
            others = List.copyOf(others);
        }
    }

    /** @return the same stem with other estimates */
    public StemReading with(Optional<Estimate> otherDbh, Optional<Estimate> otherHeight, Optional<Lean> otherLean, Optional<Double> otherCrownM) {
        return new StemReading(label, species, state, at, otherDbh, otherHeight, otherLean, otherCrownM, wood, shape, crown, defects, toBeKept, more);
    }

    /** @return what must still be measured before a reach can be computed, in words */
    public List<String> notKnown() {
        List<String> missing = new ArrayList<>();
        if (dbh.isEmpty()) {
            missing.add("diameter");
        }
        if (height.isEmpty()) {
            missing.add("height");
        }
        if (crownRadiusM.isEmpty()) {
            missing.add("crown radius");
        }
        return missing;
    }

    /** @return the worst of the outer wood and what the faults at the cut make of it, whatever the lay */
    public Condition hingeWood() {
        return Stream.concat(Stream.of(wood.outer()), atTheHinge().flatMap(d -> d.kind().atTheHinge().stream())).reduce(Wood::worst).orElseThrow();
    }

    /**
     * @return the wood the hinge of this lay is made of: the recorded corners, and decayed where a fault at the cut may have made it so and three
     *     probes, both corners among them, do not show otherwise. What the probes leave of the hinge is {@link Probes}' matter.
     */
    public Condition hingeWood(double layDeg) {
        boolean probed = Probes.covers(more.walls, layDeg);
        return Stream.concat(Stream.of(wood.corners(layDeg)), atTheHinge().flatMap(d -> d.kind().atTheHinge().stream()).filter(c -> !probed || c != Condition.DECAYED))
            .reduce(Wood::worst).orElseThrow();
    }

    private Stream<Defect> atTheHinge() {
        return defects.stream().filter(Defect::atTheHinge).filter(d -> !d.tellsGood());
    }

    /** @return whether its top or wood is brash, so that more is thrown when it lands (judgement) */
    public boolean brash() {
        return hingeWood().factor() < 0.7 || wood.crown().factor() < 0.7 || defects.stream().anyMatch(d -> d.kind() == DefectKind.DEAD_TOP || d.kind() == DefectKind.HANGING_LIMB);
    }

    /** @return the first fault of this kind */
    public Optional<Defect> defect(DefectKind kind) {
        return defects.stream().filter(d -> d.kind() == kind).findFirst();
    }

    public Optional<StemMass> mass(double cutHeightM) {
        return dbh.flatMap(d -> height.map(h -> StemMass.of(StemMass.Tree.whole(species, d, h, cutHeightM, shape, crown))));
    }
}
