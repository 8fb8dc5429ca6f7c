package org.antevid.core.stump;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.antevid.core.Samples;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemState;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Splitting up the stem, and the strap that holds it: what makes either worse. */
class SplitAndStrapTest {
    static LongStream seeds() {
        return LongStream.rangeClosed(1, 40);
    }

    private static SplitRisk risk(
            double forwardNm, double lean, Condition wood, boolean seam, boolean tension, double depth) {
        return SplitRisk.of(new SplitRisk.Cut(
                Species.FRAXINUS.wood(),
                wood,
                School.OPEN_FACE,
                SplitRisk.Opening.BACK_CUT,
                0.5,
                0.5,
                depth,
                0.05,
                forwardNm,
                lean,
                Optional.empty(),
                seam,
                tension));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void moreLeanASeamTensionOrFrostNeverMakesItLessLikely(long seed) {
        Random r = new Random(seed);
        double moment = 60_000 * r.nextDouble();
        double lean = 12 * r.nextDouble();
        SplitRisk base = risk(moment, lean, Condition.SOUND, false, false, 0.12);
        for (SplitRisk worse : List.of(
                risk(moment * 1.5, lean, Condition.SOUND, false, false, 0.12),
                risk(moment, lean + 4, Condition.SOUND, false, false, 0.12),
                risk(moment, lean, Condition.FROZEN, false, false, 0.12),
                risk(moment, lean, Condition.SOUND, true, false, 0.12),
                risk(moment, lean, Condition.SOUND, false, true, 0.12))) {
            assertThat(worse.result()).as("seed %d", seed).isGreaterThanOrEqualTo(base.result());
            assertThat(worse.ratioBackCut()).isGreaterThanOrEqualTo(base.ratioBackCut() - 1e-9);
        }
        assertThat(base.ratioBore())
                .as("a bore never finds more energy")
                .isLessThanOrEqualTo(base.ratioBackCut() + 1e-9);
    }

    @Test
    void aStemLeaningHardIntoItsLayIsNotForAPlainBackCut() {
        SplitRisk r = risk(90_000, 14, Condition.SOUND, true, false, 0.1);
        assertThat(r.backCut()).isGreaterThanOrEqualTo(SplitRisk.Level.HIGH);
        assertThat(r.advice()).isNotEqualTo(SplitRisk.Advice.STANDARD);
        assertThat(risk(0, -2, Condition.SOUND, false, false, 0.12).advice())
                .as("leaning back, nothing drives it")
                .isEqualTo(SplitRisk.Advice.STANDARD);
    }

    @Test
    void aRecordedCrackOrTensionReachesTheLay() {
        Lean forward = new Lean(6, 0, 0.4);
        SplitRisk plain = split(forward, List.of());
        SplitRisk cracked = split(forward, List.of(new Defect("d", DefectKind.CRACK, 4, 6, 0, "")));
        SplitRisk tied = split(forward, List.of(new Defect("d", DefectKind.TIED_CROWN, 12, 15, 0, "")));
        assertThat(cracked.index()).isGreaterThan(plain.index());
        assertThat(cracked.ratioBackCut()).isGreaterThan(plain.ratioBackCut());
        assertThat(tied.index()).isGreaterThan(plain.index());
    }

    private static SplitRisk split(Lean lean, List<Defect> defects) {
        return LayPlan.of(
                        Samples.stem(
                                "S1", new Spot(0, 0), StemState.STANDING, Optional.of(lean), Condition.SOUND, defects),
                        Samples.toward(0, Samples.WINCH),
                        Samples.site(),
                        LayPlan.Limits.USUAL)
                .judged()
                .orElseThrow()
                .cuts()
                .split();
    }

    private static StrapHold strap(double strapM, double forwardNm, Condition wood) {
        return StrapHold.of(StrapHold.Strap.usual(Species.FRAXINUS.wood(), wood, 0.5, 0.12, 0.05, strapM, forwardNm));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aThickerStrapHoldsMoreAndMorePullLess(long seed) {
        Random r = new Random(seed);
        double thick = 0.02 + 0.1 * r.nextDouble();
        double pull = 5_000 + 80_000 * r.nextDouble();
        double ratio = strap(thick, pull, Condition.SOUND).ratio().orElseThrow();
        assertThat(strap(thick + 0.02, pull, Condition.SOUND).ratio().orElseThrow())
                .as("seed %d", seed)
                .isGreaterThan(ratio);
        assertThat(strap(thick, pull * 1.2, Condition.SOUND).ratio().orElseThrow())
                .isLessThan(ratio);
        assertThat(strap(thick, pull, Condition.DECAYED).ratio().orElseThrow()).isLessThan(ratio);
        strap(thick, pull, Condition.SOUND)
                .neededM()
                .filter(n -> n > 0.004 && n < 0.25)
                .ifPresent(
                        n -> assertThat(strap(n + 1e-6, pull, Condition.SOUND).holds())
                                .as("the thickness it asks for does hold")
                                .isTrue());
    }

    @Test
    void aStrapOfBarkOrOneThatFillsTheBackIsRefused() {
        assertThatThrownBy(() -> StrapHold.of(new StrapHold.Strap(
                        Species.FRAXINUS.wood(), Condition.SOUND, 0.5, 0.5, 0.12, 0.05, 0.02, 0.02, 1000, 0.5, 2)))
                .hasMessageContaining("STRAP_IS_BARK");
        assertThatThrownBy(() -> strap(0.4, 1000, Condition.SOUND)).hasMessageContaining("NO_WOOD_TO_BORE");
        assertThat(strap(0.05, 0, Condition.SOUND).ratio()).as("nothing pulls").isEmpty();
        assertThat(strap(0.05, 0, Condition.SOUND).holds()).isTrue();
    }
}
