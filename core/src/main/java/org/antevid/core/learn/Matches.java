package org.antevid.core.learn;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.Means;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stump.School;

/**
 * The work a lesson is told at: every part that is said must be met. Nothing said matches every stem.
 *
 * @param wood of the hinge
 * @param defect told where it is recorded
 */
public record Matches(
        Optional<Species> species,
        Optional<Condition> wood,
        Optional<Means.Kind> means,
        Optional<School> school,
        Optional<DefectKind> defect) {
    public static final Matches ALL =
            new Matches(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /**
     * A stem that is to be cut.
     *
     * @param wood of the hinge; what is not known rules nothing out, here and in what follows
     * @param means empty while no lay is chosen
     * @param defects as they are recorded
     */
    public record Work(
            Species species,
            Optional<Condition> wood,
            Optional<Means.Kind> means,
            Optional<School> school,
            Set<DefectKind> defects) {}

    /** @return the kinds of fault of this stem, in the order they are recorded */
    public static Set<DefectKind> defects(StemReading stem) {
        return stem.defects().stream().map(Defect::kind).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /**
     * One that is down still tells: whether a lesson helped is said after the fall.
     *
     * @return the cutting of this stem as it is or was planned; empty of one that is kept
     */
    public static Optional<Work> work(StemReading stem, Optional<LayChoice> choice) {
        return stem.toBeKept()
                ? Optional.empty()
                : Optional.of(new Work(
                        stem.species(),
                        Optional.of(choice.map(c -> stem.hingeWood(c.layDeg())).orElseGet(stem::hingeWood)),
                        choice.map(c -> c.means().kind()),
                        choice.map(LayChoice::school),
                        defects(stem)));
    }

    /** @return whether it is told at this work */
    public boolean fits(Work w) {
        return species.filter(s -> s != w.species && w.species != Species.UNKNOWN)
                        .isEmpty()
                && wood.filter(c -> w.wood.filter(x -> x != c).isPresent()).isEmpty()
                && means.filter(m -> w.means.filter(x -> x != m).isPresent()).isEmpty()
                && school.filter(s -> w.school.filter(x -> x != s).isPresent()).isEmpty()
                && defect.filter(d -> !w.defects.contains(d)).isEmpty();
    }
}
