package canthook.building;

import canthook.building.JigPart.Made;
import canthook.jig.SpacerSetting;
import canthook.length.Length;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;

/**
 * Spacers against a fence.
 *
 * <pre>
 * one strip planed to p, cut to as many as the longest stack wants and one over; one of the odd thickness
 * </pre>
 */
final class SpacerFence {
    private SpacerFence() {}

    static JigToBuild of(Drafting d, SpacerSetting setting) {
        Worked longs = d.fenceLong(null);
        Worked tall = d.fenceHigh();
        Worked thick = d.given("fence-thick", "tf", "Fence, thick", 18, "Stiff enough over its length.");
        Worked many = d.sheet.work(
                "spacers",
                "q",
                "Spacers",
                Show.COUNT,
                d.rung.fingers().times(1),
                "As many as the longest stack wants, and one over.");
        Worked each = d.given("spacer-long", "ls", "Each spacer, long", 60, "Something to hold.");
        Worked high = d.length(
                "spacer-high",
                "hs",
                "Each spacer, high",
                Term.larger(d.depth.plus(Term.fixed(Length.mm(15))), Term.fixed(Length.mm(30))),
                "Stands on its edge by itself.");
        Worked strip = d.length(
                "strip",
                "Ls",
                "Strip to plane, long",
                many.times(each.plus(Term.fixed(Length.mm(3)))).plus(Term.fixed(Length.mm(100))),
                "All of them with their kerfs, and 100 to hold the last by.");
        d.part(new JigPart(
                "fence",
                "Fence with a stop",
                1,
                longs,
                tall,
                thick,
                Made.WOOD,
                Drafting.HARDWOOD,
                "The stop square to the fence: everything counts from it."));
        d.part(new JigPart("backing", "Backing", 1, longs, tall, thick, Made.WOOD, Drafting.HARDWOOD, "Renewed."));
        d.part(new JigPart(
                "spacers",
                "Spacers",
                many.count(),
                each,
                high,
                setting.spacer(),
                Made.WOOD,
                "one strip, hard and stable",
                "From one strip of " + strip.text(d.display) + " planed to this; each measured and marked."));
        d.part(new JigPart(
                "odd",
                "The odd one",
                1,
                each,
                high,
                setting.odd(),
                Made.WOOD,
                "the same",
                "Marked, so that it is never taken for another."));
        for (int i = 0; i < setting.passSpacers().size(); i++) {
            d.part(new JigPart(
                    "pass-" + (i + 1),
                    "For a slot's passes",
                    1,
                    each,
                    high,
                    setting.passSpacers().get(i),
                    Made.WOOD,
                    "the same",
                    "Marked with its pass."));
        }
        d.then("Plane one strip to " + setting.spacer().text(d.display)
                + "; measure it at both ends before it is cut.");
        d.caution("Short pieces are cut from a long strip against a stop block, never freehand.");
        d.then("Cut it up; measure and mark each. The nearest to size go where the stack is longest.");
        d.then("Fence square to the cut, its stop fast; backing before it.");
        d.caution("Guard where the cutter comes out; hands not in line.");
        d.check("spacer", "Each spacer by caliper.", setting.spacer());
        d.check("odd", "The odd one.", setting.odd());
        d.check("fence", "From the fence's stop to the cutter's near side.", setting.fence());
        d.check("square", "Fence square to the cut: five cuts.", null);
        return d.done("Fence with spacers", 75);
    }
}
