package canthook.size;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.Contents;
import canthook.plan.Contents.Item;
import canthook.plan.Contents.Laid;
import canthook.plan.Lining;
import canthook.plan.SizeWish;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.WallDemands;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;

/**
 * The inside that what goes in needs.
 *
 * <pre>
 * a kind that lies along   length = n · (l + play) + (n − 1) · divider       width = w + play       height = h + play
 * a kind that lies across  the same with length and width exchanged
 * a kind that is stacked   height = n · h + play
 * inside length = Σ kinds + (kinds − 1) · divider       inside width = the widest       inside height = the highest
 * </pre>
 *
 * Check: 3 packets 80 × 120 × 110 along, play 2, dividers 3, beside one tin 60 × 100 × 70, play 1, divider 4 between:
 * 3 · 82 + 2 · 3 + 4 + 61 = 317; width 122; height 112.
 *
 * @param places where each thing stands, for the drawing
 */
record ContentsRoom(Worked length, Worked width, Worked height, List<SizedBox.Place> places) {

    static ContentsRoom of(Contents contents, Worksheet sheet) {
        List<Worked> lengths = new ArrayList<>();
        Worked widest = null;
        Worked highest = null;
        List<SizedBox.Place> places = new ArrayList<>();
        Length at = Length.ZERO;
        for (int i = 0; i < contents.items().size(); i++) {
            Item item = contents.items().get(i);
            String of = "contents-" + (i + 1);
            String index = subscript(i + 1);
            String name = item.name();
            Worked length = sheet.work(
                    of + "-length",
                    "l" + index,
                    name + ", length",
                    Show.LAYOUT,
                    row(item, item.length(), item.playLength(), item.laid() == Laid.ALONG),
                    "As they lie along the box, with their play and the dividers between them.");
            Worked width = sheet.work(
                    of + "-width",
                    "w" + index,
                    name + ", width",
                    Show.LAYOUT,
                    row(item, item.width(), item.playWidth(), item.laid() == Laid.ACROSS),
                    "As they lie across the box, with their play and the dividers between them.");
            Worked height = sheet.work(
                    of + "-height",
                    "h" + index,
                    name + ", height",
                    Show.LAYOUT,
                    item.laid() == Laid.STACKED && item.count() > 1
                            ? fixed(item.count()).times(fixed(item.height())).plus(fixed(item.playHeight()))
                            : fixed(item.height()).plus(fixed(item.playHeight())),
                    "As high as they are, and their play above.");
            lengths.add(length);
            widest = widest == null || width.length().isOver(widest.length()) ? width : widest;
            highest = highest == null || height.length().isOver(highest.length()) ? height : highest;
            place(item, at, places);
            at = at.plus(length.length());
            if (contents.divider() != null && i + 1 < contents.items().size()) {
                places.add(new SizedBox.Place(
                        "", true, at, Length.ZERO, contents.divider(), width.length(), height.length()));
                at = at.plus(contents.divider());
            }
        }
        Term sum = lengths.get(0).times(1);
        for (int i = 1; i < lengths.size(); i++) {
            sum = i == 1 ? lengths.get(0).plus(lengths.get(1)) : sum.plus(lengths.get(i));
        }
        if (contents.divider() != null && lengths.size() > 1) {
            Worked divider = sheet.decided(
                    "divider", "d", "Divider between kinds", Show.LAYOUT, contents.divider(), "size.contents.divider");
            sum = sum.plus(divider.times(lengths.size() - 1.0));
        }
        return new ContentsRoom(
                sheet.work(
                        "needed-length",
                        "Lₙ",
                        "Length the contents need",
                        Show.LAYOUT,
                        sum,
                        "One kind after another along the box, dividers between."),
                sheet.work(
                        "needed-width",
                        "Wₙ",
                        "Width the contents need",
                        Show.LAYOUT,
                        java.util.Objects.requireNonNull(widest).times(1),
                        "The widest of them."),
                sheet.work(
                        "needed-height",
                        "Hₙ",
                        "Height the contents need",
                        Show.LAYOUT,
                        java.util.Objects.requireNonNull(highest).times(1),
                        "The highest of them."),
                List.copyOf(places));
    }

