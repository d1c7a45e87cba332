package canthook.length;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads a length as a maker writes it: decimals, fractions, mixed numbers, feet and inches, thou, simple sums,
 * differences and products, in either unit system without a mode. A hyphen without spaces between a whole number and a
 * fraction under one is a mixed number ({@code 3-1/2} is 3½, {@code 96 - 1/2} is 95½). A bare number is in the
 * project's unit.
 */
public final class LengthReader {
    private static final int LONGEST_TEXT = 80;
    private static final BigInteger BILLION = BigInteger.TEN.pow(12);

    private static final Map<String, Long> NANOMETRES = Map.ofEntries(
            Map.entry("mm", 1_000_000L),
            Map.entry("cm", 10_000_000L),
            Map.entry("m", 1_000_000_000L),
            Map.entry("in", 25_400_000L),
            Map.entry("inch", 25_400_000L),
            Map.entry("inches", 25_400_000L),
            Map.entry("\"", 25_400_000L),
            Map.entry("ft", 304_800_000L),
            Map.entry("foot", 304_800_000L),
            Map.entry("feet", 304_800_000L),
            Map.entry("'", 304_800_000L),
            Map.entry("thou", 25_400L));

    private static final String FRACTION_SIGNS =
            "½1/2 ⅓1/3 ⅔2/3 ¼1/4 ¾3/4 ⅛1/8 ⅜3/8 ⅝5/8 ⅞7/8 ⅕1/5 ⅖2/5 ⅗3/5 ⅘4/5 ⅙1/6 ⅚5/6";
    private static final Pattern TOKEN = Pattern.compile("\\G(?:"
            + "(?<mixed>(\\d+)(?:\\s+|-)(\\d+)/(\\d+))"
            + "|(?<fraction>(\\d+)\\s*/\\s*(\\d+))"
            + "|(?<number>\\d+(?:[.,]\\d+)?|[.,]\\d+)"
            + "|(?<unit>[a-z]+|\"|')"
            + "|(?<operator>[-+*])"
            + ")");
    private static final Pattern SPACE = Pattern.compile("\\G\\s+");

    private final String field;
    private final String typed;
    private final LengthUnit bare;
    private final List<Token> tokens = new ArrayList<>();
    private int next;

    private LengthReader(String field, String typed, LengthUnit bare) {
        this.field = field;
        this.typed = typed;
        this.bare = bare;
    }

    /**
     * @param field the field's name as the maker sees it, for the message
     * @param typed what was typed
     * @param bare the unit of a bare number
     * @throws UnreadLength when it cannot be read or is longer than 20 m either way
     */
    public static Length read(String field, String typed, LengthUnit bare) {
        LengthReader reader = new LengthReader(field, typed, bare);
        reader.split();
        Amount amount = reader.sum();
        Length length = amount.isCount ? reader.inBareUnit(amount) : reader.rounded(amount.value);
        if (length.abs().isOver(Length.LONGEST)) {
            throw reader.unread("is more than 20 m");
        }
        return length;
    }

    /** Reads a length that must lie between two others, both included. */
    public static Length read(String field, String typed, LengthUnit bare, Length least, Length most) {
        Length length = read(field, typed, bare);
        if (length.isUnder(least) || length.isOver(most)) {
            String bound = length.isUnder(least)
                    ? (least.equals(Length.ZERO) ? "cannot be negative" : "must be at least " + shown(least, bare))
                    : "must be at most " + shown(most, bare);
            throw new UnreadLength(field + " " + bound + "; “" + typed.strip() + "” is "
                    + LengthDisplay.echo(length, bare) + ". The value before still stands.");
        }
        return length;
    }

    private static String shown(Length length, LengthUnit unit) {
        return LengthDisplay.echo(length, unit);
    }

