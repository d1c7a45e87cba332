package canthook.building;

import static canthook.working.Term.fixed;

import canthook.building.JigPart.Made;
import canthook.building.JigToBuild.Check;
import canthook.building.JigToBuild.Order;
import canthook.fingers.Rung;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.machines.Measured;
import canthook.panel.PanelWidth;
import canthook.panel.PanelWidth.Movement;
import canthook.plan.Stuff;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRule;
import canthook.shop.Machine.Measure;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A jig while it is drafted, and what most of them have: a fence the part stands against from its first cut to its last.
 *
 * <pre>
 * fence = from the key H + gap + 30 on the cutter's side, H + 30 on the other; high: 2 · depth + 30, and 60 at least
 * runner = (slot − 0.1) / (1 + x_wet) wide, slot's depth − 0.5 high
 * </pre>
 *
 * Check: slot 19, quarter-sawn maple: 18.775.
 */
final class Drafting {
    static final String SHEET = "sheet";
    static final String HARDWOOD = "hardwood offcut";
    private static final Stuff RUNNER = new Stuff("maple-sugar", 90);
    private static final Stuff RUNNER_FLAT = new Stuff("maple-sugar", 0);
    private static final Length PAST = Length.mm(30);

    final WorkedPlan worked;
    final Worksheet sheet;
    final Measured machine;
    final Rung rung;
    final LengthDisplay display;
    /** The deepest slot. */
    final Worked depth;
    /** How tall a part stands. */
    final Worked height;

    private final List<JigPart> parts = new ArrayList<>();
    private final List<Order> order = new ArrayList<>();
    private final List<Check> checks = new ArrayList<>();
    private final List<String> stops = new ArrayList<>();

    Drafting(WorkedPlan worked, Worksheet sheet, Measured machine) {
        this.worked = worked;
        this.sheet = sheet;
        this.machine = machine;
        rung = worked.fingers().chosen();
        display = worked.plan().display();
        Worked side = worked.size().slotDepth();
        Worked end = worked.size().endSlotDepth();
        depth = end.isOver(side.length()) ? end : side;
        height = rung.closing();
    }

    Worked given(String name, String symbol, String label, double mm, String why) {
        return sheet.table(name, symbol, label, Show.LAYOUT, Length.mm(mm), why);
    }

    Worked length(String name, String symbol, String label, Term term, String rule) {
        return sheet.work(name, symbol, label, Show.LAYOUT, term, rule);
    }

    Worked exact(String name, String symbol, String label, Term term, String rule) {
        return sheet.work(name, symbol, label, Show.CALIPER, term, rule);
    }

    Worked stack() {
        return sheet.ruled(
                "stack",
                "Tₘ",
                "Thickest stack",
                Show.LAYOUT,
                worked.shop().rules().stackHighest(),
                HouseRule.STACK_HIGHEST.reason(),
                null,
                "rules");
    }

    /** @param gap from key to cutter, or what stands between stop and cutter; null where the part stands anywhere */
    Worked fenceLong(@Nullable Worked gap) {
        Term both = height.plus(fixed(PAST)).plus(height).plus(fixed(PAST));
        return length(
                "fence-long",
                "Lf",
                "Fence, long",
                gap == null
                        ? both
                        : height.plus(gap).plus(fixed(PAST)).plus(height).plus(fixed(PAST)),
                "The part stands against it at its first cut and at its last: the height and a hand's breadth to either side of the key.");
    }

    Worked fenceHigh() {
        return length(
                "fence-high",
                "hf",
                "Fence, high",
                Term.larger(fixed(2).times(depth).plus(fixed(PAST)), fixed(Length.mm(60))),
                "Twice the slot's depth and 30, and 60 at least: something to clamp to.");
    }

    Worked keyHigh() {
        return length(
                "key-high",
                "hκ",
                "Key, high",
                Term.larger(depth.minus(fixed(Length.mm(1))), fixed(Length.mm(1))),
                "A millimetre under the slot's depth: a part comes down on the base, not on the key.");
    }

    Worked keyLong(Worked fence, Worked backing, Worked stack) {
        return length(
                "key-long",
                "lκ",
                "Key, long",
                fence.plus(backing).plus(stack).plus(fixed(Length.mm(10))),
                "Through fence and backing, past the thickest stack, and 10 to find it by.");
    }

    /** A runner in the mitre slot, and how much it would move another way. */
    JigPart runner(Worked along) {
        Worked slot = machine.read(Measure.SLOT_WIDTH, "slot", "w");
        Worked deep = machine.read(Measure.SLOT_DEPTH, "slot-deep", "d");
        Movement moves = PanelWidth.movement(new Worksheet("build.runner"), RUNNER, "", worked.year());
        Movement flat = PanelWidth.movement(new Worksheet("build.runner-flat"), RUNNER_FLAT, "", worked.year());
        Worked wide = exact(
                "runner-wide",
                "wr",
                "Runner, wide",
                slot.minus(fixed(Length.mm(0.1)))
                        .over(fixed(1).plus(fixed(moves.byWetness().number()))),
                "A tenth of play in the slot on the wettest day; today it is narrower by what it will swell.");
        Worked high = length(
                "runner-high",
                "hr",
                "Runner, high",
                deep.minus(fixed(Length.mm(0.5))),
                "Half a millimetre off the slot's floor: the sled lies on the table and not on its runner.");
        Worked swells = exact(
                "runner-flat-swells",
                "Δw",
                "Flat-sawn it would swell by",
                wide.times(fixed(flat.byWetness().number())),
                "From today to the wettest day, of the same wood cut the other way.");
        return new JigPart(
                "runner",
                "Runner",
                1,
                along,
                wide,
                high,
                Made.WOOD,
                "quarter-sawn hardwood, sheet or metal",
                "Flat-sawn it would swell " + swells.text(display) + " and jam.");
    }

    /** How much a key of wood will itself move, and what stays. */
    String keyMoves(Worked key) {
        Movement moves = PanelWidth.movement(new Worksheet("build.key-stuff"), RUNNER, "", worked.year());
        Worked swells = exact(
                "key-swells",
                "Δκₓ",
                "The key swells by",
                key.times(fixed(moves.byWetness().number())),
                "From today to the wettest day, quarter-sawn: so much less it is made, or it is of brass or steel, which stay.");
        return " Quarter-sawn it swells " + swells.text(display) + " to the wettest day; brass or steel stays.";
    }

    void part(JigPart part) {
        parts.add(part);
    }

    void then(String says) {
        order.add(new Order(says, false));
    }

    void caution(String says) {
        order.add(new Order(says, true));
    }

    void check(String id, String says, @Nullable Worked number) {
        checks.add(new Check(id, says, Optional.ofNullable(number)));
    }

    void stop(String says) {
        stops.add(says);
    }

    JigToBuild done(String title, int minutes) {
        return new JigToBuild(title, minutes, parts, order, checks, stops, machine.assumed(), sheet.numbers());
    }
}
