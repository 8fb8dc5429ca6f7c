package org.antevid.core.stump;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.Condition;

/**
 * The cut card: every measure of notch, hinge, strap and back cut for one stem, one saw and one type of cut. Metres on
 * the wood inside the bark unless named {@code FromBark}. The stump is taken as an ellipse; hinge length is the shorter
 * of its two edges. Sources: geometry and practice rules. A measure of the leader's own outside the type of cut is a
 * warning.
 *
 * @param dLayM wood along the lay
 * @param ruleHingeM thickness by practice, beside the leader's own
 * @param behindHingeM wood from hinge to the back
 * @param mouthM opening of the notch at the bark, empty for a face of 90 degrees and more
 * @param boreLengthM empty when the stem is too small to bore
 * @param hingeOffsetM hinge centre in front of the stem centre: how far a plumb stem sits back
 * @param closesAfterDeg rotation at which the face closes
 * @param hingeToGround the hinge guides until the stem lies
 */
public record CutCard(
        double dLayM,
        double dAcrossM,
        double barkM,
        double ruleHingeM,
        double depthM,
        double depthFromBarkM,
        double hingeLengthM,
        double chordApexM,
        double hingeLeftM,
        double hingeRightM,
        double backCutStepM,
        double behindHingeM,
        double faceDeg,
        Optional<Double> mouthM,
        double strapM,
        double strapFromBarkM,
        Optional<Double> boreLengthM,
        double boreFrontM,
        double closesAfterDeg,
        double closesAtTreeDeg,
        double groundAfterDeg,
        double freeFlightDeg,
        boolean hingeToGround,
        BarReach barReach,
        BarReach faceBarReach,
        double hingeOffsetM,
        double hingeShareAcross,
        List<Warning> warnings) {
    /** What it warns of beside its numbers. */
    public enum Warning {
        DEPTH_OUTSIDE_SCHOOL,
        FACE_OUTSIDE_SCHOOL,
        HINGE_OUTSIDE_SCHOOL,
        BACK_CUT_BELOW_FACE,
        STEP_OUTSIDE_SCHOOL,
        TOO_SMALL_TO_BORE,
        FACE_CLOSES_EARLY_BYPASS,
        BAR_TOO_SHORT_FROM_ONE_SIDE,
        DEAD_WOOD_ON_WEDGES,
        HINGE_NOT_RELIABLE,
        THIN_HINGE_LARGE_STEM
    }

    private static final double BORE_ROOM_M = 0.02;
    /** Room a usual bar needs between hinge and strap. */
    public static final double BORE_NEEDS_M = 0.085 + BORE_ROOM_M;
    /** Less wood than this behind the hinge is no back cut. */
    static final double LEAST_BEHIND_M = 0.02;

    private static final double BOTH_SIDES_OVERLAP_M = 0.05;
    private static final double BYPASS_THAT_MATTERS = 1e-9;

    /** How the bar gets through the widest chord of a cut (practice rule). */
    public enum BarReach {
        ONE_SIDE,
        BOTH_SIDES,
        BOTH_SIDES_AND_FACE_BORE,
        NOT_REACHABLE;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What brings the stem over, as far as the hinge's thickness is concerned. */
    public enum MovedBy {
        LEAN,
        LINE,
        WEDGES
    }

    /** Measures the leader sets himself; each empty one follows the rule. Metres. */
    public record Own(
            Optional<Double> hingeLeftM,
            Optional<Double> hingeRightM,
            Optional<Double> stepM,
            Optional<Double> strapM) {
        public static final Own NONE = new Own(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** Guide bar: usable length 0.15..2.5 m, width and kerf in metres. */
    public record Bar(double lengthM, double widthM, double kerfM) {
        public Bar {
            Require.within(lengthM, 0.15, 2.5, "bar_m");
            Require.within(widthM, 0.04, 0.15, "bar_width_m");
            Require.within(kerfM, 0.004, 0.02, "kerf_m");
        }

        public static Bar ofLength(double lengthM) {
            return new Bar(lengthM, 0.085, 0.008);
        }
    }

    /**
     * What is to be cut.
     *
     * @param dLayM wood along the lay, 0.05..5 m
     * @param dAcrossM wood across it, 0.5 to 2 times {@code dLayM}
     * @param forwardLeanDeg lean toward the lay
     * @param slopeAlongDeg ground along the lay, downhill positive
     * @param bypassMm face cuts crossing past the apex
     * @param flare butt at the cut / {@code dLayM} where the cut was not measured, 1..1.5: for bar reach and sit-back
     *     only
     */
    public record Stump(
            School school,
            double dLayM,
            double dAcrossM,
            Optional<Double> depthShare,
            Optional<Double> faceDeg,
            Condition condition,
            double forwardLeanDeg,
            double slopeAlongDeg,
            Bar bar,
            double strapShare,
            double strapMinM,
            double bypassMm,
            MovedBy movedBy,
            Own own,
            double barkM,
            double flare) {
        public Stump {
            Require.within(dLayM, 0.05, 5, "d_lay_m");
            Require.within(dAcrossM, 0.05, 5, "d_across_m");
            double oval = dAcrossM / dLayM;
            if (oval < 0.5 - 1e-9 || oval > 2 + 1e-9) {
                throw new RefusedInput(Refusal.BAD_OVALITY, "d_across_m");
            }
        }

        /** The rule's own measures for a round stem. */
        public static Stump plain(
                School school,
                double diameterM,
                Condition condition,
                double forwardLeanDeg,
                double slopeAlongDeg,
                double barM,
                MovedBy movedBy) {
            return new Stump(
                    school,
                    diameterM,
                    diameterM,
                    Optional.empty(),
                    Optional.empty(),
                    condition,
                    forwardLeanDeg,
                    slopeAlongDeg,
                    Bar.ofLength(barM),
                    0.1,
                    0.04,
                    0,
                    movedBy,
                    Own.NONE,
                    0,
                    1);
        }

        double chord(double fromFrontM) {
            return Oval.chordM(dLayM, dAcrossM, fromFrontM);
        }

        double widestChord(double fromM, double toM) {
            double middle = dLayM / 2;
            return fromM <= middle && toM >= middle ? chord(middle) : Math.max(chord(fromM), chord(toM));
        }
    }

    /** @throws RefusedInput {@code NO_ROOM_FOR_BACK_CUT} when notch and hinge leave too little behind them */
    public static CutCard of(Stump s) {
        List<Warning> warnings = new ArrayList<>();
        double share = s.depthShare.orElse(s.school.depthShare().usual());
        if (!s.school.depthShare().holds(share)) {
            warnings.add(Warning.DEPTH_OUTSIDE_SCHOOL);
        }
        double face = s.faceDeg.orElse(s.school.faceDeg().usual());
        if (!s.school.faceDeg().holds(face)) {
            warnings.add(Warning.FACE_OUTSIDE_SCHOOL);
        }
        double depth = share * s.dLayM;
        boolean onWedges = s.movedBy == MovedBy.WEDGES;
        double thicker = s.condition.wantsThickerHinge() && !onWedges ? 1.5 : 1;
        double rule = thicker * s.school.hinge().of(s.dLayM);
        double left = s.own.hingeLeftM().orElse(rule);
        double right = s.own.hingeRightM().orElse(rule);
        double thick = Math.max(left, right);
        if (outside(s.own.hingeLeftM(), s.school.hinge(), thicker)
                || outside(s.own.hingeRightM(), s.school.hinge(), thicker)) {
            warnings.add(Warning.HINGE_OUTSIDE_SCHOOL);
        }
        double step = s.own.stepM().orElse(s.school.step().of(s.dLayM));
        if (step < 0) {
            warnings.add(Warning.BACK_CUT_BELOW_FACE);
        } else if (outside(s.own.stepM(), s.school.step(), 1)) {
            warnings.add(Warning.STEP_OUTSIDE_SCHOOL);
        }
        double behind = s.dLayM - depth - thick;
        if (!(behind >= LEAST_BEHIND_M - 1e-9)) {
            throw new RefusedInput(
                    Message.of(Refusal.NO_ROOM_FOR_BACK_CUT).with("least", Arg.of(Dimension.SHORT, LEAST_BEHIND_M)),
                    "depth_share");
        }
        double strap = s.own.strapM().orElse(Math.max(s.strapShare * s.dLayM, s.strapMinM));
        double boreLength = behind - strap;
        boolean bore = boreLength >= s.bar.widthM() + BORE_ROOM_M;
        if (!bore) {
            warnings.add(Warning.TOO_SMALL_TO_BORE);
        }
        double closes = face;
        if (s.bypassMm > BYPASS_THAT_MATTERS) {
            double early = Math.toDegrees(Math.atan(s.bar.kerfM() / (s.bypassMm / 1000)));
            if (early < face) {
                closes = early;
                warnings.add(Warning.FACE_CLOSES_EARLY_BYPASS);
            }
        }
        BarReach reach = reach(s.flare * s.widestChord(depth + thick, s.dLayM), s.bar.lengthM());
        if (reach != BarReach.ONE_SIDE) {
            warnings.add(Warning.BAR_TOO_SHORT_FROM_ONE_SIDE);
        }
        addWoodWarnings(s, onWedges, warnings);
        double apexChord = s.chord(depth);
        double length = Math.min(apexChord, s.chord(depth + thick));
        double ground = 90 + s.slopeAlongDeg - s.forwardLeanDeg;
        return new CutCard(
                s.dLayM,
                s.dAcrossM,
                s.barkM,
                rule,
                depth,
                depth + s.barkM,
                length,
                apexChord,
                left,
                right,
                step,
                behind,
                face,
                face < 90 ? Optional.of(depth * Math.tan(Math.toRadians(face))) : Optional.empty(),
                strap,
                strap + s.barkM,
                bore ? Optional.of(boreLength) : Optional.empty(),
                depth + thick,
                closes,
                closes + s.forwardLeanDeg,
                ground,
                Math.max(0, ground - closes),
                closes >= ground,
                reach,
                reach(s.widestChord(0, depth), s.bar.lengthM()),
                s.flare * (s.dLayM / 2 - depth - thick / 2),
                length / s.dAcrossM,
                List.copyOf(warnings));
    }

    private static void addWoodWarnings(Stump s, boolean onWedges, List<Warning> warnings) {
        if (onWedges && s.condition.wantsThickerHinge()) {
            warnings.add(Warning.DEAD_WOOD_ON_WEDGES);
        }
        if (s.condition.factor() <= 0.3) {
            warnings.add(Warning.HINGE_NOT_RELIABLE);
        }
        if (s.school == School.THIN_HINGE && s.dLayM > 0.5) {
            warnings.add(Warning.THIN_HINGE_LARGE_STEM);
        }
    }

    private static boolean outside(Optional<Double> own, School.Clamp clamp, double factor) {
        return own.filter(v -> v < clamp.leastM() - 1e-9 || v > clamp.greatestM() * factor + 1e-9)
                .isPresent();
    }

    private static BarReach reach(double chordM, double barM) {
        if (chordM <= barM) {
            return BarReach.ONE_SIDE;
        }
        if (chordM <= 2 * barM - BOTH_SIDES_OVERLAP_M) {
            return BarReach.BOTH_SIDES;
        }
        return chordM <= 2.5 * barM ? BarReach.BOTH_SIDES_AND_FACE_BORE : BarReach.NOT_REACHABLE;
    }

    /** @return the thicker end */
    public double hingeThickM() {
        return Math.max(hingeLeftM, hingeRightM);
    }

    public boolean tapered() {
        return Math.abs(hingeLeftM - hingeRightM) > 1e-9;
    }

    /** @return chord of the stump this far behind its front, metres */
    public double chordM(double fromFrontM) {
        return Oval.chordM(dLayM, dAcrossM, fromFrontM);
    }

    /** @return length of the hinge line from bark to bark, as a tape lies across the stump, metres */
    public double hingeOverBarkM(double bark) {
        double from = Math.abs(depthM + hingeThickM() - dLayM / 2) > Math.abs(depthM - dLayM / 2)
                ? depthM + hingeThickM()
                : depthM;
        return Oval.chordM(dLayM + 2 * bark, dAcrossM + 2 * bark, from + bark);
    }

    public boolean borePossible() {
        return boreLengthM.isPresent();
    }
}
