package canthook.lid;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.CutPiece;
import canthook.panel.PanelWidth.Movement;
import canthook.panel.Step;
import canthook.plan.BoxPlan;
import canthook.plan.Breadboard;
import canthook.plan.Lid.OnTop;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Boards across a lid's ends. They keep it flat and do not move along their length; the panel moves past them.
 *
 * <pre>
 * panel along    = lid − 2 · end + 2 · tongue;  with splines: lid − 2 · end
 * spline         = 2 · tongue − 0.5 along its grain, which runs across the joint; as long as the panel is wide, a third of it thick
 *                  glued into the panel, whose grain it has, it moves with it as a tongue would
 * at the wettest the panel stands W · x_wet / 2 past each end of them; at the driest they stand W · |x_dry| / 2 past it
 * glued in the middle only: a third of the width, at most 60
 * outer pegs at r from the middle, fixed in the end, in slots of the tongue: r · x_wet inwards, r · |x_dry| outwards, and 0.5
 * sprung         hollow by 0.4 over its length
 * </pre>
 *
 * @param panelAlong the panel with its tongues, to cut
 * @param past the panel past the ends at the wettest, each side
 * @param within the ends past the panel at the driest, each side
 * @param glued length in the middle
 * @param reach of the outer pegs from the middle
 * @param slot longer than the peg is thick
 * @param spline along its grain; null where the panel has tongues
 * @param splineThick its thickness; null likewise
 */
