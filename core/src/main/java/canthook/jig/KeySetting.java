package canthook.jig;

import canthook.fingers.Ladder;
import canthook.fingers.Rung;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
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
 * Where a fixed key stands, how wide it is, and the first cuts.
 *
 * <pre>
 * one pass a slot:   g = f                key = slot − slimmer
 * more passes:       g = f + s − k        key = kerf − slimmer        spacer for the near wall = s − k
 * </pre>
 *
 * Parts are pressed away from the cutter, so the slot's wall nearer the cutter bears on the key: the pitch is kerf + gap
 * whatever the key's width. The gap is from the key's cutter side to the cutter's near side.
 *
 * @param gap g
 * @param key its width
 * @param spacer for the pass at the slot's near wall; zero with one pass
 * @param pressedTowards the clearance if parts were pressed towards the cutter instead
 * @param steps the first cuts of both ends
 */
public record KeySetting(
        Worked gap,
        Worked key,
        Worked spacer,
        Worked pitch,
        Worked cutterHeight,
        Worked pressedTowards,
        Worked slotsFingerFirst,
        Worked slotsSlotFirst,
        List<Step> steps,
        List<Worked> numbers,
        List<Verdict> verdicts) {
    private static final Length THIN_KEY = Length.mm(2);

    /** Which end is being cut. */
    public enum End {
        FINGER_FIRST,
        SLOT_FIRST
    }

    /**
     * One of the first cuts.
     *
     * @param end the end being cut
     * @param title short: {@code first slot}
     * @param instruction at most twelve words
     * @param slotFrom near wall of the slot being cut, from the part's reference edge
     * @param edgeAt where the part's reference edge stands: distance from the key's cutter side towards the cutter, negative
     *     beyond the key
     * @param passFrom near side of this pass from the reference edge
     * @param spacer between key and part for this pass
     * @param guide whether a finished finger-first part stands between key and part
     */
    public record Step(
            End end,
            String title,
            String instruction,
            Length slotFrom,
            Length edgeAt,
            Length passFrom,
            Length spacer,
            boolean guide) {}

    /** Works out the setting. */
    public static KeySetting of(BoxPlan plan, SizedBox box, Ladder ladder, HouseRules rules) {
        Rung chosen = ladder.chosen();
        Worksheet sheet = new Worksheet("jig");
        Worked kerf = sheet.measured(
                "kerf",
                "k",
                "Measured kerf",
                Show.FIT,
                plan.fingers().kerf(),
                "The slot one pass leaves, as measured in a cut.");
        Worked slimmer = sheet.ruled(
                "slimmer",
                "Δκ",
                "Key slimmer by",
                Show.FIT,
                rules.keySlimmerBy(),
                HouseRule.KEY_SLIMMER_BY.reason(),
                plan.jig().slimmerBy(),
                "jig.slimmerBy");
        boolean once = chosen.passes().count() <= 1;
        Worked spacer = sheet.work(
                "spacer",
                "x",
                "Spacer for the near wall",
                Show.FIT,
                once ? Term.fixed(Length.ZERO) : chosen.slot().minus(kerf),
                once
                        ? "One pass makes the slot: no spacer."
                        : "Between key and slot wall, or key and edge, for the pass at the near wall.");
        Worked gap = sheet.work(
                "gap",
                "g",
                "Gap, key to cutter",
                Show.FIT,
                once ? chosen.finger().times(1) : chosen.finger().plus(spacer),
                once
                        ? "The gap is a finger: what stands between key and cutter is what stays."
                        : "A finger, and the rest of the slot, so that the pass without a spacer cuts the far wall.");
        Worked key = sheet.work(
                "key",
                "κ",
                "Key width",
                Show.FIT,
                once ? chosen.slot().minus(slimmer) : kerf.minus(slimmer),
                once
                        ? "The slot less a little play."
                        : "No wider than the kerf, so that key and spacer together still enter the slot.");
        Worked pitch = sheet.work(
                "pitch",
                "p",
                "Pitch the jig gives",
                Show.FIT,
                kerf.plus(gap),
                "Kerf and gap, whatever the key's width, while the part is pressed away from the cutter.");
        Worked towards = sheet.work(
                "pressed-towards",
                "c′",
                "Clearance if pressed towards the cutter",
                Show.FIT,
                once
                        ? chosen.clearance().plus(chosen.slot().minus(key))
                        : chosen.clearance().plus(chosen.slot().minus(key).minus(spacer)),
                "The play of the key is lost from every finger after the first.");
        Worked height = sheet.work(
                "cutter-height", "D", "Cutter height", Show.FIT, box.slotDepth().times(1), "As deep as the slot.");
        Worked fingerFirst = sheet.work(
                "slots-finger-first",
                "n − m",
                "Slots on a finger-first end",
                Show.COUNT,
                chosen.sections().minus(chosen.fingers()),
                "The sections that are not fingers.");
        Worked slotFirst = sheet.work(
                "slots-slot-first",
                "m",
                "Slots on a slot-first end",
                Show.COUNT,
                chosen.fingers().times(1),
                "One for every finger of the mate.");
        Verdicts verdicts = new Verdicts("jig");
        judge(plan, chosen, key, towards, spacer, rules, verdicts);
        return new KeySetting(
                gap,
                key,
                spacer,
                pitch,
                height,
                towards,
                fingerFirst,
                slotFirst,
                steps(chosen, plan.fingers().kerf()),
                sheet.numbers(),
                verdicts.all());
    }

    /** First and second slot of either end, every pass of the first slot. */
    private static List<Step> steps(Rung chosen, Length kerf) {
        Length finger = chosen.finger().length();
        Length pitch = chosen.pitch().length();
        Length over = chosen.slot().length().minus(kerf);
        List<Step> steps = new ArrayList<>();
        List<Length> passes = chosen.passesAt();
        for (End end : End.values()) {
            boolean fingerFirst = end == End.FINGER_FIRST;
            Length first = fingerFirst ? finger : Length.ZERO;
            for (int i = passes.size() - 1; i >= 0; i--) {
                Length spacer = over.isPositive() ? over.minus(passes.get(i)) : Length.ZERO;
                Length restAt = fingerFirst ? Length.ZERO : finger;
                steps.add(new Step(
                        end,
                        passes.size() == 1 ? "first slot" : "first slot, pass " + (passes.size() - i),
                        fingerFirst
                                ? (spacer.isPositive() ? "Spacer to key, edge to spacer." : "Reference edge to key.")
                                : (spacer.isPositive()
                                        ? "Spacer on the key, guide part on it, butt against it."
                                        : "Guide part turned on the key, butt against it."),
                        first,
                        restAt.plus(spacer),
                        first.plus(passes.get(i)),
                        spacer,
                        !fingerFirst));
            }
            boolean another = chosen.sections().count() > 3 || !fingerFirst;
            if (another) {
                steps.add(new Step(
                        end,
                        passes.size() == 1 ? "each next" : "each next, pass 1",
                        "Hang the last slot on the key. Press away from the cutter.",
                        first.plus(pitch),
                        first.plus(chosen.slot().length()).negated(),
                        first.plus(pitch).plus(over.isPositive() ? over : Length.ZERO),
                        Length.ZERO,
                        false));
            }
        }
        return steps;
    }

    private static void judge(
            BoxPlan plan, Rung chosen, Worked key, Worked towards, Worked spacer, HouseRules rules, Verdicts verdicts) {
        LengthDisplay display = plan.display();
        if (!key.length().isPositive()) {
            verdicts.stop(
                    Code.KEY_THIN,
                    "jig.key",
                    "Nothing is left of the key: it is asked to be slimmer by more than its slot. Take less off.");
            return;
        }
        if (key.length().isUnder(THIN_KEY)) {
            verdicts.mind(
                    Code.KEY_THIN,
                    "jig.key",
                    "A key of " + display.text(key.length(), Precision.FIT)
                            + " bends and wears: make it of metal, or take wider sections.");
        }
        if (spacer.length().isPositive()) {
            verdicts.note(
                    Code.KEY_SPACERS,
                    "jig.spacer",
                    "Each slot takes " + chosen.passes().count()
                            + " passes: far wall without a spacer, then spacers up to "
                            + display.text(spacer.length(), Precision.FIT) + " for the near wall.");
        }
        boolean inside = !towards.length()
                .isOver(chosen.clearance().length().plus(rules.band(plan.walls().known())));
        verdicts.note(
                Code.PRESS_AWAY,
                "jig.pressed-towards",
                "Press every part away from the cutter. Pressed towards it, fingers after the first come out "
                        + display.text(towards.length().minus(chosen.clearance().length()), Precision.FIT)
                        + " narrower: clearance "
                        + display.text(towards.length(), Precision.FIT)
                        + (inside ? ", still inside the band." : ", outside the band."));
    }
}
