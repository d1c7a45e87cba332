package canthook.lid;

import static canthook.working.Term.fixed;
import static canthook.working.Term.noneUnder;

import canthook.length.Beside;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.Step;
import canthook.plan.BoxPlan;
import canthook.plan.Hinges;
import canthook.plan.Hinges.Share;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * Butt hinges along the upper edge of the back, A.
 *
 * <pre>
 * mortise        half in each: (folded − gap) / 2 in lid and wall;  all in one: folded − gap
 * outline        leaf length × leaf width, from the pin's middle outwards
 * position       outer end of each leaf its own length from the corner, or as typed; a third one in the middle
 * screw          at most panel − 2 − its mortise + leaf
 * wall           as thick as the mortise is wide, and 2 more
 * knuckle        stands out of the face by half of it; where it is thicker than the folded hinge both edges give way by
 *                (knuckle − folded) / 2 along the leaf
 * </pre>
 *
 * Check: panel 10, folded 5, leaf 2, gap 0.5: screw half each 7.75, all in the lid 5.5, all in the wall 10.
 *
 * @param inWall depth of the mortise in the wall; 0 when it has none
 * @param inLid depth of the mortise in the lid
 * @param wide from the wall's face inwards
 * @param at from the corner to the outer end of a leaf
 * @param screw longest that stays in the lid
 * @param recess what wall and lid give way for the knuckle, each; 0 where the mortises have room for it
 */
