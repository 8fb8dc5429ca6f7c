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
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.tangle.beam.BeamWood;
import org.antevid.core.tangle.beam.Bind;
import org.antevid.core.tangle.beam.BindCut;
import org.antevid.core.tangle.beam.LyingStem;
import org.antevid.core.tangle.beam.LyingStem.Flank;

/**
 * A stem seen from above, on a slope, bowed, or both: where does who cuts it stand? Every answer is {@link Bind}'s.
 * Sides are those seen from butt to tip.
 */
final class StandDrill {
    private static final double STAND_M = 1.4;
    private static final double WIDE_M = 2.6;
    /** Beside the ends, clear of the wood. */
    private static final double NOTE_M = 0.6;

    private static final int SAMPLES = 12;

    /** Where somebody may stand, or what does it instead. */
    enum Place implements Code {
        LEFT,
        RIGHT,
        IN_LINE,
        MACHINE;

        private static Place of(Flank f) {
            return f == Flank.LEFT ? LEFT : RIGHT;
        }
    }

    private record Log(
            double lengthM,
            double buttM,
            List<Double> restsM,
            double cutM,
            double slopeDeg,
            Optional<Flank> uphill,
            Optional<Flank> bowed,
            double bowM) {
        /** @return empty where nothing can be said of such a stem */
        Optional<BindCut> judged() {
            LyingStem stem = new LyingStem(
                    lengthM,
                    buttM,
                    0.6 * buttM,
                    DrillLogs.DENSITY,
                    DrillLogs.BRANCHES,
                    BeamWood.MEDIUM,
                    0,
                    restsM.stream().map(DrillLogs::rest).toList(),
                    Optional.empty(),
                    List.of(),
                    Optional.of(DrillLogs.REST_HIGH_M),
                    LyingStem.U_GAP_M,
                    slopeDeg,
                    uphill,
                    bowed);
            try {
                return Optional.of(Bind.of(stem, List.of(cutM)).cuts().get(0));
            } catch (RefusedInput e) {
                return Optional.empty();
            }
        }

        Log turned() {
            return new Log(lengthM, buttM, restsM, cutM, slopeDeg, uphill.map(Flank::other), bowed, bowM);
        }

        Log bowedOtherwise() {
            return new Log(lengthM, buttM, restsM, cutM, slopeDeg, uphill, bowed.map(Flank::other), bowM);
        }

        /** @return how far its middle line lies to the left there, metres */
        double leftM(double xM) {
            double s = xM / lengthM;
            return 4
                    * s
                    * (1 - s)
                    * bowM
                    * bowed.map(f -> f == Flank.LEFT ? 1 : -1).orElse(0);
        }
    }

    private StandDrill() {}

    static Optional<Exercise> made(Random r, int level) {
        double length = DrillLogs.tenth(6 + 5 * r.nextDouble());
        int what = r.nextInt(3);
        Flank up = r.nextBoolean() ? Flank.LEFT : Flank.RIGHT;
        Flank out = r.nextBoolean() ? Flank.LEFT : Flank.RIGHT;
        Log log = new Log(
                length,
                0.25 + 0.25 * r.nextDouble(),
                List.of(DrillLogs.tenth(length * 0.1), DrillLogs.tenth(length * (0.75 + 0.1 * r.nextDouble()))),
                DrillLogs.tenth(length * (0.3 + 0.3 * r.nextDouble())),
                what == 0 ? 0 : 8 + 10 * r.nextDouble(),
                Optional.of(up).filter(x -> what != 0),
                Optional.of(out).filter(x -> what != 1),
                0.3 + 0.3 * r.nextDouble());
        return log.judged().map(cut -> exercise(log, cut, level));
    }

    private static Place place(Log log, BindCut cut) {
        List<BindCut.Stand> stand = cut.stand();
        if (stand.contains(BindCut.Stand.CONFLICT_USE_MACHINE)) {
            return Place.MACHINE;
        }
        return stand.contains(BindCut.Stand.UPHILL_SIDE)
                ? Place.of(log.uphill.orElseThrow())
                : stand.contains(BindCut.Stand.CONCAVE_SIDE_LEFT) ? Place.LEFT : Place.RIGHT;
    }

