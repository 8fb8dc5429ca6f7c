package org.antevid.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;

/** What was learned never loosens a rule of the house. */
class TighteningTest {
    private static Tightening any(Random r) {
        Threshold t = Threshold.values()[r.nextInt(Threshold.values().length)];
        return new Tightening(t, t.low() + r.nextDouble() * (t.high() - t.low()));
    }

    @Test
    void neverLooserWhateverIsLearnedAndInWhateverOrder() {
        Random r = new Random(17);
        for (int i = 0; i < 500; i++) {
            List<Tightening> all = List.of(any(r), any(r), any(r));
            HouseRules after = HouseRules.USUAL.tightened(all);
            for (Threshold t : Threshold.values()) {
                assertThat(t.stricter(HouseRules.USUAL.of(t), after.of(t)))
                        .as(t.name())
                        .isFalse();
            }
            assertThat(HouseRules.USUAL.tightened(List.of(all.get(2), all.get(0), all.get(1))))
                    .isEqualTo(after);
            assertThat(after.tightened(all)).isEqualTo(after);
        }
        assertThat(HouseRules.USUAL.tightened(List.of())).isEqualTo(HouseRules.USUAL);
    }

    @Test
    void itStaysWithinWhatARuleMayBe() {
        assertThatThrownBy(() -> new Tightening(Threshold.WIND_LIMIT, 1)).isInstanceOf(RefusedInput.class);
        assertThat(HouseRules.USUAL
                        .tightened(List.of(new Tightening(Threshold.WIND_LIMIT, 7)))
                        .windLimitMs())
                .isEqualTo(7);
        assertThat(HouseRules.USUAL
                        .tightened(List.of(new Tightening(Threshold.WIND_LIMIT, 12)))
                        .windLimitMs())
                .isEqualTo(10);
    }
}
