package org.antevid.core.judge;

import org.antevid.core.crew.Competence;
import org.antevid.core.message.Code;

/**
 * Every rule: the stage it is cleared at, what it rests on, whose opinion may clear it, how long an acknowledgement
 * holds. What it says, why, and what clears it stand in the catalogue under its name.
 */
public enum RuleId implements Code {
    PERMIT_NOT_KNOWN("permit", Stage.PLACE, Source.LOCAL_CODE),
    PERMIT_NO("permit", Stage.PLACE, Source.LOCAL_CODE),
    EMERGENCY_CARD("emergency", Stage.PLACE, Source.PRACTICE),
    LIVE_LINE("line", Stage.PLACE, Source.LOCAL_CODE, Competence.NEAR_LINES),
    VOLTAGE("voltage", Stage.PLACE, Source.PRACTICE),
    MACHINE_NOT_RECORDED("machine", Stage.PLACE, Source.PRACTICE),
    MACHINE_KEPT_OUT("machine", Stage.PLACE, Source.GEOMETRY),
    MACHINE_TOO_WEAK("machine", Stage.PLACE, Source.GEOMETRY),
    PEOPLE_NOBODY_NAMED("people", Stage.PLACE, Source.PRACTICE),
    PEOPLE_NOT_YET_OUT("people", Stage.RUN, Source.PRACTICE),

    WIND_NOT_KNOWN("wind", Stage.PLACE, Source.HOUSE),
    WIND_NOW("wind", Stage.PLACE, Source.HOUSE),
    WIND_AHEAD("wind-ahead", Stage.PLACE, Source.HOUSE),
    DUSK("light", Stage.PLACE, Source.PRACTICE),
    DARK("light", Stage.PLACE, Source.PRACTICE),
    DARK_AHEAD("light-ahead", Stage.PLACE, Source.PRACTICE),
    GROUND("ground", Stage.PLACE, Source.MECHANICS),
    CROWN_LOAD("load", Stage.PLACE, Source.JUDGEMENT),

    READINGS_DISAGREE("disagree", Stage.STEMS, Source.PRACTICE),
    CREW_SIGHTINGS_WAIT("waiting", Stage.STEMS, Source.PRACTICE),
    HEAVE("heave", Stage.STEMS, Source.PRACTICE),
    UNION_ABOVE_CUT("union", Stage.STEMS, Source.PRACTICE),
    UNION_BELOW_CUT("union", Stage.STEMS, Source.PRACTICE),
    VERDICT_EXCLUDED("verdict", Stage.STEMS, Source.PRACTICE),
    LEFT_YET_WORKED_ON("left", Stage.STEMS, Source.PRACTICE),
    LEFT_YET_LAID("left-lay", Stage.STEMS, Source.PRACTICE),
    READING_MISSING("lay", Stage.STEMS, Source.PRACTICE),
    DEFECT("defect", Stage.STEMS, Source.PRACTICE),
    DEFECT_PROBED("defect", Stage.STEMS, Source.GEOMETRY),

    STRIKE("fan", Stage.LAY, Source.GEOMETRY_AND_MECHANICS),
    ANY_WAY("fan", Stage.LAY, Source.GEOMETRY_AND_MECHANICS),
    IN_FAN("touched", Stage.LAY, Source.GEOMETRY_AND_MECHANICS),
    CONTROL_LOST("lost", Stage.LAY, Source.MECHANICS_AND_JUDGEMENT),
    HANGS_UP("hangup", Stage.LAY, Source.ENERGY_JUDGEMENT),
    WITHIN_REACH("reach", Stage.LAY, Source.GEOMETRY),
    CONTROL("control", Stage.LAY, Source.MECHANICS),
    ROTTEN_CORNER("corner", Stage.LAY, Source.MECHANICS_AND_JUDGEMENT),
    BELOW_KEPT("below", Stage.LAY, Source.MECHANICS),
    BELOW_OPEN("below", Stage.LAY, Source.MECHANICS),
    NO_WAY_OUT("escape", Stage.LAY, Source.PRACTICE),
    WAY_BARRED("escape", Stage.LAY, Source.PRACTICE),
    COVER_TREE("cover", Stage.LAY, Source.PRACTICE),
    TIME_NOT_KNOWN("slow", Stage.LAY, Source.MECHANICS),
    TOO_SLOW("slow", Stage.LAY, Source.MECHANICS),
    NO_LAY("lay", Stage.LAY, Source.PRACTICE),
    NOT_FIXED("fix", Stage.LAY, Source.PRACTICE),
    PULLER_IN_REACH("puller", Stage.LAY, Source.PRACTICE),
    MOVED_PLATE("plate", Stage.LAY, Source.MECHANICS),
    BED_LIFTS_BUTT("bed", Stage.LAY, Source.MECHANICS),

