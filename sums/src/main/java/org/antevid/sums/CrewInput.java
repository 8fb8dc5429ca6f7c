package org.antevid.sums;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.antevid.core.crew.roster.Duty;
import org.antevid.core.crew.roster.Hand;
import org.antevid.core.crew.roster.Roster;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;

/** What the sums of a day's work are asked with. */
final class CrewInput {
    private static final int LONGEST_MIN = 10000;
    private static final int MOST = 99;
    private static final List<String> MODES =
            Stream.of(Duty.Mode.values()).map(Enum::name).toList();

    private static final List<Field> ROLE = List.of(
            Field.needText("comp"),
            Field.maybeText("role"),
            Field.whole("n", "", 1, 16, 1),
            Field.flag("aloft"),
            Field.flag("cuts"));

    private static final List<Field> TASK = List.of(
            Field.needText("id"),
            Field.need("dur", "min", Integer.MIN_VALUE, LONGEST_MIN).usual(1, 480),
            Field.list("pred"),
            Field.entries("roles", 0, 50, ROLE),
            Field.counts("equip", MOST),
            Field.entries("zones", 0, 50, List.of(Field.needText("zone"), Field.needText("mode"))),
            Field.flag("saw"),
            Field.flag("interruptible"),
            Field.flag("needs_lookout"),
            Field.maybe("diameter_m", "m", 0.01, 5),
            Field.list("kit"));

    private static final List<Field> CERT = List.of(
            Field.needText("comp"),
            Field.maybeText("valid_to"),
            Field.maybe("max_diameter_m", "m", 0.03, 5),
            Field.flag("trainee"));

    private static final List<Field> PERSON = List.of(
            Field.needText("id"),
            Field.list("comps"),
            Field.whole("from", "min", 0, LONGEST_MIN, 0),
            Field.maybeWhole("to", "min", 0, LONGEST_MIN),
            Field.entries("certs", 0, 50, CERT));

    private static final List<Field> OPTIONS = List.of(
            Field.flag("clear_stops_all_saws"),
            Field.maybeText("rescue_comp"),
            Field.flag("field_rules"),
            Field.maybeText("date"),
            Field.maybeWhole("light_until", "min", 0, LONGEST_MIN),
            Field.whole("min_on_site", "", 1, 16, 2),
            Field.whole("max_aloft_min", "min", 1, LONGEST_MIN, 120),
            Field.whole("break_min", "min", 0, 480, 15));

    static final List<Field> ASSIGNMENT = List.of(Field.whole("start", "min", 0, 1_000_000, 0), Field.list("who"));

    static final List<Field> FIELDS = List.of(
            Field.needEntries("tasks", 200, TASK),
            Field.needEntries("persons", 16, PERSON),
            Field.counts("equipment", MOST),
            Field.entries(
                    "kit", 0, 200, List.of(Field.needText("id"), Field.maybeText("due"), Field.flag("withdrawn"))),
            Field.group("options", OPTIONS));

    private CrewInput() {}

    /** What is wrong between fields that are right each by itself. */
    static List<Fault> between(Input in) {
        List<Fault> faults = new ArrayList<>();
        List<Input> tasks = in.entries("tasks");
        Set<String> ids = ids(tasks);
        Set<String> kit = ids(in.entries("kit"));
        twice(tasks, "tasks", faults);
        twice(in.entries("persons"), "persons", faults);
        for (int i = 0; i < tasks.size(); i++) {
            task(tasks.get(i), "tasks[" + i + "].", ids, kit, faults);
        }
        people(in, faults);
        in.group("options").ifPresent(o -> {
            date(o, "date", "options.", faults);
            if (o.given("field_rules") && o.flag("field_rules") && !o.given("date")) {
                faults.add(new Fault(Refusal.NEEDED, "options.date"));
            }
        });
        in.named("schedule")
                .ifPresent(plan -> plan.forEach((id, a) -> {
                    if (!a.given("start")) {
                        faults.add(new Fault(Refusal.NEEDED, "schedule." + id + ".start"));
                    }
                    names(a, "who", "schedule." + id + ".", faults);
                }));
        return faults;
    }

