package org.antevid.core.judge.crew;

import static org.antevid.core.Samples.site;
import static org.antevid.core.Samples.situation;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.message.Arg;
import org.junit.jupiter.api.Test;

class LongAtTheSawTest {
    private static Step cut(int turn, int from, int to, boolean done) {
        return new Step(
                "s" + turn,
                turn,
                Step.Kind.CROSSCUT,
                Optional.empty(),
                from,
                to,
                done,
                List.of(new Step.Post(Role.CUTTER, "nadia", Optional.empty())));
    }

    private static List<Finding> judged(Step... steps) {
        return new LongAtTheSaw()
                .check(situation(site(), List.of(), List.of(), List.of(steps)))
                .toList();
    }

    @Test
    void stepsWithoutABreakAddUp() {
        // 0 to 130 and 140 to 260: ten minutes between are no break, 260 on end
        assertThat(judged(cut(1, 0, 130, false), cut(2, 140, 260, false)))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.rule()).isEqualTo(RuleId.LONG_AT_THE_SAW);
                    assertThat(f.severity()).isEqualTo(Severity.CAUTION);
                    assertThat(f.args()).containsEntry("minutes", Arg.count(260));
                });
    }

    @Test
    void aBreakBeginsAnewAndWhatIsDoneDoesNotCount() {
        assertThat(judged(cut(1, 0, 130, false), cut(2, 145, 260, false))).isEmpty();
        assertThat(judged(cut(1, 0, 130, true), cut(2, 140, 260, false))).isEmpty();
        assertThat(judged(cut(1, 0, 240, false))).as("four hours, not more").isEmpty();
    }
}
