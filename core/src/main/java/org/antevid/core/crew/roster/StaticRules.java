package org.antevid.core.crew.roster;

import static org.antevid.core.crew.roster.RosterRule.R02_COMPETENCE;
import static org.antevid.core.crew.roster.RosterRule.R05_EQUIPMENT;
import static org.antevid.core.crew.roster.RosterRule.R08_NO_RESCUER;
import static org.antevid.core.crew.roster.RosterRule.R10_LOOKOUT;
import static org.antevid.core.crew.roster.RosterRule.R14_TOO_FEW_PERSONS;
import static org.antevid.core.crew.roster.RosterRule.R20_COMPETENCE_EXPIRED;
import static org.antevid.core.crew.roster.RosterRule.R21_KIT_EXPIRED;
import static org.antevid.core.crew.roster.RosterRule.R22_DIAMETER_LIMIT;
import static org.antevid.core.crew.roster.RosterRule.R25_LOOKOUT_NOT_FREE;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/** What no order and no hour can mend: each duty by itself, whoever is on site when. */
final class StaticRules {
    private final Roster roster;
    private final List<Breach> found = new ArrayList<>();

    private StaticRules(Roster roster) {
        this.roster = roster;
    }

    static List<Breach> of(Roster roster) {
        StaticRules rules = new StaticRules(roster);
        roster.duties().forEach(rules::check);
        return rules.found;
    }

    private void check(Duty d) {
        d.equipment().entrySet().stream()
                .filter(e -> e.getValue() > roster.have(e.getKey()))
                .sorted(Map.Entry.comparingByKey())
                .forEach(e -> found.add(Breach.of(R05_EQUIPMENT, d.id())
                        .with("name", e.getKey())
                        .with("need", e.getValue())
                        .with("have", roster.have(e.getKey()))));
        if (d.needsLookout() && d.slots().stream().noneMatch(s -> s.part() == Duty.Part.LOOKOUT)) {
            found.add(Breach.of(R10_LOOKOUT, d.id()));
        }
        staffing(d);
        if (roster.field().isPresent()) {
            field(d);
        }
    }

    private void staffing(Duty d) {
        List<String> nobody = d.slots().stream()
                .map(Duty.Slot::competence)
                .distinct()
                .filter(c -> roster.hands().stream().noneMatch(h -> roster.holds(h, c)))
                .toList();
        nobody.forEach(c -> {
            List<String> ranOut = roster.hands().stream()
                    .filter(h -> roster.expired(h, c))
                    .map(Hand::id)
                    .toList();
            found.add(Breach.of(ranOut.isEmpty() ? R02_COMPETENCE : R20_COMPETENCE_EXPIRED, d.id())
                    .by(ranOut)
                    .with("comp", c));
        });
        if (!nobody.isEmpty()) {
            return;
        }
        int[] may = d.slots().stream().mapToInt(this::holders).toArray();
        if (!Matching.complete(may)) {
            found.add(Breach.of(R14_TOO_FEW_PERSONS, d.id())
                    .with("slots", may.length)
                    .with("people", Matching.most(may)));
        } else if (d.aloft() && !rescuable(List.of(d))) {
            found.add(Breach.of(R08_NO_RESCUER, d.id()));
        }
    }

    private void field(Duty d) {
        d.kit().stream()
                .flatMap(id -> roster.kit().stream().filter(k -> k.id().equals(id)))
                .filter(k -> k.withdrawn()
                        || k.dueDay().stream()
                                .anyMatch(day ->
                                        day < roster.field().orElseThrow().today()))
                .forEach(k -> found.add(Breach.of(R21_KIT_EXPIRED, d.id()).with("kit", k.id())));
        d.slots().stream()
                .filter(s -> s.part() == Duty.Part.LOOKOUT && (s.aloft() || s.cuts()))
                .forEach(s -> found.add(Breach.of(R25_LOOKOUT_NOT_FREE, d.id())));
        d.slots().stream()
                .filter(s -> roster.hands().stream().anyMatch(h -> roster.holds(h, s.competence()))
                        && roster.hands().stream()
                                .filter(h -> roster.holds(h, s.competence()))
                                .allMatch(h -> roster.tooThick(d, s, h)))
                .forEach(s -> found.add(Breach.of(R22_DIAMETER_LIMIT, d.id()).with("comp", s.competence())));
    }

    private int holders(Duty.Slot s) {
        return who(h -> roster.holds(h, s.competence()));
    }

    private int who(Predicate<Hand> is) {
        return IntStream.range(0, roster.hands().size())
                .filter(i -> is.test(roster.hands().get(i)))
                .map(i -> 1 << i)
                .reduce(0, (a, b) -> a | b);
    }

    /** @return whether somebody can rescue while these run together: idle, or in slots that can be left at once */
    private boolean rescuable(List<Duty> together) {
        return IntStream.range(0, roster.hands().size())
                .filter(r -> roster.rescues(roster.hands().get(r)))
                .anyMatch(r -> Matching.complete(together.stream()
                        .flatMapToInt(
                                d -> d.slots().stream().mapToInt(s -> d.soft(s) ? holders(s) : holders(s) & ~(1 << r)))
                        .toArray()));
    }
}
