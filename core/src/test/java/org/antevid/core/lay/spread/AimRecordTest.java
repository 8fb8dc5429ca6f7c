package org.antevid.core.lay.spread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.Condition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** When earlier falls of a sawyer move the next plan, and when they only are offered. */
class AimRecordTest {
    private static final LaySpread.Hinge HINGE = new LaySpread.Hinge(0.4, 0.05, 0.2, 0.1, 0.3, 22, Condition.SOUND);

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 40);
    }

    private static LaySpread by(List<Double> misses, Optional<Boolean> taken) {
        return LaySpread.of(
                LaySpread.Cutter.of(
                        LaySpread.Skill.TRAINED,
                        new PastWork(Optional.of(new AimRecord("n", "Nadia Low", misses, taken)), LossRecord.NONE)),
                HINGE);
    }

    private static LaySpread bare() {
        return LaySpread.of(LaySpread.Cutter.of(LaySpread.Skill.TRAINED), HINGE);
    }

    private static List<Double> each(int n, double deg) {
        return Collections.nCopies(n, deg);
    }

    @Test
    void belowThreeFallsNothingChanges() {
        assertThat(by(List.of(), Optional.of(true))).isEqualTo(bare());
        assertThat(by(List.of(20.0, -20.0), Optional.of(true))).isEqualTo(bare());
    }

    @Test
    void whatIsWiderHoldsAtOnceAndIsGivenBackToTheDigit() {
        LaySpread wider = by(each(3, 8), Optional.empty());
        assertThat(wider.learned().orElseThrow().wider()).isTrue();
        assertThat(wider.sigmaDeg().orElseThrow())
                .isGreaterThan(bare().sigmaDeg().orElseThrow());
        double table = bare().sawyerDeg();
        assertThat(wider.sawyerDeg()).isCloseTo(Math.sqrt((8 * table * table + 3 * 64) / 11), within(1e-12));
        LaySpread back = by(each(3, 8), Optional.of(false));
        assertThat(back.sawyerDeg()).isEqualTo(table);
        assertThat(back.sigmaDeg()).isEqualTo(bare().sigmaDeg());
        assertThat(back.half95M()).isEqualTo(bare().half95M());
    }

    @Test
    void whatIsNarrowerNeedsEightFallsAndAYes() {
        assertThat(by(each(7, 0.2), Optional.of(true)).sawyerDeg()).isEqualTo(bare().sawyerDeg());
        assertThat(by(each(7, 0.2), Optional.of(true)).learned().orElseThrow().mayBeTaken())
                .isFalse();
        assertThat(by(each(8, 0.2), Optional.empty()).sawyerDeg()).isEqualTo(bare().sawyerDeg());
        assertThat(by(each(8, 0.2), Optional.of(true)).sawyerDeg()).isLessThan(bare().sawyerDeg());
    }

    @Test
    void aPullToOneSideCountsAsErrorIsToldAndMovesNoAim() {
        List<Double> left = List.of(-4.1, -3.9, -4.0, -4.2, -3.8, -4.0, -4.1, -3.9);
        AimRecord record = new AimRecord("n", "Nadia Low", left, Optional.empty());
        assertThat(record.pullDeg().orElseThrow()).isCloseTo(-4, within(0.01));
        LaySpread with = by(left, Optional.empty());
        assertThat(with.sigmaDeg().orElseThrow())
                .isGreaterThan(bare().sigmaDeg().orElseThrow());
        assertThat(with.biasDeg()).isEqualTo(bare().biasDeg());
        assertThat(new AimRecord("n", "Nadia Low", each(7, -4), Optional.empty()).pullDeg())
                .as("seven say nothing")
                .isEmpty();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void orderAndSideAreNoMatterAndMoreOfTheSameNarrows(long seed) {
        Random r = new Random(seed);
        List<Double> misses = Stream.generate(() -> 3 * r.nextGaussian())
                .limit(8 + r.nextInt(20))
                .toList();
        double is = by(misses, Optional.of(true)).sawyerDeg();
        List<Double> other = new ArrayList<>(misses.stream().map(m -> -m).toList());
        Collections.shuffle(other, r);
        assertThat(by(other, Optional.of(true)).sawyerDeg()).isCloseTo(is, within(1e-9));
        double small = 0.5 * bare().sawyerDeg();
        int n = 8 + r.nextInt(20);
        assertThat(by(each(n + 1, small), Optional.of(true)).sawyerDeg())
                .isLessThan(by(each(n, small), Optional.of(true)).sawyerDeg());
    }

    @Test
    void onlyTheLastThirtyCount() {
        List<Double> misses = new ArrayList<>(each(30, 1));
        misses.addAll(each(50, 40));
        assertThat(by(misses, Optional.of(true))).isEqualTo(by(each(30, 1), Optional.of(true)));
        assertThatThrownBy(() -> new AimRecord("n", "Nadia Low", List.of(181.0), Optional.empty()))
                .isInstanceOf(RefusedInput.class);
    }
}
