package org.antevid.core.drill;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.antevid.core.drill.Exercise.Choice;
import org.antevid.core.drill.Exercise.Fact;
import org.antevid.core.drill.Exercise.Told;
import org.antevid.core.drill.Picture.Ink;
import org.antevid.core.drill.Picture.Item;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.Release;

/** Stems that lie over each other, seen from above: in which order they come off. Every answer is {@link Release}'s. */
final class OrderDrill {
    private static final double WIDE_M = 20;
    private static final double HIGH_M = 15;
    private static final double HALF_THICK_M = 0.45;
    /** A crossing nearer to an end than this may be none. */
    private static final double SEEN_M = 0.8;

    /** Sine of the angle: who lies nearly along another touches it where nobody can say. */
    private static final double LEAST_ANGLE = 0.3;

    private static final int LEAST_STEMS = 3;
    private static final String STAYS = "K";

    private record Log(String id, Spot butt, Spot tip) {
        Spot at(double share) {
            return new Spot(
                    butt.eastM() + share * (tip.eastM() - butt.eastM()),
                    butt.northM() + share * (tip.northM() - butt.northM()));
        }

        double longM() {
            return butt.distanceTo(tip);
        }
    }

    /** @param over lies over {@code under} */
    private record Crossing(Log over, Log under, Spot at) {}

    private OrderDrill() {}

