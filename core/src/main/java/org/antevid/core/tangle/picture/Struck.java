package org.antevid.core.tangle.picture;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.antevid.core.site.FeatureKind;

/**
 * A thing of the place that a stem lies on, and what was found out before anything is lifted off it. Practice rule:
 * nobody lifts before it is known what came through, people are out, and gas and power are off.
 *
 * @param answered what somebody looked at and found in order
 */
public record Struck(String id, String name, FeatureKind kind, Set<Question> answered) {
    /** What is asked, in order. */
    public enum Question {
        PEOPLE_OUT,
        WHAT_CAME_THROUGH,
        GAS_OFF,
        POWER_OFF
    }

    public Struck {
        answered = Set.copyOf(answered);
    }

    /** @return what is asked of such a thing; nothing of ground and ways nobody is in */
    public static Set<Question> asked(FeatureKind kind) {
        return switch (kind) {
            case BUILDING, GLASS -> EnumSet.allOf(Question.class);
            case VEHICLE, BOAT -> EnumSet.of(Question.PEOPLE_OUT, Question.WHAT_CAME_THROUGH, Question.POWER_OFF);
            case FOOTBRIDGE, ANIMAL_PEN -> EnumSet.of(Question.PEOPLE_OUT);
            case FENCE, OVERHEAD_LINE -> EnumSet.of(Question.POWER_OFF);
            default -> EnumSet.noneOf(Question.class);
        };
    }

    /** @return what nobody has answered yet */
    public List<Question> open() {
        return asked(kind).stream().filter(q -> !answered.contains(q)).toList();
    }
}
