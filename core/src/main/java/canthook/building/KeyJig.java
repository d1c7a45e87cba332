package canthook.building;

import static canthook.working.Term.fixed;

import canthook.building.JigPart.Made;
import canthook.jig.KeySetting;
import canthook.length.Length;
import canthook.length.Precision;
import canthook.plan.JigChoice.Way;
import canthook.shop.Machine.Measure;
import canthook.working.Term;
import canthook.working.Worked;

/**
 * A sled or gauge with a key, the cutter coming up through its base.
 *
 * <pre>
 * h      = slot's depth + base                     the cutter stands so high over the table
 * chord  = 2 · √(R² − (R − h)²)                    so long it shows at the table
 * guard  = chord/2 + 3 − (fence + backing) + 15    behind the fence; high: depth + 15 over the base
 * key    = as wide as the setting says, slot's depth − 1 high, fence + backing + stack + 10 long; three lengths of it
 * fence that moves: slots of 4 and the screw; a fixed zero block at its end
 * rod: a block with the rod's hole, the rod standing out stack + 5
 * </pre>
 *
 * Check: R 125, depth 9.4, base 12: chord 139.9; fence and backing 36: guard 51.9.
 */
final class KeyJig {
    private static final Length CLEAR = Length.mm(3);
    private static final Length LEAST_BASE = Length.mm(3);
    private static final Length THUMB = Length.mm(15);

    private KeyJig() {}

    static JigToBuild of(Drafting d, KeySetting key) {
        return key.way() == Way.ROUTER_SLED ? RouterSled.of(d, key) : sled(d, key);
    }

    private static JigToBuild sled(Drafting d, KeySetting key) {
        Worked base = d.given("base", "b", "Base, thick", 12, "6 to 12: a thinner one leaves the cutter more height.");
        Worked high = d.length(
                "height",
                "h",
                "Cutter over the table",
                d.depth.plus(base),
                "The slot's depth, and the base it comes through.");
        Worked radius = d.machine.read(Measure.BLADE_RADIUS, "radius", "R");
        Worked most = d.machine.read(Measure.GREATEST_HEIGHT, "most", "hₘ");
        if (!high.length().isUnder(radius.length())) {
            d.stop("A blade of " + radius.text(d.display) + " radius does not stand " + high.text(d.display)
                    + " over the table: take a thinner base, a larger blade or thinner walls.");
        } else if (high.isOver(most.length())) {
            Length thinnest = most.length().minus(d.depth.length());
            d.stop("The cutter would stand " + high.text(d.display) + " over the table, and the saw gives "
                    + most.text(d.display)
                    + (thinnest.isUnder(LEAST_BASE)
                            ? ": no base is that thin. Cut such walls on another machine."
                            : ": take a base of " + d.display.text(thinnest, Precision.LAYOUT) + " or less."));
        }
        Term under = radius.minus(high);
        Worked chord = d.length(
                "chord",
                "q",
                "Blade shows at the table over",
                fixed(2).times(Term.root(radius.times(radius).minus(under.times(under)))),
                "So long a slot it cuts in the base; hands stay clear of all of it.");
        Worked fence = d.given("fence-thick", "tf", "Fence, thick", 18, "Stiff enough over its length.");
        Worked backing = d.given(
                "backing-thick", "tb", "Backing, thick", 18, "Stands behind the work, is cut into, and is renewed.");
        Worked longs = d.fenceLong(key.gap());
        Worked tall = d.fenceHigh();
        Worked guard = d.length(
                "guard",
                "dg",
                "Guard block, deep",
                Term.larger(
                        chord.over(2)
                                .plus(fixed(CLEAR))
                                .minus(fence.plus(backing))
                                .plus(fixed(THUMB)),
                        fixed(Length.mm(40))),
                "When the sled is at its stop the blade is still inside it, and 15 of wood behind that.");
        Worked guardHigh = d.length(
                "guard-high",
                "hg",
                "Guard block, high",
                d.depth.plus(fixed(THUMB)),
                "Over the base: the slot's depth and 15.");
        Worked stack = d.stack();
        Worked keyHigh = d.keyHigh();
        Worked keyLong = d.keyLong(fence, backing, stack);
        Worked baseDeep = d.length(
                "base-deep",
                "db",
                "Base, along the feed",
                fence.plus(backing).plus(guard).plus(chord).plus(stack).plus(fixed(Length.mm(40))),
                "Guard, fence and backing, the thickest stack, and room for the whole blade before the work meets it.");
        Worked away = d.machine.read(Measure.SLOT_TO_BLADE, "slot-to-blade", "z");
        Worked baseLong = d.length(
                "base-long",
                "Lb",
                "Base, long",
                Term.larger(longs, away.plus(d.height).plus(fixed(Length.mm(50)))),
                "As long as the fence, and over the runner, which lies in the slot on one side of the blade.");
        d.part(new JigPart(
                "base", "Base", 1, baseLong, baseDeep, base, Made.SHEET, Drafting.SHEET, "Square; flat on the table."));
        d.part(d.runner(baseDeep));
        d.part(new JigPart(
                "fence",
                "Fence",
                1,
                longs,
                tall,
                fence,
                Made.WOOD,
                Drafting.HARDWOOD,
                "Square to the base and to the blade."));
        d.part(new JigPart(
                "backing",
                "Backing",
                1,
                longs,
                tall,
                backing,
                Made.WOOD,
                Drafting.HARDWOOD,
                "Screwed from behind, high up; renewed when it is worn."));
        d.part(new JigPart(
                "guard",
                "Guard block",
                1,
                d.given("guard-wide", "wg", "Guard block, wide", 90, "A hand's breadth about the blade."),
                guard,
                guardHigh,
                Made.WOOD,
                "any solid wood",
                "Glued behind the fence. No metal near the cut."));
        if (key.way() == Way.ROD_KEY) {
            rod(d, key, stack);
        } else {
            d.part(new JigPart(
                    "key",
                    "Key",
                    3,
                    keyLong,
                    key.key(),
                    keyHigh,
                    Made.WOOD,
                    "hard, straight-grained; top edges eased",
                    "One is glued in, one sets the gap for the first cut, one is spare. Rip several around this width before the cutter is changed."
                            + d.keyMoves(key.key())));
        }
        if (key.way() == Way.SHIM_FENCE) {
            moving(d, longs, tall);
        }
        d.part(new JigPart(
                "stop",
                "Travel stop",
                1,
                null,
                null,
                null,
                Made.BOUGHT,
                "a block under the base, a stop on the table",
                "Ends the travel with the blade's top " + d.display.text(CLEAR, Precision.LAYOUT)
                        + " past the face the work stands against."));
        order(d, key, high);
        return d.done(
                key.way() == Way.SHIM_FENCE
                        ? "Sled whose fence moves"
                        : key.way() == Way.ROD_KEY ? "Gauge with a rod for a key" : "Sled with a key",
                key.way() == Way.SHIM_FENCE ? 90 : 60);
    }