    BAR_TOO_SHORT("bar", Stage.CUTS, Source.PRACTICE),
    FACE_BORE("facebore", Stage.CUTS, Source.PRACTICE, Competence.SPECIAL_CUTS),
    THIN_HINGE("cut", Stage.CUTS, Source.PRACTICE),
    FACE_BYPASS("cut", Stage.CUTS, Source.PRACTICE),
    BACK_CUT_LOW("cut", Stage.CUTS, Source.PRACTICE),
    WEDGES_IN_DEAD_WOOD("deadwedges", Stage.CUTS, Source.PRACTICE),
    SIDE_LEAN("side", Stage.CUTS, Source.MECHANICS_AND_JUDGEMENT),
    STRAP("strap", Stage.CUTS, Source.MECHANICS),
    STRAP_UNDER_FULL_PULL("strapfull", Stage.CUTS, Source.MECHANICS),
    SPLITS("chair", Stage.CUTS, Source.MECHANICS_AND_PRACTICE),
    OPENED_FACE("opened", Stage.CUTS, Source.PRACTICE),
    CUT_TOO_HIGH("height", Stage.CUTS, Source.PRACTICE),
    CUT_MEETS("height", Stage.CUTS, Source.PRACTICE),
    SCHOOL("school", Stage.CUTS, Source.HOUSE),
    SPECIAL_CUT("special", Stage.CUTS, Source.PRACTICE, Competence.SPECIAL_CUTS),
    SPECIAL_CUTTER("specialcutter", Stage.CUTS, Source.PRACTICE),
    TODAY("today", Stage.CUTS, Source.MECHANICS_AND_PRACTICE, Competence.HUNG_UP, Lasts.DAY),

    PULL_REFUSED("pull", Stage.CUTS, Source.STATICS),
    RIGGING("rig", Stage.CUTS, Source.STATICS),
    KIT_NOT_CHECKED("kit", Stage.CUTS, Source.PRACTICE),
    NO_FALLBACK("fallback", Stage.CUTS, Source.PRACTICE),
    NOBODY_AT_LINE("atline", Stage.CREW, Source.PRACTICE),
    GUY_WRONG_SIDE("guy", Stage.CUTS, Source.STATICS),
    GUY_TIGHTENS("guy", Stage.CUTS, Source.GEOMETRY),
    GUY_SLACK("guy", Stage.CUTS, Source.GEOMETRY),
    GUY_NO_ROPE("guy", Stage.CUTS, Source.PRACTICE),
    GUY_WEAK("guy", Stage.CUTS, Source.STATICS),

    HUNG("hung", Stage.TANGLE, Source.PRACTICE),
    SUPPORT_CUT("support", Stage.TANGLE, Source.PRACTICE),
    STANDS_BENEATH("beneath", Stage.TANGLE, Source.PRACTICE),
    WORK_BENEATH("work-beneath", Stage.TANGLE, Source.PRACTICE),
    HUNG_IN_RING("ring", Stage.CREW, Source.PRACTICE),
    NO_GUARD("guard", Stage.TANGLE, Source.PRACTICE),
    KEPT_COMES_DOWN("kept-comes-down", Stage.TANGLE, Source.PRACTICE),
    KERF_SAYS_OTHERWISE("kerf", Stage.TANGLE, Source.PRACTICE),
    RING_NOT_KNOWN("ring-not-known", Stage.TANGLE, Source.PRACTICE),
    RING_OF_STEMS("ring-of-stems", Stage.TANGLE, Source.PRACTICE),
    PLATE_UP("plate-up", Stage.TANGLE, Source.MECHANICS),
    PICTURE_NOT_REENTERED("not-reentered", Stage.TANGLE, Source.PRACTICE),
    PICTURE_OLD("picture-old", Stage.TANGLE, Source.PRACTICE),
    CLOSURE_SHORT("closure-short", Stage.TANGLE, Source.PRACTICE),
    STANDS_IN_BIGHT("bight", Stage.TANGLE, Source.PRACTICE),
    STANDS_IN_SWING("swing", Stage.TANGLE, Source.PRACTICE),
    SECTIONED("sectioned", Stage.TANGLE, Source.PRACTICE),
    BUILDING_NOT_ASKED("building-not-asked", Stage.TANGLE, Source.PRACTICE),
    REST_SUPPOSED("rest-supposed", Stage.TANGLE, Source.PRACTICE),
    PART_NOT_SEEN("not-seen", Stage.TANGLE, Source.PRACTICE),
    TIE_NOT_KNOWN("tie", Stage.TANGLE, Source.PRACTICE),

