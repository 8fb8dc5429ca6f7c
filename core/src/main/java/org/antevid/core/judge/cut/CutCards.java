package org.antevid.core.judge.cut;

import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.Situation;

/** What the cut cards say against themselves. The cards of a job are computed once for all of it. */
public final class CutCards implements Rule {
    private static final List<CardRule> RULES = List.of(
            new BarReach(),
            new CardWarnings(),
            new WedgesInDeadWood(),
            new SideLean(),
            new Strap(),
            new SplitsUp(),
            new OpenedFaceShows(),
            new CutHeight(),
            new UsualSchool(),
            new SpecialCuts(),
            new Rigging(),
            new SideGuyHolds());

    @Override
    public Stream<Finding> check(Situation s) {
        List<CutPlan> cards = s.laysAhead().map(p -> CutPlan.of(p, s.site())).toList();
        return Stream.concat(
                cards.stream().flatMap(card -> RULES.stream().flatMap(r -> r.check(card, s))),
                Today.of(cards, s).stream());
    }
}
