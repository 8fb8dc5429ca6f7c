package org.antevid.core.crew.roster;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.antevid.core.crew.roster.Roster.Assignment;
import org.antevid.core.crew.roster.RosterChain.Link;
import org.antevid.core.crew.roster.RosterChain.Spread;
import org.antevid.core.crew.roster.RosterChain.Why;
import org.junit.jupiter.api.Test;

class RosterChainTest {
    private static Duty duty(String id, int durMin, List<Duty.After> after, String zone) {
        return new Duty(
                id,
                durMin,
                after,
                List.of(new Duty.Slot("saw", Duty.Part.OTHER, false, true)),
                Map.of(),
                List.of(new Duty.ZoneUse(zone, Duty.Mode.CUT)),
                true,
                false,
                false,
                Optional.empty(),
                List.of());
    }

    private static Roster roster(Duty... duties) {
        return new Roster(
                List.of(duties), List.of(hand("ann"), hand("ben")), Map.of(), List.of(), Roster.Options.USUAL);
    }

    private static Hand hand(String id) {
        return new Hand(id, Set.of("saw"), 0, OptionalInt.empty(), List.of());
    }

    private static Assignment at(int start, String who) {
        return new Assignment(start, List.of(who));
    }

    /** a ends at 30 and b waits 5 for it; c starts when b ends, by the same person; d ends sooner. */
    private static final Roster DAY = roster(
            duty("a", 30, List.of(), "z1"),
            duty("b", 20, List.of(new Duty.After("a", 5)), "z2"),
            duty("c", 10, List.of(), "z3"),
            duty("d", 15, List.of(), "z4"));

    private static final Map<String, Assignment> PLAN =
            Map.of("a", at(0, "ann"), "b", at(35, "ben"), "c", at(55, "ben"), "d", at(30, "ann"));

    @Test
    void itGoesBackFromTheLastEndOverWhatIsWaitedFor() {
        assertThat(RosterChain.of(DAY, PLAN, Map.of()).links())
                .containsExactly(
                        new Link("a", Why.START, Optional.empty()),
                        new Link("b", Why.ORDER, Optional.empty()),
                        new Link("c", Why.PERSON, Optional.of("ben")));
    }

    @Test
    void withoutSpreadItIsLikelyDoneWhenItIsPlannedToBe() {
        assertThat(RosterChain.of(DAY, PLAN, Map.of()).likely80Min()).isEqualTo(65);
    }

    /** Means 30, 20 + 5 lag, 10 + 15/6 = 67.5; sigma of c alone (25 - 10) / 6 = 2.5: 67.5 + 0.84 x 2.5 = 69.6. */
    @Test
    void theSpreadOfWhatIsWaitedForCounts() {
        assertThat(RosterChain.of(DAY, PLAN, Map.of("c", new Spread(10, 25))).likely80Min())
                .isEqualTo(70);
    }

    @Test
    void whatIsNotWaitedForDoesNotCount() {
        assertThat(RosterChain.of(DAY, PLAN, Map.of("d", new Spread(5, 100))).likely80Min())
                .isEqualTo(65);
    }

    @Test
    void aSharedGroundBindsWhereNobodyDoesBoth() {
        Roster two = roster(duty("a", 30, List.of(), "z1"), duty("b", 20, List.of(), "z1"));
        assertThat(RosterChain.of(two, Map.of("a", at(0, "ann"), "b", at(30, "ben")), Map.of())
                        .links())
                .extracting(Link::why)
                .containsExactly(Why.START, Why.ZONE);
    }

    @Test
    void whoComesLateStartsTheChain() {
        assertThat(RosterChain.of(
                                roster(duty("a", 30, List.of(), "z1")),
                                Map.of("a", at(40, "ann")),
                                Map.of("a", new Spread(30, 30)))
                        .likely80Min())
                .isEqualTo(70);
    }

    @Test
    void nothingPlannedTakesNoTime() {
        assertThat(RosterChain.of(roster(), Map.of(), Map.of())).isEqualTo(new RosterChain(List.of(), 0));
    }
}
