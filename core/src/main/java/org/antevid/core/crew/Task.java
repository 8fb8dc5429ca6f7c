package org.antevid.core.crew;

import java.util.Optional;

/** What somebody does in a step, as it stands on their card; there is a cut card only where a tree is felled. */
public enum Task {
    CUT_BY_CARD,
    CUT_WHAT_LIES,
    CUT_WHAT_HANGS,
    CUT_FROM_OUTSIDE,
    CLEAR_WITH_SAW,
    PULL,
    WATCH,
    KEEP_SHUT,
    /** what the step says, and then say that it is done */
    DO_AND_SAY,
    CUT_STUB,
    CUT_ALOFT,
    HOLD_THE_BRAKE,
    KEEP_BELOW_CLEAR,
    STAND_BY_TO_RESCUE,
    OPERATE,
    SLING,
    GIVE_SIGNS;

    public static Task of(Step.Kind kind, Optional<Work> work, Role role) {
        return work.filter(w -> !w.kind().gated()).isPresent() ? DO_AND_SAY : of(kind, role);
    }

    private static Task of(Step.Kind kind, Role role) {
        return switch (role) {
            case WINCH -> PULL;
            case LOOKOUT -> WATCH;
            case GROUND -> kind == Step.Kind.ALOFT ? KEEP_BELOW_CLEAR : KEEP_SHUT;
            case CLIMBER -> CUT_ALOFT;
            case BRAKE, SECOND_BRAKE -> HOLD_THE_BRAKE;
            case RESCUER -> STAND_BY_TO_RESCUE;
            case OPERATOR -> OPERATE;
            case SLINGER -> SLING;
            case SIGNALLER -> GIVE_SIGNS;
            case CUTTER ->
                switch (kind) {
                    case FELL -> CUT_BY_CARD;
                    case ALOFT -> CUT_STUB;
                    case CROSSCUT -> CUT_WHAT_LIES;
                    case RELEASE -> CUT_WHAT_HANGS;
                    case PREPARE -> CUT_FROM_OUTSIDE;
                    case CLEAR -> CLEAR_WITH_SAW;
                };
        };
    }
}
