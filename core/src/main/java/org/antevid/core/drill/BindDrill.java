package org.antevid.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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
import org.antevid.core.tangle.beam.BindStep;
import org.antevid.core.tangle.beam.LyingStem;
import org.antevid.core.tangle.beam.Severed;
import org.antevid.core.tangle.beam.Squeeze;

/** A stem on rests with a mark where it is to be cut. Every answer is {@link Bind}'s. */
final class BindDrill {
    /** How well rests and mark are seen from beside the stem, metres. */
    private static final double SEEN_M = 0.1;

    private static final double LEAST_FROM_REST_M = 0.5;
    private static final double FARTHEST_M = 3;
    private static final double STEP_M = 0.2;
    /** The level at which it is asked where to stand. */
    private static final int STANDS = 4;

    /** What the part towards the tip does, as somebody beside it would say. */
    enum Part implements Code {
        RESTS,
        SPRINGS_UP,
        TIPS_DOWN,
        TIPS_UP,
        FALLS;

        static Part of(Severed.Act act) {
            return switch (act) {
                case STAYS, SETTLES -> RESTS;
                case SPRINGS_UP -> SPRINGS_UP;
                case TIPS_FACE_DOWN -> TIPS_DOWN;
                case TIPS_FACE_UP -> TIPS_UP;
                case FALLS -> FALLS;
            };
        }
    }

    private record Log(double lengthM, double buttM, double tipM, List<Double> restsM, double cutM) {
        Optional<BindCut> judged() {
            return judged(List.of(cutM)).map(all -> all.get(0));
        }

        /** What each of these cuts would do: the stem at rest is worked out once. */
        Optional<List<BindCut>> judged(List<Double> cutsM) {
            LyingStem stem = new LyingStem(
                    lengthM,
                    buttM,
                    tipM,
                    DrillLogs.DENSITY,
                    DrillLogs.BRANCHES,
                    BeamWood.MEDIUM,
                    0,
                    restsM.stream().map(DrillLogs::rest).toList(),
                    Optional.empty(),
                    List.of(),
                    Optional.of(DrillLogs.REST_HIGH_M),
                    LyingStem.U_GAP_M,
                    0,
                    Optional.empty(),
                    Optional.empty());
            try {
                return Optional.of(Bind.of(stem, cutsM).cuts());
            } catch (RefusedInput e) {
                return Optional.empty();
            }
        }

        Log restMoved(int i, double byM) {
            List<Double> moved = new ArrayList<>(restsM);
            moved.set(i, Math.max(0, Math.min(lengthM, moved.get(i) + byM)));
            return new Log(lengthM, buttM, tipM, moved, cutM);
        }

        /** At the mark, then as far to both sides of it as it is seen; none where one of them cannot be judged. */
        Optional<List<BindCut>> aboutTheMark() {
            return judged(List.of(cutM, cutM - SEEN_M, cutM + SEEN_M));
        }

        /** As it may be in truth, given how well the rests are seen. */
        Stream<Optional<BindCut>> asRestsAreSeen() {
            return IntStream.range(0, restsM.size()).boxed().flatMap(i -> Stream.of(-SEEN_M, SEEN_M)
                    .map(d -> restMoved(i, d).judged()));
        }
    }

    private BindDrill() {}

    static Optional<Exercise> made(Random r, int level) {
        if (level == STANDS) {
            return StandDrill.made(r, level);
        }
        double length = DrillLogs.tenth(6 + 5 * r.nextDouble());
        double butt = 0.25 + 0.25 * r.nextDouble();
        List<Double> rests = new ArrayList<>(List.of(
                DrillLogs.tenth(length * (0.02 + 0.2 * r.nextDouble())),
                DrillLogs.tenth(length * (0.5 + 0.35 * r.nextDouble()))));
        if (level > 1 && r.nextBoolean()) {
            rests.add(DrillLogs.tenth(length * 0.97));
        }
        Log log = new Log(
                length,
                butt,
                butt * (0.5 + 0.2 * r.nextDouble()),
                List.copyOf(rests),
                DrillLogs.tenth(length * (0.15 + 0.7 * r.nextDouble())));
        if (rests.stream().anyMatch(x -> Math.abs(x - log.cutM) < LEAST_FROM_REST_M)) {
            return Optional.empty();
        }
        return switch (level) {
            case 1 -> squeezed(log);
            case 2 -> firstCut(log);
            default -> tipPart(log);
        };
    }

