package org.antevid.app.exchange;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.antevid.app.reader.Speech;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.words.Answer;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** A table with a header, comma separated, quoted where needed, decimal points, lines ended by CR LF when written. */
public final class CsvTable {
    private static final int MOST_ROWS = 2_000;
    /** What a spreadsheet would take for a formula; quote marks before it are ours. */
    private static final Pattern LIKE_A_FORMULA = Pattern.compile("'*[=+\\-@\t\r].*", Pattern.DOTALL);

    private static final Pattern NUMBER = Pattern.compile("[+-]?[0-9.]+(e[+-]?[0-9]+)?", Pattern.CASE_INSENSITIVE);

    private CsvTable() {}

    /** One row by the names of its columns; says what is wrong with a cell and goes on. */
    public static final class Row {
        private final int number;
        private final Map<String, String> cells;
        private final List<ImportReport.Problem> problems;
        private boolean good = true;

        private Row(int number, Map<String, String> cells, List<ImportReport.Problem> problems) {
            this.number = number;
            this.cells = cells;
            this.problems = problems;
        }

        public int number() {
            return number;
        }

        public boolean good() {
            return good;
        }

        public void bad(String column, Message why) {
            good = false;
            problems.add(new ImportReport.Problem(number, column, Speech.words().say(why)));
        }

        /** What the core refuses becomes a problem of this row. */
        public void bad(RefusedInput refused) {
            refused.faults().forEach(f -> bad(f.field(), f.says()));
        }

        public String text(String column) {
            return Optional.ofNullable(cells.get(column))
                    .map(String::strip)
                    .map(CsvTable::restored)
                    .orElse("");
        }

        public String need(String column) {
            String t = text(column);
            if (t.isEmpty()) {
                bad(column, Message.of(Answer.CELL_NEEDED));
            }
            return t;
        }

        public Optional<Double> maybe(String column) {
            String t = text(column);
            if (t.isEmpty()) {
                return Optional.empty();
            }
            try {
                double v = Double.parseDouble(t);
                if (Double.isFinite(v)) {
                    return Optional.of(v);
                }
            } catch (NumberFormatException e) {
                // said below, as for a number that is not finite
            }
            bad(column, Message.of(Answer.NO_NUMBER).with("text", Arg.name(t)));
            return Optional.empty();
        }

        /** @return 0 with a problem noted when there is none */
        public double number(String column) {
            if (text(column).isEmpty()) {
                bad(column, Message.of(Answer.CELL_NEEDED));
                return 0;
            }
            return maybe(column).orElse(0.0);
        }

        public boolean yes(String column) {
            String t = text(column).toLowerCase(Locale.ROOT);
            if (!t.isEmpty() && !t.equals("yes") && !t.equals("no")) {
                bad(column, Message.of(Answer.YES_OR_NO));
            }
            return t.equals("yes");
        }

        /** @return the first value of the choice with a problem noted when the cell has none of them */
        public <E extends Enum<E>> E choice(String column, Class<E> type) {
            String t = text(column).toUpperCase(Locale.ROOT);
            for (E e : type.getEnumConstants()) {
                if (e.name().equals(t)) {
                    return e;
                }
            }
            bad(
                    column,
                    Message.of(Answer.NOT_ONE_OF)
                            .with("text", Arg.name(text(column)))
                            .with("choices", Arg.name(names(type))));
            return type.getEnumConstants()[0];
        }

        /** @return empty for an empty cell */
        public <E extends Enum<E>> Optional<E> maybeChoice(String column, Class<E> type) {
            return text(column).isEmpty() ? Optional.empty() : Optional.of(choice(column, type));
        }

        private static <E extends Enum<E>> String names(Class<E> type) {
            return java.util.Arrays.stream(type.getEnumConstants())
                    .map(e -> e.name().toLowerCase(Locale.ROOT))
                    .reduce((a, b) -> a + ", " + b)
                    .orElse("");
        }
    }

    /**
     * @param problems takes what the rows turn out to be wrong with
     * @throws RefusedInput naming columns that are missing or not known, {@code TOO_LONG} above 2,000 rows
     */
    public static List<Row> read(byte[] file, List<String> header, List<ImportReport.Problem> problems) {
        return read(file, header, problems, MOST_ROWS);
    }

