package canthook.server.rack;

import canthook.board.Blank;
import canthook.board.Blank.GrainFigure;
import canthook.board.Blank.MoistureKnown;
import canthook.board.Defect;
import canthook.length.Length;
import canthook.refusal.Refused;
import canthook.server.rack.CsvLines.Cells;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;

/**
 * Blanks as CSV. Lengths are millimetres, or carry their unit. Defects are written one after another:
 * {@code knot 120..150; check 0..40 across 10..30 may hide}.
 */
final class BlankCsv {
    private static final List<String> COLUMNS = List.of(
            "id",
            "name",
            "length",
            "width",
            "thickness",
            "wood",
            "ring_angle",
            "moisture_pct",
            "moisture_on",
            "moisture_by",
            "figure",
            "snipe",
            "note",
            "defects",
            "scrap");
    private static final List<String> REQUIRED = List.of("name", "length", "width", "thickness", "wood");
    private static final long MOST_LINES = 2000;
    private static final Pattern DEFECT = Pattern.compile(
            "(\\w+)\\s+(.+?)\\s*\\.\\.\\s*(.+?)(?:\\s+across\\s+(.+?)\\s*\\.\\.\\s*(.+?))?(\\s+may hide)?",
            Pattern.CASE_INSENSITIVE);

    private BlankCsv() {}

    /** Rows as read: blanks once their ids are known. */
    record Rows(List<Function<String, Blank>> blanks, List<String> names, List<String> ids) {}

    /** @param knows whether a wood of this id is known */
    static Rows read(InputStream in, Function<String, Boolean> knows) {
        Rows rows = new Rows(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        CsvLines.read(in, REQUIRED, Set.copyOf(COLUMNS), MOST_LINES, cells -> {
            Blank blank = blank(cells);
            if (!knows.apply(blank.wood())) {
                throw new Refused(
                        "wood", "No wood is known here by the name “" + CsvLines.shortened(blank.wood()) + "”.");
            }
            String id = cells.text("id");
            if (!id.isEmpty() && rows.ids().contains(id)) {
                throw new Refused("id", "The id “" + CsvLines.shortened(id) + "” is in the file twice.");
            }
            rows.blanks().add(blank::withId);
            rows.names().add(blank.name());
            rows.ids().add(id);
        });
        return rows;
    }

    private static Blank blank(Cells cells) {
        return new Blank(
                cells.has("id") ? cells.text("id") : "new",
                cells.wanted("name"),
                cells.length("length"),
                cells.length("width"),
                cells.length("thickness"),
                cells.wanted("wood"),
                cells.has("ring_angle") ? cells.number("ring_angle") : 0,
                moisture(cells),
                cells.has("figure") ? word(GrainFigure.class, "figure", cells.text("figure")) : GrainFigure.STRAIGHT,
                yes("snipe", cells.text("snipe")),
                cells.text("note"),
                defects(cells.text("defects")),
                yes("scrap", cells.text("scrap")));
    }

    private static @Nullable MoistureKnown moisture(Cells cells) {
        if (!cells.has("moisture_pct")) {
            return null;
        }
        return new MoistureKnown(
                cells.number("moisture_pct"),
                cells.wanted("moisture_on"),
                cells.has("moisture_by")
                        ? word(MoistureKnown.By.class, "moisture_by", cells.text("moisture_by"))
                        : MoistureKnown.By.METER);
    }

    private static boolean yes(String column, String text) {
        return switch (text.toLowerCase(Locale.ROOT)) {
            case "yes", "true", "1" -> true;
            case "", "no", "false", "0" -> false;
            default ->
                throw new Refused(column, column + " is yes or no; “" + CsvLines.shortened(text) + "” is neither.");
        };
    }

    private static List<Defect> defects(String text) {
        List<Defect> defects = new ArrayList<>();
        for (String one : text.split(";")) {
            if (one.isBlank()) {
                continue;
            }
            Matcher written = DEFECT.matcher(one.strip());
            if (!written.matches()) {
                throw new Refused(
                        "defects",
                        "A defect is written like “knot 120..150” or “check 0..40 across 10..30 may hide”; “"
                                + CsvLines.shortened(one.strip()) + "” is not.");
            }
            boolean partly = written.group(4) != null;
            defects.add(new Defect(
                    word(Defect.Kind.class, "defects", written.group(1)),
                    CsvLines.length("defects", written.group(2)),
                    CsvLines.length("defects", written.group(3)),
                    partly ? CsvLines.length("defects", written.group(4)) : null,
                    partly ? CsvLines.length("defects", written.group(5)) : null,
                    written.group(6) != null));
        }
        return defects;
    }

    static <E extends Enum<E>> E word(Class<E> type, String column, String text) {
        for (E choice : type.getEnumConstants()) {
            if (choice.name().equalsIgnoreCase(text.replace(' ', '_').replace('-', '_'))) {
                return choice;
            }
        }
        throw new Refused(
                column,
                column + ": “" + CsvLines.shortened(text) + "” is not one of "
                        + Arrays.stream(type.getEnumConstants())
                                .map(BlankCsv::written)
                                .collect(Collectors.joining(", "))
                        + ".");
    }

    static String written(Enum<?> choice) {
        return choice.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    static String write(List<Blank> blanks) {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
            csv.printRecord(COLUMNS);
            for (Blank blank : blanks) {
                MoistureKnown moisture = blank.moisture();
                csv.printRecord(
                        blank.id(),
                        CsvLines.guarded(blank.name()),
                        mm(blank.length()),
                        mm(blank.width()),
                        mm(blank.thickness()),
                        blank.wood(),
                        plain(blank.ringAngle()),
                        moisture == null ? "" : plain(moisture.percent()),
                        moisture == null ? "" : CsvLines.guarded(moisture.on()),
                        moisture == null ? "" : written(moisture.by()),
                        written(blank.figure()),
                        blank.snipe() ? "yes" : "no",
                        CsvLines.guarded(blank.note()),
                        blank.defects().stream().map(BlankCsv::written).collect(Collectors.joining("; ")),
                        blank.scrap() ? "yes" : "no");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static String written(Defect defect) {
        String across = defect.acrossFrom() == null || defect.acrossTo() == null
                ? ""
                : " across " + mm(defect.acrossFrom()) + ".." + mm(defect.acrossTo());
        return written(defect.kind()) + " " + mm(defect.from()) + ".." + mm(defect.to()) + across
                + (defect.mayHide() ? " may hide" : "");
    }

    private static String mm(Length length) {
        return length.exactMm().stripTrailingZeros().toPlainString();
    }

    static String plain(double number) {
        return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
    }
}
