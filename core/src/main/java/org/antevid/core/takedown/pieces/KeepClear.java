package org.antevid.core.takedown.pieces;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Spot;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.spar.Point;

/** Ground nobody stands on while a piece is cut: as far as it can end, round the place it is cut above. */
public final class KeepClear {
    private static final int STEP_DEG = 10;
    private static final double MM = 1000;

    /** A piece on a line turns about its knot; twigs and chips fall beside it (judgement). */
    private static final double BESIDE_M = 1;

    private static final double LEAST_BESIDE_M = 3;

    /** To each side of its face a top over a sound hinge may still go so far (judgement). */
    private static final double BESIDE_FACE_DEG = 45;

    private KeepClear() {}

    /**
     * @param foot of the stem on the plan
     * @return where nobody stands who has a part while the piece comes down: on a line as far as it swings and is
     *     drawn, else as far as it can end; empty where nothing stops it
     */
    public static Optional<List<Spot>> whileCut(Spot foot, Piece p, Ground ground) {
        return p.tie()
                .flatMap(tie -> p.block().map(block -> swung(foot, p, tie, block)))
                .or(() -> of(foot, p, ground));
    }

    /** The knot swings as far to the other side as it came from; every place its ends reach from there. */
    private static List<Spot> swung(Spot foot, Piece p, Point tie, Point block) {
        Optional<Drift.Held> held = p.drift().flatMap(Drift::held);
        Point line = tie.minus(held.map(Drift.Held::anchor).orElse(block));
        double out = p.cut().way().fallsIntoLine() ? line.size() : Math.hypot(line.x(), line.y());
        double az = out > 0 ? Azimuth.of(line.x(), line.y()) : 0;
        double reach = Math.max(p.to().minus(tie).size(), p.from().minus(tie).size());
        // the chords of the outline stay outside the arc
        double beside = Math.max(LEAST_BESIDE_M, reach + BESIDE_M) / Math.cos(Math.toRadians(STEP_DEG / 2.0));
        Spot below = on(foot, held.map(Drift.Held::anchor).orElse(block));
        List<Spot> middles = new ArrayList<>(List.of(below.at(az, out), below.at(az, -out)));
        p.drift().ifPresent(d -> middles.add(on(foot, d.end())));
        // the line over the stem takes it over in the end
        held.ifPresent(h -> middles.add(on(foot, block)));
        return round(middles, deg -> beside);
    }

    /**
     * @param foot of the stem on the plan
     * @return the outline of where it can end if nothing holds it, wider downhill, all along the way it is drawn; empty
     *     where nothing stops the piece
     */
    public static Optional<List<Spot>> of(Spot foot, Piece p, Ground ground) {
        List<Point> over = new ArrayList<>(List.of(p.from()));
        p.drift().ifPresent(d -> over.add(d.end()));
        p.drift().flatMap(Drift::held).ifPresent(h -> over.addAll(List.of(h.anchor(), h.beyond())));
        return of(foot, over, p.drop(), ground);
    }

    /**
     * @param foot of the stem on the plan
     * @return nobody without a part nearer to it, should nothing hold the piece; empty where nothing stops it
     */
    public static Optional<Double> keepOffM(Spot foot, Piece p, Ground ground) {
        return of(foot, p, ground)
                .map(zone -> zone.stream().mapToDouble(foot::distanceTo).max().orElse(0));
    }

    /**
     * @return where a piece that nothing holds strikes first, before it bounces and rolls: a bed reaches so far; empty
     *     of what hangs in a line or on a hook, or is felled
     */
    public static List<Spot> strikes(Spot foot, Piece p) {
        return p.cut().way().roped() || p.cut().way().picked() || !p.cut().way().aloft()
                ? List.of()
                : round(List.of(on(foot, p.from())), az -> p.drop().strikesM());
    }

    /**
     * @return where a top ends whose hinge holds until it has gone over: to both sides of its face as far as it can end
     *     at all, and what is beneath the cut; empty of what is no top, while nobody said where it goes, and where its
     *     hinge is not relied on
     */
    public static Optional<List<Spot>> ahead(Spot foot, Piece p, Ground ground) {
        Spot below = on(foot, p.from());
        // a step more, so that the chords take in the whole of it
        return p.cut()
                .facingDeg()
                .filter(x -> p.topping().filter(Piece.Topping::trusted).isPresent())
                .flatMap(to -> of(foot, p, ground).map(all -> all.stream()
                        .map(end -> Math.abs(Azimuth.turn(to, below.bearingTo(end))) <= BESIDE_FACE_DEG + STEP_DEG
                                ? end
                                : below.at(below.bearingTo(end), Math.min(LEAST_BESIDE_M, below.distanceTo(end))))
                        .toList()));
    }

    static Optional<List<Spot>> of(Spot foot, List<Point> over, FreeDrop drop, Ground ground) {
        if (drop.downM().isEmpty() || drop.acrossM().isEmpty() || drop.upM().isEmpty()) {
            return Optional.empty();
        }
        double across = drop.acrossM().get();
        double down = Math.max(across, drop.downM().get());
        double up = Math.max(across, drop.upM().get());
        List<Spot> middles = over.stream().map(x -> on(foot, x)).toList();
        return Optional.of(round(middles, az -> {
            double turn = Math.toRadians(Azimuth.turn(ground.downhillDeg(), az));
            double along = Math.cos(turn) > 0 ? down : up;
            return Math.hypot(along * Math.cos(turn), across * Math.sin(turn));
        }));
    }

    private static Spot on(Spot foot, Point p) {
        return new Spot(foot.eastM() + p.x(), foot.northM() + p.y());
    }

    /** A millimetre farther, then to the millimetre: it is drawn, and never smaller than it is. */
    private static Spot drawn(Spot at) {
        return new Spot(Math.rint(at.eastM() * MM) / MM, Math.rint(at.northM() * MM) / MM);
    }

    /** @return the outline round several places: in each direction from the one that lies farthest that way */
    private static List<Spot> round(List<Spot> middles, DoubleUnaryOperator reachM) {
        return IntStream.range(0, 360 / STEP_DEG)
                .mapToObj(i -> {
                    double az = i * STEP_DEG;
                    double east = Math.sin(Math.toRadians(az));
                    double north = Math.cos(Math.toRadians(az));
                    Spot middle = middles.stream()
                            .max(Comparator.comparingDouble(m -> m.eastM() * east + m.northM() * north))
                            .orElseThrow();
                    return drawn(middle.at(az, reachM.applyAsDouble(az) + 1 / MM));
                })
                .toList();
    }
}
