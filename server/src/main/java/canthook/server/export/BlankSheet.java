package canthook.server.export;

import canthook.blank.CutBlank;
import canthook.figure.BlankFigure;
import canthook.length.LengthDisplay;
import canthook.planner.WorkedPlan;
import canthook.saw.Jobs;
import canthook.saw.SheetWords;
import canthook.saw.SheetWords.Line;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** The board: what it must give, how the parts lie on it, where their figure meets. */
final class BlankSheet {
    private BlankSheet() {}

    static void fill(Sheet sheet, WorkedPlan worked) throws IOException {
        CutBlank blank = worked.blank();
        LengthDisplay display = worked.plan().display();
        if (worked.plan().batch() != null) {
            sheet.written(
                    "Cut in a batch from boards of the rack: which part comes from which board stands at Blank.", 10);
        }
        sheet.heading("The board: " + SheetWords.of(worked).board());
        sheet.figure(BlankFigure.of(worked), 70);
        List<Line> lines = new ArrayList<>();
        lines.add(new Line("sides A, C", worked.size().sideLength().text(display)));
        lines.add(new Line("ends B, D", worked.size().endLength().text(display)));
        lines.add(new Line("rip first to", worked.fingers().firstRip().text(display)));
        lines.add(new Line("thick", worked.size().thickness().text(display)));
        lines.add(new Line("length needed", blank.needed().text(display)));
        lines.add(new Line("width needed", blank.neededWidth().text(display)));
        lines.add(new Line("left over", blank.left().text(display)));
        lines.add(new Line("squaring, each end", blank.squaring().text(display)));
        lines.add(new Line("kerf of the saw", blank.kerf().text(display)));
        sheet.room(72);
        double top = sheet.y();
        double end = Sheet.EDGE + sheet.wide();
        double high = sheet.page().figure(BlankFigure.round(worked), Sheet.EDGE, top, 84, 62);
        sheet.at(Math.max(top + high, sheet.numbers(Sheet.EDGE + 96, end, top + 4, lines)) + 4);
        sheet.heading("In this order");
        sheet.toTick("Joint one face and one edge, then the other face parallel; square one end.", 9.5);
        for (Jobs.Job job : Jobs.of(worked)) {
            if (job.when() == Jobs.When.BEFORE_JOINT) {
                sheet.toTick(job.says(), 9.5);
            }
        }
        sheet.toTick("Letter the parts on their outsides as they come off the board.", 9.5);
    }
}
