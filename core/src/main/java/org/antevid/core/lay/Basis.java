package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Site;
import org.antevid.core.site.StandingTree;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.StemReading;

/**
 * What a lay depends on and what it answered, written down when it is fixed: what has changed since makes it out of
 * date.
 *
 * @param facts by key; a later basis may have others
 * @param answers the numbers people were told
 */
public record Basis(List<Fact> facts, List<Answer> answers) {
    private static final String CHANCE = "chance";
    private static final double WORTH_SAYING = 0.001;

    /** Where a fact comes from, so that its age can be looked up. */
    public enum Source {
        DIAMETER,
        HEIGHT,
        LEAN,
        CROWN,
        WOOD,
        DEFECTS,
        GROUND,
        TODAY,
        HOUSE,
        FEATURE,
        TREE
    }

    /** @param key stable; of a feature its id, of a tree its label */
    public record Fact(Source source, String key, String words, String value) {}

    /** A number with its unit; a chance has the unit {@code CHANCE} and is 0..1. */
    public record Answer(String words, double value, String unit) {
        private String text() {
            return switch (unit) {
                case CHANCE -> Rounding.chance(value);
                case "%" -> String.format(Locale.ROOT, "%.0f %%", value);
                default -> String.format(Locale.ROOT, "%.1f%s%s", value, unit.equals("°") ? "" : " ", unit);
            };
        }

        private String missing() {
            return unit.equals(CHANCE) ? "none worth saying" : "not known";
        }
    }

    /** One thing that is not as it was. */
    public record Changed(String words, String was, String is) {}

    public Basis {
        facts = List.copyOf(facts);
        answers = List.copyOf(answers);
    }

    /** @return what this lay depends on now: the stem, what lies in its ring, the ground, the limits */
    public static Basis of(LayPlan p, Site site) {
        StemReading s = p.stem();
        List<Fact> facts = new ArrayList<>();
        s.dbh().ifPresent(d -> facts.add(new Fact(Source.DIAMETER, "", "diameter", with(d, 100, "cm"))));
        s.height().ifPresent(h -> facts.add(new Fact(Source.HEIGHT, "", "height", with(h, 1, "m"))));
        facts.add(new Fact(
                Source.LEAN,
                "",
                "lean",
                s.lean()
                        .map(l -> String.format(
                                Locale.ROOT, "%.1f° to %03.0f° ± %.1f°", l.deg(), l.azimuthDeg(), l.sigmaDeg()))
                        .orElse("not known")));
        s.crownRadiusM()
                .ifPresent(c ->
                        facts.add(new Fact(Source.CROWN, "", "crown radius", String.format(Locale.ROOT, "%.1f m", c))));
        facts.add(new Fact(
                Source.WOOD,
                "",
                "wood of the hinge",
                s.hingeWood(p.choice().layDeg()).key().replace('_', ' ')));
        facts.add(new Fact(
                Source.DEFECTS,
                "",
                "faults",
                s.defects().isEmpty()
                        ? "none"
                        : s.defects().stream().map(Basis::fault).sorted().collect(Collectors.joining(", "))));
        Ground ground = site.groundAt(s.at());
        facts.add(new Fact(
                Source.GROUND,
                "",
                "slope at the stump",
                String.format(Locale.ROOT, "%.1f° down to %03.0f°", ground.slopeDeg(), ground.downhillDeg())));
        facts.add(new Fact(
                Source.TODAY,
                "",
                "ground and crown today",
                word(site.today().ground()) + ", crown load "
                        + word(site.today().load())));
        facts.add(new Fact(
                Source.HOUSE,
                "",
                "limits",
                String.format(
                        Locale.ROOT,
                        "%.1f lengths kept clear, spread of %.1f° at least",
                        p.limits().exclusionLengths(),
                        p.limits().soundSigmaDeg())));
        p.targets().stream()
                .filter(t -> t.inRing() || t.inReach())
                .forEach(t -> facts.add(
                        new Fact(Source.FEATURE, t.feature().id(), t.feature().name(), target(t))));
        for (StandingTree t : site.trees()) {
            if (!t.label().equals(s.label())
                    && t.at().distanceTo(s.at()) - t.crownRadiusM() <= p.zone().designReachM()) {
                facts.add(new Fact(
                        Source.TREE,
                        t.label(),
                        "tree " + t.label(),
                        String.format(
                                Locale.ROOT,
                                "%.1f m high, %.1f m from the stump",
                                t.heightM(),
                                t.at().distanceTo(s.at()))));
            }
        }
        return new Basis(facts, answers(p));
    }

