package org.antevid.core.stem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Spot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Weights beside what was reckoned: ln f = sum of ln ratios / (n + 4). */
class MassRecordTest {
    static LongStream seeds() {
        return LongStream.rangeClosed(1, 40);
    }

    private static MassRecord.Learned of(List<Double> ratios, Optional<Boolean> taken) {
        return new MassRecord(Species.ALNUS, MassPart.STEM, ratios, taken)
                .learned()
                .orElseThrow();
    }

    private static StemReading alder(WeighedBefore before) {
        return new StemReading(
                        "S1",
                        Species.ALNUS,
                        StemState.STANDING,
                        new Spot(0, 0),
                        Optional.of(new Estimate(0.4, 0.01)),
                        Optional.of(new Estimate(15, 0.5)),
                        Optional.empty(),
                        Optional.of(3.0),
                        Condition.SOUND,
                        StemMass.Shape.FOREST,
                        StemMass.Crown.FOREST_BROADLEAF,
                        List.of(),
                        false)
                .weighed(before);
    }

    private static double massKg(WeighedBefore before) {
        return alder(before).mass(0.3).orElseThrow().massKg();
    }

    @Test
    void nothingWeighedChangesNothing() {
        assertThat(new MassRecord(Species.ALNUS, MassPart.STEM, List.of(), Optional.of(true)).learned())
                .isEmpty();
        assertThat(alder(WeighedBefore.NOTHING).mass(0.3))
                .isEqualTo(alder(WeighedBefore.NOTHING).mass(0.3));
    }

    @Test
    void oneAFifthHeavierCountsAFifthOfThatAtOnce() {
        MassRecord.Learned l = of(List.of(1.22), Optional.empty());
        assertThat(l.factor()).isCloseTo(Math.exp(Math.log(1.22) / 5), within(1e-12));
        assertThat(l.used()).isTrue();
        assertThat(l.low()).isLessThan(1);
        assertThat(l.high()).isGreaterThan(l.factor());
    }

    @Test
    void aWeightBelowTheEstimateLightensNothingBeforeEightAndAYes() {
        List<Double> seven = Collections.nCopies(7, 0.8);
        List<Double> eight = Collections.nCopies(8, 0.8);
        assertThat(of(seven, Optional.of(true)).used()).isFalse();
        assertThat(of(seven, Optional.empty()).mayBeTaken()).isFalse();
        assertThat(of(eight, Optional.empty()).used()).isFalse();
        assertThat(of(eight, Optional.of(true)).used()).isTrue();
        assertThat(of(eight, Optional.of(true)).factor()).isCloseTo(Math.pow(0.8, 8.0 / 12), within(1e-12));
    }

    @Test
    void stemAndCrownAreTakenApart() {
        Optional<MassRecord.Learned> heavy = Optional.of(of(List.of(1.5, 1.5, 1.5), Optional.empty()));
        double f = heavy.orElseThrow().factor();
        StemMass bare = alder(WeighedBefore.NOTHING).mass(0.3).orElseThrow();
        StemMass stem =
                alder(new WeighedBefore(heavy, Optional.empty())).mass(0.3).orElseThrow();
        StemMass crown =
                alder(new WeighedBefore(Optional.empty(), heavy)).mass(0.3).orElseThrow();
        assertThat(stem.stemKg()).isCloseTo(f * bare.stemKg(), within(1e-9));
        assertThat(stem.crownKg()).isCloseTo(bare.crownKg(), within(1e-9));
        assertThat(crown.stemKg()).isEqualTo(bare.stemKg());
        assertThat(crown.crownKg()).isCloseTo(f * bare.crownKg(), within(1e-9));
    }

    @Test
    void takenBackItIsToTheDigitAsWithout() {
        WeighedBefore not = new WeighedBefore(Optional.of(of(List.of(1.4, 1.3), Optional.of(false))), Optional.empty());
        assertThat(massKg(not)).isEqualTo(massKg(WeighedBefore.NOTHING));
        assertThat(massKg(not.otherwise(MassPart.STEM))).isGreaterThan(massKg(not));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void orderIsNoMatterAndMoreOfTheSameNarrows(long seed) {
        Random draws = new Random(seed);
        List<Double> ratios = new ArrayList<>();
        for (int i = 0; i < 3 + draws.nextInt(6); i++) {
            ratios.add(0.7 + 0.8 * draws.nextDouble());
        }
        MassRecord.Learned one = of(ratios, Optional.empty());
        List<Double> other = new ArrayList<>(ratios);
        Collections.shuffle(other, draws);
        assertThat(of(other, Optional.empty()).factor()).isCloseTo(one.factor(), within(1e-12));
        List<Double> twice = new ArrayList<>(ratios);
        twice.addAll(ratios);
        MassRecord.Learned more = of(twice, Optional.empty());
        assertThat(Math.log(more.high() / more.low())).isLessThan(Math.log(one.high() / one.low()));
        assertThat(Math.abs(Math.log(more.factor()))).isGreaterThanOrEqualTo(Math.abs(Math.log(one.factor())) - 1e-12);
    }

    @Test
    void logsOfOneStemAddUp() {
        StemReading s = alder(WeighedBefore.NOTHING);
        double whole = s.logKg(0.3, 15).orElseThrow();
        assertThat(s.logKg(0.3, 4).orElseThrow() + s.logKg(4, 15).orElseThrow()).isCloseTo(whole, within(1e-9));
        assertThat(whole).isCloseTo(s.mass(0.3).orElseThrow().stemKg(), within(1e-9));
    }

    @Test
    void whatNoScaleReadsIsRefused() {
        assertThatThrownBy(() -> of(List.of(20.0), Optional.empty())).isInstanceOf(RefusedInput.class);
    }

    /** What lifts gets heavier, what holds down or helps over gets no better. */
    @Test
    void heavierWoodRaisesWhatIsLiftedAndNotWhatHelps() {
        WeighedBefore heavy = new WeighedBefore(Optional.of(of(List.of(1.6, 1.5), Optional.empty())), Optional.empty());
        StemMass was = alder(WeighedBefore.NOTHING).mass(0.3).orElseThrow();
        StemMass is = alder(heavy).mass(0.3).orElseThrow();
        assertThat(is.massHighKg()).isGreaterThan(was.massHighKg());
        assertThat(is.massLowKg()).isEqualTo(was.massLowKg());
        PieceMass.Density piece = alder(heavy).density();
        PieceMass.Density before = alder(WeighedBefore.NOTHING).density();
        assertThat(piece.high()).isGreaterThan(before.high());
        assertThat(piece.low()).isEqualTo(before.low());
    }
}