    /** @return the answer, where it is the same however it is seen */
    private static <T> Optional<T> sure(Log log, Function<BindCut, Optional<T>> asked) {
        return log.aboutTheMark()
                .map(cuts -> cuts.stream().map(asked).toList())
                .filter(answers -> answers.stream().distinct().count() == 1)
                .flatMap(answers -> answers.get(0))
                .filter(a -> log.asRestsAreSeen()
                        .allMatch(c -> c.flatMap(asked).filter(a::equals).isPresent()));
    }

    private static Optional<Squeeze.Face> side(BindCut c) {
        return switch (c.section().squeeze()) {
            case TOP_BIND -> Optional.of(Squeeze.Face.TOP);
            case BOTTOM_BIND -> Optional.of(Squeeze.Face.BOTTOM);
            default -> Optional.empty();
        };
    }

    private static Optional<Squeeze.Face> first(BindCut c) {
        return c.sequence().stream()
                .filter(s -> s.action() == BindStep.Action.RELIEF_CUT || s.action() == BindStep.Action.CUT_FROM)
                .findFirst()
                .flatMap(BindStep::side);
    }

    private static Optional<Exercise> squeezed(Log log) {
        return sure(log, BindDrill::side)
                .map(face -> exercise(
                        log,
                        1,
                        DrillWords.ASK_SQUEEZED,
                        faces(face, Optional.empty()),
                        DrillWords.RULE_SPAN,
                        BindDrill::side));
    }

    /** Where the first cut goes, and the squeezed side it follows from: both have to be sure. */
    private record Begun(Squeeze.Face first, Squeeze.Face squeezed) {}

    private static Optional<Exercise> firstCut(Log log) {
        return sure(log, c -> first(c).flatMap(f -> side(c).map(s -> new Begun(f, s))))
                .map(Begun::first)
                .map(face -> {
                    boolean splits = log.judged()
                            .flatMap(c -> c.section().splitDepthRel())
                            .isPresent();
                    return exercise(
                            log,
                            2,
                            DrillWords.ASK_FIRST_CUT,
                            faces(face, Optional.of(DrillWords.SPLITS).filter(x -> splits)),
                            DrillWords.RULE_FIRST,
                            BindDrill::first);
                });
    }

    private static List<Choice> faces(Squeeze.Face right, Optional<DrillWords> deadly) {
        List<Choice> all = new ArrayList<>();
        for (Squeeze.Face f : Squeeze.Face.values()) {
            all.add(Choice.of(Arg.term(f == Squeeze.Face.TOP ? Face.TOP : Face.BELOW), f == right)
                    .deadly(f == right ? Optional.empty() : deadly.map(Message::of)));
        }
        all.add(Choice.notKnown());
        return all;
    }

    /** A side of a lying stem, as it is said in practice. */
    enum Face implements Code {
        TOP,
        BELOW
    }

    private static Optional<Exercise> tipPart(Log log) {
        Function<BindCut, Optional<Part>> does =
                c -> Optional.of(Part.of(c.tipPart().act()));
        return sure(log, does).map(part -> {
            List<Choice> all = new ArrayList<>();
            for (Part p : Part.values()) {
                all.add(Choice.of(Arg.term(p), p == part));
            }
            all.add(Choice.notKnown());
            return exercise(log, 3, DrillWords.ASK_TIP_PART, all, DrillWords.RULE_SPAN, does);
        });
    }

