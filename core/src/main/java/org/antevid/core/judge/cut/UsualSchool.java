package org.antevid.core.judge.cut;

import static org.antevid.core.judge.Severity.CAUTION;

import java.util.stream.Stream;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** The crew cuts as the house is used to unless somebody says why not. */
final class UsualSchool implements CardRule {
    @Override
    public Stream<Finding> check(CutPlan p, Situation s) {
        boolean unsaid = p.lay().choice().school() != s.rules().usualSchool()
                && p.lay().choice().cuts().reason().isBlank();
        return !unsaid
                ? Stream.empty()
                : Stream.of(Finding.of(RuleId.SCHOOL, CAUTION, CardRule.label(p))
                        .with("school", Arg.term(p.lay().choice().school()))
                        .with("usual", Arg.term(s.rules().usualSchool())));
    }
}
