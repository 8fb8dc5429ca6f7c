package org.antevid.app.demo;

import java.util.List;
import java.util.Optional;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.Landing;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.outcome.SectorFound;
import org.antevid.core.outcome.StrapFound;
import org.antevid.core.outcome.WindFrom;
import org.antevid.core.stem.Species;

/**
 * A made-up tree that was felled, and what came of it.
 *
 * @param leanDeg towards the lay; backwards negative
 * @param sawyer who cut it
 * @param told what was measured afterwards; empty of one nobody measured
 */
record PastFall(
        Species species,
        double girthM,
        double heightM,
        double leanDeg,
        double layDeg,
        String sawyer,
        Optional<Told> told) {
    /**
     * @param missDeg beside where it was foreseen to fall, right positive
     * @param beyondM farther out than the tip was foreseen
     */
    record Told(
            double missDeg, double beyondM, MeasuredBy by, Control control, Read read, Looked looked, String words) {
        private Told with(Read read) {
            return new Told(missDeg, beyondM, by, control, read, looked, words);
        }

        private Told with(Looked looked) {
            return new Told(missDeg, beyondM, by, control, read, looked, words);
        }

        private Told with(String words) {
            return new Told(missDeg, beyondM, by, control, read, looked, words);
        }
    }

    /**
     * What was read off the stump with a rule.
     *
     * @param hingeOffM of the hinge left and right, against what was briefed; empty where nobody read it
     * @param notchLineDeg off the lay, right positive; empty where nobody sighted it
     */
    record Read(List<Double> hingeOffM, Optional<Double> notchLineDeg) {
        private static final Read NOTHING = new Read(List.of(), Optional.empty());
    }

    /**
     * What the stump looked like, and how the stem came down.
     *
     * @param sectors what the wood looked like
     */
    record Looked(List<SectorFound> sectors, Optional<StrapFound> strap, Landing landing, Optional<WindFrom> windFrom) {
        private static final Looked NOT = new Looked(List.of(), Optional.empty(), Landing.NONE, Optional.empty());
    }

    static PastFall of(Species species, double girthM, double heightM, double leanDeg, double layDeg, String sawyer) {
        return new PastFall(species, girthM, heightM, leanDeg, layDeg, sawyer, Optional.empty());
    }

    /** Where it was foreseen, near enough. */
    PastFall fell(double missDeg, double beyondM, MeasuredBy by) {
        return told(new Told(missDeg, beyondM, by, Control.KEPT, Read.NOTHING, Looked.NOT, ""));
    }

    PastFall became(Control control, double missDeg, double beyondM, String words) {
        return told(new Told(missDeg, beyondM, MeasuredBy.TAPE, control, Read.NOTHING, Looked.NOT, words));
    }

    /** What the stump showed, millimetres thicker than briefed. */
    PastFall stump(double leftMm, double rightMm, double notchLineDeg) {
        return told(
                told.orElseThrow().with(new Read(List.of(leftMm / 1000, rightMm / 1000), Optional.of(notchLineDeg))));
    }

    /** What the wood looked like at both ends of the hinge, how the strap let go, and how it came down in what wind. */
    PastFall looking(
            SectorFound.Fibre left, SectorFound.Fibre right, StrapFound strap, Landing landing, WindFrom windFrom) {
        return told(told.orElseThrow()
                .with(new Looked(
                        List.of(
                                new SectorFound(SectorFound.Sector.HINGE_LEFT, left),
                                new SectorFound(SectorFound.Sector.HINGE_RIGHT, right)),
                        Optional.of(strap),
                        landing,
                        Optional.of(windFrom))));
    }

    PastFall saying(String words) {
        return told(told.orElseThrow().with(words));
    }

    private PastFall told(Told t) {
        return new PastFall(species, girthM, heightM, leanDeg, layDeg, sawyer, Optional.of(t));
    }
}
