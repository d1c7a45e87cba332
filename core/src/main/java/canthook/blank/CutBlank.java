package canthook.blank;

import static canthook.working.Term.fixed;

import canthook.fingers.Ladder;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoardAtHand;
import canthook.plan.BoxPlan;
import canthook.plan.SizeWish;
import canthook.plan.StartingPlan;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;

/**
 * Four parts out of one board, in the order side, end, side, end, so that the figure runs round three corners.
 *
 * <pre>
 * length needed = squaring at both ends + Σ parts + a kerf after every part but the last
 *                 (after the last too when the offcut is kept)
 * strips        = (width + kerf) / (first rip + kerf), rounded down
 * </pre>
 *
 * @param strips how many strips of the first-rip height the width gives
 * @param run how the parts lie on the strips
 * @param needed length the blank must have
 * @param left what is left over; negative when it falls short
 * @param scale of the largest box of the same proportions, 1 for this one
 */
public record CutBlank(
        Worked length,
        Worked width,
        Worked squaring,
        Worked kerf,
        Worked strips,
        Run run,
        Worked needed,
        Worked neededWidth,
        Worked left,
        boolean fits,
        Worked scale,
        Worked largestLength,
        Worked largestWidth,
        Worked largestHeight,
        List<Worked> numbers,
        List<Verdict> verdicts) {

    /**
     * How many sides and ends lie on the fullest strip, and how many strips it takes.
     *
     * @param strips strips used
     * @param sides on the fullest strip
     * @param ends on the fullest strip
     */
    public record Run(int strips, int sides, int ends) {
        int parts() {
            return sides + ends;
        }
    }

    private static final Run WHOLE = new Run(1, 2, 2);
    private static final Run PAIRS = new Run(2, 1, 1);

    /** With ends of another wood this board gives the sides only. */
    private static final Run SIDES = new Run(1, 2, 0);

    private static final Run SINGLE_SIDES = new Run(2, 1, 0);

    /** Whether the ends come from another board, being of another wood. */
    public boolean sidesOnly() {
        return run.equals(SIDES) || run.equals(SINGLE_SIDES);
    }

    /** Works out what the board gives. */
    public static CutBlank of(BoxPlan plan, SizedBox box, Ladder ladder, HouseRules rules) {
        BoardAtHand board = plan.blank();
        Worksheet sheet = new Worksheet("blank");
        Worked givenLength = board.length() == null
                ? null
                : sheet.decided("length", "Lb", "Board length", Show.LAYOUT, board.length(), "blank.length");
        Worked givenWidth = board.width() == null
                ? null
                : sheet.decided("width", "Wb", "Board width", Show.LAYOUT, board.width(), "blank.width");
        Worked squaring = sheet.ruled(
                "squaring",
                "q",
                "Squaring loss at each end",
                Show.LAYOUT,
                rules.squaring(),
                HouseRule.SQUARING.reason(),
                board.squaring(),
                "blank.squaring");
        Length cutter = ladder.chosen().kerf().length();
        boolean saw = !cutter.isOver(StartingPlan.WIDEST_BLADE);
        Worked kerf = sheet.ruled(
                "kerf",
                "kx",
                "Crosscut and rip kerf",
                Show.FIT,
                saw ? cutter : rules.sawKerf(),
                saw ? "the cutter's measured kerf." : HouseRule.SAW_KERF.reason(),
                board.crosscutKerf(),
                "blank.crosscutKerf");
        Worked rip = ladder.firstRip();
        Worked strips = givenWidth == null
                ? sheet.work("strips", "z", "Strips", Show.COUNT, fixed(1), "A board for one strip is bought.")
                : sheet.work(
                        "strips",
                        "z",
                        "Strips the width gives",
                        Show.COUNT,
                        Term.roundedDown(givenWidth.plus(kerf).over(rip.plus(kerf))),
                        "As many first-rip heights as the width holds, with a kerf between.");
        Run run = bestRun(
                strips.count(),
                box,
                plan.isOfOneWood(),
                givenLength == null ? Length.LONGEST : givenLength.length(),
                squaring.length(),
                kerf.length(),
                board.keepOffcut());
        Term loss = fixed(2).times(squaring);
        int kerfs = run.parts() - (board.keepOffcut() ? 0 : 1);
        Worked needed = sheet.work(
                "needed",
                "Ln",
                run.strips() == 1
                        ? (plan.isOfOneWood() ? "Length the four parts need" : "Length the two sides need")
                        : "Length the fullest of " + run.strips() + " strips needs",
                Show.LAYOUT,
                loss.plus(parts(run, box.sideLength(), box.endLength())).plus(kerf.times(kerfs)),
                "Squaring at both ends, the parts, and a kerf after every part"
                        + (board.keepOffcut() ? "." : " but the last."));
        Worked neededWidth = sheet.work(
                "needed-width",
                "Wn",
                "Width they need",
                Show.LAYOUT,
                run.strips() == 1 ? rip.times(1) : rip.times(run.strips()).plus(kerf.times(run.strips() - 1)),
                "Each strip at its first rip, a kerf between strips.");
        Worked length = givenLength != null
                ? givenLength
                : sheet.work(
                        "length",
                        "Lb",
                        "Length to buy",
                        Show.LAYOUT,
                        needed.times(1),
                        "No board is chosen yet: it must be at least so long.");
        Worked width = givenWidth != null
                ? givenWidth
                : sheet.work(
                        "width",
                        "Wb",
                        "Width to buy",
                        Show.LAYOUT,
                        neededWidth.times(1),
                        "No board is chosen yet: it must be at least so wide.");
        Worked left = sheet.work(
                "left",
                "R",
                "Left over in length",
                Show.LAYOUT,
                length.minus(needed),
                "What the board has over what the parts need.");
        if (plan.isOfOneWood() && plan.batch() == null && givenLength != null) {
            boxes(sheet, box, length, squaring, kerf, strips);
        }
        boolean wide = strips.count() >= 1;
        boolean fits = wide && !left.length().isNegative();
        List<Worked> largest = LargestBox.of(
                sheet, box, ladder, length, width, squaring, kerf, rip, plan.isOfOneWood(), board.keepOffcut());
        Verdicts verdicts = new Verdicts("blank");
        judge(plan, box, rip, width, left, wide, largest, verdicts);
        return new CutBlank(
                length,
                width,
                squaring,
                kerf,
                strips,
                run,
                needed,
                neededWidth,
                left,
                fits,
                largest.get(0),
                largest.get(1),
                largest.get(2),
                largest.get(3),
                sheet.numbers(),
                verdicts.all());
    }

    /** How many boxes come out of the board whole, their four parts in a row. */
    private static void boxes(
            Worksheet sheet, SizedBox box, Worked length, Worked squaring, Worked kerf, Worked strips) {
        Term four = fixed(2).times(box.sideLength())
                .plus(fixed(2).times(box.endLength()))
                .plus(fixed(4).times(kerf));
        sheet.work(
                "boxes",
                "b",
                "Boxes this board gives, four parts in a row",
                Show.COUNT,
                strips.times(Term.roundedDown(
                        length.minus(fixed(2).times(squaring)).plus(kerf).over(four))),
                "Strips, and on each as many runs of side, end, side, end as the length between the squared ends holds, a kerf after every"
                        + " part but the last.");
    }

    /** The run that keeps most corners together and fits; when none fits, the one that falls short least. */
    private static Run bestRun(
            int strips, SizedBox box, boolean oneWood, Length length, Length squaring, Length kerf, boolean keep) {
        Run best = oneWood ? WHOLE : SIDES;
        Length bestOver = null;
        for (List<Run> packing : packings(box, Math.max(1, strips), oneWood)) {
            Run fullest = packing.get(0);
            for (Run run : packing) {
                fullest = need(run, box, squaring, kerf, keep).isOver(need(fullest, box, squaring, kerf, keep))
                        ? run
                        : fullest;
            }
            Length over = need(fullest, box, squaring, kerf, keep).minus(length);
            if (!over.isPositive()) {
                return fullest;
            }
            if (bestOver == null || over.isUnder(bestOver)) {
                best = fullest;
                bestOver = over;
            }
        }
        return best;
    }

    private static Length need(Run run, SizedBox box, Length squaring, Length kerf, boolean keep) {
        return squaring.times(2)
                .plus(box.sideLength().length().times(run.sides()))
                .plus(box.endLength().length().times(run.ends()))
                .plus(kerf.times(run.parts() - (keep ? 0 : 1)));
    }

    /** Ways to share the parts out over strips, each with the different loads its strips have; the most corners kept first. */
    static List<List<Run>> packings(SizedBox box, int strips, boolean oneWood) {
        if (!oneWood) {
            return strips >= 2 ? List.of(List.of(SIDES), List.of(SINGLE_SIDES)) : List.of(List.of(SIDES));
        }
        boolean sidesLonger = !box.sideLength().length().isUnder(box.endLength().length());
        List<List<Run>> packings = new ArrayList<>();
        packings.add(List.of(WHOLE));
        if (strips >= 2) {
            packings.add(List.of(PAIRS));
        }
        if (strips >= 3) {
            packings.add(
                    sidesLonger
                            ? List.of(new Run(3, 1, 0), new Run(3, 0, 2))
                            : List.of(new Run(3, 0, 1), new Run(3, 2, 0)));
        }
        if (strips >= 4) {
            packings.add(List.of(sidesLonger ? new Run(4, 1, 0) : new Run(4, 0, 1)));
        }
        return packings;
    }

    static Term parts(Run run, Term side, Term end) {
        Term sides = run.sides() == 1 ? side : fixed(run.sides()).times(side);
        Term ends = run.ends() == 1 ? end : fixed(run.ends()).times(end);
        return run.sides() == 0 ? ends : run.ends() == 0 ? sides : sides.plus(ends);
    }

    private static void judge(
            BoxPlan plan,
            SizedBox box,
            Worked rip,
            Worked width,
            Worked left,
            boolean wide,
            List<Worked> largest,
            Verdicts verdicts) {
        if (plan.batch() != null) {
            return;
        }
        LengthDisplay display = plan.display();
        List<Fix> fixes = smaller(plan, box, largest);
        boolean isShort = left.length().isNegative();
        if (!wide) {
            verdicts.stop(
                    Code.BLANK_TOO_NARROW,
                    "blank.width",
                    "The board is " + display.text(rip.length().minus(width.length()), Precision.LAYOUT)
                            + " too narrow for walls first ripped to " + display.text(rip.length(), Precision.LAYOUT)
                            + ".",
                    with(fixes, bought(plan, isShort, true)));
        }
        if (!plan.isOfOneWood()) {
            verdicts.note(
                    Code.ENDS_OF_ANOTHER_BOARD,
                    "blank.needed",
                    "The ends are of another wood: this board gives the sides. Plan a batch from the rack to lay the ends too.");
        }
        if (isShort) {
            verdicts.stop(
                    Code.BLANK_TOO_SHORT,
                    "blank.left",
                    "The board is " + display.text(left.length().abs(), Precision.LAYOUT) + " too short for the "
                            + (plan.isOfOneWood() ? "four parts." : "two sides."),
                    with(wide ? fixes : List.of(), bought(plan, true, !wide)));
        }
    }

    private static Fix[] with(List<Fix> fixes, Fix last) {
        List<Fix> all = new ArrayList<>(fixes);
        all.add(last);
        return all.toArray(new Fix[0]);
    }

    /** Another board: what is not said of one is to be bought as it must be. */
    private static Fix bought(BoxPlan plan, boolean longer, boolean wider) {
        BoardAtHand board = longer ? plan.blank().asLongAsNeeded() : plan.blank();
        return new Fix(
                "Buy one as " + (longer && wider ? "large" : longer ? "long" : "wide") + " as it must be",
                plan.with(wider ? board.asWideAsNeeded() : board));
    }

    private static List<Fix> smaller(BoxPlan plan, SizedBox box, List<Worked> largest) {
        boolean inside = plan.size().from() == SizeWish.From.INSIDE;
        Length walls = inside ? box.finalEndThickness().length().times(2) : Length.ZERO;
        Length insideWalls = inside ? box.finalThickness().length().times(2) : Length.ZERO;
        Length newLength = tenth(largest.get(1).length());
        Length newWidth = tenth(largest.get(2).length());
        Length newHeight = tenth(largest.get(3).length());
        Length least = Length.mm(5);
        Length most = Length.mm(3000);
        if (largest.get(0).number() >= 1
                || newLength.minus(walls).isUnder(least)
                || newWidth.minus(insideWalls).isUnder(least)
                || newLength.isOver(most)
                || newWidth.isOver(most)
                || !SizeWish.takesHeight(newHeight)) {
            return List.of();
        }
        LengthDisplay display = plan.display();
        return List.of(new Fix(
                "Make the box " + display.number(newLength, Precision.LAYOUT) + " × "
                        + display.number(newWidth, Precision.LAYOUT) + " × "
                        + display.text(newHeight, Precision.LAYOUT),
                plan.with(
                        plan.size().decidesHeight()
                                ? plan.size()
                                        .withFootprint(newLength.minus(walls), newWidth.minus(insideWalls))
                                        .withHeight(newHeight)
                                : plan.size().fromOutside(newLength, newWidth, newHeight))));
    }

    /** Down to a tenth of a millimetre, so that the smaller box really fits. */
    private static Length tenth(Length length) {
        return new Length(Math.floorDiv(length.nanometres(), 100_000L) * 100_000L);
    }
}
