package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.antevid.core.lay.spread.AimRecord;
import org.antevid.core.lay.spread.LossRecord;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Grounds;
import org.antevid.core.message.Message;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Site;
import org.antevid.core.site.StandingTree;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.MassRecord;
import org.antevid.core.stem.StemReading;

/**
 * What a lay depends on and what it answered, written down when it is fixed: what has changed since makes it out of
 * date.
 *
 * @param facts by key; a later basis may have others
 * @param answers the numbers people were told
 */
public record Basis(List<Fact> facts, List<Answer> answers) {
    private static final double WORTH_SAYING = 0.001;

    /** Where a fact comes from, so that its age can be looked up. */
    public enum Source implements Code {
        DIAMETER,
        HEIGHT,
        LEAN,
        CROWN,
        WOOD,
        DEFECTS,
        GROUND,
        TODAY,
        HOUSE,
        /** Earlier falls of whoever cuts it. */
        SAWYER,
        /** How often control was lost in such wood. */
        LOSSES,
        /** Weights of earlier stems of the species. */
        WEIGHTS,
        FEATURE,
        TREE
    }

    /** How a target stands. */
    public enum Standing {
        MAY_BE_HIT,
        MUST_NOT_BE_HIT,
        PROTECTED
    }

    /**
     * @param key stable; of a feature its id, of a tree its label
     * @param name of a feature or tree, empty for the stem's own
     * @param args what is known of it, by name; none where nothing is
     */
    public record Fact(Source source, String key, String name, Map<String, Arg> args) {
        public Fact {
            args = Map.copyOf(args);
        }

        /** @return what the fact says */
        public Message says() {
            return new Message(source, args);
        }

        private boolean as(Fact then) {
            return Grounds.of(then.args).still(args);
        }
    }

    /** What people were told. */
    public enum AnswerKind {
        REACH(Dimension.LENGTH, Side.UP),
        RING(Dimension.DISTANCE, Side.UP),
        FAN(Dimension.SECTOR, Side.UP),
        TIME_TO_SPARE(Dimension.TIME, Side.DOWN),
        SIDE_USE(Dimension.SHARE, Side.UP),
        CHANCE(Dimension.CHANCE, Side.UP);
        private final Dimension dimension;
        private final Side side;

        AnswerKind(Dimension dimension, Side side) {
            this.dimension = dimension;
            this.side = side;
        }

        /** @return whether a number of it is shown differently */
        private boolean moved(double was, double is) {
            return this == CHANCE
                    ? !Rounding.chance(was).equals(Rounding.chance(is))
                    : Math.abs(shown(was) - shown(is)) > dimension.rounding() / 2;
        }

        private double shown(double value) {
            double step = dimension.rounding();
            return step * (side == Side.UP ? Rounding.up(value / step, 0) : Rounding.down(value / step, 0));
        }
    }

    /**
     * A number people were told.
     *
     * @param about name of the target, empty for the stem's own
     */
    public record Answer(AnswerKind told, String about, double value) {
        private Arg shown() {
            return new Arg.Amount(told.dimension, value, told.side);
        }

        private String key() {
            return told + about;
        }
    }

    /** One thing that is not as it was; {@code was} and {@code is} are empty where it is not there. */
    public record Change(Arg what, Optional<Arg> was, Optional<Arg> is) {}

    public Basis {
        facts = List.copyOf(facts);
        answers = List.copyOf(answers);
    }

    /** @return what this lay depends on now: the stem, what lies in its ring, the ground, the limits */
    public static Basis of(LayPlan p, Site site) {
        StemReading s = p.stem();
        List<Fact> facts = new ArrayList<>(ofStem(p, s));
        facts.addAll(ofDay(p, s, site));
        ofSawyer(p).ifPresent(facts::add);
        ofLosses(p).ifPresent(facts::add);
        facts.addAll(ofWeights(s));
        p.targets().stream().filter(t -> t.inRing() || t.inReach()).forEach(t -> facts.add(target(t)));
        for (StandingTree t : site.trees()) {
            double away = t.at().distanceTo(s.at());
            if (!t.label().equals(s.label())
                    && away - t.crownRadiusM() <= p.zone().designReachM()) {
                facts.add(new Fact(
                        Source.TREE,
                        t.label(),
                        t.label(),
                        Map.of(
                                "height", Arg.of(Dimension.LENGTH, t.heightM()),
                                "away", Arg.of(Dimension.LENGTH, away))));
            }
        }
        return new Basis(facts, answers(p));
    }

