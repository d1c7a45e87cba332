package canthook.server.export;

import canthook.figure.BlankFigure;
import canthook.figure.BoardFigure;
import canthook.length.LengthDisplay;
import canthook.planner.WorkedPlan;
import canthook.saw.SheetWords;
import canthook.server.breakdown.BreakdownAnswer;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The board: what it must give, how the parts lie on it, where their figure meets. Of a batch every board it is cut from. */
final class BlankSheet {
    private BlankSheet() {}

    /** @param batch how the boards of the rack are cut; null when the box is cut from one board of its own */
    static void fill(Sheet sheet, WorkedPlan worked, @Nullable BreakdownAnswer batch) throws IOException {
        if (batch != null && batch.cut() > 0) {
            boards(sheet, batch, worked.plan().display());
        } else {
            board(sheet, worked);
        }
        sheet.heading("In this order");
        List<String> stops = batch == null
                ? List.of()
                : batch.stops().stream()
                        .map(stop -> stop.length() + " " + stop.unit() + ": " + stop.what())
                        .toList();
        for (String step : SheetWords.outOfTheBoard(worked, stops)) {
            sheet.toTick(step, 9.5);
        }
    }

    private static void board(Sheet sheet, WorkedPlan worked) throws IOException {
        SheetWords words = SheetWords.of(worked);
        if (worked.plan().batch() != null) {
            sheet.written("A batch, but no board of the rack gives a part of it yet; this is one box by itself.", 10);
        }
        sheet.heading("The board: " + words.board(), 70);
        sheet.figure(BlankFigure.of(worked), 70);
        sheet.room(72);
        double top = sheet.y();
        double end = Sheet.EDGE + sheet.wide();
        double high = sheet.page().figure(BlankFigure.round(worked), Sheet.EDGE, top, 84, 62);
        sheet.at(Math.max(top + high, sheet.numbers(Sheet.EDGE + 96, end, top + 4, words.blank())) + 4);
    }

    private static void boards(Sheet sheet, BreakdownAnswer batch, LengthDisplay display) throws IOException {
        for (String kind : batch.kinds()) {
            if (batch.kinds().size() > 1) {
                sheet.written(kind, 9.5);
            }
        }
        double longest =
                batch.boards().stream().mapToDouble(BoardFigure::length).max().orElse(1);
        for (BoardFigure board : batch.boards()) {
            double wide = sheet.wide() * board.length() / longest;
            double high = wide * board.width() / board.length();
            sheet.room(high + 12);
            sheet.toTick(
                    board.name() + ", " + board.size() + (board.book() ? ": resaw first, open like a book" : ""), 10);
            sheet.down(sheet.page().figure(board.drawn(display), Sheet.EDGE, sheet.y(), wide, high) + 3);
        }
        sheet.written("Grey is lost: squaring, kerfs, defects. A number stands on an offcut that is kept.", 9);
    }
}
