package org.antevid.app.demo;

import java.util.List;
import java.util.Optional;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.Landing;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.outcome.SectorFound;
import org.antevid.core.outcome.StrapFound;
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
     * @param hingeOffM of the hinge left and right, against what was briefed; empty where nobody read it
     * @param notchLineDeg off the lay, right positive; empty where nobody sighted it
     * @param sectors what the wood looked like
     */
    record Told(
            double missDeg,
            double beyondM,
            MeasuredBy by,
            Control control,
            List<Double> hingeOffM,
            Optional<Double> notchLineDeg,
            List<SectorFound> sectors,
            Optional<StrapFound> strap,
            Landing landing,
            String words) {
        private static Told of(double missDeg, double beyondM, MeasuredBy by, Control control, String words) {
            return new Told(
                    missDeg,
                    beyondM,
                    by,
                    control,
                    List.of(),
                    Optional.empty(),
                    List.of(),
                    Optional.empty(),
                    Landing.NONE,
                    words);
        }
    }

    static PastFall of(Species species, double girthM, double heightM, double leanDeg, double layDeg, String sawyer) {
        return new PastFall(species, girthM, heightM, leanDeg, layDeg, sawyer, Optional.empty());
    }

    /** Where it was foreseen, near enough. */
    PastFall fell(double missDeg, double beyondM, MeasuredBy by) {
        return told(Told.of(missDeg, beyondM, by, Control.KEPT, ""));
    }

    PastFall became(Control control, double missDeg, double beyondM, String words) {
        return told(Told.of(missDeg, beyondM, MeasuredBy.TAPE, control, words));
    }

    /** What the stump showed, millimetres thicker than briefed. */
    PastFall stump(double leftMm, double rightMm, double notchLineDeg) {
        Told t = told.orElseThrow();
        return told(new Told(
                t.missDeg,
                t.beyondM,
                t.by,
                t.control,
                List.of(leftMm / 1000, rightMm / 1000),
                Optional.of(notchLineDeg),
                t.sectors,
                t.strap,
                t.landing,
                t.words));
    }

    /** What the wood looked like at both ends of the hinge, how the strap let go, and how it came down. */
    PastFall looking(SectorFound.Fibre left, SectorFound.Fibre right, StrapFound strap, Landing landing) {
        Told t = told.orElseThrow();
        return told(new Told(
                t.missDeg,
                t.beyondM,
                t.by,
                t.control,
                t.hingeOffM,
                t.notchLineDeg,
                List.of(
                        new SectorFound(SectorFound.Sector.HINGE_LEFT, left),
                        new SectorFound(SectorFound.Sector.HINGE_RIGHT, right)),
                Optional.of(strap),
                landing,
                t.words));
    }

    PastFall saying(String words) {
        Told t = told.orElseThrow();
        return told(new Told(
                t.missDeg,
                t.beyondM,
                t.by,
                t.control,
                t.hingeOffM,
                t.notchLineDeg,
                t.sectors,
                t.strap,
                t.landing,
                words));
    }

    private PastFall told(Told t) {
        return new PastFall(species, girthM, heightM, leanDeg, layDeg, sawyer, Optional.of(t));
    }
}
