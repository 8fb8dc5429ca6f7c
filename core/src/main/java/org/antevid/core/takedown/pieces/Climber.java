package org.antevid.core.takedown.pieces;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.spar.Point;
import org.antevid.core.takedown.spar.SparSection;
import org.antevid.core.takedown.spar.TieIn;

/**
 * Whoever cuts a piece aloft, where they hang. Practice rules, and the peak of a short fall on their life line.
 *
 * @param feet of the climber, the foot of the stem at nought; the cut lies below the neck
 * @param tieIn where the life line is tied, {@code lanyard} where the second one goes round the stem
 * @param peakN on the life line, kept taut, when all of the climber comes onto it at once
 */
public record Climber(Point feet, Point tieIn, Point lanyard, double peakN, List<PieceRemark> remarks) {
    /** The cut lies at the waist (practice); the neck is at 1.45 m. */
    private static final double CUT_ABOVE_FEET_M = 1.1;

    private static final double NECK_M = 1.45;

    /** The sling of whoever cuts the stem goes round it this far below the cut. */
    private static final double SLING_BELOW_M = 0.4;

    private static final double LANYARD_BELOW_M = 0.15;
    /** A heavy climber with saw and kit (judgement): whoever weighs more says so to the rescuer. */
    public static final double KG = 120;

    private static final double EA_N = 100_000;
    /** Kept taut (practice): slack in it is a fall. */
    private static final double SLACK_M = 0;

    private static final double BESIDE_M = 0.2;
    private static final double SAFETY = 5;
    private static final double LEAST_LINE_M = 0.3;
    private static final double MOST_PULL_DEG = 80;
    private static final double LEAST_TIE_IN_M = 0.2;
    private static final double BESIDE_STEM_M = 0.3;

    public Climber {
        remarks = List.copyOf(remarks);
    }

    /**
     * @param after what stands when the piece is off
     * @param from the cut
     * @param leastWoodM nobody is tied to thinner wood
     */
    static Climber of(
            CutFigure f,
            Aloft aloft,
            Climb climb,
            Standing after,
            Cut cut,
            Optional<Limb> limb,
            Hung hung,
            Point from,
            double leastWoodM) {
        double side =
                Math.toRadians(limb.map(Limb::sideDeg).orElseGet(() -> f.lean().azimuthDeg()));
        double stemM = limb.map(Limb::atM).orElse(cut.atM());
        double tieInM =
                Math.max(LEAST_TIE_IN_M, limb.isEmpty() ? slung(cut, climb) : tied(f, aloft, climb, after, leastWoodM));
        double beside = f.stemDiameterM(stemM) / 2 + BESIDE_STEM_M;
        Point hangs = limb.isPresent() && cut.atM() > beside
                ? from
                : f.axis(stemM).plus(new Point(-beside * Math.sin(side), -beside * Math.cos(side), 0));
        Point feet = hangs.plus(new Point(0, 0, -CUT_ABOVE_FEET_M));
        Point tieIn = f.axis(tieInM);
        TieIn check = check(f, climb, cut, limb, hung, tieIn, feet);
        List<PieceRemark> remarks = new ArrayList<>();
        check.remarks().forEach(t -> as(t.what(), limb.isPresent()).ifPresent(remarks::add));
        if (f.stemDiameterM(tieInM) < leastWoodM) {
            remarks.add(PieceRemark.TIE_IN_THIN);
        }
        if (limb.isPresent() && tieInM >= after.topM()) {
            remarks.add(PieceRemark.TIED_TO_WHAT_GOES);
        }
        if (climb.cutProof().filter(c -> !c).isPresent()) {
            remarks.add(PieceRemark.NOT_CUT_PROOF);
        }
        return new Climber(
                feet,
                tieIn,
                f.axis(Math.max(0, stemM - LANYARD_BELOW_M)),
                check.peakN(),
                remarks.stream().distinct().toList());
    }

    /** Whoever cuts the stem is tied to what stays, below the cut, whatever was said for the limbs. */
    private static double slung(Cut cut, Climb climb) {
        double below = cut.atM() - SLING_BELOW_M;
        return climb.tieInM().filter(m -> m < below).orElse(below);
    }

    private static double tied(CutFigure f, Aloft aloft, Climb climb, Standing after, double leastWoodM) {
        double high = f.thickEnoughM(after.topM() - SLING_BELOW_M, leastWoodM);
        return climb.tieInM()
                .orElse(aloft.climbToM().map(to -> Math.min(to, high)).orElse(high));
    }

    private static TieIn check(
            CutFigure f, Climb climb, Cut cut, Optional<Limb> limb, Hung hung, Point tieIn, Point feet) {
        WeakPlace weakest = f.weak().stream()
                .filter(w -> w.heightM() < tieIn.z())
                .reduce((a, b) -> b)
                .orElse(f.weak().get(0));
        boolean below = weakest.heightM() < tieIn.z();
        Point line = tieIn.minus(feet.plus(new Point(0, 0, 1)));
        return TieIn.of(
                new TieIn.Climber(KG, false, Math.max(LEAST_LINE_M, line.size()), SLACK_M, EA_N, false, pullDeg(line)),
                new TieIn.Anchor(
                        limb.isEmpty() ? TieIn.Tie.STEM_SLING : TieIn.Tie.CANOPY,
                        tieIn.z(),
                        BESIDE_M,
                        f.stemDiameterM(tieIn.z())),
                new TieIn.Position(
                        Optional.of(Math.max(0, feet.z())),
                        NECK_M,
                        Optional.of(cut.limb().isEmpty() ? cut.atM() : feet.z() + CUT_ABOVE_FEET_M),
                        true,
                        climb.attachments().orElse(2),
                        climb.wayDown().orElse(true),
                        Optional.of(hung.blockM()).filter(m -> cut.way().roped()),
                        f.weak().stream()
                                .filter(w -> w.part() == WeakPlace.Part.FAULT && w.carriesNothing())
                                .map(WeakPlace::fromM)
                                .toList()),
                below ? weakest.heightM() : Math.max(0, tieIn.z() - LEAST_TIE_IN_M),
                below
                        ? weakest.wood()
                        : new SparSection.Wood(
                                f.stemDiameterM(tieIn.z()),
                                Optional.empty(),
                                true,
                                false,
                                0,
                                f.weak().get(0).wood().condition()),
                false,
                f.strength(),
                SAFETY);
    }

    /** Tied below the hip, whoever falls hangs straight below it. */
    private static double pullDeg(Point line) {
        return line.z() <= 0
                ? 0
                : Math.min(MOST_PULL_DEG, Math.toDegrees(Math.atan2(Math.hypot(line.x(), line.y()), line.z())));
    }

    /** What is said of the wood below is said of the load on it already. */
    private static Optional<PieceRemark> as(Remark r, boolean limb) {
        return Optional.ofNullable(
                switch (r) {
                    case ONE_ATTACHMENT_WHILE_CUTTING -> PieceRemark.ONE_ATTACHMENT;
                    case NO_WAY_DOWN -> PieceRemark.NO_WAY_DOWN;
                    // from a limb that goes the life line is tied above it, to the stem
                    case ANCHOR_ABOVE_CUT -> limb ? null : PieceRemark.TIED_TO_WHAT_GOES;
                    case ANCHOR_ABOVE_DEFECT -> PieceRemark.PERSON_ABOVE_FAULT;
                    case STEM_OVER_LIMIT -> PieceRemark.TIE_IN_OVER;
                    case ROPES_TOGETHER -> PieceRemark.LINES_TOGETHER;
                    default -> null;
                });
    }
}
