package org.antevid.core.outcome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.antevid.core.outcome.Accuracy.Measured;
import org.junit.jupiter.api.Test;

class AccuracyTest {
    private static List<Measured> misses(double... deg) {
        return DoubleStream.of(deg)
                .mapToObj(d -> new Measured(d, Optional.of(Math.abs(d) < 6)))
                .toList();
    }

    @Test
    void belowEightThereIsNoMeanAndWhatWasNotMeasuredIsCounted() {
        Accuracy a = Accuracy.of(15, misses(1, 2, 3, 1, 2, 3, 1));
        assertThat(a.numbers()).isEmpty();
        assertThat(a.measured()).isEqualTo(7);
        assertThat(a.falls()).isEqualTo(15);
    }

    /** t(0.975, 7) = 2.3646; mean 4, standard deviation 1.0690: 4 +- 0.8937. */
    @Test
    void theMeanHasStudentsInterval() {
        Accuracy.Numbers n =
                Accuracy.of(8, misses(3, 5, 3, 5, 3, 5, 3, 5)).numbers().orElseThrow();
        assertThat(n.biasDeg()).isEqualTo(4);
        assertThat(n.spreadDeg()).isCloseTo(1.0690, within(1e-4));
        assertThat(n.biasHighDeg() - n.biasDeg()).isCloseTo(0.8937, within(1e-4));
        assertThat(n.oneSided()).isTrue();
    }

    /** 12 of 13: Clopper and Pearson give 0.640 to 0.998; 8 of 8: 0.631 to 1. */
    @Test
    void theShareInsideHasItsInterval() {
        double[] deg = DoubleStream.concat(DoubleStream.generate(() -> 1).limit(12), DoubleStream.of(9))
                .toArray();
        Accuracy.Numbers n = Accuracy.of(13, misses(deg)).numbers().orElseThrow();
        assertThat(n.inside()).isEqualTo(12);
        assertThat(n.insideLow()).isCloseTo(0.6397, within(5e-4));
        assertThat(n.insideHigh()).isCloseTo(0.9981, within(5e-4));
        Accuracy.Numbers all =
                Accuracy.of(8, misses(1, -1, 1, -1, 1, -1, 1, -1)).numbers().orElseThrow();
        assertThat(all.insideLow()).isCloseTo(0.6306, within(5e-4));
        assertThat(all.insideHigh()).isEqualTo(1);
        assertThat(all.oneSided()).isFalse();
    }

    @Test
    void orderIsNoMatterMirroredMirrorsAndMoreOfTheSameNarrows() {
        Random random = new Random(3);
        for (int i = 0; i < 200; i++) {
            List<Measured> some =
                    new ArrayList<>(misses(random.doubles(9, -8, 8).toArray()));
            Accuracy.Numbers was = Accuracy.of(9, some).numbers().orElseThrow();
            List<Measured> mirrored = some.stream()
                    .map(m -> new Measured(-m.missDeg(), m.inside()))
                    .toList();
            assertThat(Accuracy.of(9, mirrored).numbers().orElseThrow().biasDeg())
                    .isCloseTo(-was.biasDeg(), within(1e-9));
            Collections.shuffle(some, random);
            Accuracy.Numbers shuffled = Accuracy.of(9, some).numbers().orElseThrow();
            assertThat(shuffled.biasDeg()).isCloseTo(was.biasDeg(), within(1e-9));
            assertThat(shuffled.spreadDeg()).isCloseTo(was.spreadDeg(), within(1e-9));
            Accuracy.Numbers twice = Accuracy.of(
                            18, Stream.concat(some.stream(), some.stream()).toList())
                    .numbers()
                    .orElseThrow();
            assertThat(twice.biasHighDeg() - twice.biasLowDeg()).isLessThan(was.biasHighDeg() - was.biasLowDeg());
        }
    }
}
