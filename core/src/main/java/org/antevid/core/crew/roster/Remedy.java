package org.antevid.core.crew.roster;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.antevid.core.crew.roster.Roster.Assignment;
import org.antevid.core.crew.roster.RosterRule.Weight;
import org.antevid.core.quantity.Require;

/**
 * The smallest change that mends a broken rule and breaks no other: one slot to somebody else, two people change
 * places, a duty later, somebody more on site. Of equally small ones, that which mends most.
 *
 * @param mends how many broken rules are gone with it, this one included
 * @param plan with the change made
 */
public record Remedy(Change change, int mends, Map<String, Assignment> plan) {
    /** What is changed; smaller kinds first. */
    public sealed interface Change {}

    /** A slot to somebody on site. */
    public record Give(String duty, int slot, String hand) implements Change {}

    /** Two people of one duty change places. */
    public record Swap(String duty, int slot, int otherSlot) implements Change {}

    /** A duty later, with all that waits for it. */
    public record Later(String duty, int startMin) implements Change {}

    /** Somebody who is not on the job comes to it and fills a slot. */
    public record Bring(String duty, int slot, String hand) implements Change {}

    private static final int DAY_MIN = 24 * 60;

    private record State(Roster roster, Map<String, Assignment> plan) {}

    /**
     * @param elsewhere who could be put on the job
     * @return nothing where no single change mends it
     */
    public static Optional<Remedy> of(
            Roster roster, Map<String, Assignment> plan, Breach broken, Collection<Hand> elsewhere) {
        State now = new State(roster, plan);
        Set<Object> before = keys(RosterCheck.of(roster, plan));
        return Stream.<Stream<Change>>of(
                        gives(now, broken), swaps(now, broken), laters(now, broken), brings(now, broken, elsewhere))
                .map(kind -> kind.flatMap(c -> tried(now, before, broken, c, elsewhere).stream())
                        .min(Comparator.comparingInt((Remedy r) -> -r.mends)
                                .thenComparingInt(r -> upset(roster, r.change))
                                .thenComparingInt(r -> scarce(roster, elsewhere, r.change))))
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** @return how much it upsets what is settled: who watches and who cuts are changed last */
    private static int upset(Roster roster, Change c) {
        return c instanceof Give g ? upset(duty(roster, g.duty).slots().get(g.slot)) : 0;
    }

    /** @return what else whoever is given it could do: scarce people last, as in every plan */
    private static int scarce(Roster roster, Collection<Hand> elsewhere, Change c) {
        String who = c instanceof Give g ? g.hand : c instanceof Bring b ? b.hand : "";
        return Stream.concat(roster.hands().stream(), elsewhere.stream())
                .filter(h -> h.id().equals(who))
                .mapToInt(h -> h.competences().size())
                .findFirst()
                .orElse(0);
    }

    private static int upset(Duty.Slot s) {
        return s.cuts() ? 2 : s.part() == Duty.Part.OTHER ? 0 : 1;
    }

    /** @return what is broken: the same where only minutes moved */
    private static Set<Object> keys(RosterCheck check) {
        Set<Object> all = new HashSet<>();
        check.breaches().stream().filter(b -> b.weight() != Weight.CAUTION).forEach(b -> all.add(key(b)));
        return all;
    }

    /** What is said of one person over several duties is not mended by letting go of one of them. */
    private static boolean still(Breach now, Breach broken) {
        return broken.weight() == Weight.CAUTION
                ? now.rule() == broken.rule() && Set.copyOf(now.hands()).equals(Set.copyOf(broken.hands()))
                : key(now).equals(key(broken));
    }

    private static Object key(Breach b) {
        return List.of(b.rule(), b.weight(), Set.copyOf(b.duties()), Set.copyOf(b.hands()));
    }

    private static Optional<Remedy> tried(
            State now, Set<Object> before, Breach broken, Change change, Collection<Hand> elsewhere) {
        State then = with(now, change, elsewhere);
        RosterCheck check = RosterCheck.of(then.roster, then.plan);
        Set<Object> after = keys(check);
        boolean mended = check.breaches().stream().noneMatch(b -> still(b, broken)) || oneMore(check, broken);
        if (!mended || !before.containsAll(after) || check.makespanMin() > DAY_MIN) {
            return Optional.empty();
        }
        return Optional.of(new Remedy(change, Math.max(1, before.size() - after.size()), then.plan));
    }

    /** Where several people are missing, one of them is a step on the way. */
    private static boolean oneMore(RosterCheck check, Breach broken) {
        return broken.rule() == RosterRule.R03_ROLE_COUNT
                && check.breaches().stream().anyMatch(b -> key(b).equals(key(broken)) && got(b) > got(broken));
    }

    private static int got(Breach b) {
        return b.numbers().getOrDefault("got", 0);
    }

    private static State with(State s, Change change, Collection<Hand> elsewhere) {
        Map<String, Assignment> plan = new HashMap<>(s.plan);
        if (change instanceof Give g) {
            plan.put(g.duty, given(s, g.duty, g.slot, g.hand));
        } else if (change instanceof Swap x) {
            Assignment a = Require.present(s.plan, x.duty);
            List<String> who = new ArrayList<>(a.who());
            String one = who.get(x.slot);
            who.set(x.slot, who.get(x.otherSlot));
            who.set(x.otherSlot, one);
            plan.put(x.duty, new Assignment(a.startMin(), who));
        } else if (change instanceof Later l) {
            push(s.roster, plan, l.duty, l.startMin);
        } else if (change instanceof Bring b) {
            plan.put(b.duty, given(s, b.duty, b.slot, b.hand));
            List<Hand> hands = new ArrayList<>(s.roster.hands());
            elsewhere.stream().filter(h -> h.id().equals(b.hand)).forEach(hands::add);
            Roster more =
                    new Roster(s.roster.duties(), hands, s.roster.equipment(), s.roster.kit(), s.roster.options());
            return new State(more, plan);
        }
        return new State(s.roster, plan);
    }

    private static Assignment given(State s, String duty, int slot, String hand) {
        Assignment a = Require.present(s.plan, duty);
        List<String> who = new ArrayList<>(a.who());
        if (slot < who.size()) {
            who.set(slot, hand);
        } else {
            who.add(hand);
        }
        return new Assignment(a.startMin(), who);
    }

    /** What waits for a duty that comes later comes later too, as far as it must. */
    private static void push(Roster roster, Map<String, Assignment> plan, String duty, int startMin) {
        Assignment a = Require.present(plan, duty);
        plan.put(duty, new Assignment(startMin, a.who()));
        Duty moved = duty(roster, duty);
        roster.duties().stream().filter(d -> plan.containsKey(d.id())).forEach(d -> d.after().stream()
                .filter(w -> w.id().equals(duty))
                .map(w -> startMin + moved.durMin() + w.lagMin())
                .filter(from -> Require.present(plan, d.id()).startMin() < from)
                .forEach(from -> push(roster, plan, d.id(), from)));
    }

    private static Duty duty(Roster roster, String id) {
        return roster.duties().stream()
                .filter(d -> d.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** Slots of the duties concerned; of an empty one the first, as they are filled in their order. */
    private static Stream<Give> slots(State s, Breach broken) {
        return broken.duties().stream().flatMap(id -> {
            List<String> who = Require.present(s.plan, id).who();
            int rooms = duty(s.roster, id).slots().size();
            return IntStream.range(0, Math.min(who.size() + 1, rooms))
                    .mapToObj(i -> new Give(id, i, i < who.size() ? who.get(i) : ""));
        });
    }

    private static Stream<Change> gives(State s, Breach broken) {
        return slots(s, broken).flatMap(at -> s.roster.hands().stream()
                .filter(h -> !h.id().equals(at.hand)
                        && !Require.present(s.plan, at.duty).who().contains(h.id()))
                .map(h -> new Give(at.duty, at.slot, h.id())));
    }

    private static Stream<Change> swaps(State s, Breach broken) {
        return broken.duties().stream().flatMap(id -> {
            int n = Math.min(
                    Require.present(s.plan, id).who().size(),
                    duty(s.roster, id).slots().size());
            return IntStream.range(0, n).boxed().flatMap(a -> IntStream.range(a + 1, n)
                    .mapToObj(b -> new Swap(id, a, b)));
        });
    }

    /** Later to when another of them ends, or somebody comes. */
    private static Stream<Change> laters(State s, Breach broken) {
        Stream<Integer> ends = broken.duties().stream()
                .map(id -> Require.present(s.plan, id).startMin()
                        + duty(s.roster, id).durMin());
        Stream<Integer> comes = s.roster.hands().stream()
                .filter(h -> broken.hands().contains(h.id()))
                .map(Hand::fromMin);
        Stream<Integer> asked = Optional.ofNullable(broken.numbers().get("earliest")).stream();
        List<Integer> starts = Stream.of(ends, comes, asked)
                .flatMap(x -> x)
                .distinct()
                .sorted()
                .toList();
        return broken.duties().stream().flatMap(id -> starts.stream()
                .filter(m -> m > Require.present(s.plan, id).startMin())
                .map(m -> new Later(id, m)));
    }

    private static Stream<Change> brings(State s, Breach broken, Collection<Hand> elsewhere) {
        return slots(s, broken).flatMap(at -> elsewhere.stream().map(h -> new Bring(at.duty, at.slot, h.id())));
    }
}
