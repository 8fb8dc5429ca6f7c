package org.antevid.core.judge.crew;

import java.util.Optional;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;

/** How long a step is put down with until somebody says otherwise (judgement; good to 30 %). */
public final class UsualMinutes {
    private static final int STEP_MIN = 30;
    private static final int RIG_MIN = 20;
    private static final int CLEAR_MIN = 10;
    private static final int SHORT_MIN = 5;

    private UsualMinutes() {}

    /** @return minutes, 1 to 1440 */
    public static int of(Step.Kind kind, Optional<Work> work) {
        return work.map(w -> switch (w.kind()) {
                    case SHUT, READ_STUMP -> SHORT_MIN;
                    case EMPTY, CLEAR_WAY, MARK, SWITCH_OFF -> CLEAR_MIN;
                    case RIG, MOVE_AWAY, COVER_UP, CUSHION, TAKE_DOWN -> RIG_MIN;
                    case LIMB,
                            SEVER_TIE,
                            LET_GO,
                            LINE_OWNER,
                            FREE_LIMBS,
                            PROP,
                            HOLD_PIECE,
                            HOLD_REST,
                            HOLD_PLATE,
                            PIECE,
                            CARRYING_LIMBS,
                            COVER -> STEP_MIN;
                })
                .orElse(STEP_MIN);
    }
}
