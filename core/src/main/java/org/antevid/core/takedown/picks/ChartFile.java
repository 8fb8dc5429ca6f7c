package org.antevid.core.takedown.picks;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.takedown.crane.LoadChart;

/**
 * The maker's load chart of one configuration as an open file: a line for each {@link Head}, then
 * {@code radius_m,capacity_kg} and its rows. It is the maker's; nobody interpolates in it.
 */
public record ChartFile(Map<Head, String> head, LoadChart chart) {
    private static final String RADIUS = "radius_m";
    private static final String CAPACITY = "capacity_kg";
    /** No crane that is worth a chart carries less than this at its shortest radius: then it is tonnes (judgement). */
    private static final double LEAST_KG = 100;

    private static final int LEAST_ROWS = 2;
    private static final int MOST_ROWS = 80;
    private static final int MOST_LETTERS = 80;

    /** What stands above the rows; all of it is needed, so that it can be confirmed against the machine. */
    public enum Head {
        MACHINE,
        CONFIGURATION,
        COUNTERWEIGHT,
        BOOM_M,
        OUTRIGGERS,
        SECTOR,
        DATE,
        SOURCE;

        /** @return as the file writes it */
        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        private static Optional<Head> of(String key) {
            return List.of(values()).stream()
                    .filter(h -> h.key().equals(key.strip().toLowerCase(Locale.ROOT)))
                    .findFirst();
        }
    }

    public ChartFile {
        head = Map.copyOf(head);
    }

    public String of(Head h) {
        return head.getOrDefault(h, "");
    }

    /**
     * @param lines cells of each line of the file
     * @throws RefusedInput {@code MISSING} naming a head, {@code TWO_CONFIGURATIONS}, {@code NOT_A_NUMBER} and
     *     {@code BAD_CHART} naming the row, {@code TONNES}, {@code UNKNOWN_FIELD}
     */
    public static ChartFile of(List<List<String>> lines) {
        Map<Head, String> head = new EnumMap<>(Head.class);
        List<LoadChart.Row> rows = new ArrayList<>();
        boolean table = false;
        for (int i = 0; i < lines.size(); i++) {
            List<String> line = lines.get(i);
            String first = line.isEmpty() ? "" : line.get(0).strip();
            if (first.isEmpty()) {
                continue;
            }
            Optional<Head> h = Head.of(first);
            boolean columns = first.equalsIgnoreCase(RADIUS);
            if (columns && table || h.filter(head::containsKey).isPresent() || table && h.isPresent()) {
                throw new RefusedInput(Refusal.TWO_CONFIGURATIONS, at(i, first));
            }
            if (h.isPresent()) {
                head.put(h.get(), Require.text(cell(line, i), MOST_LETTERS, at(i, first)));
            } else if (columns) {
                if (!cell(line, i).equalsIgnoreCase(CAPACITY)) {
                    throw new RefusedInput(Refusal.NEEDED, at(i, CAPACITY));
                }
                table = true;
            } else if (!table) {
                throw new RefusedInput(Refusal.NOT_IN_CHART, at(i, first));
            } else {
                rows.add(new LoadChart.Row(number(first, at(i, RADIUS)), number(cell(line, i), at(i, CAPACITY))));
            }
        }
        return whole(head, rows);
    }

    private static ChartFile whole(Map<Head, String> head, List<LoadChart.Row> rows) {
        for (Head h : Head.values()) {
            if (!head.containsKey(h)) {
                throw new RefusedInput(Refusal.NEEDED, h.key());
            }
        }
        Require.within(number(Require.present(head, Head.BOOM_M), Head.BOOM_M.key()), 1, 200, Head.BOOM_M.key());
        if (rows.size() < LEAST_ROWS || rows.size() > MOST_ROWS) {
            throw new RefusedInput(
                    Message.of(Refusal.CHART_ROWS)
                            .with("least", Arg.count(LEAST_ROWS))
                            .with("most", Arg.count(MOST_ROWS)),
                    RADIUS);
        }
        rows.forEach(r -> {
            Require.within(r.radiusM(), 0.5, 200, RADIUS);
            Require.within(r.capacityKg(), 0.001, 2e6, CAPACITY);
        });
        if (rows.get(0).capacityKg() < LEAST_KG) {
            throw new RefusedInput(Refusal.TONNES, CAPACITY);
        }
        return new ChartFile(head, new LoadChart(rows));
    }

    private static String at(int line, String what) {
        return "line " + (line + 1) + ", " + what;
    }

    private static String cell(List<String> line, int i) {
        if (line.size() < 2) {
            throw new RefusedInput(Refusal.NEEDED, at(i, line.get(0)));
        }
        return line.get(1).strip();
    }

    private static double number(String text, String field) {
        try {
            double v = Double.parseDouble(text);
            if (Double.isFinite(v)) {
                return v;
            }
        } catch (NumberFormatException e) {
            // said below, as for a number that is not finite
        }
        throw new RefusedInput(Refusal.NOT_A_NUMBER, field);
    }

    /** @return the lines of the file, to be written */
    public List<List<String>> lines() {
        List<List<String>> all = new ArrayList<>();
        for (Head h : Head.values()) {
            all.add(List.of(h.key(), of(h)));
        }
        all.add(List.of(RADIUS, CAPACITY));
        chart.rows().forEach(r -> all.add(List.of(String.valueOf(r.radiusM()), String.valueOf(r.capacityKg()))));
        return List.copyOf(all);
    }
}
