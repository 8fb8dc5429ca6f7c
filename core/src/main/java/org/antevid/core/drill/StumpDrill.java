package org.antevid.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.antevid.core.drill.Exercise.Choice;
import org.antevid.core.drill.Exercise.Fact;
import org.antevid.core.drill.Exercise.Told;
import org.antevid.core.drill.Picture.Ink;
import org.antevid.core.drill.Picture.Item;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.outcome.Deviation;
import org.antevid.core.outcome.Explanation;
import org.antevid.core.outcome.Fall;
import org.antevid.core.outcome.Foreseen;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.outcome.StumpReading;

/** A stump afterwards, seen from above: which way it went, and why. Every share is {@link Explanation}'s. */
final class StumpDrill {
    private static final double RADIUS_M = 0.2;
    private static final double HINGE_LONG_M = 0.34;
    private static final double LENGTH_M = 20;
    /** Two readings of the same sum hardly differ by less (judgement). */
    private static final double NOTHING_DEG = 1;

    private static final int SIDES = 36;

    /** Where it went, seen from behind along the lay. */
    enum Went implements Code {
        LEFT,
        AS_AIMED,
        RIGHT
    }

    private record Stump(double leftM, double rightM, double lineDeg) {
        Explanation explained() {
            Foreseen foreseen = new Foreseen(
                    0,
                    Optional.of(0.0),
                    Optional.of(3.0),
                    Optional.empty(),
                    Optional.of(LENGTH_M),
                    HINGE_LONG_M,
                    (leftM + rightM) / 2);
            Fall fall = new Fall(0, LENGTH_M, Optional.of(MeasuredBy.TAPE));
            return Explanation.of(
                    foreseen,
                    Deviation.of(foreseen, fall),
                    StumpReading.ofHinge(
                            Optional.of(leftM), Optional.of(rightM), Optional.of(HINGE_LONG_M), Optional.of(lineDeg)));
        }
    }

    private StumpDrill() {}

    static Optional<Exercise> made(Random r, int level) {
        double thick = 0.03 + 0.01 * r.nextInt(3);
        double uneven = r.nextInt(3) == 0 ? 0 : 0.03 * (2 * r.nextDouble() - 1);
        double line = r.nextInt(3) == 0 ? 0 : 12 * (2 * r.nextDouble() - 1);
        Stump s = new Stump(
                millimetres(Math.max(0.006, thick - uneven / 2)),
                millimetres(Math.max(0.006, thick + uneven / 2)),
                Math.rint(line));
        List<Explanation.Share> shares = s.explained().shares();
        double sum = shares.stream().mapToDouble(Explanation.Share::deg).sum();
        double sigma = Math.sqrt(
                shares.stream().mapToDouble(x -> x.sigmaDeg() * x.sigmaDeg()).sum());
        Optional<Went> went =
                Math.abs(sum) < NOTHING_DEG && shares.stream().allMatch(x -> Math.abs(x.deg()) <= x.sigmaDeg())
                        ? Optional.of(Went.AS_AIMED)
                        : Math.abs(sum) > sigma + NOTHING_DEG
                                ? Optional.of(sum > 0 ? Went.RIGHT : Went.LEFT)
                                : Optional.empty();
        if (level == 1) {
            return went.map(x -> exercise(
                    s,
                    shares,
                    sum,
                    level,
                    x,
                    DrillWords.ASK_STUMP_WENT,
                    List.of(Went.values()).stream()
                            .map(c -> Choice.of(Arg.term(c), c == x))
                            .toList()));
        }
        return went.filter(x -> shares.stream().noneMatch(StumpDrill::doubtful))
                .map(x -> exercise(s, shares, sum, level, x, DrillWords.ASK_STUMP_WHY, causes(shares)));
    }

    /** Neither plainly there nor plainly not. */
    private static boolean doubtful(Explanation.Share s) {
        double off = Math.abs(s.deg());
        return off > NOTHING_DEG / 2 && off < s.sigmaDeg() + NOTHING_DEG;
    }

