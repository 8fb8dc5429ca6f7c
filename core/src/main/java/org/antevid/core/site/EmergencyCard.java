package org.antevid.core.site;

import java.util.ArrayList;
import java.util.List;

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

    /** @return what is not filled in; the utility's line only counts where there is a utility */
    public List<String> missing(boolean utilityHere) {
        List<String> missing = new ArrayList<>();
        need(nearestHelp, "nearest help", missing);
        need(route, "route to it", missing);
        need(gridReference, "grid reference or coordinates", missing);
        need(phoneCover, "phone cover", missing);
        need(firstAider, "first-aider", missing);
        need(kit, "where the kit is", missing);
        need(rescuePlan, "rescue plan", missing);
        if (utilityHere) {
            need(utilityLine, "utility emergency line", missing);
        }
        return missing;
    }

    private static void need(String value, String words, List<String> missing) {
        if (value.isBlank()) {
            missing.add(words);
        }
    }
}
