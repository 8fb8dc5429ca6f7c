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
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.tangle.KeepOut;
import org.antevid.core.tangle.Method;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.Release;

/** The sum of the release order. */
final class ReleaseSum {
    private static final List<Field> STEM = List.of(
            Field.with("length_m", "m", 0.1, 120, 20),
            Field.with("mass_kg", "kg", 0.1, 200000, 500),
            Field.with("butt_d_m", "m", 0.01, 5, 0.3),
            Field.maybe("height_m", "m", 0, 120),
            Field.flag("hung"),
            Field.flag("spring_loaded"),
            Field.flag("root_plate"),
            Field.maybe("plate_height_m", "m", 0, 10),
            Field.with("slope_deg", "deg", 0, 60, 0),
            Field.flag("locked_in_fork"),
            Field.maybe("tractor_winch_N", "N", 0, 1e6),
            Field.maybe("hand_winch_N", "N", 0, 1e6),
            Field.with("mu", "", 0.05, 1.5, 0.6));

    static final Sum RELEASE = new Sum(
            "release",
            "What comes loose first",
            List.of(Field.list("stems"), Field.list("standing"), Field.flag("machine"), Field.list("relations")),
            ReleaseSum::release);

    private ReleaseSum() {}

    private static Answer release(Input in) {
        Set<String> standing = new HashSet<>();
        in.list("standing").forEach(s -> standing.add(String.valueOf(s)));
        Release r = Release.of(
                new Pile(stems(in.list("stems")), standing, in.flag("machine"), relations(in.list("relations"))));
        return new Answer()
                .put("order", r.order())
                .put("steps", r.steps().stream().map(ReleaseSum::step).toList())
                .put(
                        "deadlocks",
                        r.deadlocks().stream()
                                .map(d -> Map.of("stems", d.stems(), "hold_one_of", d.holdOneOf()))
                                .toList())
                .put("forbidden", r.forbidden());
    }

    private static List<Pile.Stem> stems(List<?> raw) {
        List<Pile.Stem> stems = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        for (int i = 0; i < raw.size(); i++) {
            String at = "stems[" + i + "]";
            if (!(raw.get(i) instanceof Map<?, ?> m) || !(m.get("id") instanceof String id) || id.isBlank()) {
                faults.add(new Fault(Refusal.STEM_WITHOUT_ID, at + ".id"));
                continue;
            }
            Map<String, Object> values = new LinkedHashMap<>();
            m.forEach((k, v) -> values.put(String.valueOf(k), v));
            values.remove("id");
            try {
                Input s = Input.read(STEM, values, at + ".");
                stems.add(new Pile.Stem(
                        id,
                        s.num("length_m"),
                        s.num("mass_kg"),
                        s.num("butt_d_m"),
                        s.opt("height_m"),
                        s.flag("hung"),
                        s.flag("spring_loaded"),
                        s.flag("root_plate"),
                        s.opt("plate_height_m"),
                        s.num("slope_deg"),
                        s.flag("locked_in_fork"),
                        s.opt("tractor_winch_N"),
                        s.opt("hand_winch_N"),
                        s.num("mu")));
            } catch (RefusedInput e) {
                faults.addAll(e.faults());
            }
        }
        if (!faults.isEmpty()) {
            throw new RefusedInput(faults);
        }
        return stems;
    }

    private static List<Pile.Relation> relations(List<?> raw) {
        List<Pile.Relation> relations = new ArrayList<>();
        for (int i = 0; i < raw.size(); i++) {
            String at = "relations[" + i + "]";
            if (!(raw.get(i) instanceof Map<?, ?> m)) {
                throw new RefusedInput(Refusal.NO_RELATION, at);
            }
            Input.requireKnown(m, List.of("a", "type", "b"), at + ".");
            Pile.Type type = MeasureSums.keys(Pile.Type.values()).contains(m.get("type"))
                    ? Pile.Type.valueOf(String.valueOf(m.get("type")).toUpperCase(Locale.ROOT))
                    : null;
            if (type == null) {
                throw new RefusedInput(
                        Message.of(Refusal.NOT_AMONG).with("choices", Arg.names(MeasureSums.keys(Pile.Type.values()))),
                        at + ".type");
            }
            relations.add(new Pile.Relation(String.valueOf(m.get("a")), type, String.valueOf(m.get("b"))));
        }
        return relations;
    }

    private static Map<String, Object> step(Release.Step s) {
        Map<String, Object> methods = new LinkedHashMap<>();
        s.method()
                .forEach((id, m) -> methods.put(
                        id,
                        Map.of(
                                "ladder",
                                m.ladder().stream().map(Method.Way::key).toList(),
                                "pull_N",
                                m.pullN(),
                                "lever_N",
                                m.leverN(),
                                "notes",
                                m.notes())));
        Map<String, Object> zones = new LinkedHashMap<>();
        s.zone().forEach((id, z) -> zones.put(id, zone(z)));
        Map<String, Object> step = new LinkedHashMap<>();
        step.put("kind", s.kind().name().toLowerCase(Locale.ROOT));
        step.put("stems", s.stems());
        step.put("own_priority", s.ownPriority());
        step.put("priority", s.priority());
        step.put("before", s.before());
        step.put("method", methods);
        step.put("zone", zones);
        step.put("changes", s.changes());
        return step;
    }

    private static Map<String, Object> zone(KeepOut z) {
        Map<String, Object> zone = new LinkedHashMap<>();
        zone.put("radius_m", z.radiusM().orElse(null));
        zone.put("strip_half_m", z.stripHalfM().orElse(null));
        zone.put("plate_m", z.plateM().orElse(null));
        zone.put("sweep_m", z.sweepM().orElse(null));
        return zone;
    }
}
