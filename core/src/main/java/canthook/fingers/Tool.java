package canthook.fingers;

import static canthook.working.Term.fixed;

import canthook.cutter.Cutter;
import canthook.cutter.StackSet;
import canthook.cutter.StackSet.Stack;
import canthook.length.Length;
import canthook.plan.FingerChoice;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import org.jspecify.annotations.Nullable;

/**
 * What a rung is cut with. A stacked cutter has no kerf of its own: the stack is put together for the slot.
 *
 * @param id of the cutter on the rack; empty when only its kerf is known
 * @param name what the maker calls it
 * @param kerf as measured in a cut
 * @param cutter as it hangs on the rack; null when only its kerf is known
 */
public record Tool(
        String id, String name, Length kerf, @Nullable Cutter cutter) {
    /** The plan's own cutter. */
    static Tool of(FingerChoice choice) {
        Cutter tool = choice.tool();
        return new Tool(tool == null ? "" : tool.id(), choice.cutter(), choice.kerf(), tool);
    }

    /** A cutter of the rack. */
    static Tool of(Cutter cutter) {
        return new Tool(cutter.id(), cutter.name(), cutter.kerf(), cutter);
    }

    /** The narrowest slot it makes in one pass. */
    Length narrowest() {
        StackSet set = cutter == null ? null : cutter.stack();
        return set == null ? kerf : set.outer();
    }

    /** The kerf this many sections are cut with. */
    Worked kerf(Worksheet sheet, int sections, Length clearance, HeightBand reach) {
        StackSet set = cutter == null ? null : cutter.stack();
        if (set == null) {
            return measured(sheet);
        }
        int fingers = (sections + 1) / 2;
        Length wanted = reach.wished().plus(clearance.times(fingers)).dividedBy(sections);
        Stack nearest = set.nearest(wanted);
        boolean once = reach.holds(nearest.width().times(sections).minus(clearance.times(fingers)));
        Stack stack = once ? nearest : set.widestWithin(wanted).orElse(nearest);
        Term width = fixed(set.outer());
        StringBuilder words = new StringBuilder("The outer blades");
        for (Length chipper : stack.chippers()) {
            width = width.plus(fixed(chipper));
        }
        for (Length shim : stack.shims()) {
            width = width.plus(fixed(shim));
        }
        words.append(count(stack.chippers().size(), "chipper"))
                .append(count(stack.shims().size(), "shim"));
        return sheet.work(
                "kerf",
                "k",
                "The stack cuts",
                Show.FIT,
                width.times(1),
                words + ": measure it in a cut before you trust it.");
    }

    private static String count(int many, String what) {
        return many == 0 ? "" : many == 1 ? ", one " + what : ", " + many + " " + what + "s";
    }

    /** The kerf as read in a cut. */
    Worked measured(Worksheet sheet) {
        String when = cutter == null || cutter.kerfOn() == null
                ? ""
                : " Measured on " + cutter.kerfOn()
                        + (cutter.kerfFrom().isEmpty() ? "." : ", " + cutter.kerfFrom() + ".");
        return sheet.measured(
                "kerf", "k", "Measured kerf", Show.FIT, kerf, "The slot one pass leaves, as measured in a cut." + when);
    }
}