    static Optional<Exercise> made(Random r, int level) {
        int n = LEAST_STEMS + (level == 1 ? 0 : level - 2 + r.nextInt(2));
        double firstDeg = 360 * r.nextDouble();
        List<Log> logs = IntStream.range(0, n)
                .mapToObj(i -> {
                    Spot middle = new Spot(5 + 10 * r.nextDouble(), 5 + 5 * r.nextDouble());
                    double to = firstDeg + 360.0 * i / n / (r.nextBoolean() ? 1 : 2) + 20 * r.nextDouble();
                    return new Log(
                            "S" + (i + 1),
                            middle.at(to + 180, 3.5 + 2 * r.nextDouble()),
                            middle.at(to, 3.5 + 2 * r.nextDouble()));
                })
                .toList();
        if (logs.stream()
                .anyMatch(l ->
                        l.tip.eastM() < 0 || l.tip.eastM() > WIDE_M || l.tip.northM() < 0 || l.tip.northM() > HIGH_M)) {
            return Optional.empty();
        }
        List<Log> fromAbove = new ArrayList<>(logs);
        Collections.shuffle(fromAbove, r);
        // a ring needs three that each lie over the next: the first and the third are turned round
        boolean ring = level > 1 && r.nextInt(3) == 0;
        List<Crossing> crossings = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                Optional<Optional<Spot>> at = crossing(fromAbove.get(i), fromAbove.get(j));
                if (at.isEmpty()) {
                    return Optional.empty();
                }
                boolean turned = ring && i == 0 && j == 2;
                Log over = fromAbove.get(turned ? j : i);
                Log under = fromAbove.get(turned ? i : j);
                at.get().ifPresent(s -> crossings.add(new Crossing(over, under, s)));
            }
        }
        boolean stays = level == 3 && r.nextInt(4) == 0;
        if (crossings.size() < n - 1) {
            return Optional.empty();
        }
        List<Pile.Relation> relations = new ArrayList<>(crossings.stream()
                .map(c -> new Pile.Relation(c.over.id, Pile.Type.RESTS_ON, c.under.id))
                .toList());
        if (stays) {
            relations.add(new Pile.Relation(STAYS, Pile.Type.OVERHANGS, logs.get(n - 1).id));
        }
        Release release = Release.of(new Pile(
                logs.stream().map(l -> stem(l.id)).toList(), stays ? Set.of(STAYS) : Set.of(), false, relations));
        return Optional.of(exercise(logs, crossings, release, level));
    }

    private static Pile.Stem stem(String id) {
        return new Pile.Stem(
                id,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                false,
                false,
                false,
                Optional.empty(),
                Pile.Stem.PLATE_THICK_M,
                0,
                0,
                Pile.Stem.MU,
                Pile.Stem.FORK_D_M,
                Optional.empty(),
                Optional.empty());
    }

    /** @return where they cross, empty inside where they do not; empty where nobody could say */
    private static Optional<Optional<Spot>> crossing(Log a, Log b) {
        double ax = a.tip.eastM() - a.butt.eastM();
        double ay = a.tip.northM() - a.butt.northM();
        double bx = b.tip.eastM() - b.butt.eastM();
        double by = b.tip.northM() - b.butt.northM();
        double cross = ax * by - ay * bx;
        if (Math.abs(cross) < LEAST_ANGLE * a.longM() * b.longM()) {
            return a.at(0.5).distanceTo(b.at(0.5)) > (a.longM() + b.longM()) / 2
                    ? Optional.of(Optional.empty())
                    : Optional.empty();
        }
        double ox = b.butt.eastM() - a.butt.eastM();
        double oy = b.butt.northM() - a.butt.northM();
        double onA = (ox * by - oy * bx) / cross;
        double onB = (ox * ay - oy * ax) / cross;
        double edgeA = SEEN_M / a.longM();
        double edgeB = SEEN_M / b.longM();
        boolean apart = onA < -edgeA || onA > 1 + edgeA || onB < -edgeB || onB > 1 + edgeB;
        boolean on = onA > edgeA && onA < 1 - edgeA && onB > edgeB && onB < 1 - edgeB;
        return apart ? Optional.of(Optional.empty()) : on ? Optional.of(Optional.of(a.at(onA))) : Optional.empty();
    }

    private static Exercise exercise(List<Log> logs, List<Crossing> crossings, Release release, int level) {
        boolean ring = !release.deadlocks().isEmpty();
        boolean stays = !release.standingOverhangs().isEmpty();
        boolean order = !ring && !stays;
        List<Choice> choices = new ArrayList<>();
        for (Log l : logs) {
            List<Integer> first = crossings.stream()
                    .filter(c -> c.under.equals(l))
                    .map(c -> logs.indexOf(c.over))
                    .toList();
            choices.add(Choice.of(Arg.name(l.id), order)
                    .after(first)
                    .deadly(
                            first.isEmpty()
                                    ? Optional.empty()
                                    : Optional.of(Message.of(DrillWords.ORDER_BENEATH)
                                            .with("stem", Arg.name(l.id))
                                            .with(
                                                    "over",
                                                    Arg.names(first.stream()
                                                            .map(i -> logs.get(i).id)
                                                            .toList())))));
        }
        choices.add(Choice.of(DrillWords.ORDER_RING, ring && !stays).markedAlone());
        choices.add(Choice.of(DrillWords.ORDER_LEAVE, stays).markedAlone());
        List<Fact> truth = new ArrayList<>(List.of(
                new Fact(
                        Told.NUMBER,
                        stays
                                ? Message.of(DrillWords.ORDER_STAYS)
                                        .with("stem", Arg.names(release.standingOverhangs()))
                                : ring
                                        ? Message.of(DrillWords.ORDER_RING_OF)
                                                .with(
                                                        "stems",
                                                        Arg.names(release.deadlocks()
                                                                .get(0)
                                                                .stems()))
                                        : Message.of(DrillWords.ORDER_NUMBER)
                                                .with(
                                                        "order",
                                                        Arg.names(release.order().stream()
                                                                .flatMap(List::stream)
                                                                .toList()))),
                new Fact(Told.RULE, Message.of(DrillWords.ORDER_RULE))));
        if (ring && !stays) {
            truth.add(new Fact(
                    Told.RIGHT_IF,
                    Message.of(DrillWords.ORDER_HOLD)
                            .with("stems", Arg.names(release.deadlocks().get(0).holdOneOf()))));
        }
        return new Exercise(
                DrillKind.ORDER,
                level,
                0,
                picture(logs, crossings, release),
                Message.of(DrillWords.ORDER_SAID)
                        .with(
                                "crossings",
                                Arg.several(crossings.stream()
                                        .map(c -> Arg.said(Message.of(DrillWords.ORDER_OVER)
                                                .with("over", Arg.name(c.over.id))
                                                .with("under", Arg.name(c.under.id))))
                                        .toList()))
                        .with(
                                "stays",
                                Optional.of(Arg.names(release.standingOverhangs()))
                                        .filter(a -> stays)),
                Message.of(DrillWords.ASK_ORDER),
                Answering.ORDER,
                List.copyOf(choices),
                List.copyOf(truth),
                0);
    }

    /** From the lowest up; in a ring the crossing that no such order shows is drawn once more. */
    private static Picture picture(List<Log> logs, List<Crossing> crossings, Release release) {
        List<Item> items = new ArrayList<>();
        List<Log> upwards = upwards(logs, crossings, release);
        upwards.forEach(l -> items.add(body(l, 0, 1)));
        crossings.stream()
                .filter(c -> upwards.indexOf(c.over) < upwards.indexOf(c.under))
                .forEach(c -> {
                    double share = c.over.butt.distanceTo(c.at) / c.over.longM();
                    double piece = 1.2 / c.over.longM();
                    items.add(body(c.over, Math.max(0, share - piece), Math.min(1, share + piece)));
                });
        logs.forEach(l -> items.add(
                Item.line(Ink.NOTE, l.at(0.06).eastM(), l.at(0.06).northM()).saying(Arg.name(l.id))));
        release.standingOverhangs()
                .forEach(id -> logs.stream().filter(l -> l.id.equals(id)).forEach(l -> {
                    Spot s = l.at(0.5);
                    items.add(Item.area(Ink.CROWN, round(s, 1.6)).saying(Arg.name(STAYS)));
                }));
        List<Item> over = new ArrayList<>();
        if (release.deadlocks().isEmpty()) {
            int turn = 1;
            for (List<String> step : release.order()) {
                for (String id : step) {
                    Log l = logs.stream()
                            .filter(x -> x.id.equals(id))
                            .findFirst()
                            .orElseThrow();
                    Spot s = l.at(0.9);
                    over.add(Item.line(Ink.NOTE, s.eastM(), s.northM()).saying(Arg.count(turn)));
                }
                turn++;
            }
        }
        double[] east = logs.stream()
                .flatMapToDouble(l -> DoubleStream.of(l.butt.eastM(), l.tip.eastM()))
                .toArray();
        double[] north = logs.stream()
                .flatMapToDouble(l -> DoubleStream.of(l.butt.northM(), l.tip.northM()))
                .toArray();
        return new Picture(
                DoubleStream.of(east).min().orElseThrow() - 1,
                DoubleStream.of(east).max().orElseThrow() + 1,
                DoubleStream.of(north).min().orElseThrow() - 1,
                DoubleStream.of(north).max().orElseThrow() + 1,
                List.copyOf(items),
                List.copyOf(over));
    }

    /** What comes off last lies lowest; where there is no such order, whoever lies over least. */
    private static List<Log> upwards(List<Log> logs, List<Crossing> crossings, Release release) {
        if (release.deadlocks().isEmpty()) {
            List<String> off = release.order().stream().flatMap(List::stream).toList();
            return logs.stream()
                    .sorted(Comparator.comparingInt((Log l) -> -off.indexOf(l.id)))
                    .toList();
        }
        return logs.stream()
                .sorted(Comparator.comparingLong((Log l) ->
                        crossings.stream().filter(c -> c.over.equals(l)).count()))
                .toList();
    }

    private static double[] round(Spot s, double radiusM) {
        return IntStream.range(0, 24)
                .mapToObj(i -> s.at(15.0 * i, radiusM))
                .flatMapToDouble(p -> DoubleStream.of(p.eastM(), p.northM()))
                .toArray();
    }

    /** A stem's outline between two shares of its length, thinner at its tip. */
    private static Item body(Log l, double from, double to) {
        double side = l.butt.bearingTo(l.tip) + 90;
        double thick = HALF_THICK_M * (1 - 0.5 * from);
        double thin = HALF_THICK_M * (1 - 0.5 * to);
        Spot a = l.at(from);
        Spot b = l.at(to);
        return Item.area(
                Ink.WOOD,
                a.at(side, thick).eastM(),
                a.at(side, thick).northM(),
                b.at(side, thin).eastM(),
                b.at(side, thin).northM(),
                b.at(side + 180, thin).eastM(),
                b.at(side + 180, thin).northM(),
                a.at(side + 180, thick).eastM(),
                a.at(side + 180, thick).northM());
    }
}
