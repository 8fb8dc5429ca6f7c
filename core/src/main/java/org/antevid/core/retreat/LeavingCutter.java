package org.antevid.core.retreat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.message.Arg;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Ground;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Spot;

/**
 * The cutter who leaves a stem, and what he walks on.
 *
 * @param fastS time from noticed movement to tree down, empty when not known
 */
public record LeavingCutter(
        double layDeg,
        double heightM,
        Ground ground,
        Optional<Double> leanAzimuthDeg,
        Optional<Double> fastS,
        double speedMs,
        double reactS,
        double clearM,
        EscapeRoutes.Footing footing,
        double minDistanceM,
        double distanceRatio,
        double corridorM,
        List<EscapeRoutes.Obstacle> obstacles,
        Set<EscapeRoutes.Side> cleared) {
    public LeavingCutter(
            double layDeg,
            double heightM,
            Ground ground,
            Optional<Double> leanAzimuthDeg,
            Optional<Double> fastS,
            double speedMs,
            double reactS,
            double clearM,
            EscapeRoutes.Footing footing,
            double minDistanceM,
            double distanceRatio,
            double corridorM,
            List<EscapeRoutes.Obstacle> obstacles) {
        this(
                layDeg,
                heightM,
                ground,
                leanAzimuthDeg,
                fastS,
                speedMs,
                reactS,
                clearM,
                footing,
                minDistanceM,
                distanceRatio,
                corridorM,
                obstacles,
                Set.of());
    }

    public LeavingCutter {
        Require.within(heightM, 1, 120, "height_m");
        Require.within(speedMs, 0.2, 5, "speed_ms");
        Require.within(corridorM, 0.5, 5, "corridor_m");
        // what lies beyond the longest way, with room to go round, bars none
        double farthest = Math.max(minDistanceM, distanceRatio * heightM) + Detour.ROOM_M + corridorM;
        Spot stump = new Spot(0, 0);
        obstacles = obstacles.stream()
                .filter(o -> o.shape().distanceTo(stump) <= farthest)
                .toList();
        cleared = Set.copyOf(cleared);
    }

    /** @return the same cutter with these sides cleared */
    public LeavingCutter clearedOn(Set<EscapeRoutes.Side> sides) {
        return new LeavingCutter(
                layDeg,
                heightM,
                ground,
                leanAzimuthDeg,
                fastS,
                speedMs,
                reactS,
                clearM,
                footing,
                minDistanceM,
                distanceRatio,
                corridorM,
                obstacles,
                sides);
    }

    double factor(EscapeRoutes.Side side) {
        return cleared.contains(side) ? EscapeRoutes.Footing.CLEAR.factor() : footing.factor();
    }

    /**
     * Practice values: 1.5 m/s, 6 m or a quarter of the height.
     *
     * @param clearM out of this stem's swath, throw and butt zone
     */
    public static LeavingCutter usual(
            double layDeg,
            double heightM,
            Ground ground,
            Optional<Double> leanAzimuthDeg,
            EscapeRoutes.Clock clock,
            double clearM,
            List<EscapeRoutes.Obstacle> obstacles) {
        return new LeavingCutter(
                layDeg,
                heightM,
                ground,
                leanAzimuthDeg,
                clock.fastS(),
                1.5,
                clock.reactS(),
                clearM,
                EscapeRoutes.Footing.LITTER,
                6,
                0.25,
                1.5,
                obstacles);
    }

    /** @return ids of what bars a straight way along {@code azimuthDeg} */
    public List<Arg> barred(double azimuthDeg, double requiredM) {
        return EscapeRoutes.barred(azimuthDeg, EscapeRoutes.START_M, requiredM, corridorM, obstacles);
    }

    /** @return the same cutter on the ground as it is today */
    public LeavingCutter on(GroundState state) {
        EscapeRoutes.Footing today = state == GroundState.FIRM ? footing : EscapeRoutes.Footing.today(state);
        return new LeavingCutter(
                layDeg,
                heightM,
                ground,
                leanAzimuthDeg,
                fastS,
                speedMs,
                reactS,
                clearM,
                today,
                minDistanceM,
                distanceRatio,
                corridorM,
                obstacles,
                cleared);
    }
}
