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
import org.antevid.core.tangle.picture.PlatePlan;
import org.antevid.core.tangle.plate.FallenPlate;

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
}
