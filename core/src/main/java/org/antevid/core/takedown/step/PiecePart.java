package org.antevid.core.takedown.step;

import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Spot;
import org.antevid.core.takedown.picks.PickPlan;
import org.antevid.core.takedown.pieces.DropBed;
import org.antevid.core.takedown.pieces.KeepClear;
import org.antevid.core.takedown.pieces.Loading;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.SecondLine;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.pieces.Way;

/**
 * The pieces of one step as they are briefed: the largest of several. Each number is rounded to the safe side.
 *
 * @param numbers their turns among all of the tree
 * @param of how many pieces there are in all
 * @param upM height above ground whoever cuts hangs at
 * @param massKg at its heavy end
 * @param lineN peak in the line; empty without one, and where the gear is not chosen
 * @param wrapsLeast on the brake where it grips, {@code wraps} where it is slippery
 * @param runM line the brake lets out; 0: held
 * @param roomM what is left beneath it once the line holds it
 * @param keepOffM nobody without a part nearer to the foot of the tree, should the line go; empty where nothing stops
 *     it
 * @param tieInM height of the climber's life line on the stem; empty where nobody hangs there, and of older documents
 * @param over how a top goes; empty of what is no top, and of older documents
 * @param bed it is let down onto; empty of what falls on none, and of older documents
 * @param zone where nobody with a part stands but whoever cuts: under it and as far as it swings, else where it can end
 */
