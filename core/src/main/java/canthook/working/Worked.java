package canthook.working;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A number with its working.
 *
 * @param sheet whose number it is, what its id begins with: {@code fingers.}
 * @param name its name on that sheet: {@code slot}
 * @param symbol what it is called in formulas: {@code s}
 * @param label what it is called on screen
 * @param show how it is shown
 * @param value the value itself
 * @param basis where it comes from
 * @param rule the rule in words
 * @param source who says so; empty where it is plain geometry
 * @param term the term it was computed with; null when it was not computed
 * @param field the field of the plan that decides it; null when it is not a decision
 */
public record Worked(
        String sheet,
        String name,
        String symbol,
        String label,
        Show show,
        Quantity value,
        Basis basis,
        String rule,
        String source,
        @Nullable Term term,
        @Nullable String field)
        implements Term {

    /** Where a number comes from. */
    public enum Basis {
        DECIDED,
        HOUSE_RULE,
        MEASURED,
        TABLE,
        COMPUTED
    }

    /** Stable, readable in an address: {@code fingers.slot}. */
    public String id() {
        return sheet.concat(name);
    }

    /** Whether that is its id. */
    public boolean is(String id) {
        return id.length() == sheet.length() + name.length() && id.startsWith(sheet) && id.endsWith(name);
    }

    @Override
    public int binding() {
        return 3;
    }

    @Override
    public void write(StringBuilder out, Naming naming) {
        out.append(naming.name(this));
    }

    public String number(LengthDisplay display) {
        return show.number(value, display);
    }

    /** The number with its unit. */
    public String text(LengthDisplay display) {
        String unit = show.unit(display);
        return unit.isEmpty() ? number(display) : number(display) + " " + unit;
    }

    /** The number for a line where room is short: {@code 248} and not {@code 248.0}. */
    public String shortly(LengthDisplay display) {
        String text = number(display);
        return text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
    }

    /** The value on the wire: millimetres, mm², or the plain number. */
    public double plain() {
        return value.number();
    }

    public boolean isOver(Length other) {
        return length().isOver(other);
    }

    /** The formula, the same with values, and what comes of it, in one line; the value alone when it was not computed. */
    public String inOneLine(LengthDisplay display) {
        String symbols = formula();
        String values = withValues(display);
        return symbols == null || values == null
                ? symbol + " = " + text(display)
                : symbol + " = " + symbols + " = " + values + " = " + text(display);
    }

    /** The formula in symbols; null when it was not computed. */
    public @Nullable String formula() {
        return written(new Naming() {
            @Override
            public String name(Worked worked) {
                return worked.symbol;
            }

            @Override
            public String number(Quantity constant) {
                return Show.inFormula(constant, LengthDisplay.METRIC);
            }
        });
    }

    /** The formula with this box's values in it; null when it was not computed. */
    public @Nullable String withValues(LengthDisplay display) {
        return written(new Naming() {
            @Override
            public String name(Worked worked) {
                String value = worked.show.inFormula(worked, display);
                return value.startsWith("−") ? "(" + value + ")" : value;
            }

            @Override
            public String number(Quantity constant) {
                return Show.inFormula(constant, display);
            }
        });
    }

    private @Nullable String written(Naming naming) {
        if (term == null) {
            return null;
        }
        StringBuilder out = new StringBuilder();
        term.write(out, naming);
        return out.toString();
    }

    /** The worked numbers that went in, each once, in the order they are written. */
    public List<Worked> inputs() {
        if (term == null) {
            return List.of();
        }
        Set<Worked> found = new LinkedHashSet<>();
        term.write(new StringBuilder(), new Naming() {
            @Override
            public String name(Worked worked) {
                found.add(worked);
                return "";
            }

            @Override
            public String number(Quantity constant) {
                return "";
            }
        });
        return new ArrayList<>(found);
    }
}
