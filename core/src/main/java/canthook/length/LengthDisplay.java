package canthook.length;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** The three ways a length is shown. The choice never touches the stored value: rounding happens here, once. */
public enum LengthDisplay {
    METRIC(1),
    DECIMAL_INCH(1),
    FRACTION_64(64),
    FRACTION_32(32),
    FRACTION_16(16);

    private static final long INCH = 25_400_000;
    private static final long THOU = 25_400;
    private final int parts;

    LengthDisplay(int parts) {
        this.parts = parts;
    }

    public boolean isMetric() {
        return this == METRIC;
    }

    public boolean isFraction() {
        return parts > 1;
    }

    public String unit() {
        return isMetric() ? "mm" : "in";
    }

    /** The number alone, without its unit: {@code 7.45}, {@code 0.293}, {@code 3 17/32}. */
    public String number(Length length, Precision precision) {
        if (isMetric()) {
            return decimals(length.nanometres(), 1_000_000, precision == Precision.LAYOUT ? 1 : 2);
        }
        if (!isFraction() || isTooFine(length, precision)) {
            return decimals(length.nanometres(), INCH, 3);
        }
        long steps = steps(length);
        long whole = Math.abs(steps) / parts;
        long over = Math.abs(steps) % parts;
        long under = parts;
        while (over > 0 && over % 2 == 0) {
            over /= 2;
            under /= 2;
        }
        String sign = steps < 0 ? "−" : "";
        if (over == 0) {
            return sign + whole;
        }
        return sign + (whole > 0 ? whole + " " : "") + over + "/" + under;
    }

    /** The number with its unit: {@code 7.45 mm}. */
    public String text(Length length, Precision precision) {
        return number(length, precision) + " " + unit();
    }

    /**
     * How far the true length lies from what {@link #number} shows, in words and in the units of this display: {@code 3 thou under},
     * {@code 0.04 under}. Empty when what is shown is as fine as the shop can measure, or the difference is less than half a thou, or
     * 0.005 mm.
     */
    public String residue(Length length, Precision precision) {
        if (isMetric()) {
            if (precision != Precision.LAYOUT) {
                return "";
            }
            Length off = length.minus(new Length(Math.multiplyExact(
                    new Length(length.nanometres()).dividedBy(100_000).nanometres(), 100_000L)));
            return Math.abs(off.nanometres()) < 5_000
                    ? ""
                    : decimals(off.abs().nanometres(), 1_000_000, 2) + (off.isNegative() ? " under" : " over");
        }
        if (!isFraction() || isTooFine(length, precision)) {
            return "";
        }
        Length off = length.minus(new Length(Math.multiplyExact(steps(length), INCH / parts)));
        long thou = new Length(off.abs().nanometres()).dividedBy(THOU).nanometres();
        return thou == 0 ? "" : thou + " thou " + (off.isNegative() ? "under" : "over");
    }

    /**
     * Text to edit, which reads back as the length it came from to a hundredth of a micrometre: a fraction only where the
     * fraction is exact, else decimals; with its unit unless it is in the unit of this display.
     */
    public String editable(Length length) {
        if (isMetric()) {
            return plain(length.exactMm().setScale(4, RoundingMode.HALF_UP).stripTrailingZeros());
        }
        if (isFraction() && length.nanometres() % (INCH / 64) == 0) {
            return FRACTION_64.number(length, Precision.FIT);
        }
        return plain(inches(length).setScale(5, RoundingMode.HALF_UP).stripTrailingZeros());
    }

    /** A clearance or a move under 1/16 in is shown in thousandths: as a fraction it would be nothing. */
    private static boolean isTooFine(Length length, Precision precision) {
        return precision == Precision.CALIPER
                || (precision == Precision.FIT && Math.abs(length.nanometres()) < INCH / 16);
    }

    private long steps(Length length) {
        return new Length(length.nanometres()).dividedBy(INCH / parts).nanometres();
    }

    /** What a field echoes as understood: both systems, exact as far as decimals go. */
    public static String echo(Length length, LengthUnit unit) {
        String metric = plain(length.exactMm().setScale(3, RoundingMode.HALF_UP).stripTrailingZeros()) + " mm";
        if (unit == LengthUnit.MILLIMETRE) {
            return metric;
        }
        return plain(inches(length).setScale(4, RoundingMode.HALF_UP).stripTrailingZeros()) + " in (" + metric + ")";
    }

    private static BigDecimal inches(Length length) {
        return BigDecimal.valueOf(length.nanometres()).divide(BigDecimal.valueOf(INCH), 9, RoundingMode.HALF_UP);
    }

    /** Nanometres in a unit to one, two or three places, halves away from zero. */
    private static String decimals(long nanometres, long unit, int places) {
        long scale = places == 1 ? 10 : places == 2 ? 100 : 1000;
        long steps = new Length(Math.multiplyExact(Math.abs(nanometres), scale))
                .dividedBy(unit)
                .nanometres();
        String over = Long.toString(steps % scale + scale).substring(1);
        return (nanometres < 0 && steps > 0 ? "−" : "") + steps / scale + "." + over;
    }

    private static String plain(BigDecimal value) {
        return (value.signum() == 0 ? value.abs() : value).toPlainString().replace('-', '−');
    }
}