    /**
     * @param most rows it may have
     * @throws RefusedInput as above
     */
    public static List<Row> read(byte[] file, List<String> header, List<ImportReport.Problem> problems, int most) {
        try (CSVParser parser = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get()
                .parse(new StringReader(StrictText.of(file)))) {
            List<String> given = parser.getHeaderNames();
            List<Fault> faults = new ArrayList<>();
            header.stream()
                    .filter(h -> !given.contains(h))
                    .forEach(h -> faults.add(new Fault(
                            "MISSING_COLUMN",
                            h,
                            Message.of(Answer.COLUMN_MISSING).with("header", Arg.name(String.join(",", header))))));
            given.stream()
                    .filter(h -> !header.contains(h))
                    .forEach(h -> faults.add(new Fault(
                            "UNKNOWN_COLUMN",
                            h.isEmpty() ? "column without a name" : h,
                            Message.of(Answer.COLUMN_UNKNOWN).with("header", Arg.name(String.join(",", header))))));
            if (!faults.isEmpty()) {
                throw new RefusedInput(faults);
            }
            List<Row> rows = new ArrayList<>();
            for (CSVRecord r : parser) {
                Row row = new Row(rows.size() + 1, r.toMap(), problems);
                if (!r.isConsistent()) {
                    row.bad(
                            "",
                            Message.of(Answer.CELLS_AND_HEADER)
                                    .with("cells", Arg.count(r.size()))
                                    .with("header", Arg.count(given.size())));
                }
                rows.add(row);
                if (rows.size() > most) {
                    throw new RefusedInput(
                            "TOO_LONG", "file", Message.of(Answer.TOO_MANY_ROWS).with("most", Arg.count(most)));
                }
            }
            return rows;
        } catch (IOException | UncheckedIOException | IllegalStateException | IllegalArgumentException e) {
            throw new RefusedInput(
                    "NOT_A_TABLE",
                    "file",
                    Message.of(Answer.NO_TABLE).with("because", Arg.name(String.valueOf(e.getMessage()))));
        }
    }

    /**
     * @return the cells of each line of a file that has no one header
     * @throws RefusedInput {@code NOT_A_TABLE}, {@code TOO_LONG}
     */
    public static List<List<String>> lines(byte[] file) {
        try (CSVParser parser = CSVFormat.RFC4180
                .builder()
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get()
                .parse(new StringReader(StrictText.of(file)))) {
            List<List<String>> lines = parser.stream()
                    .limit(MOST_ROWS + 1L)
                    .map(r -> r.stream().map(CsvTable::restored).toList())
                    .toList();
            if (lines.size() > MOST_ROWS) {
                throw new RefusedInput(
                        "TOO_LONG", "file", Message.of(Answer.TOO_MANY_ROWS).with("most", Arg.count(MOST_ROWS)));
            }
            return lines;
        } catch (IOException | UncheckedIOException | IllegalStateException | IllegalArgumentException e) {
            throw new RefusedInput(
                    "NOT_A_TABLE",
                    "file",
                    Message.of(Answer.NO_TABLE).with("because", Arg.name(String.valueOf(e.getMessage()))));
        }
    }

    /** @return the names of the columns, as far as the first line can be read */
    public static List<String> header(byte[] file) {
        String text = StrictText.of(file);
        String first = text.lines().findFirst().orElse("");
        return Stream.of(first.split(",")).map(String::strip).toList();
    }

    /** A cell that starts like a formula gets a quote mark in front, which is taken off again when it comes back. */
    private static Object harmless(Object cell) {
        return cell instanceof String s
                        && LIKE_A_FORMULA.matcher(s).matches()
                        && !NUMBER.matcher(s).matches()
                ? "'" + s
                : cell;
    }

    private static String restored(String cell) {
        return cell.startsWith("'") && LIKE_A_FORMULA.matcher(cell).matches() ? cell.substring(1) : cell;
    }

    /** @param rows cells in the order of the header; nulls are left empty */
    public static String write(List<String> header, List<List<Object>> rows) {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(
                out,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(header.toArray(String[]::new))
                        .get())) {
            for (List<Object> row : rows) {
                printer.printRecord(row.stream().map(CsvTable::harmless).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }
}
