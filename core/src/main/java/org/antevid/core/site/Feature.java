package org.antevid.core.site;

import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Something on the place with an outline.
 *
 * @param id stable key
 * @param name what the crew calls it
 * @param worth 0 not a target; 1 may be lost .. 4 road, occupied house, line
 * @param mayBeHit the owner agreed that it may be hit
 * @param protectedBy who does the protection, empty when nobody is named
 * @param protectionDone whether it has been done
 * @param detail what else is known of it
 */
public record Feature(
        String id,
        String name,
        FeatureKind kind,
        Shape shape,
        int worth,
        boolean mayBeHit,
        Protection protection,
        String protectedBy,
        boolean protectionDone,
        Detail detail) {
    /**
     * What counts for some kinds only.
     *
     * @param inside who or what is in it
     * @param occupied when people are there, in words
     * @param voltage of an overhead line
     * @param bed of a landing bed
     */
    public record Detail(String inside, String occupied, Optional<VoltageClass> voltage, Optional<Bed> bed) {
        public static final Detail NONE = new Detail("", "", Optional.empty(), Optional.empty());
    }

    public Feature(
            String id,
            String name,
            FeatureKind kind,
            Shape shape,
            int worth,
            boolean mayBeHit,
            Protection protection,
            String protectedBy,
            boolean protectionDone) {
        this(id, name, kind, shape, worth, mayBeHit, protection, protectedBy, protectionDone, Detail.NONE);
    }

    public Feature {
        Require.within(worth, 0, 4, "worth");
        if (protectionDone && protection == Protection.NONE) {
            throw new RefusedInput(Refusal.NOTHING_TO_BE_DONE, "protectionDone");
        }
    }

    /** @return whether it must not be hit as things stand now: an undone protection does not count */
    public boolean mustNotBeHit() {
        return worth > 0
                && !mayBeHit
                && !(protectionDone && protection != Protection.EMPTY && protection != Protection.CLOSE);
    }

    /** @return what it is worth as things stand now: where nobody is any more only the thing itself counts */
    public int worthNow() {
        return protectionDone && protection.clearsPeople() ? Math.min(worth, kind.worthEmpty()) : worth;
    }

    /**
     * @return what it is worth once whoever is named has got the people out; as things stand now where nobody is named
     */
    public int worthOnceClear() {
        return peopleTakenCareOf() ? Math.min(worth, kind.worthEmpty()) : worthNow();
    }

    /** @return whether touching or nearing it kills as things stand now; a line nobody asked about counts as live */
    public boolean live() {
        return kind == FeatureKind.OVERHEAD_LINE
                && detail.voltage.orElse(VoltageClass.NOT_KNOWN).energised()
                && !(protectionDone && protection == Protection.SWITCH_OFF);
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
