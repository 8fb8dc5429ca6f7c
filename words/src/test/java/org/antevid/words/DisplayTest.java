package org.antevid.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Side;
import org.junit.jupiter.api.Test;

/** Quantities in both units, each rounded to its safe side. */
class DisplayTest {
    private static final Display METRIC = new Display(Units.METRIC);
    private static final Display FEET = new Display(Units.FEET);

    @Test
    void needsGoUpAndCapacitiesDown() {
        assertThat(METRIC.of(Dimension.LENGTH, 24.41, Side.UP)).isEqualTo("24.5 m");
        assertThat(METRIC.of(Dimension.LENGTH, 24.49, Side.DOWN)).isEqualTo("24.4 m");
        assertThat(METRIC.of(Dimension.SHORT, 0.0412, Side.DOWN)).isEqualTo("41 mm");
        // 2040 N are 207.95 kg: 210 kg, and 2.1 kN
        assertThat(METRIC.of(Dimension.PULL, 2040, Side.UP)).isEqualTo("2.1 kN (210 kg on the rope)");
        assertThat(METRIC.of(Dimension.PULL, 2040, Side.DOWN)).isEqualTo("2.0 kN (205 kg on the rope)");
        assertThat(METRIC.of(Dimension.MASS, 1234, Side.UP)).isEqualTo("1.3 t");
        assertThat(METRIC.of(Dimension.SPEED, 8.61, Side.UP)).isEqualTo("8.7 m/s");
    }

    @Test
    void feetAndInchesErrToTheSameSide() {
        // 24.41 m are 961.02 in: 80 ft 2 in, up
        assertThat(FEET.of(Dimension.LENGTH, 24.41, Side.UP)).isEqualTo("80 ft 2 in");
        assertThat(FEET.of(Dimension.LENGTH, 24.41, Side.DOWN)).isEqualTo("80 ft 1 in");
        // 41 mm are 1.614 in
        assertThat(FEET.of(Dimension.SHORT, 0.041, Side.DOWN)).isEqualTo("1 1/2 in");
        assertThat(FEET.of(Dimension.SHORT, 0.041, Side.UP)).isEqualTo("1 5/8 in");
        // 2040 N are 458.6 lb
        assertThat(FEET.of(Dimension.PULL, 2040, Side.UP)).isEqualTo("460 lb on the rope");
        assertThat(FEET.of(Dimension.HEIGHT, 0.3048, Side.NEAREST)).isEqualTo("1 ft");
    }

    @Test
    void anAngleAndAChanceAreTheSameInAllUnits() {
        assertThat(FEET.of(Dimension.AZIMUTH, 84, Side.NEAREST)).isEqualTo("084°");
        assertThat(METRIC.of(Dimension.SECTOR, 5.7, Side.DOWN)).isEqualTo("5°");
        assertThat(FEET.of(Dimension.SECTOR, 270, Side.DOWN)).isEqualTo("270°");
        assertThat(FEET.of(Dimension.CHANCE, 0.0312, Side.UP)).isEqualTo("4 %");
        assertThat(METRIC.of(Dimension.CHANCE, 0.0004, Side.UP)).isEqualTo("< 0.1 %");
        assertThat(METRIC.of(Dimension.CHANCE, 0.0005, Side.DOWN)).isEqualTo("0.05 %");
    }

    /** Law over seeded cases: what is shown up is never less than the value, what is shown down never more. */
    @Test
    void neitherUnitEverErrsToTheOtherSide() {
        Random random = new Random(12);
        for (int i = 0; i < 2000; i++) {
            double m = 0.001 + random.nextDouble() * 60;
            assertThat(metres(FEET.of(Dimension.LENGTH, m, Side.UP)))
                    .as("%s up", m)
                    .isGreaterThanOrEqualTo(m - 1e-6);
            assertThat(metres(FEET.of(Dimension.LENGTH, m, Side.DOWN)))
                    .as("%s down", m)
                    .isLessThanOrEqualTo(m + 1e-6);
        }
    }

    private static double metres(String shown) {
        double inches = 0;
        String rest = shown;
        if (shown.contains(" ft")) {
            inches += 12 * Double.parseDouble(shown.substring(0, shown.indexOf(" ft")));
            rest = shown.substring(shown.indexOf(" ft") + 3).strip();
        }
        return 0.0254 * (inches + (rest.isEmpty() ? 0 : Double.parseDouble(rest.replace(" in", ""))));
    }
}
