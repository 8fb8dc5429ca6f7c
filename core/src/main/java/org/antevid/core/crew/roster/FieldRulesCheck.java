package org.antevid.core.crew.roster;

import static org.antevid.core.crew.roster.RosterRule.R21_KIT_EXPIRED;
import static org.antevid.core.crew.roster.RosterRule.R22_DIAMETER_LIMIT;
import static org.antevid.core.crew.roster.RosterRule.R23_TRAINEE_UNSUPERVISED;
import static org.antevid.core.crew.roster.RosterRule.R24_FIRST_AIDER_CUTTING;
import static org.antevid.core.crew.roster.RosterRule.R26_WORKING_ALONE;
import static org.antevid.core.crew.roster.RosterRule.R27_NOBODY_LEFT_TO_HELP;
import static org.antevid.core.crew.roster.RosterRule.R28_RESCUE_KIT_BOUND;
import static org.antevid.core.crew.roster.RosterRule.R29_LONG_ALOFT;
import static org.antevid.core.crew.roster.RosterRule.R30_AFTER_LIGHT;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.antevid.core.crew.roster.Roster.FieldRules;
import org.antevid.core.crew.roster.RosterCheck.Post;
import org.antevid.core.crew.roster.RosterCheck.Running;
import org.antevid.core.crew.roster.RosterRule.Weight;

/** Who supervises, helps and rescues at every minute; how long somebody is aloft; what runs after dark. */
final class FieldRulesCheck {
    static final String RESCUE_KIT = "rescue_kit";
    static final String FIRST_AID = "first_aid";
    static final String SUPERVISE = "supervise";

    private final Roster roster;
    private final FieldRules rules;
    private final List<Running> running;
    private final List<Breach> found = new ArrayList<>();
    private final Set<List<Object>> told = new HashSet<>();

    private FieldRulesCheck(Roster roster, List<Running> running) {
        this.roster = roster;
        this.rules = roster.field().orElseThrow();
        this.running = running;
    }

    static List<Breach> of(Roster roster, List<Running> running) {
        FieldRulesCheck check = new FieldRulesCheck(roster, running);
        RosterCheck.moments(roster, running).forEach(check::at);
        roster.hands().forEach(check::longAloft);
        running.forEach(check::afterLight);
        return check.found;
    }

    /** @return what could not be looked at, in the order of the rules */
    static List<Unknown> notKnown(Roster roster) {
        if (roster.field().isEmpty()) {
            return List.of();
        }
        Set<Unknown> open = new TreeSet<>(Unknown.ORDER);
        roster.duties().forEach(d -> {
            d.slots().forEach(s -> roster.hands().stream()
                    .filter(h -> h.competences().contains(s.competence()))
                    .forEach(h -> {
                        if (h.cert(s.competence())
                                .filter(c -> c.validToDay().isPresent())
                                .isEmpty()) {
                            open.add(Unknown.proof(h.id(), s.competence()));
                        }
                        boolean limit = h.cert(s.competence())
                                .flatMap(Hand.Cert::maxDiameterM)
                                .isPresent();
                        if (s.cuts() && (d.diameterM().isEmpty() || !limit)) {
                            open.add(Unknown.of(R22_DIAMETER_LIMIT, d.id()));
                        }
                    }));
            d.kit().stream()
                    .filter(id -> roster.kit().stream()
                            .noneMatch(k -> k.id().equals(id)
                                    && (k.withdrawn() || k.dueDay().isPresent())))
                    .forEach(id -> open.add(Unknown.of(R21_KIT_EXPIRED, id)));
            if (d.saw() && d.slots().stream().noneMatch(Duty.Slot::cuts)) {
                Stream.of(R22_DIAMETER_LIMIT, R24_FIRST_AIDER_CUTTING, R27_NOBODY_LEFT_TO_HELP)
                        .forEach(r -> open.add(Unknown.of(r, d.id())));
            }
            if (d.aloft() && !roster.equipment().containsKey(RESCUE_KIT)) {
                open.add(Unknown.of(R28_RESCUE_KIT_BOUND));
            }
            if (d.risky() && roster.field().get().lightUntilMin().isEmpty()) {
                open.add(Unknown.of(R30_AFTER_LIGHT));
            }
        });
        return List.copyOf(open);
    }

    private void at(int t) {
        List<Running> now = running.stream().filter(r -> r.at(t)).toList();
        List<Hand> here = roster.hands().stream().filter(h -> h.onSite(t)).toList();
        trainees(now, here, t);
        List<Running> risky = now.stream().filter(r -> r.duty().risky()).toList();
        if (!risky.isEmpty()) {
            if (here.size() < rules.leastOnSite()) {
                tell(R26_WORKING_ALONE, Weight.STOP, risky, here, t);
            }
            List<Running> seen = risky.stream()
                    .filter(r -> !r.duty().saw() || r.duty().slots().stream().anyMatch(Duty.Slot::cuts))
                    .toList();
            if (!seen.isEmpty()) {
                help(now, seen, here, t);
            }
        }
        boolean kitListed = roster.equipment().containsKey(RESCUE_KIT);
        List<Running> aloft = now.stream().filter(r -> r.duty().aloft()).toList();
        int held = now.stream()
                .mapToInt(r -> r.duty().equipment().getOrDefault(RESCUE_KIT, 0))
                .sum();
        if (!aloft.isEmpty() && kitListed && roster.have(RESCUE_KIT) - held < 1) {
            tell(R28_RESCUE_KIT_BOUND, Weight.STOP, aloft, List.of(), t);
        }
    }

