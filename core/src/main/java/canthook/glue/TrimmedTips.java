package canthook.glue;

import static canthook.working.Term.fixed;

import canthook.length.Beside;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.Step;
import canthook.plan.BoxPlan;
import canthook.plan.GlueChoice;
import canthook.plan.GlueChoice.Trim;
import canthook.plan.SizeWish.Tips;
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
import org.jspecify.annotations.Nullable;

/**
 * What becomes of the tips once the glue is hard. After it the outside is the outside that was planned.
 *
 * <pre>
 * saw with a raised fence: shoe = proud + 1        blade = shoe + T of the mate + 0.5     fence's underside = shoe + T + 1.5
 *                          fence's top ≤ shoe + face − T − 1                              shoe's width ≤ face − both walls − 2
 * tips left by design    : bevelled before the glue, the bevel as high as the tips stand out, proud · tan (bevel) into the tip from each side
 * tips under the face    : the faces come down to them, by what was left
 * edges after            : rounded or chamfered by at most a third of the wall
 * </pre>
 *
 * Check: proud 1, T 10, face 100: shoe 2, blade 12.5, underside 13.5, top at most 91. Proud 2 bevelled by 30°: 1.15 into the tip.
 *
 * @param way how proud tips go; null where they are left, or the faces come down to them
 * @param tips what the size says of the tips
 * @param shoe under the box at the saw; null for other ways
 * @param bevel angle of the bevel, and how far it reaches into the tip; null where tips do not stay
 * @param round at most so much comes off the edges
 * @param edge what comes off the outer edges; null when they stay sharp
 */
