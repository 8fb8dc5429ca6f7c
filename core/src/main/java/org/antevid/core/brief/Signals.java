package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.List;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;

/** Signals and stop conditions every person is told. Practice rules; local agreements outrank them. */
public final class Signals {
    /** Whistle and arm signals, the same for everybody. */
    public static final List<Message> ALL =
            List.of(Message.of(BriefWords.SIGNAL_STOP), Message.of(BriefWords.SIGNAL_GOING));

    private Signals() {}

    /** @return when a person calls HOLD, from the plan */
    public static List<Message> stopConditions(PlanDocument plan, String personId) {
        return stopConditions(plan, plan.gustLimitFor(personId));
    }

    /** @param gustLimitMs at which the work holds, m/s */
    static List<Message> stopConditions(PlanDocument plan, double gustLimitMs) {
        List<Message> stops = new ArrayList<>();
        stops.add(Message.of(BriefWords.STOP_SOMEBODY_INSIDE));
        stops.add(Message.of(BriefWords.STOP_SIGHT_LOST));
        stops.add(Message.of(BriefWords.STOP_GUST).with("gust", Arg.down(Dimension.SPEED, gustLimitMs)));
        plan.stems().stream()
                .filter(s -> !s.beneath().isEmpty())
                .forEach(s -> stops.add(Message.of(BriefWords.STOP_HUNG_MOVES).with("stem", Arg.name(s.label()))));
        return List.copyOf(stops);
    }
}
