package canthook.building;

import static canthook.working.Term.fixed;

import canthook.building.SquareRead.Along;
import canthook.building.SquareRead.FiveCuts;
import canthook.building.SquareRead.Flip;
import canthook.building.SquareRead.Hinge;
import canthook.building.SquareRead.KeyTo;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.planner.WorkedPlan;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Whether a jig is square enough for the joint it cuts: not by a fixed number, but by what it takes of the clearance.
 *
 * <pre>
 * five cuts:  off = (a − b) / (4 · L)       a at the fence; a over b: the corner is over 90°
 *             shift the fence by D · off at its screw: hinge left, right end towards you; hinge right, left end away
 * flip:       leans = w / (2 · l)
 * key:        leans = light / height; a part rocks on it by leans · depth
 * of this joint: the slot's wall runs off by off · T through the wall and leans · depth over its depth, and so does the mate's
 *             good up to half the clearance, tight up to all of it, and no more beyond
 * </pre>
 *
 * Check: 25.40 and 25.20 on 300, screw 460 from the hinge: 0.077.
 *
 * @param answers one for each thing that was read
 * @param takes what of the clearance is taken in all
 */
public record Squareness(List<Answer> answers, @Nullable Worked takes, Grade grade, List<Worked> numbers) {
    /** Half the clearance: nobody feels it. */
    private static final double GOOD = 0.5;

    /** What it means for the joint. */
    public enum Grade {
        GOOD,
        TIGHT,
        NOT
    }

    /**
     * What a reading says.
     *
     * @param moves how far and which way something is to be moved; zero for nothing. Right end towards you and left end away are positive
     */
    public record Answer(String id, String says, Worked number, double moves) {}

    /** What ids of its numbers begin with. */
    public static final String STAGE = "square.";

    /** What it means for the joint, in a sentence; empty while nothing was read that takes of the clearance. */
    public String says(WorkedPlan worked) {
        LengthDisplay display = worked.plan().display();
        Worked taken = takes;
        if (taken == null) {
            return "";
        }
        String clearance = worked.fingers().chosen().clearance().text(display);
        return switch (grade) {
            case GOOD ->
                "Good enough for this joint: it takes " + taken.text(display) + " of a clearance of " + clearance + ".";
            case TIGHT ->
                "It goes, tightly: it takes " + taken.text(display) + " of a clearance of " + clearance
                        + ". Mend it, or let the fit be looser by that.";
            case NOT ->
                "Not for this joint: it takes " + taken.text(display) + ", more than the clearance of " + clearance
                        + ". Mend it first.";
        };
    }

    /** For the joint of a plan. */
    public static Squareness of(SquareRead read, WorkedPlan worked) {
        Worksheet sheet = new Worksheet("square");
        LengthDisplay display = worked.plan().display();
        List<Answer> answers = new ArrayList<>();
        Worked clearance = worked.fingers().chosen().clearance();
        Worked wall = worked.size().thickness();
        Worked depth = worked.size().slotDepth();
        Term takes = fixed(Length.ZERO);
        boolean any = false;
        FiveCuts five = read.fiveCuts();
        if (five != null) {
            Worked off = fence(sheet, five, worked, display, answers);
            takes = takes.plus(fixed(2).times(wall).times(Term.absolute(off)));
            any = true;
        }
        Flip flip = read.flip();
        if (flip != null) {
            Worked leans = cutter(sheet, flip, display, answers);
            takes = takes.plus(fixed(2).times(depth).times(leans));
            any = true;
        }
        KeyTo key = read.key();
        if (key != null) {
            takes = takes.plus(depth.times(key(sheet, key, depth, display, answers)));
            any = true;
        }
        Along along = read.along();
        if (along != null) {
            along(sheet, along, display, answers);
        }
        if (read.depth() != null) {
            height(sheet, read.depth(), depth, display, answers);
        }
        if (!any) {
            return new Squareness(List.copyOf(answers), null, Grade.GOOD, sheet.numbers());
        }
        Worked taken = sheet.work(
                "takes",
                "e",
                "It takes of the clearance",
                Show.CALIPER,
                takes,
                "Through the wall's thickness and over the slot's depth, once for either mate; on the key once.");
        double share = clearance.length().isPositive()
                ? taken.length().mm() / clearance.length().mm()
                : taken.length().mm() > 0 ? Double.POSITIVE_INFINITY : 0;
        Grade grade = share <= GOOD ? Grade.GOOD : share <= 1 ? Grade.TIGHT : Grade.NOT;
        return new Squareness(List.copyOf(answers), taken, grade, sheet.numbers());
    }

