package org.antevid.core.takedown.picks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.picks.ChartFile.Head;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The maker's chart as an open file: what is taken and what is refused, naming the row. */
class ChartFileTest {
    static List<List<String>> lines() {
        return new ArrayList<>(List.of(
                List.of("machine", "tracked crane 2.9 t"),
                List.of("configuration", "all legs out"),
                List.of("counterweight", "none"),
                List.of("boom_m", "12"),
                List.of("outriggers", "full"),
                List.of("sector", "all round"),
                List.of("date", "2025-03-01"),
                List.of("source", "made up"),
                List.of("radius_m", "capacity_kg"),
                List.of("2", "2900"),
                List.of("4", "1600"),
                List.of("6", "1000"),
                List.of("8", "700"),
                List.of("10", "480")));
    }

    private static void refused(List<List<String>> lines, String said) {
        assertThatThrownBy(() -> ChartFile.of(lines))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining(said);
    }

    @Test
    void aGoodOneIsTakenAndComesOutAsItWentIn() {
        ChartFile c = ChartFile.of(lines());
        assertThat(c.of(Head.CONFIGURATION)).isEqualTo("all legs out");
        assertThat(c.chart().rows()).hasSize(5);
        assertThat(ChartFile.of(c.lines())).isEqualTo(c);
    }

    @ParameterizedTest
    @EnumSource(Head.class)
    void eachLineOfTheHeadIsNeeded(Head head) {
        List<List<String>> lines = lines();
        lines.removeIf(l -> l.get(0).equals(head.key()));
        refused(lines, head.key() + ": NEEDED");
    }

    @Test
    void whatCannotBeAChartIsRefusedByItsRow() {
        List<List<String>> rising = lines();
        rising.set(11, List.of("6", "1700"));
        refused(rising, "chart[2].capacity_kg: CHART_RISES");
        List<List<String>> back = lines();
        back.set(11, List.of("3", "1000"));
        refused(back, "chart[2].radius_m: BAD_CHART");
        List<List<String>> words = lines();
        words.set(12, List.of("8", "much"));
        refused(words, "line 13, capacity_kg: NOT_A_NUMBER");
        List<List<String>> short1 = new ArrayList<>(lines().subList(0, 10));
        refused(short1, "radius_m: CHART_ROWS");
        List<List<String>> strange = lines();
        strange.add(3, List.of("colour", "green"));
        refused(strange, "line 4, colour: NOT_IN_CHART");
    }

    @Test
    void tonnesAreNotTakenForKilograms() {
        List<List<String>> tonnes = new ArrayList<>(lines().subList(0, 9));
        tonnes.add(List.of("2", "2.9"));
        tonnes.add(List.of("4", "1.6"));
        refused(tonnes, "capacity_kg: TONNES");
    }

    @Test
    void oneConfigurationAFile() {
        List<List<String>> two = lines();
        two.addAll(lines());
        refused(two, "line 15, machine: TWO_CONFIGURATIONS");
        List<List<String>> twice = lines();
        twice.add(List.of("radius_m", "capacity_kg"));
        refused(twice, "line 15, radius_m: TWO_CONFIGURATIONS");
    }
}
