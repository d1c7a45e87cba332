package canthook.size;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.SizeWish;
import canthook.plan.SizeWish.From;
import canthook.plan.SizeWish.Tips;
import canthook.shop.HouseRules;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;

/**
 * The box and its four parts. Finger joints run right through, so a part is as long as the outside plus the proud at both
 * ends, and each slot is cut as deep as the mate is thick plus the proud.
 *
 * <pre>
 * inside  = outside − 2 · T            L = outside + 2 · proud            slot depth = T + proud
 * tips under the face by u: faces planed down to them: L = outside, slot depth = T − u = the thickness it ends at
 * </pre>
 *
 * @param finalThickness of a wall once its faces are finished
 * @param proud added to a part at each end; zero when the tips stay under the face
 * @param slotDepth cutter height over the table or base
 */
public record SizedBox(
        Worked height,
        Worked thickness,
        Worked finalThickness,
        Worked proud,
        Worked outsideLength,
        Worked outsideWidth,
        Worked insideLength,
        Worked insideWidth,
        Worked sideLength,
        Worked endLength,
        Worked slotDepth,
        List<Worked> numbers,
        List<Verdict> verdicts) {
    private static final Length CARRIER_LENGTH = Length.mm(150);
    private static final Length CARRIER_WIDTH = Length.mm(40);

    /** Works out the parts. */
    public static SizedBox of(BoxPlan plan, HouseRules rules) {
        SizeWish wish = plan.size();
        Worksheet sheet = new Worksheet("size");
        Worked height = sheet.decided("height", "H", "Height of the wall", Show.LAYOUT, wish.height(), "size.height");
        Worked thickness =
                sheet.decided("thickness", "T", "Thickness", Show.LAYOUT, wish.thickness(), "size.thickness");
        boolean under = wish.tips() == Tips.UNDER;
        Worked tips = sheet.ruled(
                "tips",
                under ? "u" : "P",
                under ? "Tips left under the face" : "Proud",
                Show.FIT,
                proudOf(wish.tips(), rules),
                reasonOf(wish.tips()),
                wish.proud(),
                "size.proud");
        Worked finalThickness = under
                ? sheet.work(
                        "final-thickness",
                        "Tf",
                        "Wall once planed down to the tips",
                        Show.LAYOUT,
                        thickness.minus(tips),
                        "The faces are planed down to the tips.")
                : thickness;
        Worked proud = under
                ? sheet.work(
                        "proud",
                        "P",
                        "Proud",
                        Show.FIT,
                        Term.fixed(Length.ZERO),
                        "The tips do not stand past the face.")
                : tips;
        boolean outside = wish.from() == From.OUTSIDE;
        Worked outsideLength = outside(sheet, outside, "length", "L", "Outside length", wish.length(), finalThickness);
        Worked outsideWidth = outside(sheet, outside, "width", "W", "Outside width", wish.width(), finalThickness);
        Worked insideLength =
                inside(sheet, outside, "length", "Lᵢ", "Inside length", wish.length(), outsideLength, finalThickness);
        Worked insideWidth =
                inside(sheet, outside, "width", "Wᵢ", "Inside width", wish.width(), outsideWidth, finalThickness);
        Worked side = part(sheet, "side-length", "Ls", "Side, cut to", outsideLength, proud);
        Worked end = part(sheet, "end-length", "Le", "End, cut to", outsideWidth, proud);
        Worked depth = sheet.work(
                "slot-depth",
                "D",
                "Slot depth",
                Show.FIT,
                under ? thickness.minus(tips) : thickness.plus(tips),
                under
                        ? "As deep as the wall will be thick once its faces are planed down to the tips."
                        : "As deep as the mate is thick, and the proud on top, so that the tips stand past its face.");
        Verdicts verdicts = new Verdicts("size");
        judge(plan, verdicts, insideLength, insideWidth, side, end);
        if (!finalThickness.length().isPositive()) {
            verdicts.stop(
                    Code.NO_INSIDE,
                    "size.tips",
                    "Planing the faces down to the tips leaves no wall. Leave the tips less far under the face.");
        }
        return new SizedBox(
                height,
                thickness,
                finalThickness,
                proud,
                outsideLength,
                outsideWidth,
                insideLength,
                insideWidth,
                side,
                end,
                depth,
                sheet.numbers(),
                verdicts.all());
    }

    /** True when the walls leave room between them. */
    public boolean hasInside() {
        return insideLength.length().isPositive()
                && insideWidth.length().isPositive()
                && finalThickness.length().isPositive();
    }

    private static void judge(
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
                    "Parts under 150 mm long or 40 mm wide bring hands close to the cutter: joint before cutting apart, or"
                            + " hold them in a carrier. Your machine's manual and local rules come first.");
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

    private static Worked outside(
            Worksheet sheet, boolean decided, String name, String symbol, String label, Length wish, Worked thickness) {
        return decided
                ? sheet.decided("outside-" + name, symbol, label, Show.LAYOUT, wish, "size." + name)
                : sheet.work(
                        "outside-" + name,
                        symbol,
                        label,
                        Show.LAYOUT,
                        sheet.decided(
                                        "wished-inside-" + name,
                                        symbol + "ᵢ",
                                        "Inside " + name,
                                        Show.LAYOUT,
                                        wish,
                                        "size." + name)
                                .plus(Term.fixed(2).times(thickness)),
                        "The inside wished for, and a wall at either side.");
    }

    private static Worked inside(
            Worksheet sheet,
            boolean follows,
            String name,
            String symbol,
            String label,
            Length wish,
            Worked outside,
            Worked thickness) {
        return follows
                ? sheet.work(
                        "inside-" + name,
                        symbol,
                        label,
                        Show.LAYOUT,
                        outside.minus(Term.fixed(2).times(thickness)),
                        "The outside less a wall at either side.")
                : sheet.decided("inside-" + name, symbol, label, Show.LAYOUT, wish, "size." + name);
    }

    private static Worked part(
            Worksheet sheet, String name, String symbol, String label, Worked outside, Worked proud) {
        return sheet.work(
                name,
                symbol,
                label,
                Show.LAYOUT,
                outside.plus(Term.fixed(2).times(proud)),
                "A finger joint runs right through: as long as the outside, plus the proud at both ends.");
    }

    private static Length proudOf(Tips tips, HouseRules rules) {
        return switch (tips) {
            case SAND -> rules.proudSanded();
            case TRIM -> rules.proudTrimmed();
            case BY_DESIGN -> rules.proudByDesign();
            case UNDER -> rules.under();
        };
    }

    private static String reasonOf(Tips tips) {
        return switch (tips) {
            case SAND -> "a hair proud sands flush; more is work.";
            case TRIM -> "a router or saw needs something to trim; a millimetre is easy to see and quick to take off.";
            case BY_DESIGN -> "tips bevelled and left want to be seen.";
            case UNDER -> "tips a little under let a plane run over long grain only.";
        };
    }
}
