package canthook.refusal;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.LengthUnit;
import org.jspecify.annotations.Nullable;

/** A decision that cannot be taken as it stands: names the field and says what would do. */
public final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final String field;

    public Refused(String field, String message) {
        super(message);
        this.field = field;
    }

    /** The field within its own record: {@code length}, {@code groove.depth}. */
    public String field() {
        return field;
    }

    /** Checks a length that must be there, within bounds (both included). */
    public static void unlessBetween(String field, String label, @Nullable Length value, Length least, Length most) {
        if (value == null) {
            throw new Refused(field, label + " is missing.");
        }
        if (value.isUnder(least) || value.isOver(most)) {
            throw new Refused(
                    field,
                    label + " must lie between " + words(least) + " and " + words(most) + "; " + words(value)
                            + " does not.");
        }
    }

    /** Checks a length that may be left to the house rules. */
    public static void unlessAbsentOrBetween(
            String field, String label, @Nullable Length value, Length least, Length most) {
        if (value != null) {
            unlessBetween(field, label, value, least, most);
        }
    }

    public static void unlessBetween(String field, String label, double value, double least, double most, String unit) {
        if (!(value >= least && value <= most)) {
            throw new Refused(
                    field,
                    label + " must lie between " + trimmed(least) + " and " + trimmed(most) + " " + unit + "; "
                            + trimmed(value) + " does not.");
        }
    }

    public static <T> void ifMissing(String field, String label, @Nullable T value) {
        if (value == null) {
            throw new Refused(field, label + " is missing.");
        }
    }

    private static String words(Length length) {
        return LengthDisplay.echo(length, LengthUnit.MILLIMETRE);
    }

    private static String trimmed(double number) {
        return number == Math.rint(number) && Math.abs(number) < 1e9
                ? String.valueOf((long) number)
                : String.valueOf(number);
    }
}
