package org.antevid.core.judge.crew;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.roster.Duty;
import org.antevid.core.crew.roster.Hand;
import org.antevid.core.crew.roster.Roster;
import org.antevid.core.crew.roster.RosterBounds;
import org.antevid.core.crew.roster.RosterChain;
import org.antevid.core.crew.roster.RosterCheck;
import org.antevid.core.crew.roster.RosterPlan;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Require;

/**
 * How long the day takes as it is planned, and what no plan can beat. Times are as good as those of the steps.
 *
 * @param endMin when the last step ends, minutes from the start of work
 * @param chain what the end waits for
 * @param bounds empty where the work itself cannot be done by these people
 */
public record DayTimes(int endMin, RosterChain chain, Optional<RosterBounds> bounds) {
    /** Bounds are worked out over every set of people. */
    private static final int MOST_PEOPLE = 16;

    private static final long SEED = 1;

    /** Nothing is planned, so nothing takes any time. */
    public static Optional<DayTimes> of(DayRoster day) {
        if (day.steps().isEmpty()) {
            return Optional.empty();
        }
        int end = day.steps().values().stream().mapToInt(Step::endMin).max().orElse(0);
        Map<String, RosterChain.Spread> spreads = day.steps().values().stream()
                .collect(Collectors.toMap(
                        Step::id,
                        st -> new RosterChain.Spread(
                                st.likely().leastMin(), st.likely().mostMin())));
        Optional<RosterBounds> bounds =
                canBePlanned(day) ? Optional.of(RosterBounds.of(day.roster())) : Optional.empty();
        return Optional.of(new DayTimes(end, RosterChain.of(day.roster(), day.plan(), spreads), bounds));
    }

    private static boolean canBePlanned(DayRoster day) {
        return day.roster().hands().size() <= MOST_PEOPLE
                && RosterCheck.of(day.roster()).feasible();
    }

    /** Nobody reads more of them. */
    private static final int MOST_NAMED = 4;

    /** @return minutes of light left when it is done in four days out of five; negative after dark */
    public OptionalInt lightSpareMin(DayRoster day) {
        OptionalInt dark = day.roster()
                .options()
                .field()
                .map(Roster.FieldRules::lightUntilMin)
                .orElse(OptionalInt.empty());
        return dark.isPresent() ? OptionalInt.of(dark.getAsInt() - chain.likely80Min()) : OptionalInt.empty();
    }

    /** @return why it cannot be shorter than its bound */
    public Optional<Message> binds(DayRoster day) {
        return bounds.map(b -> {
            int most = b.lowestMin();
            if (b.criticalPathMin() == most) {
                return Message.of(Binds.ORDER);
            }
            if (b.personsMin() == most) {
                return Message.of(Binds.PERSONS)
                        .with(
                                "persons",
                                Arg.names(b.personsSet().stream().map(day::name).toList()));
            }
            if (b.oneMachineMin() == most) {
                return Message.of(Binds.APART)
                        .with(
                                "tasks",
                                Arg.several(b.clique().stream()
                                        .map(day::step)
                                        .sorted(Comparator.comparingInt(Step::turn))
                                        .limit(MOST_NAMED)
                                        .map(Steps::said)
                                        .toList()))
                        .with("all", Arg.count(b.clique().size()));
            }
            return Message.of(b.equipmentMin() == most ? Binds.EQUIPMENT : Binds.RESCUE);
        });
    }

    /**
     * A shorter day.
     *
     * @param steps as they are then; only those that change
     * @param endMin when the last one ends
     * @param lowestMin no plan ends sooner
     * @param oneMore what one person more would save, minutes, by what they can do; nothing is in it that saves nothing
     */
    public record Shorter(List<Step> steps, int endMin, int lowestMin, Map<Competence, Integer> oneMore) {
        public boolean provenBest() {
            return endMin == lowestMin;
        }
    }

    /**
     * @param lists how many orders are tried, 0 to 5000: more is thinking longer
     * @return nothing where these people cannot do the work at all
     */
    public static Optional<Shorter> shorter(Situation s, int lists) {
        DayRoster day = DayRoster.of(s);
        if (day.steps().isEmpty() || !canBePlanned(day)) {
            return Optional.empty();
        }
        RosterPlan best = RosterPlan.of(day.roster(), lists, SEED);
        int endMin = day.steps().values().stream().mapToInt(Step::endMin).max().orElse(0);
        boolean asItIs = best.makespanMin() >= endMin && day.check().feasible();
        return best.plan()
                .map(plan -> asItIs ? day.plan() : plan)
                .map(plan -> new Shorter(
                        day.steps().values().stream()
                                .filter(st -> !same(day, plan, st))
                                .map(st -> Mend.as(s, day, st, Require.present(plan, st.id())))
                                .toList(),
                        asItIs ? endMin : best.makespanMin(),
                        best.bounds().orElseThrow().lowestMin(),
                        oneMore(day.roster(), Math.min(endMin, best.makespanMin()), lists)));
    }

    private static boolean same(DayRoster day, Map<String, Roster.Assignment> plan, Step st) {
        return Require.present(plan, st.id()).equals(Require.present(day.plan(), st.id()));
    }

    private static Map<Competence, Integer> oneMore(Roster roster, int endMin, int lists) {
        if (roster.hands().size() >= MOST_PEOPLE) {
            return Map.of();
        }
        Set<String> asked = roster.duties().stream()
                .flatMap(d -> d.slots().stream())
                .map(Duty.Slot::competence)
                .collect(Collectors.toSet());
        return Stream.of(Competence.values())
                .filter(c -> asked.contains(c.openName()))
                .map(c -> Map.entry(c, endMin - with(roster, c, lists).orElse(endMin)))
                .filter(e -> e.getValue() > 0)
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    private static OptionalInt with(Roster roster, Competence c, int lists) {
        List<Hand> hands = new ArrayList<>(roster.hands());
        hands.add(new Hand("one more", Set.of(c.openName()), 0, OptionalInt.empty(), List.of()));
        Roster more = new Roster(roster.duties(), hands, roster.equipment(), roster.kit(), roster.options());
        RosterPlan p = RosterPlan.of(more, lists, SEED);
        return p.plan().isPresent() ? OptionalInt.of(p.makespanMin()) : OptionalInt.empty();
    }
}
