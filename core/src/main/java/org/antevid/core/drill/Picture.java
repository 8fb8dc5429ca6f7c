package org.antevid.core.drill;

import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Arg;

/**
 * What is drawn: metres, x to the right, y up.
 *
 * @param over drawn once it is answered: the truth
 */
public record Picture(double leftM, double rightM, double bottomM, double topM, List<Item> items, List<Item> over) {
    /** What a line or area stands for; how that looks is the screen's. */
    public enum Ink {
        WOOD,
        REST,
        GROUND,
        CUT,
        STRETCHED,
        SQUEEZED,
        CROWN,
        PLUMB,
        STUMP,
        LAY,
        PERSON,
        TOO_NEAR,
        RING,
        SCALE,
        HINGE,
        TARGET,
        OPEN,
        /** Words alone, at a place. */
        NOTE
    }

    /** A place in the picture, metres. */
    public record At(double x, double y) {}

    /** @param words what stands beside its first point */
    public record Item(Ink ink, List<At> points, boolean closed, Optional<Arg> words) {
        static Item line(Ink ink, double... xy) {
            return new Item(ink, points(xy), false, Optional.empty());
        }

        static Item area(Ink ink, double... xy) {
            return new Item(ink, points(xy), true, Optional.empty());
        }

        Item saying(Arg said) {
            return new Item(ink, points, closed, Optional.of(said));
        }

        private static List<At> points(double... xy) {
            List<At> all = new java.util.ArrayList<>();
            for (int i = 0; i < xy.length; i += 2) {
                all.add(new At(xy[i], xy[i + 1]));
            }
            return List.copyOf(all);
        }
    }
}