    private static void rod(Drafting d, KeySetting key, Worked stack) {
        Worked out = d.length(
                "rod-out", "lr", "Rod stands out by", stack.plus(fixed(Length.mm(5))), "The thickest stack and 5.");
        Worked wide = d.length(
                "rod-block",
                "wb",
                "Rod's block, wide",
                key.key().times(3),
                "A rod's width of wood either side of the hole.");
        d.part(new JigPart(
                "rod",
                "Rod or drill shank",
                1,
                out,
                key.key(),
                null,
                Made.BOUGHT,
                "steel",
                "Measured with a caliper; not turned once it is set."));
        d.part(
                new JigPart(
                        "rod-block",
                        "Block for the rod",
                        1,
                        wide,
                        wide,
                        d.given("rod-thick", "tr", "Rod's block, thick", 30, "Long enough a hole to hold it straight."),
                        Made.WOOD,
                        Drafting.HARDWOOD,
                        "Hole of the rod's own size, square to the face, bored before the block is cut to its edge. Clamped to the gauge."));
    }

    private static void moving(Drafting d, Worked longs, Worked tall) {
        Worked screw = d.given("fence-screw", "ds", "Fence's screws, thick", 6, "Two, with washers.");
        Worked slots = d.length(
                "fence-slots",
                "ls",
                "Slots for its screws",
                screw.plus(fixed(Length.mm(4))),
                "The screw, and 4 of range.");
        d.part(new JigPart(
                "inner",
                "Inner fence, carries the key",
                1,
                longs,
                tall,
                d.given("inner-thick", "ti", "Inner fence, thick", 12, "Slides before the fence."),
                Made.SHEET,
                Drafting.SHEET,
                "Two slots " + slots.text(d.display) + " long. Never into old screw holes."));
        d.part(new JigPart(
                "zero",
                "Zero block",
                1,
                d.given("zero-long", "lz", "Zero block, long", 30, "Something to clamp leaves against."),
                tall,
                screw,
                Made.WOOD,
                Drafting.HARDWOOD,
                "Fixed at the inner fence's end with half of the leaves between, so that both ways are open."));
    }

    private static void order(Drafting d, KeySetting key, Worked high) {
        d.then(
                "Base square; runner fitted in the slot, glued and screwed square to the base's edge. It slides without play and does not carry.");
        d.caution("Screws never where the cutter comes through. Unplug before the cutter is changed or measured.");
        d.then("Cutter set " + high.text(d.display)
                + " over the table; cut into the base up to where the fence will stand.");
        d.then("Fence square to that cut, two screws; guard block glued behind it, over the cut.");
        d.caution(
                "The cutter comes out behind the fence at every pass: the guard block stands there, and hands do not.");
        d.then("Travel stop: the cut ends with the blade's top just past the work's face.");
        d.then("Backing before the fence; one cut through it. The cut is the slot: measure it, it is the kerf.");
        if (key.way() == Way.ROD_KEY) {
            d.then("Block bored for the rod, clamped to the gauge, the rod "
                    + key.gap().text(d.display) + " from the cut.");
        } else {
            d.then("Key made to that slot, cut in three. One set in the base and the backing, "
                    + key.gap().text(d.display) + " from the cut.");
            d.then("The spare length between key and cut sets the gap for the first test; then move by what it lacks.");
            d.caution("Nothing is glued that is renewed: key by a dab, backing by screws.");
        }
        d.check("square", "Fence square to the cut: five cuts.", null);
        d.check("upright", "Cutter square to the base: a scrap cut, half turned over, no gap.", null);
        d.check("key-square", "Key square to base and fence: light under a square.", null);
        d.check("gap", "Gap from key to cut.", key.gap());
        d.check("height", "Depth of a cut.", d.depth);
        d.check("stop", "The blade stops inside the guard block.", null);
    }
}
