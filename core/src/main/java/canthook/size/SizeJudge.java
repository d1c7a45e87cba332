package canthook.size;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.SizeWish;
import canthook.plan.SizeWish.Tips;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Worked;

/** What is said of a size: what no wall may be, what leaves nothing inside, what wants a carrier at the cutter. */
final class SizeJudge {
    private static final Length CARRIER_LENGTH = Length.mm(150);
    private static final Length CARRIER_WIDTH = Length.mm(40);

    private SizeJudge() {}

    /** Contents and places can ask for what no wall may be. */
    static void judgeSize(BoxPlan plan, Verdicts verdicts, Worked length, Worked width, Worked height) {
        if (plan.size().decidesHeight()) {
            return;
        }
        LengthDisplay display = plan.display();
        if (!SizeWish.takesHeight(height.length())) {
            verdicts.stop(
                    Code.SIZE_NOT_POSSIBLE,
                    "size.height",
                    "A wall " + display.text(height.length(), Precision.LAYOUT)
                            + " high cannot be planned: between "
                            + display.number(SizeWish.HEIGHT.least(), Precision.LAYOUT) + " and "
                            + display.text(SizeWish.HEIGHT.most(), Precision.LAYOUT) + ".");
        }
        Length longest = Length.longer(length.length(), width.length());
        if (longest.isOver(Length.mm(3000))
                || !length.length().isPositive()
                || !width.length().isPositive()) {
            verdicts.stop(
                    Code.SIZE_NOT_POSSIBLE,
                    longest.equals(width.length()) ? "size.outside-width" : "size.outside-length",
                    "A box " + display.text(length.length(), Precision.LAYOUT) + " by "
                            + display.text(width.length(), Precision.LAYOUT) + " cannot be planned: up to 3 m.");
        }
    }

    static void judge(
            BoxPlan plan, Verdicts verdicts, Worked insideLength, Worked insideWidth, Worked side, Worked end) {
        LengthDisplay display = plan.display();
        if (!insideLength.length().isPositive() || !insideWidth.length().isPositive()) {
            verdicts.stop(
                    Code.NO_INSIDE,
                    "size.thickness",
                    "Walls " + display.text(plan.size().thickness(), Precision.LAYOUT)
                            + " thick leave nothing inside. Make the box larger or the parts thinner.");
            return;
        }
        Length shortest = Length.shorter(side.length(), end.length());
        if (shortest.isUnder(CARRIER_LENGTH) || plan.size().height().isUnder(CARRIER_WIDTH)) {
            verdicts.note(
                    Code.SMALL_PART,
                    shortest.equals(end.length()) ? "size.end-length" : "size.side-length",
                    (shortest.isUnder(CARRIER_LENGTH)
                                    ? "Parts under " + display.text(CARRIER_LENGTH, Precision.LAYOUT)
                                            + " long bring hands close to the cutter: hold them in a carrier."
                                    : "Parts under " + display.text(CARRIER_WIDTH, Precision.LAYOUT)
                                            + " wide bring hands close to the cutter: finger them wide, rip after.")
                            + " Your machine's manual and local rules come first.");
        }
        if (plan.size().tips() == Tips.BY_DESIGN) {
            verdicts.note(
                    Code.PROUD_BY_DESIGN,
                    "size.tips",
                    "Tips left proud by design: over the tips the box measures "
                            + display.text(side.length(), Precision.LAYOUT)
                            + " by " + display.text(end.length(), Precision.LAYOUT) + ".");
        }
    }
}
