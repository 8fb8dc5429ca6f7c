package org.antevid.core.judge.weather;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.message.Dimension.SHARE;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.CrownLoad;

/** Loaded limbs fall with the first blow. */
public final class LoadedCrowns implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        CrownLoad l = s.place().load();
        return l == CrownLoad.NONE
                ? Stream.empty()
                : Stream.of(Finding.ofJob(RuleId.CROWN_LOAD, l == CrownLoad.ICE ? SECOND_OPINION : CAUTION)
                        .with("load", Arg.term(l))
                        .with("more", Arg.up(SHARE, l.shareOfCrown())));
    }
}
