package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.picture.Picture;
import org.antevid.core.tangle.picture.Rest;

/** What nobody has measured or looked at in a tangle: a ring that is not known closes everything, the rest is told. */
public final class WhatIsNotKnown implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        Stream<Finding> rings = s.stillHanging()
                .filter(h -> !h.ring().notKnown().isEmpty())
                .map(h -> Finding.of(RuleId.RING_NOT_KNOWN, STOP, h.hung()));
        return Stream.concat(rings, s.place().tangle().stream().flatMap(WhatIsNotKnown::ofPicture));
    }

    private static Stream<Finding> ofPicture(Picture p) {
        Stream<Finding> supposed = p.members().stream().flatMap(m -> {
            List<Rest> rests = p.restsOf(m.label()).stream()
                    .filter(r -> r.certainty() == Rest.Certainty.SUPPOSED)
                    .toList();
            return rests.isEmpty()
                    ? Stream.<Finding>empty()
                    : Stream.of(Finding.of(RuleId.REST_SUPPOSED, CAUTION, m.label())
                            .with("rests", Arg.count(rests.size())));
        });
        Stream<Finding> hidden = p.members().stream()
                .filter(m -> !m.notSeen().isEmpty())
                .map(m -> Finding.of(RuleId.PART_NOT_SEEN, CAUTION, m.label()));
        Stream<Finding> ties = p.allRelations().stream()
                .filter(r -> r.type() == Pile.Type.BOUND && r.carries() == Pile.Carries.NOT_KNOWN)
                .map(r -> p.member(r.a()).isPresent() ? r.a() : r.b())
                .distinct()
                .map(label -> Finding.of(RuleId.TIE_NOT_KNOWN, CAUTION, label));
        return Stream.of(supposed, hidden, ties).flatMap(x -> x);
    }
}
