package canthook.server.export;

import canthook.fingers.Joint;
import canthook.plan.BatchWish;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import canthook.refusal.OneLine;
import canthook.server.export.Lettering.Face;
import java.io.IOException;

/** A label a part, to cut out and stick on its outside: A3 is side A of box 3. The thick edge of a label lies at the reference edge. */
final class LabelSheet {
    private static final int ACROSS = 3;
    private static final double HIGH = 26;
    private static final double GAP = 3;

    private LabelSheet() {}

    static void fill(Sheet sheet, WorkedPlan worked) throws IOException {
        BatchWish batch = worked.plan().batch();
        int boxes = batch == null ? 1 : batch.count();
        sheet.written("Outside of the part. The thick line at the reference edge.", 9.5);
        double wide = (sheet.wide() - (ACROSS - 1) * GAP) / ACROSS;
        int column = 0;
        for (int box = 1; box <= boxes; box++) {
            for (Part part : Part.values()) {
                if (column == 0) {
                    sheet.room(HIGH + GAP);
                }
                label(sheet, worked, part, boxes == 1 ? "" : String.valueOf(box), column * (wide + GAP), wide);
                column = (column + 1) % ACROSS;
                if (column == 0) {
                    sheet.down(HIGH + GAP);
                }
            }
        }
        if (column > 0) {
            sheet.down(HIGH + GAP);
        }
    }

    private static void label(Sheet sheet, WorkedPlan worked, Part part, String box, double x, double wide)
            throws IOException {
        double left = Sheet.EDGE + x;
        double top = sheet.y();
        Joint joint = worked.fingers().joint();
        sheet.page().box(left, top, wide, HIGH, 0.2);
        sheet.page().line(left, top + HIGH, left + wide, top + HIGH, 1.4);
        sheet.page().words(left + 3, top + 12, part.name() + box, Face.BOLD, 26);
        sheet.page()
                .words(
                        left + 24,
                        top + 7,
                        (part.isSide() ? "side " : "end ") + part.name() + (box.isEmpty() ? "" : " of box " + box),
                        Face.PLAIN,
                        9);
        sheet.page()
                .words(
                        left + 24,
                        top + 12,
                        "end 1 " + joint.kind(new PartEnd(part, 1)).words(),
                        Face.PLAIN,
                        7.5);
        sheet.page()
                .words(
                        left + 24,
                        top + 16,
                        "end 2 " + joint.kind(new PartEnd(part, 2)).words(),
                        Face.PLAIN,
                        7.5);
        String name = worked.plan().name();
        sheet.page()
                .words(
                        left + 3,
                        top + 22,
                        name.length() > 34 ? OneLine.beginning(name, 33) + "…" : name,
                        Face.PLAIN,
                        8);
    }
}
