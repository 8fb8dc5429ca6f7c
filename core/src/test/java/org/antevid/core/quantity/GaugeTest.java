package org.antevid.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class GaugeTest {
    private static final Pattern PAIR = Pattern.compile("([0-9.]+) of ([0-9.]+) kN on each");

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 200);
    }

    @Test
    void aNeedThatIsNotMetNeverReadsAsMet() {
        assertThat(Gauge.of(12.4, 12.3, "mm lift").words()).isEqualTo("13 of 12 mm lift");
        assertThat(Gauge.of(12.1, 12.9, "mm lift").words()).isEqualTo("12.1 of 12.9 mm lift");
        assertThat(Gauge.of(12.4, 12.3, "mm lift").over()).isTrue();
        assertThat(Gauge.ofPull(2943, 13000).words()).isEqualTo("3.0 of 13.0 kN (300 of 1325 kg)");
        assertThat(Gauge.of(5, 0, "kN").over()).as("nothing there").isTrue();
        assertThat(Gauge.of(0, 0, "kN").over()).as("nothing needed").isFalse();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theWordsAndTheBarAreOfOneMind(long seed) {
        Random r = new Random(seed);
        double need = 30 * r.nextDouble();
        double have = Math.max(0, need + r.nextGaussian());
        Gauge g = Gauge.of(need, have, "kN on each");
        Matcher m = PAIR.matcher(g.words());
        assertThat(m.matches()).isTrue();
        assertThat(Double.parseDouble(m.group(1)) > Double.parseDouble(m.group(2)))
                .as(g.words())
                .isEqualTo(g.over());
        assertThat(Double.parseDouble(m.group(1))).isGreaterThanOrEqualTo(need - 1e-9);
        assertThat(Double.parseDouble(m.group(2))).isLessThanOrEqualTo(have + 1e-9);
    }
}
