package org.antevid.core.judge.cut;

import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Role;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.stump.Technique;

/** Specialist work: a second opinion, and a cutter who is competent for it. */
final class SpecialCuts implements CardRule {
    @Override
    public Stream<Finding> check(CutPlan p, Situation s) {
        return p.lay().choice().cuts().techniques().stream()
                .flatMap(t -> Stream.concat(Stream.of(asks(p, t)), cutters(p, s)));
    }

    private static Finding asks(CutPlan p, Technique t) {
        return Finding.of(RuleId.SPECIAL_CUT, SECOND_OPINION, CardRule.label(p), t.name())
                .with("technique", Arg.term(t))
                .with("competence", Arg.term(Competence.SPECIAL_CUTS));
    }

    private static Stream<Finding> cutters(CutPlan p, Situation s) {
        return s.ahead(CardRule.label(p))
                .flatMap(st -> st.posts().stream())
                .filter(x -> x.role() == Role.CUTTER)
                .flatMap(x -> s.people().stream().filter(y -> y.id().equals(x.personId())))
                .filter(x -> !x.competences().contains(Competence.SPECIAL_CUTS))
                .map(x -> Finding.of(RuleId.SPECIAL_CUTTER, STOP, CardRule.label(p))
                        .with("person", Arg.name(x.name()))
                        .with("competence", Arg.term(Competence.SPECIAL_CUTS)));
    }
}
