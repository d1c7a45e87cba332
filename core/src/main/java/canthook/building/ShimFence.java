package canthook.building;

import static canthook.working.Term.fixed;

import canthook.building.JigPart.Made;
import canthook.jig.BandSawSetting;
import canthook.length.Length;
import canthook.shop.Machine.Measure;
import canthook.working.Term;
import canthook.working.Worked;

/**
 * A fence at the band saw, and the strip that makes up for its kerf.
 *
 * <pre>
 * shim = k − c/2, planed or by trial, wide enough to stand on its edge
 * </pre>
 */
final class ShimFence {
    private ShimFence() {}

    static JigToBuild of(Drafting d, BandSawSetting setting) {
        Worked guide = d.machine.read(Measure.UNDER_GUIDE, "guide", "hg");
        Worked wall = d.worked.size().thickness();
        if (wall.isOver(guide.length())) {
            d.stop("Walls of " + wall.text(d.display) + " do not go under a guide that opens " + guide.text(d.display)
                    + ".");
        }
        Worked longs = d.length(
                "fence-long",
                "Lf",
                "Fence, long",
                Term.larger(d.height.plus(fixed(Length.mm(60))), fixed(Length.mm(200))),
                "The part slides along it for the whole of its cut.");
        Worked high = d.length(
                "fence-high",
                "hf",
                "Fence, high",
                Term.larger(wall.times(2), fixed(Length.mm(40))),
                "Twice the wall, and 40 at least.");
        d.part(new JigPart(
                "fence",
                "Fence",
                1,
                longs,
                high,
                d.given("fence-thick", "tf", "Fence, thick", 18, "Stiff."),
                Made.WOOD,
                Drafting.HARDWOOD,
                "Set to the blade's drift, not to the table's edge."));
        d.part(new JigPart(
                "shim",
                "Shim",
                1,
                longs,
                high,
                setting.shim(),
                Made.WOOD,
                "hard and stable, planed or by trial",
                "Stands on its edge between fence and part."));
        d.part(new JigPart(
                "stop",
                "Depth stop",
                1,
                high,
                high,
                d.given("stop-thick", "ts", "Depth stop, thick", 18, "Clamped to the fence."),
                Made.WOOD,
                Drafting.HARDWOOD,
                "The slot's depth past the blade's teeth: " + d.depth.text(d.display) + "."));
        d.then("Fence set to the blade's drift: saw a straight line freehand, and set the fence along it.");
        d.then("Shim planed to " + setting.shim().text(d.display) + "; tried between two cuts in scrap.");
        d.caution(
                "Guide down to just over the part. Push stick for the last stretch; unplug before the blade is touched.");
        d.check("shim", "The shim by caliper, at both ends.", setting.shim());
        d.check("stop", "Depth of a cut.", d.depth);
        return d.done("Fence and shim for the band saw", 40);
    }
}
