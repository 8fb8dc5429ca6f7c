package org.antevid.core.crew;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** What a person has been found competent for. Local rules say who may find so. */
public enum Competence {
    SAW,
    WINCH,
    LOOKOUT,
    GROUND,
    HUNG_UP,
    FIRST_AID,
    CLIMB,
    RESCUE,
    /** slings a load and gives the signs */
    CRANE,
    CRANE_OPERATOR,
    /** lines, blocks and the brake of what is lowered */
    RIGGING,
    MACHINE,
    NEAR_LINES,
    SPECIAL_CUTS,
    /** may have somebody who is still learning work beside them */
    SUPERVISE;

    /** @return its name in the open interface, small letters */
    public String openName() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** @return the competence of that name in the open interface */
    public static Optional<Competence> named(String openName) {
        return Stream.of(values()).filter(c -> c.openName().equals(openName)).findFirst();
    }
}