    private static List<Fact> ofStem(LayPlan p, StemReading s) {
        List<Fact> facts = new ArrayList<>();
        s.dbh()
                .ifPresent(d -> facts.add(own(
                        Source.DIAMETER,
                        Map.of(
                                "value", Arg.of(Dimension.SHORT, d.value()),
                                "sigma", Arg.up(Dimension.SHORT, d.sigma())))));
        s.height()
                .ifPresent(h -> facts.add(own(
                        Source.HEIGHT,
                        Map.of(
                                "value", Arg.of(Dimension.LENGTH, h.value()),
                                "sigma", Arg.up(Dimension.LENGTH, h.sigma())))));
        facts.add(own(
                Source.LEAN,
                s.lean()
                        .map(l -> Map.of(
                                "deg", Arg.of(Dimension.ANGLE, l.deg()),
                                "to", Arg.azimuth(l.azimuthDeg()),
                                "sigma", Arg.up(Dimension.ANGLE, l.sigmaDeg())))
                        .orElse(Map.of())));
        s.crownRadiusM().ifPresent(c -> facts.add(own(Source.CROWN, Map.of("radius", Arg.of(Dimension.LENGTH, c)))));
        facts.add(
                own(Source.WOOD, Map.of("wood", Arg.term(s.hingeWood(p.choice().layDeg())))));
        List<Arg> faults = s.defects().stream()
                .sorted((a, b) -> fault(a).compareTo(fault(b)))
                .map(d -> Arg.said(Message.of(Beside.FAULT)
                        .with("kind", Arg.term(d.kind()))
                        .with("from", Arg.of(Dimension.LENGTH, d.fromM()))
                        .with("to", Arg.of(Dimension.LENGTH, d.toM()))))
                .toList();
        facts.add(own(Source.DEFECTS, faults.isEmpty() ? Map.of() : Map.of("faults", Arg.several(faults))));
        return facts;
    }

    private static List<Fact> ofDay(LayPlan p, StemReading s, Site site) {
        Ground ground = site.groundAt(s.at());
        return List.of(
                own(
                        Source.GROUND,
                        Map.of(
                                "slope", Arg.of(Dimension.ANGLE, ground.slopeDeg()),
                                "down", Arg.azimuth(ground.downhillDeg()))),
                own(
                        Source.TODAY,
                        Map.of(
                                "ground", Arg.term(site.today().ground()),
                                "load", Arg.term(site.today().load()))),
                own(
                        Source.HOUSE,
                        Map.of(
                                "lengths", Arg.of(Dimension.TIMES, p.limits().exclusionLengths()),
                                "spread", Arg.of(Dimension.ANGLE, p.limits().soundSigmaDeg()))));
    }

    /** Told where the plan rests on earlier falls; how many they were moves nothing by itself. */
    private static Optional<Fact> ofSawyer(LayPlan p) {
        return p.learned().filter(AimRecord.Learned::used).flatMap(l -> p.choice()
                .before()
                .aim()
                .map(b -> own(
                        Source.SAWYER,
                        Map.of(
                                "name", Arg.name(b.name()),
                                "spread", Arg.up(Dimension.ANGLE, l.blendedDeg())))));
    }

    private static Optional<Fact> ofLosses(LayPlan p) {
        return p.lost()
                .filter(LossRecord.Learned::used)
                .map(l -> own(
                        Source.LOSSES,
                        Map.of("wood", Arg.term(l.wood()), "chance", Arg.up(Dimension.CHANCE, l.blended()))));
    }

    private static List<Fact> ofWeights(StemReading s) {
        return s.more().weighed().all().stream()
                .filter(MassRecord.Learned::used)
                .map(l -> new Fact(
                        Source.WEIGHTS,
                        l.part().name(),
                        "",
                        Map.of(
                                "part", Arg.term(l.part()),
                                "species", Arg.term(l.species()),
                                "share", Arg.up(Dimension.SHARE, l.factor()))))
                .toList();
    }

    private static Fact own(Source source, Map<String, Arg> args) {
        return new Fact(source, "", "", args);
    }

