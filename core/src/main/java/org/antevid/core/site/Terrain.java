package org.antevid.core.site;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.operation.linemerge.LineMerger;
import org.locationtech.jts.triangulate.DelaunayTriangulationBuilder;

/**
 * The shape of the ground: one plane for the whole place, a plane of its own for any area, and a triangulated surface
 * where spot heights were taken. At a spot the area's plane counts first, then the triangle it lies in, then the
 * place's plane. Heights are metres above the site's own zero. Between spot heights the ground is taken as flat; what
 * is not measured is not seen, so take one at every break of slope. Source: geometry.
 */
public final class Terrain {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** A triangle steeper than this is a wall or a wrong height, not ground a person walks. */
    private static final double STEEPEST_DEG = 60;

    private final Ground base;
    private final List<Area> areas;
    private final List<SpotHeight> heights;
    private final List<Triangle> triangles;

    /** A part of the place with its own plane. */
    public record Area(Shape shape, Ground ground) {}

    /** A measured height of the ground. */
    public record SpotHeight(Spot at, double heightM) {
        public SpotHeight {
            Require.within(heightM, -500, 9000, "heightM");
        }
    }

    /** A contour line at a height. */
    public record Contour(double heightM, List<Spot> line) {}

    private record Triangle(Coordinate a, Coordinate b, Coordinate c) {
        private double twiceArea() {
            return (b.x - a.x) * (c.y - a.y) - (c.x - a.x) * (b.y - a.y);
        }

        private Optional<Double> heightM(Spot s) {
            double d = twiceArea();
            double u = ((b.x - s.eastM()) * (c.y - s.northM()) - (c.x - s.eastM()) * (b.y - s.northM())) / d;
            double v = ((c.x - s.eastM()) * (a.y - s.northM()) - (a.x - s.eastM()) * (c.y - s.northM())) / d;
            double w = 1 - u - v;
            return Math.min(u, Math.min(v, w)) < -1e-9
                    ? Optional.empty()
                    : Optional.of(u * a.getZ() + v * b.getZ() + w * c.getZ());
        }

        private Ground plane() {
            double d = twiceArea();
            double east = ((b.getZ() - a.getZ()) * (c.y - a.y) - (c.getZ() - a.getZ()) * (b.y - a.y)) / d;
            double north = ((c.getZ() - a.getZ()) * (b.x - a.x) - (b.getZ() - a.getZ()) * (c.x - a.x)) / d;
            double slope = Math.toDegrees(Math.atan(Math.hypot(east, north)));
            return slope < 1e-6 ? Ground.LEVEL : new Ground(Math.min(STEEPEST_DEG, slope), Azimuth.of(-east, -north));
        }

        private Optional<Coordinate[]> cut(double height) {
            List<Coordinate> ends = new ArrayList<>();
            Coordinate[] corners = {a, b, c};
            for (int i = 0; i < 3; i++) {
                Coordinate p = corners[i];
                Coordinate q = corners[(i + 1) % 3];
                if (p.getZ() < height != q.getZ() < height) {
                    double t = (height - p.getZ()) / (q.getZ() - p.getZ());
                    ends.add(new Coordinate(round(p.x + t * (q.x - p.x)), round(p.y + t * (q.y - p.y))));
                }
            }
            return ends.size() == 2 && !ends.get(0).equals(ends.get(1))
                    ? Optional.of(ends.toArray(new Coordinate[0]))
                    : Optional.empty();
        }

        private static double round(double v) {
            return Math.rint(v * 1e6) / 1e6;
        }
    }

    /** @throws RefusedInput {@code DUPLICATE} for two heights at one place */
    public Terrain(Ground base, List<Area> areas, List<SpotHeight> heights) {
        this.base = base;
        this.areas = List.copyOf(areas);
        this.heights = List.copyOf(heights);
        for (int i = 0; i < heights.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (heights.get(i).at().distanceTo(heights.get(j).at()) < 0.05
                        && heights.get(i).heightM() != heights.get(j).heightM()) {
                    throw new RefusedInput(Refusal.TWO_HEIGHTS, "at");
                }
            }
        }
        this.triangles = triangulated(this.heights);
    }

    public static Terrain plane(Ground ground) {
        return new Terrain(ground, List.of(), List.of());
    }

    private static List<Triangle> triangulated(List<SpotHeight> heights) {
        if (heights.size() < 3) {
            return List.of();
        }
        DelaunayTriangulationBuilder builder = new DelaunayTriangulationBuilder();
        builder.setSites(heights.stream()
                .map(h -> new Coordinate(h.at().eastM(), h.at().northM(), h.heightM()))
                .toList());
        Geometry all = builder.getTriangles(FACTORY);
        List<Triangle> triangles = new ArrayList<>();
        for (int i = 0; i < all.getNumGeometries(); i++) {
            Coordinate[] c = all.getGeometryN(i).getCoordinates();
            Triangle t = new Triangle(c[0], c[1], c[2]);
            if (Math.abs(t.twiceArea()) > 1e-6) {
                triangles.add(t);
            }
        }
        return triangles;
    }

    public Ground base() {
        return base;
    }

    /** @return the plane that counts at this spot */
    public Ground groundAt(Spot spot) {
        return areas.stream()
                .filter(a -> a.shape().distanceTo(spot) <= 0)
                .map(Area::ground)
                .findFirst()
                .or(() -> triangles.stream()
                        .filter(t -> t.heightM(spot).isPresent())
                        .findFirst()
                        .map(Triangle::plane))
                .orElse(base);
    }

    /** @return the ground's height inside the spot heights; empty outside of them */
    public Optional<Double> heightM(Spot spot) {
        return triangles.stream().flatMap(t -> t.heightM(spot).stream()).findFirst();
    }

    /**
     * @param intervalM height between two contours, 0.1..50 m
     * @return contour lines of the triangulated surface, lowest first; none for fewer than three spot heights
     */
    public List<Contour> contours(double intervalM) {
        Require.within(intervalM, 0.1, 50, "intervalM");
        if (triangles.isEmpty()) {
            return List.of();
        }
        double low = Collections.min(heights.stream().map(SpotHeight::heightM).toList());
        double high = Collections.max(heights.stream().map(SpotHeight::heightM).toList());
        List<Contour> contours = new ArrayList<>();
        for (double h = Math.ceil(low / intervalM) * intervalM; h <= high; h += intervalM) {
            LineMerger merger = new LineMerger();
            for (Triangle t : triangles) {
                t.cut(h).ifPresent(ends -> merger.add(FACTORY.createLineString(ends)));
            }
            for (Object o : merger.getMergedLineStrings()) {
                List<Spot> line = new ArrayList<>();
                for (Coordinate c : ((LineString) o).getCoordinates()) {
                    line.add(new Spot(c.x, c.y));
                }
                contours.add(new Contour(Math.rint(h * 1000) / 1000, line));
            }
        }
        return contours;
    }
}
