package canthook.building;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.shop.RackJig.Glued;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The joint a glued key makes, and no other.
 *
 * <pre>
 * slot = k     clearance = k − g     pitch = k + g     closes at n·k − m·c, m = (n + 1) / 2
 * with a shim on its cutter side:  c′ = (n·k − H) / m, no wider than 0.25
 * </pre>
 *
 * Check: k 7.45, g 7.28: 11 sections 80.93, 13 95.66, 15 110.39.
 */
public record GluedKey(Glued glued) {
    private static final Length LEAST_SHIM = Length.mm(0.02);
    private static final Length MOST_SHIM = Length.mm(1);
    private static final Length LOOSEST = Length.mm(0.25);

    /** A count of sections, and where it closes. */
    public record Closes(int sections, Length height) {}

    public Length clearance() {
        return glued.kerf().minus(glued.gap());
    }

    /** Where an odd count closes. */
    public Length closes(int sections) {
        return glued.kerf().times(sections).minus(clearance().times((sections + 1) / 2));
    }

    /**
     * How a count's height comes out, line by line.
     *
     * @param shim on its cutter side; zero for none
     */
    public List<String> working(int sections, Length shim, LengthDisplay display) {
        Worksheet sheet = new Worksheet("shop-jig");
        Worked k = sheet.measured("kerf", "k", "Slot it cuts", Show.CALIPER, glued.kerf(), "As measured.");
        Worked g = sheet.measured("gap", "g", "Gap", Show.CALIPER, glued.gap(), "As measured.");
        Worked x = sheet.measured("shim", "x", "Shim", Show.CALIPER, shim, "On its cutter side.");
        Worked c = sheet.work(
                "clearance",
                "c",
                "Clearance",
                Show.CALIPER,
                shim.isPositive() ? k.minus(g).plus(x) : k.minus(g),
                "What the slot is wider than the gap.");
        Worked closes = sheet.work(
                "closes",
                "H₀",
                "Closes at",
                Show.LAYOUT,
                Term.fixed(sections)
                        .times(k)
                        .minus(Term.fixed((sections + 1) / 2).times(c)),
                "Sections, less a clearance for every finger.");
        return List.of(c.inOneLine(display), closes.inOneLine(display));
    }

    /** Whether its fingers go in and hold; a gap over the slot, or far under it, is no joint as it is. */
    public boolean isAJoint() {
        return !clearance().isNegative() && !clearance().isOver(LOOSEST);
    }

    /**
     * The shim on its cutter side with which so many sections close at a height; empty when they would close under it, or it is next to
     * nothing, too much, or leaves a joint that is loose.
     */
    public Optional<Length> shimmedTo(int sections, Length height) {
        if (!closes(sections).isOver(height)) {
            return Optional.empty();
        }
        Length shim = clearanceAt(sections, height).minus(clearance());
        boolean goes =
                !clearanceAt(sections, height).isOver(LOOSEST) && !shim.isUnder(LEAST_SHIM) && !shim.isOver(MOST_SHIM);
        return goes ? Optional.of(shim) : Optional.empty();
    }

    /** The clearance with which so many sections close at a height. */
    public Length clearanceAt(int sections, Length height) {
        return glued.kerf().times(sections).minus(height).dividedBy((sections + 1) / 2);
    }

    /** Every odd count whose height lies between two. */
    public List<Closes> between(Length lowest, Length highest, int most) {
        List<Closes> all = new ArrayList<>();
        for (int n = 3; n <= most; n += 2) {
            Length height = closes(n);
            if (height.isOver(highest)) {
                break;
            }
            if (!height.isUnder(lowest)) {
                all.add(new Closes(n, height));
            }
        }
        return all;
    }
}