    private static List<Choice> causes(List<Explanation.Share> shares) {
        List<Choice> all = new ArrayList<>();
        shares.forEach(s -> all.add(Choice.of(Arg.term(s.cause()), Math.abs(s.deg()) > s.sigmaDeg())));
        all.add(Choice.of(DrillWords.NOTHING_WRONG, all.stream().noneMatch(Choice::right))
                .markedAlone());
        return List.copyOf(all);
    }

    private static double millimetres(double m) {
        return Math.rint(1000 * m) / 1000;
    }

    private static Exercise exercise(
            Stump s,
            List<Explanation.Share> shares,
            double sum,
            int level,
            Went went,
            DrillWords asked,
            List<Choice> choices) {
        List<Choice> all = new ArrayList<>(choices);
        all.add(Choice.notKnown());
        List<Fact> truth = new ArrayList<>();
        shares.forEach(x -> truth.add(new Fact(
                Told.NUMBER,
                Message.of(DrillWords.STUMP_NUMBER)
                        .with("cause", Arg.term(x.cause()))
                        .with("deg", Arg.of(Dimension.ANGLE, Math.abs(x.deg())))
                        .with("right", Arg.flag(x.deg() >= 0))
                        .with("sigma", Arg.up(Dimension.ANGLE, x.sigmaDeg())))));
        truth.add(new Fact(Told.RULE, Message.of(DrillWords.STUMP_RULE)));
        truth.add(new Fact(
                Told.THEN,
                Message.of(DrillWords.STUMP_THEN)
                        .with("went", Arg.term(went))
                        .with("deg", Arg.of(Dimension.ANGLE, Math.abs(sum)))));
        return new Exercise(
                DrillKind.STUMP,
                level,
                0,
                picture(s, sum),
                Message.of(DrillWords.STUMP_SAID)
                        .with("left", Arg.of(Dimension.SHORT, s.leftM))
                        .with("right", Arg.of(Dimension.SHORT, s.rightM))
                        .with("line", Arg.of(Dimension.ANGLE, Math.abs(s.lineDeg)))
                        .with("side", Arg.flag(s.lineDeg >= 0)),
                Message.of(asked),
                level == 1 ? Answering.ONE : Answering.SEVERAL,
                List.copyOf(all),
                List.copyOf(truth),
                0);
    }

    /** From above, the lay up. */
    private static Picture picture(Stump s, double sum) {
        double[] round = IntStream.range(0, SIDES)
                .mapToObj(i -> Math.toRadians(360.0 * i / SIDES))
                .flatMapToDouble(a -> DoubleStream.of(RADIUS_M * Math.sin(a), RADIUS_M * Math.cos(a)))
                .toArray();
        double half = HINGE_LONG_M / 2;
        double front = 0.1;
        double turn = half * Math.tan(Math.toRadians(s.lineDeg));
        List<Item> items = List.of(
                Item.area(Ink.WOOD, round),
                // the bottom of the notch, at right angles to where it points
                Item.area(
                        Ink.HINGE,
                        -half,
                        front + turn,
                        half,
                        front - turn,
                        half,
                        front - turn - s.rightM,
                        -half,
                        front + turn - s.leftM),
                Item.line(Ink.NOTE, -half - 0.07, front).saying(Arg.of(Dimension.SHORT, s.leftM)),
                Item.line(Ink.NOTE, half + 0.07, front).saying(Arg.of(Dimension.SHORT, s.rightM)),
                Item.line(Ink.LAY, 0, 0, 0, RADIUS_M + 0.12),
                Item.line(Ink.PLUMB, 0, front, 0.25 * Math.sin(Math.toRadians(s.lineDeg)), front + 0.2));
        double goes = Math.toRadians(3 * sum);
        return new Picture(
                -0.36,
                0.36,
                -0.24,
                0.36,
                items,
                List.of(Item.line(Ink.CUT, 0, 0, 0.32 * Math.sin(goes), 0.32 * Math.cos(goes))));
    }
}
