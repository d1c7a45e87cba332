package canthook.server.rack;

import canthook.length.Length;
import canthook.length.LengthReader;
import canthook.length.LengthUnit;
import canthook.length.UnreadLength;
import canthook.refusal.OneLine;
import canthook.refusal.Refused;
import java.io.BufferedInputStream;
import java.io.BufferedReader;
import java.io.FilterReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** A CSV file read line by line: what is bad is gathered with its line number, and what is good is not taken unless all is. */
final class CsvLines {
    private static final int LISTED = 20;
    private static final int LONGEST_LINE = 20_000;
    private static final String TOO_LONG = "is longer than " + LONGEST_LINE + " letters. Is it the right file?";
    private static final String NOT_TEXT = "The file is not text in UTF-8. Save it as CSV, UTF-8.";
    private final List<BadLines.Line> bad = new ArrayList<>();
    private long badLines;
    private final Map<String, Integer> columns = new TreeMap<>();

    /** What is done with each line. */
    interface EachLine {
        void take(Cells cells);
    }

    /** The cells of one line, by the name of their column. */
    final class Cells {
        private final CSVRecord row;

        private Cells(CSVRecord row) {
            this.row = row;
        }

        boolean has(String column) {
            return !text(column).isEmpty();
        }

        /** Empty when the column is not there. */
        String text(String column) {
            Integer at = columns.get(column);
            return at == null || at >= row.size() ? "" : unguarded(row.get(at).strip());
        }

        String wanted(String column) {
            String text = text(column);
            if (text.isEmpty()) {
                throw new Refused(column, column + " is empty.");
            }
            return text;
        }

        double number(String column) {
            return CsvLines.number(column, wanted(column));
        }

        /** In any unit the fields of the application take; a bare number is millimetres. */
        Length length(String column) {
            return CsvLines.length(column, wanted(column));
        }
    }

    /**
     * Words for a cell. A table program would take a cell that begins with one of {@code = + - @} for a formula and work it out; an
     * apostrophe in front says that it is words.
     */
    static String guarded(String words) {
        return isFormula(words) ? "'" + words : words;
    }

    private static String unguarded(String cell) {
        return cell.startsWith("'") && isFormula(cell.substring(1)) ? cell.substring(1) : cell;
    }

    private static boolean isFormula(String words) {
        return !words.isEmpty() && "=+-@".indexOf(words.charAt(0)) >= 0;
    }

    static double number(String column, String text) {
        try {
            double number = Double.parseDouble(text.replace(',', '.'));
            if (Double.isFinite(number)) {
                return number;
            }
        } catch (NumberFormatException e) {
            // said below, with the column
        }
        throw new Refused(column, column + ": “" + shortened(text) + "” is not a number.");
    }

    static Length length(String column, String text) {
        try {
            return LengthReader.read(column, text, LengthUnit.MILLIMETRE);
        } catch (UnreadLength e) {
            throw new Refused(column, e.getMessage() == null ? column + " cannot be read." : e.getMessage());
        }
    }

