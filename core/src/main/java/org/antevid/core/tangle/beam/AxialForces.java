package org.antevid.core.tangle.beam;

import java.util.Locale;
import java.util.Optional;

/**
 * What keeps a stem from sliding along its axis, and the force in it.
 *
 * @param util share of the friction that is used; 0 where something fixed holds; empty where nothing rubs
 */
public record AxialForces(Mode mode, Optional<Double> util, double[] alongN) {
    private static final double NONE_N = 1e-9;

    /** What holds it. */
    public enum Mode {
        FIXED,
        STOP,
        FRICTION,
        SLIDES,
        NONE;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    static AxialForces of(LyingStem stem, double[] reactionN) {
        int n = reactionN.length;
        double sine = Math.sin(Math.toRadians(stem.angleDeg()));
        double need = sine * stem.taper().weightTo(stem.lengthM())
                - stem.rope().map(r -> r.alongN(stem.angleDeg())).orElse(0.0);
        double[] along = new double[n];
        int fixed = lowest(stem, Support.Axial.FIXED);
        if (fixed >= 0) {
            along[fixed] = need;
            return new AxialForces(Mode.FIXED, Optional.of(0.0), along);
        }
        if (Math.abs(need) < NONE_N) {
            return new AxialForces(Mode.NONE, Optional.of(0.0), along);
        }
        int stop = lowest(stem, Support.Axial.STOP);
        if (stop >= 0 && need * Math.signum(stem.angleDeg()) >= 0) {
            along[stop] = need;
            return new AxialForces(Mode.STOP, Optional.of(0.0), along);
        }
        double rubbing = 0;
        for (int i = 0; i < n; i++) {
            rubbing += stem.supports().get(i).mu() * Math.abs(reactionN[i]);
        }
        if (rubbing == 0) {
            return new AxialForces(Mode.SLIDES, Optional.empty(), along);
        }
        for (int i = 0; i < n; i++) {
            along[i] = need * stem.supports().get(i).mu() * Math.abs(reactionN[i]) / rubbing;
        }
        double util = Math.abs(need) / rubbing;
        return new AxialForces(util > 1 ? Mode.SLIDES : Mode.FRICTION, Optional.of(util), along);
    }

    /** @return the support of this sort that lies lowest along the slope, -1 for none */
    private static int lowest(LyingStem stem, Support.Axial axial) {
        int at = -1;
        for (int i = 0; i < stem.supports().size(); i++) {
            Support s = stem.supports().get(i);
            if (s.axial() != axial) {
                continue;
            }
            double down = stem.angleDeg() < 0 ? -s.xM() : s.xM();
            if (at < 0
                    || down
                            < (stem.angleDeg() < 0 ? -1 : 1)
                                    * stem.supports().get(at).xM()) {
                at = i;
            }
        }
        return at;
    }

    /** @return axial force at x, tension positive, N */
    double atN(LyingStem stem, double x) {
        double n = Math.sin(Math.toRadians(stem.angleDeg())) * stem.taper().weightTo(x);
        for (int i = 0; i < alongN.length; i++) {
            n -= stem.supports().get(i).xM() < x ? alongN[i] : 0;
        }
        return n
                - stem.rope()
                        .filter(r -> r.xM() < x)
                        .map(r -> r.alongN(stem.angleDeg()))
                        .orElse(0.0);
    }
}
