package org.antevid.core.site;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
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
        WINCH,
        LIFT,
        CRANE,
        FELLING;
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

    /** What keeps a machine out. */
    public enum Limit implements Code {
        TOO_NARROW,
        TOO_STEEP,
        TOO_HEAVY
    }

    /** What is measured of the way in. */
    public enum Measure {
        WIDTH,
        GRADIENT,
        LOAD_LIMIT
    }

    /** @return why this machine does not get in; empty when everything measured lets it through */
    public List<Message> keepsOut(Machine m) {
        List<Message> why = new ArrayList<>();
        widthM.filter(w -> w < m.widthM + ROOM_M)
                .ifPresent(w -> why.add(against(Limit.TOO_NARROW, m, Dimension.LENGTH, w, m.widthM + ROOM_M)));
        gradientDeg
                .filter(g -> g > m.gradeDeg)
                .ifPresent(g -> why.add(against(Limit.TOO_STEEP, m, Dimension.ANGLE, g, m.gradeDeg)));
        loadLimitKg
                .filter(l -> l < m.massKg)
                .ifPresent(l -> why.add(against(Limit.TOO_HEAVY, m, Dimension.MASS, l, m.massKg)));
        return why;
    }

    private static Message against(Limit limit, Machine m, Dimension dimension, double way, double machine) {
        return Message.of(limit)
                .with("machine", Arg.name(m.name))
                .with("way", Arg.of(dimension, way))
                .with("needs", Arg.of(dimension, machine));
    }

    /** @return what nobody has measured yet */
    public List<Measure> notKnown() {
        List<Measure> missing = new ArrayList<>();
        if (widthM.isEmpty()) {
            missing.add(Measure.WIDTH);
        }
        if (gradientDeg.isEmpty()) {
            missing.add(Measure.GRADIENT);
        }
        if (loadLimitKg.isEmpty()) {
            missing.add(Measure.LOAD_LIMIT);
        }
        return missing;
    }
}
