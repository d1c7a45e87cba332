package canthook.server.rack;

import canthook.refusal.Refused;
import canthook.server.rack.CsvLines.Cells;
import canthook.wood.Wood;
import canthook.wood.Wood.Guess;
import canthook.wood.Wood.Kind;
import canthook.wood.Woods;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * The maker's own woods as CSV, shrinkage in percent green to oven dry. Of the two shrinkages one may be empty: it is guessed,
 * and marked.
 */
final class WoodCsv {
    private static final List<String> COLUMNS = List.of(
            "id",
            "common_name",
            "kind",
            "radial_shrinkage_pct",
            "tangential_shrinkage_pct",
            "fibre_saturation_pct",
            "specific_gravity_12pct",
            "sheet_movement_pct");
    private static final List<String> REQUIRED = List.of("common_name", "kind");
    private static final long MOST_LINES = 2000;

    private WoodCsv() {}

    record Rows(List<Function<String, Wood>> woods, List<String> names, List<String> ids) {}

    static Rows read(InputStream in) {
        Rows rows = new Rows(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        CsvLines.read(in, REQUIRED, Set.copyOf(COLUMNS), MOST_LINES, cells -> {
            Wood wood = wood(cells, cells.has("id") ? cells.text("id") : "new");
            String id = cells.text("id");
            if (Woods.published().find(id).isPresent()) {
                throw new Refused("id", "“" + id + "” is a wood of the table; give your own another id.");
            }
            if (!id.isEmpty() && rows.ids().contains(id)) {
                throw new Refused("id", "The id “" + CsvLines.shortened(id) + "” is in the file twice.");
            }
            rows.woods().add(known -> wood(wood, known));
            rows.names().add(wood.name());
            rows.ids().add(id);
        });
        return rows;
    }

    static Wood wood(Wood wood, String id) {
        return new Wood(
                id,
                wood.name(),
                wood.kind(),
                wood.radial(),
                wood.tangential(),
                wood.fibreSaturation(),
                wood.specificGravity(),
                wood.sheetMovement(),
                wood.guessed());
    }

    private static Wood wood(Cells cells, String id) {
        return Wood.own(
                id,
                cells.wanted("common_name"),
                BlankCsv.word(Kind.class, "kind", cells.wanted("kind")),
                cells.has("radial_shrinkage_pct") ? cells.number("radial_shrinkage_pct") : null,
                cells.has("tangential_shrinkage_pct") ? cells.number("tangential_shrinkage_pct") : null,
                cells.has("fibre_saturation_pct") ? cells.number("fibre_saturation_pct") : 30,
                cells.has("specific_gravity_12pct") ? cells.number("specific_gravity_12pct") : 0.5,
                cells.has("sheet_movement_pct") ? cells.number("sheet_movement_pct") : 0);
    }

    /** A guessed shrinkage is left empty, so that it is guessed again and stays marked. */
    static String write(List<Wood> woods) {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
            csv.printRecord(COLUMNS);
            for (Wood wood : woods) {
                csv.printRecord(
                        wood.id(),
                        CsvLines.guarded(wood.name()),
                        BlankCsv.written(wood.kind()),
                        wood.isSheet() || wood.guessed() == Guess.RADIAL ? "" : BlankCsv.plain(wood.radial()),
                        wood.isSheet() || wood.guessed() == Guess.TANGENTIAL ? "" : BlankCsv.plain(wood.tangential()),
                        BlankCsv.plain(wood.fibreSaturation()),
                        BlankCsv.plain(wood.specificGravity()),
                        wood.isSheet() ? BlankCsv.plain(wood.sheetMovement()) : "");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }
}
