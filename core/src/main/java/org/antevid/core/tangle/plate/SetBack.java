package org.antevid.core.tangle.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;

/**
 * Pulling a thrown stump up so that its plate turns back into its crater. Newton, metres, degrees. Heavy stem and light
 * plate for the pull, the reverse for where it may take over.
 *
 * @param start at the present angle
 * @param greatest where the pull is greatest; empty where the line has no arm somewhere on the way
 * @param stopN a reading above it means that something holds that is not weight: stop, look, trim
 * @param takesOverPsiDeg from here it may stand up by itself; empty for nowhere
 * @param seat how far it goes in
 * @param zoneStemM round the lee edge
 */
public record SetBack(
        Start start,
        Optional<Greatest> greatest,
        Optional<Double> stopN,
        Optional<Double> takesOverPsiDeg,
        Seat seat,
        double zoneBehindM,
        double zoneStemM,
        List<Warning> warnings) {
    private static final double LEAST_ARM_M = 0.2;
    private static final double STOP = 1.25;
    private static final double SAME_N = 1e-9;

    /** Never forget after it is set back (practice rules). */
    public enum After {
        NEVER_CLIMB,
        NEVER_AN_ANCHOR,
        FELL_AS_BACK_LEANER_WITH_LINE;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Warnings of setting it back. */
    public enum Warning {
        RIM_CATCHES,
        LINE_HAS_NO_ARM,
        LINE_TOO_WEAK,
        PLATE_MAY_TAKE_OVER
    }

    /**
     * The line and the crater.
     *
     * @param lineXM where the line holds the stem, from the plate's face
     * @param pull its direction
     * @param gamma rated over expected
     * @param limitsN working limits of line and anchor
     * @param rimThickM ragged thickness of the far rim
     * @param craterM lee edge to the far wall at ground level
     * @param fillM loose soil at the far side
     * @param stubM length still on the plate
     */
    public record Ask(
            double lineXM,
            Pull pull,
            double gamma,
            List<Double> limitsN,
            double rimThickM,
            double craterM,
            double fillM,
            double stubM) {}

    /** Where the line pulls. */
    public sealed interface Pull {
        /** @return angle above level toward the crater for a hold point at (rx, rz) from the lee edge, radians */
        double angle(double rxM, double rzM);
    }

    /** Always in this direction, above level; 90: a crane. */
    public record Fixed(double angleDeg) implements Pull {
        @Override
        public double angle(double rxM, double rzM) {
            return Math.toRadians(angleDeg);
        }
    }

    /** To an anchor this far behind the lee edge. */
    public record Anchor(double backM, double heightM) implements Pull {
        public static final double HEIGHT_M = 0.5;

        @Override
        public double angle(double rxM, double rzM) {
            return Math.atan2(heightM - rzM, rxM + backM);
        }
    }

    /** At the present angle. */
    public record Start(Optional<Double> forceN, double armM, double lineAngleDeg) {}

    /** @param psiDeg the angle at which it is greatest */
    public record Greatest(double expectedN, double psiDeg, double ratedNeededN) {}

    /**
     * How it goes in.
     *
     * @param rimPsiDeg at which the rim catches, 0: it goes in
     * @param trimM to be taken off the rim
     * @param seatPsiDeg where it stops: what it leans toward the lay afterwards
     * @param gapM lift of the far rim when it stops
     */
    public record Seat(double rimPsiDeg, double trimM, double fillPsiDeg, double seatPsiDeg, double gapM) {}

    /** Where the line is at an angle of the plate. */
    private record Step(double psiDeg, double armM, double lineAngleDeg, double needNm) {
        boolean stuck() {
            return needNm > 0 && armM <= LEAST_ARM_M;
        }

        double forceN() {
            return needNm > 0 ? needNm / armM : 0;
        }
    }

    /**
     * @param pieces all that is still on the plate
     * @throws RefusedInput {@code SEAT_ABOVE_PRESENT_ANGLE}
     */
    public static SetBack of(RootPlate plate, List<RootPlate.Piece> pieces, Ask ask) {
        Seat seat = seat(plate, ask);
        if (seat.seatPsiDeg >= plate.psiDeg()) {
            throw new RefusedInput(Refusal.SEAT_ABOVE_PRESENT_ANGLE, "crater_m");
        }
        List<Step> steps = steps(plate, seat.seatPsiDeg).stream()
                .map(psi -> step(plate, pieces, ask, psi))
                .toList();
        boolean noArm = steps.stream().anyMatch(Step::stuck);
        Step first = steps.get(0);
        Optional<Step> worst =
                noArm ? Optional.empty() : steps.stream().reduce((a, b) -> b.forceN() > a.forceN() + SAME_N ? b : a);
        Optional<Greatest> greatest = worst.map(w -> new Greatest(w.forceN(), w.psiDeg, ask.gamma * w.forceN()));
        Optional<Double> limit = ask.limitsN.stream().min(Double::compare);
        Optional<Double> takesOver = steps.stream()
                .map(Step::psiDeg)
                .filter(psi -> plate.upHighNm(psi) > plate.downLowNm(pieces, psi))
                .findFirst();
        List<Warning> warnings = new ArrayList<>();
        if (seat.rimPsiDeg > 0) {
            warnings.add(Warning.RIM_CATCHES);
        }
        if (noArm) {
            warnings.add(Warning.LINE_HAS_NO_ARM);
        }
        if (greatest.filter(g -> limit.filter(l -> g.ratedNeededN > l).isPresent())
                .isPresent()) {
            warnings.add(Warning.LINE_TOO_WEAK);
        }
        if (takesOver.isPresent()) {
            warnings.add(Warning.PLATE_MAY_TAKE_OVER);
        }
        return new SetBack(
                new Start(
                        first.stuck() ? Optional.empty() : Optional.of(first.forceN()), first.armM, first.lineAngleDeg),
                greatest,
                greatest.map(g -> Stream.concat(Stream.of(STOP * g.expectedN), ask.limitsN.stream())
                        .min(Double::compare)
                        .orElseThrow()),
                takesOver,
                seat,
                plate.zoneBehindM(),
                Math.hypot(plate.axisM(), ask.stubM) + 2,
                List.copyOf(warnings));
    }

    private static Seat seat(RootPlate plate, Ask ask) {
        double runs = Math.hypot(plate.heightM(), ask.rimThickM);
        boolean goesIn = ask.craterM >= runs;
        double rim = goesIn ? 0 : Math.toDegrees(Math.asin(Math.min(1, ask.rimThickM / ask.craterM)));
        double fill = Math.toDegrees(Math.asin(Math.min(1, ask.fillM / plate.heightM())));
        double stops = Math.max(rim, fill);
        return new Seat(
                rim, goesIn ? 0 : runs - ask.craterM, fill, stops, plate.heightM() * Math.sin(Math.toRadians(stops)));
    }

    private static List<Double> steps(RootPlate plate, double seatPsiDeg) {
        List<Double> steps = new ArrayList<>();
        for (double psi = plate.psiDeg(); psi > seatPsiDeg; psi -= 1) {
            steps.add(psi);
        }
        steps.add(seatPsiDeg);
        return steps;
    }

    private static Step step(RootPlate plate, List<RootPlate.Piece> pieces, Ask ask, double psiDeg) {
        double psi = Math.toRadians(psiDeg);
        double rx = plate.pieceArmM(ask.lineXM, psiDeg);
        double rz = ask.lineXM * Math.cos(psi) + plate.axisM() * Math.sin(psi);
        double angle = ask.pull.angle(rx, rz);
        double need = Math.max(0, plate.downHighNm(pieces, psiDeg) - plate.upLowNm(psiDeg));
        return new Step(psiDeg, Math.cos(angle) * rz + Math.sin(angle) * rx, Math.toDegrees(angle), need);
    }
}
