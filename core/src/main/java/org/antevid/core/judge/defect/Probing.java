package org.antevid.core.judge.defect;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.lay.LayControl;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.stem.FieldBook;
import org.antevid.core.stem.Hollow;
import org.antevid.core.stem.Probes;
import org.antevid.core.stem.RaisedCut;

/** Wood that may be decayed: probed in three directions, both hinge corners among them, or taken as decayed. */
final class Probing {
    private Probing() {}

    static Finding of(Case c, String why) {
        if (!c.defect().atTheHinge()) {
            return c.says(
                    Severity.CAUTION,
                    "the stem can break there; nothing tied or rigged above it",
                    why,
                    "practice rule",
                    "tie the line below it, or acknowledge");
        }
        Optional<Hollow> hollow = c.facts()
                .lay()
                .filter(l -> Probes.covers(c.stem().more().walls(), l.choice().layDeg()))
                .flatMap(Probing::hollow);
        if (hollow.isEmpty()) {
            return c.says(
                    Severity.CAUTION,
                    "the wood behind it counts as decayed until probed",
                    why,
                    "practice rule",
                    c.facts().lay().isEmpty()
                            ? "choose a lay, then probe three directions, both hinge corners among them"
                            : "probe three directions, both hinge corners among them, or acknowledge");
        }
        Hollow h = hollow.get();
        String left = String.format(
                Locale.ROOT,
                "probed: %.0f mm left, %.0f mm right at the hinge corners, %.0f %% of the hinge is wood, wall "
                        + "%.0f mm at the thinnest",
                Math.floor(1000 * h.cornerLeftM()),
                Math.floor(1000 * h.cornerRightM()),
                Math.floor(100 * h.hingeWoodShare()),
                Math.floor(1000 * h.wallMinM()));
        return switch (h.result()) {
            case OK ->
                c.says(
                        Severity.NOTE,
                        left,
                        "sound corners make a sound hinge, whatever the core",
                        "geometry",
                        "told in the briefing");
            case CAUTION ->
                c.says(
                        Severity.CAUTION,
                        left,
                        "the shell is thin",
                        "geometry",
                        "open the face and look again, or acknowledge");
            case RAISE_CUT_OR_MACHINE_ASSIST ->
                c.says(
                        Severity.CAUTION,
                        left + "; raise the cut or take a machine" + raised(c),
                        "too little wood at the corners to steer by",
                        "geometry",
                        "raise the cut to thicker wall, or a machine");
            case MACHINE_OR_DISMANTLE ->
                c.says(
                        Severity.SECOND_OPINION,
                        left + "; machine or dismantle",
                        "the shell does not steer a fall",
                        "geometry",
                        "machine or dismantle, with a second opinion");
        };
    }

    /**
     * What a hammer can tell: clear all round clears it, with the place that was sounded; dull, or not sounded, is
     * probed.
     */
    static Finding sounded(Case c, String why) {
        return c.defect().tellsGood()
                ? c.says(
                        Severity.NOTE,
                        "sounded, clear all round at " + Case.metres(c.defect().fromM())
                                + (c.defect().note().isBlank()
                                        ? ""
                                        : " (" + c.defect().note() + ")"),
                        "a clear sound speaks for sound wood",
                        "practice rule",
                        "told in the briefing")
                : of(
                        c,
                        c.defect().tellsBad()
                                ? "a dull sound is hollow or rotten wood"
                                : why + "; sound it with a hammer");
    }

    private static Optional<Hollow> hollow(LayPlan l) {
        return LayControl.hollow(l.stem(), l.choice(), l.card(), l.mass());
    }

    /** From the thinnest walls at two heights, where they were probed. */
    private static String raised(Case c) {
        List<FieldBook.Wall> walls =
                c.stem().more().walls().stream().filter(w -> w.heightM() <= 3).toList();
        double low = walls.stream().mapToDouble(FieldBook.Wall::heightM).min().orElse(0);
        double high = walls.stream().mapToDouble(FieldBook.Wall::heightM).max().orElse(0);
        if (high <= low) {
            return "; probe at a second height to know how far";
        }
        double need = c.stem().dbh().map(d -> Math.max(0.05, 0.15 * d.value())).orElse(0.05);
        RaisedCut r = RaisedCut.of(low, thinnest(walls, low), high, thinnest(walls, high), need);
        return r.cutHeightM()
                .map(h -> "; a cut at " + Case.metres(h) + " has wall enough")
                .orElse("; no height within reach has wall enough");
    }

    private static double thinnest(List<FieldBook.Wall> walls, double heightM) {
        return walls.stream()
                .filter(w -> w.heightM() == heightM)
                .map(w -> w.thicknessM().value())
                .min(Comparator.naturalOrder())
                .orElse(0.0);
    }
}
