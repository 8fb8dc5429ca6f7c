package org.antevid.core.lay.spread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.Condition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** How often control was lost, blended with the table: (8 p0 + k) / (8 + n). */
class LossRecordTest {
    private static LossRecord sound(int falls, int lost, Optional<Boolean> taken) {
        return new LossRecord(
                Map.of(Condition.SOUND, new LossRecord.Count(falls, lost)),
                taken.map(t -> Map.of(Condition.SOUND, t)).orElse(Map.of()));
    }

    private static LaySpread with(LossRecord losses) {
        return LaySpread.of(
                LaySpread.Cutter.of(LaySpread.Skill.TRAINED, new PastWork(Optional.empty(), losses)),
                new LaySpread.Hinge(0.4, 0.05, 0.2, 0.1, 0.3, 22, Condition.SOUND));
    }

    @Test
    void oneLostOfSixteenCountsAtOnce() {
        LossRecord.Learned l =
                sound(16, 1, Optional.empty()).against(Condition.SOUND).orElseThrow();
        assertThat(l.blended()).isCloseTo((8 * 0.005 + 1) / 24, within(1e-12));
        assertThat(l.used()).isTrue();
        assertThat(with(sound(16, 1, Optional.empty())).lostChance()).isCloseTo(1.04 / 24, within(1e-12));
    }

    @Test
    void whatIsRarerNeedsEightFallsAndAYes() {
        assertThat(sound(7, 0, Optional.of(true)).chance(Condition.SOUND)).isEqualTo(0.005);
        assertThat(sound(8, 0, Optional.empty()).chance(Condition.SOUND)).isEqualTo(0.005);
        assertThat(sound(8, 0, Optional.of(true)).chance(Condition.SOUND)).isCloseTo(0.0025, within(1e-12));
    }

    @Test
    void twoFallsSayNothing() {
        assertThat(with(sound(2, 2, Optional.of(true)))).isEqualTo(with(LossRecord.NONE));
    }

    @Test
    void takenBackItIsToTheDigitAsWithout() {
        assertThat(with(sound(16, 4, Optional.of(false))).lostChance())
                .isEqualTo(with(LossRecord.NONE).lostChance());
    }

    @ParameterizedTest
    @EnumSource(Condition.class)
    void oneWoodSaysNothingOfAnother(Condition wood) {
        double is = sound(30, 20, Optional.empty()).chance(wood);
        double bare = LossRecord.NONE.chance(wood);
        assertThat(is).isEqualTo(wood == Condition.SOUND ? (8 * 0.005 + 20) / 38 : bare);
    }

    @Test
    void moreLostIsNeverLess() {
        double before = 0;
        for (int lost = 0; lost <= 20; lost++) {
            double chance = sound(20, lost, Optional.of(true)).chance(Condition.SOUND);
            assertThat(chance).isGreaterThan(before);
            before = chance;
        }
    }

    @Test
    void noMoreAreLostThanFell() {
        assertThatThrownBy(() -> new LossRecord.Count(3, 4)).isInstanceOf(RefusedInput.class);
    }
}
