package org.antevid.app.tangle.web;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.app.reader.Speech;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.tangle.picture.PlateBack;
import org.antevid.core.tangle.picture.PlatePlan;
import org.antevid.core.tangle.plate.FallenPlate;
import org.antevid.core.tangle.plate.SetBack;
import org.antevid.core.tangle.plate.TiltedPlate;

/** A raised plate as screens read it: a row for each piece that is cut off. */
final class PlateViews {
    private PlateViews() {}

    /**
     * After so many pieces.
     *
     * @param piece the one removed last; empty before the first cut
     * @param hold what a machine has to press with, as it is said; empty without a place for it
     */
    record PlateRow(
            int removed,
            Optional<String> piece,
            FallenPlate.State state,
            String words,
            @Shown(in = Dimension.TIMES, to = Side.DOWN) Optional<Double> ratio,
            Optional<String> hold) {}

    /** @param unsafeAfter pieces removed at which it no longer stays; 0: before the first cut; empty: never */
    record RaisedPlateView(
            List<PlateRow> rows,
            Optional<Integer> unsafeAfter,
            @Shown(in = Dimension.LENGTH, to = Side.UP) double minStubM,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) double behindM,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) double frontM,
            boolean fallsForward) {}

    static RaisedPlateView of(PlatePlan p) {
        FallenPlate f = p.plate();
        List<PlateRow> rows = new ArrayList<>();
        // the stub stays: what would be without it is no step
        for (FallenPlate.Row r : f.rows().subList(0, f.rows().size() - 1)) {
            rows.add(new PlateRow(
                    r.removed(),
                    r.removed() == 0
                            ? Optional.empty()
                            : Optional.of(piece(p.pieces().get(r.removed() - 1))),
                    r.state(),
                    Speech.words().term(r.state()),
                    r.ratio(),
                    r.holdDownN().map(n -> Speech.words().show(Arg.up(Dimension.FORCE, n)))));
        }
        return new RaisedPlateView(
                rows,
                f.firstUnsafeAfterCut(),
                f.minStubM(),
                Rounding.up(f.zoneBehindM(), 0),
                Rounding.up(f.zoneFrontM(), 0),
                f.warnings().contains(FallenPlate.Warning.PLATE_CAN_FALL_FORWARD_ONTO_THE_STEM));
    }

    private static String piece(PlatePlan.Piece p) {
        return Speech.words().show(Arg.of(Dimension.LENGTH, p.fromM()))
                + " – "
                + Speech.words().show(Arg.of(Dimension.LENGTH, p.toM()))
                + ", "
                + Speech.words().show(Arg.up(Dimension.MASS, p.massHighKg()));
    }

    /**
     * Setting a stump back.
     *
     * @param greatest greatest pull on the way, empty where the line has no arm; {@code atDeg} the turn at which
     * @param stop a reading above it means that something holds that is not weight
     * @param takesOverDeg turn from which it may stand up by itself
     * @param leanAfterDeg what it leans toward the lay when it is in
     * @param trimM to be taken off the rim first
     */
    record PlateBackView(
            Optional<String> start,
            Optional<String> greatest,
            @Shown(in = Dimension.ANGLE, to = Side.NEAREST) Optional<Double> atDeg,
            Optional<String> rated,
            Optional<String> stop,
            @Shown(in = Dimension.ANGLE, to = Side.UP) Optional<Double> takesOverDeg,
            @Shown(in = Dimension.ANGLE, to = Side.UP) double leanAfterDeg,
            @Shown(in = Dimension.LENGTH, to = Side.UP) double trimM,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) double behindM,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) double stemM,
            List<String> warnings,
            List<String> after) {}

    static PlateBackView of(PlateBack p) {
        SetBack b = p.back();
        return new PlateBackView(
                b.start().forceN().map(n -> Speech.words().show(Arg.up(Dimension.PULL, n))),
                b.greatest().map(g -> Speech.words().show(Arg.up(Dimension.PULL, g.expectedN()))),
                b.greatest().map(SetBack.Greatest::psiDeg),
                b.greatest().map(g -> Speech.words().show(Arg.up(Dimension.FORCE, g.ratedNeededN()))),
                b.stopN().map(n -> Speech.words().show(Arg.down(Dimension.FORCE, n))),
                b.takesOverPsiDeg(),
                b.seat().seatPsiDeg(),
                b.seat().trimM(),
                Rounding.up(b.zoneBehindM(), 0),
                Rounding.up(b.zoneStemM(), 0),
                Speech.words().terms(b.warnings()),
                Speech.words().terms(List.of(SetBack.After.values())));
    }

    /**
     * A tree on a lifted plate.
     *
     * @param tiltDeg how far it has turned, and how far it may have
     * @param guy that takes up what the turn added; empty where it is too steep
     */
    record TiltView(
            TiltedPlate.Grade grade,
            String gradeWords,
            @Shown(in = Dimension.ANGLE, to = Side.NEAREST) double tiltDeg,
            @Shown(in = Dimension.ANGLE, to = Side.UP) double tiltHighDeg,
            @Shown(in = Dimension.LENGTH, to = Side.UP) double tipShiftM,
            Optional<String> guy,
            Optional<String> guyDown,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) double zoneM,
            List<String> warnings) {}

    static TiltView of(TiltedPlate t) {
        return new TiltView(
                t.grade(),
                Speech.words().term(t.grade()),
                t.phiDeg(),
                t.phiHighDeg(),
                t.tipShiftHighM(),
                t.guyN().map(n -> Speech.words().show(Arg.up(Dimension.FORCE, n))),
                t.guyVerticalN().map(n -> Speech.words().show(Arg.up(Dimension.FORCE, n))),
                Rounding.up(t.zoneM(), 0),
                Speech.words().terms(t.warnings()));
    }
}
