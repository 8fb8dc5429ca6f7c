package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.antevid.core.assist.Rig;
import org.antevid.core.lay.Means;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.FaceOrder;
import org.antevid.core.stump.School;

/**
 * One step of the cut, in order, able to be ticked off. Practice rule.
 *
 * @param key stable within a stem, so that a tick stays with it
 * @param kind a cut, a check between cuts, or a signal that is read back
 * @param measure what is to be met, in words with its unit; blank for none
 * @param inches the same for people who measure in inches
 */
public record CutStep(String key, Kind kind, String words, String measure, String inches) {
    public CutStep {
        inches = inches == null ? measure : inches;
    }

    /** A measure in both units. */
    private record Both(String metric, String inches) {
        private static final Both NONE = of("");

        private static Both of(String text) {
            return new Both(text, text);
        }

        private Both and(String between, Both other) {
            return new Both(metric + between + other.metric, inches + between + other.inches);
        }

        private Both after(String words) {
            return new Both(words + metric, words + inches);
        }
    }

    /** What is done in a step. */
    public enum Kind {
        CUT,
        CHECK,
        SIGNAL
    }

    static List<CutStep> of(CutPlan p) {
        List<CutStep> all = new ArrayList<>();
        CutCard c = p.card();
        boolean line = p.lay().choice().means().isLine();
        boolean wedges = p.lay().choice().means().kind() == Means.Kind.WEDGES;
        boolean keepOpen = p.lay().choice().support().keepOpen();
        check(all, "saw", "Saw: brake tried, chain sharp, chain tension, bar long enough as the card says", Both.NONE);
        check(all, "ways", "Both ways out walked and clear, cutter and helper know which comes first", Both.NONE);
        check(all, "ring", "Ring empty, lookout answers, everybody where the briefing puts them", Both.NONE);
        check(all, "up1", "Look up: loose wood, wind in the tops, what touches what", Both.NONE);
        face(all, p, c);
        check(
                all,
                "meet",
                "Both face cuts meet, nothing bypasses, no chip left in the corners",
                new Both("at most 5 mm", "at most 1/4 in"));
        check(
                all,
                "aim",
                "Sight along the hinge line",
                Both.of(Azimuth.digits(p.lay().choice().layDeg()) + " degrees"));
        if (p.reread()) {
            check(
                    all,
                    "reread",
                    "Read the opened face: sound wood from each side inward, colour, holes. Enter it; the card "
                            + "is computed anew",
                    Both.NONE);
        }
        if (line) {
            p.pull()
                    .ifPresent(l -> signal(
                            all,
                            "pretension",
                            "Line pretensioned: the tips move a little, the line is straight. Everyone out, "
                                    + "signal read back",
                            Both.of(Pull.kilo(l.pretensionN()))));
        }
        back(all, p, c, wedges || keepOpen);
        check(
                all,
                "hinge",
                "Hinge measured at both ends, even or tapered as planned",
                said("hinge left", c.hingeLeftM(), Measure.Safe.UP)
                        .and(", ", said("right", c.hingeRightM(), Measure.Safe.UP)));
        if (p.backCut() == BackCut.BORE_STRAP) {
            check(all, "up2", "Look up, look round, way out free. Call before the last cut", Both.NONE);
            cut(
                    all,
                    "strap",
                    "Part the strap from outside, a little lower than the bore, standing to the "
                            + p.passes().stand().key(),
                    said("strap", c.strapM(), Measure.Safe.UP));
        } else {
            check(all, "up2", "Look up, look round, way out free. Call before the last centimetres", Both.NONE);
        }
        if (line) {
            signal(
                    all,
                    "away",
                    p.lay().choice().means().rig().when() == Rig.When.STRAP_RELEASED
                            ? "Cutter goes to the end of his way out, then gives the signal to pull; it is read "
                                    + "back before anything moves"
                            : "Kerf opens: the cutter gives the signal to pull and goes; it is read back before "
                                    + "anything moves",
                    Both.NONE);
            signal(
                    all,
                    "pull",
                    "Pull steadily until it goes by itself, never jerk. No movement: hold the line, nobody goes back",
                    Both.of(p.pull().map(l -> Pull.kilo(l.still().tensionN())).orElse("pull not known")));
        } else if (wedges) {
            cut(
                    all,
                    "drive",
                    "Drive the wedges left and right in turn, small blows, look up after each pair",
                    p.wedges()
                            .map(w -> said("lift", w.liftDesignM(), Measure.Safe.UP))
                            .orElse(Both.NONE));
        }
        check(
                all,
                "go",
                "It moves: leave on the way out, eyes on the top; come back only when nothing falls any more",
                Both.NONE);
        return List.copyOf(all);
    }

