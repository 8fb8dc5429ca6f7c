package org.antevid.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class GaugeTest {
    static LongStream seeds() {
        return LongStream.rangeClosed(1, 200);
    }

    @Test
    void aNeedThatIsNotMetNeverReadsAsMet() {
        assertThat(Gauge.of(12.4, 12.3).digits()).as("13 of 12").isZero();
        assertThat(Gauge.of(12.1, 12.9).digits()).as("12.1 of 12.9").isEqualTo(1);
        assertThat(Gauge.of(12.4, 12.3).over()).isTrue();
        assertThat(Gauge.of(5, 0).over()).as("nothing there").isTrue();
        assertThat(Gauge.of(0, 0).over()).as("nothing needed").isFalse();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theWordsAndTheBarAreOfOneMind(long seed) {
        Random r = new Random(seed);
        double need = 30 * r.nextDouble();
        double have = Math.max(0, need + r.nextGaussian());
        Gauge g = Gauge.of(need, have);
        assertThat(Rounding.up(need, g.digits()) > Rounding.down(have, g.digits()))
                .as("seed %d: %s", seed, g)
                .isEqualTo(g.over());
    }
}
