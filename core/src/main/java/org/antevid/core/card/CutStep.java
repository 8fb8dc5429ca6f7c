package org.antevid.core.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.antevid.core.assist.Rig;
import org.antevid.core.cut.BackCut;
import org.antevid.core.cut.CutCard;
import org.antevid.core.cut.FaceOrder;
import org.antevid.core.cut.School;
import org.antevid.core.lay.Means;
import org.antevid.core.quantity.Azimuth;

/**
 * One step of the cut, in order, able to be ticked off. Practice rule.
 *
 * @param key     stable within a stem, so that a tick stays with it
 * @param kind    a cut, a check between cuts, or a signal that is read back
 * @param measure what is to be met, in words with its unit; blank for none
 */
public record CutStep(String key, Kind kind, String words, String measure) {
    /** What is done in a step. */
    public enum Kind { CUT, CHECK, SIGNAL }

    static List<CutStep> of(CutPlan p) {
        List<CutStep> all = new ArrayList<>();
        CutCard c = p.card();
        boolean line = p.lay().choice().means().isLine();
        boolean wedges = p.lay().choice().means().kind() == Means.Kind.WEDGES;
        boolean keepOpen = p.lay().choice().support().keepOpen();
        check(all, "saw", "Saw: brake tried, chain sharp, chain tension, bar long enough as the card says", "");
        check(all, "ways", "Both ways out walked and clear, cutter and helper know which comes first", "");
        check(all, "ring", "Ring empty, lookout answers, everybody where the briefing puts them", "");
        check(all, "up1", "Look up: loose wood, wind in the tops, what touches what", "");
        face(all, p, c);
        check(all, "meet", "Both face cuts meet, nothing bypasses, no chip left in the corners", "at most 5 mm");
        check(all, "aim", "Sight along the hinge line", Azimuth.digits(p.lay().choice().layDeg()) + " degrees");
        if (p.reread()) {
            check(all, "reread", "Read the opened face: sound wood from each side inward, colour, holes. Enter it; the card is computed anew", "");
        }
        if (line) {
            p.pull().ifPresent(l -> signal(all, "pretension", "Line pretensioned: the tips move a little, the line is straight. Everyone out, signal read back",
                Pull.kilo(l.pretensionN())));
        }
        back(all, p, c, wedges || keepOpen);
        check(all, "hinge", "Hinge measured at both ends, even or tapered as planned", said("hinge left", c.hingeLeftM(), Measure.Safe.UP) + ", " + said("right", c.hingeRightM(), Measure.Safe.UP));
        if (p.backCut() == BackCut.BORE_STRAP) {
            check(all, "up2", "Look up, look round, way out free. Call before the last cut", "");
            cut(all, "strap", "Part the strap from outside, a little lower than the bore, standing to the " + p.passes().stand().key(), said("strap", c.strapM(), Measure.Safe.UP));
        } else {
            check(all, "up2", "Look up, look round, way out free. Call before the last centimetres", "");
        }
        if (line) {
            signal(all, "away", p.lay().choice().means().rig().when() == Rig.When.STRAP_RELEASED ? "Cutter goes to the end of his way out, then gives the signal to pull; it is read back before anything moves"
                : "Kerf opens: the cutter gives the signal to pull and goes; it is read back before anything moves", "");
            signal(all, "pull", "Pull steadily until it goes by itself, never jerk. No movement: hold the line, nobody goes back", p.pull().map(l -> Pull.kilo(l.still().tensionN())).orElse("pull not known"));
        } else if (wedges) {
            cut(all, "drive", "Drive the wedges left and right in turn, small blows, look up after each pair", p.wedges().map(w -> String.format(Locale.ROOT, "lift %.0f mm", Math.ceil(1000 * w.liftDesignM()))).orElse(""));
        }
        check(all, "go", "It moves: leave on the way out, eyes on the top; come back only when nothing falls any more", "");
        return List.copyOf(all);
    }

    private static void face(List<CutStep> all, CutPlan p, CutCard c) {
        boolean below = p.lay().choice().school() == School.HUMBOLDT;
        String sloping = below ? "Notch, sloping cut from below" : "Notch, sloping cut from above";
        String angle = String.format(Locale.ROOT, "%.0f degrees", c.faceDeg());
        String depth = said("depth", c.depthM(), Measure.Safe.DOWN);
        if (p.lay().choice().cuts().faceOrder() == FaceOrder.LEVEL_FIRST) {
            cut(all, "face1", "Notch, level cut", depth);
            cut(all, "face2", sloping + ", down to the end of the level one", angle);
        } else {
            cut(all, "face1", sloping + ", to the depth of the notch", angle + ", " + depth);
            cut(all, "face2", "Notch, level cut, to the end of the sloping one", depth);
        }
    }

    private static void back(List<CutStep> all, CutPlan p, CutCard c, boolean wedge) {
        String step = c.backCutStepM() > 0 ? said("above the notch floor", c.backCutStepM(), Measure.Safe.UP) : c.backCutStepM() < 0 ? "BELOW the notch floor" : "level with the notch floor";
        int n = 1;
        for (Passes.Pass pass : p.passes().passes()) {
            cut(all, "back" + n++, capital(pass.words()) + ", " + step, "leave the hinge");
        }
        String wedgeWords = p.lay().choice().means().kind() == Means.Kind.WEDGES ? "Set the wedges left and right, hand tight" : "Push one wedge in by hand to keep the kerf open; no blow on it";
        switch (p.backCut()) {
            case BORE_STRAP -> cut(all, "tostrap", "Saw back to the strap", c.boreLengthM().map(b -> said("long", b, Measure.Safe.DOWN)).orElse("") + ", leave " + said("strap", c.strapM(), Measure.Safe.UP));
            case BORE_RUN_OUT -> cut(all, "runout", "Run the bore out to the back", "hinge already finished");
            case STRAIGHT -> cut(all, "tohinge", "Saw on to the hinge", "leave " + said("hinge", c.hingeThickM(), Measure.Safe.UP));
        }
        if (wedge) {
            cut(all, "wedge", wedgeWords, "");
        }
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private static String said(String what, double metres, Measure.Safe safe) {
        return String.format(Locale.ROOT, "%.0f mm %s", 1000 * Measure.rounded(metres, safe, Measure.STEP_M), what);
    }

    private static void cut(List<CutStep> all, String key, String words, String measure) {
        all.add(new CutStep(key, Kind.CUT, words, measure));
    }

    private static void check(List<CutStep> all, String key, String words, String measure) {
        all.add(new CutStep(key, Kind.CHECK, words, measure));
    }

    private static void signal(List<CutStep> all, String key, String words, String measure) {
        all.add(new CutStep(key, Kind.SIGNAL, words, measure));
    }
}