    private static Exercise exercise(Log log, BindCut cut, int level) {
        Place right = place(log, cut);
        List<Choice> choices = new ArrayList<>();
        for (Place p : Place.values()) {
            choices.add(Choice.of(Arg.term(p), p == right).deadly(p == right ? Optional.empty() : deadly(log, p)));
        }
        choices.add(Choice.notKnown());
        List<Fact> truth = new ArrayList<>();
        truth.add(new Fact(
                Told.NUMBER,
                Message.of(DrillWords.BIND_NUMBER)
                        .with("butt", Arg.up(Dimension.MASS, cut.buttPart().massKg()))
                        .with("tip", Arg.up(Dimension.MASS, cut.tipPart().massKg()))));
        truth.add(new Fact(
                Told.RULE,
                Message.of(
                        right == Place.MACHINE
                                ? DrillWords.RULE_NO_SIDE
                                : log.bowed.isEmpty() ? DrillWords.RULE_UPHILL : DrillWords.RULE_HOLLOW)));
        flips(log, right).ifPresent(w -> truth.add(new Fact(Told.RIGHT_IF, Message.of(w))));
        return new Exercise(
                DrillKind.BIND,
                level,
                0,
                picture(log, right),
                said(log),
                Message.of(DrillWords.ASK_STAND),
                Answering.ONE,
                choices,
                List.copyOf(truth),
                0);
    }

    private static Optional<Message> deadly(Log log, Place p) {
        if (p == Place.IN_LINE) {
            return Optional.of(Message.of(DrillWords.IN_LINE));
        }
        if (log.uphill.filter(up -> p == Place.of(up.other())).isPresent()) {
            return Optional.of(Message.of(DrillWords.ROLLS_ONTO_YOU));
        }
        return log.bowed.filter(out -> p == Place.of(out)).map(x -> Message.of(DrillWords.SPRINGS_AT_YOU));
    }

    /** @return the smallest change that makes it another place */
    private static Optional<DrillWords> flips(Log log, Place is) {
        if (log.uphill.isPresent()
                && log.turned()
                        .judged()
                        .filter(c -> place(log.turned(), c) != is)
                        .isPresent()) {
            return Optional.of(DrillWords.SLOPED_OTHERWISE);
        }
        return log.bowedOtherwise()
                .judged()
                .filter(c -> place(log.bowedOtherwise(), c) != is)
                .map(c -> DrillWords.BOWED_OTHERWISE);
    }

    private static Message said(Log log) {
        return Message.of(DrillWords.STAND_SAID)
                .with("length", Arg.of(Dimension.LENGTH, log.lengthM))
                .with(
                        "rests",
                        Arg.several(log.restsM.stream()
                                .map(x -> Arg.of(Dimension.LENGTH, x))
                                .toList()))
                .with("cut", Arg.of(Dimension.LENGTH, log.cutM))
                .with("slope", log.uphill.map(u -> Arg.of(Dimension.SECTOR, log.slopeDeg)))
                .with("uphill", log.uphill.map(u -> Arg.term(Place.of(u))))
                .with("left", log.bowed.map(b -> Arg.flag(b == Flank.LEFT)));
    }

    private static Picture picture(Log log, Place right) {
        List<Item> items = new ArrayList<>();
        log.restsM.forEach(x -> items.add(Item.line(Ink.REST, x, log.leftM(x) - 0.7, x, log.leftM(x) + 0.7)
                .saying(Arg.of(Dimension.LENGTH, x))));
        items.add(Item.area(Ink.WOOD, outline(log)));
        double at = log.leftM(log.cutM);
        items.add(
                Item.line(Ink.CUT, log.cutM, at - 0.6, log.cutM, at + 0.6).saying(Arg.of(Dimension.LENGTH, log.cutM)));
        note(items, 0.1, NOTE_M, DrillWords.BUTT);
        note(items, log.lengthM - 0.1, NOTE_M, DrillWords.TIP);
        log.uphill.ifPresent(u -> {
            double up = (u == Flank.LEFT ? 1 : -1) * (WIDE_M - 0.5);
            note(items, log.lengthM / 2, up, DrillWords.UPHILL);
            note(items, log.lengthM / 2, -up, DrillWords.DOWNHILL);
        });
        List<Item> over = right == Place.LEFT || right == Place.RIGHT
                ? List.of(Item.line(Ink.PERSON, log.cutM, at + (right == Place.LEFT ? STAND_M : -STAND_M))
                        .saying(Arg.term(right)))
                : List.of();
        return new Picture(-0.5, log.lengthM + 0.5, -WIDE_M, WIDE_M, List.copyOf(items), over);
    }

    private static void note(List<Item> items, double x, double y, DrillWords words) {
        items.add(Item.line(Ink.NOTE, x, y).saying(Arg.said(Message.of(words))));
    }

    /** Along its left side out to the tip, back along its right one. */
    private static double[] outline(Log log) {
        return IntStream.rangeClosed(0, 2 * SAMPLES + 1)
                .boxed()
                .flatMapToDouble(i -> {
                    boolean out = i <= SAMPLES;
                    double x = log.lengthM * (out ? i : 2 * SAMPLES + 1 - i) / SAMPLES;
                    double half = log.buttM * (1 - 0.4 * x / log.lengthM) / 2;
                    return DoubleStream.of(x, log.leftM(x) + (out ? half : -half));
                })
                .toArray();
    }
}
