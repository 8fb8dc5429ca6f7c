package org.antevid.core.judge.crew;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.antevid.core.crew.Step;

/**
 * Proposed steps among those that are there: what prepares a fall right before it, what follows it right after, the
 * rest at the end. What stands after a new step starts later by as much as it takes; nothing starts earlier.
 */
public final class PlacedSteps {
    /**
     * A step in its turn: one that is there, or a new one; minutes from the start of work.
     *
     * @param spread how long a new one takes at best and at worst, where that was learned
     */
    public record Placed(
            Optional<Step> there,
            Optional<ProposedStep> added,
            int startMin,
            int endMin,
            Optional<Step.Spread> spread) {
        private Placed later(int byMin) {
            return new Placed(there, added, startMin + byMin, endMin + byMin, spread);
        }
    }

    private PlacedSteps() {}

    /**
     * @param now in their turns
     * @param minutes how long a new one takes
     * @return all in their turns; those that are done as they were
     */
    public static List<Placed> of(
            List<Step> now, List<ProposedStep> more, Function<ProposedStep, UsualMinutes> minutes) {
        List<Placed> all = new ArrayList<>(now.stream()
                .map(st -> new Placed(Optional.of(st), Optional.empty(), st.startMin(), st.endMin(), Optional.empty()))
                .toList());
        for (ProposedStep p : more) {
            int at = place(all, p);
            int start = p.when() == ProposedStep.When.BEFORE_THE_FALL && at < all.size()
                    ? all.get(at).startMin
                    : at > 0 ? all.get(at - 1).endMin : 0;
            UsualMinutes takes = minutes.apply(p);
            int length = takes.likelyMin();
            for (int i = at; i < all.size(); i++) {
                Placed later = all.get(i);
                if (later.startMin >= start && later.there.filter(Step::done).isEmpty()) {
                    all.set(i, later.later(length));
                }
            }
            all.add(at, new Placed(Optional.empty(), Optional.of(p), start, start + length, takes.spread()));
        }
        return all;
    }

    private static int place(List<Placed> all, ProposedStep p) {
        if (p.when() == ProposedStep.When.IN_TURN) {
            return all.size();
        }
        Optional<Integer> fall = IntStream.range(0, all.size())
                .filter(i -> fells(all.get(i), p))
                .boxed()
                .findFirst();
        return p.when() == ProposedStep.When.BEFORE_THE_FALL
                ? fall.orElse(all.size())
                : fall.map(i -> after(all, i + 1, p)).orElse(all.size());
    }

    /** Several that follow one fall keep the order in which they are proposed. */
    private static int after(List<Placed> all, int from, ProposedStep p) {
        int at = from;
        while (at < all.size()
                && all.get(at)
                        .added
                        .filter(x -> x.when() == p.when() && x.stem().equals(p.stem()))
                        .isPresent()) {
            at++;
        }
        return at;
    }

    private static boolean fells(Placed x, ProposedStep p) {
        return x.there
                        .filter(st -> !st.done()
                                && st.kind() == Step.Kind.FELL
                                && st.stem().equals(p.stem()))
                        .isPresent()
                || x.added
                        .filter(a -> a.kind() == Step.Kind.FELL && a.stem().equals(p.stem()))
                        .isPresent();
    }
}
