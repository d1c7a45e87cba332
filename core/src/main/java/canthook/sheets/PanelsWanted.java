package canthook.sheets;

import canthook.board.Blank;
import canthook.length.Length;
import canthook.panel.CutPiece;
import canthook.planner.WorkedPlan;
import canthook.sheets.SheetTask.Panel;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What a box and the other boxes of its batch want out of sheets and wide boards: bottoms, lids, slats, dividers, as they are
 * cut.
 *
 * @param box on the bench
 * @param boxes how many of it
 * @param others with how many of each
 * @param done panels that were cut already
 */
public record PanelsWanted(WorkedPlan box, int boxes, List<Other> others, List<Panel> done) {
    /** So many of another box. */
    public record Other(WorkedPlan box, int count) {}

    public PanelsWanted {
        others = List.copyOf(others);
        done = List.copyOf(done);
    }

    /** All panels, equal ones together, those done among them. */
    public List<Panel> all() {
        List<Panel> panels = new ArrayList<>(of(box, boxes));
        others.forEach(o -> panels.addAll(of(o.box(), o.count())));
        return panels;
    }

    /** Equal pieces are one kind, called by what they have in common: “divider 1” and “divider 2” are dividers. */
    private static List<Panel> of(WorkedPlan box, int boxes) {
        Map<Panel, Integer> counts = new LinkedHashMap<>();
        for (CutPiece piece : box.pieces()) {
            Length along = piece.along().length();
            Length across = piece.across().length();
            if (!along.isPositive() || !across.isPositive()) {
                // a panel that cannot be is told of at its own station
                continue;
            }
            Panel panel = new Panel(
                    box.plan().name(),
                    piece.name().replaceAll(" \\d+$", ""),
                    piece.wood(),
                    along,
                    across,
                    piece.thickness().length(),
                    1);
            counts.merge(panel, piece.count() * boxes, Integer::sum);
        }
        return counts.entrySet().stream()
                .map(e -> e.getKey().times(e.getValue()))
                .toList();
    }

    /** What is still to be cut; a panel that was cut to another size than it has now is wanted still. */
    public List<Panel> left() {
        List<Panel> left = new ArrayList<>();
        for (Panel panel : all()) {
            int cut = done(panel);
            if (cut < panel.count()) {
                left.add(panel.times(panel.count() - cut));
            }
        }
        return left;
    }

    /** How many of a panel were cut. */
    public int done(Panel panel) {
        return Math.min(
                panel.count(),
                done.stream()
                        .filter(d -> d.times(1).equals(panel.times(1)))
                        .mapToInt(Panel::count)
                        .sum());
    }

    /**
     * @param rack all that lies on it
     * @param taken ids of boards picked for the walls
     */
    public SheetTask task(List<Blank> rack, List<String> taken) {
        List<Panel> panels = left();
        List<Blank> sheets = rack.stream()
                .filter(b -> !taken.contains(b.id()))
                .filter(b -> panels.stream().anyMatch(p -> p.comesOf(b) && p.fitsOn(b)))
                .toList();
        return new SheetTask(panels, sheets, box.blank().kerf().length());
    }
}
