package canthook.saw;

import canthook.fit.Fit;
import canthook.jig.Jig;
import canthook.jig.Setting;
import canthook.judgement.Judgement;
import canthook.length.LengthDisplay;
import canthook.plan.JigChoice.Way;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict;
import canthook.walls.LowWalls;
import java.util.ArrayList;
import java.util.List;

/** What is checked before the first cut: machine isolated, jig set, test cut accepted, parts marked. */
public final class SetUpGate {
    private SetUpGate() {}

    /**
     * One check.
     *
     * @param id stable name
     * @param says what to do or look at, in a sentence
     * @param number id of the number it is about; empty for none
     */
    public record Check(String id, String says, String number) {}

    /** Which boxes of a batch are cut. */
    public enum Boxes {
        /** One alone, which may be the first of many. */
        ONE,
        /** The others, after the first went together. */
        OTHERS,
        /** Many, although no first one went together. */
        UNPROVEN
    }

    /** The checks for a box that is the first, or on paper. */
    public static List<Check> of(WorkedPlan worked) {
        return of(worked, 0, Boxes.ONE);
    }

    /**
     * The checks, in the order they are made; none when the joint cannot be cut.
     *
     * @param boxes which of a batch are cut
     * @param partsSinceTest of this box's plan, cut since a test was last recorded; from {@link Judgement#PARTS_A_TEST} on another is asked for
     */
    public static List<Check> of(WorkedPlan worked, int partsSinceTest, Boxes boxes) {
        Jig jig = worked.jig();
        Setting setting = jig.setting();
        List<Check> checks = new ArrayList<>();
        if (setting == null) {
            return checks;
        }
        LengthDisplay display = worked.plan().display();
        worked.found().stream()
                .filter(v -> v.code() == Verdict.Code.STILL_ASSUMED)
                .forEach(v -> checks.add(new Check("assumed", v.sentence(), "")));
        boolean powered = worked.jig().way() != Way.HAND;
        if (powered) {
            checks.add(new Check(
                    "isolated",
                    "Machine unplugged, cutter still, while you set and measure. Its manual comes first.",
                    ""));
        }
        checks.add(new Check(
                "height",
                (powered ? "Cutter height " : "Depth line at ")
                        + jig.cutterHeight().text(display) + ".",
                jig.cutterHeight().id()));
        setting.check(display)
                .ifPresent(check ->
                        checks.add(new Check("gap", check.says(), check.number().id())));
        LowWalls low = worked.walls().low();
        if (low != null && low.line().length().isUnder(worked.fingers().wall().length())) {
            checks.add(new Check(
                    "low-wall",
                    (low.everyCorner() ? "B and D are" : low.parts().iterator().next() + " is") + " ripped to "
                            + low.line().text(display) + ": nothing is cut above it.",
                    low.line().id()));
        }
        List<String> card = setting.card();
        for (int i = 0; i < card.size(); i++) {
            checks.add(new Check("card-" + (i + 1), card.get(i), ""));
        }
        Fit.Reading reading = worked.fit().reading();
        checks.add(
                reading == null
                        ? new Check(
                                "test-cut",
                                "No test cut is recorded for this box: cut a few sections in scrap and try them first.",
                                "")
                        : new Check(
                                "test-cut",
                                "Test cut: clearance " + reading.clearance().text(display)
                                        + (reading.direction() == Fit.Direction.STAY
                                                ? ", accepted."
                                                : ", not where it should be. See the Fit station."),
                                reading.clearance().id()));
        if (partsSinceTest >= Judgement.PARTS_A_TEST) {
            checks.add(new Check(
                    "test-again",
                    partsSinceTest
                            + " parts are cut since the last test: cut another, try it, record it at the Fit station.",
                    ""));
        }
        if (boxes == Boxes.OTHERS) {
            checks.add(new Check(
                    "first-box",
                    "The first box went together dry, panel in, and its fit is what you want in all of them.",
                    ""));
        }
        checks.add(new Check(
                "marked",
                boxes != Boxes.ONE
                        ? "Every part marked: letter and number of its box on the outside, reference edge, corner numbers."
                        : "All four parts marked: letter on the outside, reference edge, corner numbers.",
                ""));
        checks.add(new Check(
                "ready",
                powered
                        ? "Guards on, eyes, ears and dust seen to; hands out of the line. Plug in."
                        : "Part held fast, hands behind the edge.",
                ""));
        return List.copyOf(checks);
    }
}
