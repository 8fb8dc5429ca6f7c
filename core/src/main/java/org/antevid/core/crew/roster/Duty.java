package org.antevid.core.crew.roster;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A piece of the day's work.
 *
 * @param id its name, unique among the duties
 * @param durMin minutes, 1 or more
 * @param after what has to be over before it starts
 * @param slots one person each
 * @param equipment how many of each name it holds from start to end
 * @param zones where it works, and how
 * @param saw a saw runs
 * @param interruptible can be left within seconds (clearing, stacking); not brake or rope hand, chipper or saw
 * @param needsLookout somebody only watches
 * @param diameterM thickest cut; read with field rules
 * @param kit ids of the items it takes; read with field rules
 */
public record Duty(
        String id,
        int durMin,
        List<After> after,
        List<Slot> slots,
        Map<String, Integer> equipment,
        List<ZoneUse> zones,
        boolean saw,
        boolean interruptible,
        boolean needsLookout,
        Optional<Double> diameterM,
        List<String> kit) {
    /** Finish to start: it begins when {@code lagMin} have passed since the end of the other, 0 or more. */
    public record After(String id, int lagMin) {}

    /** A part with a meaning of its own. */
    public enum Part {
        LOOKOUT,
        CRANE_OPERATOR,
        OTHER
    }

    /**
     * Room for one person.
     *
     * @param competence that is needed for it
     * @param cuts holds the running saw; read with field rules
     */
    public record Slot(String competence, Part part, boolean aloft, boolean cuts) {}

    /** What is done in a zone. */
    public enum Mode {
        WORK,
        /** clearing on the ground */
        CLEAR,
        /** a running saw over or in the zone */
        CUT,
        DROP,
        /** a suspended load */
        HANG;

        boolean shares() {
            return this == WORK || this == CLEAR;
        }
    }

    /** A zone and how it is used. */
    public record ZoneUse(String zone, Mode mode) {}

    public Duty {
        after = List.copyOf(after);
        slots = List.copyOf(slots);
        equipment = Map.copyOf(equipment);
        zones = List.copyOf(zones);
        kit = List.copyOf(kit);
    }

    public boolean aloft() {
        return slots.stream().anyMatch(Slot::aloft);
    }

    /** @return whether who fills it can leave it at once to rescue somebody */
    boolean soft(Slot s) {
        return interruptible && !s.aloft && s.part == Part.OTHER;
    }

    /** @return whether somebody can be hurt by it so that another has to be there */
    boolean risky() {
        return saw
                || slots.stream().anyMatch(s -> s.aloft || s.cuts)
                || zones.stream().anyMatch(z -> !z.mode.shares());
    }
}
