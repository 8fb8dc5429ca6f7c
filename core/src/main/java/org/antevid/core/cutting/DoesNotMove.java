package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.Condition;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.HingeHold;

/**
 * The stem does not move: causes in the order in which they are looked for, each with its tell and the pull it costs.
 * Nobody goes back to the stump until the line is held and the way to approach is named. Source: practice rule; statics
 * for the pulls, with upper strengths.
 *
 * @param extraN pull it costs on top, reserve in; empty where no sum answers or no line pulls
 */
public record DoesNotMove(Cause cause, Message says, Optional<Double> extraN, Message then) {
    /** What holds before anybody looks for a cause. */
    public static final Message FIRST = Message.of(CutRemark.NOBODY_GOES_BACK);
    /** What may hold it, with what tells it. */
    public enum Cause implements Code {
        UNCUT_BAND,
        HINGE_TOO_THICK,
        LINE_SLACK,
        TOP_CAUGHT,
        PULL_TOO_WEAK
    }

    private enum Remedy implements Code {
        CUT_THE_BAND,
        THIN_THE_HINGE,
        HAUL_ON,
        TREAT_AS_HUNG,
        FALLBACK_LINE
    }

    private static final double CM = 0.01;
    private static final double UPPER = 1.25;

    /**
     * A band behind the hinge that was left uncut. Metres, 0..1.
     *
     * @param widthM across the lay
     * @param heightM along it
     */
    public record Uncut(double widthM, double heightM) {
        public static final Uncut USUAL = new Uncut(0.05, 0.02);

        public Uncut {
            Require.within(widthM, 0, 1, "uncutWidthM");
            Require.within(heightM, 0, 1, "uncutHeightM");
        }
    }

    static List<DoesNotMove> of(LayPlan p, Optional<Pull> pull, Uncut uncut) {
        CutCard c = p.card();
        List<DoesNotMove> all = new ArrayList<>();
        double band = UPPER
                * p.stem().greenWood().bendsMPa()
                * 1e6
                * uncut.widthM
                * uncut.heightM
                * (c.behindHingeM() + c.hingeThickM() / 2);
        all.add(new DoesNotMove(
                Cause.UNCUT_BAND,
                Message.of(Cause.UNCUT_BAND)
                        .with("wide", Arg.of(Dimension.SHORT, uncut.widthM))
                        .with("high", Arg.of(Dimension.SHORT, uncut.heightM)),
                extra(pull, band),
                Message.of(Remedy.CUT_THE_BAND)));
        double thick = HingeHold.of(new HingeHold.Hinge(
                                p.stem().greenWood(),
                                Condition.SOUND,
                                Math.max(0.02, c.hingeLengthM()),
                                c.hingeLeftM() + CM,
                                c.hingeRightM() + CM,
                                1,
                                0,
                                0,
                                0,
                                Optional.empty(),
                                0.5,
                                0.3))
                        .forwardHoldNm()
                - HingeHold.of(p.stem().greenWood(), Condition.SOUND, c, 1, 0, 0, 0)
                        .forwardHoldNm();
        all.add(new DoesNotMove(
                Cause.HINGE_TOO_THICK,
                Message.of(Cause.HINGE_TOO_THICK),
                extra(pull, thick),
                Message.of(Remedy.THIN_THE_HINGE)));
        pull.ifPresent(l -> {
            all.add(new DoesNotMove(
                    Cause.LINE_SLACK,
                    Message.of(Cause.LINE_SLACK),
                    Optional.empty(),
                    Message.of(Remedy.HAUL_ON)
                            .with("tie", Arg.up(Dimension.LENGTH, l.travel().tieM()))
                            .with("haul", Arg.up(Dimension.LENGTH, l.travel().haulM()))));
        });
        all.add(new DoesNotMove(
                Cause.TOP_CAUGHT, Message.of(Cause.TOP_CAUGHT), Optional.empty(), Message.of(Remedy.TREAT_AS_HUNG)));
        pull.ifPresent(l -> all.add(new DoesNotMove(
                Cause.PULL_TOO_WEAK,
                Message.of(Cause.PULL_TOO_WEAK),
                Optional.empty(),
                Message.of(Remedy.FALLBACK_LINE)
                        .with("has", l.availableN().map(n -> Arg.down(Dimension.PULL, n)))
                        .with("plan", Arg.up(Dimension.PULL, l.still().tensionN()))
                        .with("wind", Arg.up(Dimension.PULL, l.atLimit().tensionN())))));
        return List.copyOf(all);
    }

    private static Optional<Double> extra(Optional<Pull> pull, double momentNm) {
        return pull.map(l ->
                org.antevid.core.assist.PullLine.RESERVE * momentNm / l.still().armM());
    }
}
