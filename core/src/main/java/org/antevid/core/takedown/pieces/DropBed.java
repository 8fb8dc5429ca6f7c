package org.antevid.core.takedown.pieces;

import java.util.Optional;
import java.util.stream.IntStream;
import org.antevid.core.message.Code;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;

/**
 * A bed on the plan that pieces are let down onto. How much it takes nobody reckons: somebody says it. It does not make
 * the ground smaller that nobody stands on.
 *
 * @param name of the landing bed on the plan
 * @param takesKg so heavy a piece from {@value #FROM_M} m, 1..5000 kg; empty: nobody said
 * @param saidBy id of who said so
 */
public record DropBed(String name, Optional<Double> takesKg, Optional<String> saidBy) {
    /** Height that is said for. */
    public static final double FROM_M = 5;

    private static final int TURN_DEG = 10;
    private static final double STEP_M = 0.25;

    /** Why it does not take a piece. */
    public enum Lack implements Code {
        NOT_ON_PLAN,
        NOBODY_SAID,
        TOO_HEAVY,
        /** Thrown toward it from beneath the cut, the piece may end beside it. */
        TOO_SHORT
    }

    public DropBed {
        Require.text(name, 200, "bed.name");
        takesKg.ifPresent(kg -> Require.within(kg, 1, 5000, "bed.takesKg"));
    }

    /**
     * @param p that no line holds
     * @return how heavy a piece falls as hard from {@value #FROM_M} m, at its heavy end
     */
    public static double asFromKg(Piece p) {
        return p.massHighKg() * Math.max(p.from().z(), p.com().z()) / FROM_M;
    }

    /**
     * @param outline of the bed on the plan; empty where it is not there
     * @param foot of the stem on the plan
     * @param p that no line holds
     * @return what it lacks for this piece; empty: it takes it
     */
    public Optional<Lack> lacks(Optional<Shape> outline, Spot foot, Piece p) {
        if (outline.isEmpty()) {
            return Optional.of(Lack.NOT_ON_PLAN);
        }
        if (takesKg.isEmpty() || saidBy.isEmpty()) {
            return Optional.of(Lack.NOBODY_SAID);
        }
        if (asFromKg(p) > takesKg.get()) {
            return Optional.of(Lack.TOO_HEAVY);
        }
        return reaches(outline.get(), foot, p) ? Optional.empty() : Optional.of(Lack.TOO_SHORT);
    }

    /**
     * Let go or thrown toward it: all the way from beneath the cut to where it strikes at the farthest, to both sides.
     */
    private static boolean reaches(Shape bed, Spot foot, Piece p) {
        Spot beneath =
                new Spot(foot.eastM() + p.from().x(), foot.northM() + p.from().y());
        double far = p.drop().strikesM();
        double beside = p.lengthM() / 2;
        int steps = (int) Math.ceil(far / STEP_M);
        return IntStream.range(0, 360 / TURN_DEG).map(i -> i * TURN_DEG).anyMatch(az -> IntStream.rangeClosed(0, steps)
                .mapToObj(i -> beneath.at(az, far * i / steps))
                .allMatch(s -> on(bed, s) && on(bed, s.at(az + 90, beside)) && on(bed, s.at(az + 90, -beside))));
    }

    private static boolean on(Shape bed, Spot s) {
        return bed.distanceTo(s) <= 0;
    }
}
