package org.antevid.core.takedown.pieces;

import java.util.Optional;

/**
 * What whoever goes on finds once a piece is off.
 *
 * @param topM of what stands
 * @param highKg of what stands, at its heavy end
 * @param leanNm moment of its weight about the foot
 * @param leanShare of what it was before the first piece; empty where it stood straight
 * @param block the highest place a block may hang next; empty where nothing may be rigged any more
 * @param faultBelow the highest fault that still stands
 * @param faceTells its wall was never probed: the face that is opened shows it
 */
public record Then(
        double topM,
        double highKg,
        double leanNm,
        Optional<Double> leanShare,
        Optional<Place> block,
        Optional<WeakPlace> faultBelow,
        boolean faceTells) {
    /** A block hangs this far below what is cut (practice). */
    private static final double BELOW_M = 0.3;

    private static final double STRAIGHT_NM = 50;

    /** A height on the stem and how thick it is there, metres. */
    public record Place(double heightM, double diameterM) {}

    public static Then after(TakeDown plan, Piece p) {
        CutFigure f = plan.figure();
        double top = p.after().topM();
        double first = plan.start().leanNm().get(0);
        double now = p.after().leanNm().get(0);
        return new Then(
                top,
                p.after().highKg(),
                now,
                Optional.of(now / first).filter(x -> first > STRAIGHT_NM),
                block(plan, top),
                f.weak().stream()
                        .filter(w -> w.part() == WeakPlace.Part.FAULT && w.heightM() < top)
                        .reduce((a, b) -> b),
                p.cut().limb().isEmpty()
                        && top > f.footM()
                        && f.weak().stream()
                                .anyMatch(w ->
                                        !w.wood().solid() && w.wood().wallM().isEmpty()));
    }

    private static Optional<Place> block(TakeDown plan, double topM) {
        CutFigure f = plan.figure();
        double high =
                plan.aloft().rigToM().map(m -> Math.min(m, topM - BELOW_M)).orElse(topM - BELOW_M);
        double at = f.thickEnoughM(high, plan.house().leastWoodM());
        return Optional.of(at)
                .filter(m -> m > f.footM() && plan.aloft().allowed() != Aloft.Allowed.LEAVE)
                .map(m -> new Place(m, f.stemDiameterM(m)));
    }
}