public record PiecePart(
        List<Integer> numbers,
        int of,
        Way way,
        double upM,
        double lengthM,
        double massKg,
        Optional<Double> lineN,
        Optional<Double> wrapsLeast,
        Optional<Double> wraps,
        double runM,
        Optional<Double> roomM,

        @Shown(in = Dimension.DISTANCE, to = Side.UP) Optional<Double> keepOffM,

        List<List<Spot>> zone,
        Optional<Picked> picked,
        Optional<Across> across,
        Optional<Double> tieInM,
        Optional<Over> over,
        Optional<String> bed) {
    /**
     * A top that goes over a hinge.
     *
     * @param faceM depth of the face, {@code hingeM} of the hinge
     * @param pushN the stem is pushed back with, {@code swayM} it then sways, as somebody said it
     * @param towardDeg azimuth it goes to; empty while nobody said, where its hinge is not relied on, and of older
     *     documents
     */
    public record Over(double faceM, double hingeM, double pushN, Optional<Double> swayM, Optional<Double> towardDeg) {
        public Over {
            towardDeg = towardDeg == null ? Optional.empty() : towardDeg;
        }
    }

    /**
     * A piece that a second line draws across, or holds first until the one over the stem takes it over.
     *
     * @param letDownM in the line that holds it before it is drawn
     * @param toM how far from the stem it is let down, towards azimuth {@code deg}
     * @param lineN at most in the second line
     * @param holdsFirst empty where the line over the stem holds it, and of older documents
     */
    public record Across(double letDownM, double toM, double deg, double lineN, Optional<HoldsFirst> holdsFirst) {
        /** @param wrapsLeast on the brake behind the friction there where it grips, {@code wraps} where it slips */
        public record HoldsFirst(double wrapsLeast, double wraps) {}

        public Across {
            holdsFirst = holdsFirst == null ? Optional.empty() : holdsFirst;
        }

        /** @return empty for a piece that hangs in one line */
        static Optional<Across> of(Piece p, Optional<SecondLine> second) {
            return p.drift()
                    .flatMap(d -> second.map(s -> new Across(
                            s.letDownM(),
                            Rounding.down(s.toM(), 1),
                            s.deg(),
                            Rounding.up(
                                    p.loading()
                                            .second()
                                            .map(Loading.OnOther::peakN)
                                            .orElse(d.secondN()),
                                    TENS),
                            p.loading().second().flatMap(x -> x.wrapsLeast()
                                    .flatMap(least -> x.wraps().map(w -> new HoldsFirst(least, w)))))));
        }
    }

    /**
     * A piece on the hook.
     *
     * @param radiusM the worst of its way
     * @param limitKg it may weigh at most
     * @param share of the chart it uses
     * @param showFromKg what the display must show before the cut, rig included, to {@code showToKg}
     * @param displayMostKg what it may show at most, rig included; empty of older documents
     * @param weighsKg at most, as the pieces before it were weighed; empty of older documents
     */
    public record Picked(
            double radiusM,
            double limitKg,
            double share,
            Optional<Double> showFromKg,
            Optional<Double> showToKg,
            Optional<Double> displayMostKg,
            Optional<Double> weighsKg) {
        public Picked {
            weighsKg = weighsKg == null ? Optional.empty() : weighsKg;
            displayMostKg = displayMostKg == null ? Optional.empty() : displayMostKg;
        }

        /** What weighing the pieces before it does not change: each reading is no new plan. */
        private List<Double> stands() {
            return List.of(radiusM, limitKg);
        }

        /** @return empty without a chart, or outside it */
        public static Optional<Picked> of(PickPlan p) {
            return p.pick().flatMap(x -> x.util()
                    .map(u -> new Picked(
                            Rounding.up(x.governingRadiusM(), 1),
                            Rounding.down(x.massLimitKg(), 0),
                            u,
                            p.window()
                                    .filter(w -> w.pretensionKg().isPresent())
                                    .map(w -> Rounding.up(w.minKg() + x.deductionsKg(), 0)),
                            p.window()
                                    .filter(w -> w.pretensionKg().isPresent())
                                    .map(w -> Rounding.down(w.maxKg() + x.deductionsKg(), 0)),
                            Optional.of(Rounding.down(x.massLimitKg() + x.deductionsKg(), 0)),
                            Optional.of(Rounding.up(p.highKg(), 0)))));
        }
    }

    /** Forces are briefed by the ten newton. */
    private static final int TENS = -1;

    public PiecePart {
        picked = picked == null ? Optional.empty() : picked;
        across = across == null ? Optional.empty() : across;
        tieInM = tieInM == null ? Optional.empty() : tieInM;
        over = over == null ? Optional.empty() : over;
        bed = bed == null ? Optional.empty() : bed;
    }

    /**
     * @param pieces of one step, one at least
     * @param foot of the tree on the plan
     */
    public static PiecePart of(TakeDown plan, List<Piece> pieces, Spot foot, Ground ground, Optional<Picked> picked) {
        Piece first = pieces.get(0);
        List<Optional<Double>> keepOff =
                pieces.stream().map(p -> KeepClear.keepOffM(foot, p, ground)).toList();
        return new PiecePart(
                pieces.stream().map(Piece::number).toList(),
                plan.pieces().size(),
                first.cut().way(),
                Rounding.down(
                        pieces.stream().mapToDouble(p -> p.from().z()).min().orElse(0), 1),
                Rounding.up(pieces.stream().mapToDouble(Piece::lengthM).max().orElse(0), 1),
                Rounding.up(pieces.stream().mapToDouble(Piece::massHighKg).max().orElse(0), 0),
                first.loading().peakN().map(n -> Rounding.up(n, TENS)),
                first.loading().wrapsLeast(),
                first.loading().wraps(),
                first.cut().letsOutM(),
                first.loading().roomM().map(m -> Rounding.down(m, 1)),
                keepOff.stream().allMatch(Optional::isPresent)
                        ? keepOff.stream()
                                .flatMap(Optional::stream)
                                .max(Double::compare)
                                .map(m -> Rounding.up(m, 0))
                        : Optional.empty(),
                pieces.stream()
                        .flatMap(p -> KeepClear.whileCut(foot, p, ground).stream())
                        .toList(),
                picked,
                Across.of(first, plan.gear().second()),
                first.climber().map(c -> Rounding.down(c.tieIn().z(), 1)),
                first.topping()
                        .map(t -> new Over(
                                Rounding.down(t.faceM(), 2),
                                Rounding.up(t.hingeM(), 3),
                                Rounding.up(t.pushN(), TENS),
                                plan.climb().swayM(),
                                // what may go any way is promised to nobody
                                first.cut().facingDeg().filter(deg -> t.trusted()))),
                plan.below()
                        .bed()
                        .filter(b -> pieces.stream()
                                .anyMatch(p -> !KeepClear.strikes(foot, p).isEmpty()))
                        .map(DropBed::name));
    }

    /** @return whether it is all that is briefed of another one too; where it can end follows from it */
    public boolean same(PiecePart other) {
        return numbers.equals(other.numbers)
                && way == other.way
                && upM == other.upM
                && lengthM == other.lengthM
                && massKg == other.massKg
                && lineN.equals(other.lineN)
                && wraps.equals(other.wraps)
                && runM == other.runM
                && keepOffM.equals(other.keepOffM)
                && across.equals(other.across)
                && tieInM.equals(other.tieInM)
                && over.equals(other.over)
                && bed.equals(other.bed)
                && picked.map(Picked::stands).equals(other.picked.map(Picked::stands));
    }
}
