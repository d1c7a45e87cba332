package canthook.figure;

import canthook.building.SquareRead;
import canthook.building.SquareRead.FiveCuts;
import canthook.building.SquareRead.Hinge;
import canthook.building.Squareness;
import canthook.building.Squareness.Answer;
import canthook.planner.WorkedPlan;
import java.util.Optional;

/** The fence from above, the maker at its lower side: where it turns, and which way its other end goes; drawn far too much. */
public final class SquareFigure {
    private static final double WIDE = 300;
    private static final double SHOWN = 16;

    private SquareFigure() {}

    /** Empty while no five cuts were made. */
    public static Optional<Figure> of(WorkedPlan worked, SquareRead read, Squareness squareness) {
        FiveCuts five = read.fiveCuts();
        Optional<Answer> answer = squareness.answers().stream()
                .filter(a -> a.id().equals("five-cuts"))
                .findFirst();
        if (five == null || answer.isEmpty()) {
            return Optional.empty();
        }
        Drawing d = new Drawing("square", answer.get().says(), worked.plan().display());
        boolean left = five.hinge() == Hinge.LEFT;
        double pivot = left ? 0 : WIDE;
        double end = left ? WIDE : 0;
        double moves = answer.get().moves();
        double by = moves == 0 ? 0 : Math.copySign(SHOWN, moves);
        d.rect("build-base", -14, -60, WIDE + 28, 130);
        d.rect("cutter", WIDE / 2, -60, 3, 96);
        // as it stands, turned by far too much; and where it goes
        d.shape("fence", null, pivot, 0, end, -by, end, 16 - by, pivot, 16);
        if (by != 0) {
            d.shape("cut-away", null, pivot, 0, end, 0, end, 16, pivot, 16);
            d.line("arrow", end, by > 0 ? -by - 24 : 40 - by, end, by > 0 ? -by : 16 - by);
            d.note(
                    end,
                    by > 0 ? -by - 28 : 52 - by,
                    (by > 0 ? "towards you " : "away from you ")
                            + answer.get().number().text(worked.plan().display()),
                    "quiet",
                    left ? "end" : "start",
                    answer.get().number());
        }
        d.rect("peg", pivot - 4, 4, 8, 8);
        d.note(pivot, 34, "turns here", "quiet", left ? "start" : "end", null);
        d.note(WIDE / 2, 66, "you", "quiet", "middle", null);
        return Optional.of(d.reach(-20, -64).done());
    }
}
