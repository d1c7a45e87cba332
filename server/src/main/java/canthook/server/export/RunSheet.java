package canthook.server.export;

import canthook.cutlist.CutList;
import canthook.cutlist.SawCut;
import canthook.jig.Setting;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.planner.WorkedPlan;
import canthook.saw.Jobs;
import canthook.saw.SetUpGate;
import canthook.working.Worked;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** The cut list to be followed on paper: set-up, every cut with a box to tick, and the same as CSV. */
final class RunSheet {
    private static final float LEFT = 42;
    private static final float LEADING = 15;

    private RunSheet() {}

    /** A cut a row, lengths in millimetres. */
    static String csv(WorkedPlan worked) {
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

    /** One line of the sheet. */
    private record Line(String tick, String words, boolean bold) {}

    static byte[] pdf(WorkedPlan worked, Paper paper) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            Lettering lettering = new Lettering(document);
            float width = (float) (paper.height() * 72 / 25.4);
            float height = (float) (paper.width() * 72 / 25.4);
            List<Line> lines = lines(worked);
            int perPage = (int) ((height - 110) / LEADING);
            int pages = (lines.size() + perPage - 1) / perPage;
            for (int page = 0; page < pages; page++) {
                PDPage sheet = new PDPage(new PDRectangle(width, height));
                document.addPage(sheet);
                try (PDPageContentStream to = new PDPageContentStream(document, sheet)) {
                    lettering.write(to, LEFT, height - 46, worked.plan().name() + ": run sheet", Lettering.BOLD, 14);
                    lettering.write(
                            to, width - 110, height - 46, "page " + (page + 1) + " of " + pages, Lettering.PLAIN, 9);
                    float y = height - 72;
                    for (Line line : lines.subList(page * perPage, Math.min(lines.size(), (page + 1) * perPage))) {
                        if (!line.tick().isEmpty()) {
                            to.addRect(LEFT, y - 1.5f, 9, 9);
                            to.stroke();
                            lettering.write(to, LEFT + 15, y, line.tick(), Lettering.BOLD, 9.5f);
                        }
                        lettering.write(
                                to,
                                line.tick().isEmpty() ? LEFT : LEFT + 46,
                                y,
                                line.words(),
                                line.bold() ? Lettering.BOLD : Lettering.PLAIN,
                                9.5f);
                        y -= LEADING;
                    }
                }
            }
            document.getDocumentInformation().setTitle(worked.plan().name() + ": run sheet");
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("A page that cannot be written", e);
        }
    }

    private static List<Line> lines(WorkedPlan worked) {
        LengthDisplay display = worked.plan().display();
        CutList list = worked.cuts();
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(
                "",
                worked.jig().way().words() + ". " + list.passes().count() + " passes, "
                        + list.settings().count() + " set-ups, about "
                        + list.time().text(display) + ".",
                false));
        lines.add(new Line("", "Cut these", true));
        jobs(worked, Jobs.When.BEFORE_JOINT, lines);
        lines.add(new Line("", "Set up", true));
        Setting building = worked.jig().setting();
        if (building != null) {
            for (Worked number : worked.jig().numbers()) {
                if (number.id().startsWith("jig.build-")
                        || number.id().startsWith("jig.key")
                        || number.id().startsWith("jig.spacer")
                        || number.id().startsWith("jig.pitch-spacer")
                        || number.id().startsWith("jig.odd-spacer")
                        || number.id().startsWith("jig.fence")
                        || number.id().startsWith("jig.dividers")) {
                    lines.add(new Line(" ", number.label() + ": " + number.text(display) + ".", false));
                }
            }
        }
        for (SetUpGate.Check check : SetUpGate.of(worked)) {
            lines.add(new Line(" ", check.says(), false));
        }
        Setting setting = worked.jig().setting();
        if (setting != null) {
            lines.add(new Line("", setting.errors(), false));
        }
        int from = 0;
        for (CutList.Setup setup : list.setups()) {
            lines.add(new Line("", "", false));
            lines.add(new Line(
                    "",
                    setup.stack() + ", " + setup.end().words() + ", " + display.text(setup.depth(), Precision.CALIPER)
                            + " deep, " + setup.face().words()
                            + (setup.upTo() == null
                                    ? ""
                                    : ", nothing above " + display.text(setup.upTo(), Precision.CALIPER)),
                    true));
            for (SawCut cut : list.cuts().subList(from, from + setup.passes())) {
                Worked place = worked.jig().place(cut.pass());
                // a key gives the place by itself; other ways are set to it
                String set = worked.jig().key().isPresent()
                                && place.length().equals(cut.pass().from())
                        ? ""
                        : "   " + worked.jig().placeLabel(cut.pass()) + " " + place.text(display);
                lines.add(new Line(
                        String.valueOf(cut.number()),
                        cut.pass().title() + "   " + display.number(cut.pass().from(), Precision.CALIPER) + " to "
                                + display.text(cut.pass().to(), Precision.CALIPER) + set + "   "
                                + cut.pass().instruction(),
                        false));
            }
            from += setup.passes();
        }
        lines.add(new Line("", "", false));
        lines.add(new Line("", "After the joint", true));
        jobs(worked, Jobs.When.AFTER_JOINT, lines);
        return wrapped(lines);
    }

    private static void jobs(WorkedPlan worked, Jobs.When when, List<Line> lines) {
        for (Jobs.Job job : Jobs.of(worked)) {
            if (job.when() == when) {
                lines.add(new Line(" ", job.says(), false));
            }
        }
    }

    /** Long lines go on below. */
    private static List<Line> wrapped(List<Line> lines) {
        List<Line> out = new ArrayList<>();
        for (Line line : lines) {
            String rest = line.words();
            String tick = line.tick();
            int most = tick.isEmpty() ? 108 : 98;
            while (rest.length() > most) {
                int at = rest.lastIndexOf(' ', most);
                at = at < 20 ? most : at;
                out.add(new Line(tick, rest.substring(0, at), line.bold()));
                rest = (tick.isEmpty() ? "" : "          ") + rest.substring(at).strip();
                tick = "";
            }
            out.add(new Line(tick, rest, line.bold()));
        }
        return out;
    }
}
