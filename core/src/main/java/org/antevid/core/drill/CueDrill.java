package org.antevid.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
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
import org.antevid.core.run.Reaction;
import org.antevid.core.run.Signs;

/** Three looks at a stem that is cut or pulled: what whoever sees it does. Every answer is {@link Signs}'. */
final class CueDrill {
    /** So well are a kerf and a top read from where one stands, two sigma. */
    private static final double KERF_SEEN_MM = 1;

    private static final double TOP_SEEN_M = 0.2;
    private static final double M_PER_MM = 0.001;
    private static final double HIGH_M = 8;
    private static final double APART_M = 6;

    /** Who looks. */
    enum Viewer implements Code {
        CUTTER,
        WINCH
    }

    /** What comes from the others, as it is said. */
    enum Heard implements Code {
        ANSWERED,
        NOT_ANSWERED,
        AWAY_SWUNG,
        AWAY_NOTHING,
        THERE_SWUNG,
        CROSSED,
        BOTH_UP
    }

    private record Scene(Viewer viewer, Heard heard, Signs signs) {
        Reaction reaction() {
            return viewer == Viewer.CUTTER
                    ? signs.ofCutter(
                            switch (heard) {
                                case NOT_ANSWERED -> Optional.empty();
                                case BOTH_UP -> Optional.of(Signs.Call.BOTH_ARMS_UP);
                                default -> Optional.of(Signs.Call.NOTHING);
                            })
                    : signs.ofWinch(
                            heard == Heard.AWAY_SWUNG || heard == Heard.AWAY_NOTHING,
                            switch (heard) {
                                case AWAY_SWUNG, THERE_SWUNG -> Signs.Call.ARM_SWUNG;
                                case CROSSED -> Signs.Call.ARMS_CROSSED;
                                case BOTH_UP -> Signs.Call.BOTH_ARMS_UP;
                                default -> Signs.Call.NOTHING;
                            });
        }

        Stream<Scene> asSeen() {
            return Stream.of(-1, 1).flatMap(k -> Stream.of(-1, 1)
                    .map(t -> new Scene(
                            viewer,
                            heard,
                            new Signs(
                                    signs.kerfOpensMm() + k * KERF_SEEN_MM,
                                    signs.topForwardM() + t * TOP_SEEN_M,
                                    Math.max(0, signs.topAsideM() + t * TOP_SEEN_M),
                                    signs.cracks()))));
        }
    }

    private CueDrill() {}

    static Optional<Exercise> made(Random r, int level) {
        Viewer viewer = level == 1 ? Viewer.CUTTER : Viewer.WINCH;
        Heard heard = level == 1
                ? List.of(Heard.ANSWERED, Heard.ANSWERED, Heard.NOT_ANSWERED, Heard.BOTH_UP)
                        .get(r.nextInt(4))
                : List.of(Heard.AWAY_SWUNG, Heard.AWAY_SWUNG, Heard.AWAY_NOTHING, Heard.THERE_SWUNG, Heard.CROSSED)
                        .get(r.nextInt(5));
        boolean goes = r.nextInt(3) == 0;
        double kerf = r.nextInt(4) == 0 ? -1 - r.nextInt(5) : r.nextInt(8);
        double forward = goes ? 1.6 * r.nextDouble() : 0.3 * (r.nextDouble() - 0.3);
        double aside = r.nextInt(5) == 0 ? 1.4 * r.nextDouble() : 0;
        Scene scene = new Scene(
                viewer,
                heard,
                new Signs(kerf, tenth(kerf < 0 ? Math.min(0, forward) : forward), tenth(aside), r.nextInt(9) == 0));
        Reaction right = scene.reaction();
        return scene.asSeen().allMatch(s -> s.reaction() == right)
                ? Optional.of(exercise(scene, right, level))
                : Optional.empty();
    }

    private static double tenth(double v) {
        return Math.round(10 * v) / 10.0;
    }

    private static Exercise exercise(Scene s, Reaction right, int level) {
        List<Choice> choices = new ArrayList<>();
        for (Reaction x : Reaction.values()) {
            choices.add(Choice.of(Arg.term(x), x == right).deadly(deadly(s, right, x)));
        }
        Signs g = s.signs;
        List<Fact> truth = new ArrayList<>(List.of(
                new Fact(
                        Told.NUMBER,
                        Message.of(DrillWords.CUE_NUMBER)
                                .with("going", Arg.of(Dimension.LENGTH, Signs.GOES_M))
                                .with("closing", Arg.of(Dimension.SHORT, Signs.CLOSES_MM * M_PER_MM))),
                new Fact(Told.RULE, Message.of(rule(s, right)))));
        turn(s, right).ifPresent(t -> truth.add(new Fact(Told.RIGHT_IF, t)));
        return new Exercise(
                DrillKind.CUE,
                level,
                0,
                picture(s),
                Message.of(DrillWords.CUE_SAID)
                        .with("viewer", Arg.term(s.viewer))
                        .with("heard", Arg.term(s.heard))
                        .with("opens", Arg.flag(g.kerfOpensMm() >= 0))
                        .with("kerf", Arg.of(Dimension.SHORT, Math.abs(g.kerfOpensMm()) * M_PER_MM))
                        .with("forward", Arg.flag(g.topForwardM() >= 0))
                        .with("top", Arg.of(Dimension.LENGTH, Math.abs(g.topForwardM())))
                        .with(
                                "aside",
                                Optional.of(Arg.of(Dimension.LENGTH, g.topAsideM()))
                                        .filter(a -> g.topAsideM() > 0))
                        .with("cracks", Arg.flag(g.cracks())),
                Message.of(DrillWords.ASK_CUE).with("viewer", Arg.term(s.viewer)),
                Answering.ONE,
                List.copyOf(choices),
                List.copyOf(truth),
                0);
    }

