package canthook.together;

import static canthook.working.Term.fixed;

import canthook.fingers.Rung;
import canthook.fit.Fit;
import canthook.jig.Setting;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import java.util.Optional;

/**
 * Whether the whole joint of a plan goes together: with the clearance that was read once the fit is settled, before that with the one it
 * is put right to; with the errors of this way of indexing; in this wood.
 *
 * @param steps how errors behave
 * @param formula probability by closed form, in percent
 * @param simulated the same counted over simulated joints
 * @param piece probability that a test piece of three fingers goes together
 * @param helps what would help, the most first
 */
public record GoesTogether(
        WorkedPlan worked,
        Steps steps,
        Worked clearance,
        Worked sigma,
        Worked room,
        Worked formula,
        Worked simulated,
        Worked piece,
        SimulatedJoints joints,
        List<Help> helps,
        List<Worked> numbers) {
    /** Joints that are simulated beside the formula. */
    static final int JOINTS = 20_000;

    private static final long SEED = 1;
    private static final int TEST_PIECE = 5;

    /** Nothing where the joint cannot be cut. */
    public static Optional<GoesTogether> of(WorkedPlan worked) {
        Rung chosen = worked.fingers().chosen();
        Setting setting = worked.jig().setting();
        if (!chosen.feasible() || setting == null) {
            return Optional.empty();
        }
        HouseRules rules = worked.shop().rules();
        Worksheet sheet = new Worksheet("together");
        Steps steps = Steps.of(setting);
        Fit.Reading reading = worked.fit().reading();
        // a fit that is off is put right before a part is cut
        Worked clearance =
                reading == null || reading.direction() != Fit.Direction.STAY ? chosen.clearance() : reading.clearance();
        Wood wood = worked.plan().walls().known();
        Worked crush = sheet.ruled(
                "crush",
                "z",
                "Each wall crushes by",
                Show.FIT,
                rules.crush(wood),
                rules.crushReason(wood),
                null,
                "rules");
        Worked sigma = Spread.learned(worked.shop().testCuts(), steps, rules.indexError())
                .map(learned -> sheet.measured(
                        "sigma",
                        "σ",
                        "Error of a step",
                        Show.FIT,
                        learned.sigma(),
                        "From " + learned.fingers()
                                + " fingers of your test pieces, by what they scatter more than the slots do, in squares; beside the"
                                + " house rule, which weighs as much as six."))
                .orElseGet(() -> sheet.ruled(
                        "sigma",
                        "σ",
                        "Error of a step",
                        Show.FIT,
                        rules.indexError(),
                        HouseRule.INDEX_ERROR.reason(),
                        null,
                        "rules"));
        Worked room = sheet.work(
                "room",
                "r",
                "Room for the errors",
                Show.FIT,
                clearance.plus(fixed(2).times(crush)),
                "The clearance, and what the wood gives at both walls of a finger.");
        int sections = chosen.sections().count();
        double r = room.length().mm();
        double s = sigma.length().mm();
        Worked formula = percent(
                sheet,
                "formula",
                "P",
                "It goes together, by formula",
                ByFormula.closes(steps, sections, r, s),
                says(steps),
                steps == Steps.WALKED ? "Range of Brownian motion: Feller, 1951" : "");
        SimulatedJoints joints = SimulatedJoints.of(
                new SimulatedJoints.Cut(
                        steps, sections, clearance.length().mm(), crush.length().mm(), s, 0),
                JOINTS,
                SEED);
        Worked simulated = percent(
                sheet,
                "simulated",
                "P̂",
                "Of simulated joints go together",
                joints.closes(),
                JOINTS + " joints of " + sections + " sections, each with errors drawn anew (seed " + SEED + ").",
                "");
        Worked piece = percent(
                sheet,
                "piece",
                "P₃",
                "A test piece of three fingers goes together",
                ByFormula.closes(steps, TEST_PIECE, r, s),
                "The same with five sections: it may pass where the whole joint jams.",
                "");
        if (joints.closes() > 0) {
            sheet.measured(
                    "gap-median",
                    "g₅₀",
                    "Widest gap to expect",
                    Show.FIT,
                    Length.mm(joints.median()),
                    "Half of the simulated joints that go together show a wider one.");
            sheet.measured(
                    "gap-twentieth",
                    "g₉₅",
                    "Widest gap, one joint in twenty",
                    Show.FIT,
                    Length.mm(joints.oneInTwenty()),
                    "One in twenty of the simulated joints that go together shows a wider one.");
        }
        return Optional.of(new GoesTogether(
                worked,
                steps,
                clearance,
                sigma,
                room,
                formula,
                simulated,
                piece,
                joints,
                Help.of(worked, steps, r, s, crush.length()),
                sheet.numbers()));
    }

    private static Worked percent(
            Worksheet sheet, String name, String symbol, String label, double closes, String rule, String source) {
        return sheet.work(name, symbol, label, Show.PERCENT, fixed(100 * closes), rule, source);
    }

    private static String says(Steps steps) {
        return switch (steps) {
            case WALKED ->
                "Both mates walk alone, so that they lie apart by a walk of steps √2·σ: F(r + 1.165·√2·σ; 2·σ²·(n/2 − 1)), F the"
                        + " distribution of the range of Brownian motion.";
            case PLACED ->
                "Errors do not add up: the least gap left of the fingers and the least right of them, both of normals of √2·σ, are"
                        + " together no less than −r.";
            case STACKED -> "Φ(r/σ) for every finger but the first: a finger keeps the error of its own step.";
        };
    }

    /** The plan that is asked about. */
    public BoxPlan plan() {
        return worked.plan();
    }
}