    private void split() {
        String text = typed.strip();
        if (text.isEmpty()) {
            throw new UnreadLength(field + " is empty. Type a length such as " + example() + ".");
        }
        if (text.length() > LONGEST_TEXT) {
            throw new UnreadLength(field + " is too long to be a length. Type something such as " + example() + ".");
        }
        text = plain(text);
        Matcher matcher = TOKEN.matcher(text);
        Matcher space = SPACE.matcher(text);
        int at = 0;
        while (at < text.length()) {
            if (space.find(at) && space.start() == at) {
                at = space.end();
            } else if (matcher.find(at) && matcher.start() == at) {
                at = take(matcher, text);
            } else {
                throw unread("has “" + text.charAt(at) + "” in it");
            }
        }
    }

    private int take(Matcher matcher, String text) {
        int end = matcher.end();
        if (matcher.group("mixed") != null) {
            Fraction part = fraction(matcher.group(3), matcher.group(4));
            boolean hyphen = matcher.group("mixed").contains("-");
            if (part.compareTo(Fraction.ONE) < 0) {
                tokens.add(new Token(Fraction.whole(matcher.group(2)).plus(part), null, '\0'));
            } else if (hyphen) {
                tokens.add(new Token(Fraction.whole(matcher.group(2)), null, '\0'));
                tokens.add(new Token(null, null, '-'));
                tokens.add(new Token(part, null, '\0'));
            } else {
                throw unread("has a whole number and a fraction that is not under one");
            }
        } else if (matcher.group("fraction") != null) {
            tokens.add(new Token(fraction(matcher.group(6), matcher.group(7)), null, '\0'));
        } else if (matcher.group("number") != null) {
            String number = matcher.group("number").replace(',', '.');
            if (end < text.length() && (text.charAt(end) == '.' || text.charAt(end) == ',')) {
                throw unread("has a number with two decimal signs");
            }
            if (end < text.length() && text.charAt(end) == '/') {
                throw unread("ends in an unfinished fraction");
            }
            tokens.add(new Token(Fraction.decimal(number), null, '\0'));
        } else if (matcher.group("unit") != null) {
            String unit = matcher.group("unit");
            if (!NANOMETRES.containsKey(unit)) {
                throw unread("has “" + unit + "”, which is not a unit known here");
            }
            tokens.add(new Token(null, unit, '\0'));
        } else {
            tokens.add(new Token(null, null, matcher.group("operator").charAt(0)));
        }
        return end;
    }

    private Fraction fraction(String over, String under) {
        BigInteger bottom = new BigInteger(under);
        if (bottom.signum() == 0) {
            throw unread("divides by zero");
        }
        return new Fraction(new BigInteger(over), bottom);
    }

