package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import org.jspecify.annotations.Nullable;

/**
 * A groove along the inside of the walls.
 *
 * @param width across the groove
 * @param depth into the wall
 * @param offset of its lower edge above the wall's bottom edge
 * @param corners what becomes of the panel's corners where it stops; null for notched
 * @param bit diameter of the bit a stopped groove is cut with; null for as wide as the groove
 */
public record Groove(
        Length width,
        Length depth,
        Length offset,
        @Nullable Corners corners,
        @Nullable Length bit) {
    /** A stopped groove ends round; a panel's corner is square. */
    public enum Corners {
        /** The panel's corners are notched as long as the bit's radius. */
        NOTCHED,
        /** The panel's corners are clipped at 45°. */
        CLIPPED,
        /** The bit runs on by its radius, so that the groove is full where the panel ends. */
        RUN_ON
    }

    public static final Bounds WIDTH = new Bounds("Groove width", Length.mm(0.5), Length.mm(100));

    public static final Bounds DEPTH = new Bounds("Groove depth", Length.mm(0.5), Length.mm(200));

    public static final Bounds OFFSET = new Bounds("Groove's lower edge", Length.ZERO, Length.mm(1500));

    public static final Bounds BIT = new Bounds("Bit, diameter", Length.mm(0.5), Length.mm(60));

    public Groove {
        WIDTH.check("width", width);
        DEPTH.check("depth", depth);
        OFFSET.check("offset", offset);
        BIT.unlessAbsent("bit", bit);
    }

    /** Its panel's corners notched, cut with a bit of its own width. */
    public Groove(Length width, Length depth, Length offset) {
        this(width, depth, offset, null, null);
    }

    /** What becomes of the panel's corners. */
    public Corners atCorners() {
        return corners == null ? Corners.NOTCHED : corners;
    }

    public Length bitOrUsual() {
        return bit == null ? width : bit;
    }

    public Groove with(Corners changed) {
        return new Groove(width, depth, offset, changed, bit);
    }

    public Length top() {
        return offset.plus(width);
    }

    public Groove withOffset(Length newOffset) {
        return new Groove(width, depth, newOffset, corners, bit);
    }

    public Groove withDepth(Length newDepth) {
        return new Groove(width, newDepth, offset, corners, bit);
    }
}