public record ButtHinges(
        Hinges told, Worked inWall, Worked inLid, Worked wide, Worked at, Worked screw, Worked recess) {
    private static final Length STAYS = Length.mm(2);
    private static final Length PAST_JOINT = Length.mm(5);
    private static final Length ONE_MORE_OVER = Length.mm(300);
    private static final Length SHORTEST_SCREW = Length.mm(6);

    /**
     * @param lid what a screw goes into: the panel's thickness, or the height of the lid's wall
     */
    static ButtHinges of(Worksheet sheet, Hinges told, Worked lid) {
        Worked folded = decided(sheet, "hinge-folded", "fₕ", "Hinge, folded", told.folded(), "folded");
        Worked gap = decided(sheet, "hinge-gap", "gₕ", "Gap between lid and wall", told.gap(), "gap");
        Worked leaf = decided(sheet, "hinge-leaf", "ℓₕ", "Leaf, thickness", told.leaf(), "leaf");
        Worked length = decided(sheet, "hinge-length", "Lₕ", "Leaf, length", told.leafLength(), "leafLength");
        Worked width = decided(sheet, "hinge-width", "Wₕ", "Leaf, width", told.leafWidth(), "leafWidth");
        Term both = folded.minus(gap);
        boolean half = told.share() == Share.HALF;
        Worked inWall = mortise(sheet, "wall", half ? both.over(2) : told.share() == Share.ALL_IN_WALL ? both : null);
        Worked inLid = mortise(sheet, "lid", half ? both.over(2) : told.share() == Share.ALL_IN_LID ? both : null);
        Worked wide = sheet.work(
                "hinge-wide",
                "wₘ",
                "Mortise, from the face inwards",
                Show.FIT,
                width.times(1),
                "The leaf from the pin's middle; the pin stands in line with the face, the knuckle out by its half.");
        Worked at = told.inset() == null
                ? sheet.work(
                        "hinge-at",
                        "xₕ",
                        "Outer end of a leaf from the corner",
                        Show.LAYOUT,
                        length.times(1),
                        "A leaf's own length from the corner.")
                : decided(sheet, "hinge-at", "xₕ", "Outer end of a leaf from the corner", told.inset(), "inset");
        Worked screw = sheet.work(
                "hinge-screw",
                "Lₛ",
                "Screws no longer than",
                Show.FIT,
                noneUnder(lid.minus(fixed(STAYS)).minus(inLid).plus(leaf)),
                "What is left of the lid under the mortise, less what is kept whole, and the leaf the screw passes through.");
        Worked knuckle = decided(sheet, "hinge-knuckle", "kₕ", "Knuckle, diameter", told.knuckle(), "knuckle");
        sheet.work(
                "hinge-out",
                "o",
                "The knuckle stands out of the face by",
                Show.FIT,
                knuckle.over(2),
                "The pin is in line with the face: half of the knuckle is outside. The lid does not overhang here.");
        Worked recess = sheet.work(
                "hinge-recess",
                "cₕ",
                "Edges give way for the knuckle by",
                Show.FIT,
                Term.larger(fixed(Length.ZERO), knuckle.minus(folded).over(2)),
                "Half of what it is thicker than the folded hinge, at the face, in wall and lid; nothing where it is not.");
        return new ButtHinges(told, inWall, inLid, wide, at, screw, recess);
    }

    private static Worked decided(
            Worksheet sheet, String name, String symbol, String label, Length value, String field) {
        return sheet.decided(name, symbol, label, Show.LAYOUT, value, "lid.hinges." + field);
    }

    private static Worked mortise(Worksheet sheet, String in, @org.jspecify.annotations.Nullable Term depth) {
        return sheet.work(
                "hinge-in-" + in,
                in.equals("lid") ? "mₗ" : "m_w",
                "Mortise in the " + in + ", deep",
                Show.FIT,
                depth == null ? fixed(Length.ZERO) : depth,
                depth == null
                        ? "The other takes the whole hinge."
                        : "The folded hinge less the gap that is wanted, shared as you decided.");
    }

    /** From the corner of the back to where each leaf begins, along its outside. */
    public List<Length> places(SizedBox box) {
        Length back = box.outsideLength().length();
        Length leaf = told.leafLength();
        Length first = at.length();
        Length last = back.minus(first).minus(leaf);
        List<Length> places = new ArrayList<>();
        int count = told.count();
        for (int i = 0; i < count; i++) {
            places.add(
                    count == 1
                            ? back.minus(leaf).dividedBy(2)
                            : first.plus(last.minus(first).times(i).dividedBy(count - 1)));
        }
        return places;
    }

    /** @param with the plan with these hinges in the place of the ones it has */
    void judge(BoxPlan plan, SizedBox box, Worked lid, Function<Hinges, BoxPlan> with, Verdicts verdicts) {
        LengthDisplay display = plan.display();
        Length back = box.outsideLength().length();
        List<Length> places = places(box);
        Length need = told.leafLength().times(told.count());
        boolean meet = false;
        for (int i = 1; i < places.size(); i++) {
            meet |= places.get(i).minus(places.get(i - 1)).isUnder(told.leafLength());
        }
        if (meet || places.get(0).isNegative() || need.isOver(back)) {
            Length quarter = Hinges.LEAF_LENGTH.nearest(halves(back.dividedBy(2L * told.count() + 2)));
            verdicts.stop(
                    Code.HINGES_TOO_LONG,
                    "lid.hinge-length",
                    told.count() + " hinges of " + display.text(told.leafLength(), Precision.LAYOUT)
                            + " do not find room along a back of " + display.text(back, Precision.LAYOUT) + ".",
                    new Fix(
                            "Take leaves of " + display.text(quarter, Precision.LAYOUT),
                            with.apply(told.withLeafLength(quarter).withInset(null))),
                    new Fix("Take two", with.apply(told.withCount(2).withInset(null))));
            return;
        }
        int wanted = back.isOver(ONE_MORE_OVER) ? 3 : 2;
        if (told.count() < wanted) {
            verdicts.note(
                    Code.HINGES_TOO_FEW,
                    "lid.hinge-at",
                    "Two hinges carry a back up to " + display.text(ONE_MORE_OVER, Precision.LAYOUT)
                            + "; longer ones want three.",
                    new Fix("Take " + (wanted == 2 ? "two" : "three"), with.apply(told.withCount(wanted))));
        }
        Length past = box.finalEndThickness().length().plus(PAST_JOINT);
        if (at.length().isUnder(past)) {
            verdicts.mind(
                    Code.HINGE_IN_JOINT,
                    "lid.hinge-at",
                    "The hinge begins in the joint: a screw there splits a finger. Keep "
                            + display.text(past, Precision.LAYOUT) + " from the corner.",
                    new Fix(
                            "Begin " + display.text(past, Precision.LAYOUT) + " from the corner",
                            with.apply(told.withInset(past))));
        }
        Length wall = box.finalThickness().length();
        if (wall.isUnder(wide.length().plus(STAYS))) {
            Length narrow = wall.minus(STAYS);
            Beside mortise = Beside.of(display, Precision.LAYOUT, wide.length(), wall);
            verdicts.mind(
                    Code.HINGE_WALL_THIN,
                    "lid.hinge-wide",
                    "A mortise " + mortise.one() + " wide leaves too little of a wall of " + mortise.other() + ": "
                            + display.text(STAYS, Precision.LAYOUT) + " should stand inside it.",
                    narrow.isUnder(Hinges.LEAF_WIDTH.least())
                            ? List.of()
                            : List.of(new Fix(
                                    "Take leaves " + display.text(narrow, Precision.LAYOUT) + " wide",
                                    with.apply(told.withLeafWidth(narrow)))));
        }
        if (!inLid.length().isUnder(lid.length().minus(STAYS))) {
            verdicts.stop(
                    Code.HINGE_DEEPER_THAN_LID,
                    "lid.hinge-in-lid",
                    "The mortise goes through the lid, or leaves under " + display.text(STAYS, Precision.LAYOUT)
                            + " of it.",
                    new Fix("Let it all into the wall", with.apply(told.with(Share.ALL_IN_WALL))));
        } else if (screw.length().isUnder(SHORTEST_SCREW)) {
            verdicts.note(
                    Code.HINGE_SCREW_SHORT,
                    "lid.hinge-screw",
                    "Screws of " + screw.text(display)
                            + " hold little in a lid so thin: grind longer ones off, or let the hinges"
                            + " all into the wall.",
                    new Fix("All into the wall", with.apply(told.with(Share.ALL_IN_WALL))));
        }
    }

    /** What is done for them once the glue has set. */
    List<Step> steps(LengthDisplay display) {
        String lidPart = inLid.length().isPositive() ? inLid.text(display) + " deep in the lid" : "none in the lid";
        String wallPart = inWall.length().isPositive() ? inWall.text(display) + " deep in A" : "none in A";
        return List.of(
                new Step(
                        Step.When.AFTER_GLUE,
                        "Mortises for " + told.count() + (told.count() == 1 ? " hinge " : " hinges ")
                                + display.text(told.leafLength(), Precision.LAYOUT) + " long, "
                                + wide.text(display) + " wide, " + wallPart + ", " + lidPart
                                + "; the outer ends " + at.text(display) + " from the corners of A, the back."
                                + (recess.length().isPositive()
                                        ? " Bevel their outer edges by " + recess.text(display) + " for the knuckle."
                                        : ""),
                        inWall.id()),
                new Step(
                        Step.When.AFTER_GLUE,
                        "Screws up to " + screw.text(display)
                                + ": bore pilots as thick as the root of the thread, drive a steel screw first, then the brass one, with wax.",
                        screw.id()));
    }

    /** To half a millimetre, downwards. */
    private static Length halves(Length length) {
        Length half = Length.mm(0.5);
        return half.times(length.nanometres() / half.nanometres());
    }
}
