package canthook.fingers;

import canthook.cutter.Cutter;
import canthook.length.Beside;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.JigChoice.Way;
import canthook.plan.SizeWish;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import java.util.List;

/** What is said of the count that stands: whether the cutter makes it, whether a hair more makes it one pass, whether it is a strange one. */
final class LadderJudge {
    /** Thicker is a machine's blade. */
    private static final Length THICKEST_HAND_SAW = Length.mm(1.6);

    private static final Length HAND_SAW = Length.mm(0.75);
    private static final Length HAIR = Length.mm(0.5);

    private LadderJudge() {}

    static void judge(
            BoxPlan plan, SizedBox box, List<Rung> rungs, Rung best, Rung chosen, Verdicts verdicts, HouseRules rules) {
        LengthDisplay display = plan.display();
        Length kerf = chosen.kerf().length();
        if (!best.feasible()) {
            verdicts.stop(
                    Code.KERF_TOO_WIDE,
                    "fingers.slot",
                    "A kerf of " + display.text(kerf, Precision.FIT) + " is too wide for a wall "
                            + display.text(box.jointed().length(), Precision.LAYOUT)
                            + " high: even three sections would be narrower. Take a narrower cutter or a higher wall.");
            return;
        }
        if (!chosen.feasible()) {
            Beside wide = Beside.of(display, Precision.FIT, chosen.slot().length(), kerf);
            verdicts.stop(
                    Code.COUNT_NOT_POSSIBLE,
                    "fingers.slot",
                    chosen.sections().count() + " sections would be " + wide.one() + " wide"
                            + (chosen.layout().isEqual() ? "" : " on average, and at least one slot")
                            + ", narrower than the kerf of " + wide.other() + ".",
                    new Fix(
                            "Take " + best.sections().count() + " sections",
                            plan.with(
                                    plan.fingers().withSections(best.sections().count()))));
        }
        boolean byHand = plan.jig().way() == Way.HAND;
        Length overKerf = chosen.slot().length().minus(kerf);
        if (chosen.feasible()
                && !byHand
                && overKerf.isPositive()
                && !overKerf.isOver(HAIR)
                && SizeWish.takesHeight(chosen.onePassCloses().length())
                && plan.size().decidesHeight()) {
            verdicts.note(
                    Code.HAIR_OVER_KERF,
                    "fingers.passes",
                    "A slot " + display.text(overKerf, Precision.FIT) + " over the kerf still needs "
                            + chosen.passes().count() + " passes, the last of them for next to nothing.",
                    new Fix(
                            "Make the wall "
                                    + display.text(chosen.onePassCloses().length(), Precision.FIT) + " high: one pass",
                            plan.with(plan.size()
                                            .withHeight(chosen.onePassCloses().length()))
                                    .with(plan.fingers()
                                            .withSections(chosen.sections().count()))));
        }
        double ratio = chosen.sectionRatio().number();
        if (chosen.feasible() && rules.isStrange(ratio)) {
            verdicts.note(
                    Code.SECTION_STRANGE,
                    "fingers.section-ratio",
                    "A choice seldom made: " + Score.ratioWords(ratio) + ". "
                            + chosen.sectionRatio().rule());
        }
        if (plan.fingers().widths() != null) {
            SectionLists.judge(plan, box.jointed().length(), chosen, verdicts);
        }
        if (byHand) {
            judgeHandSaw(plan, chosen, verdicts);
        }
        judgeTool(chosen, verdicts);
        if (rungs.stream().anyMatch(r -> r.feasible() && r.sections().count() >= FingerChoice.MOST_SECTIONS - 1)) {
            verdicts.note(
                    Code.LADDER_CUT_OFF,
                    "fingers.sections",
                    "Counts over " + FingerChoice.MOST_SECTIONS + " are possible and not listed.");
        }
    }

    private static void judgeHandSaw(BoxPlan plan, Rung chosen, Verdicts verdicts) {
        Cutter cutter = chosen.tool().cutter();
        Length kerf = chosen.kerf().length();
        if (cutter == null ? kerf.isOver(THICKEST_HAND_SAW) : cutter.kind() != Cutter.Kind.HAND_SAW) {
            LengthDisplay display = plan.display();
            verdicts.mind(
                    Code.NO_HAND_SAW,
                    "fingers.slot",
                    "By hand, but the cutter is still " + plan.fingers().cutter() + ", "
                            + display.text(kerf, Precision.FIT) + ": no slot would be narrower than that.",
                    new Fix(
                            "Reckon with a fine hand saw, " + display.text(HAND_SAW, Precision.FIT),
                            plan.with(plan.fingers()
                                    .with(new Cutter(
                                            "hand-saw",
                                            "Hand saw",
                                            Cutter.Kind.HAND_SAW,
                                            HAND_SAW,
                                            HAND_SAW,
                                            null,
                                            "",
                                            null,
                                            null,
                                            null,
                                            ""))
                                    .withAnyCutter(false))));
        }
    }

    private static void judgeTool(Rung chosen, Verdicts verdicts) {
        Cutter cutter = chosen.tool().cutter();
        if (cutter != null && cutter.leavesRidges() && chosen.feasible()) {
            verdicts.note(
                    Code.RIDGED_FLOOR,
                    "fingers.kerf",
                    "Teeth of alternate bevels leave fine ridges on the slot's floor: pare them, or take a flat-topped rip tooth.");
        }
    }
}
