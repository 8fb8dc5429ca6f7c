package org.antevid.core.judge.crew;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;
import org.junit.jupiter.api.Test;

class UsualMinutesTest {
    private static UsualMinutes felling(List<Integer> took) {
        return UsualMinutes.of(Step.Kind.FELL, Optional.empty(), took);
    }

    @Test
    void fewerThanThreePastStepsSayNothing() {
        assertThat(felling(List.of())).isEqualTo(felling(List.of(5, 6)));
        assertThat(felling(List.of(5, 6)).from()).isZero();
        assertThat(felling(List.of(5, 6)).spread()).isEmpty();
        assertThat(UsualMinutes.of(Step.Kind.PREPARE, Optional.of(Work.of(Work.Kind.SHUT)), List.of())
                        .likelyMin())
                .isLessThan(felling(List.of()).likelyMin());
    }

    @Test
    void theMiddleOfThePastStepsCountsAndOfTwoTheLonger() {
        assertThat(felling(List.of(40, 12, 20)).likelyMin()).isEqualTo(20);
        UsualMinutes four = felling(List.of(40, 12, 20, 25));
        assertThat(four.likelyMin()).isEqualTo(25);
        assertThat(four.spread()).contains(new Step.Spread(12, 40));
        assertThat(four.from()).isEqualTo(4);
    }

    @Test
    void aLongDayLeavesOnlyWhatIsLeftOfIt() {
        UsualMinutes left = felling(List.of(40, 12, 20)).atMost(15);
        assertThat(left.likelyMin()).isEqualTo(15);
        assertThat(left.spread()).isEmpty();
        assertThat(felling(List.of(40, 12, 20)).atMost(20).spread()).isPresent();
    }

    @Test
    void itLiesWithinItsSpreadWhateverTheyTook() {
        Random seeded = new Random(27);
        for (int i = 0; i < 500; i++) {
            List<Integer> took =
                    seeded.ints(3 + seeded.nextInt(20), -5, 3000).boxed().toList();
            UsualMinutes u = felling(took);
            assertThat(u.likelyMin())
                    .isBetween(
                            u.spread().orElseThrow().leastMin(),
                            u.spread().orElseThrow().mostMin())
                    .isBetween(1, 1440);
        }
    }
}
