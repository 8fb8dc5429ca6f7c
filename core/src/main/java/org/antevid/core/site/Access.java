package org.antevid.core.site;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.quantity.Require;

/**
 * What can get to the stems. Empty means nobody measured it.
 *
 * @param widthM narrowest place on the way in
 * @param gradientDeg steepest place, 0..60
 * @param loadLimitKg what bridge, drain or surface bears
 * @param keepOff surfaces that must not be crossed, in words
 */
public record Access(
        Optional<Double> widthM, Optional<Double> gradientDeg, Optional<Double> loadLimitKg, String keepOff) {
    public static final Access NOT_KNOWN = new Access(Optional.empty(), Optional.empty(), Optional.empty(), "");
    /** Room left on both sides together (practice rule). */
    public static final double ROOM_M = 0.3;

    public Access {
        widthM.ifPresent(w -> Require.within(w, 0.3, 50, "widthM"));
        gradientDeg.ifPresent(g -> Require.within(g, 0, 60, "gradientDeg"));
        loadLimitKg.ifPresent(l -> Require.within(l, 50, 200000, "loadLimitKg"));
    }

    /** What a machine of the crew can do. */
    public enum Use {
        WINCH("winch"),
        LIFT("lifting platform"),
        CRANE("crane"),
        FELLING("felling machine");
        private final String words;

        Use(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * A machine of the crew.
     *
     * @param massKg on its wheels, ready to work
     * @param gradeDeg steepest ground it may travel by its maker's book
     * @param pullN rated pull of its winch, empty without one
     */
    public record Machine(String name, Use use, double widthM, double massKg, double gradeDeg, Optional<Double> pullN) {
        public Machine {
            Require.text(name, 60, "name");
            Require.within(widthM, 0.2, 6, "widthM");
            Require.within(massKg, 10, 100000, "massKg");
            Require.within(gradeDeg, 0, 60, "gradeDeg");
            pullN.ifPresent(p -> Require.within(p, 100, 1e6, "pullN"));
        }
    }

    /** @return why this machine does not get in; empty when everything measured lets it through */
    public List<String> keepsOut(Machine m) {
        List<String> why = new ArrayList<>();
        widthM.filter(w -> w < m.widthM + ROOM_M)
                .ifPresent(w -> why.add(text("%.1f m wide, %s needs %.1f m with room", w, m.name, m.widthM + ROOM_M)));
        gradientDeg
                .filter(g -> g > m.gradeDeg)
                .ifPresent(g -> why.add(text("%.0f° steep, %s may travel %.0f°", g, m.name, m.gradeDeg)));
        loadLimitKg
                .filter(l -> l < m.massKg)
                .ifPresent(l -> why.add(text("bears %.1f t, %s weighs %.1f t", l / 1000, m.name, m.massKg / 1000)));
        return why;
    }

    /** @return what nobody has measured yet */
    public List<String> notKnown() {
        List<String> missing = new ArrayList<>();
        if (widthM.isEmpty()) {
            missing.add("width");
        }
        if (gradientDeg.isEmpty()) {
            missing.add("gradient");
        }
        if (loadLimitKg.isEmpty()) {
            missing.add("load limit");
        }
        return missing;
    }

    private static String text(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
