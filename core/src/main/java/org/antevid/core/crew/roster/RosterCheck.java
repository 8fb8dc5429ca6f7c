package org.antevid.core.crew.roster;

import static org.antevid.core.crew.roster.RosterRule.R01_PERSON_DOUBLE;
import static org.antevid.core.crew.roster.RosterRule.R02_COMPETENCE;
import static org.antevid.core.crew.roster.RosterRule.R03_ROLE_COUNT;
import static org.antevid.core.crew.roster.RosterRule.R04_PRECEDENCE;
import static org.antevid.core.crew.roster.RosterRule.R05_EQUIPMENT;
import static org.antevid.core.crew.roster.RosterRule.R06_ZONE;
import static org.antevid.core.crew.roster.RosterRule.R07_SAW_CLEAR;
import static org.antevid.core.crew.roster.RosterRule.R08_NO_RESCUER;
import static org.antevid.core.crew.roster.RosterRule.R09_AVAILABILITY;
import static org.antevid.core.crew.roster.RosterRule.R10_LOOKOUT;
import static org.antevid.core.crew.roster.RosterRule.R11_NOT_SCHEDULED;
import static org.antevid.core.crew.roster.RosterRule.R13_UNKNOWN_PERSON;
import static org.antevid.core.crew.roster.RosterRule.R20_COMPETENCE_EXPIRED;
import static org.antevid.core.crew.roster.RosterRule.R22_DIAMETER_LIMIT;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.antevid.core.crew.roster.Roster.Assignment;
import org.antevid.core.crew.roster.RosterRule.Weight;
import org.antevid.core.quantity.Require;

/**
 * Every rule a day's plan breaks; none hides another. Written apart from what makes plans, so that a fault there is
 * found here.
 *
 * @param makespanMin when the last duty ends; 0 where nothing is scheduled
 * @param notChecked rules that could not be looked at because something is not known: never fine
 */
public record RosterCheck(List<Breach> breaches, int makespanMin, List<Unknown> notChecked) {
    public boolean feasible() {
        return breaches.stream().noneMatch(b -> b.weight() == Weight.STOP);
    }

    /** @return what is wrong with the work itself, whoever does it when */
    public static RosterCheck of(Roster roster) {
        return new RosterCheck(StaticRules.of(roster), 0, FieldRulesCheck.notKnown(roster));
    }

    /** @param plan by id of the duty; ids that are no duty are passed over */
    public static RosterCheck of(Roster roster, Map<String, Assignment> plan) {
        List<Breach> found = new ArrayList<>(StaticRules.of(roster));
        Timed timed = new Timed(roster, plan);
        timed.all(found);
        if (roster.field().isPresent()) {
            found.addAll(FieldRulesCheck.of(roster, timed.running));
        }
        return new RosterCheck(
                List.copyOf(found),
                timed.running.stream().mapToInt(Running::endMin).max().orElse(0),
                FieldRulesCheck.notKnown(roster));
    }

    /** A duty in its time with who does it; {@code posts} are slots with somebody in them who is known. */
    record Running(Duty duty, int startMin, List<String> who, List<Post> posts) {
        int endMin() {
            return startMin + duty.durMin();
        }

        boolean at(int t) {
            return startMin <= t && t < endMin();
        }

        int overlapMin(Running other) {
            return Math.min(endMin(), other.endMin()) - Math.max(startMin, other.startMin);
        }

        private boolean watches(String person) {
            return IntStream.range(0, Math.min(who.size(), duty.slots().size()))
                    .anyMatch(i ->
                            who.get(i).equals(person) && duty.slots().get(i).part() == Duty.Part.LOOKOUT);
        }
    }

    /** Somebody in a slot. */
    record Post(Duty.Slot slot, Hand hand) {}

    private static final class Timed {
        private final Roster roster;
        private final List<Running> running;
        private final Map<String, Running> byId;

        private Timed(Roster roster, Map<String, Assignment> plan) {
            this.roster = roster;
            Map<String, Hand> hands = roster.hands().stream().collect(Collectors.toMap(Hand::id, Function.identity()));
            running = roster.duties().stream()
                    .filter(d -> plan.containsKey(d.id()))
                    .map(d -> running(d, Require.present(plan, d.id()), hands))
                    .toList();
            byId = running.stream().collect(Collectors.toMap(r -> r.duty.id(), Function.identity()));
        }

