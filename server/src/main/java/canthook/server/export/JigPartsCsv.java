package canthook.server.export;

import canthook.building.JigPart;
import canthook.building.JigToBuild;
import canthook.working.Worked;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;

/** The parts of a jig for a spreadsheet. */
final class JigPartsCsv {
    private JigPartsCsv() {}

    /** A part a row, lengths in millimetres; what is bought has none. */
    static String of(JigToBuild jig) {
        StringWriter out = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader("part", "count", "length_mm", "width_mm", "thickness_mm", "stuff", "note")
                .get();
        try (CSVPrinter csv = new CSVPrinter(out, format)) {
            for (JigPart part : jig.parts()) {
                csv.printRecord(
                        part.name(),
                        part.count(),
                        mm(part.along()),
                        mm(part.across()),
                        mm(part.thick()),
                        part.stuff(),
                        part.says());
            }
        } catch (IOException e) {
            throw new UncheckedIOException("A list that cannot be written", e);
        }
        return out.toString();
    }

    private static String mm(@Nullable Worked size) {
        return size == null ? "" : size.length().exactMm().stripTrailingZeros().toPlainString();
    }
}
