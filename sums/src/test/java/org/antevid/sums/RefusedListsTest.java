package org.antevid.sums;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;

/** What is wrong inside a list is named by its place in it. */
class RefusedListsTest {
    private static Map<String, Object> tree(String list, Object... entries) {
        Map<String, Object> tree = new HashMap<>(Map.of("height_m", 22, "crown_radius_m", 3, "crown_base_m", 10));
        tree.putAll(Map.of("d_cut_m", 0.46, "dbh_m", 0.45, "mass_kg", 1500, "cg_m", 8.5));
        tree.put(list, Arrays.asList(entries));
        return tree;
    }

    private static void refused(String sum, Map<String, Object> input, String at) {
        assertThatThrownBy(() -> Sums.named(sum).orElseThrow().compute(input))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining(at);
    }

    @Test
    void aNeighbourWithoutHeightIsRefusedByItsPlace() {
        refused("lay_sweep", tree("neighbours", Map.of("id", "t", "e", 3, "n", 4)), "neighbours[0]");
    }

    @Test
    void nothingWhereAnEntryShouldBeIsRefusedToo() {
        Map<String, Object> whole = Map.of("id", "t", "e", 3, "n", 40, "height_m", 8, "crown_radius_m", 2, "dbh_m", 1);
        refused("lay_sweep", tree("neighbours", whole, null), "neighbours[1]");
        refused("lay_sweep", tree("targets", (Object) null), "targets");
    }
}