        private static Running running(Duty d, Assignment a, Map<String, Hand> hands) {
            List<Post> posts = IntStream.range(
                            0, Math.min(a.who().size(), d.slots().size()))
                    .filter(i -> hands.containsKey(a.who().get(i)))
                    .mapToObj(i -> new Post(
                            d.slots().get(i), Require.present(hands, a.who().get(i))))
                    .toList();
            return new Running(d, a.startMin(), a.who(), posts);
        }

        private void all(List<Breach> found) {
            for (Duty d : roster.duties()) {
                Optional.ofNullable(byId.get(d.id()))
                        .ifPresentOrElse(r -> alone(r, found), () -> found.add(Breach.of(R11_NOT_SCHEDULED, d.id())));
            }
            for (int i = 0; i < running.size(); i++) {
                for (int k = i + 1; k < running.size(); k++) {
                    if (running.get(i).overlapMin(running.get(k)) > 0) {
                        together(running.get(i), running.get(k), found);
                    }
                }
            }
            moments(found);
        }

        private void alone(Running r, List<Breach> found) {
            Duty d = r.duty;
            if (r.who.size() != d.slots().size() || new HashSet<>(r.who).size() != r.who.size()) {
                found.add(Breach.of(R03_ROLE_COUNT, d.id())
                        .at(r.startMin)
                        .with("need", d.slots().size())
                        .with("got", (int) r.who.stream().distinct().count()));
            }
            for (int i = 0; i < Math.min(r.who.size(), d.slots().size()); i++) {
                String id = r.who.get(i);
                if (r.posts.stream().noneMatch(p -> p.hand.id().equals(id))) {
                    found.add(Breach.of(R13_UNKNOWN_PERSON, d.id()).by(id).at(r.startMin));
                }
            }
            r.posts.forEach(p -> post(r, p, found));
            for (Duty.After a : d.after()) {
                Running before = byId.get(a.id());
                if (before != null && r.startMin < before.endMin() + a.lagMin()) {
                    found.add(Breach.of(R04_PRECEDENCE, a.id(), d.id())
                            .at(r.startMin)
                            .with("earliest", before.endMin() + a.lagMin()));
                }
            }
        }

        private void post(Running r, Post p, List<Breach> found) {
            String comp = p.slot.competence();
            if (roster.expired(p.hand, comp)) {
                found.add(Breach.of(R20_COMPETENCE_EXPIRED, r.duty.id())
                        .by(p.hand.id())
                        .at(r.startMin)
                        .with("comp", comp));
            } else if (!p.hand.competences().contains(comp)) {
                found.add(Breach.of(R02_COMPETENCE, r.duty.id())
                        .by(p.hand.id())
                        .at(r.startMin)
                        .with("comp", comp));
            }
            if (roster.tooThick(r.duty, p.slot, p.hand)) {
                found.add(Breach.of(R22_DIAMETER_LIMIT, r.duty.id())
                        .by(p.hand.id())
                        .at(r.startMin)
                        .with("comp", comp));
            }
            boolean gone =
                    p.hand.toMin().isPresent() && r.endMin() > p.hand.toMin().getAsInt();
            if (r.startMin < p.hand.fromMin() || gone) {
                Breach away = Breach.of(R09_AVAILABILITY, r.duty.id())
                        .by(p.hand.id())
                        .at(r.startMin)
                        .with("from", p.hand.fromMin());
                found.add(
                        p.hand.toMin().isPresent()
                                ? away.with("to", p.hand.toMin().getAsInt())
                                : away);
            }
        }

        private void together(Running a, Running b, List<Breach> found) {
            int from = Math.max(a.startMin, b.startMin);
            int minutes = a.overlapMin(b);
            new TreeSet<>(a.who).stream().filter(b.who::contains).forEach(person -> {
                boolean watches = a.watches(person) || b.watches(person);
                found.add(Breach.of(watches ? R10_LOOKOUT : R01_PERSON_DOUBLE, a.duty.id(), b.duty.id())
                        .by(person)
                        .at(from)
                        .with("minutes", minutes));
            });
            sawOverClearing(a.duty, b.duty)
                    .ifPresent(zone -> found.add(Breach.of(R07_SAW_CLEAR, a.duty.id(), b.duty.id())
                            .at(from)
                            .with("zone", zone)
                            .with("minutes", minutes)));
            inOneZone(a.duty, b.duty)
                    .filter(pair -> !pair.sawAndClear())
                    .map(pair -> pair.one.zone())
                    .findFirst()
                    .ifPresent(zone -> found.add(Breach.of(R06_ZONE, a.duty.id(), b.duty.id())
                            .at(from)
                            .with("zone", zone)
                            .with("minutes", minutes)));
        }

