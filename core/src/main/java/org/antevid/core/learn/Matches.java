package org.antevid.core.learn;

import java.util.Optional;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.Means;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stump.School;

/**
 * The work a lesson is told at: every part that is said must be met. Nothing said matches every stem.
 *
 * @param wood of the hinge
 */
public record Matches(
        Optional<Species> species, Optional<Condition> wood, Optional<Means.Kind> means, Optional<School> school) {
    public static final Matches ALL =
            new Matches(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /**
     * A stem that is to be cut.
     *
     * @param wood of the hinge; what is not known rules nothing out, here and in what follows
     * @param means empty while no lay is chosen
     */
    public record Work(
            Species species, Optional<Condition> wood, Optional<Means.Kind> means, Optional<School> school) {}

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
                        choice.map(LayChoice::school)));
    }

    /** @return whether it is told at this work */
    public boolean fits(Work w) {
        return species.filter(s -> s != w.species && w.species != Species.UNKNOWN)
                        .isEmpty()
                && wood.filter(c -> w.wood.filter(x -> x != c).isPresent()).isEmpty()
                && means.filter(m -> w.means.filter(x -> x != m).isPresent()).isEmpty()
                && school.filter(s -> w.school.filter(x -> x != s).isPresent()).isEmpty();
    }
}
