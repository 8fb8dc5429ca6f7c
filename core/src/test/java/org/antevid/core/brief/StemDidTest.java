package org.antevid.core.brief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;
import org.antevid.core.tangle.picture.LookAgain;
import org.antevid.core.tangle.picture.Moved;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Only what was to come down is undone while it has not; what changes the pile is looked at again, moved or not. */
class StemDidTest {
    private static Step step(Step.Kind kind, Optional<Work> work) {
        return new Step("x", 1, kind, Optional.of("S1"), 0, 30, false, List.of(), work, List.of());
    }

    @Test
    void whatWasToComeDownAndDidNotIsNotDone() {
        Step release = step(Step.Kind.RELEASE, Optional.empty());
        assertThat(StemDid.NOTHING.stillUp(release)).isTrue();
        assertThat(new StemDid(Moved.OTHERWISE, Optional.of(Moved.NowOn.STILL_HANGS)).stillUp(release))
                .isTrue();
        assertThat(new StemDid(Moved.AS_SAID, Optional.of(Moved.NowOn.GROUND)).stillUp(release))
                .isFalse();
        assertThat(StemDid.NOTHING.lookAgain(release)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource
    void allOtherWorkIsDoneThoughNothingMoved(Work.Kind kind) {
        Step step = step(kind.step(), Optional.of(Work.of(kind)));
        assertThat(StemDid.NOTHING.stillUp(step)).isFalse();
        assertThat(StemDid.NOTHING.lookAgain(step).contains(LookAgain.STEP_DONE))
                .as("what is cut off changes what stays, if anything does")
                .isEqualTo(kind.step() == Step.Kind.CROSSCUT && kind != Work.Kind.PIECE);
        assertThat(StemDid.NOTHING.touches(step)).isEqualTo(kind.step() == Step.Kind.CROSSCUT);
        assertThat(StemDid.NOTHING.lookAgain(step).contains(LookAgain.SEVERED)).isEqualTo(kind == Work.Kind.SEVER_TIE);
        StemDid hangs = new StemDid(Moved.AS_SAID, Optional.of(Moved.NowOn.STILL_HANGS));
        assertThat(hangs.touches(step)).isTrue();
        assertThat(hangs.lookAgain(step).contains(LookAgain.STEP_DONE)).isEqualTo(!step.cutsUp());
    }
}
