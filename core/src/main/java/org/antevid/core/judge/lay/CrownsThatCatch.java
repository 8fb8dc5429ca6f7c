package org.antevid.core.judge.lay;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.CHANCE;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Phrase;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.sweep.Block;
import org.antevid.core.lay.sweep.JudgedLay;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;

/** Crowns that meet early in the fall hold it. */
public final class CrownsThatCatch implements Rule {
    /** From here a chance is worth saying. */
    private static final double WORTH_SAYING = 0.2;

    @Override
    public Stream<Finding> check(Situation s) {
        return s.laysAhead().flatMap(p -> p.judged().filter(r -> r.hangUps().chance() > WORTH_SAYING).stream()
                .map(r -> said(p, r)));
    }

    private static Finding said(LayPlan p, JudgedLay row) {
        boolean blocks = row.blocks().stream().anyMatch(Block.HangsUp.class::isInstance);
        List<Map.Entry<String, Double>> crowns = row.hangUps().byNeighbour().entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue().reversed())
                .toList();
        return Finding.of(RuleId.HANGS_UP, blocks ? STOP : CAUTION, p.stem().label())
                .with(
                        "crowns",
                        Arg.several(crowns.stream()
                                .map(e -> Arg.said(Message.of(Phrase.CROWN)
                                        .with("stem", Arg.name(e.getKey()))
                                        .with("chance", Arg.up(CHANCE, e.getValue()))))
                                .toList()))
                .with("blocks", Arg.flag(blocks));
    }
}