    private static <T> Exercise exercise(
            Log log,
            int level,
            DrillWords asked,
            List<Choice> choices,
            DrillWords rule,
            Function<BindCut, Optional<T>> by) {
        BindCut cut = log.judged().orElseThrow();
        List<Fact> truth = new ArrayList<>();
        truth.add(new Fact(
                Told.NUMBER,
                Message.of(DrillWords.BIND_NUMBER)
                        .with("butt", Arg.up(Dimension.MASS, cut.buttPart().massKg()))
                        .with("tip", Arg.up(Dimension.MASS, cut.tipPart().massKg()))));
        boolean hangs = side(cut).filter(Squeeze.Face.BOTTOM::equals).isPresent();
        truth.add(
                new Fact(Told.RULE, Message.of(rule == DrillWords.RULE_SPAN && hangs ? DrillWords.RULE_HANGS : rule)));
        truth.add(new Fact(
                Told.THEN,
                Message.of(DrillWords.BIND_THEN)
                        .with("butt", Arg.term(Part.of(cut.buttPart().act())))
                        .with("tip", Arg.term(Part.of(cut.tipPart().act())))));
        nearest(log, cut, by).ifPresent(truth::add);
        return new Exercise(
                DrillKind.BIND,
                level,
                0,
                picture(log, cut),
                said(log),
                Message.of(asked),
                Answering.ONE,
                choices,
                List.copyOf(truth),
                0);
    }

    /** @return how far the mark would have to move for another answer */
    private static <T> Optional<Fact> nearest(Log log, BindCut cut, Function<BindCut, Optional<T>> by) {
        Optional<T> is = by.apply(cut);
        List<Double> cuts = DoubleStream.iterate(STEP_M, d -> d <= FARTHEST_M, d -> d + STEP_M)
                .flatMap(d -> DoubleStream.of(log.cutM - d, log.cutM + d))
                .filter(x -> x > 3 * SEEN_M && x < log.lengthM - 3 * SEEN_M)
                .boxed()
                .toList();
        return log.judged(cuts).stream()
                .flatMap(List::stream)
                .filter(c -> !by.apply(c).equals(is) && by.apply(c).isPresent())
                .findFirst()
                .map(c -> new Fact(
                        Told.RIGHT_IF,
                        Message.of(DrillWords.CUT_ELSEWHERE)
                                .with("off", Arg.of(Dimension.LENGTH, Math.abs(c.xM() - log.cutM)))
                                .with("tip", Arg.flag(c.xM() > log.cutM))));
    }

    private static Message said(Log log) {
        return Message.of(DrillWords.BIND_SAID)
                .with("length", Arg.of(Dimension.LENGTH, log.lengthM))
                .with("butt", Arg.of(Dimension.DIAMETER, Math.round(100 * log.buttM) / 100.0))
                .with(
                        "rests",
                        Arg.several(log.restsM.stream()
                                .map(x -> Arg.of(Dimension.LENGTH, x))
                                .toList()))
                .with("cut", Arg.of(Dimension.LENGTH, log.cutM));
    }

    private static Picture picture(Log log, BindCut cut) {
        double y = DrillLogs.REST_HIGH_M;
        double at = log.buttM + (log.tipM - log.buttM) * log.cutM / log.lengthM;
        List<Item> items = new ArrayList<>();
        items.add(Item.line(Ink.GROUND, -0.5, 0, log.lengthM + 0.5, 0));
        IntStream.range(0, log.restsM.size()).forEach(i -> {
            double x = log.restsM.get(i);
            items.add(Item.area(Ink.REST, x - 0.25, 0, x - 0.15, y, x + 0.15, y, x + 0.25, 0)
                    .saying(Arg.of(Dimension.LENGTH, x)));
        });
        items.add(Item.area(Ink.WOOD, 0, y, 0, y + log.buttM, log.lengthM, y + log.tipM, log.lengthM, y));
        items.add(Item.line(Ink.CUT, log.cutM, y - 0.3, log.cutM, y + at + 0.5)
                .saying(Arg.of(Dimension.LENGTH, log.cutM)));
        List<Item> over = side(cut)
                .map(f -> {
                    boolean top = f == Squeeze.Face.TOP;
                    double high = y + at;
                    return List.of(
                            strip(log.cutM, top ? high : y - 0.12, Ink.SQUEEZED, DrillWords.SQUEEZED),
                            strip(log.cutM, top ? y - 0.12 : high, Ink.STRETCHED, DrillWords.STRETCHED));
                })
                .orElse(List.of());
        return new Picture(-0.5, log.lengthM + 0.5, -0.4, y + log.buttM + 0.9, List.copyOf(items), over);
    }

    private static Item strip(double x, double y, Ink ink, DrillWords words) {
        return Item.area(ink, x - 0.9, y, x - 0.9, y + 0.12, x + 0.9, y + 0.12, x + 0.9, y)
                .saying(Arg.said(Message.of(words)));
    }
}
