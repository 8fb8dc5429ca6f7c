package org.antevid.core.site;

/** What a feature of the place is. People may be in or on some of them; some stand in the way of a walking person. */
public enum FeatureKind {
    BUILDING("building", true, true),
    GLASS("glasshouse", true, true),
    FOOTBRIDGE("footbridge", true, false),
    BOAT("boat", true, false),
    PATH("path", true, false),
    ROAD("road", true, false),
    OVERHEAD_LINE("overhead line", false, false),
    BURIED("buried pipe, tank or drain field", false, false),
    WATER("water", false, true),
    BEEHIVES("beehives", false, true),
    COMPOST("compost bays", false, true),
    FENCE("fence", false, true),
    WALL("wall", false, true),
    ANIMAL_PEN("animal pen", true, true),
    SURFACE("lawn or paved surface", false, false),
    HEDGE("hedge", false, true),
    BED("planting bed", false, false),
    OTHER_TREE("other tree", false, true),
    VEHICLE("vehicle", true, true),
    LANDING_BED("landing bed", false, false),
    MACHINE_STAND("machine stand", false, false),
    ACCESS("way in", false, false),
    WORK_POSITION("work position", false, false),
    MEETING_POINT("meeting point", false, false),
    OTHER("other", false, false);

    private final String words;
    private final boolean people;
    private final boolean barsTheWay;

    FeatureKind(String words, boolean people, boolean barsTheWay) {
        this.words = words;
        this.people = people;
        this.barsTheWay = barsTheWay;
    }

    public String words() {
        return words;
    }

    /**
     * @return whether people or animals may be in or on it, so that it must be empty or closed inside an exclusion ring
     */
    public boolean mayHoldPeople() {
        return people;
    }

    /**
     * @return most it can be worth once nobody is in or on it: of a way or a pen only surface and rails are left
     *     (judgement)
     */
    int worthEmpty() {
        return switch (this) {
            case PATH, ROAD, ANIMAL_PEN -> 1;
            default -> 4;
        };
    }

    /** @return whether a person cannot walk through it on the way out */
    public boolean barsTheWay() {
        return barsTheWay;
    }
}
