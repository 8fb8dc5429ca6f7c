package org.antevid.sums;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.core.crew.roster.Breach;
import org.antevid.core.crew.roster.Roster;
import org.antevid.core.crew.roster.RosterBounds;
import org.antevid.core.crew.roster.RosterCheck;
import org.antevid.core.crew.roster.RosterPlan;
import org.antevid.core.crew.roster.RosterRule.Weight;
import org.antevid.core.crew.roster.Unknown;
import org.jspecify.annotations.Nullable;

/** The sums of a day's work: what must not be, how fast it cannot be done, a plan. */
final class CrewSums {
    private static final int USUAL_LISTS = 300;
    private static final int MOST_LISTS = 5000;

    static final Sum CHECK = new Sum(
            "crew_check",
            "What must not coincide",
            Stream.concat(CrewInput.FIELDS.stream(), Stream.of(Field.named("schedule", CrewInput.ASSIGNMENT)))
                    .toList(),
            CrewInput::between,
            CrewSums::check);

    static final Sum BOUNDS =
            new Sum("crew_bounds", "Cannot be faster than", CrewInput.FIELDS, CrewInput::between, CrewSums::bounds);

    static final Sum SCHEDULE = new Sum(
            "crew_schedule",
            "Who does what when",
            Stream.concat(
                            CrewInput.FIELDS.stream(),
                            Stream.of(
                                    Field.whole("iters", "", 0, MOST_LISTS, USUAL_LISTS),
                                    Field.whole("seed", "", 0, Integer.MAX_VALUE, 1)))
                    .toList(),
            CrewInput::between,
            CrewSums::schedule);

    static final List<Sum> ALL = List.of(CHECK, BOUNDS, SCHEDULE);

    private CrewSums() {}

    private static Answer check(Input in) {
        Roster roster = CrewInput.roster(in);
        RosterCheck c =
                CrewInput.plan(in).map(plan -> RosterCheck.of(roster, plan)).orElseGet(() -> RosterCheck.of(roster));
        return new Answer()
                .put("feasible", c.feasible())
                .put("makespan", c.makespanMin())
                .put("rules", rules(c.breaches()))
                .put("violations", c.breaches().stream().map(CrewSums::breach).toList())
                .put("not_checked", open(c.notChecked()));
    }

    private static Answer bounds(Input in) {
        Roster roster = CrewInput.roster(in);
        RosterCheck work = RosterCheck.of(roster);
        if (!work.feasible()) {
            return new Answer().put("infeasible", true).put("rules", rules(stops(work.breaches())));
        }
        RosterBounds b = RosterBounds.of(roster);
        return new Answer()
                .put("infeasible", false)
                .put("lb", b.lowestMin())
                .put("critical_path", b.criticalPathMin())
                .put("persons", b.personsMin())
                .put("persons_set", b.personsSet())
                .put("equipment", b.equipmentMin())
                .put("one_machine", b.oneMachineMin())
                .put("clique", b.clique())
                .put("rescue", b.rescueMin());
    }

    private static Answer schedule(Input in) {
        Roster roster = CrewInput.roster(in);
        RosterPlan p = RosterPlan.of(roster, in.whole("iters"), in.whole("seed"));
        boolean feasible = p.plan().isPresent();
        Answer answer = new Answer().put("feasible", feasible);
        if (!feasible) {
            answer.put("rules", rules(stops(p.breaches())));
        }
        Optional<Integer> lowest = p.bounds().map(RosterBounds::lowestMin).filter(l -> feasible);
        return answer.put("makespan", feasible ? p.makespanMin() : null)
                .put("lb", lowest)
                .put("gap", feasible ? p.gap() : null)
                .put("proven_optimal", lowest.filter(l -> l == p.makespanMin()).isPresent())
                .put("schedule", p.plan().map(CrewSums::plan))
                .put("violations", p.breaches().stream().map(CrewSums::breach).toList())
                .put("not_checked", open(p.notChecked()));
    }

    private static Map<String, Object> plan(Map<String, Roster.Assignment> plan) {
        Map<String, Object> all = new LinkedHashMap<>();
        plan.forEach((id, a) -> {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("start", a.startMin());
            one.put("who", a.who());
            all.put(id, one);
        });
        return all;
    }

    private static List<Breach> stops(List<Breach> all) {
        return all.stream().filter(b -> b.weight() == Weight.STOP).toList();
    }

    private static List<String> rules(List<Breach> all) {
        return all.stream().map(b -> b.rule().name()).distinct().sorted().toList();
    }

    private static Map<String, @Nullable Object> breach(Breach b) {
        Map<String, Object> args = new LinkedHashMap<>(b.names());
        args.putAll(b.numbers());
        Map<String, @Nullable Object> all = new LinkedHashMap<>();
        all.put("rule", b.rule().name());
        all.put("severity", b.weight().name().toLowerCase(Locale.ROOT));
        all.put("tasks", b.duties());
        all.put("persons", b.hands());
        all.put("at", b.atMin().isPresent() ? b.atMin().getAsInt() : null);
        all.put("args", args);
        return all;
    }

    /** @return rule and what it is about, with colons between, sorted */
    private static List<String> open(List<Unknown> notChecked) {
        return notChecked.stream()
                .map(u -> Stream.of(Optional.of(u.rule().name().substring(0, 3)), u.of(), u.competence())
                        .flatMap(Optional::stream)
                        .collect(Collectors.joining(":")))
                .sorted()
                .toList();
    }
}
