package org.antevid.core.site;

import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Something on the place with an outline.
 *
 * @param id             stable key
 * @param name           what the crew calls it
 * @param worth          0 not a target; 1 may be lost .. 4 road, occupied house, line
 * @param mayBeHit       the owner agreed that it may be hit
 * @param protectedBy    who does the protection, empty when nobody is named
 * @param protectionDone whether it has been done
 */
public record Feature(String id, String name, FeatureKind kind, Shape shape, int worth, boolean mayBeHit, Protection protection,
                      String protectedBy, boolean protectionDone) {
    public Feature {
        Require.within(worth, 0, 4, "worth");
        if (protectionDone && protection == Protection.NONE) {
            throw new RefusedInput("BAD_CHOICE", "protectionDone", "needs a protection that was done");
        }
    }

    /** @return whether it must not be hit as things stand now: an undone protection does not count */
    public boolean mustNotBeHit() {
        return worth > 0 && !mayBeHit && !(protectionDone && protection != Protection.EMPTY && protection != Protection.CLOSE);
    }

    /** @return whether people may be in or on it as things stand now */
    public boolean mayHoldPeopleNow() {
        return kind.mayHoldPeople() && !(protectionDone && protection.clearsPeople());
    }

    /** @return whether somebody is named for getting the people out or the way closed */
    public boolean peopleTakenCareOf() {
        return protection.clearsPeople() && !protectedBy.isBlank();
    }
}
