package canthook.working;

import canthook.length.Length;

/**
 * A value of one of three kinds: an exact length, a plain number (count, ratio, percent, degrees), or an area.
 *
 * @param length the length when the kind is LENGTH, else zero
 * @param number the number when the kind is NUMBER, mm² when AREA, else the length in millimetres
 */
public record Quantity(Kind kind, Length length, double number) {
    /** What is being counted. */
    public enum Kind {
        LENGTH,
        NUMBER,
        AREA
    }

    public static Quantity of(Length length) {
        return new Quantity(Kind.LENGTH, length, length.mm());
    }

    public static Quantity of(double number) {
        return new Quantity(Kind.NUMBER, Length.ZERO, number);
    }

    public static Quantity area(double squareMillimetres) {
        return new Quantity(Kind.AREA, Length.ZERO, squareMillimetres);
    }

    boolean isLength() {
        return kind == Kind.LENGTH;
    }

    boolean isNumber() {
        return kind == Kind.NUMBER;
    }

    boolean isWhole() {
        return isNumber() && number == Math.rint(number) && Math.abs(number) < 1e12;
    }
}
