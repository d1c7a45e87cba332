package canthook.working;

import canthook.length.Length;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Something that has a value and can be written down: the arithmetic of the job is done with terms, so that the formula
 * shown to the maker is the one that was computed. Lengths stay exact; a length over a count is rounded once.
 */
public sealed interface Term permits Worked, Term.Written, Term.Sum, Term.Product, Term.Quotient, Term.Call {

    Quantity value();

    /** How tightly it binds when written: 1 sum, 2 product, 3 single. */
    int binding();

    /** Writes itself, each worked number by {@code naming}. */
    void write(StringBuilder out, Naming naming);

    default Length length() {
        if (!value().isLength()) {
            throw new IllegalStateException("not a length: " + value());
        }
        return value().length();
    }

    default double number() {
        return value().number();
    }

    default int count() {
        return (int) Math.round(number());
    }

    default Term plus(Term other) {
        return new Sum(this, other, false, Sum.of(value(), other.value(), false));
    }

    default Term minus(Term other) {
        return new Sum(this, other, true, Sum.of(value(), other.value(), true));
    }

    default Term times(Term other) {
        return new Product(this, other, Product.of(value(), other.value()));
    }

    default Term over(Term other) {
        return new Quotient(this, other, Quotient.of(value(), other.value()));
    }

    default Term plus(double number) {
        return plus(fixed(number));
    }

    default Term minus(double number) {
        return minus(fixed(number));
    }

    default Term times(double number) {
        return times(fixed(number));
    }

    default Term over(double number) {
        return over(fixed(number));
    }

    static Term fixed(double number) {
        int whole = (int) number;
        return whole == number && whole > 0 && whole < Written.SMALL.size()
                ? Written.SMALL.get(whole)
                : new Written(Quantity.of(number));
    }

    static Term fixed(Length length) {
        return new Written(Quantity.of(length));
    }

    static Term larger(Term a, Term b) {
        return new Call("the larger of ", a, b, a.number() >= b.number() ? a.value() : b.value());
    }

    /** Itself, or nothing where it would be less than nothing: wood that is not there has no negative size. */
    static Term noneUnder(Term a) {
        return a.number() < 0 ? larger(a, fixed(Length.ZERO)) : a;
    }

    static Term smaller(Term a, Term b) {
        return new Call("the smaller of ", a, b, a.number() <= b.number() ? a.value() : b.value());
    }

    /** The next whole number up, forgiving a billionth. */
    static Term roundedUp(Term a) {
        return new Call("round up ", a, null, Quantity.of(Math.ceil(a.number() - 1e-9)));
    }

    /** The next whole number down, forgiving a billionth. */
    static Term roundedDown(Term a) {
        return new Call("round down ", a, null, Quantity.of(Math.floor(a.number() + 1e-9)));
    }

    /** The length whose square is this area, in mm². */
    static Term root(Term area) {
        return new Call("root of ", area, null, Quantity.of(Length.mm(Math.sqrt(Math.max(0, area.number())))));
    }

    static Term absolute(Term a) {
        Quantity v = a.value();
        return new Call(
                "size of ",
                a,
                null,
                v.isLength()
                        ? Quantity.of(v.length().abs())
                        : new Quantity(v.kind(), Length.ZERO, Math.abs(v.number())));
    }

    /** The angle in degrees whose tangent this is. */
    static Term arcTangent(Term ratio) {
        return new Call("atan ", ratio, null, Quantity.of(Math.toDegrees(Math.atan(ratio.number()))));
    }

    static Term tangent(Term degrees) {
        return new Call("tan ", degrees, null, Quantity.of(Math.tan(Math.toRadians(degrees.number()))));
    }

    /** {@code cos²} of an angle in degrees. */
    static Term cosineSquared(Term degrees) {
        double cosine = Math.cos(Math.toRadians(degrees.number()));
        return new Call("cos² ", degrees, null, Quantity.of(cosine * cosine));
    }

    /** {@code sin²} of an angle in degrees. */
    static Term sineSquared(Term degrees) {
        double sine = Math.sin(Math.toRadians(degrees.number()));
        return new Call("sin² ", degrees, null, Quantity.of(sine * sine));
    }

    /** How a worked number and a constant are written in a formula. */
    interface Naming {
        String name(Worked worked);

        String number(Quantity constant);
    }

