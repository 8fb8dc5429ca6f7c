package org.antevid.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.Random;
import java.util.stream.LongStream;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Gauge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Quantities in both units, each rounded to its safe side. */
class DisplayTest {
    private static final Display METRIC = new Display(Units.METRIC, DisplayTest::english);
    private static final Display FEET = new Display(Units.FEET, DisplayTest::english);

    private static String english(QuantityWords word) {
        return Catalogue.of(Language.ENGLISH).pattern(Words.key(word)).orElseThrow();
    }

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

    /** Plain digits, whatever the sign or the size. */
    @Test
    void digitsAreThoseOfAFormatter() {
        Random r = new Random(5);
        for (int i = 0; i < 2000; i++) {
            double metres = (r.nextDouble() - 0.5) * Math.pow(10, r.nextInt(9) - 2);
            double shown = Math.rint(metres * 10) / 10 + 0.0;
            assertThat(METRIC.of(Dimension.LENGTH, metres, Side.NEAREST))
                    .isEqualTo(String.format(Locale.ROOT, "%.1f m", shown));
        }
        assertThat(METRIC.of(Dimension.LENGTH, -0.04, Side.NEAREST)).isEqualTo("0.0 m");
        assertThat(METRIC.of(Dimension.DISTANCE, 3e16, Side.NEAREST)).isEqualTo("30000000000000000 m");
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

    @Test
    void aDiameterAndWhatWasWrittenDownKeepTheirDigits() {
        assertThat(METRIC.of(Dimension.DIAMETER, 0.5188, Side.NEAREST)).isEqualTo("51.9 cm");
        assertThat(FEET.of(Dimension.DIAMETER, 0.5188, Side.NEAREST)).isEqualTo("20 1/2 in");
        assertThat(METRIC.of(Dimension.WRITTEN, 30, Side.NEAREST)).isEqualTo("30 m");
        assertThat(METRIC.of(Dimension.WRITTEN, 1.1 + 0.53, Side.NEAREST)).isEqualTo("1.63 m");
        assertThat(FEET.of(Dimension.WRITTEN, 1.63, Side.NEAREST)).isEqualTo("5 ft 4 in");
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

    /** What people cut by is on the safe side in either unit. */
    @ParameterizedTest
    @MethodSource("seeds")
    void measuresToBeSawnAreWholeStepsOnTheSafeSide(long seed) {
        double metres = 0.02 + 0.5 * new Random(seed).nextDouble();
        String up = METRIC.of(Dimension.SAWN, metres, Side.UP);
        String down = METRIC.of(Dimension.SAWN, metres, Side.DOWN);
        double upMm = Double.parseDouble(up.substring(0, up.indexOf(' ')));
        double downMm = Double.parseDouble(down.substring(0, down.indexOf(' ')));
        assertThat(upMm % 5).as("seed %d", seed).isZero();
        assertThat(upMm).as("seed %d", seed).isBetween(1000 * metres - 1 - 1e-6, 1000 * metres + 5);
        assertThat(downMm).as("seed %d", seed).isBetween(1000 * metres - 5, 1000 * metres + 1 + 1e-6);
    }

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    @Test
    void twoTenthsOfAMillimetreAreNoStepOfTheTape() {
        assertThat(METRIC.of(Dimension.SAWN, 0.0502, Side.UP)).isEqualTo("50 mm");
        assertThat(METRIC.of(Dimension.SAWN, 0.0522, Side.UP)).isEqualTo("55 mm");
        // 60 mm are 2.36 in: up to the next quarter
        assertThat(FEET.of(Dimension.SAWN, 0.06, Side.UP)).isEqualTo("2 1/2 in");
    }

    @Test
    void aNeedThatIsNotMetNeverReadsAsMet() {
        Words words = Words.of(Manner.USUAL);
        assertThat(words.pair(Gauge.of(0.0124, 0.0123), Dimension.SHORT)).isEqualTo("13 of 12 mm");
        assertThat(words.pair(Gauge.of(0.0121, 0.0129), Dimension.SHORT)).isEqualTo("12.1 of 12.9 mm");
        assertThat(words.pair(Gauge.of(2943, 13000), Dimension.PULL)).isEqualTo("3.0 of 13.0 kN (300 of 1325 kg)");
        assertThat(Words.of(new Manner(Language.SPANISH, Units.METRIC)).pair(Gauge.of(2943, 13000), Dimension.PULL))
                .isEqualTo("3.0 de 13.0 kN (300 de 1325 kg)");
    }
}