public record BreadboardEnds(
        Breadboard told,
        Worked width,
        Worked panelAlong,
        Worked past,
        Worked within,
        Worked glued,
        Worked reach,
        Worked inwards,
        Worked outwards,
        Worked slot,
        @Nullable Worked spline,
        @Nullable Worked splineThick) {
    private static final Length LONGEST_GLUED = Length.mm(60);
    private static final Length LOOSE = Length.mm(0.5);
    private static final Length SPRUNG = Length.mm(0.4);
    private static final Length LEAST_LEFT = Length.mm(8);

    /**
     * @param lidAlong the lid's length over all
     * @param across the panel's width today
     */
    static BreadboardEnds of(
            Worksheet sheet, Breadboard told, Worked lidAlong, Worked across, Worked thickness, Movement movement) {
        Worked width = decided(sheet, "end-width", "wₑ", "Breadboard end, width", told.width(), "width");
        Worked tongue = decided(
                sheet,
                "end-tongue",
                "tₑ",
                told.isSplined() ? "Spline in the end" : "Tongue in the end",
                told.tongue(),
                "tongue");
        Worked inset = decided(sheet, "end-inset", "iₚ", "Outer peg from the edge", told.inset(), "inset");
        Worked panel = sheet.work(
                "panel-along",
                "Lp",
                told.isSplined()
                        ? "Panel between its ends, along the grain"
                        : "Panel with its tongues, along the grain",
                Show.FIT,
                told.isSplined()
                        ? lidAlong.minus(fixed(2).times(width))
                        : lidAlong.minus(fixed(2).times(width)).plus(fixed(2).times(tongue)),
                told.isSplined()
                        ? "The lid less both ends; splines stand in both."
                        : "The lid less both ends, and the tongues that enter them.");
        Worked spline = !told.isSplined()
                ? null
                : sheet.work(
                        "spline",
                        "ls",
                        "Spline, along its grain",
                        Show.FIT,
                        fixed(2).times(tongue).minus(fixed(LOOSE)),
                        "As deep in the panel as in the end, less half a millimetre; its grain runs across the joint.");
        Worked splineThick = spline == null
                ? null
                : sheet.work("spline-thick", "ts", "Spline, thick", Show.FIT, thickness.over(3), "A third of the lid.");
        Worked past = sheet.work(
                "ends-wettest",
                "a₊",
                "Panel stands past its ends on the wettest day, each side",
                Show.FIT,
                across.times(movement.byWetness()).over(2),
                "Level today; the panel grows across its grain, the ends do not along theirs.");
        Worked within = sheet.work(
                "ends-driest",
                "a₋",
                "Ends stand past the panel on the driest day, each side",
                Show.FIT,
                Term.absolute(across.times(movement.byDryness())).over(2),
                "Level today; the panel shrinks.");
        Worked glued = sheet.work(
                "end-glued",
                "ℓg",
                "Glue the middle only, over",
                Show.LAYOUT,
                Term.smaller(across.over(3), fixed(LONGEST_GLUED)),
                "A third of the width, and never more than is said here: the rest must slide.");
        Worked reach = sheet.work(
                "peg-reach",
                "r",
                "Outer pegs from the middle",
                Show.LAYOUT,
                across.over(2).minus(inset),
                "Half the width, less what you keep to the edge.");
        Worked inwards = sheet.work(
                "slot-inwards",
                "s₊",
                "Slot of an outer peg reaches inwards",
                Show.FIT,
                reach.times(movement.byWetness()),
                "The tongue moves outwards past the peg as it grows.");
        Worked outwards = sheet.work(
                "slot-outwards",
                "s₋",
                "and outwards",
                Show.FIT,
                Term.absolute(reach.times(movement.byDryness())),
                "The tongue moves inwards past the peg as it shrinks.");
        Worked slot = sheet.work(
                "slot-longer",
                "s",
                "Slot longer than the peg is thick by",
                Show.FIT,
                inwards.plus(outwards).plus(fixed(LOOSE)),
                "Both ways, and half a millimetre.");
        return new BreadboardEnds(
                told, width, panel, past, within, glued, reach, inwards, outwards, slot, spline, splineThick);
    }

    private static Worked decided(
            Worksheet sheet, String name, String symbol, String label, Length value, String field) {
        return sheet.decided(name, symbol, label, Show.LAYOUT, value, "lid.ends." + field);
    }

    void judge(OnTop choice, BoxPlan plan, Worked across, Verdicts verdicts) {
        LengthDisplay display = plan.display();
        Fix plain = new Fix("Leave the ends plain", plan.with(choice.withBreadboard(false)));
        if (choice.stuff().known().isSheet()) {
            verdicts.mind(
                    Code.BREADBOARD_ON_SHEET,
                    "lid.end-width",
                    "A sheet stays flat and as wide as it is: boards across its ends hold nothing. Edge it instead.",
                    plain);
        }
        Length most = told.width().minus(LEAST_LEFT);
        if (told.tongue().isOver(most)) {
            verdicts.stop(
                    Code.BREADBOARD_THROUGH,
                    "lid.end-tongue",
                    "The tongue leaves under " + display.text(LEAST_LEFT, Precision.LAYOUT) + " of the end behind it.",
                    most.isUnder(Breadboard.TONGUE.least())
                            ? new Fix[] {plain}
                            : new Fix[] {
                                new Fix(
                                        "Make the tongue " + display.text(most, Precision.LAYOUT) + " long",
                                        plan.with(choice.with(told.withTongue(most)))),
                                plain
                            });
        }
        if (!panelAlong.length().isPositive()) {
            verdicts.stop(Code.BREADBOARD_THROUGH, "lid.end-width", "The two ends leave no panel between them.", plain);
        }
        // an outer peg stands clear of the middle, where the glue is
        if (reach.length().isUnder(glued.length().dividedBy(2).plus(told.peg()))) {
            Length third = across.length().dividedBy(6);
            verdicts.mind(
                    Code.BREADBOARD_PEGS,
                    "lid.peg-reach",
                    "The outer pegs stand where the middle is glued: nothing would slide there.",
                    third.isUnder(Breadboard.INSET.least())
                            ? new Fix[] {plain}
                            : new Fix[] {
                                new Fix(
                                        "Set them " + display.text(third, Precision.LAYOUT) + " from the edge",
                                        plan.with(choice.with(told.withInset(third))))
                            });
        }
    }

    List<CutPiece> pieces(Wood wood, Worked across, Worked thickness) {
        CutPiece ends = new CutPiece("lid", "breadboard end", 2, wood, across, width, thickness, thickness);
        return spline == null || splineThick == null
                ? List.of(ends)
                : List.of(ends, new CutPiece("lid", "spline", 2, wood, spline, across, splineThick, splineThick));
    }

    private String what() {
        return told.isSplined() ? "spline" : "tongue";
    }

    /** What is done for them, before the lid is laid on. */
    List<Step> steps(LengthDisplay display) {
        return List.of(
                new Step(
                        Step.When.AFTER_GLUE,
                        (told.isSplined()
                                        ? "Breadboard ends: a groove in each end and in both ends of the panel for the spline, glued"
                                                + " into the panel, "
                                        : "Breadboard ends: a groove for the tongue, ")
                                + display.text(told.tongue(), Precision.LAYOUT)
                                + " deep and a third of the thickness wide; plane each end hollow by "
                                + display.text(SPRUNG, Precision.FIT) + " so that clamping the middle closes its tips.",
                        width.id()),
                new Step(
                        Step.When.AFTER_GLUE,
                        "Bore for three pegs of " + display.text(told.peg(), Precision.LAYOUT)
                                + " through end and " + what() + ": one in the middle, two " + reach.text(display)
                                + " from it. Lengthen the outer holes of the " + what() + " to slots: "
                                + inwards.text(display)
                                + " inwards, " + outwards.text(display)
                                + " outwards, in all " + slot.text(display)
                                + " longer than the peg is thick. Glue the middle "
                                + glued.text(display) + " alone; glue the outer pegs in the end, not in the " + what()
                                + ".",
                        slot.id()));
    }
}
