package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.NOTE;
import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.message.Dimension.HEIGHT;
import static org.antevid.core.message.Dimension.SHARE;
import static org.antevid.core.message.Dimension.SHORT;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.core.judge.Finding;
import org.antevid.core.lay.LayControl;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Arg;
import org.antevid.core.stem.FieldBook;
import org.antevid.core.stem.Hollow;
import org.antevid.core.stem.Probes;
import org.antevid.core.stem.RaisedCut;

/** Wood that may be hollow or rotten counts as decayed until it is probed; what was probed decides. */
final class Probing {
    private Probing() {}

    static Finding of(Case c) {
        if (!c.defect().atTheHinge()) {
            return c.says(CAUTION, Consequence.BREAKS_THERE);
        }
        return c.facts()
                .lay()
                .filter(l -> Probes.covers(c.stem().more().walls(), l.choice().layDeg()))
                .flatMap(Probing::hollow)
                .map(h -> probed(c, h))
                .orElseGet(() -> c.says(CAUTION, Consequence.NOT_PROBED)
                        .with("laid", Arg.flag(c.facts().lay().isPresent()))
                        .with("dull", Arg.flag(c.defect().tellsBad())));
    }

    private static Finding probed(Case c, Hollow h) {
        Finding said =
                switch (h.result()) {
                    case OK -> c.says(NOTE, Consequence.PROBED_SOUND);
                    case CAUTION -> c.says(CAUTION, Consequence.PROBED_THIN);
                    case RAISE_CUT_OR_MACHINE_ASSIST -> raised(c, c.says(CAUTION, Consequence.PROBED_RAISE));
                    case MACHINE_OR_DISMANTLE -> c.says(SECOND_OPINION, Consequence.PROBED_MACHINE);
                };
        return said.with("left", Arg.down(SHORT, h.cornerLeftM()))
                .with("right", Arg.down(SHORT, h.cornerRightM()))
                .with("share", Arg.down(SHARE, h.hingeWoodShare()))
                .with("thinnest", Arg.down(SHORT, h.wallMinM()));
    }

    /**
     * What a hammer can tell: clear all round clears it, with the place that was sounded; dull, or not sounded, is
     * probed.
     */
    static Finding sounded(Case c) {
        return c.defect().tellsGood()
                ? c.says(NOTE, Consequence.SOUNDED_CLEAR)
                        .with("height", Arg.of(HEIGHT, c.defect().fromM()))
                        .with(
                                "note",
                                Optional.of(c.defect().note())
                                        .filter(n -> !n.isBlank())
                                        .map(Arg::name))
                : of(c);
    }

    private static Optional<Hollow> hollow(LayPlan l) {
        return LayControl.hollow(l.stem(), l.choice(), l.card(), l.mass());
    }

    /** From the thinnest walls at two heights, where they were probed. */
    private static Finding raised(Case c, Finding said) {
        List<FieldBook.Wall> walls =
                c.stem().more().walls().stream().filter(w -> w.heightM() <= 3).toList();
        double low = walls.stream().mapToDouble(FieldBook.Wall::heightM).min().orElse(0);
        double high = walls.stream().mapToDouble(FieldBook.Wall::heightM).max().orElse(0);
        if (high <= low) {
            return said.with("second", Arg.flag(false));
        }
        double need = c.stem().dbh().map(d -> Math.max(0.05, 0.15 * d.value())).orElse(0.05);
        RaisedCut r = RaisedCut.of(low, thinnest(walls, low), high, thinnest(walls, high), need);
        return said.with("second", Arg.flag(true)).with("enough", r.cutHeightM().map(h -> Arg.of(HEIGHT, h)));
    }

    private static double thinnest(List<FieldBook.Wall> walls, double heightM) {
        return walls.stream()
                .filter(w -> w.heightM() == heightM)
                .map(w -> w.thicknessM().value())
                .min(Comparator.naturalOrder())
                .orElse(0.0);
    }
}
