package canthook.size;

import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.Contents;
import canthook.plan.Lining;
import canthook.plan.Opening;
import canthook.plan.SizeWish;
import canthook.plan.SizeWish.From;
import canthook.plan.SizeWish.Tips;
import canthook.shop.HouseRules;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.LowWalls;
import canthook.walls.WallDemands;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The box and its four parts. Finger joints run right through, so a part is as long as the outside plus the proud at both
 * ends, and each slot is cut as deep as the mate is thick plus the proud.
 *
 * <pre>
 * inside  = outside − 2 · T of the mate    L = outside + 2 · proud            slot depth = T of the mate + proud
 * tips under the face by u: faces planed down to them: L = outside, slot depth = T − u = the thickness it ends at
 * contents lead: inside = what they need   a place leads: outside = place − clearance (− 2 · proud, when left proud)
 * </pre>
 *
 * @param height of the wall, wished for
 * @param jointed height that is divided into sections: the wall's, or the low line where every corner ends at one
 * @param thickness of the sides as they come to the saw
 * @param endThickness of the ends; the same number when they do not differ
 * @param finalThickness of a side once its faces are finished
 * @param finalEndThickness of an end once its faces are finished
 * @param proud added to a part at each end; zero when the tips stay under the face
 * @param slotDepth cutter height over the table or base for the slots in the sides
 * @param endSlotDepth the same for the slots in the ends
 * @param neededHeight that the contents need over the floor; null when none are said
 * @param contents where the things stand, from the inside's left back corner; empty when none are said
 */
