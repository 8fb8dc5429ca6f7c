package org.antevid.app.exchange;

import java.util.List;
import org.antevid.core.message.Plain;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.RefusedInput;

/**
 * What became of a file.
 *
 * @param rows rows or things in it
 * @param problems rows left out, with column and reason; only where the leader took the good rows
 */
public record ImportReport(int rows, int added, int changed, int unchanged, List<Problem> problems) {
    private static final int MOST_NAMED = 200;

    /**
     * One thing wrong. {@code row} counts from 1 for the first row under the header, or the first thing in the file.
     */
    public record Problem(int row, String column, String reason) {}

    public ImportReport {
        problems = List.copyOf(problems);
    }

    /**
     * Nothing is taken from a file that is not right, unless the leader takes the good rows.
     *
     * @throws RefusedInput naming each bad row
     */
    public static void refuse(List<Problem> problems, boolean takeGoodRows) {
        if (!problems.isEmpty() && !takeGoodRows) {
            throw new RefusedInput(problems.stream()
                    .limit(MOST_NAMED)
                    .map(p -> new Fault(
                            "BAD_ROW",
                            "row " + p.row + (p.column.isEmpty() ? "" : ", " + p.column),
                            Plain.said(p.reason)))
                    .toList());
        }
    }
}