    /** Whether they go in when something else leads, and whether the lid clears them. */
    void judge(
            BoxPlan plan, WallDemands walls, Worked insideLength, Worked insideWidth, Worked wall, Verdicts verdicts) {
        LengthDisplay display = plan.display();
        Lining lining = plan.lining();
        Length lined = lining == null ? Length.ZERO : lining.thickness();
        Length top =
                walls.floorHeight().plus(height.length()).plus(lining != null && lining.floor() ? lined : Length.ZERO);
        Fix lead = new Fix("Let the contents lead", plan.with(plan.size().withFrom(SizeWish.From.CONTENTS)));
        Length roomLength = insideLength.length().minus(lined.times(2));
        Length roomWidth = insideWidth.length().minus(lined.times(2));
        if (length.length().isOver(roomLength)) {
            tooLarge(verdicts, display, "size.needed-length", "long", length, roomLength, lead);
        } else if (width.length().isOver(roomWidth)) {
            tooLarge(verdicts, display, "size.needed-width", "wide", width, roomWidth, lead);
        } else if (top.isOver(wall.length())) {
            verdicts.stop(
                    Code.CONTENTS_DO_NOT_FIT,
                    "size.needed-height",
                    "The contents reach " + display.text(top, Precision.LAYOUT)
                            + " above the reference edge, over the wall.",
                    lead);
        }
    }

    private static void tooLarge(
            Verdicts verdicts,
            LengthDisplay display,
            String place,
            String how,
            Worked needed,
            Length inside,
            Fix lead) {
        verdicts.stop(
                Code.CONTENTS_DO_NOT_FIT,
                place,
                "The contents are " + display.text(needed.length().minus(inside), Precision.LAYOUT) + " too " + how
                        + " for the inside.",
                lead);
    }

    private static Term row(Item item, Length each, Length play, boolean several) {
        Term one = play.isPositive() ? fixed(each).plus(fixed(play)) : fixed(each);
        if (!several || item.count() == 1) {
            return one;
        }
        Term row = fixed(item.count()).times(one);
        Length divider = item.divider();
        return divider == null ? row : row.plus(fixed(item.count() - 1.0).times(fixed(divider)));
    }

    private static void place(Item item, Length at, List<SizedBox.Place> places) {
        Length gap = item.divider() == null ? Length.ZERO : item.divider();
        Length halfLength = item.playLength().dividedBy(2);
        Length halfWidth = item.playWidth().dividedBy(2);
        boolean along = item.laid() == Laid.ALONG;
        boolean across = item.laid() == Laid.ACROSS;
        int shown = item.laid() == Laid.STACKED ? 1 : item.count();
        Length high = item.laid() == Laid.STACKED ? item.height().times(item.count()) : item.height();
        for (int n = 0; n < shown; n++) {
            Length x = along ? item.length().plus(item.playLength()).plus(gap).times(n) : Length.ZERO;
            Length y = across ? item.width().plus(item.playWidth()).plus(gap).times(n) : Length.ZERO;
            places.add(new SizedBox.Place(
                    item.name(),
                    false,
                    at.plus(x).plus(halfLength),
                    y.plus(halfWidth),
                    item.length(),
                    item.width(),
                    high));
            if (gap.isPositive() && n + 1 < shown) {
                places.add(
                        along
                                ? new SizedBox.Place(
                                        "",
                                        true,
                                        at.plus(x).plus(item.length()).plus(item.playLength()),
                                        Length.ZERO,
                                        gap,
                                        item.width().plus(item.playWidth()),
                                        high)
                                : new SizedBox.Place(
                                        "",
                                        true,
                                        at,
                                        y.plus(item.width()).plus(item.playWidth()),
                                        item.length().plus(item.playLength()),
                                        gap,
                                        high));
            }
        }
    }

    private static String subscript(int number) {
        StringBuilder digits = new StringBuilder();
        for (char digit : String.valueOf(number).toCharArray()) {
            digits.append((char) ('₀' + (digit - '0')));
        }
        return digits.toString();
    }
}