    private void help(List<Running> now, List<Running> risky, List<Hand> here, int t) {
        List<Hand> firstAiders =
                here.stream().filter(h -> roster.holds(h, FIRST_AID)).toList();
        if (firstAiders.isEmpty()) {
            tell(R24_FIRST_AIDER_CUTTING, Weight.STOP, risky, List.of(), t);
        } else if (firstAiders.stream()
                .allMatch(h -> in(now, h, p -> p.slot().cuts() || p.slot().aloft()))) {
            tell(R24_FIRST_AIDER_CUTTING, Weight.SECOND_OPINION, risky, firstAiders, t);
        }
        if (!here.isEmpty() && here.stream().allMatch(h -> in(now, h, FieldRulesCheck::bound))) {
            tell(R27_NOBODY_LEFT_TO_HELP, Weight.SECOND_OPINION, risky, here, t);
        }
    }

    private static boolean bound(Post p) {
        return p.slot().aloft() || p.slot().cuts() || p.slot().part() == Duty.Part.CRANE_OPERATOR;
    }

    private static boolean in(List<Running> now, Hand h, Predicate<Post> is) {
        return now.stream()
                .flatMap(r -> r.posts().stream())
                .anyMatch(p -> p.hand().id().equals(h.id()) && is.test(p));
    }

    /** Each trainee at work has a supervisor of his own: idle, or at the same duty with the hands free. */
    private void trainees(List<Running> now, List<Hand> here, int t) {
        record Learner(Running at, Post post) {}
        List<Learner> learners = now.stream()
                .flatMap(r -> r.posts().stream()
                        .filter(p -> roster.trainee(p.hand(), p.slot().competence()))
                        .map(p -> new Learner(r, p)))
                .toList();
        int[] may = learners.stream()
                .mapToInt(l -> {
                    int mask = 0;
                    for (Hand h : here) {
                        if (supervises(now, l.at, l.post, h)) {
                            mask |= 1 << roster.hands().indexOf(h);
                        }
                    }
                    return mask;
                })
                .toArray();
        if (!Matching.complete(may)) {
            tell(
                    R23_TRAINEE_UNSUPERVISED,
                    Weight.STOP,
                    learners.stream().map(Learner::at).distinct().toList(),
                    learners.stream().map(l -> l.post.hand()).distinct().toList(),
                    t);
        }
    }

    private boolean supervises(List<Running> now, Running at, Post learner, Hand h) {
        String comp = learner.slot().competence();
        boolean able = roster.holds(h, SUPERVISE)
                && !roster.trainee(h, SUPERVISE)
                && roster.holds(h, comp)
                && !roster.trainee(h, comp)
                && !h.id().equals(learner.hand().id());
        return able
                && now.stream().allMatch(r -> r.posts().stream()
                        .filter(p -> p.hand().id().equals(h.id()))
                        .allMatch(p -> r.duty().id().equals(at.duty().id())
                                && !bound(p)
                                && p.slot().part() != Duty.Part.LOOKOUT));
    }

    private void longAloft(Hand h) {
        List<Running> up = running.stream()
                .filter(r -> r.posts().stream()
                        .anyMatch(p -> p.hand().id().equals(h.id()) && p.slot().aloft()))
                .sorted(Comparator.comparingInt(Running::startMin))
                .toList();
        for (int i = 0; i < up.size(); ) {
            int start = up.get(i).startMin();
            int end = up.get(i).endMin();
            int last = i;
            while (last + 1 < up.size() && up.get(last + 1).startMin() - end < rules.breakMin()) {
                last++;
                end = Math.max(end, up.get(last).endMin());
            }
            if (end - start > rules.mostAloftMin()) {
                String[] ids =
                        up.subList(i, last + 1).stream().map(r -> r.duty().id()).toArray(String[]::new);
                found.add(Breach.of(R29_LONG_ALOFT, ids)
                        .weighing(Weight.CAUTION)
                        .by(h.id())
                        .at(start)
                        .with("minutes", end - start));
            }
            i = last + 1;
        }
    }

    private void afterLight(Running r) {
        if (r.duty().risky()
                && rules.lightUntilMin().isPresent()
                && r.endMin() > rules.lightUntilMin().getAsInt()) {
            found.add(Breach.of(R30_AFTER_LIGHT, r.duty().id())
                    .weighing(Weight.SECOND_OPINION)
                    .at(rules.lightUntilMin().getAsInt())
                    .with("end", r.endMin()));
        }
    }

    private void tell(RosterRule rule, Weight weight, List<Running> at, List<Hand> who, int t) {
        List<String> ids = at.stream().map(r -> r.duty().id()).sorted().toList();
        if (told.add(List.of(rule, weight, ids))) {
            found.add(Breach.of(rule, ids.toArray(String[]::new))
                    .weighing(weight)
                    .by(who.stream().map(Hand::id).toList())
                    .at(t));
        }
    }
}