    /** A number that stands in the formula itself. */
    record Written(Quantity value) implements Term {
        /** The counts most formulas are written with, each at its own place: up to 4. */
        private static final List<Term> SMALL = IntStream.rangeClosed(0, 4)
                .<Term>mapToObj(count -> new Written(Quantity.of(count)))
                .toList();

        @Override
        public int binding() {
            return 3;
        }

        @Override
        public void write(StringBuilder out, Naming naming) {
            out.append(naming.number(value));
        }
    }

    /** A sum or a difference of two like terms. */
    record Sum(Term left, Term right, boolean difference, Quantity value) implements Term {
        static Quantity of(Quantity a, Quantity b, boolean difference) {
            if (a.kind() != b.kind()) {
                throw new IllegalStateException("cannot add " + a + " and " + b);
            }
            if (a.isLength()) {
                return Quantity.of(
                        difference ? a.length().minus(b.length()) : a.length().plus(b.length()));
            }
            return new Quantity(a.kind(), Length.ZERO, difference ? a.number() - b.number() : a.number() + b.number());
        }

        @Override
        public int binding() {
            return 1;
        }

        @Override
        public void write(StringBuilder out, Naming naming) {
            writeIn(left, 1, out, naming);
            out.append(difference ? " − " : " + ");
            writeIn(right, difference ? 2 : 1, out, naming);
        }
    }

    /** A product; of two lengths, an area. */
    record Product(Term left, Term right, Quantity value) implements Term {
        static Quantity of(Quantity a, Quantity b) {
            if (a.isLength() && b.isLength()) {
                return Quantity.area(a.number() * b.number());
            }
            if (a.isLength() || b.isLength()) {
                Length length = a.isLength() ? a.length() : b.length();
                Quantity factor = a.isLength() ? b : a;
                return Quantity.of(
                        factor.isWhole() ? length.times((long) factor.number()) : length.times(factor.number()));
            }
            boolean area = a.kind() == Quantity.Kind.AREA || b.kind() == Quantity.Kind.AREA;
            double product = a.number() * b.number();
            return area ? Quantity.area(product) : Quantity.of(product);
        }

        @Override
        public int binding() {
            return 2;
        }

        @Override
        public void write(StringBuilder out, Naming naming) {
            writeIn(left, 2, out, naming);
            out.append(" · ");
            writeIn(right, 2, out, naming);
        }
    }

    /** A quotient: of two lengths a ratio, of a length and a number a length. */
    record Quotient(Term left, Term right, Quantity value) implements Term {
        static Quantity of(Quantity a, Quantity b) {
            if (b.number() == 0) {
                throw new ArithmeticException("division by zero in a working");
            }
            if (a.isLength() && b.isLength()) {
                return Quantity.of(a.length().dividedBy(b.length()));
            }
            if (a.isLength() && b.isNumber()) {
                return Quantity.of(
                        b.isWhole()
                                ? a.length().dividedBy((long) b.number())
                                : a.length().times(1 / b.number()));
            }
            if (a.kind() == Quantity.Kind.AREA && b.isLength()) {
                return Quantity.of(Length.mm(a.number() / b.number()));
            }
            return Quantity.of(a.number() / b.number());
        }

        @Override
        public int binding() {
            return 2;
        }

        @Override
        public void write(StringBuilder out, Naming naming) {
            writeIn(left, 2, out, naming);
            out.append(" / ");
            writeIn(right, 3, out, naming);
        }
    }

    /** A named step: the larger of two, rounding, a root. */
    record Call(
            String words,
            Term first,
            @org.jspecify.annotations.Nullable Term second,
            Quantity value) implements Term {
        @Override
        public int binding() {
            return 3;
        }

        @Override
        public void write(StringBuilder out, Naming naming) {
            out.append(words);
            if (second == null) {
                writeIn(first, 3, out, naming);
            } else {
                out.append('(');
                first.write(out, naming);
                out.append(" and ");
                second.write(out, naming);
                out.append(')');
            }
        }
    }

    private static void writeIn(Term term, int atLeast, StringBuilder out, Naming naming) {
        boolean brackets = term.binding() < atLeast;
        if (brackets) {
            out.append('(');
        }
        term.write(out, naming);
        if (brackets) {
            out.append(')');
        }
    }
}
