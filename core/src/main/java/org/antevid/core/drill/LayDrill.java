package org.antevid.core.drill;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.antevid.core.drill.Exercise.Choice;
import org.antevid.core.drill.Exercise.Fact;
import org.antevid.core.drill.Exercise.Told;
import org.antevid.core.drill.Picture.Ink;
import org.antevid.core.drill.Picture.Item;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.dial.Dial;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Ground;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Terrain;
import org.antevid.core.site.Today;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stump.School;

/** A sound tree among things that must not be hit: which directions are open. Every answer is {@link Dial}'s. */
final class LayDrill {
    private static final Spot STUMP = new Spot(0, 0);
    private static final int STEP_DEG = 15;
    private static final int EIGHTH_DEG = 45;
    private static final double LEAN_SIGMA_DEG = 0.5;
    private static final double AWAY_LEAST_M = 5;
    /** With fewer that are plain there is nothing to judge. */
    private static final int PLAIN_LEAST = 5;

    /** What must not be hit. */
    enum Thing implements Code {
        HOUSE(3, FeatureKind.BUILDING, 3.5),
        SHED(2, FeatureKind.BUILDING, 2.5),
        GLASSHOUSE(2, FeatureKind.GLASS, 3);

        private final int worth;
        private final FeatureKind kind;
        private final double radiusM;

        Thing(int worth, FeatureKind kind, double radiusM) {
            this.worth = worth;
            this.kind = kind;
            this.radiusM = radiusM;
        }
    }

    private record Placed(Thing thing, Spot at) {
        Feature feature() {
            return new Feature(
                    thing.name(),
                    thing.name(),
                    thing.kind,
                    Shape.disc(at, thing.radiusM),
                    thing.worth,
                    false,
                    Protection.NONE,
                    "",
                    false);
        }

        double awayM() {
            return at.distanceTo(STUMP) - thing.radiusM;
        }
    }

    private record Scene(double heightM, double leanDeg, double leanToDeg, List<Placed> things) {
        Dial dial(double offDeg) {
            StemReading stem = new StemReading(
                    "S1",
                    Species.PICEA,
                    StemState.STANDING,
                    STUMP,
                    Optional.of(new Estimate(0.016 * heightM + 0.06, 0.01)),
                    Optional.of(new Estimate(heightM, 0.5)),
                    Optional.of(new Lean(Math.max(0, leanDeg + offDeg), leanToDeg, LEAN_SIGMA_DEG)),
                    Optional.of(2.0),
                    Condition.SOUND,
                    StemMass.Shape.FOREST,
                    StemMass.Crown.FOREST_CONIFER,
                    List.of(),
                    false);
            Site site = new Site(
                    Terrain.plane(Ground.LEVEL),
                    new Today(GroundState.FIRM, CrownLoad.NONE, 9, Optional.of(3.0)),
                    things.stream().map(Placed::feature).toList());
            return Dial.of(
                    stem, new LayChoice(0, 0.3, School.OPEN_FACE, 0.45, means()), site, LayPlan.Limits.USUAL, STEP_DEG);
        }

        private static Means means() {
            return new Means(Means.Kind.WEDGES, Optional.empty(), Optional.empty(), Optional.empty());
        }
    }

    /** A direction that is plainly open, or plainly not. */
    private record Way(int deg, boolean open, List<String> strikes) {}

    private LayDrill() {}

    static Optional<Exercise> made(Random r, int level) {
        double height = 12 + r.nextInt(9);
        List<Placed> things = IntStream.range(0, level + 1)
                .mapToObj(i -> new Placed(
                        Thing.values()[i],
                        STUMP.at(
                                360 * r.nextDouble(),
                                AWAY_LEAST_M + Thing.values()[i].radiusM + (height - 4) * r.nextDouble())))
                .toList();
        Scene scene = new Scene(height, Math.rint(20 * r.nextDouble()) / 10, EIGHTH_DEG * r.nextInt(8), things);
        Map<Integer, List<Boolean>> seen = new LinkedHashMap<>();
        List<Dial> dials = DoubleStream.of(-2 * LEAN_SIGMA_DEG, 0, 2 * LEAN_SIGMA_DEG)
                .mapToObj(scene::dial)
                .toList();
        List<Way> plain = new ArrayList<>();
        for (int deg = 0; deg < 360; deg += EIGHTH_DEG) {
            int before = Math.floorMod(deg - 1, 360) / STEP_DEG;
            int after = deg / STEP_DEG;
            seen.put(
                    deg,
                    dials.stream()
                            .flatMap(d -> List.of(before, after).stream()
                                    .map(i -> open(d.lays().get(i).state())))
                            .distinct()
                            .toList());
            if (seen.get(deg).size() == 1) {
                plain.add(new Way(
                        deg,
                        seen.get(deg).get(0),
                        List.of(before, after).stream()
                                .flatMap(i -> dials.get(1).lays().get(i).targets().stream())
                                .distinct()
                                .toList()));
            }
        }
        boolean both = plain.stream().anyMatch(Way::open) && plain.stream().anyMatch(w -> !w.open());
        return plain.size() >= PLAIN_LEAST && both ? Optional.of(exercise(scene, plain, level)) : Optional.empty();
    }

