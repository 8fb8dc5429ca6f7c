package org.antevid.core.learn;

import java.util.List;
import org.antevid.core.message.Code;

/** Where a lesson stands, as its decisions say; never kept on its own. */
public enum LessonState implements Code {
    PROPOSED,
    STANDS,
    DECLINED,
    RETIRED;

    /** Unused for longer than this a lesson asks to be retired, days (judgement). */
    private static final int IDLE_DAYS = 365;

    /** What somebody decided about a lesson. */
    public enum Decision implements Code {
        APPROVED(STANDS),
        DECLINED(LessonState.DECLINED),
        RETIRED(LessonState.RETIRED);

        private final LessonState leads;

        Decision(LessonState leads) {
            this.leads = leads;
        }

        /** @return whether it may be decided of a lesson in this state */
        public boolean mayFollow(LessonState state) {
            return this == RETIRED ? state == STANDS : state == PROPOSED;
        }
    }

    /** @param decided oldest first; those that may not follow on each other change nothing */
    public static LessonState after(List<Decision> decided) {
        LessonState state = PROPOSED;
        for (Decision d : decided) {
            state = d.mayFollow(state) ? d.leads : state;
        }
        return state;
    }

    /**
     * @param unusedDays since it was last said to have helped, or since it stands
     * @return whether it asks to be retired
     */
    public boolean asksToRetire(long unusedDays) {
        return this == STANDS && unusedDays > IDLE_DAYS;
    }
}
