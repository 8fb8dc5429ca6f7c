package org.antevid.core.judge.cut;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.message.Dimension.SPEED;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Message;

/**
 * What is acknowledged once for the day and all its trees: bark nobody looked at, and what hinge, line, strap and wood
 * stand less of than the gust at which work stops, with the gust that is then read back.
 */
enum Today implements Code {
    HOLDS_TO,
    STRAPS,
    SPLITS,
    BARK;

    static Optional<Finding> of(List<CutPlan> cards, Situation s) {
        List<Message> said = new ArrayList<>();
        cards.stream()
                .filter(p -> p.lay().gustLimitMs(s.windLimitMs()) < s.windLimitMs() - 1e-9)
                .map(p -> Message.of(HOLDS_TO)
                        .with("stem", Arg.name(CardRule.label(p)))
                        .with("gust", Arg.down(SPEED, p.lay().gustLimitMs(s.windLimitMs())))
                        .with("limit", Arg.down(SPEED, s.windLimitMs())))
                .forEach(said::add);
        named(STRAPS, cards, p -> !p.inWind().strapHolds()).ifPresent(said::add);
        named(SPLITS, cards, p -> p.inWind().splits()).ifPresent(said::add);
        if (cards.stream().anyMatch(p -> p.lay().choice().cuts().barkM().isEmpty())) {
            said.add(Message.of(BARK));
        }
        return said.isEmpty()
                ? Optional.empty()
                : Optional.of(Finding.ofJob(RuleId.TODAY, CAUTION).with("what", Arg.all(said)));
    }

    private static Optional<Message> named(Today what, List<CutPlan> cards, Predicate<CutPlan> so) {
        List<String> stems = cards.stream().filter(so).map(CardRule::label).toList();
        return stems.isEmpty() ? Optional.empty() : Optional.of(Message.of(what).with("stems", Arg.names(stems)));
    }
}
