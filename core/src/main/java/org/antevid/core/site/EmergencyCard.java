package org.antevid.core.site;

import java.util.List;
import java.util.stream.Stream;

/**
 * What everybody must be able to read out when somebody lies there. Without it no briefing is issued (practice rule).
 *
 * @param gridReference grid reference or coordinates of the meeting point
 * @param phoneCover where a phone has cover, or what is used instead
 */
public record EmergencyCard(
        String nearestHelp,
        String route,
        String gridReference,
        String phoneCover,
        String firstAider,
        String kit,
        String rescuePlan,
        String utilityLine) {
    public static final EmergencyCard EMPTY = new EmergencyCard("", "", "", "", "", "", "", "");

    /** What stands on the card. */
    public enum Entry {
        NEAREST_HELP,
        ROUTE,
        GRID_REFERENCE,
        PHONE_COVER,
        FIRST_AIDER,
        KIT,
        RESCUE_PLAN,
        UTILITY_LINE
    }

    /** @return what is not filled in; the utility's line only counts where there is a utility */
    public List<Entry> missing(boolean utilityHere) {
        return Stream.of(Entry.values())
                .filter(e -> e != Entry.UTILITY_LINE || utilityHere)
                .filter(e -> entry(e).isBlank())
                .toList();
    }

    /** @return what stands there; blank while nobody filled it in */
    public String entry(Entry e) {
        return switch (e) {
            case NEAREST_HELP -> nearestHelp;
            case ROUTE -> route;
            case GRID_REFERENCE -> gridReference;
            case PHONE_COVER -> phoneCover;
            case FIRST_AIDER -> firstAider;
            case KIT -> kit;
            case RESCUE_PLAN -> rescuePlan;
            case UTILITY_LINE -> utilityLine;
        };
    }
}
