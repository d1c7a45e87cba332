package canthook.server.export;

import canthook.cutlist.CutList;
import canthook.cutlist.SawCut;
import canthook.figure.JigFigure;
import canthook.jig.Setting;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.planner.WorkedPlan;
import canthook.saw.Jobs;
import canthook.saw.SetUpGate;
import canthook.saw.SheetWords;
import canthook.working.Quantity;
import canthook.working.Worked;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.springframework.util.StringUtils;

/** The cut list to be followed on paper: what to make for the jig, each set-up with a picture of how the part stands, every cut to tick. */
final class RunSheet {
    /** Pieces of the jig and where they stand, by the beginning of their number's name. */
    private static final List<String> MADE = List.of(
            "jig.build-", "jig.key", "jig.spacer", "jig.pitch-spacer", "jig.odd-spacer", "jig.fence", "jig.dividers");

    private final Sheet sheet;
    private final WorkedPlan worked;
    private final LengthDisplay display;

    private RunSheet(Sheet sheet, WorkedPlan worked) {
        this.sheet = sheet;
        this.worked = worked;
        this.display = worked.plan().display();
    }

    static void fill(Sheet sheet, WorkedPlan worked) throws IOException {
        new RunSheet(sheet, worked).draw();
    }

    private void draw() throws IOException {
        CutList list = worked.cuts();
        sheet.written(
                StringUtils.capitalize(worked.jig().way().words()) + ". "
                        + list.passes().count() + " passes, "
                        + list.settings().count() + " set-ups, about "
                        + list.time().text(display) + ".",
                10);
        sheet.heading("Cut these");
        jobs(Jobs.When.BEFORE_JOINT);
        settings();
        int from = 0;
        for (CutList.Setup setup : list.setups()) {
            setUp(setup, list.cuts().subList(from, from + setup.passes()));
            from += setup.passes();
        }
        sheet.heading("After the joint");
        jobs(Jobs.When.AFTER_JOINT);
        if (Jobs.of(worked).stream().anyMatch(job -> job.when() == Jobs.When.AFTER_GLUE)) {
            sheet.heading("Once the glue has set");
            jobs(Jobs.When.AFTER_GLUE);
        }
    }

    private void settings() throws IOException {
        sheet.heading("Set up");
        List<SheetWords.Line> lines = new ArrayList<>();
        for (Worked number : worked.jig().numbers()) {
            if (!isNothing(number) && MADE.stream().anyMatch(number.id()::startsWith)) {
                lines.add(new SheetWords.Line(number.label(), number.text(display)));
            }
        }
        sheet.room(lines.size() * 6);
        sheet.at(sheet.numbers(Sheet.EDGE, Sheet.EDGE + 95, sheet.y() + 4, lines));
        for (SetUpGate.Check check : SetUpGate.of(worked)) {
            sheet.toTick(check.says(), 9.5);
        }
        Setting setting = worked.jig().setting();
        if (setting != null) {
            sheet.written(setting.errors(), 9.5);
        }
        sheet.down(2);
    }

    /** A spacer of no thickness is not made. */
    private static boolean isNothing(Worked number) {
        return number.value().kind() == Quantity.Kind.LENGTH && !number.length().isPositive();
    }

    private void setUp(CutList.Setup setup, List<SawCut> cuts) throws IOException {
        sheet.room(62);
        sheet.heading(setup.stack() + ", " + setup.end().words() + ", "
                + display.text(setup.depth(), Precision.CALIPER) + " deep, "
                + setup.face().words()
                + (setup.upTo() == null ? "" : ", nothing above " + display.text(setup.upTo(), Precision.CALIPER)));
        if (!cuts.isEmpty()) {
            double high = sheet.page().figure(JigFigure.of(worked, cuts.get(0).pass()), Sheet.EDGE, sheet.y(), 140, 42);
            sheet.down(high + 3);
        }
        for (SawCut cut : cuts) {
            Worked place = worked.jig().place(cut.pass());
            // a key gives the place by itself; other ways are set to it
            String set = worked.jig().key().isPresent()
                            && place.length().equals(cut.pass().from())
                    ? ""
                    : "   " + worked.jig().placeLabel(cut.pass()) + " " + place.text(display);
            sheet.toTick(
                    cut.number(),
                    cut.pass().title() + "   " + display.number(cut.pass().from(), Precision.CALIPER) + " to "
                            + display.text(cut.pass().to(), Precision.CALIPER) + set + "   "
                            + cut.pass().instruction(),
                    9.5);
        }
        sheet.down(2);
    }

    private void jobs(Jobs.When when) throws IOException {
        for (Jobs.Job job : Jobs.of(worked)) {
            if (job.when() == when) {
                sheet.toTick(job.says(), 9.5);
            }
        }
    }
}
