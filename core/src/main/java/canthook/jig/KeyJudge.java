package canthook.jig;

import canthook.fingers.Rung;
import canthook.length.Beside;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Leaves;
import canthook.plan.JigChoice.Own;
import canthook.plan.JigChoice.Way;
import canthook.shop.HouseRules;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Worked;
import java.util.Comparator;

/** What can be wrong with a key: too thin to stand, too wide to enter, a fence that cannot come near enough, a part pressed the wrong way. */
final class KeyJudge {
    private static final Length THIN_KEY = Length.mm(2);
    private static final Length LEAST_PLAY = Length.mm(0.005);
    private static final Length MOST_PLAY = Length.mm(0.15);

    private KeyJudge() {}

    /** A key that lies with the jig and enters the slot: its play is what it is, and need not be made. */
    private static void atHand(BoxPlan plan, Length slot, LengthDisplay d, Verdicts verdicts) {
        Own own = plan.jig().own();
        if (own == null) {
            return;
        }
        own.keys().stream()
                .filter(key ->
                        !slot.minus(key).isUnder(LEAST_PLAY) && !slot.minus(key).isOver(MOST_PLAY))
                .max(Comparator.naturalOrder())
                // one that is reckoned with already needs no word
                .filter(key -> !slot.minus(key).equals(plan.jig().slimmerBy()))
                .ifPresent(key -> verdicts.note(
                        Code.KEY_AT_HAND,
                        "jig.key",
                        "A key of " + d.text(key, Precision.CALIPER) + " lies with “" + own.name()
                                + "” and enters with a play of " + d.text(slot.minus(key), Precision.CALIPER)
                                + ": none need be made.",
                        new Fix("Use it", plan.with(plan.jig().withSlimmerBy(slot.minus(key))))));
    }

    /** Says what is wrong with a key. */
    static void judge(KeySetting setting, BoxPlan plan, HouseRules rules, Verdicts verdicts) {
        LengthDisplay d = setting.display();
        Rung rung = setting.rung();
        Worked spacer = setting.spacer();
        ZeroBlock block = setting.block();
        Length width = setting.key().length();
        boolean rod = setting.way() == Way.ROD_KEY && plan.jig().rod() != null;
        Length most = block != null || rung.passes().count() <= 1
                ? rung.slot().length()
                : rung.kerf().length();
        if (!width.isPositive()) {
            verdicts.stop(
                    Code.KEY_THIN,
                    "jig.key",
                    "Nothing is left of the key: it is asked to be slimmer by more than its slot. Take less off.");
            return;
        }
        if (rod && width.isOver(most)) {
            verdicts.stop(
                    Code.KEY_TOO_WIDE,
                    "jig.key",
                    "A rod of " + d.text(width, Precision.CALIPER) + " does not enter "
                            + (most.equals(rung.slot().length()) ? "a slot of " : "a first pass of ")
                            + d.text(most, Precision.CALIPER) + ".",
                    new Fix("Make a key to measure", plan.with(plan.jig().with(Way.SLED_KEY))));
            return;
        }
        if (width.isUnder(THIN_KEY)) {
            verdicts.mind(
                    Code.KEY_THIN,
                    "jig.key",
                    "A key of " + d.text(width, Precision.CALIPER)
                            + " bends and wears: make it of metal, or take wider sections.");
        }
        atHand(plan, most, d, verdicts);
        if (spacer.length().isPositive()) {
            verdicts.note(
                    Code.KEY_SPACERS,
                    "jig.spacer",
                    "Each slot takes " + rung.passes().count() + " passes: "
                            + (block != null
                                    ? "far wall first, then the fence comes nearer by up to "
                                    : setting.router()
                                            ? "near wall first, with spacers up to "
                                            : "far wall without a spacer, then spacers up to ")
                            + d.text(spacer.length(), Precision.CALIPER) + " for the near wall.");
        }
        if (block != null && block.zeroGap().isOver(rung.finger().length())) {
            verdicts.stop(
                    Code.FENCE_CANNOT_CLOSE,
                    "jig.zero-gap",
                    "On its block the fence already stands "
                            + d.text(block.zeroGap().length(), Precision.CALIPER)
                            + " from the cutter, more than a finger: leaves only take it further away. Cut the block for less.",
                    new Fix(
                            "Cut a new block to suit",
                            plan.with(plan.jig()
                                    .with(new Leaves(
                                            null,
                                            block.shop().set(),
                                            block.shop().paper())))));
        }
        Length leavesOff = block == null ? Length.ZERO : block.off(rung);
        if (leavesOff.nanometres() != 0) {
            verdicts.note(
                    Code.LEAVES_OFF,
                    "jig.zero-gap",
                    "The shop's leaves come no nearer than " + d.text(leavesOff.abs(), Precision.CALIPER)
                            + ": the gap will be "
                            + d.text(rung.finger().length().plus(leavesOff), Precision.CALIPER)
                            + ". Cut the zero block to suit a leaf, or let the fit take it.");
        }
        if (spacer.length().isPositive() && block == null) {
            Beside wide = Beside.of(
                    d, Precision.FIT, rung.kerf().length(), rung.slot().length());
            verdicts.mind(
                    Code.PRESS_AWAY,
                    "jig.pressed-towards",
                    "Press every part away from the cutter. Pressed towards it, every pass of a slot lands in one place, and the slot is one"
                            + " kerf of " + wide.one() + " wide instead of " + wide.other() + ".");
            return;
        }
        boolean inside = !setting.pressedTowards()
                .length()
                .isOver(rung.wanted().length().plus(rules.band(plan.walls().known())));
        verdicts.note(
                Code.PRESS_AWAY,
                "jig.pressed-towards",
                "Press every part away from the cutter. Pressed towards it, fingers after the first come out "
                        + d.text(
                                setting.pressedTowards()
                                        .length()
                                        .minus(rung.clearance().length()),
                                Precision.CALIPER)
                        + " narrower: clearance "
                        + d.text(setting.pressedTowards().length(), Precision.CALIPER)
                        + (inside ? ", still inside the band." : ", outside the band."));
    }
}
