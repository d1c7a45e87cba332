package canthook.server.export;

import canthook.figure.BlankFigure;
import canthook.planner.WorkedPlan;
import canthook.saw.Jobs;
import canthook.saw.SheetWords;
import java.io.IOException;

/** The board: what it must give, how the parts lie on it, where their figure meets. */
final class BlankSheet {
    private BlankSheet() {}

    static void fill(Sheet sheet, WorkedPlan worked) throws IOException {
        SheetWords words = SheetWords.of(worked);
        if (worked.plan().batch() != null) {
            sheet.written(
                    "Cut in a batch from boards of the rack: which part comes from which board stands at Blank.", 10);
        }
        sheet.heading("The board: " + words.board());
        sheet.figure(BlankFigure.of(worked), 70);
        sheet.room(72);
        double top = sheet.y();
        double end = Sheet.EDGE + sheet.wide();
        double high = sheet.page().figure(BlankFigure.round(worked), Sheet.EDGE, top, 84, 62);
        sheet.at(Math.max(top + high, sheet.numbers(Sheet.EDGE + 96, end, top + 4, words.blank())) + 4);
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