    private static Set<String> ids(List<Input> entries) {
        return entries.stream().flatMap(e -> e.maybeText("id").stream()).collect(Collectors.toSet());
    }

    private static void people(Input in, List<Fault> faults) {
        List<Input> persons = in.entries("persons");
        for (int i = 0; i < persons.size(); i++) {
            names(persons.get(i), "comps", "persons[" + i + "].", faults);
            List<Input> certs = persons.get(i).entries("certs");
            for (int k = 0; k < certs.size(); k++) {
                date(certs.get(k), "valid_to", "persons[" + i + "].certs[" + k + "].", faults);
            }
        }
        List<Input> items = in.entries("kit");
        for (int i = 0; i < items.size(); i++) {
            date(items.get(i), "due", "kit[" + i + "].", faults);
        }
    }

    private static void twice(List<Input> entries, String list, List<Fault> faults) {
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < entries.size(); i++) {
            Optional<String> id = entries.get(i).maybeText("id");
            if (id.isPresent() && !seen.add(id.get())) {
                faults.add(new Fault(
                        Message.of(Refusal.DUPLICATE).with("name", Arg.name(id.get())), list + "[" + i + "].id"));
            }
        }
    }

    private static void task(Input t, String at, Set<String> ids, Set<String> kit, List<Fault> faults) {
        t.opt("dur")
                .filter(d -> d < 1 || d != Math.rint(d))
                .ifPresent(d -> faults.add(new Fault(Refusal.NO_DURATION, at + "dur")));
        List<Input> zones = t.entries("zones");
        for (int i = 0; i < zones.size(); i++) {
            if (zones.get(i).maybeText("mode").filter(m -> !MODES.contains(m)).isPresent()) {
                faults.add(new Fault(Refusal.UNKNOWN_MODE, at + "zones[" + i + "].mode"));
            }
        }
        List<?> preds = t.list("pred");
        for (int i = 0; i < preds.size(); i++) {
            pred(preds.get(i), at + "pred[" + i + "]", ids, faults);
        }
        names(t, "kit", at, faults);
        t.list("kit").stream()
                .filter(k -> k instanceof String && !kit.contains(k))
                .forEach(k -> faults.add(new Fault(Refusal.UNKNOWN_KIT, at + "kit")));
    }

    private static void pred(Object raw, String at, Set<String> ids, List<Fault> faults) {
        Object id = raw instanceof List<?> pair && pair.size() == 2 ? pair.get(0) : raw;
        Object lag = raw instanceof List<?> pair && pair.size() == 2 ? pair.get(1) : Integer.valueOf(0);
        boolean whole = lag instanceof Number n
                && n.doubleValue() == Math.rint(n.doubleValue())
                && n.doubleValue() <= LONGEST_MIN;
        if (!(id instanceof String) || !whole) {
            faults.add(new Fault(Refusal.BAD_PRED, at));
        } else if (!ids.contains(id)) {
            faults.add(new Fault(Refusal.UNKNOWN_PRED, at));
        } else if (((Number) lag).doubleValue() < 0) {
            faults.add(new Fault(Refusal.NEGATIVE_LAG, at));
        }
    }

    private static void names(Input in, String field, String at, List<Fault> faults) {
        if (!in.list(field).stream().allMatch(String.class::isInstance)) {
            faults.add(new Fault(Refusal.NO_NAMES, at + field));
        }
    }

    private static void date(Input in, String field, String at, List<Fault> faults) {
        if (in.maybeText(field).isPresent() && day(in, field).isEmpty()) {
            faults.add(new Fault(Refusal.NO_DATE, at + field));
        }
    }

    private static OptionalLong day(Input in, String field) {
        try {
            return in.maybeText(field)
                    .map(LocalDate::parse)
                    .map(d -> OptionalLong.of(d.toEpochDay()))
                    .orElse(OptionalLong.empty());
        } catch (DateTimeException noDate) {
            return OptionalLong.empty();
        }
    }

    /** @throws RefusedInput for tasks that wait for each other */
    static Roster roster(Input in) {
        Roster roster = new Roster(
                in.entries("tasks").stream().map(CrewInput::duty).toList(),
                in.entries("persons").stream().map(CrewInput::hand).toList(),
                in.counts("equipment"),
                in.entries("kit").stream()
                        .map(k -> new Roster.Item(k.text("id"), day(k, "due"), k.flag("withdrawn")))
                        .toList(),
                in.group("options").map(CrewInput::options).orElse(Roster.Options.USUAL));
        requireNoCycle(roster.duties());
        return roster;
    }

    /** @return when each task starts and who does it; empty where nobody says */
    static Optional<Map<String, Roster.Assignment>> plan(Input in) {
        return in.named("schedule").map(plan -> {
            Map<String, Roster.Assignment> all = new LinkedHashMap<>();
            plan.forEach((id, a) -> all.put(id, new Roster.Assignment(a.whole("start"), texts(a, "who"))));
            return all;
        });
    }

    private static List<String> texts(Input in, String field) {
        return in.list(field).stream().map(String::valueOf).toList();
    }

    private static Duty duty(Input t) {
        return new Duty(
                t.text("id"),
                t.whole("dur"),
                t.list("pred").stream()
                        .map(p -> p instanceof List<?> pair
                                ? new Duty.After(String.valueOf(pair.get(0)), ((Number) pair.get(1)).intValue())
                                : new Duty.After(String.valueOf(p), 0))
                        .toList(),
                t.entries("roles").stream().flatMap(CrewInput::slots).toList(),
                t.counts("equip"),
                t.entries("zones").stream()
                        .map(z -> new Duty.ZoneUse(z.text("zone"), Duty.Mode.valueOf(z.text("mode"))))
                        .toList(),
                t.flag("saw"),
                t.flag("interruptible"),
                t.flag("needs_lookout"),
                t.opt("diameter_m"),
                texts(t, "kit"));
    }

    private static Stream<Duty.Slot> slots(Input r) {
        Duty.Part part =
                switch (r.maybeText("role").orElse(r.text("comp"))) {
                    case "lookout" -> Duty.Part.LOOKOUT;
                    case "crane_op" -> Duty.Part.CRANE_OPERATOR;
                    default -> Duty.Part.OTHER;
                };
        return IntStream.range(0, r.whole("n"))
                .mapToObj(i -> new Duty.Slot(r.text("comp"), part, r.flag("aloft"), r.flag("cuts")));
    }

    private static Hand hand(Input p) {
        return new Hand(
                p.text("id"),
                new TreeSet<>(texts(p, "comps")),
                p.whole("from"),
                minute(p, "to"),
                p.entries("certs").stream()
                        .map(c -> new Hand.Cert(
                                c.text("comp"), day(c, "valid_to"), c.opt("max_diameter_m"), c.flag("trainee")))
                        .toList());
    }

    private static OptionalInt minute(Input in, String field) {
        return in.opt(field).isPresent() ? OptionalInt.of(in.whole(field)) : OptionalInt.empty();
    }

    private static Roster.Options options(Input o) {
        Optional<Roster.FieldRules> field = o.flag("field_rules")
                ? Optional.of(new Roster.FieldRules(
                        day(o, "date").orElseThrow(),
                        minute(o, "light_until"),
                        o.whole("min_on_site"),
                        o.whole("max_aloft_min"),
                        o.whole("break_min")))
                : Optional.empty();
        return new Roster.Options(
                o.flag("clear_stops_all_saws"), o.maybeText("rescue_comp").orElse("rescue"), field);
    }

    private static void requireNoCycle(List<Duty> duties) {
        Map<String, Duty> left = new HashMap<>();
        duties.forEach(d -> left.put(d.id(), d));
        boolean some = true;
        while (some) {
            some = left.values().removeIf(d -> d.after().stream().noneMatch(a -> left.containsKey(a.id())));
        }
        if (!left.isEmpty()) {
            throw new RefusedInput(
                    Message.of(Refusal.CYCLE)
                            .with(
                                    "names",
                                    Arg.names(left.keySet().stream().sorted().toList())),
                    "tasks");
        }
    }
}
