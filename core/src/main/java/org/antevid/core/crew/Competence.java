package org.antevid.core.crew;

/** What a person has been found competent for. Local rules say who may find so. */
public enum Competence {
    SAW("felling saw"),
    WINCH("winch and lines"),
    LOOKOUT("lookout"),
    GROUND("ground work"),
    HUNG_UP("hung-up trees"),
    FIRST_AID("first aid"),
    CLIMB("climbing with a saw"),
    RESCUE("rescue from a tree"),
    CRANE("crane signals and slings"),
    MACHINE("felling machine"),
    NEAR_LINES("work near live lines"),
    SPECIAL_CUTS("specialist cuts");
    private final String words;

    Competence(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