    private static Optional<Message> deadly(Scene s, Reaction right, Reaction chosen) {
        if (s.viewer == Viewer.CUTTER && right == Reaction.RUN && chosen != Reaction.RUN) {
            return Optional.of(Message.of(DrillWords.CUE_STAYED));
        }
        return s.viewer == Viewer.WINCH && chosen == Reaction.ACT && s.heard == Heard.THERE_SWUNG
                ? Optional.of(Message.of(DrillWords.CUE_PULLED))
                : Optional.empty();
    }

    private static DrillWords rule(Scene s, Reaction right) {
        boolean cutter = s.viewer == Viewer.CUTTER;
        return switch (right) {
            case RUN -> DrillWords.CUE_RULE_RUN;
            case HOLD -> cutter ? DrillWords.CUE_RULE_HOLD : DrillWords.CUE_RULE_HOLD_LINE;
            case WAIT -> cutter ? DrillWords.CUE_RULE_ANSWER : DrillWords.CUE_RULE_AWAY;
            case ACT -> cutter ? DrillWords.CUE_RULE_GO_ON : DrillWords.CUE_RULE_PULL;
        };
    }

    /** The nearest change that makes it another answer, of those a person can see. */
    private static Optional<Message> turn(Scene s, Reaction right) {
        Signs g = s.signs;
        if (right == Reaction.RUN || g.sitsBack() || g.goesWrong()) {
            return Optional.empty();
        }
        Scene over = new Scene(s.viewer, s.heard, new Signs(g.kerfOpensMm(), Signs.GOES_M, 0, false));
        return over.reaction() == right
                ? Optional.empty()
                : Optional.of(Message.of(DrillWords.CUE_TURN)
                        .with("going", Arg.of(Dimension.LENGTH, Signs.GOES_M))
                        .with("then", Arg.term(over.reaction())));
    }

    /**
     * The stem three times, the last as it is now, beneath it what was read. It is no picture to scale: the kerf and
     * the way of the top are drawn larger than they are.
     */
    private static Picture picture(Scene s) {
        List<Item> items = new ArrayList<>();
        List<Item> over = new ArrayList<>();
        Signs g = s.signs;
        items.add(Item.line(Ink.NOTE, APART_M, HIGH_M + 1.4).saying(Arg.term(s.heard)));
        for (int i = 0; i <= 2; i++) {
            double x = i * APART_M;
            double share = i / 2.0;
            double top = x + 2 * share * g.topForwardM();
            double kerf = 0.35 + Math.max(-0.3, 0.12 * share * g.kerfOpensMm());
            items.add(Item.area(Ink.WOOD, x - 0.9, 1.2, x + 0.9, 1.2, top + 0.5, HIGH_M, top - 0.5, HIGH_M));
            items.add(Item.area(Ink.STUMP, x - 1, 0, x + 1, 0, x + 1, 1.2, x - 1, 1.2));
            items.add(Item.area(Ink.CUT, x - 1, 1.2, x - 1, 1.2 + kerf, x + 0.4, 1.2));
            if (g.topAsideM() > 0) {
                items.add(Item.line(Ink.PLUMB, top, HIGH_M, top + 0.8, HIGH_M + 0.8 * share));
            }
            if (g.cracks() && i > 0) {
                items.add(Item.line(Ink.CUT, x, 1.4, x - 0.2, 1.4 + 1.2 * i));
            }
            items.add(Item.line(Ink.NOTE, x, -0.9).saying(Arg.of(Dimension.SHORT, share * g.kerfOpensMm() * M_PER_MM)));
            items.add(Item.line(Ink.NOTE, x, -1.9).saying(Arg.of(Dimension.LENGTH, share * g.topForwardM())));
        }
        items.add(Item.line(Ink.GROUND, -2, 0, 2 * APART_M + 3, 0));
        items.add(Item.line(Ink.NOTE, -APART_M / 2 - 1, -0.9).saying(Arg.said(Message.of(DrillWords.CUE_KERF))));
        items.add(Item.line(Ink.NOTE, -APART_M / 2 - 1, -1.9).saying(Arg.said(Message.of(DrillWords.CUE_TOP))));
        if (g.goesOver() || g.goesWrong()) {
            double x = 2 * APART_M + 2 * g.topForwardM();
            over.add(Item.area(
                    Ink.TOO_NEAR, x - 0.8, HIGH_M - 0.8, x + 0.8, HIGH_M - 0.8, x + 0.8, HIGH_M, x - 0.8, HIGH_M));
        }
        return new Picture(
                -APART_M / 2 - 3, 2 * APART_M + 4.5, -2.4, HIGH_M + 2, List.copyOf(items), List.copyOf(over));
    }
}
