package org.antevid.core.judge.crew;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;
import org.junit.jupiter.api.Test;

class UsualMinutesTest {
    /** Judged at half an hour. */
    private static UsualMinutes felling(List<Integer> took) {
        return UsualMinutes.of(Optional.empty(), took);
    }

    @Test
    void withoutPastStepsItIsJudgement() {
        UsualMinutes none = felling(List.of());
        assertThat(none.likelyMin()).isEqualTo(none.judgedMin()).isEqualTo(30);
        assertThat(none.spread()).isEmpty();
        assertThat(none.fasterMin()).isEmpty();
        assertThat(UsualMinutes.of(Optional.of(Work.of(Work.Kind.SHUT)), List.of())
                        .likelyMin())
                .isLessThan(30);
    }

    /** ln f = 3 ln 2 / 7: 30 becomes 40.4 minutes, said as 41. */
    @Test
    void whatTookLongerMakesItLongerAtOnce() {
        assertThat(felling(List.of(60, 60, 60)).likelyMin()).isEqualTo(41);
        assertThat(felling(List.of(60)).likelyMin()).isEqualTo(35);
        assertThat(felling(List.of(60)).slower()).isTrue();
        assertThat(felling(List.of(60)).spread()).isEmpty();
        assertThat(felling(List.of(60, 12, 90)).spread()).contains(new Step.Spread(12, 90));
    }

    /** ln f = 8 ln (1/2) / 12: 30 becomes 18.9, said as 19. */
    @Test
    void whatWentFasterShortensNothingBeforeEightAndAPersonsYes() {
        UsualMinutes seven = felling(Collections.nCopies(7, 15));
        assertThat(seven.likelyMin()).isEqualTo(30);
        assertThat(seven.fasterMin()).isEmpty();
        UsualMinutes eight = felling(Collections.nCopies(8, 15));
        assertThat(eight.likelyMin()).isEqualTo(30);
        assertThat(eight.fasterMin()).contains(19);
        assertThat(eight.spread()).contains(new Step.Spread(15, 30));
    }

    @Test
    void oneThatWasLeftOpenOvernightDoesNotOutweighTheOthers() {
        assertThat(felling(List.of(1440)).likelyMin())
                .isEqualTo(felling(List.of(300)).likelyMin());
    }

    @Test
    void theOrderInWhichTheyWereDoneIsNoMatterAndWhatTookAsLongAsJudgedChangesNothing() {
        assertThat(felling(List.of(10, 70, 40))).isEqualTo(felling(List.of(40, 10, 70)));
        assertThat(felling(Collections.nCopies(20, 30)).likelyMin()).isEqualTo(30);
    }

    @Test
    void aLongDayLeavesOnlyWhatIsLeftOfIt() {
        UsualMinutes left = felling(List.of(40, 42, 40)).atMost(15);
        assertThat(left.likelyMin()).isEqualTo(15);
        assertThat(left.spread()).isEmpty();
        assertThat(felling(List.of(40, 42, 40)).atMost(60).spread()).isPresent();
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
