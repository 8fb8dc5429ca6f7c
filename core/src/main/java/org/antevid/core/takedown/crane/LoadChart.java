package org.antevid.core.takedown.crane;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * The maker's load chart of one configuration. It is stepped to the next larger radius; outside it there is never a
 * number. Local code and the maker outrank it.
 */
public record LoadChart(List<Row> rows) {
    private static final double SLACK = 1e-9;

    public record Row(double radiusM, double capacityKg) {}

    /** What is shown beside the step; never used. */
    public enum Mode {
        STEP,
        LINEAR,
        HARMONIC;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * @param rowRadiusM of the row that counts
     * @param betweenKg shown beside it; empty where only the step is asked for
     */
    public record Capacity(
            double radiusUsedM,
            double rowRadiusM,
            double capacityKg,
            Optional<Double> betweenKg,
            List<Remarks.Told> remarks) {}

    /** @throws RefusedInput {@code BAD_CHART} for a radius that does not rise or a capacity that does */
    public LoadChart {
        rows = List.copyOf(rows);
        for (int i = 1; i < rows.size(); i++) {
            if (rows.get(i).radiusM <= rows.get(i - 1).radiusM) {
                throw new RefusedInput(Refusal.BAD_CHART, "chart[" + i + "].radius_m");
            }
            if (rows.get(i).capacityKg > rows.get(i - 1).capacityKg) {
                throw new RefusedInput(Refusal.CHART_RISES, "chart[" + i + "].capacity_kg");
            }
        }
    }

    /**
     * @param marginM the boom bends out under load, and radii are measured with an error
     * @throws RefusedInput {@code OUT_OF_CHART} naming {@code field}
     */
    public Capacity at(double radiusM, double marginM, Mode mode, String field) {
        double used = radiusM + marginM;
        if (radiusM < rows.get(0).radiusM - SLACK) {
            throw new RefusedInput(Refusal.OUT_OF_CHART, field);
        }
        int i = 0;
        while (i < rows.size() && rows.get(i).radiusM < used - SLACK) {
            i++;
        }
        if (i == rows.size()) {
            throw new RefusedInput(Refusal.OUT_OF_CHART, field);
        }
        Row row = rows.get(i);
        int at = i;
        return new Capacity(
                used,
                row.radiusM,
                row.capacityKg,
                Optional.of(mode).filter(m -> m != Mode.STEP).map(m -> between(used, at, m)),
                new Remarks().when(mode != Mode.STEP, Remark.BETWEEN_ROWS).told());
    }

    private double between(double used, int i, Mode mode) {
        Row high = rows.get(i);
        if (i == 0) {
            return high.capacityKg;
        }
        Row low = rows.get(i - 1);
        double share = (used - low.radiusM) / (high.radiusM - low.radiusM);
        return mode == Mode.LINEAR
                ? low.capacityKg + share * (high.capacityKg - low.capacityKg)
                : 1 / (1 / low.capacityKg + share * (1 / high.capacityKg - 1 / low.capacityKg));
    }
}