    ALOFT_LOOSENED("aloft", Stage.TANGLE, Source.PRACTICE, Competence.CLIMB),
    PIECE("piece", Stage.TANGLE, Source.MECHANICS_AND_PRACTICE, Competence.CLIMB),
    PIECE_OVER("piece-over", Stage.TANGLE, Source.GEOMETRY_AND_MECHANICS, Competence.CLIMB),
    PEOPLE_UNDER_PIECE("people-under-piece", Stage.TANGLE, Source.PRACTICE, Competence.CLIMB),
    CRANE("crane", Stage.TANGLE, Source.MECHANICS_AND_PRACTICE, Competence.CRANE),
    CRANE_PAD("crane-pad", Stage.TANGLE, Source.MECHANICS_AND_PRACTICE, Competence.CRANE),
    PICK("pick", Stage.TANGLE, Source.MECHANICS_AND_PRACTICE, Competence.CRANE),
    CLIMB_KIT("climb-kit", Stage.TANGLE, Source.LOCAL_CODE, Competence.CLIMB),
    GUY("guy", Stage.TANGLE, Source.MECHANICS_AND_PRACTICE, Competence.CLIMB),
    TAKEDOWN("takedown", Stage.TANGLE, Source.PRACTICE, Competence.CLIMB),
    NO_PIECES("pieces", Stage.TANGLE, Source.PRACTICE, Competence.CLIMB),
    NO_RESCUER("rescuer", Stage.CREW, Source.PRACTICE, Competence.CLIMB),
    PIECE_NEAR_LINE("piece-near-line", Stage.TANGLE, Source.LOCAL_CODE, Competence.NEAR_LINES),
    RESCUER_NOT_FREE("rescuer-not-free", Stage.CREW, Source.PRACTICE, Competence.CLIMB),
    UNDER_PIECE("under-piece", Stage.CREW, Source.GEOMETRY_AND_MECHANICS, Competence.CLIMB),
    STEP_OF_NO_PIECE("step-of-no-piece", Stage.CREW, Source.PRACTICE, Competence.CLIMB),
    CLIMBER_SAID_NO("climber-no", Stage.TANGLE, Source.PRACTICE, Competence.CLIMB),

    CREW("crew", Stage.CREW, Source.PRACTICE),
    CREW_NOT_KNOWN("crew-not-known", Stage.CREW, Source.PRACTICE),
    POST_EMPTY("post", Stage.CREW, Source.PRACTICE),
    STAND_NOT_SET("stand", Stage.CREW, Source.PRACTICE),
    OUT_OF_SIGHT("sight", Stage.CREW, Source.PRACTICE),
    STANDS_IN_RING("inside", Stage.CREW, Source.PRACTICE),
    STANDS_IN_ZONE("zone", Stage.CREW, Source.PRACTICE),
    PLACE_IN_ZONE("place", Stage.CREW, Source.PRACTICE),
    CREWS_TOO_NEAR("apart", Stage.CREW, Source.PRACTICE),
    LONG_AT_THE_SAW("tired", Stage.CREW, Source.PRACTICE);

    /** How long an acknowledgement holds: as long as the numbers do, or for the day and all its trees. */
    public enum Lasts {
        NUMBERS,
        DAY
    }

    private final String key;
    private final Stage stage;
    private final Source source;
    private final Competence competence;
    private final Lasts lasts;

    RuleId(String key, Stage stage, Source source) {
        this(key, stage, source, Competence.HUNG_UP);
    }

    RuleId(String key, Stage stage, Source source, Competence competence) {
        this(key, stage, source, competence, Lasts.NUMBERS);
    }

    RuleId(String key, Stage stage, Source source, Competence competence, Lasts lasts) {
        this.key = key;
        this.stage = stage;
        this.source = source;
        this.competence = competence;
        this.lasts = lasts;
    }

    /** @return the first part of the key of its findings; rules about one matter share it and one opinion on it */
    public String key() {
        return key;
    }

    public Stage stage() {
        return stage;
    }

    public Source source() {
        return source;
    }

    /**
     * @return what the giver of a second opinion must be competent for: live lines and specialist cuts by those trained
     *     for them, all else by those trained for trees that do not fall as planned
     */
    public Competence competence() {
        return competence;
    }

    public Lasts lasts() {
        return lasts;
    }
}
