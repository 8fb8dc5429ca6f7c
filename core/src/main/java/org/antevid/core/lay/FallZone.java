package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemMass;

/**
 * How far a stem reaches when it falls on a lay, what is thrown beyond it and who must stay out. Horizontal metres.
 * Errs high: the design reach on the map is the full length, never shortened by slope. Lifting of the butt by obstacles
 * under the stem is not modelled; the butt zone's floor covers it. Sources: geometry and mechanics; two tree lengths
 * and the butt zone are practice rules.
 *
 * @param lengthM hinge to tip at its 95 % high side
 * @param mapReachM horizontal reach on this slope
 * @param designReachM reach to plan with
 * @param throwM what may fly beyond the tip
 * @param slideM slide of the stem, empty when it may run downhill without end
 * @param buttKickM backward slide of the butt on level ground
 * @param exclusionM radius nobody but the named people may be in; where the ring is open it holds for the other
 *     directions only
 * @param open directions in which the ring has no end: it runs to the first thing that holds
 */
public record FallZone(
        double lengthM,
        double slopeAlongDeg,
        double mapReachM,
        double designReachM,
        Spot tip,
        double tipSpeedMs,
        double throwM,
        Optional<Double> slideM,
        double buttKickM,
        double buttZoneM,
        double swathHalfM,
        double swathHalf95M,
        double exclusionM,
        Optional<Open> open,
        List<Warning> warnings) {
    /** What it warns of beside its numbers. */
    public enum Warning {
        STEM_MAY_RUN_DOWNHILL,
        STEM_MAY_ROLL_OR_RUN,
        UPHILL_BUTT_KICKBACK
    }

    /** Half the sector below a stem that rolls or runs (judgement). */
    private static final double OPEN_HALF_DEG = 45;
    /** Round wood without limbs rolls from here (judgement; 3 to 6 degrees are known). */
    private static final double ROLLS_FROM_DEG = 5;

    private static final double LEAST_BUTT_M = 5;
    private static final double LEAST_BUTT_SHARE = 0.15;

    /** Whether limbs hold the stem on a slope; a snag, a stub or a limbed stem rolls. */
    public enum Limbs {
        BRANCHED,
        LIMBLESS
    }

    /** Sector about the fall line, clockwise. */
    public record Open(double fromDeg, double toDeg) {}

    /**
     * Everything the zone depends on.
     *
     * @param height 1..120 above ground
     * @param k2s2 m g h / I of the stem, 1/s2
     * @param closeDeg face closing, 10..120
     * @param restitution share of tip speed thrown on: 0.3 live, 0.45 dead or brash (judgement)
     * @param mu sliding friction: 0.45 litter, 0.3 wet clay, 0.15 snow (typical)
     * @param exclusionLengths tree lengths kept clear, 2 by practice
     * @param cgM centre of gravity above the cut
     */
    public record Fall(
            double layDeg,
            Spot stump,
            Estimate height,
            double cutHeightM,
            double crownRadiusM,
            double crownSpread,
            double k2s2,
            Ground ground,
            double closeDeg,
            double restitution,
            double mu,
            double slideKeep,
            double exclusionLengths,
            double cgM,
            double sigmaLayDeg,
            Limbs limbs) {
        public Fall {
            Require.within(height.value(), 1, 120, "height_m");
            Require.within(cutHeightM, 0, 6, "cut_height_m");
            Require.within(crownRadiusM, 0, 25, "crown_radius_m");
            Require.within(k2s2, 0.02, 20, "k2_s2");
            Require.within(closeDeg, 10, 120, "close_deg");
            Require.within(restitution, 0, 0.8, "restitution");
            Require.within(mu, 0.05, 1.2, "mu");
            Require.within(exclusionLengths, 1, 5, "exclusion_lengths");
            Require.within(cgM, 0.3, 80, "cg_m");
            Require.within(sigmaLayDeg, 0, 90, "sigma_lay_deg");
        }
    }

    /** @throws RefusedInput {@code CUT_ABOVE_TOP} */
    public static FallZone of(Fall f) {
        double length = f.height.high() - f.cutHeightM;
        double slope = f.ground.alongDeg(f.layDeg);
        double b = Math.toRadians(slope);
        if (!(length > 0) || f.cutHeightM >= length * Math.cos(b)) {
            throw new RefusedInput(Refusal.CUT_ABOVE_TOP, "cut_height_m");
        }
        double reach = mapReach(length, f.cutHeightM, Math.tan(b));
        double speed = length * Math.sqrt(Math.max(0, 2 * f.k2s2 * (1 - Math.cos(Math.PI / 2 + b))));
        double thrown = Math.max(
                0.1 * length, Math.pow(f.restitution * speed, 2) / StemMass.G * (1 + Math.sin(b)) / Math.cos(b));
        // the ground may come before the face closes
        double close = Math.toRadians(Math.min(f.closeDeg, 90 + slope));
        double kept =
                f.slideKeep * f.cgM * Math.sqrt(2 * f.k2s2 * (1 - Math.cos(close))) * Math.max(0, Math.cos(close));
        Optional<Double> slide = slide(kept, f.mu, b);
        double kick = kept * kept / (2 * StemMass.G * f.mu);
        double backSlide = b < 0 ? slide(kept, f.mu, -b).orElse(length) : kick;
        double buttZone =
                Math.max(Math.max(LEAST_BUTT_M, LEAST_BUTT_SHARE * length), Math.max(backSlide, slide.orElse(length)));
        double swath = f.crownSpread * f.crownRadiusM;
        List<Warning> warnings = new ArrayList<>();
        if (slide.isEmpty()) {
            warnings.add(Warning.STEM_MAY_RUN_DOWNHILL);
        } else if (runs(f)) {
            warnings.add(Warning.STEM_MAY_ROLL_OR_RUN);
        }
        if (slope < -10) {
            warnings.add(Warning.UPHILL_BUTT_KICKBACK);
        }
        double exclusion = Math.max(f.exclusionLengths * length, length + thrown + slide.orElse(0.0));
        double swath95 = swath + length * Math.sin(Math.toRadians(Math.min(90, 1.96 * f.sigmaLayDeg)));
        return new FallZone(
                length,
                slope,
                reach,
                length,
                f.stump.at(f.layDeg, reach),
                speed,
                thrown,
                slide,
                kick,
                buttZone,
                swath,
                swath95,
                exclusion,
                slide.isEmpty() || runs(f) ? Optional.of(open(f.ground)) : Optional.empty(),
                List.copyOf(warnings));
    }

    /** On ground as steep as it is slippery, or without limbs, a stem rolls or turns and runs whatever the lay. */
    private static boolean runs(Fall f) {
        return Math.tan(Math.toRadians(f.ground.slopeDeg())) >= f.mu
                || f.limbs == Limbs.LIMBLESS && f.ground.slopeDeg() > ROLLS_FROM_DEG;
    }

    private static Open open(Ground ground) {
        return new Open(
                Azimuth.normal(ground.downhillDeg() - OPEN_HALF_DEG),
                Azimuth.normal(ground.downhillDeg() + OPEN_HALF_DEG));
    }

    /** Positive root of R^2 + (hs + R tan b)^2 = L^2. */
    private static double mapReach(double length, double cutHeightM, double tan) {
        double a = 1 + tan * tan;
        double half = cutHeightM * tan;
        return (-half + Math.sqrt(half * half - a * (cutHeightM * cutHeightM - length * length))) / a;
    }

    private static Optional<Double> slide(double speedMs, double mu, double slopeRad) {
        double grip = mu * Math.cos(slopeRad) - Math.sin(slopeRad);
        return grip > 0 ? Optional.of(speedMs * speedMs / (2 * StemMass.G * grip)) : Optional.empty();
    }

    public boolean downhillUnbounded() {
        return open.isPresent();
    }
}
