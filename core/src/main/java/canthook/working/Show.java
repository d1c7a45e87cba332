package canthook.working;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** How a worked number is shown. */
public enum Show {
    /** A length to lay out by. */
    LAYOUT,
    /** A length that decides a fit. */
    FIT,
    /** A length as a caliper reads it. */
    CALIPER,
    /** A whole number. */
    COUNT,
    /** Percent of dry weight, one decimal. */
    MOISTURE,
    /** Percent, two decimals. */
    PERCENT,
    /** A ratio, two decimals. */
    RATIO,
    /** A step inside a formula, five digits. */
    STEP,
    /** An area in cm². */
    AREA,
    /** Degrees of angle. */
    ANGLE,
    /** Degrees Celsius. */
    CELSIUS,
    /** Seconds. */
    SECONDS,
    /** Seconds, shown in minutes. */
    MINUTES,
    /** Seconds, shown as minutes and seconds: 3:12. */
    CLOCK,
    /** Seconds, shown in hours. */
    HOURS,
    /** Seconds, shown in days. */
    DAYS,
    /** Grams. */
    GRAMS;

    /** The number without its unit. */
    public String number(Quantity value, LengthDisplay display) {
        return switch (this) {
            case LAYOUT -> display.number(value.length(), Precision.LAYOUT);
            case FIT -> display.number(value.length(), Precision.FIT);
            case CALIPER -> display.number(value.length(), Precision.CALIPER);
            case COUNT -> rounded(value.number(), 0);
            case MINUTES -> rounded(value.number() / 60, 0);
            case CLOCK -> clock(Math.round(value.number()));
            case HOURS -> rounded(value.number() / 3600, 0);
            case DAYS -> trimmed(value.number() / 86_400, 1);
            case GRAMS -> rounded(value.number(), value.number() < 10 ? 1 : 0);
            case MOISTURE, CELSIUS, SECONDS -> rounded(value.number(), 1);
            case PERCENT, RATIO -> rounded(value.number(), 2);
            case STEP -> significant(value.number());
            case AREA -> rounded(value.number() / 100, 1);
            case ANGLE -> significant(value.number());
        };
    }

    /** The unit that follows the number, or nothing. */
    public String unit(LengthDisplay display) {
        return switch (this) {
            case LAYOUT, FIT, CALIPER -> display.unit();
            case MOISTURE, PERCENT -> "%";
            case RATIO, COUNT, STEP -> "";
            case AREA -> "cm²";
            case ANGLE -> "°";
            case CELSIUS -> "°C";
            case SECONDS -> "s";
            case MINUTES, CLOCK -> "min";
            case HOURS -> "h";
            case DAYS -> "days";
            case GRAMS -> "g";
        };
    }

    private Precision precision() {
        return this == FIT ? Precision.FIT : this == CALIPER ? Precision.CALIPER : Precision.LAYOUT;
    }

    /** What is lost by showing a length as a shop fraction, in words, or nothing. */
    public String residue(Quantity value, LengthDisplay display) {
        return value.isLength() ? display.residue(value.length(), precision()) : "";
    }

    /** In a formula: three decimals of a millimetre or four of an inch, so that the sum can be checked by hand. */
    static String inFormula(Quantity value, LengthDisplay display) {
        if (!value.isLength()) {
            boolean squareInches = value.kind() == Quantity.Kind.AREA && !display.isMetric();
            return significant(squareInches ? value.number() / (25.4 * 25.4) : value.number());
        }
        Length length = value.length();
        double shown = display.isMetric() ? length.mm() : length.mm() / 25.4;
        return trimmed(shown, display.isMetric() ? 3 : 4);
    }

    /** A worked number in a formula: a time with its unit, as it is shown beside it. */
    String inFormula(Worked worked, LengthDisplay display) {
        return switch (this) {
            case SECONDS, CLOCK -> significant(worked.number()) + " s";
            case MINUTES -> significant(worked.number() / 60) + " min";
            case HOURS -> significant(worked.number() / 3600) + " h";
            case DAYS -> significant(worked.number() / 86_400) + " days";
            case LAYOUT, FIT, CALIPER, COUNT, MOISTURE, PERCENT, RATIO, STEP, AREA, ANGLE, CELSIUS, GRAMS ->
                inFormula(worked.value(), display);
        };
    }

    private static String rounded(double number, int places) {
        long scale = places == 0 ? 1 : places == 1 ? 10 : 100;
        long steps = Math.round(Math.abs(number) * scale);
        String whole = (number < 0 && steps > 0 ? "−" : "") + steps / scale;
        return places == 0
                ? whole
                : whole + "." + Long.toString(steps % scale + scale).substring(1);
    }

    private static String clock(long seconds) {
        long size = Math.abs(seconds);
        return (seconds < 0 ? "−" : "") + size / 60 + ":"
                + Long.toString(100 + size % 60).substring(1);
    }

    private static String trimmed(double number, int places) {
        BigDecimal value = BigDecimal.valueOf(number).setScale(places, RoundingMode.HALF_UP);
        return sign(value.signum() == 0 ? BigDecimal.ZERO : value.stripTrailingZeros());
    }

    private static String significant(double number) {
        double size = Math.abs(number);
        int places = size == 0 ? 0 : Math.max(0, Math.min(9, 4 - (int) Math.floor(Math.log10(size))));
        return trimmed(number, places);
    }

    private static String sign(BigDecimal value) {
        return value.toPlainString().replace('-', '−');
    }
}
