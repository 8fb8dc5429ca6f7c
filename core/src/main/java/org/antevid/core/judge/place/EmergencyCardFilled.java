package org.antevid.core.judge.place;

import static org.antevid.core.judge.Severity.STOP;

import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.FeatureKind;

/** Whoever finds somebody lying there must be able to read out where and whom. */
public final class EmergencyCardFilled implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        boolean utility = s.site().features().stream()
                .anyMatch(f -> f.kind() == FeatureKind.OVERHEAD_LINE || f.kind() == FeatureKind.BURIED);
        List<EmergencyCard.Entry> missing = s.place().card().missing(utility);
        return missing.isEmpty()
                ? Stream.empty()
                : Stream.of(Finding.ofJob(RuleId.EMERGENCY_CARD, STOP).with("missing", Arg.terms(missing)));
    }
}
