package org.antevid.core.judge.crew;

import java.util.IntSummaryStatistics;
import java.util.List;
import java.util.Optional;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;
import org.antevid.core.quantity.InUse;

/**
 * How long a step is put down with until somebody says otherwise: by judgement (good to 30 %), made longer by what the
 * house's own past steps of its kind took: ln f = sum of ln(took / judged) / (n + 4) (statistics). What makes it
 * shorter is offered from eight on, and holds where a person takes it.
 *
 * @param likelyMin 1 to 1440
 * @param judgedMin without what was learned
 * @param spread the shortest and the longest of those it was learned from, {@code likelyMin} between them; empty of
 *     fewer than three
 * @param from how many past steps of its kind there are
 * @param fasterMin what they would make it, where that is less and they are enough
 */
public record UsualMinutes(
        int likelyMin, int judgedMin, Optional<Step.Spread> spread, int from, Optional<Integer> fasterMin) {
    /** Fewer past steps than these do not show how far they spread (judgement). */
    private static final int ENOUGH = 3;

    private static final double PRIOR_WEIGHT = 4;
    /** One step that was left open overnight does not outweigh all others (judgement). */
    private static final double MOST_TIMES = 10;

    /** Less than what a computed whole number may be off. */
    private static final double EXACT = 1e-9;

    private static final int DAY_MIN = 1440;
    private static final int STEP_MIN = 30;
    private static final int RIG_MIN = 20;
    private static final int CLEAR_MIN = 10;
    private static final int SHORT_MIN = 5;

    /** @param tookMin what past steps of the same kind took, whole minutes from 1, in any order */
    public static UsualMinutes of(Optional<Work> work, List<Integer> tookMin) {
        int judged = judged(work);
        if (tookMin.isEmpty()) {
            return new UsualMinutes(judged, judged, Optional.empty(), 0, Optional.empty());
        }
        double factor = Math.exp(tookMin.stream()
                        .mapToDouble(m -> Math.log(Math.max(1 / MOST_TIMES, Math.min(MOST_TIMES, 1.0 * m / judged))))
                        .sum()
                / (PRIOR_WEIGHT + tookMin.size()));
        int learned = (int) Math.ceil(judged * factor - EXACT);
        int likely = Math.max(judged, learned);
        return new UsualMinutes(
                likely,
                judged,
                spread(tookMin, likely),
                tookMin.size(),
                Optional.of(learned)
                        .filter(m -> m < judged
                                && InUse.of(false, tookMin.size(), Optional.empty())
                                        .mayBeTaken()));
    }

    private static Optional<Step.Spread> spread(List<Integer> tookMin, int likely) {
        IntSummaryStatistics took = tookMin.stream()
                .mapToInt(m -> Math.min(DAY_MIN, Math.max(1, m)))
                .summaryStatistics();
        return Optional.of(new Step.Spread(Math.min(likely, took.getMin()), Math.max(likely, took.getMax())))
                .filter(s -> tookMin.size() >= ENOUGH);
    }

    /** @return whether past steps make it longer than judgement does */
    public boolean slower() {
        return likelyMin > judgedMin;
    }

    /** @return the same where only so much of the day is left */
    public UsualMinutes atMost(int mostMin) {
        return likelyMin <= mostMin
                ? this
                : new UsualMinutes(mostMin, judgedMin, Optional.empty(), from, Optional.empty());
    }

    private static int judged(Optional<Work> work) {
        return work.map(w -> switch (w.kind()) {
                    case SHUT, READ_STUMP, LAND_PIECE -> SHORT_MIN;
                    case EMPTY, CLEAR_WAY, MARK, SWITCH_OFF, RESCUE_READY, DROP_PIECE -> CLEAR_MIN;
                    case RIG,
                            CLIMB_UP,
                            PLATFORM_UP,
                            LOWER_PIECE,
                            LET_OVER_PIECE,
                            PICK_PIECE,
                            GRAB_PIECE,
                            FELL_STUB,
                            MOVE_AWAY,
                            COVER_UP,
                            CUSHION,
                            TAKE_DOWN -> RIG_MIN;
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
