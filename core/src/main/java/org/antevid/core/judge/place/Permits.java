package org.antevid.core.judge.place;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Permit;

/** Leave that is refused stops; leave nobody has asked for is told. */
public final class Permits implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return Stream.of(Permit.values())
                .flatMap(p -> switch (s.place().permits().getOrDefault(p, Permit.Answer.NOT_KNOWN)) {
                    case YES, NOT_NEEDED -> Stream.empty();
                    case NOT_KNOWN -> Stream.of(said(RuleId.PERMIT_NOT_KNOWN, CAUTION, p));
                    case NO -> Stream.of(said(RuleId.PERMIT_NO, STOP, p));
                });
    }

    private static Finding said(RuleId rule, Severity severity, Permit p) {
        return Finding.ofJob(rule, severity, p.name()).with("permit", Arg.term(p));
    }
}
