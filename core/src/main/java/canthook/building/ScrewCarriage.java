package canthook.building;

import static canthook.working.Term.fixed;

import canthook.building.JigPart.Made;
import canthook.jig.ScrewSetting;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.plan.JigChoice.Screw;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;

/**
 * A carriage that a threaded rod moves past the cutter.
 *
 * <pre>
 * travel  = H + the larger of pitch and two turns + 10
 * rod     = travel + nut + two bearings + 60 for the crank
 * centres = module · (z₁ + z₂) / 2             of the gears, where there are any
 * </pre>
 *
 * Check: 39 and 12 teeth at module 1.5: 38.25.
 */
final class ScrewCarriage {
    private static final double MODULE = 1.5;
    /** A wheel with fewer teeth is undercut and runs rough. */
    private static final int FEWEST_TEETH = 12;

    private ScrewCarriage() {}

    static JigToBuild of(Drafting d, ScrewSetting setting) {
        Screw screw = setting.screw();
        Worked lead = d.sheet.decided("lead", "l", "Lead of the screw", Show.CALIPER, screw.lead(), "jig.screw.lead");
        Worked pitch = d.exact(
                "pitch", "p", "Pitch of the joint", d.rung.slot().plus(d.rung.finger()), "A slot and a finger.");
        Worked travel = d.length(
                "travel",
                "X",
                "It travels",
                d.height.plus(Term.larger(pitch, fixed(2).times(lead))).plus(fixed(Length.mm(10))),
                "The height, a pitch or two turns to take up the play from, and 10.");
        Worked nut = d.given(
                "nut", "ln", "Nut, long", 20, "Long enough to have no play, or a second one pulled against it.");
        Worked bearing = d.given(
                "bearing", "lb", "Each bearing, long", 15, "A block with the rod's hole, a washer either side.");
        Worked rod = d.length(
                "rod",
                "Lr",
                "Rod, long",
                travel.plus(nut).plus(fixed(2).times(bearing)).plus(fixed(Length.mm(60))),
                "Travel, nut, two bearings, and 60 for the crank.");
        Worked tall = d.fenceHigh();
        Worked carriage = d.length(
                "carriage",
                "Lc",
                "Carriage, long",
                d.height.plus(fixed(Length.mm(60))),
                "The part stands on it, with room to clamp.");
        Worked guides =
                d.length("guides", "Lg", "Guides, long", carriage.plus(travel), "The carriage, and all it travels.");
        Worked thick = d.given("thick", "t", "Fence and base, thick", 18, "Stiff.");
        Worked deep = d.given("deep", "db", "Carriage, deep", 120, "Room for the fence and a stack.");
        d.part(new JigPart(
                "carriage",
                "Carriage",
                1,
                carriage,
                deep,
                thick,
                Made.SHEET,
                Drafting.SHEET,
                "Slides on its guides without rocking."));
        d.part(new JigPart(
                "fence",
                "Fence on it",
                1,
                carriage,
                tall,
                thick,
                Made.WOOD,
                Drafting.HARDWOOD,
                "Square to the cutter."));
        d.part(new JigPart("backing", "Backing", 1, carriage, tall, thick, Made.WOOD, Drafting.HARDWOOD, "Renewed."));
        d.part(new JigPart(
                "guides",
                "Guides",
                2,
                guides,
                d.given("guide-wide", "wg", "Guides, wide", 20, "Beside the carriage."),
                thick,
                Made.WOOD,
                "hardwood, waxed",
                "Parallel, square to the feed."));
        d.part(new JigPart(
                "rod",
                "Threaded rod",
                1,
                rod,
                null,
                null,
                Made.BOUGHT,
                "lead " + lead.text(d.display),
                "Straight; wiped, not oiled."));
        d.part(new JigPart(
                "nut",
                "Nut in the carriage",
                2,
                null,
                null,
                null,
                Made.BOUGHT,
                "for that rod",
                "The second pulled against the first takes the play out."));
        d.part(new JigPart(
                "bearing",
                "Bearings",
                2,
                bearing,
                deep,
                thick,
                Made.WOOD,
                Drafting.HARDWOOD,
                "One each end; the rod turns and does not move along."));
        d.part(new JigPart(
                "crank",
                "Crank with a dial",
                1,
                null,
                null,
                null,
                Made.BOUGHT,
                "a disc with " + screw.parts() + (screw.parts() == 1 ? " mark" : " marks or dents"),
                "A dent for every part of a turn you count."));
        if (screw.driver() != screw.driven()) {
            gears(d, screw);
        }
        d.then("Guides parallel and square to the feed; the carriage slides by a finger's push.");
        d.then("Bearings in line with the nut: rod in, turned by hand over the whole travel before anything is glued.");
        d.then("Fence square to the cutter; backing before it.");
        d.caution(
                "Screws out of the cutter's way. Clamp the whole to the gauge or sled; hands off the crank while it cuts.");
        d.then(
                "Zero: the kerf just touching the reference edge. Mark the dial there, always turned from the same side.");
        d.check("play", "Play: turned back, how far the crank goes before the carriage follows.", null);
        d.check(
                "travel",
                "Ten turns move it.",
                d.exact(
                        "ten-turns",
                        "10 l",
                        "Ten turns",
                        lead.times(10.0 * screw.driver()).over(screw.driven()),
                        "Of the crank."));
        d.check("square", "Fence square to the cut: five cuts.", null);
        return d.done("Carriage with a screw", 240);
    }

    private static void gears(Drafting d, Screw screw) {
        Worked module = d.given("module", "m", "Module of the gears", MODULE, "Large enough teeth to print or saw.");
        Worked centres = d.exact(
                "centres",
                "a",
                "Gears' centres apart",
                module.times(fixed(screw.driver() + screw.driven())).over(2),
                "Half the sum of their pitch circles.");
        d.part(new JigPart(
                "gears",
                "Gears",
                2,
                centres,
                null,
                null,
                Made.BOUGHT,
                screw.driver() + " and " + screw.driven() + " teeth, module " + module.number(LengthDisplay.METRIC),
                "Centres so far apart; a hair more if they bind."));
        if (Math.min(screw.driver(), screw.driven()) < FEWEST_TEETH) {
            d.stop("A gear of " + Math.min(screw.driver(), screw.driven())
                    + " teeth runs rough and may not mesh: take twice as many on both.");
        }
        Length room = Length.mm(120);
        if (centres.isOver(room)) {
            d.stop("Gears " + centres.text(d.display) + " apart do not go beside a carriage "
                    + d.display.text(room, canthook.length.Precision.LAYOUT)
                    + " deep: take a finer module, or fewer teeth.");
        }
    }
}
