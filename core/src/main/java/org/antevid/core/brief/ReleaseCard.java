package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.Preparation;
import org.antevid.core.tangle.Release;
import org.antevid.core.tangle.Ways;

/**
 * How a hung, lying or tied stem is brought down, step by step, to be ticked off as the cuts of a felling are. Practice
 * rule: clear the ring, prepare, look up, the best way that is open, stop when it stalls, let it settle, look again.
 */
public final class ReleaseCard {
    /** What is said of a step. */
    public enum Words implements Code {
        RING_CLEAR,
        RING_CLEAR_WHOLE_SLOPE,
        RING_NOT_KNOWN,
        LOOKED_ALONG,
        BY_WAY,
        STOP_WHEN_IT_STALLS,
        LIES_STILL
    }

    private final List<CutStep> all = new ArrayList<>();

    private ReleaseCard() {}

    /**
     * @param called what a stem or a thing of the place is called, by label or id
     * @return the steps of the removal of this stem; none when it is in no order
     */
    public static List<CutStep> of(Release order, String label, UnaryOperator<String> called) {
        return order.steps().stream()
                .filter(s -> s.kind().removes() && s.stems().contains(label))
                .findFirst()
                .map(s -> of(s, label, called))
                .orElse(List.of());
    }

    private static List<CutStep> of(Release.Step s, String label, UnaryOperator<String> called) {
        ReleaseCard c = new ReleaseCard();
        Optional.ofNullable(s.zone().get(label)).ifPresent(c::ring);
        for (Preparation p : s.before()) {
            c.add("before:" + p.label(), CutStep.Kind.CHECK, p.message(called));
        }
        c.add("along", CutStep.Kind.CHECK, Message.of(Words.LOOKED_ALONG));
        Optional.ofNullable(s.method().get(label)).ifPresent(c::way);
        c.add("stalls", CutStep.Kind.CHECK, Message.of(Words.STOP_WHEN_IT_STALLS));
        c.add("still", CutStep.Kind.CHECK, Message.of(Words.LIES_STILL));
        return List.copyOf(c.all);
    }

    private void ring(GuardRing ring) {
        Message clear = ring.envelopeM()
                .map(e -> ring.wholeSlope()
                        ? Message.of(Words.RING_CLEAR_WHOLE_SLOPE).with("around", Arg.up(Dimension.DISTANCE, e))
                        : Message.of(Words.RING_CLEAR)
                                .with("around", Arg.up(Dimension.DISTANCE, e))
                                .with(
                                        "down",
                                        Arg.up(Dimension.DISTANCE, ring.reachM().orElse(e))))
                .orElseGet(() -> Message.of(Words.RING_NOT_KNOWN));
        add("ring", CutStep.Kind.CHECK, clear);
    }

    private void way(Ways ways) {
        Ways.Way best = ways.ladder().get(0);
        Message says = Message.of(Words.BY_WAY)
                .with("way", Arg.term(best))
                .with(
                        "rated",
                        ways.pullN()
                                .filter(n -> best.pulls())
                                .map(n -> Arg.up(Dimension.FORCE, Ways.WINCH_RESERVE * n)));
        add("way", CutStep.Kind.CUT, says);
    }

    private void add(String key, CutStep.Kind kind, Message says) {
        all.add(new CutStep(key, kind, says, List.of()));
    }
}
