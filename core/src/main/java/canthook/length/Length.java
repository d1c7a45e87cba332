package canthook.length;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A length, exact: a whole number of nanometres. One inch is 25.4 mm and 1/64 in is 0.396875 mm, so every shop
 * fraction down to 1/64 is held without rounding. A quotient is rounded once, to the nearest nanometre.
 *
 * @param nanometres the length in nanometres; may be negative (a move, a shortfall)
 */
public record Length(long nanometres) implements Comparable<Length> {
    public static final Length ZERO = new Length(0);
    /** The longest length the application accepts anywhere: 20 m. */
    public static final Length LONGEST = mm(20_000);

    private static final long NANOMETRES_PER_MM = 1_000_000;
    private static final int MOST_DIGITS = 60;
    private static final int MOST_PLACES = 400;

    /** A length from millimetres, rounded to the nanometre. */
    public static Length mm(double millimetres) {
        if (!Double.isFinite(millimetres)) {
            throw new IllegalArgumentException("A length must be a number, not " + millimetres);
        }
        return new Length(Math.round(millimetres * NANOMETRES_PER_MM));
    }

    /**
     * A length from decimal millimetres, exact to six decimals and rounded half up beyond.
     *
     * @throws ArithmeticException when the number is too large to be a length, or written so long or so small that rounding it is work
     */
    public static Length mm(BigDecimal millimetres) {
        boolean large = (long) millimetres.precision() - millimetres.scale() > 9;
        boolean fine = millimetres.precision() > MOST_DIGITS || millimetres.scale() > MOST_PLACES;
        if (large || fine) {
            throw new ArithmeticException(large ? "too large for a length" : "too fine for a length");
        }
        return new Length(
                millimetres.movePointRight(6).setScale(0, RoundingMode.HALF_UP).longValueExact());
    }

    public double mm() {
        return nanometres / (double) NANOMETRES_PER_MM;
    }

    public BigDecimal exactMm() {
        return BigDecimal.valueOf(nanometres, 6);
    }

    public Length plus(Length other) {
        return new Length(Math.addExact(nanometres, other.nanometres));
    }

    public Length minus(Length other) {
        return new Length(Math.subtractExact(nanometres, other.nanometres));
    }

    public Length times(long factor) {
        return new Length(Math.multiplyExact(nanometres, factor));
    }

    /** Rounded once, to the nanometre. */
    public Length times(double factor) {
        return new Length(Math.round(nanometres * factor));
    }

    /** Rounded once, to the nanometre, halves away from zero. */
    public Length dividedBy(long count) {
        long quotient = nanometres / count;
        long rest = nanometres % count;
        if (2 * Math.abs(rest) >= Math.abs(count)) {
            quotient += (long) Long.signum(nanometres) * Long.signum(count);
        }
        return new Length(quotient);
    }

    public double dividedBy(Length other) {
        return nanometres / (double) other.nanometres;
    }

    /** Down to a whole multiple of a step. */
    public Length downTo(Length step) {
        return step.times(Math.floorDiv(nanometres, step.nanometres));
    }

    public Length abs() {
        return nanometres < 0 ? new Length(-nanometres) : this;
    }

    public Length negated() {
        return new Length(-nanometres);
    }

    public boolean isOver(Length other) {
        return nanometres > other.nanometres;
    }

    public boolean isUnder(Length other) {
        return nanometres < other.nanometres;
    }

    public boolean isPositive() {
        return nanometres > 0;
    }

    public boolean isNegative() {
        return nanometres < 0;
    }

    public static Length longer(Length a, Length b) {
        return a.nanometres >= b.nanometres ? a : b;
    }

    public static Length shorter(Length a, Length b) {
        return a.nanometres <= b.nanometres ? a : b;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(nanometres, other.nanometres);
    }

    @Override
    public String toString() {
        return exactMm().stripTrailingZeros().toPlainString() + " mm";
    }
}