    private static Worked fence(
            Worksheet sheet, FiveCuts five, WorkedPlan worked, LengthDisplay display, List<Answer> answers) {
        Worked a = sheet.measured(
                "at-fence", "a", "End that was at the fence", Show.CALIPER, five.atFence(), "By caliper.");
        Worked b = sheet.measured("far", "b", "Its far end", Show.CALIPER, five.far(), "By caliper.");
        Worked strip = sheet.measured("strip", "L", "The strip, long", Show.LAYOUT, five.strip(), "By rule.");
        Worked distance =
                sheet.measured("distance", "D", "From hinge to screw", Show.LAYOUT, five.distance(), "By rule.");
        Worked off = sheet.work(
                "off",
                "θ",
                "The corner is off by",
                Show.STEP,
                a.minus(b).over(fixed(4).times(strip)),
                "Four cuts add it up four times.");
        Worked shift = sheet.work(
                "shift",
                "x",
                "Move the fence at its screw by",
                Show.CALIPER,
                distance.times(Term.absolute(off)),
                "The angle over the distance from the hinge.");
        Worked over = sheet.work(
                "over-height",
                "θ H",
                "Over the height of a part",
                Show.CALIPER,
                worked.fingers().chosen().closing().times(Term.absolute(off)),
                "So far a part's upper end stands off a square to the cut.");
        double signed = off.number();
        String corner = signed > 0 ? "over 90°" : "under 90°";
        boolean towards = (signed > 0) == (five.hinge() == Hinge.LEFT);
        String says = shift.length().mm() < 0.0005
                ? "Square, as far as a caliper reads."
                : "The corner is " + corner + ". Move the " + (five.hinge() == Hinge.LEFT ? "right" : "left") + " end "
                        + (towards ? "towards you" : "away from you") + " by " + shift.text(display)
                        + "; over a part of this box it is " + over.text(display) + ".";
        answers.add(new Answer(
                "five-cuts",
                says,
                shift,
                towards ? shift.length().mm() : -shift.length().mm()));
        return off;
    }

    private static Worked cutter(Worksheet sheet, Flip flip, LengthDisplay display, List<Answer> answers) {
        Worked gap =
                sheet.measured("gap", "w", "Gap after turning half over", Show.CALIPER, flip.gap(), "Leaves in it.");
        Worked over = sheet.measured("over", "l", "Over a length of", Show.LAYOUT, flip.over(), "By rule.");
        Worked leans = sheet.work(
                "leans",
                "φ",
                "The cutter leans by",
                Show.STEP,
                gap.over(fixed(2).times(over)),
                "Turned over it shows twice.");
        answers.add(new Answer(
                "flip",
                flip.gap().isPositive()
                        ? "The cutter leans: " + gap.text(display) + " over " + over.text(display)
                                + " is twice what it is off. Set it square to the base, not to the table."
                        : "Square to the base.",
                gap,
                0));
        return leans;
    }

    private static Worked key(Worksheet sheet, KeyTo key, Worked depth, LengthDisplay display, List<Answer> answers) {
        Worked light = sheet.measured("light", "v", "Light at the key", Show.CALIPER, key.light(), "Leaves under it.");
        Worked high = sheet.measured("key-high", "h", "Over a height of", Show.LAYOUT, key.high(), "By rule.");
        Worked leans = sheet.work(
                "key-leans",
                "ψ",
                "The key leans by",
                Show.STEP,
                light.over(high),
                "Light over the height it is seen at.");
        Worked rocks = sheet.work(
                "rocks",
                "ρ",
                "Over the slot's depth",
                Show.CALIPER,
                depth.times(leans),
                "So far a part rocks on the key: it bears above or below and not along it.");
        answers.add(new Answer(
                "key",
                key.light().isPositive()
                        ? "The key leans: a part rocks on it by " + rocks.text(display)
                                + ". Pare its foot, or glue it anew against a square."
                        : "The key stands square to the base.",
                rocks,
                0));
        return leans;
    }

    private static void along(Worksheet sheet, Along along, LengthDisplay display, List<Answer> answers) {
        Worked front = sheet.measured(
                "front",
                "f",
                "Slot to the tooth, in front",
                Show.CALIPER,
                along.front(),
                "The same tooth, turned by hand, unplugged.");
        Worked back = sheet.measured(
                "back", "r", "Slot to the same tooth, behind", Show.CALIPER, along.back(), "The same tooth.");
        Worked differs = sheet.work(
                "runs-off",
                "Δ",
                "The blade runs off the slot by",
                Show.CALIPER,
                Term.absolute(front.minus(back)),
                "Front less back.");
        boolean wide = along.back().isOver(along.front());
        answers.add(new Answer(
                "along",
                differs.length().mm() < 0.0005
                        ? "The blade runs along the slot."
                        : "Behind it stands " + differs.text(display) + (wide ? " farther from" : " nearer to")
                                + " the slot: every cut is that much wider than its teeth, and its kerf is what was measured in a cut.",
                differs,
                0));
    }

    private static void height(
            Worksheet sheet, Length read, Worked depth, LengthDisplay display, List<Answer> answers) {
        Worked cut = sheet.measured("depth", "d", "Depth of the cut", Show.CALIPER, read, "By the caliper's rod.");
        Worked differs = sheet.work(
                "too-deep",
                "Δd",
                "Off the slot's depth by",
                Show.CALIPER,
                Term.absolute(cut.minus(depth)),
                "What was cut, less what is wanted.");
        boolean deep = read.isOver(depth.length());
        answers.add(new Answer(
                "height",
                differs.length().mm() < 0.005
                        ? "The depth is right."
                        : "Cut " + differs.text(display)
                                + (deep
                                        ? " too deep: tips will stand out by that more."
                                        : " too shallow: tips will stay under by that.")
                                + " A sheet of paper is about 0.1.",
                differs,
                deep ? -differs.length().mm() : differs.length().mm()));
    }
}
