package org.antevid.app.instrument;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.site.Spot;
import org.springframework.stereotype.Component;

/**
 * Looks at a made-up world: the trees of the demo places as they truly stand, elsewhere a tree that the place itself
 * decides. Noise is seeded by where it stands and what it aims at, so that the same shot reads the same again.
 */
@Component
class SimulatedRangefinder implements Rangefinder {
    private static final double SIGMA_M = 0.1;
    private static final double SIGMA_DEG = 0.25;
    private static final double EYE_M = 1.6;
    private static final double NEAR_M = 3;

    /** A tree as it truly stands: top offset from the stump, metres. */
    private record TrueTree(Spot stump, double heightM, double topEastM, double topNorthM) {}

    private static final List<TrueTree> DEMO = List.of(
            new TrueTree(new Spot(38, 34), 23.9, -0.74, -0.1),
            new TrueTree(new Spot(8, 38), 15.6, 0.2, 0.1),
            new TrueTree(new Spot(47, 21), 15.2, 1.1, -0.9),
            new TrueTree(new Spot(32, 22.5), 11.7, 0.3, -1.6),
            new TrueTree(new Spot(28, 59), 17.8, -0.3, 0.5));

    @Override
    public Shot shoot(Spot from, Spot aimedAt, double upM) {
        Random noise = new Random(seed(from, aimedAt, upM));
        double level = Math.max(0.1, from.distanceTo(aimedAt));
        double slope = Math.hypot(level, upM) + SIGMA_M * noise.nextGaussian();
        double inclination = Math.toDegrees(Math.atan2(upM, level)) + SIGMA_DEG * noise.nextGaussian();
        return new Shot(
                round(Azimuth.normal(from.bearingTo(aimedAt) + SIGMA_DEG * noise.nextGaussian()), 1),
                round(Math.max(0.1, slope), 2),
                round(inclination, 1),
                SIGMA_M,
                true);
    }

    @Override
    public Optional<TreeShots> tree(Spot from, Spot stump) {
        TrueTree t = DEMO.stream()
                .filter(d -> d.stump.distanceTo(stump) < NEAR_M)
                .findFirst()
                .orElseGet(() -> made(stump));
        Spot top = new Spot(stump.eastM() + t.topEastM, stump.northM() + t.topNorthM);
        double bearing = Math.toRadians(from.bearingTo(stump));
        double right = t.topEastM * Math.cos(bearing) - t.topNorthM * Math.sin(bearing);
        double noise = SIGMA_M * new Random(seed(from, top, 7)).nextGaussian();
        return Optional.of(new TreeShots(
                shoot(from, stump, -EYE_M), shoot(from, top, t.heightM - EYE_M), round(right + noise, 2)));
    }

    private static TrueTree made(Spot stump) {
        Random r = new Random(seed(stump, stump, 0));
        return new TrueTree(stump, 9 + 15 * r.nextDouble(), 0.7 * r.nextGaussian(), 0.7 * r.nextGaussian());
    }

    private static long seed(Spot a, Spot b, double up) {
        return Math.round(a.eastM() * 10) * 73856093L
                ^ Math.round(a.northM() * 10) * 19349663L
                ^ Math.round(b.eastM() * 10) * 83492791L
                ^ Math.round(b.northM() * 10) * 2654435761L
                ^ Math.round(up * 10);
    }

    private static double round(double v, int digits) {
        double f = Math.pow(10, digits);
        return Math.rint(v * f) / f;
    }
}
