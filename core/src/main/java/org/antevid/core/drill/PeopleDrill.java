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
import org.antevid.core.lay.FallZone;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Spot;

/** A tree about to be felled and people about it: who is inside the ground that {@link FallZone} keeps clear. */
final class PeopleDrill {
    /** So well is it seen where somebody stands, metres. */
    private static final double SEEN_M = 2;

    private static final double LEAST_AWAY_M = 6;
    private static final double MOST_SHARE = 1.6;
    /** Nearer together they could not be told apart. */
    private static final double APART_M = 7;

    private static final Spot STUMP = new Spot(0, 0);

    private record Person(String name, Spot at) {
        double awayM() {
            return at.distanceTo(STUMP);
        }
    }

    private PeopleDrill() {}

    static Optional<Exercise> made(Random r, int level) {
        double height = 12 + r.nextInt(15);
        double lay = r.nextInt(360);
        FallZone zone = zone(height, lay);
        List<Person> people = IntStream.range(0, 2 + level)
                .mapToObj(i -> new Person(
                        String.valueOf((char) ('A' + i)),
                        STUMP.at(
                                360 * r.nextDouble(),
                                LEAST_AWAY_M + (MOST_SHARE * zone.exclusionM() - LEAST_AWAY_M) * r.nextDouble())))
                .toList();
        boolean clear = people.stream()
                .allMatch(p -> Math.abs(p.awayM() - zone.exclusionM()) > SEEN_M
                        && Math.abs(p.awayM() - zone.designReachM()) > SEEN_M
                        && people.stream().allMatch(o -> o.equals(p) || o.at.distanceTo(p.at) > APART_M));
        return clear ? Optional.of(exercise(height, lay, zone, people, level)) : Optional.empty();
    }

    /** On level ground, sound and limbed, by the usual rules of a house. */
    private static FallZone zone(double heightM, double layDeg) {
        return FallZone.of(new FallZone.Fall(
                layDeg,
                STUMP,
                new Estimate(heightM, 0),
                0.3,
                2.5,
                1.15,
                1.5 * 9.81 / heightM,
                Ground.LEVEL,
                60,
                0.3,
                0.45,
                0.5,
                LayPlan.Limits.USUAL.exclusionLengths(),
                0.4 * heightM,
                LayPlan.Limits.USUAL.soundSigmaDeg(),
                FallZone.Limbs.BRANCHED));
    }

    private static Exercise exercise(double height, double lay, FallZone zone, List<Person> people, int level) {
        double ring = zone.exclusionM();
        List<Choice> choices = new ArrayList<>(people.stream()
                .map(p -> Choice.of(
                                Arg.said(Message.of(DrillWords.PERSON).with("name", Arg.name(p.name))),
                                p.awayM() < ring)
                        .deadly(Optional.of(Message.of(DrillWords.STRUCK)
                                        .with("name", Arg.name(p.name))
                                        .with("reach", Arg.up(Dimension.LENGTH, zone.designReachM())))
                                .filter(x -> p.awayM() < zone.designReachM())))
                .toList());
        boolean nobody = people.stream().noneMatch(p -> p.awayM() < ring);
        choices.add(Choice.of(DrillWords.NOBODY, nobody).markedAlone());
        List<Fact> truth = new ArrayList<>(List.of(
                new Fact(
                        Told.NUMBER,
                        Message.of(DrillWords.PEOPLE_NUMBER).with("ring", Arg.up(Dimension.DISTANCE, ring))),
                new Fact(
                        Told.RULE,
                        Message.of(DrillWords.PEOPLE_RULE)
                                .with("lengths", Arg.of(Dimension.TIMES, LayPlan.Limits.USUAL.exclusionLengths()))
                                .with("height", Arg.of(Dimension.LENGTH, height)))));
        people.stream()
                .filter(p -> p.awayM() < ring)
                .forEach(p -> truth.add(new Fact(
                        Told.RIGHT_IF,
                        Message.of(DrillWords.PEOPLE_FURTHER)
                                .with("name", Arg.name(p.name))
                                .with("further", Arg.up(Dimension.DISTANCE, ring - p.awayM())))));
        return new Exercise(
                DrillKind.PEOPLE,
                level,
                0,
                picture(lay, zone, people),
                Message.of(DrillWords.PEOPLE_SAID)
                        .with("height", Arg.of(Dimension.LENGTH, height))
                        .with("lay", Arg.azimuth(lay))
                        .with(
                                "people",
                                Arg.several(people.stream()
                                        .map(p -> Arg.said(Message.of(DrillWords.PERSON_AT)
                                                .with("name", Arg.name(p.name))
                                                .with("away", Arg.of(Dimension.DISTANCE, p.awayM()))
                                                .with("to", Arg.azimuth(STUMP.bearingTo(p.at)))))
                                        .toList())),
                Message.of(DrillWords.ASK_PEOPLE).with("height", Arg.of(Dimension.LENGTH, height)),
                Answering.SEVERAL,
                List.copyOf(choices),
                List.copyOf(truth),
                0);
    }

    private static Picture picture(double lay, FallZone zone, List<Person> people) {
        double half = MOST_SHARE * zone.exclusionM() + 3;
        Spot tip = STUMP.at(lay, zone.designReachM() / 2);
        List<Item> items = new ArrayList<>();
        items.add(Item.line(Ink.STUMP, 0, 0));
        items.add(Item.line(Ink.LAY, 0, 0, tip.eastM(), tip.northM()));
        people.forEach(p ->
                items.add(Item.line(Ink.PERSON, p.at.eastM(), p.at.northM()).saying(Arg.name(p.name))));
        items.add(Item.line(Ink.SCALE, -half + 2, -half + 2, -half + 12, -half + 2)
                .saying(Arg.of(Dimension.DISTANCE, 10)));
        List<Item> over = new ArrayList<>();
        double[] ring = IntStream.range(0, 72)
                .boxed()
                .flatMapToDouble(i -> {
                    Spot s = STUMP.at(5.0 * i, zone.exclusionM());
                    return java.util.stream.DoubleStream.of(s.eastM(), s.northM());
                })
                .toArray();
        over.add(Item.area(Ink.RING, ring));
        people.stream()
                .filter(p -> p.awayM() < zone.exclusionM())
                .forEach(p -> over.add(Item.line(Ink.TOO_NEAR, p.at.eastM(), p.at.northM())));
        return new Picture(-half, half, -half, half, List.copyOf(items), List.copyOf(over));
    }
}
