package org.antevid.sums;

import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;

/** Names of the open interface as they are read: its short forms spelt out, what is short in speech too left alone. */
final class PlainNames {
    private static final Map<String, String> SPELT = Map.ofEntries(
            Map.entry("d", "diameter"),
            Map.entry("d1", "first diameter"),
            Map.entry("d2", "second diameter"),
            Map.entry("dbh", "diameter at breast height"),
            Map.entry("cg", "centre of gravity"),
            Map.entry("h", "height"),
            Map.entry("h1", "first height"),
            Map.entry("h2", "second height"),
            Map.entry("e", "east"),
            Map.entry("n", "north"),
            Map.entry("az", "direction"),
            Map.entry("dir", "direction"),
            Map.entry("dist", "distance"),
            Map.entry("fwd", "forward"),
            Map.entry("off", "offset"),
            Map.entry("util", "utilisation"),
            Map.entry("rel", "as a share"),
            Map.entry("hi", "high"),
            Map.entry("lo", "low"),
            Map.entry("mu", "friction"),
            Map.entry("mor", "strength in bending"),
            Map.entry("mbs", "breaking strength"),
            Map.entry("eff", "efficiency"),
            Map.entry("t", "time"),
            Map.entry("p", "chance"),
            Map.entry("mc", "rehearsed"),
            Map.entry("se", "standard error"),
            Map.entry("sd", "standard deviation"),
            Map.entry("sigma", "standard deviation"),
            Map.entry("u", "uncertainty"),
            Map.entry("k2", "rate of fall, squared"),
            Map.entry("phi", "angle"),
            Map.entry("psi", "turn"),
            Map.entry("com", "centre of mass"),
            Map.entry("ea", "stiffness"),
            Map.entry("elong", "stretch"),
            Map.entry("wll", "working limit"),
            Map.entry("est", "estimate"),
            Map.entry("cw", "clockwise"),
            Map.entry("ccw", "anticlockwise"),
            Map.entry("rpm", "turns"),
            Map.entry("lb", "minutes at least"),
            Map.entry("makespan", "minutes in all"),
            Map.entry("iters", "lists to try"),
            Map.entry("dur", "duration"),
            Map.entry("pred", "after"),
            Map.entry("comp", "competence"),
            Map.entry("comps", "competences"));

    /** Names that are read as a whole. */
    private static final Map<String, String> WHOLE = Map.ofEntries(
            Map.entry("line_eff", "line that stretches"),
            Map.entry("mass_high", "mass, upper value"),
            Map.entry("mass_low", "mass, lower value"),
            Map.entry("leg_load", "leg to the piece"),
            Map.entry("leg_brake", "leg to the brake"),
            Map.entry("elong_force", "force at that stretch"),
            Map.entry("anchor_lower", "anchor, lowered slowly"),
            Map.entry("mu_low", "friction, low end"),
            Map.entry("mu_high", "friction, high end"),
            Map.entry("slip_low", "slips from"),
            Map.entry("slip_high", "slips at last at"),
            Map.entry("peak_best", "peak as expected"),
            Map.entry("last_z", "last reading, times its usual error"));

    private static final String SIGMA = "sigma_";

    private PlainNames() {}

    /** @param name in snake case, without its unit */
    static String of(String name) {
        if (WHOLE.containsKey(name)) {
            return WHOLE.get(name);
        }
        return name.startsWith(SIGMA)
                ? SPELT.get("sigma") + " of " + spelt(name.substring(SIGMA.length()))
                : spelt(name);
    }

    private static String spelt(String name) {
        return Arrays.stream(name.split("_"))
                .map(part -> SPELT.getOrDefault(part, part))
                .collect(Collectors.joining(" "));
    }
}