        private Optional<String> sawOverClearing(Duty a, Duty b) {
            Stream<String> inZone = inOneZone(a, b).filter(Pair::sawAndClear).map(pair -> pair.one.zone());
            return Stream.concat(inZone, Stream.concat(clearing(a, b), clearing(b, a)))
                    .findFirst();
        }

        /** @return zones that {@code b} clears while the saw of {@code a} runs anywhere, where that matters */
        private Stream<String> clearing(Duty a, Duty b) {
            return a.saw() && roster.options().clearStopsAllSaws()
                    ? b.zones().stream()
                            .filter(z -> z.mode() == Duty.Mode.CLEAR)
                            .map(Duty.ZoneUse::zone)
                    : Stream.of();
        }

        /** Two uses of one zone that do not go together. */
        private record Pair(Duty.ZoneUse one, Duty.ZoneUse other) {
            private boolean sawAndClear() {
                return one.mode() == Duty.Mode.CUT && other.mode() == Duty.Mode.CLEAR
                        || one.mode() == Duty.Mode.CLEAR && other.mode() == Duty.Mode.CUT;
            }
        }

        private static Stream<Pair> inOneZone(Duty a, Duty b) {
            return a.zones().stream().flatMap(x -> b.zones().stream()
                    .filter(y -> y.zone().equals(x.zone())
                            && !(x.mode().shares() && y.mode().shares()))
                    .map(y -> new Pair(x, y)));
        }

        /** Equipment and rescue at every minute at which something begins, ends, comes or goes. */
        private void moments(List<Breach> found) {
            Set<List<String>> toldEquipment = new HashSet<>();
            Set<List<String>> toldRescue = new HashSet<>();
            for (int t : RosterCheck.moments(roster, running)) {
                List<Running> now = running.stream().filter(r -> r.at(t)).toList();
                equipment(now, t, toldEquipment, found);
                List<String> aloft = now.stream()
                        .filter(r -> r.duty.aloft())
                        .map(r -> r.duty.id())
                        .sorted()
                        .toList();
                if (!aloft.isEmpty() && !rescuer(now, t) && toldRescue.add(aloft)) {
                    found.add(Breach.of(R08_NO_RESCUER, aloft.toArray(String[]::new))
                            .at(t));
                }
            }
        }

        private void equipment(List<Running> now, int t, Set<List<String>> told, List<Breach> found) {
            Map<String, List<Running>> users = new TreeMap<>();
            now.forEach(r -> r.duty.equipment().forEach((name, need) -> {
                if (need > 0) {
                    users.computeIfAbsent(name, k -> new ArrayList<>()).add(r);
                }
            }));
            users.forEach((name, all) -> {
                int need = all.stream()
                        .mapToInt(r -> Require.present(r.duty.equipment(), name))
                        .sum();
                List<String> ids = all.stream().map(r -> r.duty.id()).sorted().toList();
                List<String> key = Stream.concat(Stream.of(name), ids.stream()).toList();
                if (all.size() > 1 && need > roster.have(name) && told.add(key)) {
                    found.add(Breach.of(R05_EQUIPMENT, ids.toArray(String[]::new))
                            .at(t)
                            .with("name", name)
                            .with("need", need)
                            .with("have", roster.have(name)));
                }
            });
        }

        private boolean rescuer(List<Running> now, int t) {
            return roster.hands().stream()
                    .filter(h -> roster.rescues(h) && h.onSite(t))
                    .anyMatch(h -> now.stream().noneMatch(r -> r.posts.stream()
                            .anyMatch(p -> p.hand.id().equals(h.id()) && !r.duty.soft(p.slot))));
        }
    }

    /** @return every minute at which something begins or ends, somebody comes or goes, in their order */
    static List<Integer> moments(Roster roster, List<Running> running) {
        return Stream.concat(
                        running.stream().flatMap(r -> Stream.of(r.startMin, r.endMin())),
                        roster.hands().stream()
                                .flatMap(h -> IntStream.concat(IntStream.of(h.fromMin()), h.toMin().stream())
                                        .boxed()))
                .distinct()
                .sorted(Comparator.naturalOrder())
                .toList();
    }
}
