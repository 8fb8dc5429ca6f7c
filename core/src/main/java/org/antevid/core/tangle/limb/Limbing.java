package org.antevid.core.tangle.limb;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.antevid.core.tangle.beam.Across;
import org.antevid.core.tangle.beam.BeamWood;
import org.antevid.core.tangle.beam.LyingStem.Flank;

/**
 * In what order the limbs of a lying stem come off: those that carry nothing first, those that hold it last, the ones
 * on its lower side at the very end. Practice rule; whoever cuts stands on the side it does not roll to.
 *
 * @param turns in their order
 * @param lastTenthM of its butt, left standing until the piece was rolled; empty while its thickness is not known
 */
public record Limbing(List<Turn> turns, Optional<Double> lastTenthM) {
    private static final double TENTH = 0.1;

    /** Where the stem rolls when a limb has gone. */
    public enum Rolls {
        NOT,
        LEFT,
        RIGHT,
        /** to either side: nobody can say */
        EITHER
    }

    /**
     * A limb's turn.
     *
     * @param index of it among those seen
     * @param holds the stem lies on it, or may
     * @param rolls after it has gone, seen from butt to tip
     */
    public record Turn(int index, SeenLimb limb, boolean holds, LimbCut cut, Rolls rolls) {}

    /**
     * @param limbs as they were seen
     * @param buttDM its diameter
     * @param stemHighKg what it weighs at most
     */
    public static Limbing of(
            List<SeenLimb> limbs,
            Across across,
            double densityHighKgm3,
            BeamWood wood,
            Optional<Double> buttDM,
            Optional<Double> stemHighKg) {
        Optional<Flank> downhill = across.downhill();
        List<Integer> order = IntStream.range(0, limbs.size())
                .boxed()
                .sorted(Comparator.comparingInt(i -> rank(limbs.get(i), downhill)))
                .toList();
        List<Turn> turns = new ArrayList<>();
        for (int n = 0; n < order.size(); n++) {
            int index = order.get(n);
            SeenLimb limb = limbs.get(index);
            List<SeenLimb> left =
                    order.subList(n + 1, order.size()).stream().map(limbs::get).toList();
            turns.add(new Turn(
                    index,
                    limb,
                    limb.carries(),
                    LimbCut.of(limb, densityHighKgm3, wood, stemHighKg),
                    rolls(limb, left, across)));
        }
        return new Limbing(List.copyOf(turns), buttDM.map(d -> TENTH * d));
    }

    private static int rank(SeenLimb l, Optional<Flank> downhill) {
        if (!l.carries()) {
            return 0;
        }
        return side(l).isEmpty() ? 2 : side(l).equals(downhill) ? 3 : 1;
    }

    /** @return the flank it holds, empty when it stands above or beneath */
    private static Optional<Flank> side(SeenLimb l) {
        return switch (l.growing()) {
            case LEFT -> Optional.of(Flank.LEFT);
            case RIGHT -> Optional.of(Flank.RIGHT);
            case ABOVE, BELOW -> Optional.empty();
        };
    }

    /** It rolls where nothing holds it any longer. */
    private static Rolls rolls(SeenLimb gone, List<SeenLimb> left, Across across) {
        if (!gone.carries()) {
            return Rolls.NOT;
        }
        if (across == Across.NOT_KNOWN) {
            return Rolls.EITHER;
        }
        Optional<Flank> downhill = across.downhill();
        boolean beneath = left.stream().anyMatch(l -> l.carries() && side(l).isEmpty());
        boolean onLeft = holds(left, Flank.LEFT);
        boolean onRight = holds(left, Flank.RIGHT);
        if (downhill.isPresent()) {
            boolean held = beneath || (downhill.get() == Flank.LEFT ? onLeft : onRight);
            return held ? Rolls.NOT : to(downhill.get());
        }
        if (side(gone).isPresent()) {
            Flank own = side(gone).get();
            return (own == Flank.LEFT ? onLeft : onRight) ? Rolls.NOT : beneath ? Rolls.NOT : to(own);
        }
        return beneath || onLeft && onRight ? Rolls.NOT : onLeft ? Rolls.RIGHT : onRight ? Rolls.LEFT : Rolls.EITHER;
    }

    private static boolean holds(List<SeenLimb> left, Flank side) {
        return left.stream().anyMatch(l -> l.carries() && side(l).equals(Optional.of(side)));
    }

    private static Rolls to(Flank f) {
        return f == Flank.LEFT ? Rolls.LEFT : Rolls.RIGHT;
    }
}
