package org.antevid.core.crew.roster;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;

/**
 * A day's work and who and what is there for it.
 *
 * @param equipment how many of each name are on site; a name that is not in it: none
 * @param kit items that are inspected; read with field rules
 */
public record Roster(
        List<Duty> duties, List<Hand> hands, Map<String, Integer> equipment, List<Item> kit, Options options) {
    /** @param dueDay last day of its inspection, days since 1970-01-01; empty is not known */
    public record Item(String id, OptionalLong dueDay, boolean withdrawn) {}

    /**
     * @param clearStopsAllSaws no saw runs anywhere while somebody clears (a small crew, or no radios)
     * @param rescueCompetence what a rescuer holds
     * @param field the rules of the field as well, or only those of the plan
     */
    public record Options(boolean clearStopsAllSaws, String rescueCompetence, Optional<FieldRules> field) {
        public static final Options USUAL = new Options(false, "rescue", Optional.empty());
    }

    /**
     * @param today days since 1970-01-01
     * @param lightUntilMin minute at which it is dark; empty is not known
     * @param leastOnSite people while something risky runs
     * @param mostAloftMin minutes one person works aloft without a break of {@code breakMin}
     */
    public record FieldRules(long today, OptionalInt lightUntilMin, int leastOnSite, int mostAloftMin, int breakMin) {}

    /** When a duty starts, and who fills its slots, by their order. */
    public record Assignment(int startMin, List<String> who) {
        public Assignment {
            who = List.copyOf(who);
        }
    }

    public Roster {
        duties = List.copyOf(duties);
        hands = List.copyOf(hands);
        equipment = Map.copyOf(equipment);
        kit = List.copyOf(kit);
    }

    Optional<FieldRules> field() {
        return options.field;
    }

    /** @return whether the proof of a competence that is held has run out */
    boolean expired(Hand h, String competence) {
        return h.competences().contains(competence)
                && field().isPresent()
                && h.cert(competence).stream()
                        .flatMapToLong(c -> c.validToDay().stream())
                        .anyMatch(day -> day < field().get().today());
    }

    /** @return whether somebody holds a competence today */
    boolean holds(Hand h, String competence) {
        return h.competences().contains(competence) && !expired(h, competence);
    }

    boolean trainee(Hand h, String competence) {
        return field().isPresent()
                && h.cert(competence).filter(Hand.Cert::trainee).isPresent();
    }

    /** @return whether somebody may rescue: a trainee in it may not */
    boolean rescues(Hand h) {
        return holds(h, options.rescueCompetence) && !trainee(h, options.rescueCompetence);
    }

    /** @return whether a cut is thicker than this person's proof allows; false where one of the two is not known */
    boolean tooThick(Duty d, Duty.Slot s, Hand h) {
        return field().isPresent()
                && s.cuts()
                && d.diameterM().isPresent()
                && h.cert(s.competence()).flatMap(Hand.Cert::maxDiameterM).stream()
                        .anyMatch(most -> d.diameterM().get() > most);
    }

    int have(String name) {
        return equipment.getOrDefault(name, 0);
    }
}
