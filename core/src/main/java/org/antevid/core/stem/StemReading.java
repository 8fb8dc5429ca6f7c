package org.antevid.core.stem;

import java.util.ArrayList;
import java.util.Comparator;
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
 * @param wood         recorded condition of the wood at the cut
 * @param toBeKept     the stem is not to be cut
 */
public record StemReading(String label, Species species, StemState state, Spot at, Optional<Estimate> dbh, Optional<Estimate> height,
                          Optional<Lean> lean, Optional<Double> crownRadiusM, Condition wood, StemMass.Shape shape, StemMass.Crown crown,
                          List<Defect> defects, boolean toBeKept) {
    public StemReading {
        defects = List.copyOf(defects);
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

    /** @return the worst of the recorded condition and what the faults at the cut make of it */
    public Condition hingeWood() {
        return Stream.concat(Stream.of(wood), defects.stream().filter(Defect::atTheHinge).flatMap(d -> d.kind().atTheHinge().stream()))
            .min(Comparator.comparingDouble(Condition::factor)).orElse(wood);
    }

    /** @return whether its top or wood is brash, so that more is thrown when it lands (judgement) */
    public boolean brash() {
        return hingeWood().factor() < 0.7 || defects.stream().anyMatch(d -> d.kind() == DefectKind.DEAD_TOP || d.kind() == DefectKind.HANGING_LIMB);
    }

    public Optional<StemMass> mass(double cutHeightM) {
        return dbh.flatMap(d -> height.map(h -> StemMass.of(StemMass.Tree.whole(species, d, h, cutHeightM, shape, crown))));
    }
}
