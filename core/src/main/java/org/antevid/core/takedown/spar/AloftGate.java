package org.antevid.core.takedown.spar;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.takedown.Finding;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * The questions before each cut aloft (practice rules). What nobody answered is never a yes.
 *
 * @param asked what has to be answered for such work, in the order it is asked
 */
public record AloftGate(boolean go, List<Asked> asked, List<Remarks.Told> remarks) {
    /** What the cut is made from. */
    public enum Work {
        CLIMB,
        PLATFORM,
        /** Nobody aloft. */
        CRANE
    }

    /** A question, in the order of asking. */
    public enum Asked {
        CRACK_SEEN,
        TIED_ABOVE_CRACK,
        RIGGED_ABOVE_CRACK,
        PLATE_LIFTED,
        PLATE_HELD,
        PEOPLE_ON_TREE,
        TWO_ATTACHMENTS,
        WAY_DOWN,
        CUT_BELOW_NECK,
        RESCUER_READY,
        ZONE_EMPTY,
        ROPES_CLEAR,
        LINES_CLEARED,
        ENDS_FREED,
        BRAKE_HAND_READY,
        LEADER_GO
    }

    private static final Set<Asked> CLIMBER =
            EnumSet.of(Asked.TWO_ATTACHMENTS, Asked.WAY_DOWN, Asked.CUT_BELOW_NECK, Asked.TIED_ABOVE_CRACK);
    private static final Set<Asked> SOMEBODY_ALOFT =
            EnumSet.of(Asked.RESCUER_READY, Asked.BRAKE_HAND_READY, Asked.RIGGED_ABOVE_CRACK);

    /** @param answers what was answered; a question that is not in it was not */
    public static AloftGate of(Work work, Map<Asked, Boolean> answers) {
        List<Asked> asked = new ArrayList<>();
        Remarks remarks = new Remarks();
        for (Asked q : Asked.values()) {
            if (isAsked(q, work, answers)) {
                asked.add(q);
                told(q, Optional.ofNullable(answers.get(q)), remarks);
            }
        }
        List<Remarks.Told> told = remarks.told();
        return new AloftGate(Remarks.worst(told) != Finding.STOP, List.copyOf(asked), told);
    }

    private static boolean isAsked(Asked q, Work work, Map<Asked, Boolean> answers) {
        if (CLIMBER.contains(q) && work != Work.CLIMB || SOMEBODY_ALOFT.contains(q) && work == Work.CRANE) {
            return false;
        }
        return switch (q) {
            case TIED_ABOVE_CRACK, RIGGED_ABOVE_CRACK -> !Boolean.FALSE.equals(answers.get(Asked.CRACK_SEEN));
            case PLATE_HELD, PEOPLE_ON_TREE -> !Boolean.FALSE.equals(answers.get(Asked.PLATE_LIFTED));
            default -> true;
        };
    }

    private static void told(Asked q, Optional<Boolean> answer, Remarks remarks) {
        String field = q.name().toLowerCase(java.util.Locale.ROOT);
        if (answer.isEmpty()) {
            remarks.say(Remark.GATE_OPEN_POINT, field);
            return;
        }
        boolean yes = answer.get();
        switch (q) {
            case CRACK_SEEN, PLATE_LIFTED -> {
                // what follows from them is asked by itself
            }
            case TIED_ABOVE_CRACK, RIGGED_ABOVE_CRACK -> remarks.when(yes, Remark.CRACK_ABOVE, field);
            case PLATE_HELD -> remarks.when(!yes, Remark.PLATE_NOT_HELD);
            case PEOPLE_ON_TREE -> remarks.when(yes, Remark.PEOPLE_ON_LIFTED_PLATE);
            default -> remarks.when(!yes, Remark.GATE_SHUT, field);
        }
    }
}
