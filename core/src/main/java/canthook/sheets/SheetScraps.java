package canthook.sheets;

import canthook.board.Blank;
import canthook.length.Length;
import canthook.sheets.SheetPlan.Opened;
import java.util.List;

/** What is left of a sheet and goes back on the rack. */
public final class SheetScraps {
    /** Smaller scraps are kindling. */
    private static final Length KINDLING = Length.mm(60);

    private SheetScraps() {}

    /** One blank for each rectangle, named after the sheet, its length along the grain. */
    public static List<Blank> of(Opened opened) {
        Blank from = opened.sheet();
        return opened.left().stream()
                .filter(l -> !l.length().isUnder(KINDLING) && !l.width().isUnder(KINDLING))
                .map(l -> new Blank(
                        "scrap",
                        from.name(),
                        l.length(),
                        l.width(),
                        from.thickness(),
                        from.wood(),
                        from.ringAngle(),
                        from.moisture(),
                        from.figure(),
                        false,
                        "",
                        List.of(),
                        true))
                .toList();
    }
}