    private static String fault(Defect d) {
        return d.kind().name() + d.fromM() + d.toM();
    }

    private static Fact target(TargetCheck t) {
        Feature f = t.feature();
        return new Fact(
                Source.FEATURE,
                f.id(),
                f.name(),
                Map.of(
                        "worth", Arg.count(f.worth()),
                        "away", Arg.of(Dimension.LENGTH, t.fromStumpM()),
                        "standing",
                                Arg.term(
                                        f.mayBeHit()
                                                ? Standing.MAY_BE_HIT
                                                : f.mustNotBeHit() ? Standing.MUST_NOT_BE_HIT : Standing.PROTECTED)));
    }

    private static List<Answer> answers(LayPlan p) {
        List<Answer> answers = new ArrayList<>();
        answers.add(new Answer(AnswerKind.REACH, "", p.zone().designReachM()));
        answers.add(new Answer(AnswerKind.RING, "", p.zone().exclusionM()));
        answers.add(new Answer(AnswerKind.FAN, "", p.fan().toDeg() - p.fan().fromDeg()));
        p.escape().marginS().ifPresent(m -> answers.add(new Answer(AnswerKind.TIME_TO_SPARE, "", m)));
        p.sideUse().ifPresent(u -> answers.add(new Answer(AnswerKind.SIDE_USE, "", u)));
        p.targets().stream().filter(t -> t.feature().mustNotBeHit()).forEach(t -> t.struck()
                .map(k -> k.strike().decision())
                .filter(d -> d >= WORTH_SAYING)
                .ifPresent(d ->
                        answers.add(new Answer(AnswerKind.CHANCE, t.feature().name(), d))));
        return answers;
    }

    /** @return what is not as it was then; empty when nothing is */
    public List<Change> changedSince(Basis then) {
        Map<String, Fact> before = then.byKey();
        Map<String, Fact> now = byKey();
        List<Change> changed = new ArrayList<>();
        now.forEach((key, fact) -> {
            Optional<Fact> was = Optional.ofNullable(before.get(key));
            if (was.filter(fact::as).isEmpty()) {
                changed.add(
                        new Change(what(fact), was.map(w -> Arg.said(w.says())), Optional.of(Arg.said(fact.says()))));
            }
        });
        before.forEach((key, fact) -> {
            if (!now.containsKey(key)) {
                changed.add(new Change(what(fact), Optional.of(Arg.said(fact.says())), Optional.empty()));
            }
        });
        return changed;
    }

    /** @return what a fact is about */
    public static Arg what(Fact f) {
        return f.source == Source.TREE
                ? Arg.said(Message.of(Beside.TREE).with("name", Arg.name(f.name)))
                : f.source == Source.FEATURE
                        ? Arg.name(f.name)
                        : Arg.said(Message.of(Beside.WHAT).with("source", Arg.term(f.source)));
    }

    /** @return by how much the answers moved; one that is no longer there says so */
    public List<Change> movedSince(Basis then) {
        Map<String, Answer> before = then.answersByKey();
        Map<String, Answer> now = answersByKey();
        List<Change> moved = new ArrayList<>();
        now.forEach((key, a) -> {
            Optional<Answer> was = Optional.ofNullable(before.get(key));
            if (was.filter(w -> !a.told.moved(w.value, a.value)).isEmpty()) {
                moved.add(new Change(what(a), was.map(Answer::shown), Optional.of(a.shown())));
            }
        });
        before.forEach((key, a) -> {
            if (!now.containsKey(key)) {
                moved.add(new Change(what(a), Optional.of(a.shown()), Optional.empty()));
            }
        });
        return moved;
    }

    private static Arg what(Answer a) {
        return a.told == AnswerKind.CHANCE
                ? Arg.said(Message.of(Beside.CHANCE).with("name", Arg.name(a.about)))
                : Arg.term(a.told);
    }

    private enum Beside implements Code {
        FAULT,
        TREE,
        WHAT,
        CHANCE
    }

    private Map<String, Fact> byKey() {
        return facts.stream()
                .collect(Collectors.toMap(f -> f.source + f.key, Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }

    private Map<String, Answer> answersByKey() {
        return answers.stream()
                .collect(Collectors.toMap(Answer::key, Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }
}
