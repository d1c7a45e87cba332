package canthook.server.export;

import canthook.cutlist.SawCut;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The cut list for a spreadsheet. */
final class CutsCsv {
    private CutsCsv() {}

    /** A cut a row, lengths in millimetres. */
    static String of(WorkedPlan worked) {
        StringWriter out = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(
                        "cut",
                        "parts",
                        "end",
                        "slot",
                        "pass",
                        "passes",
                        "from_mm",
                        "to_mm",
                        "depth_mm",
                        "place",
                        "place_value",
                        "face",
                        "instruction")
                .get();
        try (CSVPrinter csv = new CSVPrinter(out, format)) {
            for (SawCut cut : worked.cuts().cuts()) {
                Worked place = worked.jig().place(cut.pass());
                csv.printRecord(
                        cut.number(),
                        cut.stack(),
                        cut.pass().end().words(),
                        cut.pass().slot() + 1,
                        cut.pass().pass(),
                        cut.pass().passes(),
                        cut.pass().from().exactMm().stripTrailingZeros().toPlainString(),
                        cut.pass().to().exactMm().stripTrailingZeros().toPlainString(),
                        cut.depth().exactMm().stripTrailingZeros().toPlainString(),
                        worked.jig().placeLabel(cut.pass()),
                        place.length().exactMm().stripTrailingZeros().toPlainString(),
                        cut.face().words(),
                        cut.pass().instruction());
            }
        } catch (IOException e) {
            throw new UncheckedIOException("A list that cannot be written", e);
        }
        return out.toString();
    }
}
