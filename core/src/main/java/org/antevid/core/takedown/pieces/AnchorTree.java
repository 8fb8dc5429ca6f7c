package org.antevid.core.takedown.pieces;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;

/**
 * Another tree that something may be tied to.
 *
 * @param deg azimuth from the stem to it, whole degrees; {@code awayM} how far off, by the decimetre
 * @param sound as the records say; empty: they do not
 * @param offBehindDeg how far it stands from straight behind the lean, to either side, 0..180 whole degrees; empty: the
 *     lean is not known
 */
public record AnchorTree(
        String label, double deg, double awayM, Optional<Boolean> sound, Optional<Double> offBehindDeg) {
    /** What stands farther off nobody leads a line to (judgement), metres. */
    private static final double FARTHEST_M = 40;

    private static final double NEAREST_M = 2;
    private static final double BEHIND_DEG = 180;

    /** @return trees that stand round it, the nearest first */
    public static List<AnchorTree> of(StemReading stem, List<StemReading> all) {
        return all.stream()
                .filter(o -> !o.label().equals(stem.label()))
                .filter(o -> o.state() == StemState.STANDING)
                .map(o -> new AnchorTree(
                        o.label(),
                        Math.rint(stem.at().bearingTo(o.at())),
                        Rounding.down(stem.at().distanceTo(o.at()), 1),
                        sound(o),
                        stem.lean()
                                .map(l -> Math.rint(Math.abs(Azimuth.turn(
                                        l.azimuthDeg() + BEHIND_DEG, stem.at().bearingTo(o.at())))))))
                .filter(a -> a.awayM >= NEAREST_M && a.awayM <= FARTHEST_M)
                .sorted(Comparator.comparingDouble(AnchorTree::awayM))
                .toList();
    }

    private static Optional<Boolean> sound(StemReading o) {
        return switch (Aloft.asItStands(o).allowed()) {
            // how thick it is matters for what it holds, how tall it is or how it leans does not
            case WHOLE_TREE -> o.dbh().map(d -> true);
            case UP_TO, OTHER_ANCHOR, NOT_KNOWN -> Optional.empty();
            case PLATFORM, NOBODY, LEAVE -> Optional.of(false);
        };
    }
}