    private static boolean open(Dial.State s) {
        return s == Dial.State.OPEN || s == Dial.State.COSTLY;
    }

    private static Exercise exercise(Scene s, List<Way> ways, int level) {
        List<Choice> choices = new ArrayList<>();
        ways.forEach(w -> choices.add(Choice.of(Arg.azimuth(w.deg), w.open)
                .deadly(
                        !w.open && w.strikes.contains(Thing.HOUSE.name())
                                ? Optional.of(Message.of(DrillWords.LAY_HOUSE))
                                : Optional.empty())));
        List<Fact> truth = new ArrayList<>();
        ways.stream()
                .filter(w -> !w.open)
                .forEach(w -> truth.add(new Fact(
                        Told.NUMBER,
                        Message.of(w.strikes.isEmpty() ? DrillWords.LAY_NOT_OVER : DrillWords.LAY_STRIKES)
                                .with("lay", Arg.azimuth(w.deg))
                                .with(
                                        "things",
                                        w.strikes.isEmpty()
                                                ? Optional.empty()
                                                : Optional.of(Arg.terms(w.strikes.stream()
                                                        .map(Thing::valueOf)
                                                        .toList()))))));
        truth.add(new Fact(Told.RULE, Message.of(DrillWords.LAY_RULE)));
        s.things.stream()
                .filter(p -> p.awayM() < s.heightM)
                .forEach(p -> truth.add(new Fact(
                        Told.RIGHT_IF,
                        Message.of(DrillWords.LAY_FURTHER)
                                .with("thing", Arg.term(p.thing))
                                .with("further", Arg.up(Dimension.DISTANCE, s.heightM - p.awayM())))));
        return new Exercise(
                DrillKind.LAY,
                level,
                0,
                picture(s, ways),
                Message.of(DrillWords.LAY_SAID)
                        .with("height", Arg.of(Dimension.LENGTH, s.heightM))
                        .with("lean", Arg.of(Dimension.ANGLE, s.leanDeg))
                        .with("to", Arg.azimuth(s.leanToDeg))
                        .with(
                                "things",
                                Arg.several(s.things.stream()
                                        .map(p -> Arg.said(Message.of(DrillWords.LAY_THING)
                                                .with("thing", Arg.term(p.thing))
                                                .with("away", Arg.down(Dimension.DISTANCE, p.awayM()))
                                                .with("to", Arg.azimuth(STUMP.bearingTo(p.at)))))
                                        .toList())),
                Message.of(DrillWords.ASK_LAY),
                Answering.SEVERAL,
                List.copyOf(choices),
                List.copyOf(truth),
                0);
    }

    private static Picture picture(Scene s, List<Way> ways) {
        double half = s.heightM * 1.35 + 2;
        List<Item> items = new ArrayList<>();
        s.things.forEach(p ->
                items.add(Item.area(Ink.TARGET, round(p.at, p.thing.radiusM)).saying(Arg.term(p.thing))));
        ways.forEach(w -> {
            Spot at = STUMP.at(w.deg, s.heightM * 1.18);
            items.add(Item.line(Ink.NOTE, at.eastM(), at.northM()).saying(Arg.azimuth(w.deg)));
        });
        items.add(Item.line(Ink.STUMP, 0, 0));
        Spot leans = STUMP.at(s.leanToDeg, 3);
        if (s.leanDeg > 0) {
            items.add(Item.line(Ink.PLUMB, 0, 0, leans.eastM(), leans.northM()));
        }
        items.add(Item.line(Ink.SCALE, -half + 1, -half + 1.5, -half + 11, -half + 1.5)
                .saying(Arg.of(Dimension.DISTANCE, 10)));
        List<Item> over = new ArrayList<>();
        over.add(Item.area(Ink.RING, round(STUMP, s.heightM)));
        ways.stream().filter(Way::open).forEach(w -> {
            Spot tip = STUMP.at(w.deg, s.heightM);
            over.add(Item.line(Ink.OPEN, 0, 0, tip.eastM(), tip.northM()));
        });
        return new Picture(-half, half, -half, half, List.copyOf(items), List.copyOf(over));
    }

    private static double[] round(Spot s, double radiusM) {
        return IntStream.range(0, 36)
                .mapToObj(i -> s.at(10.0 * i, radiusM))
                .flatMapToDouble(p -> DoubleStream.of(p.eastM(), p.northM()))
                .toArray();
    }
}
