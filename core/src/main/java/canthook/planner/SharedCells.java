package canthook.planner;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.panel.PanelWidth;
import canthook.panel.PanelWidth.Movement;
import canthook.plan.BoxPlan;
import canthook.plan.Opening;
import canthook.plan.SharedPlace;
import canthook.plan.SharedPlace.Lies;
import canthook.refusal.Refused;
import canthook.seasons.Year;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Boxes in a shared place, and the kinds that result: doubles line up with singles.
 *
 * <pre>
 * cell          w = (W − 2e − (a − 1)·g) / a        l = (L − 2e − (b − 1)·g) / b
 * i × k cells   i·w + (i − 1)·g      by      k·l + (k − 1)·g
 * height        (D − room above) / (1 + x_wet)      walls swell in their height until the wettest day
 * </pre>
 *
 * A cell is the finished footprint: trimmed parts are the cell and twice the proud long; with proud by design the cell is the part's length.
 * Check: 412 × 287, e 1.5, g 1.0, 4 × 3 → cell 101.5 × 94.0; two cells long 204.0. A wall of 80 flat-sawn swells by about half a
 * millimetre from a shop at 8 % to a heated house, by about one to a damper home.
 *
 * @param cellWidth w
 * @param cellLength l
 * @param height of a wall today
 * @param swells what it gains until the wettest day
 * @param kinds largest footprint first
 */
public record SharedCells(
        Worked cellWidth, Worked cellLength, Worked height, Worked swells, List<Kind> kinds, List<Worked> numbers) {

    /**
     * Boxes of one size.
     *
     * @param columns cells across
     * @param rows cells along
     * @param count boxes
     * @param width finished, outside
     * @param length finished, outside
     */
    public record Kind(int columns, int rows, int count, Length width, Length length) {
        /** As its box is called: cells across by cells along. */
        public String name() {
            return columns + " × " + rows;
        }

        Length longer() {
            return Length.longer(width, length);
        }

        Length shorter() {
            return Length.shorter(width, length);
        }
    }

    /**
     * Works the cells out.
     *
     * @param like what the boxes are made of, how thick, and where they will live
     * @throws Refused when a cell is no wider than two walls, the boxes would have no height, or there are too many kinds
     */
    public static SharedCells of(SharedPlace place, BoxPlan like) {
        Worksheet sheet = new Worksheet("place");
        Worked atWall = sheet.decided("at-wall", "e", "Play at each wall", Show.LAYOUT, place.atWall(), "place.atWall");
        Worked between =
                sheet.decided("between", "g", "Play between boxes", Show.LAYOUT, place.between(), "place.between");
        Worked width = cell(sheet, "width", "w", "W", place.width(), place.columns(), atWall, between);
        Worked length = cell(sheet, "length", "l", "L", place.length(), place.rows(), atWall, between);
        Length walls = like.size().thickness().times(2);
        if (!width.length().isOver(walls)) {
            throw new Refused("columns", "A cell would be no wider than its two walls: take fewer columns.");
        }
        if (!length.length().isOver(walls)) {
            throw new Refused("rows", "A cell would be no longer than its two walls: take fewer rows.");
        }
        if (place.height().minus(place.above()).isUnder(Length.mm(10))) {
            throw new Refused("above", "With so much room above, nothing is left for the boxes.");
        }
        Worked height = height(sheet, place, like);
        Worked swells = sheet.work(
                "swells",
                "ΔH",
                "Walls grow in height until the wettest day by",
                Show.FIT,
                fixed(place.height()).minus(fixed(place.above())).minus(height),
                "Left over today, taken then.");
        Map<String, Kind> kinds = new LinkedHashMap<>();
        for (Lies box : place.boxes()) {
            Kind one = new Kind(
                    box.columns(),
                    box.rows(),
                    1,
                    several(width.length(), box.columns(), place.between()),
                    several(length.length(), box.rows(), place.between()));
            kinds.merge(
                    one.name(),
                    one,
                    (a, b) -> new Kind(a.columns(), a.rows(), a.count() + b.count(), a.width(), a.length()));
        }
        if (kinds.size() > SharedPlace.MOST_KINDS) {
            throw new Refused(
                    "boxes",
                    "At most " + SharedPlace.MOST_KINDS + " kinds of box at one go; these are " + kinds.size() + ".");
        }
        List<Kind> largest = new ArrayList<>(kinds.values());
        largest.sort(Comparator.comparingInt((Kind k) -> k.columns() * k.rows()).reversed());
        return new SharedCells(width, length, height, swells, List.copyOf(largest), sheet.numbers());
    }

    private static Worked height(Worksheet sheet, SharedPlace place, BoxPlan like) {
        Worked deep = sheet.decided("of-height", "D", "The place, height", Show.LAYOUT, place.height(), "place.height");
        Worked above =
                sheet.decided("above", "r", "Runners and finger room above", Show.LAYOUT, place.above(), "place.above");
        Movement movement = PanelWidth.movement(sheet, like.walls(), "walls", Year.of(like));
        return sheet.work(
                "box-height",
                "H",
                "Height of a box today",
                Show.LAYOUT,
                deep.minus(above).over(fixed(1).plus(movement.byWetness())),
                "The place less the room above, at the wettest, when the walls are at their highest.");
    }

    private static Worked cell(
            Worksheet sheet,
            String name,
            String symbol,
            String placeSymbol,
            Length place,
            int count,
            Worked atWall,
            Worked between) {
        Worked given =
                sheet.decided("of-" + name, placeSymbol, "The place, " + name, Show.LAYOUT, place, "place." + name);
        Worked cells = sheet.decided(
                name + "-cells",
                name.equals("width") ? "a" : "b",
                name.equals("width") ? "Columns" : "Rows",
                Show.COUNT,
                count,
                "place." + (name.equals("width") ? "columns" : "rows"));
        return sheet.work(
                "cell-" + name,
                symbol,
                "One cell, " + name,
                Show.LAYOUT,
                given.minus(fixed(2).times(atWall))
                        .minus(cells.minus(1).times(between))
                        .over(cells),
                "What the play at both walls and between the boxes leaves, shared out.");
    }

    private static Length several(Length cell, int count, Length between) {
        return cell.times(count).plus(between.times(count - 1));
    }

    /** What a box of a kind is sized from: the cells it lies on are the place it must fit, and it is never higher. */
    public Opening opening(Kind kind) {
        return new Opening(kind.longer(), kind.shorter(), height.length(), Length.ZERO, Length.ZERO, Length.ZERO);
    }

    /** The kind of that many cells; null when no box lies so any more. */
    public @Nullable Kind kind(int columns, int rows) {
        return kinds.stream()
                .filter(k -> k.columns() == columns && k.rows() == rows)
                .findFirst()
                .orElse(null);
    }
}
