package org.antevid.core.outcome;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Side;

/**
 * The stump as it was briefed beside the one that was found: by numbers, and to one scale from above.
 *
 * @param rows what was read, in the order of the drawing from front to back
 * @param drawn empty where no cut card was briefed
 */
public record StumpCompared(List<StumpRow> rows, Optional<StumpDrawn> drawn) {
    /** What is measured on a stump. */
    public enum Part implements Code {
        HINGE_LEFT(Dimension.SHORT),
        HINGE_MIDDLE(Dimension.SHORT),
        HINGE_RIGHT(Dimension.SHORT),
        HINGE_LENGTH(Dimension.SHORT),
        NOTCH_DEPTH(Dimension.SHORT),
        NOTCH_LINE(Dimension.ANGLE),
        FACE(Dimension.OPENING),
        BYPASS_LEFT(Dimension.SHORT),
        BYPASS_RIGHT(Dimension.SHORT),
        STEP_LEFT(Dimension.SHORT),
        STEP_RIGHT(Dimension.SHORT),
        BORE_DIP(Dimension.SHORT),
        SHELL(Dimension.SHORT);

        private final Dimension dimension;

        Part(Dimension dimension) {
            this.dimension = dimension;
        }
    }

    /**
     * @param planned empty where the briefing said nothing of it
     * @param off how much more or less was found, without its sign
     * @param more whether more was found; of a turn, whether to the right
     */
    public record StumpRow(
            Part part,
            Message named,
            Optional<Arg.Amount> planned,
            Arg.Amount found,
            Optional<Arg.Amount> off,
            Optional<Boolean> more) {
        private static StumpRow of(Part part, Optional<Double> planned, double found) {
            Dimension d = part.dimension;
            Optional<Double> off = planned.map(p -> found - p);
            return new StumpRow(
                    part,
                    Message.of(part),
                    planned.map(p -> amount(d, p)),
                    amount(d, part == Part.NOTCH_LINE ? Math.abs(found) : found),
                    off.map(o -> amount(d, Math.abs(o))),
                    off.filter(o -> Math.abs(o) >= d.rounding() / 2).map(o -> o > 0));
        }
    }

    private static Arg.Amount amount(Dimension d, double value) {
        return new Arg.Amount(d, value, Side.NEAREST);
    }

    /** Metres right of the stump's middle and forward of it along the lay. */
    public record StumpPoint(double rightM, double forwardM) {}

    /**
     * @param hinge its corners left front, right front, right back, left back
     * @param strapM from the back of the wood, empty without one
     */
    public record HingeSketch(List<StumpPoint> hinge, Optional<Double> strapM) {}

    /**
     * Both stumps from above.
     *
     * @param found empty while its hinge is not read
     * @param sectors what was said of the wood, and where
     * @param fellDeg which way it fell, off the lay, right positive
     */
    public record StumpDrawn(
            double dAlongM,
            double dAcrossM,
            HingeSketch planned,
            Optional<HingeSketch> found,
            List<SectorSpot> sectors,
            double fellDeg) {}

    public record SectorSpot(SectorFound.Sector sector, Message named, Message looks, StumpPoint at) {}

