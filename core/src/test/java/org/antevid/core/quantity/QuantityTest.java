package org.antevid.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class QuantityTest {
    @Test
    void agreeingObservationsGetASmallerSigma() {
        // equal weights: mean 24, sigma 0.4/sqrt(2) = 0.283
        Estimate e = Estimate.combined(List.of(new Estimate(23.9, 0.4), new Estimate(24.1, 0.4)));
        assertThat(e.value()).isCloseTo(24, within(1e-9));
        assertThat(e.sigma()).isCloseTo(0.2828, within(1e-3));
    }

    @Test
    void disagreementIsShownNotAveragedAway() {
        // 4 m apart with sigma 0.4: chi2 = 2 (2/0.4)^2 = 50, widened by sqrt(50): 0.283 * 7.07 = 2
        assertThat(Estimate.combined(List.of(new Estimate(22, 0.4), new Estimate(26, 0.4)))
                        .sigma())
                .isCloseTo(2, within(1e-6));
    }

    @Test
    void turnsGoTheShortWay() {
        assertThat(Azimuth.turn(350, 10)).isEqualTo(20);
        assertThat(Azimuth.turn(10, 350)).isEqualTo(-20);
        assertThat(Azimuth.digits(359.6)).isEqualTo("000");
        assertThat(Azimuth.of(1, 0)).isEqualTo(90);
    }

    @Test
    void roundingGoesToTheSafeSideAndLeavesExactValuesAlone() {
        assertThat(Rounding.up(24.01, 1)).isEqualTo(24.1);
        assertThat(Rounding.up(24.1, 1)).isEqualTo(24.1);
        assertThat(Rounding.down(24.09, 1)).isEqualTo(24.0);
        assertThat(Rounding.up(1234, -2)).isEqualTo(1300);
    }

    @Test
    void notANumberIsRefusedEverywhere() {
        assertThatThrownBy(() -> Require.within(Double.NaN, 0, 1, "x"))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("x");
        assertThatThrownBy(() -> new Estimate(Double.NaN, 1)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> Estimate.combined(List.of())).isInstanceOf(RefusedInput.class);
    }
}