    /** Folds typographic quotes, signs and fractions into plain ones. */
    private static String plain(String text) {
        StringBuilder plain = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            int fractionAt = FRACTION_SIGNS.indexOf(c);
            if (fractionAt >= 0 && c > 127) {
                plain.append(' ').append(FRACTION_SIGNS, fractionAt + 1, fractionAt + 4);
                continue;
            }
            plain.append(
                    switch (c) {
                        case '”', '“', '″' -> "\"";
                        case '’', '‘', '′' -> "'";
                        case '×' -> "*";
                        case '−', '–' -> "-";
                        case '⁄' -> "/";
                        case '\u00a0', '\u2009', '\u202f' -> " ";
                        default -> String.valueOf(c);
                    });
        }
        return plain.toString().replace("''", "\"").strip().toLowerCase(Locale.ROOT);
    }

    private Amount sum() {
        boolean minus = acceptOperator('-');
        Amount total = minus ? product().negated() : product();
        while (next < tokens.size()) {
            boolean subtract;
            if (acceptOperator('+')) {
                subtract = false;
            } else if (acceptOperator('-')) {
                subtract = true;
            } else {
                throw unread("has two numbers with nothing between them");
            }
            Amount term = product();
            if (total.isCount != term.isCount) {
                total = total.measured(bare);
                term = term.measured(bare);
            }
            total = total.plus(subtract ? term.negated() : term);
        }
        return total;
    }

    private Amount product() {
        Amount result = quantity();
        while (acceptOperator('*')) {
            Amount factor = quantity();
            if (!result.isCount && !factor.isCount) {
                throw unread("multiplies two lengths");
            }
            result = new Amount(result.value.times(factor.value), result.isCount && factor.isCount);
        }
        return result;
    }

    /** One number with its unit, or feet followed by inches. */
    private Amount quantity() {
        Token token = peek();
        if (token == null || token.number == null) {
            throw unread(token == null ? "stops where a number should come" : "lacks a number");
        }
        next++;
        Token unit = peek();
        if (unit == null || unit.unit == null) {
            return new Amount(token.number, true);
        }
        next++;
        Fraction length = token.number.times(unitOf(unit.unit));
        Token follows = peek();
        boolean feet = unitOf(unit.unit).equals(unitOf("ft"));
        if (feet && follows != null && follows.number != null) {
            next++;
            Token inch = peek();
            if (inch == null || inch.unit == null || !unitOf(inch.unit).equals(unitOf("in"))) {
                throw unread("has feet followed by a number that is not in inches");
            }
            next++;
            length = length.plus(follows.number.times(unitOf("in")));
        }
        return new Amount(length, false);
    }

    private static Fraction unitOf(String unit) {
        Long nanometres = NANOMETRES.get(unit);
        return new Fraction(BigInteger.valueOf(nanometres == null ? 0 : nanometres), BigInteger.ONE);
    }

    private @Nullable Token peek() {
        return next < tokens.size() ? tokens.get(next) : null;
    }

    private boolean acceptOperator(char sign) {
        Token token = peek();
        if (token != null && token.operator == sign) {
            next++;
            return true;
        }
        return false;
    }

    private Length inBareUnit(Amount amount) {
        return rounded(amount.measured(bare).value);
    }

    private Length rounded(Fraction nanometres) {
        if (nanometres.over.abs().compareTo(nanometres.under.multiply(BILLION)) > 0) {
            throw unread("is more than 20 m");
        }
        return new Length(new BigDecimal(nanometres.over)
                .divide(new BigDecimal(nanometres.under), new MathContext(40, RoundingMode.HALF_UP))
                .setScale(0, RoundingMode.HALF_UP)
                .longValueExact());
    }

    private UnreadLength unread(String why) {
        return new UnreadLength(
                field + ": “" + typed.strip() + "” " + why + ". Type something such as " + example() + ".");
    }

    private String example() {
        return bare == LengthUnit.INCH ? "3 1/2 or 88.9 mm" : "88.9 or 3 1/2 in";
    }

    /** One of: a number, a unit, an operator. */
    private record Token(
            @Nullable Fraction number, @Nullable String unit, char operator) {}

    /** A bare count (not yet in any unit) or a length in nanometres. */
    private record Amount(Fraction value, boolean isCount) {
        Amount plus(Amount other) {
            return new Amount(value.plus(other.value), isCount);
        }

        Amount negated() {
            return new Amount(new Fraction(value.over.negate(), value.under), isCount);
        }

        Amount measured(LengthUnit unit) {
            return isCount
                    ? new Amount(
                            value.times(new Fraction(BigInteger.valueOf(unit.nanometres()), BigInteger.ONE)), false)
                    : this;
        }
    }

    private record Fraction(BigInteger over, BigInteger under) implements Comparable<Fraction> {
        static final Fraction ONE = new Fraction(BigInteger.ONE, BigInteger.ONE);

        static Fraction whole(String digits) {
            return new Fraction(new BigInteger(digits), BigInteger.ONE);
        }

        static Fraction decimal(String number) {
            BigDecimal decimal = new BigDecimal(number);
            return new Fraction(decimal.unscaledValue(), BigInteger.TEN.pow(Math.max(0, decimal.scale())));
        }

        Fraction plus(Fraction other) {
            return new Fraction(
                    over.multiply(other.under).add(other.over.multiply(under)), under.multiply(other.under));
        }

        Fraction times(Fraction other) {
            return new Fraction(over.multiply(other.over), under.multiply(other.under));
        }

        @Override
        public int compareTo(Fraction other) {
            return over.multiply(other.under).compareTo(other.over.multiply(under));
        }
    }
}