public record TrimmedTips(
        @Nullable Trim way,
        Tips tips,
        Worked takes,
        @Nullable Worked shoe,
        @Nullable Rails ends,
        @Nullable Rails sides,
        @Nullable Bevel bevel,
        Worked round,
        @Nullable Worked edge) {
    private static final double USUAL_BEVEL = 45;
    private static final Length SANDS_AWAY = Length.mm(0.4);
    private static final Length ONE = Length.mm(1);
    /** So much of half a tip is left between its bevels, mm. */
    private static final double LEFT = 0.3;

    /**
     * The saw set for one pair of faces.
     *
     * @param blade over the table
     * @param under underside of the raised fence, over the table
     * @param top its top, at most
     * @param wide the shoe's width, at most
     */
    public record Rails(Worked blade, Worked under, Worked top, Worked wide) {
        boolean haveRoom() {
            return top.length().isOver(under.length()) && wide.length().isPositive();
        }
    }

    /** The bevel of tips that stay. */
    public record Bevel(Worked angle, Worked wide, Worked finger) {
        /** Whether something of the tip is left between two bevels. */
        boolean leavesATip() {
            return wide.length().times(2).compareTo(finger.length()) < 0;
        }
    }

    /** @param finger how wide a finger is */
    static TrimmedTips of(Worksheet sheet, BoxPlan plan, SizedBox box, Worked finger) {
        Tips tips = plan.size().tips();
        Trim way = way(plan, tips);
        Worked takes = tips == Tips.UNDER
                ? sheet.work(
                        "planed-down",
                        "u",
                        "Planed off every face",
                        Show.FIT,
                        box.thickness().minus(box.finalThickness()),
                        "The faces come down to the tips.")
                : sheet.work(
                        "tips-proud",
                        "P",
                        way == null ? "Tips stay out by" : "Off every tip",
                        Show.FIT,
                        box.proud().times(1),
                        way == null
                                ? "Left proud by design; bevelled before the glue."
                                : "What the tips stand past the face.");
        Worked shoe = null;
        Rails ends = null;
        Rails sides = null;
        if (way == Trim.SAW) {
            shoe = sheet.work(
                    "shoe",
                    "h",
                    "Shoe under the box",
                    Show.LAYOUT,
                    box.proud().plus(fixed(ONE)),
                    "A millimetre more than the tips stand out, so that those of the other faces do not tilt the box.");
            ends = rails(
                    sheet,
                    "ends",
                    "B and D",
                    shoe,
                    box.finalThickness(),
                    box.finalEndThickness(),
                    box.outsideWidth(),
                    box.outsideLength());
            sides = rails(
                    sheet,
                    "sides",
                    "A and C",
                    shoe,
                    box.finalEndThickness(),
                    box.finalThickness(),
                    box.outsideLength(),
                    box.outsideWidth());
        }
        Bevel bevel = null;
        if (tips == Tips.BY_DESIGN) {
            Double own = plan.glueUp().bevel();
            Worked angle = own == null
                    ? sheet.table("bevel", "β", "Bevel of the tips", Show.ANGLE, USUAL_BEVEL, "As most do it.", "")
                    : sheet.decided("bevel", "β", "Bevel of the tips", Show.ANGLE, own, "glueUp.bevel");
            bevel = new Bevel(
                    angle,
                    sheet.work(
                            "bevel-wide",
                            "w",
                            "Bevel into the tip, from each side",
                            Show.LAYOUT,
                            takes.times(Term.tangent(angle)),
                            "As high as the tip stands out, and no deeper: under the face it would show as a gap."),
                    finger);
        }
        Worked thinner = box.thinnestWall();
        Worked round = sheet.work(
                "edge-radius",
                "r",
                "Edges rounded by, at most",
                Show.LAYOUT,
                thinner.over(3),
                "A third of the wall: more eats into the look of the outer fingers.");
        GlueChoice.Edge own = plan.glueUp().edge();
        Worked edge = own == null
                ? null
                : sheet.decided(
                        "edge", "e", "Edges " + own.shape().words() + " by", Show.LAYOUT, own.by(), "glueUp.edge.by");
        return new TrimmedTips(way, tips, takes, shoe, ends, sides, bevel, round, edge);
    }

    private static @Nullable Trim way(BoxPlan plan, Tips tips) {
        return switch (tips) {
            case SAND ->
                plan.glueUp().trim() == null ? Trim.SAND : plan.glueUp().trim();
            case TRIM ->
                plan.glueUp().trim() == null ? Trim.ROUTER : plan.glueUp().trim();
            case BY_DESIGN, UNDER -> null;
        };
    }

    /**
     * @param tip thickness of the walls whose tips come off, which lie on the shoe
     * @param trimmed thickness of the walls whose faces come flush
     * @param face how far the trimmed face reaches up
     * @param lies how far the face that lies on the shoe reaches from tips to tips
     */
    private static Rails rails(
            Worksheet sheet,
            String which,
            String faces,
            Worked shoe,
            Worked tip,
            Worked trimmed,
            Worked face,
            Worked lies) {
        return new Rails(
                sheet.work(
                        "blade-" + which,
                        "b",
                        "Blade over the table, faces " + faces,
                        Show.LAYOUT,
                        shoe.plus(tip).plus(fixed(Length.mm(0.5))),
                        "Through the tips, and half a millimetre over."),
                sheet.work(
                        "under-" + which,
                        "z₁",
                        "Fence's underside, faces " + faces,
                        Show.LAYOUT,
                        shoe.plus(tip).plus(fixed(Length.mm(1.5))),
                        "Clear of the blade; the face slides along its edge, in line with the teeth."),
                sheet.work(
                        "top-" + which,
                        "z₂",
                        "Fence's top at most, faces " + faces,
                        Show.LAYOUT,
                        shoe.plus(face).minus(tip).minus(fixed(ONE)),
                        "It stays below the tips at the far edge."),
                sheet.work(
                        "shoe-" + which,
                        "w",
                        "Shoe no wider than, faces " + faces,
                        Show.LAYOUT,
                        lies.minus(fixed(2).times(trimmed)).minus(fixed(Length.mm(2))),
                        "Clear of both rows of tips it lies between."));
    }

    /** What to do, in the order it is done. */
    List<Step> steps(LengthDisplay display) {
        List<Step> steps = new ArrayList<>();
        switch (tips) {
            case UNDER ->
                steps.add(after(
                        "Plane every face down to the tips, " + takes.text(display)
                                + ", from the edges inwards; a block behind the last finger.",
                        takes));
            case BY_DESIGN ->
                steps.add(new Step(
                        Step.When.BEFORE_GLUE,
                        "Bevel the tips by " + angle(display) + ", no deeper than they will stand out, "
                                + takes.text(display) + ".",
                        takes.id()));
            case SAND, TRIM -> steps.add(after(trimming(display), takes));
        }
        if (edge != null) {
            steps.add(after(
                    edge.label() + " " + edge.text(display) + ", all outer edges alike, once all is flush.", edge));
        }
        return steps;
    }

    /** The angle of the bevel. */
    public String angle(LengthDisplay display) {
        return bevel == null ? "" : bevel.angle().number(display) + "°";
    }

    private static Step after(String says, Worked number) {
        return new Step(Step.When.AFTER_GLUE, says, number.id());
    }

    private String trimming(LengthDisplay display) {
        String proud = takes.text(display);
        Trim how = way == null ? Trim.SAND : way;
        return switch (how) {
            case ROUTER ->
                "Trim the tips, " + proud
                        + ", with a bearing on the face: a wide shoe under the router, fed against the bit, a block behind the last finger.";
            case SAW ->
                "Trim the tips at the saw against a raised fence, its edge in line with the teeth; a shoe "
                        + (shoe == null ? "" : shoe.text(display)) + " high under the box.";
            case PLANE ->
                "Plane the tips flush, " + proud + ", set fine, from the edge inwards; a block behind the last finger.";
            case SAND -> "Sand the tips flush, " + proud + ", on a flat board.";
        };
    }

    void judge(BoxPlan plan, Verdicts verdicts) {
        LengthDisplay display = plan.display();
        if (way == Trim.SAND && takes.isOver(SANDS_AWAY)) {
            verdicts.mind(
                    Code.TRIM_BY_SANDING,
                    "glue.tips-proud",
                    "Tips that stand out " + takes.text(display) + " are much to sand: up to "
                            + display.text(SANDS_AWAY, Precision.FIT) + " goes well, and sanding rounds the edges.",
                    new Fix("Plane them", plan.with(plan.glueUp().with(Trim.PLANE))),
                    new Fix("Trim them with a router", plan.with(plan.glueUp().with(Trim.ROUTER))));
        }
        if (ends != null && sides != null && !(ends.haveRoom() && sides.haveRoom())) {
            verdicts.stop(
                    Code.TRIM_NO_ROOM,
                    ends.haveRoom() ? "glue.top-sides" : "glue.top-ends",
                    "There is no room for a fence between blade and far tips, or for a shoe between the tips.",
                    new Fix("Plane them", plan.with(plan.glueUp().with(Trim.PLANE))),
                    new Fix("Trim them with a router", plan.with(plan.glueUp().with(Trim.ROUTER))));
        }
        if (bevel != null && !bevel.leavesATip()) {
            double most = Math.floor(Math.toDegrees(Math.atan(
                    (bevel.finger().length().mm() / 2 - LEFT) / takes.length().mm())));
            Beside reach = Beside.of(
                    display,
                    Precision.FIT,
                    bevel.wide().length(),
                    bevel.finger().length());
            String says = "The two bevels of a tip meet: each reaches " + reach.one() + " into a finger of "
                    + reach.other() + ", and the tip becomes a ridge.";
            if (most >= GlueChoice.BEVEL.least()) {
                verdicts.mind(
                        Code.BEVELS_MEET,
                        "glue.bevel-wide",
                        says,
                        new Fix(
                                "Bevel them by " + (int) most + "°",
                                plan.with(plan.glueUp().withBevel(most))));
            } else {
                verdicts.mind(Code.BEVELS_MEET, "glue.bevel-wide", says);
            }
        }
        GlueChoice.Edge own = plan.glueUp().edge();
        if (own != null && own.by().compareTo(round.length()) > 0) {
            Length third = Length.mm(Math.max(
                    GlueChoice.Edge.BY.least().mm(), Math.floor(round.length().mm() * 10) / 10));
            verdicts.mind(
                    Code.EDGES_EAT_FINGERS,
                    "glue.edge",
                    "Edges " + own.shape().words() + " by " + display.text(own.by(), Precision.LAYOUT)
                            + " eat more than a third of the wall: the outer fingers look thin, and the joint shows slanted.",
                    new Fix(
                            "Take " + display.text(third, Precision.LAYOUT),
                            plan.with(plan.glueUp().with(new GlueChoice.Edge(own.shape(), third)))));
        }
    }
}
