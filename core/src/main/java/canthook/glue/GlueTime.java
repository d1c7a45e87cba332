package canthook.glue;

import static canthook.working.Term.fixed;
import static canthook.working.Term.larger;
import static canthook.working.Term.smaller;

import canthook.fingers.Joint;
import canthook.fingers.Joint.JointedCorner;
import canthook.plan.GlueChoice;
import canthook.plan.GlueChoice.Spread;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.wood.Air;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;

/**
 * How long it takes to spread and close the box, against the time the glue gives.
 *
 * <pre>
 * spreading = faces · seconds a face · mates spread / people        all = spreading + closing and squaring
 * open time = that of the kind, its shorter end, halved from 28 °C up and halved from 30 % RH down
 * total     = twice the open time, where the label says nothing
 * in hand   = the smaller of open − spreading and total − all
 * halves    : two L first, each corner by itself, then the two corners left at once; the longest of these counts
 * </pre>
 *
 * Check: 48 faces, one mate spread, 4 s a face, 180 s to close: 192 s spreading, 372 s in all; both mates 564 s; two people, one mate 276 s.
 *
 * @param atOnce faces that are spread before anything is closed
 * @param corner time to spread the corner with the most faces
 */
public record GlueTime(
        Worked atOnce,
        Worked each,
        Worked spreading,
        Worked closing,
        Worked all,
        Worked open,
        Worked total,
        Worked inHand,
        Worked corner) {
    private static final double WARM = 28;
    private static final double DRY = 30;
    private static final String RULE_OF_THUMB = "A rule of thumb; the label comes first.";

    static GlueTime of(Worksheet sheet, GlueChoice choice, Worked faces, Joint joint, Air air, HouseRules rules) {
        Worked each = sheet.house(
                "per-face",
                "t₁",
                "Seconds to spread a face",
                Show.SECONDS,
                rules.value(HouseRule.GLUE_PER_FACE),
                HouseRule.GLUE_PER_FACE.reason());
        Worked mates = sheet.decided(
                "mates",
                "m",
                "Mates spread",
                Show.COUNT,
                choice.spread() == Spread.BOTH_MATES ? 2 : 1,
                "glueUp.spread");
        Worked people = sheet.decided("people", "w", "People", Show.COUNT, choice.people(), "glueUp.people");
        Worked atOnce = atOnce(sheet, choice, faces, joint);
        Worked spreading = sheet.work(
                "spreading",
                "t_s",
                "To spread",
                Show.CLOCK,
                atOnce.times(each).times(mates).over(people),
                "Every face that is spread, once or on both mates; two people spread at once.");
        Worked closing = sheet.house(
                "closing",
                "t_c",
                "To close and square",
                Show.CLOCK,
                rules.value(HouseRule.CLOSE_AND_SQUARE),
                HouseRule.CLOSE_AND_SQUARE.reason());
        Worked all = sheet.work(
                "all",
                "t",
                "Spread, closed and square in",
                Show.CLOCK,
                spreading.plus(closing),
                "One after the other.");
        Worked open = open(sheet, choice, air);
        Worked total = total(sheet, choice, open);
        Worked inHand = sheet.work(
                "in-hand",
                "Δt",
                "In hand",
                Show.CLOCK,
                smaller(open.minus(spreading), total.minus(all)),
                "What is left of the open time once all is spread, or of the whole time once it is square: the less of the two.");
        int most = joint.corners().stream().mapToInt(joint::faces).max().orElse(0);
        Worked corner = sheet.work(
                "corner",
                "t₄",
                "To spread one corner",
                Show.CLOCK,
                fixed(most).times(each).times(mates).over(people),
                "The faces of the corner that has the most.");
        return new GlueTime(atOnce, each, spreading, closing, all, open, total, inHand, corner);
    }

    private static Worked atOnce(Worksheet sheet, GlueChoice choice, Worked faces, Joint joint) {
        if (!choice.halves()) {
            return sheet.work(
                    "at-once",
                    "f",
                    "Faces spread at once",
                    Show.COUNT,
                    faces.times(1),
                    "All four corners close at once.");
        }
        JointedCorner[] corners = joint.corners().toArray(new JointedCorner[0]);
        // the first half begins with the part the order card begins with
        int one = OrderCard.firstPart(joint).ordinal();
        int first = joint.faces(corners[one]);
        int third = joint.faces(corners[(one + 2) % 4]);
        return sheet.work(
                "at-once",
                "f",
                "Faces spread at once",
                Show.COUNT,
                larger(
                        fixed(joint.faces(corners[(one + 1) % 4])).plus(fixed(joint.faces(corners[(one + 3) % 4]))),
                        fixed(Math.max(first, third))),
                "Two corners opposite each other each by itself first; then the two left, together. The most of these counts.");
    }

    private static Worked open(Worksheet sheet, GlueChoice choice, Air air) {
        GlueChoice.Glue glue = choice.glue();
        Worked said = choice.openMinutes() != null
                ? sheet.decided(
                        "open-usual",
                        "t₀",
                        "Open time, by the label",
                        Show.CLOCK,
                        choice.openMinutes() * 60,
                        "glueUp.openMinutes")
                : sheet.table(
                        "open-usual",
                        "t₀",
                        "Open time at 20 °C and 50 %",
                        Show.CLOCK,
                        glue.openLeast() * 60,
                        glue.words() + ": " + glue.openLeast() + " to " + glue.openMost()
                                + " minutes; planned with the shorter. The label comes first.",
                        "");
        Worked warm = sheet.table(
                "warm",
                "k_w",
                "For the warmth",
                Show.RATIO,
                air.temperature() >= WARM ? 0.5 : 1,
                "Half from 28 °C up. " + RULE_OF_THUMB,
                "");
        Worked dry = sheet.table(
                "dry",
                "k_d",
                "For the dryness",
                Show.RATIO,
                air.humidity() <= DRY ? 0.5 : 1,
                "Half from 30 % relative humidity down. " + RULE_OF_THUMB,
                "");
        return sheet.work(
                "open",
                "t_o",
                "This glue stays open",
                Show.CLOCK,
                said.times(warm).times(dry),
                "Its open time, in the air of your shop.");
    }

    private static Worked total(Worksheet sheet, GlueChoice choice, Worked open) {
        if (choice.totalMinutes() == null) {
            return sheet.work(
                    "total",
                    "t_g",
                    "This glue grabs after",
                    Show.CLOCK,
                    open.times(2),
                    "Twice the open time, where the label says nothing.");
        }
        Worked said = sheet.decided(
                "total-usual",
                "t₂",
                "Total assembly time, by the label",
                Show.CLOCK,
                choice.totalMinutes() * 60,
                "glueUp.totalMinutes");
        Term warm = open.over(sheet.numbers().stream()
                .filter(n -> n.is("glue.open-usual"))
                .findFirst()
                .orElseThrow());
        return sheet.work(
                "total",
                "t_g",
                "This glue grabs after",
                Show.CLOCK,
                said.times(warm),
                "As the label says, shortened by the air as the open time is.");
    }

    /** Whether everything is spread while the glue is open, and square before it grabs. */
    public boolean isEnough() {
        return inHand.number() >= 0;
    }
}