public record SizedBox(
        Worked height,
        Worked jointed,
        Worked thickness,
        Worked endThickness,
        Worked finalThickness,
        Worked finalEndThickness,
        Worked proud,
        Worked outsideLength,
        Worked outsideWidth,
        Worked insideLength,
        Worked insideWidth,
        Worked sideLength,
        Worked endLength,
        Worked slotDepth,
        Worked endSlotDepth,
        @Nullable Worked neededHeight,
        List<Place> contents,
        List<Worked> numbers,
        List<Verdict> verdicts) {

    /** Where a thing or a divider stands: along and across the inside, and its size. */
    public record Place(
            String name, boolean divider, Length along, Length across, Length length, Length width, Length height) {}

    /** Works out the parts. */
    public static SizedBox of(BoxPlan plan, WallDemands walls, HouseRules rules) {
        SizeWish wish = plan.size();
        Worksheet sheet = new Worksheet("size");
        Verdicts verdicts = new Verdicts("size");
        Contents goesIn = wish.contents();
        ContentsRoom room = goesIn == null ? null : ContentsRoom.of(goesIn, sheet);
        Worked thickness = MeasuredThickness.of(plan, sheet, rules, verdicts);
        Worked endThickness = wish.endThickness() == null
                ? thickness
                : sheet.decided(
                        "end-thickness",
                        "Te",
                        "Thickness of the ends",
                        Show.LAYOUT,
                        wish.endThickness(),
                        "size.endThickness");
        Worked lining = lining(plan, sheet);
        Worked height = height(plan, sheet, room, thickness, walls, lining);
        LowWalls low = walls.low();
        Worked jointed = low != null && low.everyCorner() ? low.line() : height;
        boolean under = wish.tips() == Tips.UNDER;
        Worked tips = sheet.ruled(
                "tips",
                under ? "u" : "P",
                under ? "Tips left under the face" : "Proud",
                Show.FIT,
                rules.proudOf(wish.tips()),
                HouseRules.proud(wish.tips()).reason(),
                wish.proud(),
                "size.proud");
        boolean alike = wish.endThickness() == null;
        Worked finalThickness = under ? planed(sheet, "final-thickness", "Tf", "Wall", thickness, tips) : thickness;
        Worked finalEnd = alike
                ? finalThickness
                : under ? planed(sheet, "final-end-thickness", "Tfe", "End", endThickness, tips) : endThickness;
        Worked proud = under
                ? sheet.work(
                        "proud",
                        "P",
                        "Proud",
                        Show.FIT,
                        Term.fixed(Length.ZERO),
                        "The tips do not stand past the face.")
                : tips;
        Footprint length = new Footprint("length", "L", wish.length(), finalEnd);
        Footprint width = new Footprint("width", "W", wish.width(), finalThickness);
        Worked outsideLength = length.outside(plan, sheet, room, proud, lining);
        Worked outsideWidth = width.outside(plan, sheet, room, proud, lining);
        Worked insideLength = length.inside(plan, sheet, outsideLength);
        Worked insideWidth = width.inside(plan, sheet, outsideWidth);
        Worked side = part(sheet, "side-length", "Ls", "Side, cut to", outsideLength, proud);
        Worked end = part(sheet, "end-length", "Le", "End, cut to", outsideWidth, proud);
        Worked depth = depth(
                sheet,
                "slot-depth",
                "D",
                alike ? "Slot depth" : "Slots in the sides, depth",
                endThickness,
                tips,
                under);
        Worked endDepth = alike
                ? depth
                : depth(sheet, "end-slot-depth", "De", "Slots in the ends, depth", thickness, tips, under);
        SizeJudge.judge(plan, verdicts, insideLength, insideWidth, side, end);
        if (!alike) {
            verdicts.note(
                    Code.UNEQUAL_MATES,
                    "size.end-slot-depth",
                    "Sides and ends differ in thickness: the slots want two cutter heights, and sides and ends cannot be cut in"
                            + " one stack.");
        }
        if (!finalThickness.length().isPositive() || !finalEnd.length().isPositive()) {
            verdicts.stop(
                    Code.NO_INSIDE,
                    "size.tips",
                    "Planing the faces down to the tips leaves no wall. Leave the tips less far under the face.");
        }
        SizeJudge.judgeSize(plan, verdicts, outsideLength, outsideWidth, height);
        if (room != null) {
            room.judge(plan, walls, insideLength, insideWidth, height, verdicts);
        }
        return new SizedBox(
                height,
                jointed,
                thickness,
                endThickness,
                finalThickness,
                finalEnd,
                proud,
                outsideLength,
                outsideWidth,
                insideLength,
                insideWidth,
                side,
                end,
                depth,
                endDepth,
                room == null ? null : room.height(),
                room == null ? List.of() : room.places(),
                sheet.numbers(),
                verdicts.all());
    }

    /** True when the walls leave room between them. */
    public boolean hasInside() {
        return insideLength.length().isPositive()
                && insideWidth.length().isPositive()
                && finalThickness.length().isPositive()
                && finalEndThickness.length().isPositive();
    }

    /** The thinner of the two walls once finished: what a groove must leave standing. */
    public Worked thinnestWall() {
        return finalEndThickness.length().isUnder(finalThickness.length()) ? finalEndThickness : finalThickness;
    }

    /** What its inside is lined with; null for nothing, or where it is not the contents that lead. */
    private static @Nullable Worked lining(BoxPlan plan, Worksheet sheet) {
        Lining lining = plan.lining();
        return lining == null || plan.size().from() != From.CONTENTS
                ? null
                : sheet.decided(
                        "lining",
                        "b",
                        "Lining, thick",
                        Show.LAYOUT,
                        lining.thickness(),
                        "fittings." + plan.fittings().indexOf(lining) + ".thickness");
    }

    private static Worked height(
            BoxPlan plan,
            Worksheet sheet,
            @Nullable ContentsRoom room,
            Worked thickness,
            WallDemands walls,
            @Nullable Worked lining) {
        SizeWish wish = plan.size();
        String label = "Height of the wall";
        Opening opening = wish.opening();
        if (wish.from() == From.OPENING && opening != null) {
            Worked place = sheet.decided(
                    "place-height", "Hₚ", "Height of the place", Show.LAYOUT, opening.height(), "size.opening.height");
            Worked clear = sheet.decided(
                    "clear-height",
                    "gₕ",
                    "Clearance above",
                    Show.LAYOUT,
                    opening.clearHeight(),
                    "size.opening.clearHeight");
            return place(sheet, label, place.minus(clear), walls, plan.lifted());
        }
        if (wish.from() == From.CONTENTS && room != null) {
            Term needed = room.height().times(1);
            if (walls.floor() != null) {
                needed = walls.floor().plus(room.height());
            }
            Lining lined = plan.lining();
            if (lining != null && lined != null && lined.floor()) {
                needed = needed.plus(lining);
            }
            if (walls.takes() != null) {
                needed = needed.plus(walls.takes());
                // a groove wants wood over it
                needed = walls.groove("lid").isPresent() ? needed.plus(thickness) : needed;
            }
            return sheet.work(
                    "height",
                    "H",
                    label,
                    Show.LAYOUT,
                    needed,
                    walls.takes() == null
                            ? "What the contents need above the bottom panel."
                            : "What the contents need above the bottom panel, " + walls.takesFor());
        }
        return sheet.decided("height", "H", label, Show.LAYOUT, wish.height(), "size.height");
    }

    /** What a place leaves the walls: less what lies under them and on them. */
    private static Worked place(Worksheet sheet, String label, Term left, WallDemands walls, Length lifted) {
        Term height = left;
        List<String> less = new ArrayList<>(List.of("the room to leave above"));
        if (walls.below() != null) {
            height = height.minus(walls.below());
            less.add("the bottom that lies under the walls");
        }
        if (walls.above() != null) {
            height = height.minus(walls.above());
            less.add("the lid that lies on them");
        }
        if (lifted.isPositive()) {
            height = height.minus(Term.fixed(lifted));
            less.add("its feet and base");
        }
        if (walls.lost() != null) {
            height = height.plus(walls.lost());
        }
        return sheet.work(
                "height",
                "H",
                label,
                Show.LAYOUT,
                height,
                "The place less " + String.join(", less ", less)
                        + (walls.lost() == null ? "." : ", and what sawing the lid off takes again."));
    }

    private static Worked planed(
            Worksheet sheet, String name, String symbol, String label, Worked thickness, Worked tips) {
        return sheet.work(
                name,
                symbol,
                label + " once planed down to the tips",
                Show.LAYOUT,
                thickness.minus(tips),
                "The faces are planed down to the tips.");
    }

    private static Worked depth(
            Worksheet sheet, String name, String symbol, String label, Worked mate, Worked tips, boolean under) {
        return sheet.work(
                name,
                symbol,
                label,
                Show.FIT,
                under ? mate.minus(tips) : mate.plus(tips),
                under
                        ? "As deep as the wall will be thick once its faces are planed down to the tips."
                        : "As deep as the mate is thick, and the proud on top, so that the tips stand past its face.");
    }

    /** Length or width: one of them leads and the others follow. */
    private record Footprint(String name, String symbol, Length wish, Worked wall) {
        Worked outside(
                BoxPlan plan, Worksheet sheet, @Nullable ContentsRoom room, Worked proud, @Nullable Worked lining) {
            String label = "Outside " + name;
            SizeWish size = plan.size();
            Opening opening = size.opening();
            if (size.from() == From.OPENING && opening != null) {
                boolean along = name.equals("length");
                Worked place = sheet.decided(
                        "place-" + name,
                        symbol + "ₚ",
                        "The place, " + name,
                        Show.LAYOUT,
                        along ? opening.length() : opening.width(),
                        "size.opening." + name);
                Worked clear = sheet.decided(
                        "clear-" + name,
                        along ? "gₗ" : "g_w",
                        along ? "Clearance along" : "Clearance across",
                        Show.LAYOUT,
                        along ? opening.clearLength() : opening.clearWidth(),
                        along ? "size.opening.clearLength" : "size.opening.clearWidth");
                boolean overTips = size.tips() == Tips.BY_DESIGN;
                Term outside = place.minus(clear);
                return sheet.work(
                        "outside-" + name,
                        symbol,
                        label,
                        Show.LAYOUT,
                        overTips ? outside.minus(Term.fixed(2).times(proud)) : outside,
                        overTips
                                ? "The place less the clearance, and less the tips that stay proud at both ends."
                                : "The place less the clearance.");
            }
            if (size.from() == From.OUTSIDE) {
                return sheet.decided("outside-" + name, symbol, label, Show.LAYOUT, wish, "size." + name);
            }
            Worked inside = size.from() == From.CONTENTS && room != null
                    ? (name.equals("length") ? room.length() : room.width())
                    : sheet.decided(
                            "wished-inside-" + name, symbol + "ᵢ", "Inside " + name, Show.LAYOUT, wish, "size." + name);
            return sheet.work(
                    "outside-" + name,
                    symbol,
                    label,
                    Show.LAYOUT,
                    lining != null && size.from() == From.CONTENTS
                            ? inside.plus(Term.fixed(2).times(wall))
                                    .plus(Term.fixed(2).times(lining))
                            : inside.plus(Term.fixed(2).times(wall)),
                    size.from() == From.CONTENTS
                            ? lining == null
                                    ? "What the contents need, and a wall at either side."
                                    : "What the contents need, and a wall and the lining at either side."
                            : "The inside wished for, and a wall at either side.");
        }

        Worked inside(BoxPlan plan, Worksheet sheet, Worked outside) {
            String label = "Inside " + name;
            return plan.size().from() == From.INSIDE
                    ? sheet.decided("inside-" + name, symbol + "ᵢ", label, Show.LAYOUT, wish, "size." + name)
                    : sheet.work(
                            "inside-" + name,
                            symbol + "ᵢ",
                            label,
                            Show.LAYOUT,
                            outside.minus(Term.fixed(2).times(wall)),
                            "The outside less a wall at either side.");
        }
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
}
