package org.antevid.core.retreat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;

/**
 * A way out around obstacles where no straight one is clear: the shortest on a half-metre grid that keeps to its side,
 * off the fall side and off the line straight back, and ends between 110 and 160 degrees off the lay at the distance
 * required. Corners are cut where the corridor allows. Horizontal metres from the stump. Source: practice rule for the
 * directions, geometry for the rest.
 */
final class Detour {
    private static final double CELL_M = 0.5;
    static final double ROOM_M = 3;
    private static final double NEAR_M = 1.2;
    private static final double GOAL_FROM = 110;
    private static final double GOAL_TO = 160;

    private Detour() {}

    /** @return corner points from the stump to the end; empty when that side is shut */
    static Optional<List<Spot>> of(
            double layDeg, int side, double requiredM, double corridorM, List<EscapeRoutes.Obstacle> obstacles) {
        int half = (int) Math.ceil((requiredM + ROOM_M) / CELL_M);
        int width = 2 * half + 1;
        boolean[] free = new boolean[width * width];
        double[] far = new double[width * width];
        Spot origin = new Spot(0, 0);
        for (int i = 0; i < free.length; i++) {
            Spot s = at(i, half, width);
            double r = s.distanceTo(origin);
            double rel = side * Azimuth.turn(layDeg, origin.bearingTo(s));
            boolean inSector = r < NEAR_M || rel >= EscapeRoutes.LEAST_REL_DEG && rel <= EscapeRoutes.MOST_REL_DEG;
            free[i] = inSector
                    && r <= requiredM + ROOM_M
                    && obstacles.stream().noneMatch(o -> o.shape().distanceTo(s) < corridorM / 2);
        }
        Arrays.fill(far, Double.MAX_VALUE);
        int[] from = new int[free.length];
        int start = half * width + half;
        far[start] = 0;
        from[start] = -1;
        PriorityQueue<double[]> queue = new PriorityQueue<>(Comparator.comparingDouble(q -> q[0]));
        queue.add(new double[] {0, start});
        while (!queue.isEmpty()) {
            double[] next = queue.poll();
            int cell = (int) next[1];
            if (next[0] > far[cell]) {
                continue;
            }
            Spot s = at(cell, half, width);
            double rel = side * Azimuth.turn(layDeg, origin.bearingTo(s));
            if (s.distanceTo(origin) >= requiredM && rel >= GOAL_FROM && rel <= GOAL_TO) {
                return Optional.of(straightened(path(cell, from, half, width), corridorM, obstacles));
            }
            for (int dx = -1; dx <= 1; dx++) {
                for (int dy = -1; dy <= 1; dy++) {
                    int x = cell % width + dx;
                    int y = cell / width + dy;
                    int to = y * width + x;
                    if (x < 0 || y < 0 || x >= width || y >= width || !free[to]) {
                        continue;
                    }
                    double there = far[cell] + CELL_M * Math.hypot(dx, dy);
                    if (there < far[to]) {
                        far[to] = there;
                        from[to] = cell;
                        queue.add(new double[] {there, to});
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static Spot at(int cell, int half, int width) {
        return new Spot((cell % width - half) * CELL_M, (cell / width - half) * CELL_M);
    }

    private static List<Spot> path(int end, int[] from, int half, int width) {
        List<Spot> path = new ArrayList<>();
        for (int c = end; c >= 0; c = from[c]) {
            path.add(at(c, half, width));
        }
        Collections.reverse(path);
        return path;
    }

    private static List<Spot> straightened(List<Spot> path, double corridorM, List<EscapeRoutes.Obstacle> obstacles) {
        List<Spot> kept = new ArrayList<>(List.of(path.get(0)));
        int at = 0;
        while (at < path.size() - 1) {
            int next = path.size() - 1;
            while (next > at + 1 && !clear(path.get(at), path.get(next), corridorM, obstacles)) {
                next--;
            }
            kept.add(path.get(next));
            at = next;
        }
        return List.copyOf(kept);
    }

    private static boolean clear(Spot a, Spot b, double corridorM, List<EscapeRoutes.Obstacle> obstacles) {
        Shape leg = Shape.line(List.of(a, b));
        return obstacles.stream().noneMatch(o -> o.shape().distanceTo(leg) < corridorM / 2 - 1e-6);
    }

    static double lengthM(List<Spot> path) {
        double sum = 0;
        for (int i = 1; i < path.size(); i++) {
            sum += path.get(i - 1).distanceTo(path.get(i));
        }
        return sum;
    }
}