    /**
     * Reads a file.
     *
     * @param required columns that must be there; one of several names is written {@code a|b}
     * @param others columns that may be there
     * @param most lines
     * @throws BadLines when a line could not be taken
     */
    static CsvLines read(InputStream in, List<String> required, Set<String> others, long most, EachLine each) {
        CsvLines lines = new CsvLines();
        try (InputStreamReader text = new InputStreamReader(
                        withoutMark(in),
                        StandardCharsets.UTF_8
                                .newDecoder()
                                .onMalformedInput(CodingErrorAction.REPORT)
                                .onUnmappableCharacter(CodingErrorAction.REPORT));
                BufferedReader buffered = new BufferedReader(new LineLimit(text), 1 << 16)) {
            String header = firstLine(buffered);
            char separator = header.contains(";") && !header.contains(",") ? ';' : ',';
            try (CSVParser parser = CSVFormat.RFC4180
                    .builder()
                    .setDelimiter(separator)
                    .setIgnoreEmptyLines(true)
                    .get()
                    .parse(buffered)) {
                lines.read(parser, required, others, most, each);
            }
        } catch (CharacterCodingException e) {
            throw new BadLines(List.of(new BadLines.Line(1, NOT_TEXT)), 1);
        } catch (LineTooLong e) {
            throw new BadLines(List.of(new BadLines.Line(1, TOO_LONG)), 1);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (lines.badLines > 0) {
            throw new BadLines(lines.bad, lines.badLines);
        }
        return lines;
    }

    /** The first line, which is then read again with the others. */
    private static String firstLine(BufferedReader text) throws IOException {
        text.mark(LONGEST_LINE + 2);
        StringBuilder line = new StringBuilder();
        for (int c = text.read(); c >= 0 && c != '\n' && c != '\r'; c = text.read()) {
            line.append((char) c);
        }
        text.reset();
        return line.toString();
    }

    /** No line is longer than any honest one; it is refused before it is held. */
    private static final class LineLimit extends FilterReader {
        private int inLine;

        LineLimit(Reader in) {
            super(in);
        }

        @Override
        public int read() throws IOException {
            int c = super.read();
            count((char) c);
            return c;
        }

        @Override
        public int read(char[] to, int from, int length) throws IOException {
            int got = super.read(to, from, length);
            for (int i = from; i < from + got; i++) {
                count(to[i]);
            }
            return got;
        }

        private void count(char c) throws LineTooLong {
            inLine = c == '\n' || c == '\r' ? 0 : inLine + 1;
            if (inLine > LONGEST_LINE) {
                throw new LineTooLong();
            }
        }
    }

    private static final class LineTooLong extends IOException {
        private static final long serialVersionUID = 1L;
    }

    private static InputStream withoutMark(InputStream in) throws IOException {
        BufferedInputStream buffered = new BufferedInputStream(in, 1 << 16);
        buffered.mark(3);
        if (!(buffered.read() == 0xEF && buffered.read() == 0xBB && buffered.read() == 0xBF)) {
            buffered.reset();
        }
        return buffered;
    }

    private void read(CSVParser parser, List<String> required, Set<String> others, long most, EachLine each) {
        Iterator<CSVRecord> rows = parser.iterator();
        try {
            if (!rows.hasNext()) {
                bad(1, "The file is empty.");
                return;
            }
            header(rows.next(), required, others);
            if (badLines > 0) {
                return;
            }
            long count = 0;
            while (rows.hasNext()) {
                long line = parser.getCurrentLineNumber();
                CSVRecord row = rows.next();
                if (++count > most) {
                    bad(line, "More than " + most + " lines. Is it the right file?");
                    return;
                }
                try {
                    if (row.size() != columns.size()
                            && row.size()
                                    > columns.values().stream()
                                                    .mapToInt(i -> i)
                                                    .max()
                                                    .orElse(0)
                                            + 1) {
                        throw new Refused("", "has more cells than the first line has names.");
                    }
                    each.take(new Cells(row));
                } catch (Refused e) {
                    bad(line, String.valueOf(e.getMessage()));
                }
            }
            if (count == 0) {
                bad(1, "There is nothing under the names of the columns.");
            }
        } catch (UncheckedIOException e) {
            bad(
                    parser.getCurrentLineNumber() + 1,
                    e.getCause() instanceof CharacterCodingException
                            ? NOT_TEXT
                            : e.getCause() instanceof LineTooLong
                                    ? TOO_LONG
                                    : "cannot be read as CSV: " + e.getMessage());
        } catch (IllegalStateException e) {
            bad(parser.getCurrentLineNumber() + 1, "cannot be read as CSV: " + e.getMessage());
        }
    }

    private void header(CSVRecord first, List<String> required, Set<String> others) {
        Set<String> known = new HashSet<>(others);
        required.forEach(names -> known.addAll(List.of(names.split("\\|"))));
        for (int i = 0; i < first.size(); i++) {
            String name = first.get(i).strip().toLowerCase(Locale.ROOT);
            if (!known.contains(name)) {
                bad(
                        1,
                        "No column is called “" + shortened(name) + "” here. Known are "
                                + String.join(", ", sorted(required, others)) + ".");
            } else if (columns.put(name, i) != null) {
                bad(1, "The column “" + name + "” is there twice.");
            }
        }
        for (String names : required) {
            if (java.util.Arrays.stream(names.split("\\|")).noneMatch(columns::containsKey)) {
                bad(1, "The column " + names.replace("|", " or ") + " is missing.");
            }
        }
    }

    private static List<String> sorted(List<String> required, Set<String> others) {
        List<String> all = new ArrayList<>();
        required.forEach(names -> all.addAll(List.of(names.split("\\|"))));
        all.addAll(others.stream().sorted().toList());
        return all;
    }

    boolean hasColumn(String name) {
        return columns.containsKey(name);
    }

    private void bad(long line, String detail) {
        badLines++;
        if (bad.size() < LISTED) {
            bad.add(new BadLines.Line(line, detail));
        }
    }

    static String shortened(String text) {
        return text.length() > 40 ? OneLine.beginning(text, 40) + "…" : text;
    }
}
