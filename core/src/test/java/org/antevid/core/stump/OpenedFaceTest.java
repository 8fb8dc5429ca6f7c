package org.antevid.core.stump;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.antevid.core.stem.Condition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OpenedFaceTest {
    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.247, 0.44, 0.9})
    void whatIsOfferedForOneTapNeverCountsMoreThanItSays(double hingeM) {
        List<Double> offered = OpenedFace.offeredM(hingeM);
        assertThat(offered.get(0)).isEqualTo(hingeM / 2);
        assertThat(offered.get(offered.size() - 1)).isZero();
        assertThat(offered).isSortedAccordingTo((a, b) -> Double.compare(b, a)).doesNotHaveDuplicates();
        assertThat(offered.get(1)).isLessThanOrEqualTo(0.375 * hingeM);
    }

    @Test
    void aReadingIsMoreThanAnotherWhereAnySideOrTheWoodIs() {
        OpenedFace one = new OpenedFace(0.1, 0.2, Condition.DEAD_RECENT);
        assertThat(one.moreThan(one)).isFalse();
        assertThat(new OpenedFace(0.1, 0.15, Condition.DECAYED).moreThan(one)).isFalse();
        assertThat(new OpenedFace(0.11, 0, Condition.DECAYED).moreThan(one)).isTrue();
        assertThat(new OpenedFace(0, 0.21, Condition.DECAYED).moreThan(one)).isTrue();
        assertThat(new OpenedFace(0, 0, Condition.SOUND).moreThan(one)).isTrue();
    }

    @Test
    void aWorseLookNeverCountsStrongerWood() {
        OpenedFace.Look[] looks = OpenedFace.Look.values();
        for (int i = 1; i < looks.length; i++) {
            assertThat(looks[i].wood().factor()).isLessThan(looks[i - 1].wood().factor());
        }
    }
}
