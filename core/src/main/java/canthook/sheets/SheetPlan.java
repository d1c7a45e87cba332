package canthook.sheets;

import canthook.board.Blank;
import canthook.length.Length;
import java.util.List;
import java.util.stream.Stream;

/**
 * Panels laid on sheets, cut in three stages: strips are ripped, strips crosscut to pieces, pieces trimmed to panels.
 *
 * @param opened sheets that are cut, in their order on the rack
 * @param goals what was aimed at, in order, how far it was reached and what no plan can pass
 */
public record SheetPlan(SheetTask task, List<Opened> opened, List<Goal> goals) {
    public SheetPlan {
        opened = List.copyOf(opened);
        goals = List.copyOf(goals);
    }

    /** What is aimed at, in this order. */
    public enum Aim {
        /** Panels made. */
        PANELS,
        /** Area of whole sheets opened, mm². */
        AREA,
        /** Largest single rectangle left on what was opened, mm². */
        LEFT
    }

    /** @param bound that no plan passes: the most there could be of panels and of what is left, the least there could be of area */
    public record Goal(Aim aim, double reached, double bound) {
        /** Share by which the bound is away from what was reached; 0 when proven. */
        public double gap() {
            double away = Math.abs(bound - reached);
            return away < 1e-6 * Math.max(1, Math.abs(bound)) ? 0 : away / Math.max(Math.abs(bound), Math.abs(reached));
        }

        public boolean isProven() {
            return gap() == 0;
        }
    }

    /**
     * One sheet with its cuts.
     *
     * @param turned whether the rips run across the sheet's length, which they may where no grain binds
     * @param strips from the edge that lies against the fence
     * @param left rectangles that are over
     */
    public record Opened(Blank sheet, boolean turned, List<Strip> strips, List<Left> left) {
        public Opened {
            strips = List.copyOf(strips);
            left = List.copyOf(left);
        }

        /** Along the rips. */
        public Length ripLength() {
            return turned ? sheet.width() : sheet.length();
        }

        /** Across the rips. */
        public Length ripWidth() {
            return turned ? sheet.length() : sheet.width();
        }

        private Stream<Laid> laid() {
            return strips.stream().flatMap(s -> s.pieces().stream()).flatMap(p -> p.panels().stream());
        }

        /** How many panels it gives. */
        public int panels() {
            return (int) laid().count();
        }

        /** How many of one panel it gives. */
        public int panels(int panel) {
            return (int) laid().filter(l -> l.panel() == panel).count();
        }
    }

    /** @param from its lower edge, across the rips */
    public record Strip(Length from, Length width, List<Piece> pieces) {
        public Strip {
            pieces = List.copyOf(pieces);
        }
    }

    /** @param from its left end, along the strip */
    public record Piece(Length from, Length length, List<Laid> panels) {
        public Piece {
            panels = List.copyOf(panels);
        }
    }

    /**
     * A panel in its piece.
     *
     * @param panel which of the task's
     * @param from its lower edge, across the rips
     * @param width across the rips
     * @param turned whether its {@code along} lies across the rips
     */
    public record Laid(int panel, Length from, Length width, boolean turned) {}

    /** A clear rectangle that is over, as it lies on the sheet: along its length and across it, whichever way it is ripped. */
    public record Left(Length from, Length across, Length length, Length width) {
        public double area() {
            return length.mm() * width.mm();
        }
    }

    public int made() {
        return opened.stream().mapToInt(Opened::panels).sum();
    }

    /** How many of one panel are made. */
    public int made(int panel) {
        return opened.stream().mapToInt(o -> o.panels(panel)).sum();
    }

    public boolean isComplete() {
        return made() == task.wanted();
    }
}
