package org.antevid.core.crew.roster;

import java.util.Arrays;
import java.util.List;

/** The stops of the field while a plan is made: what is no stop there is said of the finished plan. */
final class FieldStops {
    private final Packed p;
    private final boolean asked;
    private final int kit;
    private final int firstAiders;

    FieldStops(Packed p) {
        this.p = p;
        asked = p.roster.field().isPresent();
        kit = List.of(p.names).indexOf(FieldRulesCheck.RESCUE_KIT);
        int bits = 0;
        for (int i = 0; i < p.people; i++) {
            bits |= p.roster.holds(p.roster.hands().get(i), FieldRulesCheck.FIRST_AID) ? 1 << i : 0;
        }
        firstAiders = bits;
    }

    /** @param here who is on site, as bits */
    boolean allow(Placing plan, int placing, int t, int here) {
        if (!asked) {
            return true;
        }
        int[] running = plan.runningWith(placing, t);
        return enoughPeople(running, here) && rescueKit(running) && supervised(plan, running, here);
    }

    private boolean enoughPeople(int[] running, int here) {
        for (int i : running) {
            Duty d = p.roster.duties().get(i);
            if (!d.risky()) {
                continue;
            }
            boolean looked = !d.saw() || d.slots().stream().anyMatch(Duty.Slot::cuts);
            if (Integer.bitCount(here) < p.roster.field().orElseThrow().leastOnSite()
                    || looked && (here & firstAiders) == 0) {
                return false;
            }
        }
        return true;
    }

    private boolean rescueKit(int[] running) {
        boolean up = false;
        int held = 0;
        for (int i : running) {
            up |= p.aloft[i];
            held += kit < 0 ? 0 : p.need[i][kit];
        }
        boolean listed = p.roster.equipment().containsKey(FieldRulesCheck.RESCUE_KIT);
        return !up || !listed || p.roster.have(FieldRulesCheck.RESCUE_KIT) - held >= 1;
    }

    private boolean supervised(Placing plan, int[] running, int here) {
        int learners = 0;
        int[] may = new int[p.people];
        for (int i : running) {
            Duty d = p.roster.duties().get(i);
            for (int s = 0; s < d.slots().size(); s++) {
                Hand h = p.roster.hands().get(plan.who[i][s]);
                String comp = d.slots().get(s).competence();
                if (p.roster.trainee(h, comp)) {
                    may[learners++] = supervisors(plan, running, i, comp, here) & ~(1 << plan.who[i][s]);
                }
            }
        }
        return Matching.complete(Arrays.copyOf(may, learners));
    }

    private int supervisors(Placing plan, int[] running, int at, String comp, int here) {
        int able = 0;
        for (int h = 0; h < p.people; h++) {
            Hand hand = p.roster.hands().get(h);
            boolean can = (here & 1 << h) != 0 && teaches(hand, FieldRulesCheck.SUPERVISE) && teaches(hand, comp);
            able |= can ? 1 << h : 0;
        }
        for (int i : running) {
            for (int s = 0; s < plan.who[i].length; s++) {
                Duty.Slot slot = p.roster.duties().get(i).slots().get(s);
                boolean handsFree = i == at && !slot.aloft() && !slot.cuts() && slot.part() == Duty.Part.OTHER;
                able &= handsFree ? -1 : ~(1 << plan.who[i][s]);
            }
        }
        return able;
    }

    private boolean teaches(Hand h, String comp) {
        return p.roster.holds(h, comp) && !p.roster.trainee(h, comp);
    }
}
