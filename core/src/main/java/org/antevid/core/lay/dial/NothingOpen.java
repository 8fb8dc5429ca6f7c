package org.antevid.core.lay.dial;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.message.Side;
import org.antevid.core.site.Site;
import org.antevid.core.stem.StemReading;

/** Why no lay is open, and what would open one. */
final class NothingOpen {
    private NothingOpen() {}

    static Dial.Closed of(List<Dial.Lay> lays, StemReading stem, LayChoice choice, Site site, LayPlan.Limits limits) {
        Map<Message, Long> count = lays.stream()
                .flatMap(l -> l.reason().stream())
                .collect(Collectors.groupingBy(Function.identity(), LinkedHashMap::new, Collectors.counting()));
        Map.Entry<Message, Long> most =
                count.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow();
        List<Message> opens = new ArrayList<>();
        if (uncertaintyBlocks(stem, choice, site, limits)) {
            opens.add(Message.of(DialRemark.UNCERTAINTY_BLOCKS));
        }
        if (most.getKey().code() == DialRemark.TARGET) {
            opens.add(new Message(DialRemark.MOVE_TARGET, most.getKey().args()));
        }
        lays.stream()
                .filter(l -> l.state() == Dial.State.OPEN_WITH_PULL && l.pullN() > 0)
                .min(Comparator.comparingDouble(Dial.Lay::pullN))
                .ifPresent(l -> opens.add(Message.of(DialRemark.LINE_FOR)
                        .with("pull", LayOnDial.pulled(l.pullN(), Side.UP))
                        .with("lay", Arg.azimuth(l.deg()))));
        opener(most.getKey()).ifPresent(o -> opens.add(Message.of(o)));
        return new Dial.Closed(most.getKey(), (int) (long) most.getValue() * 360 / lays.size(), List.copyOf(opens));
    }

    /** What would open a lay that is blocked by this most. */
    private static Optional<DialRemark> opener(Message most) {
        return most.code() instanceof DialRemark remark
                ? switch (remark) {
                    case SIDE_LEAN -> Optional.of(DialRemark.GUY_OR_REDUCE);
                    case NO_HINGE -> Optional.of(DialRemark.SOUNDER_WOOD);
                    case TOO_LITTLE_TIME -> Optional.of(DialRemark.CLEAR_OR_BORE);
                    case HANGS_UP -> Optional.of(DialRemark.NEIGHBOUR_FIRST);
                    case NO_WAY_OUT -> Optional.of(DialRemark.CLEAR_A_WAY);
                    case SPLITS_UP -> Optional.of(DialRemark.MACHINE_OR_REDUCE);
                    default -> Optional.empty();
                }
                : Optional.empty();
    }

    /** With the lean known as well as two plumbed views would make it, something would be open. */
    private static boolean uncertaintyBlocks(StemReading stem, LayChoice choice, Site site, LayPlan.Limits limits) {
        return stem.lean()
                .filter(l -> l.sigmaDeg() > 0.5)
                .map(l -> Dial.of(stem.asIfMeasured(), choice, site, limits, 6).free() > 0)
                .orElse(false);
    }
}
