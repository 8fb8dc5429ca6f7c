package org.antevid.sums;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.words.Language;
import org.antevid.words.Manner;
import org.antevid.words.Units;
import org.antevid.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** An answer in the units of who reads it, and how it moves. */
class AnswerTableTest {
    private static final Map<String, Object> WEDGES =
            Map.of("mass_kg", 2000, "back_offset_m", 0.3, "cg_height_m", 9, "hinge_offset_m", 0.15, "wedge_arm_m", 0.3);

    private static Words in(Units units) {
        return Words.of(new Manner(Language.ENGLISH, units));
    }

    private static AnswerTable.Row row(AnswerTable t, String name) {
        return t.rows().stream().filter(r -> r.name().equals(name)).findFirst().orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "METRIC, m, 22, m, 1",
        "METRIC, m, 0.4, mm, 1000",
        "METRIC, N, 20000, kN, 0.001",
        "METRIC, N, 250, N, 1",
        "FEET, m, 22, ft, 3.280840",
        "FEET, m, 0.4, in, 39.370079",
        "FEET, mm, 30, in, 0.0393701",
        "FEET, kg, 900, lb, 2.204623",
        "FEET, N, 250, lb, 0.224809",
        "FEET, N m, 5000, ft lb, 0.737562",
        "FEET, m/s, 12, mph, 2.236936",
        "FEET, MPa, 27, psi, 145.0377",
        "FEET, deg, 12, °, 1",
        "FEET, '', 2, '', 1",
    })
    void aNumberIsReadInTheUnitsOfItsReader(Units units, String code, double size, String unit, double per) {
        Unit.Scale scale = Unit.coded(code).read(units, size);
        assertThat(scale.unit()).isEqualTo(unit);
        assertThat(scale.per()).isCloseTo(per, within(per * 1e-5));
    }

    @Test
    void everyFieldOfEverySumHasAUnitSomebodyReads() {
        for (Units units : Units.values()) {
            Sums.all().forEach(s -> s.fields()
                    .forEach(f -> assertThat(f.scale(units).per())
                            .as(s.name() + " " + f.name())
                            .isPositive()));
        }
    }

    @Test
    void theSameAnswerIsSaidInBothUnits() {
        Sum wedges = Sums.named("wedges").orElseThrow();
        AnswerTable metric = wedges.table(WEDGES, in(Units.METRIC));
        AnswerTable feet = wedges.table(WEDGES, in(Units.FEET));
        String force = "force_total_N";
        double n = ((Number) wedges.compute(WEDGES).get(force)).doubleValue();
        assertThat(row(metric, force).shown()).contains(AnswerTable.digits(n / 1000));
        assertThat(row(metric, force).unit()).isEqualTo("kN");
        assertThat(row(feet, force).shown()).contains(AnswerTable.digits(n / 4.4482216));
        assertThat(row(feet, force).unit()).isEqualTo("lb");
        assertThat(row(feet, force).words()).isEqualTo("force total");
        assertThat(metric.main()).contains("lift_needed_m");
        assertThat(row(metric, "lift_needed_m").unit()).isEqualTo("mm");
        assertThat(metric.rows()).hasSameSizeAs(feet.rows());
    }

    @Test
    void whatIsNotKnownIsSaidSoAndWhatIsNestedStandsBeneath() {
        Map<String, Object> answer = new HashMap<>();
        answer.put("margin_s", null);
        answer.put("rows", List.of(Map.of("low_m", 0.02, "open", true)));
        answer.put("miss_m", Arrays.asList(1.23456, 2));
        answer.put("warnings", List.of("UNUSUAL:wind_side_Nm", "TOO_THIN"));
        AnswerTable t = AnswerTable.of(answer, Optional.of("low_m"), in(Units.METRIC));
        assertThat(row(t, "margin_s").shown()).contains("not known");
        assertThat(row(t, "rows").shown()).isEmpty();
        assertThat(row(t, "low_m").depth()).isEqualTo(2);
        assertThat(row(t, "low_m").shown()).contains("20");
        assertThat(row(t, "open").shown()).contains("yes");
        assertThat(row(t, "miss_m").shown()).contains("1.235, 2");
        assertThat(t.warnings()).containsExactly("wind side is unusual", "too thin");
    }

    @Test
    void everyPointOfACurveIsComputed() {
        Sum wedges = Sums.named("wedges").orElseThrow();
        Curve metric = wedges.curve(WEDGES, Optional.of("mass_kg"), Units.METRIC);
        Curve feet = wedges.curve(WEDGES, Optional.of("mass_kg"), Units.FEET);
        assertThat(metric.points()).hasSizeGreaterThan(20);
        assertThat(metric.at()).contains(2000.0);
        assertThat(feet.at().orElseThrow()).isCloseTo(2000 / 0.45359237, within(1e-6));
        assertThat(feet.points()).hasSameSizeAs(metric.points());
        Curve.Point p = metric.points().get(7);
        Map<String, Object> there = new HashMap<>(WEDGES);
        there.put("mass_kg", p.x());
        double liftM = ((Number) wedges.compute(there).get("lift_needed_m")).doubleValue();
        assertThat(p.y()).isCloseTo(1000 * liftM, within(1e-6));
    }

    @Test
    void theNumberASumIsAboutHasItsUncertainty() {
        AnswerTable height = Sums.named("height_angles")
                .orElseThrow()
                .table(Map.of("distance_m", 20, "top", 40, "base", -3), in(Units.METRIC));
        assertThat(height.main()).contains("height_m");
        assertThat(height.plusMinus()).as("in the unit of the height, up").contains("0.2 m");
    }

    @Test
    void whereNobodySaysTheFieldThatMovesItMostIsMoved() {
        Sum wedges = Sums.named("wedges").orElseThrow();
        Curve c = wedges.curve(WEDGES, Optional.empty(), Units.METRIC);
        assertThat(c.against()).as("the lift does not depend on the mass").isNotEqualTo("mass_kg");
        assertThat(c.points().get(0).y()).isNotEqualTo(c.points().get(24).y());
    }

    @Test
    void nothingMovesAgainstWhatIsNoNumber() {
        Sum hinge = Sums.named("hinge").orElseThrow();
        Map<String, Object> input = Map.of("hinge_length_m", 0.4, "hinge_thick_m", 0.04);
        assertThatThrownBy(() -> hinge.curve(input, Optional.of("genus"), Units.METRIC))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("against");
    }

    @ParameterizedTest
    @CsvSource({
        "d_low_m, m, diameter low",
        "sigma_girth_m, m, standard deviation of girth",
        "cg_from_thick_end_m, m, centre of gravity from thick end",
        "mor_MPa, MPa, strength in bending",
        "lay_deg, deg, lay"
    })
    void shortNamesOfTheOpenInterfaceAreReadSpeltOut(String name, String unit, String words) {
        assertThat(Unit.coded(unit).words(name)).isEqualTo(words);
    }
}
