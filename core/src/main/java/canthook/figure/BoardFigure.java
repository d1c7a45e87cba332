package canthook.figure;

import canthook.board.Blank;
import canthook.board.Defect;
import canthook.breakdown.Breakdown.Lane;
import canthook.breakdown.Breakdown.Offcut;
import canthook.breakdown.Breakdown.Opened;
import canthook.breakdown.Breakdown.Piece;
import canthook.breakdown.BreakdownTask;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.sheets.SheetPlan;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A board lying on the bench, reference edge down, with what is cut from it. Millimetres from its left end and from its upper
 * edge.
 *
 * @param size as shown: length × width × thickness
 * @param runs which way its figure runs
 * @param book whether it is resawn and opened first
 * @param says why it is left alone, or what is done with it first; empty when nothing is to be said
 */
public record BoardFigure(
        String id,
        String name,
        double length,
        double width,
        String size,
        Blank.GrainFigure runs,
        boolean book,
        String says,
        List<Area> areas,
        List<Flaw> flaws) {

    /** What an area of a board becomes. */
    public enum Becomes {
        PART,
        SPARE,
        OFFCUT,
        LOST
    }

    /**
     * An area of the board.
     *
     * @param label what is pencilled on it
     * @param joined whether the figure runs on from the part to its left
     * @param kind which of the boxes wanted, from 0; −1 when it is none
     * @param box number of the box, 0 when it is none
     */
    public record Area(
            Becomes becomes,
            double x,
            double y,
            double width,
            double height,
            String label,
            boolean joined,
            int kind,
            int box) {}

    /** A defect; {@code at} is its place in the blank's list. */
    public record Flaw(
            int at, Defect.Kind kind, double x, double y, double width, double height, boolean right, boolean hides) {}

    /** A board with what is cut from it; nothing is when {@code opened} or {@code task} is null. */
    public static BoardFigure of(
            Blank blank, @Nullable Opened opened, @Nullable BreakdownTask task, String says, LengthDisplay display) {
        double width = blank.width().mm();
        List<Area> areas = new ArrayList<>();
        if (opened != null && task != null) {
            Length loss = Length.shorter(task.lossAtEnd(blank), blank.length().dividedBy(2));
            areas.add(lost(0, 0, loss.mm(), width));
            areas.add(lost(blank.length().minus(loss).mm(), 0, loss.mm(), width));
            for (Lane lane : opened.lanes()) {
                double y = width - lane.strip().upper().mm();
                double height = lane.strip().height().mm();
                for (Piece piece : lane.pieces()) {
                    areas.add(part(piece, y, height, task.boxes().size() > 1 ? roman(piece.wanted()) + " " : ""));
                }
                for (Offcut offcut : lane.offcuts()) {
                    areas.add(new Area(
                            Becomes.OFFCUT,
                            offcut.from().mm(),
                            y,
                            offcut.length().mm(),
                            height,
                            display.number(offcut.length(), Precision.LAYOUT),
                            false,
                            -1,
                            0));
                }
            }
        }
        List<Flaw> flaws = new ArrayList<>();
        for (int i = 0; i < blank.defects().size(); i++) {
            flaws.add(flaw(i, blank.defects().get(i), width));
        }
        return new BoardFigure(
                blank.id(),
                blank.name(),
                blank.length().mm(),
                width,
                display.number(blank.length(), Precision.LAYOUT) + " × "
                        + display.number(blank.width(), Precision.LAYOUT) + " × "
                        + display.text(blank.thickness(), Precision.LAYOUT),
                blank.figure(),
                opened != null && opened.book(),
                says,
                List.copyOf(areas),
                List.copyOf(flaws));
    }

    /** A sheet with the panels cut of it; nothing is when {@code opened} is null. */
    public static BoardFigure ofSheet(
            Blank sheet,
            @Nullable SheetPlan plan,
            SheetPlan.@Nullable Opened opened,
            String says,
            LengthDisplay display) {
        BoardFigure bare = of(sheet, null, null, says, display);
        if (plan == null || opened == null) {
            return bare;
        }
        double width = sheet.width().mm();
        List<Area> areas = new ArrayList<>();
        for (SheetPlan.Strip strip : opened.strips()) {
            for (SheetPlan.Piece piece : strip.pieces()) {
                for (SheetPlan.Laid laid : piece.panels()) {
                    double x = (opened.turned() ? laid.from() : piece.from()).mm();
                    double y = (opened.turned() ? piece.from() : laid.from()).mm();
                    double length = (opened.turned() ? laid.width() : piece.length()).mm();
                    double high = (opened.turned() ? piece.length() : laid.width()).mm();
                    areas.add(new Area(
                            Becomes.PART,
                            x,
                            width - y - high,
                            length,
                            high,
                            plan.task().panels().get(laid.panel()).name(),
                            false,
                            laid.panel(),
                            laid.panel() + 1));
                }
            }
        }
        for (SheetPlan.Left left : opened.left()) {
            areas.add(new Area(
                    Becomes.OFFCUT,
                    left.from().mm(),
                    width - left.across().mm() - left.width().mm(),
                    left.length().mm(),
                    left.width().mm(),
                    display.number(left.length(), Precision.LAYOUT) + " × "
                            + display.number(left.width(), Precision.LAYOUT),
                    false,
                    -1,
                    0));
        }
        return new BoardFigure(
                bare.id(),
                bare.name(),
                bare.length(),
                bare.width(),
                bare.size(),
                bare.runs(),
                false,
                says,
                List.copyOf(areas),
                bare.flaws());
    }

    /** The same to be drawn with dimensions and letters like any other figure. */
    public Figure drawn(LengthDisplay display) {
        Drawing d = new Drawing(id, name + ", " + size, display);
        d.rect("board", 0, 0, length, width);
        for (Area area : areas) {
            String role = switch (area.becomes()) {
                case PART, SPARE -> "part";
                case OFFCUT -> "offcut";
                case LOST -> "waste";
            };
            d.rect(role, area.x(), area.y(), area.width(), area.height());
            if (!area.label().isEmpty()) {
                d.note(
                        area.x() + area.width() / 2,
                        area.y() + area.height() / 2,
                        area.label(),
                        area.becomes() == Becomes.PART ? "pencil" : "note",
                        "middle",
                        null);
            }
        }
        for (Flaw flaw : flaws) {
            d.rect("kerf", flaw.x(), flaw.y(), flaw.width(), flaw.height());
        }
        d.line("reference-edge", 0, width, length, width);
        return d.done();
    }

    private static Area lost(double x, double y, double width, double height) {
        return new Area(Becomes.LOST, x, y, width, height, "", false, -1, 0);
    }

    /** @param kind put before the label when several kinds of box are cut at once */
    private static Area part(Piece piece, double y, double height, String kind) {
        return new Area(
                piece.box() == 0 ? Becomes.SPARE : Becomes.PART,
                piece.from().mm(),
                y,
                piece.length().mm(),
                height,
                piece.box() == 0
                        ? kind + "spare " + piece.letter()
                        : piece.half() == 0
                                ? kind + piece.letter() + " " + piece.box()
                                : kind + (piece.isSide() ? "A C " : "B D ") + piece.box(),
                piece.joined(),
                piece.wanted(),
                piece.box());
    }

    /** The kinds of box are told apart by I, II, III … as well as by their tint. */
    public static String roman(int kind) {
        return List.of("I", "II", "III", "IV", "V", "VI", "VII", "VIII", "IX").get(kind);
    }

    private static Flaw flaw(int at, Defect defect, double width) {
        Length low = defect.acrossFrom();
        Length high = defect.acrossTo();
        boolean right = low == null || high == null;
        double upper = high == null ? 0 : width - high.mm();
        double lower = low == null ? width : width - low.mm();
        return new Flaw(
                at,
                defect.kind(),
                defect.from().mm(),
                upper,
                defect.to().minus(defect.from()).mm(),
                lower - upper,
                right,
                defect.mayHide());
    }
}
