package org.antevid.core.site;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Outline of a thing in the local frame: a disc, a line or a polygon. Distances are horizontal metres. The polygon is
 * closed by itself and must not cross itself.
 */
public final class Shape {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private final Geometry geometry;
    private final PreparedGeometry prepared;
    private final Optional<Round> round;

    /** A disc as it was entered. */
    public record Round(Spot centre, double radiusM) {}

    private Shape(Geometry geometry) {
        this(geometry, Optional.empty());
    }

    private Shape(Geometry geometry, Optional<Round> round) {
        this.geometry = geometry;
        this.prepared = PreparedGeometryFactory.prepare(geometry);
        this.round = round;
    }

    /** A disc; a radius under 5 cm is taken as 5 cm. */
    public static Shape disc(Spot centre, double radiusM) {
        Require.within(radiusM, 0, 500, "radiusM");
        double radius = Math.max(0.05, radiusM);
        return new Shape(
                FACTORY.createPoint(coordinate(centre)).buffer(radius, 16), Optional.of(new Round(centre, radius)));
    }

    /** @throws RefusedInput for fewer than two points */
    public static Shape line(List<Spot> points) {
        if (points.size() < 2) {
            throw new RefusedInput(Refusal.BAD_LINE, "points");
        }
        return new Shape(
                FACTORY.createLineString(points.stream().map(Shape::coordinate).toArray(Coordinate[]::new)));
    }

    /** @throws RefusedInput for fewer than three corners or an outline that crosses itself */
    public static Shape polygon(List<Spot> corners) {
        if (corners.size() < 3) {
            throw new RefusedInput(Refusal.TOO_FEW_CORNERS, "points");
        }
        Coordinate[] ring = Stream.concat(corners.stream(), Stream.of(corners.get(0)))
                .map(Shape::coordinate)
                .toArray(Coordinate[]::new);
        Geometry polygon = FACTORY.createPolygon(ring);
        if (!polygon.isValid()) {
            throw new RefusedInput(Refusal.BAD_POLYGON, "points");
        }
        return new Shape(polygon);
    }

    /** @return the same shape in a frame whose origin is {@code origin} */
    public Shape seenFrom(Spot origin) {
        return new Shape(
                AffineTransformation.translationInstance(-origin.eastM(), -origin.northM())
                        .transform(geometry),
                round.map(r -> new Round(
                        new Spot(r.centre.eastM() - origin.eastM(), r.centre.northM() - origin.northM()), r.radiusM)));
    }

    /** @return this shape grown by {@code distanceM} metres on every side */
    public Shape grown(double distanceM) {
        return new Shape(geometry.buffer(distanceM, 12));
    }

    public boolean touches(Shape other) {
        return prepared.intersects(other.geometry);
    }

    /** @return the smallest distance in metres, 0 when they touch */
    public double distanceTo(Shape other) {
        if (other.round.isPresent()) {
            return Math.max(0, distanceTo(other.round.get().centre) - other.round.get().radiusM);
        }
        return round.isPresent() ? other.distanceTo(this) : geometry.distance(other.geometry);
    }

    /** @return this area together with others */
    public Shape with(Shape other) {
        return new Shape(geometry.union(other.geometry));
    }

    /** @return what is left of this area; empty when nothing is */
    public Optional<Shape> without(Shape other) {
        Geometry left = geometry.difference(other.geometry);
        return left.isEmpty() ? Optional.empty() : Optional.of(new Shape(left));
    }

    /** @return outer rings of the area, for drawing; one for most shapes */
    public List<List<Spot>> outlines() {
        return Stream.iterate(0, i -> i < geometry.getNumGeometries(), i -> i + 1)
                .map(geometry::getGeometryN)
                .map(g -> g instanceof Polygon p ? p.getExteriorRing() : g)
                .map(g -> Stream.of(g.getCoordinates())
                        .map(c -> new Spot(c.x, c.y))
                        .toList())
                .toList();
    }

    public double distanceTo(Spot spot) {
        if (round.isPresent()) {
            return Math.max(0, round.get().centre.distanceTo(spot) - round.get().radiusM);
        }
        return geometry.distance(FACTORY.createPoint(coordinate(spot)));
    }

    /** @return the largest distance from {@code spot} to any of the outline's points */
    public double farthestFrom(Spot spot) {
        return outline().stream().mapToDouble(spot::distanceTo).max().orElse(0);
    }

    /** @return a point inside or on the shape, where its mark can be drawn */
    public Spot mark() {
        Coordinate c = geometry.getInteriorPoint().getCoordinate();
        return new Spot(c.x, c.y);
    }

    /** @return centre and radius of a disc; empty for anything else */
    public Optional<Round> round() {
        return round;
    }

    /** @return whether it has an inside: a disc or a polygon, no line */
    public boolean hasArea() {
        return geometry.getDimension() == 2;
    }

    public List<Spot> outline() {
        return Stream.of(geometry.getCoordinates()).map(c -> new Spot(c.x, c.y)).toList();
    }

    private static Coordinate coordinate(Spot s) {
        return new Coordinate(s.eastM(), s.northM());
    }
}