    private static List<Answer> answers(LayPlan p) {
        List<Answer> answers = new ArrayList<>();
        answers.add(new Answer("reach", Rounding.up(p.zone().designReachM(), 1), "m"));
        answers.add(new Answer("keep-out ring", Rounding.up(p.zone().exclusionM(), 0), "m"));
        answers.add(new Answer("fan", p.fan().toDeg() - p.fan().fromDeg(), "°"));
        p.escape()
                .marginS()
                .ifPresent(m -> answers.add(new Answer("time to spare on the way out", Rounding.down(m, 1), "s")));
        p.sideUse()
                .ifPresent(u -> answers.add(new Answer("side lean, of what the hinge holds", Math.ceil(100 * u), "%")));
        p.targets().stream().filter(t -> t.feature().mustNotBeHit()).forEach(t -> t.struck()
                .map(k -> k.strike().decision())
                .filter(d -> d >= WORTH_SAYING)
                .ifPresent(d -> answers.add(
                        new Answer("chance to strike the " + t.feature().name(), d, CHANCE))));
        return answers;
    }

    private static String with(Estimate e, double per, String unit) {
        return String.format(Locale.ROOT, "%.1f ± %.1f %s", per * e.value(), Rounding.up(per * e.sigma(), 1), unit);
    }

    private static String fault(Defect d) {
        return String.format(Locale.ROOT, "%s at %.1f to %.1f m", d.kind().words(), d.fromM(), d.toM());
    }

    private static String target(LayPlan.TargetCheck t) {
        Feature f = t.feature();
        return String.format(
                Locale.ROOT,
                "worth %d, %.1f m from the stump, %s",
                f.worth(),
                t.fromStumpM(),
                f.mayBeHit() ? "may be hit" : f.mustNotBeHit() ? "must not be hit" : "protected");
    }

    private static String word(Enum<?> e) {
        return e.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** @return what is not as it was then; empty when nothing is */
    public List<Changed> changedSince(Basis then) {
        Map<String, Fact> before = then.byKey();
        Map<String, Fact> now = byKey();
        List<Changed> changed = new ArrayList<>();
        now.forEach((key, fact) -> {
            Fact was = before.get(key);
            if (was == null || !Objects.equals(was.value, fact.value)) {
                changed.add(new Changed(fact.words, was == null ? "not there" : was.value, fact.value));
            }
        });
        before.forEach((key, fact) -> {
            if (!now.containsKey(key)) {
                changed.add(new Changed(fact.words, fact.value, "gone or out of reach"));
            }
        });
        return changed;
    }

    /** @return by how much the answers moved, in words; one that is no longer there says so */
    public List<Changed> movedSince(Basis then) {
        Map<String, Answer> before =
                then.answers.stream().collect(Collectors.toMap(Answer::words, Function.identity(), (a, b) -> a));
        Map<String, Answer> now =
                answers.stream().collect(Collectors.toMap(Answer::words, Function.identity(), (a, b) -> a));
        List<Changed> moved = new ArrayList<>();
        for (Answer a : answers) {
            Answer was = before.get(a.words);
            if (was == null || !was.text().equals(a.text())) {
                moved.add(new Changed(a.words, was == null ? a.missing() : was.text(), a.text()));
            }
        }
        then.answers.stream()
                .filter(a -> !now.containsKey(a.words))
                .forEach(a -> moved.add(new Changed(a.words, a.text(), a.missing())));
        return moved;
    }

    private Map<String, Fact> byKey() {
        return facts.stream()
                .collect(Collectors.toMap(
                        f -> f.source + f.key, Function.identity(), (a, b) -> a, java.util.LinkedHashMap::new));
    }
}
