package org.antevid.core.learn;

import java.util.Optional;
import org.antevid.core.lay.Means;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stump.School;

/**
 * A fall as it may be given away: no name, no place, no day, no bearing.
 *
 * @param spreadDeg that was foreseen, one sigma
 * @param missDeg right of the predicted direction positive
 * @param alongDeg farther out than expected positive
 */
public record SharedFall(
        Group group,
        Optional<Control> control,
        Optional<MeasuredBy> by,
        Optional<Double> spreadDeg,
        Optional<Double> missDeg,
        Optional<Double> alongDeg) {
    /**
     * What it is told apart by; empty where it was merged with others.
     *
     * @param quarter of the year, 1 to 4
     */
    public record Group(
            Optional<Integer> year,
            Optional<Integer> quarter,
            Optional<Species> species,
            Optional<School> cut,
            Optional<Means.Kind> means,
            Optional<Condition> wood) {}

    SharedFall in(Group other) {
        return new SharedFall(other, control, by, spreadDeg, missDeg, alongDeg);
    }

    /** @return its numbers no finer than they were measured */
    SharedFall rounded() {
        return new SharedFall(
                group,
                control,
                by,
                spreadDeg.map(SharedFall::tenth),
                missDeg.map(SharedFall::tenth),
                alongDeg.map(SharedFall::tenth));
    }

    private static double tenth(double deg) {
        return Math.round(10 * deg) / 10.0;
    }
}
