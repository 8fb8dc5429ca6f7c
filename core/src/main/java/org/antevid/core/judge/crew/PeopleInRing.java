package org.antevid.core.judge.crew;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;

/** People inside an exclusion ring: somebody must be named for getting them out. */
public final class PeopleInRing implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.site().features().stream().filter(Feature::mayHoldPeopleNow).flatMap(f -> {
            List<String> rings = s.laysAhead()
                    .filter(p -> f.shape().distanceTo(p.stem().at()) <= p.zone().exclusionM())
                    .map(p -> p.stem().label())
                    .toList();
            return rings.isEmpty() ? Stream.empty() : Stream.of(said(f, rings));
        });
    }

    private static Finding said(Feature f, List<String> rings) {
        Finding found = f.peopleTakenCareOf()
                ? Finding.of(RuleId.PEOPLE_NOT_YET_OUT, CAUTION, f).with("who", Arg.name(f.protectedBy()))
                : Finding.of(RuleId.PEOPLE_NOBODY_NAMED, STOP, f);
        return found.with("animals", Arg.flag(f.kind() == FeatureKind.ANIMAL_PEN))
                .with("rings", Arg.names(rings));
    }
}
