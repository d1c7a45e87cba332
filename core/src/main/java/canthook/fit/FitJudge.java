package canthook.fit;

import canthook.fingers.Rung;
import canthook.fit.Fit.Direction;
import canthook.fit.Fit.Reading;
import canthook.jig.Correction;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.shop.HouseRules;
import canthook.shop.TestCut;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Worked;
import java.util.List;

/** What is to be said of the last test cut: doubts first, then what to do, then what it tells of piece and cutter. */
final class FitJudge {
    private FitJudge() {}

    static void judge(
            BoxPlan plan,
            Rung chosen,
            List<TestCut> cuts,
            Reading reading,
            Doubted doubted,
            Worked from,
            Worked to,
            HouseRules rules,
            Verdicts verdicts) {
        LengthDisplay display = plan.display();
        TestCut last = cuts.get(cuts.size() - 1);
        if (Readings.isImpossible(reading.clearance().length())) {
            verdicts.mind(
                    Code.READINGS_IMPOSSIBLE,
                    "fit.clearance",
                    "A clearance of " + display.text(reading.clearance().length(), Precision.FIT)
                            + " is no fit at all. Were slot and finger read from the same test piece, and not the other way round?");
            return;
        }
        doubted.stray().ifPresent(d -> verdicts.mind(Code.DID_NOT_FOLLOW, "fit.finger", d.says(display)));
        doubted.disagrees()
                .ifPresent(d ->
                        verdicts.mind(Code.PIECE_DISAGREES, d.fingers() ? "fit.finger" : "fit.slot", d.says(display)));
        if (reading.causes().isEmpty()) {
            correct(reading, from, to, rules, display, verdicts);
        }
        Taper.along(last)
                .ifPresent(along -> verdicts.mind(
                        Code.FINGERS_TAPER,
                        "fit.finger",
                        "From the first finger read to the last they " + (along.isPositive() ? "grow" : "shrink")
                                + " by "
                                + display.text(along.abs(), Precision.FIT)
                                + ", and the slots do not. If you read them along the piece, it creeps, or the fence stands askew"
                                + " to the cutter's way: put that right before you move anything."));
        Length measuredKerf = Readings.mean(last.slots())
                .minus(chosen.slot().length().minus(chosen.kerf().length()));
        Length differs = measuredKerf.minus(chosen.kerf().length());
        if (differs.abs().isOver(rules.kerfDiffers())
                && !measuredKerf.isUnder(Length.mm(0.2))
                && !measuredKerf.isOver(Length.mm(200))) {
            verdicts.mind(
                    Code.KERF_DIFFERS,
                    "fit.slot",
                    "The slot reads " + display.text(differs.abs(), Precision.FIT)
                            + (differs.isPositive() ? " wider" : " narrower") + " than this cutter's kerf makes it."
                            + (chosen.layout().isEqual()
                                    ? " Taken as its kerf, " + chosen.sections().count() + " sections close "
                                            + display.text(
                                                    differs.abs()
                                                            .times(chosen.sections()
                                                                    .count()),
                                                    Precision.FIT)
                                            + (differs.isPositive() ? " higher." : " lower.")
                                    : ""),
                    newKerf(plan, chosen, measuredKerf));
        }
    }

    private static void correct(
            Reading reading, Worked from, Worked to, HouseRules rules, LengthDisplay display, Verdicts verdicts) {
        if (reading.direction() == Direction.STAY) {
            if (reading.least().length().isOver(rules.smallestMove())
                    && !reading.move().length().abs().isUnder(rules.smallestMove())) {
                verdicts.mind(
                        Code.MEASURE_AGAIN,
                        "fit.least-move",
                        "The readings scatter more than the fit is off. Clean the faces and measure again instead of moving.");
            } else {
                verdicts.note(Code.FIT_SETTLED, "fit.clearance", "The fit is where it should be. Leave the jig alone.");
            }
        } else {
            boolean inBand = !reading.clearance().length().isUnder(from.length())
                    && !reading.clearance().isOver(to.length());
            Correction correction = reading.correction();
            String sentence = correction == null
                    ? "The fit is off by " + reading.move().text(display) + "."
                    : correction.sentence();
            if (inBand) {
                verdicts.note(Code.CORRECT_THE_FIT, "fit.move", "The fit would do. " + sentence);
            } else {
                verdicts.mind(Code.CORRECT_THE_FIT, "fit.move", sentence);
            }
        }
    }

    /** The kerf as read, for the count that stands, or with the count left to follow. A cutter of the rack is measured there. */
    private static Fix[] newKerf(BoxPlan plan, Rung chosen, Length measured) {
        if (!plan.fingers().kerf().equals(chosen.kerf().length())) {
            return new Fix[0];
        }
        String take = "Take " + plan.display().text(measured, Precision.FIT) + " as its kerf";
        return new Fix[] {
            new Fix(
                    take,
                    plan.with(plan.fingers()
                            .withKerf(measured)
                            .withSections(chosen.sections().count()))),
            new Fix(
                    take + ", and the height that follows",
                    plan.with(plan.fingers()
                            .withKerf(measured)
                            .withSections(chosen.sections().count())
                            .about()))
        };
    }
}
