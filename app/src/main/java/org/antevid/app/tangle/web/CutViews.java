package org.antevid.app.tangle.web;

import java.util.List;
import java.util.Optional;
import org.antevid.app.reader.Speech;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.tangle.beam.BindBest;
import org.antevid.core.tangle.beam.BindCut;
import org.antevid.core.tangle.beam.BindSeverity;
import org.antevid.core.tangle.beam.BindStep;
import org.antevid.core.tangle.beam.LyingStem;
import org.antevid.core.tangle.beam.Severed;
import org.antevid.core.tangle.beam.Squeeze;
import org.antevid.core.tangle.picture.KerfReading;
import org.antevid.core.tangle.picture.SideFigure;

/** A cut as it is read on screens: what both parts do, how hard it binds, in what order it is cut. */
final class CutViews {
    /** A stone of this mass falls this far: what an energy is told as. */
    private static final double STONE_KG = 40;

    /** Movements up to this are said in millimetres. */
    private static final double SMALL_MOVE_M = 0.3;

    private CutViews() {}

    /**
     * What one part does.
     *
     * @param faceMoveM of its face, up positive; empty where nobody knows how far
     * @param move how far its face moves, up, as it is said
     * @param outline where it is afterwards, seen from the side; empty where nobody knows how far it moves
     */
    record SeveredPart(
            @Shown(in = Dimension.MASS, to = Side.UP) double massKg,
            Severed.Act act,
            String words,
            Optional<Double> faceMoveM,
            List<SideFigure.Point> outline,
            Optional<String> move) {}

    /** One action, in words, and how deep. */
    record SawStep(
            BindStep.Action action,
            Optional<Squeeze.Face> side,
            String words,
            @Shown(in = Dimension.SAWN, to = Side.NEAREST) Optional<Double> depthM) {}

    /**
     * The stem seen from its butt: how the ground lies across it, where it rolls.
     *
     * @param downhill the side it rolls to and nobody stands on; empty on level ground
     */
    record EndSeen(
            @Shown(in = Dimension.ANGLE, to = Side.UP) double acrossDeg, Optional<LyingStem.Flank> downhill) {
        static EndSeen of(LyingStem beam) {
            return new EndSeen(beam.crossSlopeDeg(), beam.uphill().map(LyingStem.Flank::other));
        }
    }

    /**
     * A cut.
     *
     * @param face the cut from its upper to its lower edge
     * @param voided a kerf has contradicted the picture: nothing is cut by it
     * @param asksFromBelow it is cut from below last, unless somebody says why not
     * @param curvedPlunge it takes a plunge that is swept round: a second opinion
     * @param kerf what a first cut here showed
     * @param stoneM the freed energy as the height a stone of 40 kg falls from; empty while a movement is not known
     */
    record TangleCut(
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double xM,
            @Shown(in = Dimension.SHORT, to = Side.NEAREST) double dM,
            Squeeze squeeze,
            String squeezeWords,
            BindSeverity severity,
            String severityWords,
            Squeeze.Pinch pinch,
            SeveredPart butt,
            SeveredPart tip,
            List<SideFigure.Point> face,
            EndSeen end,
            @Shown(in = Dimension.LENGTH, to = Side.UP) Optional<Double> stoneM,
            List<String> stand,
            List<String> flags,
            boolean noHandCut,
            boolean voided,
            boolean asksFromBelow,
            boolean curvedPlunge,
            Optional<KerfReading.Did> kerf,
            List<SawStep> sequence,
            List<String> overloaded,
            List<String> unloads) {}

    static TangleCut of(
            BindCut c,
            LyingStem beam,
            SideFigure f,
            List<String> restNames,
            boolean voided,
            Optional<KerfReading.Did> kerf) {
        Optional<Double> energy = c.dropJ().map(d -> d + c.elasticJ());
        return new TangleCut(
                c.xM(),
                c.section().dM(),
                c.section().squeeze(),
                Speech.words().term(c.section().squeeze()),
                c.severity(),
                Speech.words().term(c.severity()),
                c.section().squeeze().pinch(),
                part(c.buttPart(), f.after(c, true)),
                part(c.tipPart(), f.after(c, false)),
                List.of(f.top(c.xM()), f.bottom(c.xM())),
                EndSeen.of(beam),
                energy.map(e -> Rounding.up(e / (STONE_KG * org.antevid.core.stem.StemMass.G), 1)),
                Speech.words().terms(c.stand()),
                Speech.words().terms(c.flags()),
                c.flags().contains(BindCut.Flag.HUNG_PART_OVERHEAD_NO_HAND_CUT),
                voided,
                c.section().squeeze() == Squeeze.TOP_BIND && c.roomBelow(),
                c.curvedPlunge(),
                kerf,
                voided ? List.of() : c.sequence().stream().map(CutViews::step).toList(),
                c.overloaded().stream().map(restNames::get).toList(),
                c.unloads().stream().map(restNames::get).toList());
    }

    private static SawStep step(BindStep s) {
        return new SawStep(s.action(), s.side(), Speech.words().term(s.action()), s.depthM());
    }

    private static SeveredPart part(Severed p, List<SideFigure.Point> outline) {
        return new SeveredPart(
                Rounding.up(p.massKg(), 0),
                p.act(),
                Speech.words().term(p.act()),
                p.faceMoveM(),
                outline,
                p.faceMoveM().map(m -> Speech.words()
                        .show(Arg.up(Math.abs(m) < SMALL_MOVE_M ? Dimension.SHORT : Dimension.LENGTH, Math.abs(m)))));
    }

    /** A good place to cut. */
    record GoodCut(
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double xM,
            @Shown(in = Dimension.MASS, to = Side.UP) double pieceKg,
            Squeeze squeeze,
            String squeezeWords,
            BindSeverity severity,
            String severityWords) {}

    static List<GoodCut> best(BindBest b) {
        return b.best().stream()
                .map(p -> new GoodCut(
                        p.xM(),
                        Rounding.up(p.pieceKg(), 0),
                        p.squeeze(),
                        Speech.words().term(p.squeeze()),
                        p.severity(),
                        Speech.words().term(p.severity())))
                .toList();
    }
}