    /** @param fellDeg which way it fell, off the lay, right positive */
    public static StumpCompared of(StumpPlanned p, StumpReading s, double fellDeg) {
        Optional<StumpPlanned.Cuts> cuts = p.cuts();
        Optional<Double> step = cuts.map(StumpPlanned.Cuts::stepM);
        List<StumpRow> rows = Stream.of(
                        row(Part.HINGE_LEFT, Optional.of(p.leftM()), s.hinge().leftM()),
                        row(
                                Part.HINGE_MIDDLE,
                                Optional.of((p.leftM() + p.rightM()) / 2),
                                s.hinge().middleM()),
                        row(Part.HINGE_RIGHT, Optional.of(p.rightM()), s.hinge().rightM()),
                        row(
                                Part.HINGE_LENGTH,
                                Optional.of(p.hingeLengthM()),
                                s.hinge().lengthM()),
                        row(
                                Part.NOTCH_DEPTH,
                                cuts.map(StumpPlanned.Cuts::depthM),
                                s.notch().depthM()),
                        row(Part.NOTCH_LINE, Optional.of(0.0), s.notch().lineDeg()),
                        row(
                                Part.FACE,
                                cuts.map(StumpPlanned.Cuts::faceDeg),
                                s.notch().faceDeg()),
                        row(Part.BYPASS_LEFT, Optional.of(0.0), s.notch().bypassLeftM()),
                        row(Part.BYPASS_RIGHT, Optional.of(0.0), s.notch().bypassRightM()),
                        row(Part.STEP_LEFT, step, s.back().stepLeftM()),
                        row(Part.STEP_RIGHT, step, s.back().stepRightM()),
                        row(Part.BORE_DIP, Optional.of(0.0), s.back().dipM()),
                        row(Part.SHELL, Optional.empty(), s.shellM()))
                .flatMap(Optional::stream)
                .toList();
        return new StumpCompared(rows, cuts.map(c -> drawn(p, c, s, fellDeg)));
    }

    private static Optional<StumpRow> row(Part part, Optional<Double> planned, Optional<Double> found) {
        return found.map(f -> StumpRow.of(part, planned, f));
    }

    private static StumpDrawn drawn(StumpPlanned p, StumpPlanned.Cuts c, StumpReading s, double fellDeg) {
        HingeSketch planned =
                new HingeSketch(hinge(c, p.hingeLengthM(), c.depthM(), 0, p.leftM(), p.rightM()), c.strapM());
        Optional<HingeSketch> found = s.hinge().leftM().flatMap(left -> s.hinge()
                .rightM()
                .map(right -> new HingeSketch(
                        hinge(
                                c,
                                s.hinge().lengthM().orElse(p.hingeLengthM()),
                                s.notch().depthM().orElse(c.depthM()),
                                s.notch().lineDeg().orElse(0.0),
                                left,
                                right),
                        s.back().strap().filter(x -> x != StrapFound.NONE_LEFT).flatMap(x -> c.strapM()))));
        List<StumpPoint> hinge = found.orElse(planned).hinge;
        return new StumpDrawn(
                c.dAlongM(),
                c.dAcrossM(),
                planned,
                found,
                s.sectors().stream()
                        .map(x -> new SectorSpot(
                                x.sector(), Message.of(x.sector()), Message.of(x.fibre()), at(x.sector(), c, hinge)))
                        .toList(),
                fellDeg);
    }

    /** Seen from above; the front of the wood lies forward. */
    private static List<StumpPoint> hinge(
            StumpPlanned.Cuts c, double lengthM, double depthM, double lineDeg, double leftM, double rightM) {
        double half = lengthM / 2;
        double front = c.dAlongM() / 2 - depthM;
        double turn = half * Math.tan(Math.toRadians(lineDeg));
        return List.of(
                new StumpPoint(-half, front + turn),
                new StumpPoint(half, front - turn),
                new StumpPoint(half, front - turn - rightM),
                new StumpPoint(-half, front + turn - leftM));
    }

    private static StumpPoint at(SectorFound.Sector sector, StumpPlanned.Cuts c, List<StumpPoint> hinge) {
        return switch (sector) {
            case HINGE_LEFT -> between(hinge.get(0), hinge.get(2), 0.15);
            case HINGE_MIDDLE -> between(hinge.get(0), hinge.get(2), 0.5);
            case HINGE_RIGHT -> between(hinge.get(0), hinge.get(2), 0.85);
            case BACK_LEFT -> new StumpPoint(-c.dAcrossM() / 5, -c.dAlongM() / 5);
            case BACK_RIGHT -> new StumpPoint(c.dAcrossM() / 5, -c.dAlongM() / 5);
        };
    }

    private static StumpPoint between(StumpPoint a, StumpPoint b, double share) {
        return new StumpPoint(a.rightM + share * (b.rightM - a.rightM), a.forwardM + share * (b.forwardM - a.forwardM));
    }
}
