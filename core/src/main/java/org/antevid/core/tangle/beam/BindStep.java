package org.antevid.core.tangle.beam;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.tangle.beam.Squeeze.Face;

/**
 * One action at a cut.
 *
 * @param depthM from that side, or what is left standing of a strap
 */
public record BindStep(Action action, Optional<Face> side, Optional<Double> depthM) {
    private static final double STRAP_REL = 0.12;
    private static final double STRAP_LEAST_M = 0.05;
    private static final double PROBE_M = 0.05;

    /** What is done. */
    public enum Action {
        NO_HAND_CUT_HERE,
        PROBE_CUT,
        RECOMPUTE,
        MACHINE_FIRST,
        TENSION_SIDE_SPLIT_GUARD,
        SECURE_UPPER_PART,
        SECURE_LOWER_PART,
        CUT_FROM,
        WEDGE,
        FINISH,
        FINISH_FROM,
        LEAVE_STRAP,
        RELEASE_OUTSIDE,
        RELIEF_CUT,
        RELEASE_CUT,
        RELEASE_CUT_STEPPED,
        PLUNGE_BEHIND_STRAP,
        J_PLUNGE_MID_THEN_DOWN,
        CUT_TOWARD,
        MOVE_OUT,
        RELEASE_STRAP_FROM_OUTSIDE,
        J_PLUNGE_EXIT;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private static BindStep of(Action action) {
        return new BindStep(action, Optional.empty(), Optional.empty());
    }

    private static BindStep of(Action action, Face side) {
        return new BindStep(action, Optional.of(side), Optional.empty());
    }

    private static BindStep of(Action action, Face side, double depthM) {
        return new BindStep(action, Optional.of(side), Optional.of(depthM));
    }

    /** @return what stays standing on the stretched side until it is released from outside, m */
    static double strapM(double d) {
        return Math.max(STRAP_LEAST_M, STRAP_REL * d);
    }

    /** Of a stem: the squeezed side first, at a hard one a strap that is released from outside. */
    static List<BindStep> ofStem(Section s, BindSeverity severity, boolean roomBelow) {
        double d = s.dM();
        return switch (s.squeeze()) {
            case NEUTRAL ->
                List.of(
                        of(Action.CUT_FROM, Face.TOP, 0.8 * d),
                        of(Action.WEDGE, Face.TOP),
                        of(Action.FINISH, Face.TOP, d));
            case END_BIND -> pressedFromEndToEnd(d, roomBelow ? Face.BOTTOM : Face.TOP);
            case END_PULL ->
                List.of(
                        of(Action.SECURE_LOWER_PART),
                        of(Action.CUT_FROM, Face.TOP, 0.7 * d),
                        of(Action.LEAVE_STRAP, Face.BOTTOM, strapM(d)),
                        of(Action.RELEASE_OUTSIDE, Face.BOTTOM));
            case UNCERTAIN -> probing(d);
            case TOP_BIND, BOTTOM_BIND -> bent(s, severity, roomBelow);
        };
    }

    private static List<BindStep> pressedFromEndToEnd(double d, Face last) {
        return List.of(
                of(Action.SECURE_UPPER_PART),
                of(Action.CUT_FROM, Face.TOP, d / 3),
                of(Action.WEDGE, Face.TOP),
                of(Action.FINISH_FROM, last));
    }

    private static List<BindStep> probing(double d) {
        double depth = Math.min(0.1 * d, PROBE_M);
        return List.of(
                of(Action.PROBE_CUT, Face.TOP, depth), of(Action.PROBE_CUT, Face.BOTTOM, depth), of(Action.RECOMPUTE));
    }

    private static List<BindStep> bent(Section s, BindSeverity severity, boolean roomBelow) {
        double d = s.dM();
        boolean fromAbove = s.squeeze() == Squeeze.TOP_BIND && !roomBelow;
        if (!severity.hard()) {
            double relief = d / 3;
            return fromAbove
                    ? List.of(
                            of(Action.RELIEF_CUT, Face.TOP, relief),
                            of(Action.WEDGE, Face.TOP),
                            of(Action.J_PLUNGE_MID_THEN_DOWN, Face.BOTTOM, 0.1 * d))
                    : List.of(
                            of(Action.RELIEF_CUT, s.squeeze().squeezed(), relief),
                            of(Action.RELEASE_CUT, s.squeeze().stretched(), d - relief));
        }
        List<BindStep> steps = new ArrayList<>();
        if (s.splitDepthRel().filter(a -> a <= Section.SPLIT_EXTREME).isPresent()) {
            steps.add(of(Action.MACHINE_FIRST));
            steps.add(of(Action.TENSION_SIDE_SPLIT_GUARD, s.squeeze().stretched()));
        }
        steps.addAll(behindStrap(s, fromAbove ? Action.J_PLUNGE_EXIT : Action.RELEASE_STRAP_FROM_OUTSIDE));
        return List.copyOf(steps);
    }

    private static List<BindStep> behindStrap(Section s, Action last) {
        double strap = strapM(s.dM());
        return List.of(
                of(Action.RELIEF_CUT, s.squeeze().squeezed(), s.dM() / 4),
                of(Action.PLUNGE_BEHIND_STRAP, s.squeeze().stretched(), strap),
                of(Action.CUT_TOWARD, s.squeeze().squeezed()),
                of(Action.MOVE_OUT),
                of(last, s.squeeze().stretched(), strap));
    }

    static List<BindStep> noHandCut() {
        return List.of(of(Action.NO_HAND_CUT_HERE));
    }

    /** @return depth of the relief cut of a limb, empty where the squeezed side is not known */
    static Optional<Double> reliefOfLimb(Section s, BindSeverity severity) {
        return s.squeeze() == Squeeze.UNCERTAIN ? Optional.empty() : Optional.of(s.dM() / (severity.hard() ? 4 : 3));
    }

    /** @param thick from this diameter on a hard limb gets a strap */
    static List<BindStep> ofLimb(Section s, BindSeverity severity, boolean thick) {
        double d = s.dM();
        return switch (s.squeeze()) {
            case UNCERTAIN -> probing(d);
            case END_BIND -> pressedFromEndToEnd(d, Face.BOTTOM);
            case END_PULL, NEUTRAL -> List.of(of(Action.CUT_FROM, Face.BOTTOM, d / 3), of(Action.FINISH, Face.TOP));
            case TOP_BIND, BOTTOM_BIND -> {
                double relief = reliefOfLimb(s, severity).orElseThrow();
                yield severity.hard() && thick
                        ? behindStrap(s, Action.RELEASE_STRAP_FROM_OUTSIDE)
                        : List.of(
                                of(Action.RELIEF_CUT, s.squeeze().squeezed(), relief),
                                of(Action.RELEASE_CUT_STEPPED, s.squeeze().stretched(), d - relief));
            }
        };
    }
}
