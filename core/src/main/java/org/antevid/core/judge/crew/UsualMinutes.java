package org.antevid.core.judge.crew;

import java.util.List;
import java.util.Optional;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;

/**
 * How long a step is put down with until somebody says otherwise: as the house's own past steps of its kind took, else
 * by judgement (good to 30 %).
 *
 * @param likelyMin 1 to 1440
 * @param spread the shortest and the longest of those it was learned from; empty where it is judgement
 * @param from how many past steps it was learned from; 0 where it is judgement
 */
public record UsualMinutes(int likelyMin, Optional<Step.Spread> spread, int from) {
    /** Fewer past steps than these say nothing of the next one (judgement). */
    private static final int ENOUGH = 3;

    private static final int DAY_MIN = 1440;
    private static final int STEP_MIN = 30;
    private static final int RIG_MIN = 20;
    private static final int CLEAR_MIN = 10;
    private static final int SHORT_MIN = 5;

    /**
     * @param tookMin what past steps of the same kind took, whole minutes from 1, in any order
     * @return the middle one of them, of an even number the longer of both; by judgement where they are too few
     */
    public static UsualMinutes of(Step.Kind kind, Optional<Work> work, List<Integer> tookMin) {
        if (tookMin.size() < ENOUGH) {
            return new UsualMinutes(judged(work), Optional.empty(), 0);
        }
        List<Integer> sorted = tookMin.stream()
                .map(m -> Math.min(DAY_MIN, Math.max(1, m)))
                .sorted()
                .toList();
        return new UsualMinutes(
                sorted.get(sorted.size() / 2),
                Optional.of(new Step.Spread(sorted.get(0), sorted.get(sorted.size() - 1))),
                sorted.size());
    }

    /** @return the same where only so much of the day is left */
    public UsualMinutes atMost(int mostMin) {
        return likelyMin <= mostMin ? this : new UsualMinutes(mostMin, Optional.empty(), from);
    }

    private static int judged(Optional<Work> work) {
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
