package canthook.building;

import static canthook.working.Term.fixed;

import canthook.building.JigPart.Made;
import canthook.cutter.Cutter;
import canthook.jig.KeySetting;
import canthook.length.Length;
import canthook.shop.Machine.Measure;
import canthook.working.Show;
import canthook.working.Worked;

/**
 * A router hung under a base, parts standing on end against a fence over it.
 *
 * <pre>
 * base  ≤ reach − (T + proud) − 1              the bit must reach past it by the slot's depth, and the collet still clear
 * hole  = bit + 3                              plate's holes from the router's own, sunk 0.5 below
 * </pre>
 *
 * Check: reach 25, slots 12.4: base 11.6.
 */
final class RouterSled {
    private static final double USUAL_REACH = 25;
    private static final Length LEAST_BASE = Length.mm(4);

    private RouterSled() {}

    static JigToBuild of(Drafting d, KeySetting key) {
        Cutter cutter = d.rung.tool().cutter();
        Length told = cutter == null ? null : cutter.reach();
        Worked reach = d.sheet.measured(
                "reach",
                "R",
                "The bit reaches",
                Show.LAYOUT,
                told == null ? Length.mm(USUAL_REACH) : told,
                told == null
                        ? "Assumed; it was not taken yet. Router upside down, bit in as deep as it may be held: from the base to its end."
                        : "As it hangs on the rack.");
        Worked base = d.length(
                "base",
                "b",
                "Base, thick, at most",
                reach.minus(d.depth).minus(fixed(Length.mm(1))),
                "What the bit reaches, less the slot's depth, and 1.");
        if (base.length().isUnder(LEAST_BASE)) {
            d.stop("The bit reaches " + reach.text(d.display) + ", the slots are " + d.depth.text(d.display)
                    + " deep: what is left is no base. Take a longer bit.");
        }
        Worked longs = d.fenceLong(key.gap());
        Worked tall = d.fenceHigh();
        Worked fence = d.given("fence-thick", "tf", "Fence, thick", 18, "Stiff enough over its length.");
        Worked backing = d.given("backing-thick", "tb", "Backing, thick", 12, "Against tear-out; renewed.");
        Worked stack = d.stack();
        Worked keyLong = d.keyLong(fence, backing, stack);
        Worked keyHigh = d.keyHigh();
        Worked hole = d.length(
                "hole",
                "dh",
                "Hole for the bit",
                d.rung.kerf().plus(fixed(Length.mm(3))),
                "The bit and 3: dust falls through.");
        Worked circle = d.machine.read(Measure.HOLE_CIRCLE, "circle", "dc");
        Worked screws = d.machine.read(Measure.PLATE_SCREW, "plate-screw", "ds");
        Worked deep = d.length(
                "base-deep",
                "db",
                "Base, along the feed",
                circle.plus(fixed(2).times(stack)).plus(fixed(Length.mm(80))),
                "The router's plate, and the thickest stack before and behind it.");
        d.part(new JigPart(
                "base",
                "Base",
                1,
                longs,
                deep,
                base,
                Made.SHEET,
                "sheet, flat and stiff",
                "Its two long edges parallel within 0.1: the carriage runs along them."));
        d.part(new JigPart(
                "fence",
                "Fence, on a carriage",
                1,
                longs,
                tall,
                fence,
                Made.WOOD,
                Drafting.HARDWOOD,
                "Rides on the base between the rails."));
        d.part(new JigPart(
                "backing",
                "Backing",
                1,
                longs,
                tall,
                backing,
                Made.WOOD,
                Drafting.HARDWOOD,
                "Renewed when it is worn."));
        d.part(new JigPart(
                "rails",
                "Rails",
                2,
                deep,
                d.given("rail-wide", "wr", "Rails, wide", 20, "Along the base's edges."),
                d.given("rail-high", "hr", "Rails, high", 20, "They hold the carriage down to its way."),
                Made.WOOD,
                Drafting.HARDWOOD,
                "Along the base's long edges, without play."));
        d.part(new JigPart(
                "key",
                "Key",
                3,
                keyLong,
                key.key(),
                keyHigh,
                Made.WOOD,
                "hard, straight-grained",
                "One is glued in, one sets the gap, one is spare." + d.keyMoves(key.key())));
        d.part(new JigPart(
                "legs",
                "Legs",
                2,
                deep,
                d.given("leg-high", "hl", "Legs, high", 150, "Room for the router; one goes into the vice."),
                fence,
                Made.SHEET,
                Drafting.SHEET,
                "One into the vice."));
        d.part(new JigPart(
                "guard",
                "Guard block",
                1,
                tall,
                d.given("guard", "dg", "Guard block, deep", 40, "The bit comes out in it."),
                tall,
                Made.WOOD,
                "any solid wood",
                "Behind the fence, over the hole."));
        d.then("Screw holes pricked through from the router's own plate, on a circle of " + circle.text(d.display)
                + ", bored for screws of " + screws.text(d.display) + ", their heads sunk just below the face.");
        d.then("Bit's hole, " + hole.text(d.display) + ".");
        d.caution("Unplug before the bit is put in or measured. The bit turns against the feed, never with it.");
        d.then(
                "Rails along both edges; the carriage runs without play, a travel stop before the fence is cut through.");
        d.then("Guard block behind the fence; one cut through the backing. Measure it: it is the kerf.");
        d.then("Key " + key.gap().text(d.display) + " from the cut, by the spare length for the first test.");
        d.caution("Nothing is glued that is renewed. Eyes, ears, dust.");
        d.check("parallel", "The base's long edges parallel, within 0.1.", null);
        d.check("square", "Fence square to the way the carriage goes: five cuts.", null);
        d.check("gap", "Gap from key to cut.", key.gap());
        d.check("height", "Depth of a cut.", d.depth);
        return d.done("Router sled with a key", 150);
    }
}
