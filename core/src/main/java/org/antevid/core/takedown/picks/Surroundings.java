package org.antevid.core.takedown.picks;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.site.VoltageClass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.takedown.crane.LineDistance;
import org.antevid.core.takedown.crane.SlewWay;

/**
 * What stands round a crane as it lies on the plan: ground its load must not pass over, trees its load would strike,
 * edges and hollows beside its pads.
 *
 * @param trees that stand, but for the one that is picked
 * @param keptOut what of the way in keeps the machine out, as far as it was measured
 */
public record Surroundings(List<Feature> features, List<StemReading> trees, List<Message> keptOut) {
    private static final Set<FeatureKind> EDGES = EnumSet.of(FeatureKind.WATER, FeatureKind.WALL, FeatureKind.BUILDING);
    /** An edge farther off than this is far enough whatever its depth (judgement). */
    private static final double EDGE_MATTERS_M = 4;

    private static final double BESIDE_M = 0.5;
    private static final double STEP_M = 0.5;
    private static final double ASIDE_DEG = 2;

    /** Something the ground ends at beside a pad. */
    record Edge(String name, double awayM) {}

    public Surroundings(List<Feature> features, List<StemReading> trees) {
        this(features, trees, List.of());
    }

    public Surroundings {
        features = List.copyOf(features);
        trees = List.copyOf(trees);
        keptOut = List.copyOf(keptOut);
    }

    /** @return the nearest bank, wall or house that may matter to a pad, from the pad's edge */
    Optional<Edge> edge(Pad pad) {
        return features.stream()
                .filter(f -> EDGES.contains(f.kind()))
                .map(f -> new Edge(f.name(), Math.max(0, f.shape().distanceTo(pad.at()) - pad.sideM() / 2)))
                .filter(e -> e.awayM < EDGE_MATTERS_M)
                .min(java.util.Comparator.comparingDouble(Edge::awayM));
    }

    /** @return what a pad would stand on or in, by name */
    Optional<String> inTheWay(Pad pad) {
        return features.stream()
                .filter(f -> f.kind().barsTheWay())
                .filter(f -> f.shape().distanceTo(pad.at()) <= pad.sideM() / 2)
                .map(Feature::name)
                .findFirst();
    }

    /** @return what is buried under or beside a pad, by name */
    Optional<String> buried(Pad pad) {
        return features.stream()
                .filter(f -> f.kind() == FeatureKind.BURIED)
                .filter(f -> f.shape().distanceTo(pad.at()) <= pad.sideM() / 2 + BESIDE_M)
                .map(Feature::name)
                .findFirst();
    }

    /**
     * @param withinM how far from the slew centre the load or its ends may come
     * @return sectors the load is not led through
     */
    List<SlewWay.Sector> blocked(Spot crane, double withinM) {
        Stream<SlewWay.Sector> places = features.stream()
                .filter(f -> f.mustNotBeHit() && (f.live() || f.mayHoldPeopleNow()))
                .flatMap(f -> sector(f.name(), f.shape(), crane, withinM + clearanceM(f)).stream());
        Stream<SlewWay.Sector> standing = trees.stream()
                .flatMap(t -> sector(
                        t.label(),
                        Shape.disc(t.at(), Math.max(STEP_M, t.crownRadiusM().orElse(STEP_M))),
                        crane,
                        withinM)
                        .stream());
        return Stream.concat(places, standing).toList();
    }

    private static double clearanceM(Feature f) {
        return f.live() ? LineDistance.clearanceM(f.detail().voltage().orElse(VoltageClass.NOT_KNOWN)) : 0;
    }

    private static Optional<SlewWay.Sector> sector(String name, Shape shape, Spot crane, double withinM) {
        List<Double> seen = new ArrayList<>();
        for (List<Spot> outline : rings(shape)) {
            for (int i = 0; i < outline.size(); i++) {
                Spot a = outline.get(i);
                Spot b = outline.get((i + 1) % outline.size());
                along(a, b, crane, withinM, seen);
            }
        }
        if (seen.isEmpty()) {
            return Optional.empty();
        }
        double first = seen.get(0);
        double left =
                seen.stream().mapToDouble(d -> Azimuth.turn(first, d)).min().orElse(0);
        double right =
                seen.stream().mapToDouble(d -> Azimuth.turn(first, d)).max().orElse(0);
        return Optional.of(new SlewWay.Sector(
                name, Azimuth.normal(first + left - ASIDE_DEG), Azimuth.normal(first + right + ASIDE_DEG)));
    }

    private static List<List<Spot>> rings(Shape shape) {
        return shape.round()
                .map(r -> List.of(java.util.stream.IntStream.range(0, 36)
                        .mapToObj(i -> r.centre().at(10.0 * i, r.radiusM()))
                        .toList()))
                .orElseGet(() -> shape.hasArea() ? shape.outlines() : List.of(there(shape.outline())));
    }

    /** A line and back, so that it is not closed across open ground. */
    private static List<Spot> there(List<Spot> line) {
        List<Spot> all = new ArrayList<>(line);
        for (int i = line.size() - 2; i > 0; i--) {
            all.add(line.get(i));
        }
        return all;
    }

    private static void along(Spot a, Spot b, Spot crane, double withinM, List<Double> seen) {
        double length = a.distanceTo(b);
        int steps = Math.max(1, (int) Math.ceil(length / STEP_M));
        for (int i = 0; i < steps; i++) {
            Spot at = length > 0 ? a.at(a.bearingTo(b), length * i / steps) : a;
            double away = crane.distanceTo(at);
            if (away <= withinM && away > 0) {
                seen.add(crane.bearingTo(at));
            }
        }
    }
}
