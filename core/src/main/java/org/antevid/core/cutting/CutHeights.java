package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.RaisedCut;
import org.antevid.core.stem.StemReading;

/**
 * How high the cut goes: low for stance and a low stump, higher where metal, rot, buttress or old cuts are in the way,
 * below a union or each stem on its own. Never above working height and never from a ladder. Practice rule.
 *
 * @param reasons what speaks at which heights
 * @param suggested lowest height that meets none of it; empty when there is none within reach
 * @param instead what to do then
 */
public record CutHeights(List<Reason> reasons, Optional<Double> suggested, Message instead) {
    private static final double STEP_M = 0.05;
    private static final double STEEP_DEG = 20;
    private static final double ROT_MARGIN_M = 0.05;

    /** @param fromM to {@code toM}, metres above ground, where no cut goes */
    public record Reason(Message says, double fromM, double toM) {
        private boolean meets(double heightM) {
            return heightM > fromM + 1e-9 && heightM < toM - 1e-9;
        }
    }

    public CutHeights {
        reasons = List.copyOf(reasons);
    }

    static CutHeights of(LayPlan p, double slopeDeg) {
        StemReading s = p.stem();
        List<Reason> reasons = new ArrayList<>();
        for (Defect d : s.defects()) {
            span(d).ifPresent(reasons::add);
        }
        s.more()
                .union()
                .ifPresent(u -> reasons.add(new Reason(
                        Message.of(HeightWords.UNION).with("at", Arg.of(Dimension.LENGTH, u.heightM())),
                        u.heightM() - 0.2,
                        u.heightM() + 0.3)));
        if (slopeDeg > STEEP_DEG) {
            reasons.add(new Reason(
                    Message.of(HeightWords.SLOPE).with("slope", Arg.of(Dimension.SECTOR, slopeDeg)), 0.6, 9));
        }
        Optional<Double> lowest = Optional.empty();
        for (int i = 3; i * STEP_M <= RaisedCut.WORKING_HEIGHT_M + 1e-9 && lowest.isEmpty(); i++) {
            double h = i * STEP_M;
            lowest = reasons.stream().noneMatch(r -> r.meets(h)) ? Optional.of(h) : Optional.empty();
        }
        return new CutHeights(reasons, lowest, Message.of(CutRemark.NO_HEIGHT_CLEAR));
    }

    private static Optional<Reason> span(Defect d) {
        boolean rot = d.kind().atTheHinge().filter(c -> c == Condition.DECAYED).isPresent() && !d.tellsGood();
        return switch (d.kind()) {
            case METAL, WIRE_SWELLING -> Optional.of(reason(d, d.kind().cutMarginM(), HeightWords.METAL));
            case SWOLLEN_BASE -> Optional.of(reason(d, 0, HeightWords.BUTTRESS));
            case PREVIOUS_CUTS -> Optional.of(reason(d, 0.1, HeightWords.EARLIER_CUTS));
            default -> rot && d.fromM() <= 3 ? Optional.of(reason(d, ROT_MARGIN_M, HeightWords.ROT)) : Optional.empty();
        };
    }

    private static Reason reason(Defect d, double margin, HeightWords why) {
        return new Reason(
                Message.of(why)
                        .with("kind", Arg.term(d.kind()))
                        .with("from", Arg.of(Dimension.HEIGHT, d.fromM()))
                        .with("to", Arg.of(Dimension.HEIGHT, d.toM())),
                Math.max(0, d.fromM() - margin),
                d.toM() + margin);
    }

    /** @return what the height that was chosen meets */
    public List<Reason> metBy(double heightM) {
        return reasons.stream().filter(r -> r.meets(heightM)).toList();
    }
}
