package canthook.fit;

import static canthook.working.Term.fixed;

import canthook.fingers.Ladder;
import canthook.fingers.Rung;
import canthook.jig.Correction;
import canthook.jig.Jig;
import canthook.jig.Setting;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import canthook.shop.TestCut.Felt;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What the last test cut says.
 *
 * <pre>
 * c    = mean slot − mean finger
 * move = c − c*        positive: AWAY from the cutter, fingers grow, fit tightens; negative: TOWARDS it
 * next: slot as read, finger + move            closing height = n·s − m·c*
 * </pre>
 *
 * One move of δ changes the finger and the clearance by δ, not 2δ: the slot is the cutter's. A move smaller than the larger
 * of 0.02 mm and twice the standard error of the readings is not worth making.
 *
 * @param target c*
 * @param bandFrom least acceptable clearance
 * @param bandTo greatest acceptable clearance
 * @param past clearances of all test cuts, oldest first
 * @param reading the last test cut worked out; null before the first
 */
public record Fit(
        Worked target,
        Worked bandFrom,
        Worked bandTo,
        List<Length> past,
        @Nullable Reading reading,
        List<Worked> numbers,
        List<Verdict> verdicts) {

    /** Which way the fit is off, in terms of a gap from jig to cutter: away makes fingers grow. */
    public enum Direction {
        AWAY,
        TOWARDS,
        STAY
    }

    /**
     * The last test cut.
     *
     * @param move signed, positive away from the cutter
     * @param closing closing height of the setup as it was measured
     * @param closingAfter closing height once the fit is put right
     * @param correction what the hand does, in this jig's own terms; null when nothing is to be moved, or a cause is to be found first
     * @param causes of a contradiction, the likeliest first: find it, and move nothing; empty where tests and readings agree
     * @param doubts what was seen that tests and readings cannot both be right about, a sentence each
     */
    public record Reading(
            Worked slot,
            Worked finger,
            Worked clearance,
            Worked move,
            Direction direction,
            Worked nextSlot,
            Worked nextFinger,
            Worked closing,
            Worked closingAfter,
            Worked least,
            @Nullable Correction correction,
            List<Cause> causes,
            List<String> doubts) {
        public Reading {
            causes = List.copyOf(causes);
            doubts = List.copyOf(doubts);
        }
    }

    /** Reads the test cuts of the box. */
    public static Fit of(BoxPlan plan, Ladder ladder, Jig jig, Shop shop) {
        HouseRules rules = shop.rules();
        Rung chosen = ladder.chosen();
        Worksheet sheet = new Worksheet("fit");
        Worked target = chosen.wanted();
        Worked band = sheet.ruled(
                "band",
                "b",
                "Acceptable either way",
                Show.FIT,
                rules.band(plan.walls().known()),
                HouseRule.BAND_AROUND.reason(),
                null,
                "rules");
        Worked from = sheet.work(
                "band-from",
                "c₋",
                "Least acceptable clearance",
                Show.FIT,
                target.minus(band),
                "The clearance wanted, less the band.");
        Worked to = sheet.work(
                "band-to",
                "c₊",
                "Greatest acceptable clearance",
                Show.FIT,
                target.plus(band),
                "The clearance wanted and the band.");
        OtherWays.on(sheet, chosen, band, rules);
        Verdicts verdicts = new Verdicts("fit");
        List<TestCut> cuts = shop.testCuts();
        List<Length> past = new ArrayList<>();
        for (TestCut cut : cuts) {
            past.add(Readings.mean(cut.slots()).minus(Readings.mean(cut.fingers())));
        }
        if (cuts.isEmpty()) {
            verdicts.note(
                    Code.TEST_FIRST,
                    "fingers.clearance",
                    "Cut a few sections in scrap of the same thickness with the real setup, and read slot and finger."
                            + " Unplug the machine before you measure or change the cutter.");
            return new Fit(target, from, to, past, null, sheet.numbers(), verdicts.all());
        }
        TestCut last = cuts.get(cuts.size() - 1);
        if (!Readings.isOfThisJoint(last, chosen) && !Readings.isImpossible(past.get(past.size() - 1))) {
            verdicts.mind(
                    Code.TEST_CUT_OF_ANOTHER,
                    "fingers.slot",
                    "The last test was cut for another joint: "
                            + (last.sections() == null ? "" : last.sections() + " sections, ")
                            + "slots of " + plan.display().text(Readings.mean(last.slots()), Precision.CALIPER)
                            + ". Now it is "
                            + chosen.sections().count() + " of " + chosen.slot().text(plan.display())
                            + ": cut a new test before you trust a height.");
            return new Fit(target, from, to, past, null, sheet.numbers(), verdicts.all());
        }
        Length play = play(jig.setting());
        Doubted doubted = new Doubted(
                DidNotFollow.of(cuts, jig.setting(), play),
                Disagrees.of(last, jig.setting(), rules.indexError(), play));
        Reading reading = read(sheet, ladder, jig, plan.display(), rules, cuts, doubted);
        FitJudge.judge(plan, chosen, cuts, reading, doubted, from, to, rules, verdicts);
        Drift.of(cuts, chosen)
                .ifPresent(drift -> verdicts.mind(Code.FIT_WANDERS, "fit.clearance", drift.says(plan.display())));
        return new Fit(target, from, to, past, reading, sheet.numbers(), verdicts.all());
    }

    private static Reading read(
            Worksheet sheet,
            Ladder ladder,
            Jig jig,
            LengthDisplay display,
            HouseRules rules,
            List<TestCut> cuts,
            Doubted doubted) {
        List<Cause> causes = doubted.causes();
        TestCut cut = cuts.get(cuts.size() - 1);
        Felt felt = cut.felt();
        Rung chosen = ladder.chosen();
        Worked slot = sheet.measured(
                "slot",
                "s̄",
                felt == null ? "Slot as read" : "Slot, as the cutter makes it",
                Show.CALIPER,
                Readings.mean(cut.slots()),
                felt == null ? "Mean of " + cut.slots().size() + " readings." : "Not read: the slot that is planned.");
        Worked finger = sheet.measured(
                "finger",
                "f̄",
                felt == null ? "Finger as read" : "Finger, as it was felt",
                Show.CALIPER,
                Readings.mean(cut.fingers()),
                felt == null
                        ? "Mean of " + cut.fingers().size() + " readings."
                        : "Not read: a piece that " + felt.words() + " stands for such a finger.");
        Worked clearance = sheet.work(
                "clearance",
                "c",
                felt == null ? "Clearance" : "Clearance, felt",
                Show.FIT,
                slot.minus(finger),
                "Slot less finger; positive is loose.");
        Worked pitch = sheet.work(
                "pitch",
                "p̄",
                "Pitch as read",
                Show.CALIPER,
                slot.plus(finger),
                "From slot to slot: a slot and a finger.");
        sheet.work(
                "pitch-off",
                "Δp",
                "Pitch off what is planned, over the whole wall",
                Show.FIT,
                fixed(Math.max(1, chosen.fingers().count() - 1))
                        .times(pitch.minus(chosen.slot().plus(chosen.finger()))),
                "What one pitch is off, as often as there is one: so far the last slot lies from its place.");
        Worked error = sheet.measured(
                "standard-error",
                "u",
                "Standard error of the readings",
                Show.FIT,
                Readings.standardError(cut),
                "From the scatter of the readings, slot and finger together; nothing is known of it from one reading each.");
        Worked least = sheet.work(
                "least-move",
                "δ₀",
                "Smallest move worth making",
                Show.FIT,
                Term.larger(fixed(rules.smallestMove()), fixed(2).times(error)),
                "A caliper is no better than this, and readings that scatter are no better than twice their standard error.");
        Optional<Length> halfway = felt == null
                ? Optional.empty()
                : Bisected.move(cuts, chosen.wanted().length());
        Worked move = sheet.work(
                "move",
                "δ",
                felt == null ? "The fit is off by" : "Move by, as it was felt",
                Show.FIT,
                halfway.<Term>map(h -> fixed(h).times(1)).orElse(clearance.minus(chosen.wanted())),
                halfway.isPresent()
                        ? "Halfway between the setting that was too tight and the one that was too loose; positive is away from the"
                                + " cutter."
                        : "Positive is too loose (fingers must grow by it), negative too tight (they must shrink).");
        Direction direction = move.length().abs().isUnder(least.length())
                ? Direction.STAY
                : move.length().isPositive() ? Direction.AWAY : Direction.TOWARDS;
        Setting setting = jig.setting();
        Worked closing = sheet.work(
                "closing-height",
                "H₀",
                "Closing height as measured",
                Show.FIT,
                chosen.layout().isEqual()
                        ? chosen.sections().times(slot).minus(chosen.fingers().times(clearance))
                        : chosen.closing().times(1),
                "Sections times the slot as read, less a clearance for every finger.");
        Correction correction = setting == null || direction == Direction.STAY || !causes.isEmpty()
                ? null
                : setting.correction(movedSoFar(cuts, chosen), move.length(), display);
        Worked made = correction == null || correction.made().equals(move.length())
                ? move
                : sheet.work(
                        "made",
                        "δ₁",
                        "As near as it can be set",
                        Show.FIT,
                        fixed(correction.made()),
                        "What whole leaves, sheets or steps of the screw make of it.");
        AfterMove after = AfterMove.of(
                sheet, chosen, setting, correction == null ? Direction.STAY : direction, slot, finger, closing, made);
        return new Reading(
                slot,
                finger,
                clearance,
                move,
                direction,
                after.slot(),
                after.finger(),
                closing,
                after.closing(),
                least,
                correction,
                causes,
                doubted.facts(display));
    }

    /** What was moved since the jig was set for this joint. */
    private static Length movedSoFar(List<TestCut> cuts, Rung chosen) {
        return cuts.stream()
                .filter(cut -> Readings.isOfThisJoint(cut, chosen))
                .flatMap(cut -> Optional.<Length>ofNullable(cut.moved()).stream())
                .reduce(Length.ZERO, Length::plus);
    }

    /** The play of a key in its slot; null where there is none. */
    private static @Nullable Length play(@Nullable Setting setting) {
        return setting == null
                ? null
                : setting.<@Nullable Length>fold(
                        key -> key.play(),
                        screw -> null,
                        spacers -> null,
                        stops -> null,
                        hand -> null,
                        bandSaw -> null);
    }
}
