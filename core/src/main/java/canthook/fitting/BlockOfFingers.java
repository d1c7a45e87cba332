package canthook.fitting;

import static canthook.working.Term.fixed;

import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.Step;
import canthook.plan.FingeredBlock;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A handle of two strips, finger-jointed at right angles along their length with the same cutter and gap as the box.
 *
 * <pre>
 * fingers    m = (wish + s) / (f + s), to the nearest, at least 2
 * long       = m · f + (m − 1) · s          the lying strip begins and ends with a finger; the other with a slot
 * slot deep  = strip + proud
 * middle     of the lid, screwed from below, two screws half its length apart
 * </pre>
 *
 * Check: slots 8, fingers 7.88, wish 70: m = 4.91, so 5; long 71.4.
 *
 * @param count of the lying strip’s fingers
 * @param lid what it sits on; null without a lid
 */
public record BlockOfFingers(
        int index,
        FingeredBlock told,
        Worked count,
        Worked slots,
        Worked finger,
        Worked slot,
        Worked length,
        Worked deep,
        Worked thickness,
        Worked across,
        Worked high,
        @Nullable LidMiddle middle,
        Wood wood)
        implements WorkedFitting {

    static BlockOfFingers of(Worksheet sheet, int index, FingeredBlock told, Around around) {
        String field = Around.field(index);
        Worked finger = around.ladder().chosen().finger();
        Worked slot = around.ladder().chosen().slot();
        Worked wish = sheet.decided("along", "Lw", "Block, long, about", Show.LAYOUT, told.along(), field + "along");
        Worked thickness =
                sheet.decided("thickness", "t", "Strips, thick", Show.LAYOUT, told.thickness(), field + "thickness");
        Worked across =
                sheet.decided("across", "w", "Strip on the lid, wide", Show.LAYOUT, told.across(), field + "across");
        Worked high = sheet.decided("high", "h", "Strip upright, wide", Show.LAYOUT, told.high(), field + "high");
        Worked count = sheet.work(
                "count",
                "m",
                "Fingers of the strip on the lid",
                Show.COUNT,
                Term.larger(
                        fixed(2),
                        Term.roundedDown(wish.plus(slot).over(finger.plus(slot)).plus(0.5))),
                "As many as come nearest to the length wished for, at least two.");
        Worked slots = sheet.work(
                "slots",
                "k",
                "Slots of the strip on the lid",
                Show.COUNT,
                count.minus(1),
                "One fewer than fingers: it begins and ends with a finger, the upright strip with a slot.");
        Worked length = sheet.work(
                "long",
                "L",
                "Block, long",
                Show.FIT,
                count.times(finger).plus(slots.times(slot)),
                "Its sections one after another, of the box’s own finger and slot.");
        Worked deep = sheet.work(
                "deep",
                "D",
                "Slots in both strips, deep",
                Show.FIT,
                thickness.plus(around.box().proud()),
                "As deep as the other strip is thick, and the proud.");
        LidMiddle middle = LidMiddle.of(sheet, around.lid(), length.over(2), thickness);
        return new BlockOfFingers(
                index,
                told,
                count,
                slots,
                finger,
                slot,
                length,
                deep,
                thickness,
                across,
                high,
                middle,
                around.plan().walls().known());
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.block().apply(this);
    }

    @Override
    public String called() {
        return "the block with fingers";
    }

    @Override
    public String word() {
        return "a block with fingers";
    }

    @Override
    public String place() {
        return length.id();
    }

    @Override
    public List<Worked> follows() {
        return List.of();
    }

    @Override
    public List<Feature> features() {
        return List.of();
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of(
                new CutPiece("fittings", "block’s lying strip", 1, wood, length, across, thickness, thickness),
                new CutPiece("fittings", "block’s upright strip", 1, wood, length, high, thickness, thickness));
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        Step joint = new Step(
                Step.When.BEFORE_GLUE,
                "Joint the block’s strips along one edge with the box’s cutter and gap: " + count.shortly(display)
                        + " fingers of " + finger.text(display) + " and " + slots.shortly(display) + " slots of "
                        + slot.text(display) + ", " + deep.text(display)
                        + " deep, in the lying strip; the upright one begins with a slot.",
                length.id());
        return middle == null ? List.of(joint) : List.of(joint, middle.step("block", display));
    }

    void judge(FittingJudge at) {
        at.onLid(this, middle, length.length(), across.length());
    }
}
