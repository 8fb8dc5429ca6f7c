package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;

/**
 * What somebody is told who has no work here: how far away they stay, where they wait, what stops everything and who
 * leads. Practice rule; local codes may ask for more.
 *
 * @param ringM widest ring of the stems that are still worked on, whole metres up; empty where none is known: then
 *     nobody comes in at all
 * @param waitAt in the leader's words; blank where nobody said
 */
public record VisitorCard(Optional<Double> ringM, String waitAt) {
    /** What is said. */
    private enum Line implements Code {
        RING,
        NO_RING,
        WAIT_AT,
        WAIT_WITH,
        STOP,
        LED_BY
    }

    public static VisitorCard of(PlanDocument plan, String waitAt) {
        return new VisitorCard(
                plan.steps().stream()
                        .filter(s -> !s.done())
                        .flatMap(s -> s.stem().flatMap(plan::stem).flatMap(PlanDocument.StemPart::ringM).stream())
                        .max(Double::compare),
                waitAt.strip());
    }

    /** @return whether somebody who was told the other one has to be told this: farther away, or elsewhere */
    public boolean newAfter(VisitorCard told) {
        double was = told.ringM.orElse(Double.MAX_VALUE);
        return !waitAt.equals(told.waitAt) || ringM.orElse(Double.MAX_VALUE) > was;
    }

    public List<Message> lines(String leader) {
        List<Message> all = new ArrayList<>();
        all.add(ringM.map(r -> Message.of(Line.RING).with("ring", Arg.up(Dimension.DISTANCE, r)))
                .orElseGet(() -> Message.of(Line.NO_RING)));
        all.add(
                waitAt.isEmpty()
                        ? Message.of(Line.WAIT_WITH).with("leader", Arg.name(leader))
                        : Message.of(Line.WAIT_AT).with("place", Arg.name(waitAt)));
        all.add(Message.of(Line.STOP));
        all.add(Message.of(Line.LED_BY).with("leader", Arg.name(leader)));
        return List.copyOf(all);
    }
}
