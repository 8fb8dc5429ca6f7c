package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.lay.spread.SightMiss;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Side;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.CutChoice;
import org.antevid.core.stump.StrapHold;

/** The measures of a card in the order in which they are cut, each with what a centimetre off does. */
final class Measures {
    private static final double CM = SightMiss.OFF_M;
    /**
     * One end of a hinge a centimetre thicker turns the fall by so much for each share of its thickness (judgement).
     */
    private static final double UNEVEN_DEG = 5;
    /** What is left of a strap that is bark or crumbs. */
    private static final double NO_STRAP_M = 0.003;

    private final CutPlan p;
    private final CutCard c;
    private final CutCard rule;
    private final CutChoice own;
    private final List<Measure> all = new ArrayList<>();

    private Measures(CutPlan p) {
        this.p = p;
        this.c = p.card();
        this.rule = p.byTheRule();
        this.own = p.lay().choice().cuts();
    }

    static List<Measure> of(CutPlan p) {
        Measures m = new Measures(p);
        m.face();
        m.hinge();
        m.back();
        return List.copyOf(m.all);
    }

    private void face() {
        add(
                Measure.Key.DEPTH,
                Side.DOWN,
                c.depthM(),
                rule.depthM(),
                own.depthM().isPresent(),
                bark(c.depthM()),
                deeper());
        add(
                Measure.Key.FACE,
                Side.NEAREST,
                c.faceDeg(),
                rule.faceDeg(),
                own.faceDeg().isPresent(),
                Optional.empty(),
                crossing());
        c.mouthM()
                .ifPresent(m -> add(
                        Measure.Key.MOUTH,
                        Side.UP,
                        m,
                        rule.mouthM().orElse(m),
                        false,
                        own.barkM().map(b -> m * (c.depthM() + b) / c.depthM()),
                        Optional.empty()));
    }

    private void hinge() {
        add(
                Measure.Key.HINGE_LEFT,
                Side.UP,
                c.hingeLeftM(),
                rule.hingeLeftM(),
                own.hingeLeftM().isPresent(),
                Optional.empty(),
                uneven());
        add(
                Measure.Key.HINGE_RIGHT,
                Side.UP,
                c.hingeRightM(),
                rule.hingeRightM(),
                own.hingeRightM().isPresent(),
                Optional.empty(),
                thinner());
        add(
                Measure.Key.HINGE_LENGTH,
                Side.DOWN,
                c.hingeLengthM(),
                rule.hingeLengthM(),
                false,
                own.barkM().map(c::hingeOverBarkM),
                askew());
    }

    private void back() {
        add(
                Measure.Key.STEP,
                Side.UP,
                c.backCutStepM(),
                rule.backCutStepM(),
                own.stepM().isPresent(),
                Optional.empty(),
                Optional.empty());
        if (p.backCut() != BackCut.BORE_STRAP) {
            return;
        }
        add(
                Measure.Key.BORE_FROM,
                Side.UP,
                c.boreFrontM(),
                rule.boreFrontM(),
                false,
                bark(c.boreFrontM()),
                Optional.empty());
        c.boreLengthM()
                .ifPresent(b -> add(
                        Measure.Key.BORE,
                        Side.DOWN,
                        b,
                        rule.boreLengthM().orElse(b),
                        false,
                        Optional.empty(),
                        Optional.empty()));
        add(
                Measure.Key.STRAP,
                Side.UP,
                c.strapM(),
                rule.strapM(),
                own.strapM().isPresent(),
                bark(c.strapM()),
                thinnerStrap());
    }

    private void add(
            Measure.Key key,
            Side side,
            double value,
            double byTheRule,
            boolean set,
            Optional<Double> outside,
            Optional<Message> off) {
        all.add(new Measure(key, value, outside, byTheRule, set, side, off));
    }

    private Optional<Double> bark(double insideM) {
        return own.barkM().map(b -> insideM + b);
    }

    private Optional<Message> deeper() {
        double change = c.chordM(c.depthM() + CM) - c.chordApexM();
        return Optional.of(off(Off.DEEPER)
                .with("change", Arg.of(Dimension.SHORT, Math.abs(change)))
                .with("longer", Arg.flag(change >= 0))
                .with("back", Arg.of(Dimension.SHORT, CM)));
    }

    private static Optional<Message> crossing() {
        return Optional.of(
                off(Off.SHUTS_THE_FACE).with("at", Arg.of(Dimension.OPENING, Math.toDegrees(Math.atan(0.008 / CM)))));
    }

    private Optional<Message> uneven() {
        double miss =
                p.lay().zone().lengthM() * Math.sin(Math.toRadians(Math.min(90, UNEVEN_DEG * CM / c.hingeThickM())));
        return Optional.of(off(Off.THICKER_AT_ONE_END).with("miss", Arg.up(Dimension.LENGTH, miss)));
    }

    private Optional<Message> askew() {
        double miss = SightMiss.of(
                        1000 * SightMiss.OFF_M,
                        Math.max(0.05, c.hingeLengthM()),
                        p.lay().zone().lengthM())
                .missM();
        return Optional.of(off(Off.ASKEW).with("miss", Arg.up(Dimension.HEIGHT, miss)));
    }

    private Optional<Message> thinner() {
        return p.hinge().filter(h -> Double.isFinite(h.utilisation())).map(h -> {
            double t = Math.min(c.hingeLeftM(), c.hingeRightM());
            return t <= CM + 0.001
                    ? off(Off.NO_HINGE)
                    : off(Off.THINNER_HINGE)
                            .with("then", Arg.up(Dimension.SHARE, h.utilisation() * t / (t - CM)))
                            .with("now", Arg.up(Dimension.SHARE, h.utilisation()));
        });
    }

    private Optional<Message> thinnerStrap() {
        return p.strap().flatMap(s -> s.ratio().map(r -> {
            double wood = c.strapM() - CM;
            if (wood <= NO_STRAP_M) {
                return off(Off.NO_STRAP);
            }
            StrapHold less = StrapHold.of(new StrapHold.Strap(
                    p.lay().stem().greenWood(),
                    p.lay().stem().corners(p.lay().choice().layDeg()).strap(),
                    c.dLayM(),
                    c.dAcrossM(),
                    c.depthM(),
                    c.hingeThickM(),
                    wood,
                    0,
                    s.tensionN() * s.armM(),
                    0.5,
                    2));
            return off(Off.THINNER_STRAP)
                    .with("then", Arg.down(Dimension.TIMES, less.ratio().orElse(0.0)))
                    .with("now", Arg.down(Dimension.TIMES, r));
        }));
    }

    private static Message off(Off what) {
        return Message.of(what).with("off", Arg.of(Dimension.SHORT, CM));
    }
}
