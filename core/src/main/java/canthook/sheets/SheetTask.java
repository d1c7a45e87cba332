package canthook.sheets;

import canthook.board.Blank;
import canthook.length.Length;
import canthook.refusal.Refused;
import canthook.wood.Wood;
import canthook.wood.Wood.Kind;
import java.util.List;

/**
 * Panels to be cut out of sheets and wide boards.
 *
 * @param panels what is wanted
 * @param sheets that lie on the rack and may be cut
 * @param kerf of the saw, lost between neighbours
 */
public record SheetTask(List<Panel> panels, List<Blank> sheets, Length kerf) {
    /** More than this of either is not planned at one go. */
    public static final int MOST_PANELS = 400;

    public static final int MOST_KINDS = 60;
    public static final int MOST_SHEETS = 60;

    /** Sheets of one name differ by so much; what is told of a panel is the sheet that was measured. */
    private static final Length AS_THICK = Length.mm(0.3);

    public SheetTask {
        panels = List.copyOf(panels);
        sheets = List.copyOf(sheets);
        if (panels.stream().mapToInt(Panel::count).sum() > MOST_PANELS || panels.size() > MOST_KINDS) {
            throw new Refused(
                    "panels", "At most " + MOST_PANELS + " panels of " + MOST_KINDS + " sizes are planned at one go.");
        }
        if (sheets.size() > MOST_SHEETS) {
            throw new Refused("sheets", "At most " + MOST_SHEETS + " sheets at one go; pick those to plan with.");
        }
    }

    /**
     * So many equal panels.
     *
     * @param box the box they are for
     * @param name what they are called: “bottom”, “slat”
     * @param along its grain; where no grain binds, the longer way as the box has it
     * @param across its grain
     */
    public record Panel(String box, String name, Wood wood, Length along, Length across, Length thickness, int count) {
        public Panel {
            if (!along.isPositive() || !across.isPositive()) {
                throw new IllegalArgumentException("A panel of no size");
            }
        }

        /** The same, another number of them. */
        public Panel times(int many) {
            return new Panel(box, name, wood, along, across, thickness, many);
        }

        /** Solid wood and faced plywood want their grain the way it was said; fibreboard has none. */
        public boolean grainBinds() {
            return grainBinds(wood);
        }

        static boolean grainBinds(Wood wood) {
            return wood.kind() != Kind.FIBREBOARD;
        }

        /** A sheet of its wood and thickness; a solid board may be thicker, it is planed down. */
        public boolean comesOf(Blank sheet) {
            Length over = sheet.thickness().minus(thickness);
            return sheet.wood().equals(wood.id())
                    && (wood.isSheet() ? !over.abs().isOver(AS_THICK) : !over.isNegative());
        }

        /** Whether it fits on the sheet at all. */
        public boolean fitsOn(Blank sheet) {
            boolean straight = !along.isOver(sheet.length()) && !across.isOver(sheet.width());
            boolean turned = !across.isOver(sheet.length()) && !along.isOver(sheet.width());
            return straight || (turned && !grainBinds());
        }
    }

    public int wanted() {
        return panels.stream().mapToInt(Panel::count).sum();
    }
}