    private static void face(List<CutStep> all, CutPlan p, CutCard c) {
        boolean below = p.lay().choice().school() == School.HUMBOLDT;
        String sloping = below ? "Notch, sloping cut from below" : "Notch, sloping cut from above";
        Both angle = Both.of(String.format(Locale.ROOT, "%.0f degrees", c.faceDeg()));
        Both depth = said("depth", c.depthM(), Measure.Safe.DOWN);
        if (p.lay().choice().cuts().faceOrder() == FaceOrder.LEVEL_FIRST) {
            cut(all, "face1", "Notch, level cut", depth);
            cut(all, "face2", sloping + ", down to the end of the level one", angle);
        } else {
            cut(all, "face1", sloping + ", to the depth of the notch", angle.and(", ", depth));
            cut(all, "face2", "Notch, level cut, to the end of the sloping one", depth);
        }
    }

    private static void back(List<CutStep> all, CutPlan p, CutCard c, boolean wedge) {
        Both step = c.backCutStepM() > 0
                ? said("above the notch floor", c.backCutStepM(), Measure.Safe.UP)
                : Both.of(c.backCutStepM() < 0 ? "BELOW the notch floor" : "level with the notch floor");
        int n = 1;
        for (Passes.Pass pass : p.passes().passes()) {
            cut(all, "back" + n++, capital(pass.words()), step.and(", ", Both.of("leave the hinge")));
        }
        String wedgeWords = p.lay().choice().means().kind() == Means.Kind.WEDGES
                ? "Set the wedges left and right, hand tight"
                : "Push one wedge in by hand to keep the kerf open; no blow on it";
        switch (p.backCut()) {
            case BORE_STRAP ->
                cut(
                        all,
                        "tostrap",
                        "Saw back to the strap",
                        c.boreLengthM()
                                .map(b -> said("long", b, Measure.Safe.DOWN).and(", ", Both.NONE))
                                .orElse(Both.NONE)
                                .and(
                                        "",
                                        said("strap", c.strapM(), Measure.Safe.UP)
                                                .after("leave ")));
            case BORE_RUN_OUT -> cut(all, "runout", "Run the bore out to the back", Both.of("hinge already finished"));
            case STRAIGHT ->
                cut(
                        all,
                        "tohinge",
                        "Saw on to the hinge",
                        said("hinge", c.hingeThickM(), Measure.Safe.UP).after("leave "));
        }
        if (wedge) {
            cut(all, "wedge", wedgeWords, Both.NONE);
        }
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private static Both said(String what, double metres, Measure.Safe safe) {
        return new Both(Measure.metric(metres, safe) + " " + what, Measure.inches(metres, safe) + " " + what);
    }

    private static void cut(List<CutStep> all, String key, String words, Both measure) {
        all.add(new CutStep(key, Kind.CUT, words, measure.metric, measure.inches));
    }

    private static void check(List<CutStep> all, String key, String words, Both measure) {
        all.add(new CutStep(key, Kind.CHECK, words, measure.metric, measure.inches));
    }

    private static void signal(List<CutStep> all, String key, String words, Both measure) {
        all.add(new CutStep(key, Kind.SIGNAL, words, measure.metric, measure.inches));
    }
}
