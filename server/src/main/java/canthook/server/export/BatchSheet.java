package canthook.server.export;

import canthook.cutlist.BatchCuts.Stack;
import canthook.fingers.Pace;
import canthook.finish.Task;
import canthook.plan.BatchWish;
import canthook.planner.WorkedPlan;
import canthook.saw.SheetWords.Line;
import canthook.saw.Spares;
import canthook.server.export.Lettering.Face;
import canthook.working.Worked;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** The whole batch on the wall: what of each box is done, the stacks at the saw, what is left over. */
final class BatchSheet {
    private static final double ROW = 7;
    private static final double FIRST = 22;

    private BatchSheet() {}

    static void fill(Sheet sheet, WorkedPlan worked) throws IOException {
        BatchWish batch = worked.plan().batch();
        if (batch == null || batch.count() < 2) {
            sheet.written("This is one box alone; its shop sheet has everything.", 10);
            return;
        }
        List<Line> numbers = new ArrayList<>();
        for (String id :
                List.of("cut.batch-passes", "cut.batch-setups", "cut.batch-time", "glue.in-a-row", "glue.sets")) {
            worked.number(id).ifPresent(n -> numbers.add(line(n, worked)));
        }
        sheet.at(sheet.numbers(Sheet.EDGE, Sheet.EDGE + sheet.wide(), sheet.y() + 4, numbers) + 2);
        sheet.written(
                Spares.of(batch, List.of()).says()
                        + ". What takes a spoilt part’s place gets its letter, its number and a stroke.",
                9.5);
        boxes(sheet, worked, batch.count());
        sheet.heading("The first box alone. Then, when it went together, the others in stacks");
        int number = 0;
        for (Stack stack : worked.cutsOf(2, batch.count() - 1).stacks()) {
            sheet.toTick(
                    ++number,
                    stack.says() + ", " + stack.first().pass().end().words() + ", "
                            + stack.first().face().words() + ": " + stack.passes() + " "
                            + Pace.of(worked.jig().way()).counted(stack.passes()),
                    9.5);
        }
    }

    private static Line line(Worked number, WorkedPlan worked) {
        return new Line(number.label(), number.text(worked.plan().display()));
    }

    /** A row a box, a column a step; a box to tick where they meet. */
    private static void boxes(Sheet sheet, WorkedPlan worked, int count) throws IOException {
        List<Task> steps = worked.finish().tasks().stream()
                .filter(t -> !t.hands().isZero())
                .toList();
        double wide = (sheet.wide() - FIRST) / Math.max(1, steps.size());
        for (int box = 1; box <= count; box++) {
            if (box == 1 || sheet.isNew(ROW)) {
                sheet.room(3 * ROW);
                for (int i = 0; i < steps.size(); i++) {
                    sheet.page()
                            .words(
                                    Sheet.EDGE + FIRST + i * wide,
                                    sheet.y() + 4 + (i % 2) * 4,
                                    lane(steps.get(i)) + steps.get(i).shortly(),
                                    Face.PLAIN,
                                    7.5);
                }
                sheet.down(10);
            }
            sheet.page().words(Sheet.EDGE, sheet.y() + 4.4, "box " + box, Face.BOLD, 10);
            for (int i = 0; i < steps.size(); i++) {
                sheet.page().box(Sheet.EDGE + FIRST + i * wide, sheet.y() + 0.6, 4.4, 4.4, 0.25);
            }
            sheet.down(ROW);
        }
        sheet.down(3);
    }

    private static String lane(Task step) {
        return step.lane() == Task.Lane.LID ? "lid " : "";
    }
}
