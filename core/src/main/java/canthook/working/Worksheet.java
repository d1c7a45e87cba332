package canthook.working;

import canthook.length.Length;
import canthook.working.Worked.Basis;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The sheet a stage works on: every number it settles is written down here, in order, under the stage's name. */
public final class Worksheet {
    /** Numbers of a usual stage, so that the list seldom grows. */
    private static final int USUAL = 32;

    private final String stage;
    private final String begins;
    private final List<Worked> numbers;

    public Worksheet(String stage) {
        this(stage, stage.concat("."), new ArrayList<>(USUAL));
    }

    private Worksheet(String stage, String begins, List<Worked> numbers) {
        this.stage = stage;
        this.begins = begins;
        this.numbers = numbers;
    }

    /** A part of this sheet for one of several alike: what is written there stands here too, each name begun with {@code first}. */
    public Worksheet part(String first) {
        return new Worksheet(stage, begins.concat(first), numbers);
    }

    /** A length the maker decided; {@code field} is its place in the plan. */
    public Worked decided(String name, String symbol, String label, Show show, Length value, String field) {
        return decided(name, symbol, label, show, Quantity.of(value), field);
    }

    public Worked decided(String name, String symbol, String label, Show show, double value, String field) {
        return decided(name, symbol, label, show, Quantity.of(value), field);
    }

    private Worked decided(String name, String symbol, String label, Show show, Quantity value, String field) {
        return add(new Worked(
                begins, name, symbol, label, show, value, Basis.DECIDED, "You decided this.", "", null, field));
    }

    /** A house rule's value, or the maker's own where the plan overrides it. */
    public Worked ruled(
            String name,
            String symbol,
            String label,
            Show show,
            Length houseValue,
            String reason,
            @Nullable Length own,
            String field) {
        return own != null
                ? decided(name, symbol, label, show, own, field)
                : add(new Worked(
                        begins,
                        name,
                        symbol,
                        label,
                        show,
                        Quantity.of(houseValue),
                        Basis.HOUSE_RULE,
                        "House rule: " + reason,
                        "",
                        null,
                        field));
    }

    /** A house rule that is no length: seconds, percentages. */
    public Worked house(String name, String symbol, String label, Show show, double value, String reason) {
        return add(new Worked(
                begins,
                name,
                symbol,
                label,
                show,
                Quantity.of(value),
                Basis.HOUSE_RULE,
                "House rule: " + reason,
                "",
                null,
                "rules"));
    }

    /** Something read off an instrument. */
    public Worked measured(String name, String symbol, String label, Show show, Length value, String how) {
        return add(
                new Worked(begins, name, symbol, label, show, Quantity.of(value), Basis.MEASURED, how, "", null, null));
    }

    /** Something looked up in a table. */
    public Worked table(String name, String symbol, String label, Show show, double value, String what, String source) {
        return add(new Worked(
                begins, name, symbol, label, show, Quantity.of(value), Basis.TABLE, what, source, null, null));
    }

    /** A length that is usual of something. */
    public Worked table(String name, String symbol, String label, Show show, Length value, String what) {
        return add(
                new Worked(begins, name, symbol, label, show, Quantity.of(value), Basis.TABLE, what, "", null, null));
    }

    /** A number that follows, by a rule of plain geometry. */
    public Worked work(String name, String symbol, String label, Show show, Term term, String rule) {
        return work(name, symbol, label, show, term, rule, "");
    }

    /** A number that follows, by a rule with a source. */
    public Worked work(String name, String symbol, String label, Show show, Term term, String rule, String source) {
        return add(
                new Worked(begins, name, symbol, label, show, term.value(), Basis.COMPUTED, rule, source, term, null));
    }

    /** Whose sheet it is: what its numbers' names begin with. */
    public String stage() {
        return stage;
    }

    public List<Worked> numbers() {
        return Collections.unmodifiableList(numbers);
    }

    private Worked add(Worked worked) {
        numbers.add(worked);
        return worked;
    }
}
