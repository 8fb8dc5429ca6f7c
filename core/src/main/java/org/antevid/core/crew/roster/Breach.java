package org.antevid.core.crew.roster;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import org.antevid.core.crew.roster.RosterRule.Weight;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;

/**
 * One rule that is broken: what, who, when, and the numbers.
 *
 * @param duties ids, as they are concerned
 * @param hands ids of the people concerned
 * @param atMin first minute; empty where it is wrong at any time
 * @param numbers minutes, pieces or people, by name
 * @param names of a zone, a competence or a piece of equipment, by name
 */
public record Breach(
        RosterRule rule,
        Weight weight,
        List<String> duties,
        List<String> hands,
        OptionalInt atMin,
        Map<String, Integer> numbers,
        Map<String, String> names) {
    static Breach of(RosterRule rule, String... duties) {
        return new Breach(rule, Weight.STOP, List.of(duties), List.of(), OptionalInt.empty(), Map.of(), Map.of());
    }

    Breach weighing(Weight w) {
        return new Breach(rule, w, duties, hands, atMin, numbers, names);
    }

    Breach by(List<String> people) {
        return new Breach(rule, weight, duties, List.copyOf(people), atMin, numbers, names);
    }

    Breach by(String person) {
        return by(List.of(person));
    }

    Breach at(int minute) {
        return new Breach(rule, weight, duties, hands, OptionalInt.of(minute), numbers, names);
    }

    Breach with(String name, int number) {
        Map<String, Integer> more = new TreeMap<>(numbers);
        more.put(name, number);
        return new Breach(rule, weight, duties, hands, atMin, more, names);
    }

    Breach with(String name, String word) {
        Map<String, String> more = new TreeMap<>(names);
        more.put(name, word);
        return new Breach(rule, weight, duties, hands, atMin, numbers, more);
    }

    /** @return as somebody on site says it */
    public Message message() {
        Message said = Message.of(rule)
                .with("tasks", Arg.names(duties))
                .with("persons", hands.isEmpty() ? Optional.empty() : Optional.of(Arg.names(hands)))
                .with("at", atMin.isPresent() ? Optional.of(Arg.count(atMin.getAsInt())) : Optional.empty());
        for (Map.Entry<String, Integer> e : numbers.entrySet()) {
            said = said.with(e.getKey(), Arg.count(e.getValue()));
        }
        for (Map.Entry<String, String> e : names.entrySet()) {
            said = said.with(e.getKey(), Arg.name(e.getValue()));
        }
        return said;
    }
}
