package org.antevid.core.tangle.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;

/**
 * A thrown tree cut up piece by piece: after which piece the stump can stand up, and what holds it down.
 *
 * @param rows before the first and after each piece
 * @param firstUnsafeAfterCut pieces removed at which it no longer stays; 0: hold it before the first cut; empty: never
 * @param minStubM what has to stay on the plate
 */
public record FallenPlate(
        List<Row> rows,
        Optional<Integer> firstUnsafeAfterCut,
        double minStubM,
        double zoneBehindM,
        double zoneFrontM,
        double plateLowKg,
        double plateHighKg,
        double armPlateHighM,
        double armPlateLowM,
        List<Warning> warnings) {
    /** Hold over need from which the plate stays (practice rule). */
    static final double STAYS_RATIO = 1.5;

    private static final double LEAST_ARM_M = 0.2;

    /** Warnings of a fallen plate. */
    public enum Warning {
        PLATE_CAN_FALL_FORWARD_ONTO_THE_STEM,
        UP_MOMENT_CAPPED_BY_OBSERVATION
    }

    /** What the plate does. */
    public enum State {
        STAYS,
        /** hold it */
        UNCERTAIN,
        MAY_STAND_UP,
        /** even with the best values */
        STANDS_UP;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * After so many pieces; N m, N.
     *
     * @param ratio of what keeps it down to what stands it up, empty where nothing does
     * @param holdDownN a machine has to hold it down with; empty without a place for it, or without an arm there
     * @param setBackN to press it back
     * @param plateRopeN a line on the plate has to hold it with
     */
    public record Row(
            int removed,
            double downLowNm,
            double downHighNm,
            double upLowNm,
            double upHighNm,
            Optional<Double> ratio,
            State state,
            Optional<Double> holdDownN,
            Optional<Double> setBackN,
            Optional<Double> plateRopeN) {}

    /** A line on the plate toward the lay: height above and distance from the lee edge, angle below level. */
    public record PlateRope(double heightM, double distanceM, double angleDeg) {}

    /**
     * @param pieces in the order of removal, the stub that stays last
     * @param heldByOthers something is wedged on or under the tree, or its tip is not free
     * @param holdXM where a machine presses or lifts, along the stem
     */
    public static FallenPlate of(
            RootPlate plate,
            List<RootPlate.Piece> pieces,
            boolean heldByOthers,
            Optional<Double> holdXM,
            Optional<PlateRope> rope) {
        if (pieces.isEmpty()) {
            throw new RefusedInput(Refusal.NEEDED, "pieces");
        }
        double psi = plate.psiDeg();
        List<Warning> warnings = new ArrayList<>();
        boolean forward = plate.axisM() * Math.cos(Math.toRadians(psi + plate.uPsiDeg()))
                        + 0.375 * plate.thickM() * Math.sin(Math.toRadians(psi + plate.uPsiDeg()))
                <= 0;
        if (forward) {
            warnings.add(Warning.PLATE_CAN_FALL_FORWARD_ONTO_THE_STEM);
        }
        double up = plate.upHighNm(psi);
        double seen = plate.downHighNm(pieces, psi);
        if (!heldByOthers && seen < up) {
            // the lying tree is itself a weighing: it does not stand up now
            up = seen;
            warnings.add(Warning.UP_MOMENT_CAPPED_BY_OBSERVATION);
        }
        List<Row> rows = new ArrayList<>();
        for (int k = 0; k <= pieces.size(); k++) {
            rows.add(row(plate, k, pieces.subList(k, pieces.size()), up, holdXM, rope));
        }
        return new FallenPlate(
                List.copyOf(rows),
                rows.stream().filter(r -> r.state != State.STAYS).findFirst().map(Row::removed),
                forward ? Math.max(1.5, plate.heightM()) : Math.max(1, 0.5 * plate.heightM()),
                plate.zoneBehindM(),
                plate.zoneFrontM(),
                plate.lowKg(),
                plate.highKg(),
                plate.armHighM(psi),
                plate.armLowM(psi),
                List.copyOf(warnings));
    }

    private static Row row(
            RootPlate plate,
            int removed,
            List<RootPlate.Piece> left,
            double upHigh,
            Optional<Double> holdXM,
            Optional<PlateRope> rope) {
        double psi = plate.psiDeg();
        double downLow = plate.downLowNm(left, psi);
        double downHigh = plate.downHighNm(left, psi);
        double upLow = plate.upLowNm(psi);
        Optional<Double> ratio = upHigh <= 0 ? Optional.empty() : Optional.of(downLow / upHigh);
        double lacking = Math.max(0, STAYS_RATIO * upHigh - downLow);
        Optional<Double> arm =
                holdXM.map(x -> plate.pieceArmM(x, psi - plate.uPsiDeg())).filter(a -> a > LEAST_ARM_M);
        Optional<Double> ropeArm = rope.map(r -> r.heightM * Math.cos(Math.toRadians(r.angleDeg))
                        + r.distanceM * Math.sin(Math.toRadians(r.angleDeg)))
                .filter(a -> a > LEAST_ARM_M);
        return new Row(
                removed,
                downLow,
                downHigh,
                upLow,
                upHigh,
                ratio,
                ratio.map(r -> state(r, downHigh, upLow)).orElse(State.STAYS),
                arm.map(a -> lacking / a),
                arm.map(a -> STAYS_RATIO * Math.max(0, downHigh - upLow) / a),
                ropeArm.map(a -> lacking / a));
    }

    private static State state(double ratio, double downHigh, double upLow) {
        if (ratio >= STAYS_RATIO) {
            return State.STAYS;
        }
        return ratio >= 1 ? State.UNCERTAIN : downHigh <= upLow && upLow > 0 ? State.STANDS_UP : State.MAY_STAND_UP;
    }
}
