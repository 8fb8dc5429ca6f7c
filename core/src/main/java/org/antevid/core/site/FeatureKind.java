package org.antevid.core.site;

/** What a feature of the place is. People may be in or on some of them; some stand in the way of a walking person. */
public enum FeatureKind {
    BUILDING(true, true),
    GLASS(true, true),
    FOOTBRIDGE(true, false),
    BOAT(true, false),
    PATH(true, false),
    ROAD(true, false),
    OVERHEAD_LINE(false, false),
    BURIED(false, false),
    WATER(false, true),
    BEEHIVES(false, true),
    COMPOST(false, true),
    FENCE(false, true),
    WALL(false, true),
    ANIMAL_PEN(true, true),
    SURFACE(false, false),
    HEDGE(false, true),
    BED(false, false),
    OTHER_TREE(false, true),
    VEHICLE(true, true),
    LANDING_BED(false, false),
    MACHINE_STAND(false, false),
    ACCESS(false, false),
    WORK_POSITION(false, false),
    MEETING_POINT(false, false),
    OTHER(false, false);

    private final boolean people;
    private final boolean barsTheWay;

    FeatureKind(boolean people, boolean barsTheWay) {
        this.people = people;
        this.barsTheWay = barsTheWay;
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

    /** @return whether people walk, stand or lie in it with no roof over them that holds anything off */
    public boolean inTheOpen() {
        return people && this != BUILDING;
    }

    /** @return whether a standing person behind it is not seen; how high it is nobody has said */
    public boolean hidesPeople() {
        return switch (this) {
            case BUILDING, GLASS, WALL, HEDGE, VEHICLE -> true;
            default -> false;
        };
    }

    /** @return whether a person cannot walk through it on the way out */
    public boolean barsTheWay() {
        return barsTheWay;
    }
}
