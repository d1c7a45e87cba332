package canthook.breakdown;

import static canthook.SeedLibrary.mm;

import canthook.board.Blank;
import canthook.board.Defect;
import canthook.breakdown.BreakdownTask.Habits;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.plan.BatchWish.Break;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Boards and boxes for tests of the cutting. */
public final class Boards {
    private Boards() {}

    public static Blank board(String id, double length, double width, double thickness, Defect... defects) {
        return new Blank(
                id,
                id,
                mm(length),
                mm(width),
                mm(thickness),
                "cherry-black",
                0,
                null,
                Blank.GrainFigure.STRAIGHT,
                false,
                "",
                List.of(defects));
    }

    public static Defect knot(double from, double to) {
        return Defect.across(Defect.Kind.KNOT, mm(from), mm(to));
    }

    /** Sides 248.8, ends 166.8, ripped to 96.5, 9 thick. */
    public static Wanted drawers(int count) {
        return drawers(count, 0, 0);
    }

    public static Wanted drawers(int count, int spareSides, int spareEnds) {
        return box("drawer", 248.8, 166.8, 96.5, count, spareSides, spareEnds);
    }

    public static Wanted box(
            String name, double side, double end, double rip, int count, int spareSides, int spareEnds) {
        return new Wanted(
                name,
                mm(side),
                mm(end),
                mm(rip),
                mm(9),
                mm(9),
                "cherry-black",
                "cherry-black",
                count,
                spareSides,
                spareEnds);
    }

    public static Habits habits(Break broken) {
        return new Habits(mm(10), mm(60), mm(3.2), mm(3.2), mm(1.5), mm(1), broken, false);
    }

    public static BreakdownTask task(List<Wanted> boxes, Break broken, Blank... blanks) {
        return new BreakdownTask(boxes, List.of(blanks), habits(broken));
    }

    /** Boards of random length, each with so many knots at random places. */
    public static List<Blank> random(Random random, int count, int knots, double least, double spread, double width) {
        List<Blank> boards = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double length = Math.rint(least + random.nextDouble() * spread);
            List<Defect> defects = new ArrayList<>();
            for (int k = 0; k < knots; k++) {
                double at = Math.rint(12 + random.nextDouble() * (length - 80));
                Defect knot = knot(at, at + 15 + random.nextInt(40));
                if (defects.stream().noneMatch(d -> d.from().isUnder(knot.to()) && d.to().isOver(knot.from()))) {
                    defects.add(knot);
                }
            }
            boards.add(board("b" + i, length, width, 10, defects.toArray(new Defect[0])));
        }
        return boards;
    }
}
