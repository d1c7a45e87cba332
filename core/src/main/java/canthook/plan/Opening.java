package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Refused;

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
    public Opening {
        Refused.unlessBetween("length", "Length of the place", length, Length.mm(5), Length.mm(5000));
        Refused.unlessBetween("width", "Width of the place", width, Length.mm(5), Length.mm(5000));
        Refused.unlessBetween("height", "Height of the place", height, Length.mm(5), Length.mm(3000));
        Refused.unlessBetween("clearLength", "Clearance along", clearLength, Length.ZERO, Length.mm(1000));
        Refused.unlessBetween("clearWidth", "Clearance across", clearWidth, Length.ZERO, Length.mm(1000));
        Refused.unlessBetween("clearHeight", "Clearance above", clearHeight, Length.ZERO, Length.mm(1000));
    }
}
