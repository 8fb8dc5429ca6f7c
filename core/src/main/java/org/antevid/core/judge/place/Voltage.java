package org.antevid.core.judge.place;

import static org.antevid.core.judge.Severity.CAUTION;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.VoltageClass;

/** Only its owner knows what a line carries. */
public final class Voltage implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.site().features().stream()
                .filter(f -> f.kind() == FeatureKind.OVERHEAD_LINE
                        && f.detail().voltage().orElse(VoltageClass.NOT_KNOWN) == VoltageClass.NOT_KNOWN)
                .map(f -> Finding.of(RuleId.VOLTAGE, CAUTION, f));
    }
}
