package canthook.plan;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.refusal.Bounds;
import canthook.refusal.OneLine;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import java.util.List;
import java.util.Map;

/**
 * A place shared by many boxes: a drawer filled with small ones. Each box lies on a grid of cells and knows the whole place, so that when
 * the place changes all of its boxes follow.
 *
 * @param set what its boxes have in common; they follow the place together
 * @param width of the place inside, the way its columns are counted
 * @param length of the place inside, the way its rows are counted
 * @param height of the place inside
 * @param atWall play at each wall of the place
 * @param between play between two boxes
 * @param above runners, and a finger's room to lift a box out
 * @param columns cells across the width
 * @param rows cells along the length
 * @param boxes which cells each box lies on; a cell may stay empty
 */
public record SharedPlace(
        String set,
        Length width,
        Length length,
        Length height,
        Length atWall,
        Length between,
        Length above,
        int columns,
        int rows,
        List<Lies> boxes) {
    public static final Bounds WIDTH = new Bounds("Width of the place", Length.mm(20), Length.mm(3000));

    public static final Bounds LENGTH = new Bounds("Length of the place", Length.mm(20), Length.mm(3000));

    public static final Bounds HEIGHT = new Bounds("Height of the place", Length.mm(10), Length.mm(1500));

    public static final Bounds AT_WALL = new Bounds("Play at each wall", Length.ZERO, Length.mm(50));

    public static final Bounds BETWEEN = new Bounds("Play between boxes", Length.ZERO, Length.mm(50));

    public static final Bounds ABOVE = new Bounds("Room above", Length.ZERO, Length.mm(500));

    public static final Range COLUMNS = new Range("Columns", 1, 24, "");

    public static final Range ROWS = new Range("Rows", 1, 24, "");

    /** More kinds than this are not cut as one batch. */
    public static final int MOST_KINDS = 9;

    /**
     * The cells a box lies on.
     *
     * @param column of its left cell, from 0
     * @param row of its front cell, from 0
     */
    public record Lies(int column, int row, int columns, int rows) {
        boolean meets(Lies other) {
            return column < other.column + other.columns
                    && other.column < column + columns
                    && row < other.row + other.rows
                    && other.row < row + rows;
        }
    }

    /**
     * A box's share of the place.
     *
     * @param columns cells it lies on across
     * @param rows cells it lies on along
     */
    public record Share(SharedPlace place, int columns, int rows) {
        public Share {
            Refused.ifMissing("place", "The place that is shared", place);
            COLUMNS.check("columns", columns);
            ROWS.check("rows", rows);
        }
    }

    public SharedPlace {
        set = OneLine.name("set", "A set of boxes", set, 40);
        // it stands in addresses
        if (set.matches(".*[/\\\\%;].*")) {
            throw new Refused("set", "The name of a set has none of / \\ % ; in it.");
        }
        WIDTH.check("width", width);
        LENGTH.check("length", length);
        HEIGHT.check("height", height);
        AT_WALL.check("atWall", atWall);
        BETWEEN.check("between", between);
        ABOVE.check("above", above);
        COLUMNS.check("columns", columns);
        ROWS.check("rows", rows);
        Refused.ifMissing("boxes", "The boxes", boxes);
        boxes = List.copyOf(boxes);
        if (boxes.isEmpty() || boxes.size() > columns * rows) {
            throw new Refused("boxes", "At least one box lies in the place, and at most one on a cell.");
        }
        for (int i = 0; i < boxes.size(); i++) {
            Lies box = boxes.get(i);
            if (box.columns() < 1
                    || box.rows() < 1
                    || box.column() < 0
                    || box.row() < 0
                    || box.column() + box.columns() > columns
                    || box.row() + box.rows() > rows) {
                throw new Refused("boxes[" + i + "]", "Box " + (i + 1) + " lies outside the grid.");
            }
            for (int k = 0; k < i; k++) {
                if (box.meets(boxes.get(k))) {
                    throw new Refused(
                            "boxes[" + i + "]", "Boxes " + (k + 1) + " and " + (i + 1) + " lie on the same cell.");
                }
            }
        }
    }

    /** Its lengths by their names, as text that reads back as it was. */
    public Map<String, String> lengths(LengthDisplay display) {
        return Map.of(
                "width", display.editable(width),
                "length", display.editable(length),
                "height", display.editable(height),
                "atWall", display.editable(atWall),
                "between", display.editable(between),
                "above", display.editable(above));
    }
}
