package org.antevid.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.antevid.core.drill.Exercise.Choice;
import org.antevid.core.drill.Exercise.Fact;
import org.antevid.core.drill.Exercise.Told;
import org.antevid.core.drill.Picture.Ink;
import org.antevid.core.drill.Picture.Item;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.stem.Lean;

/** A stem drawn from two sides at right angles: where it leans to, and how far (geometry of {@link Lean}). */
final class LeanDrill {
    private static final double HIGH_M = 20;
    private static final double APART_M = 16;
    /** A plumb line held before the eye reads a lean to about half a degree, one sigma (practice). */
    private static final double SEEN_DEG = 0.5;

    private static final int OCTANTS = 8;
    private static final double OCTANT_DEG = 45;
    private static final double LEAST_DEG = 2.5;
    private static final double MOST_DEG = 12;
    private static final double[] BANDS_DEG = {0, 3, 6, 9};

    private LeanDrill() {}

    /** Lean as its parts towards east and north, degrees of each. */
    private record Parts(double eastDeg, double northDeg) {
        double deg() {
            return Math.toDegrees(Math.atan(Math.hypot(tan(eastDeg), tan(northDeg))));
        }

        double toDeg() {
            return (Math.toDegrees(Math.atan2(tan(eastDeg), tan(northDeg))) + 360) % 360;
        }

        int octant() {
            return (int) Math.floorMod(Math.round(toDeg() / OCTANT_DEG), (long) OCTANTS);
        }

        int band() {
            return (int) IntStream.range(1, BANDS_DEG.length)
                    .filter(i -> deg() >= BANDS_DEG[i])
                    .count();
        }

        List<Parts> asSeen() {
            List<Parts> all = new ArrayList<>();
            for (double e : new double[] {-2, 0, 2}) {
                for (double n : new double[] {-2, 0, 2}) {
                    all.add(new Parts(eastDeg + e * SEEN_DEG, northDeg + n * SEEN_DEG));
                }
            }
            return all;
        }

        private static double tan(double deg) {
            return Math.tan(Math.toRadians(deg));
        }
    }

    static Optional<Exercise> made(Random r, int level) {
        double deg = LEAST_DEG + (MOST_DEG - LEAST_DEG) * r.nextDouble();
        double to = 360 * r.nextDouble();
        Lean lean = new Lean(deg, to, SEEN_DEG);
        double height = HIGH_M;
        Parts is = new Parts(
                Math.toDegrees(Math.atan(lean.offsetM(height, 90) / height)),
                Math.toDegrees(Math.atan(lean.offsetM(height, 0) / height)));
        boolean same =
                is.asSeen().stream().allMatch(p -> level == 1 ? p.octant() == is.octant() : p.band() == is.band());
        return same ? Optional.of(exercise(is, lean, level)) : Optional.empty();
    }

    private static Exercise exercise(Parts is, Lean lean, int level) {
        List<Choice> choices = new ArrayList<>(
                level == 1
                        ? IntStream.range(0, OCTANTS)
                                .mapToObj(i -> Choice.of(Arg.azimuth(i * OCTANT_DEG), i == is.octant()))
                                .toList()
                        : IntStream.range(0, BANDS_DEG.length)
                                .mapToObj(i -> Choice.of(band(i), i == is.band()))
                                .toList());
        choices.add(Choice.notKnown());
        List<Fact> truth = List.of(
                new Fact(
                        Told.NUMBER,
                        Message.of(DrillWords.LEAN_NUMBER)
                                .with("deg", Arg.of(Dimension.ANGLE, lean.deg()))
                                .with("to", Arg.azimuth(lean.azimuthDeg()))
                                .with("off", Arg.of(Dimension.LENGTH, HIGH_M * Math.tan(Math.toRadians(lean.deg()))))),
                new Fact(
                        Told.RULE,
                        Message.of(DrillWords.LEAN_RULE)
                                .with("south", Arg.of(Dimension.ANGLE, Math.abs(is.eastDeg)))
                                .with("east", Arg.flag(is.eastDeg > 0))
                                .with("side", Arg.of(Dimension.ANGLE, Math.abs(is.northDeg)))
                                .with("north", Arg.flag(is.northDeg > 0))),
                new Fact(Told.THEN, Message.of(DrillWords.LEAN_ONE_SIDE).with("from", Arg.azimuth(lean.azimuthDeg()))));
        return new Exercise(
                DrillKind.LEAN,
                level,
                0,
                picture(is),
                Message.of(DrillWords.LEAN_SAID)
                        .with("south", Arg.of(Dimension.LENGTH, offset(Math.abs(is.eastDeg))))
                        .with("right", Arg.flag(is.eastDeg > 0))
                        .with("east", Arg.of(Dimension.LENGTH, offset(Math.abs(is.northDeg))))
                        .with("north", Arg.flag(is.northDeg > 0))
                        .with("height", Arg.of(Dimension.LENGTH, HIGH_M)),
                Message.of(level == 1 ? DrillWords.ASK_LEAN_TO : DrillWords.ASK_LEAN_DEG),
                Answering.ONE,
                List.copyOf(choices),
                truth,
                0);
    }

    private static Arg band(int i) {
        Arg from = Arg.of(Dimension.SECTOR, BANDS_DEG[i]);
        return Arg.said(
                i + 1 < BANDS_DEG.length
                        ? Message.of(DrillWords.BAND)
                                .with("from", from)
                                .with("to", Arg.of(Dimension.SECTOR, BANDS_DEG[i + 1]))
                        : Message.of(DrillWords.BAND_FROM).with("from", from));
    }

    private static double offset(double deg) {
        return HIGH_M * Math.tan(Math.toRadians(deg));
    }

    /** Seen from the south east is to the right; seen from the east north is. */
    private static Picture picture(Parts is) {
        List<Item> items = new ArrayList<>();
        items.add(Item.line(Ink.GROUND, -8, 0, APART_M + 8, 0));
        tree(items, 0, offset(is.eastDeg), DrillWords.FROM_SOUTH);
        tree(items, APART_M, offset(is.northDeg), DrillWords.FROM_EAST);
        return new Picture(-8, APART_M + 8, -3, HIGH_M + 3, List.copyOf(items), List.of());
    }

    private static void tree(List<Item> items, double x, double off, DrillWords from) {
        items.add(Item.line(Ink.PLUMB, x, 0, x, HIGH_M));
        items.add(Item.area(
                Ink.CROWN,
                x + 0.45 * off - 1.5,
                0.45 * HIGH_M,
                x + 0.75 * off - 2.6,
                0.72 * HIGH_M,
                x + off,
                HIGH_M,
                x + 0.75 * off + 2.6,
                0.72 * HIGH_M,
                x + 0.45 * off + 1.5,
                0.45 * HIGH_M));
        items.add(Item.area(Ink.WOOD, x - 0.35, 0, x + off - 0.08, HIGH_M, x + off + 0.08, HIGH_M, x + 0.35, 0));
        items.add(Item.line(Ink.SCALE, x, -1.6).saying(Arg.said(Message.of(from))));
    }
}
