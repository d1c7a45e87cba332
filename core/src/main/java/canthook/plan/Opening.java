package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;

/**
 * The place a box must fit: an opening, or the inside of a host box. A tray on runners wants its clearance across exact and may
 * be loose along.
 *
 * @param length of the place, along the box's length
 * @param width of the place
 * @param height of the place, up to the lid of the host
 * @param clearLength total room to leave along the length
 * @param clearWidth total room to leave across
 * @param clearHeight room to leave above
 */
public record Opening(
        Length length, Length width, Length height, Length clearLength, Length clearWidth, Length clearHeight) {
    public static final Bounds LENGTH = new Bounds("Length of the place", Length.mm(5), Length.mm(5000));

    public static final Bounds WIDTH = new Bounds("Width of the place", Length.mm(5), Length.mm(5000));

    public static final Bounds HEIGHT = new Bounds("Height of the place", Length.mm(5), Length.mm(3000));

    public static final Bounds CLEAR_LENGTH = new Bounds("Clearance along", Length.ZERO, Length.mm(1000));

    public static final Bounds CLEAR_WIDTH = new Bounds("Clearance across", Length.ZERO, Length.mm(1000));

    public static final Bounds CLEAR_HEIGHT = new Bounds("Clearance above", Length.ZERO, Length.mm(1000));

    public Opening {
        LENGTH.check("length", length);
        WIDTH.check("width", width);
        HEIGHT.check("height", height);
        CLEAR_LENGTH.check("clearLength", clearLength);
        CLEAR_WIDTH.check("clearWidth", clearWidth);
        CLEAR_HEIGHT.check("clearHeight", clearHeight);
    }
}
