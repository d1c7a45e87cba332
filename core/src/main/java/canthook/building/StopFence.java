package canthook.building;

import canthook.building.JigPart.Made;
import canthook.length.Length;
import canthook.working.Term;
import canthook.working.Worked;

/** A fence with a scale and a stop that is set anew for every cut. */
final class StopFence {
    private StopFence() {}

    static JigToBuild of(Drafting d) {
        Worked longs = d.fenceLong(null);
        Worked tall = d.fenceHigh();
        Worked thick = d.given("fence-thick", "tf", "Fence, thick", 18, "Stiff enough over its length.");
        Worked scale = d.length(
                "scale",
                "Ls",
                "Scale, long",
                d.height.plus(Term.fixed(Length.mm(30))),
                "Over the whole height, and a little.");
        d.part(new JigPart(
                "fence", "Fence", 1, longs, tall, thick, Made.WOOD, Drafting.HARDWOOD, "Square to the cut."));
        d.part(new JigPart("backing", "Backing", 1, longs, tall, thick, Made.WOOD, Drafting.HARDWOOD, "Renewed."));
        d.part(new JigPart(
                "scale",
                "Scale",
                1,
                scale,
                null,
                null,
                Made.BOUGHT,
                "a steel rule",
                "Screwed on so that nothing has to be added: its zero at the cutter's near side."));
        d.part(new JigPart(
                "stop",
                "Stop",
                1,
                tall,
                tall,
                thick,
                Made.WOOD,
                Drafting.HARDWOOD,
                "Clamped; square, its lower corner cut off for dust."));
        d.then("Fence square to the cut; backing before it, one cut through.");
        d.then("Scale with its zero at that cut's near side; a scrap cut at 50 tells what it is off.");
        d.caution("Unplug before you measure to the cutter. Guard where it comes out.");
        d.check("scale", "A scrap set to 50 and cut: what the caliper reads.", null);
        d.check("square", "Fence square to the cut: five cuts.", null);
        return d.done("Fence with a stop", 45);
    }
}
