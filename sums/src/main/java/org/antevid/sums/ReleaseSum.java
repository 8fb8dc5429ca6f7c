package org.antevid.sums;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.tangle.Effect;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.Preparation;
import org.antevid.core.tangle.Release;
import org.antevid.core.tangle.Ways;
import org.jspecify.annotations.Nullable;

/** The sum of the release order. */
final class ReleaseSum {
    private static final int MOST_STEMS = 200;
    private static final int MOST_RELATIONS = 2000;

    private static final List<Field> STEM = List.of(
            Field.needText("id"),
            Field.maybe("length_m", "m", 0.1, 120),
            Field.maybe("mass_kg", "kg", 0.1, 200000),
            Field.maybe("butt_d_m", "m", 0.01, 5),
            Field.maybe("height_m", "m", 0, 120),
            Field.flag("hung"),
            Field.flag("spring_loaded"),
            Field.flag("root_plate"),
            Field.flag("locked_in_fork"),
            Field.maybe("plate_height_m", "m", 0, 10),
            Field.with("plate_thick_m", "m", 0.05, 3, Pile.Stem.PLATE_THICK_M),
            Field.with("slope_deg", "deg", 0, 60, 0),
            Field.maybe("drag_slope_deg", "deg", -60, 60),
            Field.with("mu", "", 0.05, 1.5, Pile.Stem.MU),
            Field.with("fork_d_m", "m", 0.01, 2, Pile.Stem.FORK_D_M),
            Field.maybe("tractor_winch_N", "N", 0, 1e6),
            Field.maybe("hand_winch_N", "N", 0, 1e6));

    private static final List<String> TYPES = MeasureSums.keys(Pile.Type.values());

    private static final List<Field> RELATION = List.of(
            Field.maybeText("a"),
            Field.maybeChoice("type", TYPES),
            Field.maybeText("b"),
            Field.choice("carries", "not_known", MeasureSums.keys(Pile.Carries.values())),
            Field.choice("sever_from", "not_known", MeasureSums.keys(Pile.SeverFrom.values())));

    static final Sum RELEASE = new Sum(
            "release",
            "What comes loose first",
            List.of(
                    Field.entries("stems", 1, MOST_STEMS, STEM),
                    Field.list("standing"),
                    Field.flag("machine"),
                    Field.entries("relations", 0, MOST_RELATIONS, RELATION)),
            ReleaseSum::between,
            ReleaseSum::release);

    private ReleaseSum() {}

    private static List<Fault> between(Input in) {
        List<Fault> faults = new ArrayList<>();
        List<Input> relations = in.entries("relations");
        for (int i = 0; i < relations.size(); i++) {
            if (!relations.get(i).given("type")) {
                faults.add(new Fault(
                        Message.of(Refusal.NOT_AMONG).with("choices", Arg.names(TYPES)), "relations[" + i + "].type"));
            }
        }
        return faults;
    }

    private static Answer release(Input in) {
        Set<String> standing = new HashSet<>();
        in.list("standing").forEach(s -> standing.add(String.valueOf(s)));
        Release r = Release.of(new Pile(
                in.entries("stems").stream().map(ReleaseSum::stem).toList(),
                standing,
                in.flag("machine"),
                in.entries("relations").stream().map(ReleaseSum::relation).toList()));
        Answer answer = new Answer()
                .put("order", r.order())
                .put("steps", r.steps().stream().map(ReleaseSum::step).toList())
                .put(
                        "deadlocks",
                        r.deadlocks().stream()
                                .map(d -> Map.of(
                                        "stems",
                                        d.stems(),
                                        "way_out",
                                        "machine_or_crane",
                                        "hold_one_of",
                                        d.holdOneOf()))
                                .toList())
                .put("forbidden", MeasureSums.keys(r.forbidden().toArray(new Release.Forbidden[0])))
                .put("closed_spots", r.closedSpots());
        r.standingOverhangs().forEach(id -> answer.warn(true, "STANDING_OVERHANGS:" + id));
        return answer.warn(!r.deadlocks().isEmpty(), "DEADLOCK");
    }

    private static Pile.Stem stem(Input s) {
        return new Pile.Stem(
                s.text("id"),
                s.opt("length_m"),
                s.opt("mass_kg"),
                s.opt("butt_d_m"),
                s.opt("height_m"),
                s.flag("hung"),
                s.flag("spring_loaded"),
                s.flag("root_plate"),
                s.flag("locked_in_fork"),
                s.opt("plate_height_m"),
                s.num("plate_thick_m"),
                s.num("slope_deg"),
                s.opt("drag_slope_deg").orElse(s.num("slope_deg")),
                s.num("mu"),
                s.num("fork_d_m"),
                s.opt("tractor_winch_N"),
                s.opt("hand_winch_N"));
    }

    private static Pile.Relation relation(Input r) {
        return new Pile.Relation(
                r.maybeText("a").orElse(""),
                r.choice(Pile.Type.class, "type"),
                r.maybeText("b").orElse(""),
                r.choice(Pile.Carries.class, "carries"),
                r.choice(Pile.SeverFrom.class, "sever_from"));
    }

    private static Map<String, @Nullable Object> step(Release.Step s) {
        Map<String, Object> methods = new LinkedHashMap<>();
        s.method().forEach((id, w) -> methods.put(id, ways(w)));
        Map<String, Object> zones = new LinkedHashMap<>();
        s.zone().forEach((id, z) -> zones.put(id, GuardSums.fields(z)));
        Map<String, @Nullable Object> step = new LinkedHashMap<>();
        step.put("kind", s.kind().name().toLowerCase(Locale.ROOT));
        step.put("stems", s.stems());
        s.tie().ifPresent(t -> {
            step.put("tie", List.of(t.a(), t.b()));
            step.put("carries", t.carries().key());
        });
        step.put("own_priority", s.ownPriority());
        step.put("priority", s.priority());
        step.put("before", s.before().stream().map(Preparation::label).toList());
        step.put("method", methods);
        step.put("zone", zones);
        step.put("changes", s.changes().stream().map(Effect::label).toList());
        return step;
    }

    private static Map<String, @Nullable Object> ways(Ways w) {
        Map<String, @Nullable Object> m = new LinkedHashMap<>();
        m.put("ladder", w.ladder().stream().map(Ways.Way::key).toList());
        m.put("why_not", GuardSums.whyNot(w));
        m.put("pull_N", w.pullN().orElse(null));
        m.put("lever_N", w.leverN().orElse(null));
        return m;
    }
}
