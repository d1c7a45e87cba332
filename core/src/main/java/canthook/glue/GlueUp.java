package canthook.glue;

import static canthook.working.Term.fixed;

import canthook.bottom.WorkedBottom;
import canthook.fingers.Ladder;
import canthook.fitting.Fittings;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.lid.WorkedLid;
import canthook.panel.Step;
import canthook.plan.BoxPlan;
import canthook.plan.GlueChoice;
import canthook.plan.GlueChoice.Glue;
import canthook.plan.GlueChoice.Spread;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.wood.Wood;
import canthook.working.Later;
import canthook.working.Quantity;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The glue-up: how much, how long, in which order, whether it is square, and what becomes of the tips.
 *
 * <pre>
 * grams = glue area · 175 g/m² · mates spread        (150 to 200)
 * seizes: water-based glue, hard wood or sheet goods, a clearance under 0.05, more than twelve sections
 * </pre>
 *
 * @param inOrder the order card, written when it is asked for
 * @param within what lies in the walls' grooves and dadoes
 * @param square what the diagonals say; null until they are read
 */
public record GlueUp(
        GlueTime time,
        Later<OrderCard> inOrder,
        Within within,
        @Nullable Square square,
        TrimmedTips trim,
        Worked grams,
        Worked clamped,
        Worked handled,
        Worked hard,
        GlueChoice choice,
        Source source,
        List<Worked> numbers,
        List<Verdict> verdicts) {
    private static final double GRAMS = 175;
    /** In the unit of the display when it is written, so that the working holds in inches too. */
    private static final Term SQUARE_METRE = new Term.Written(Quantity.area(1_000_000));

    private static final Length SEIZES_UNDER = Length.mm(0.05);
    private static final int SEIZES_OVER = 12;

    /** What the ways to gain time are worked from, when somebody asks for them. */
    public record Source(BoxPlan plan, Ladder ladder, HouseRules rules) {}

    /** The steps in order. */
    public OrderCard card() {
        return inOrder.get();
    }

    /** What is looked at before the glue is opened; worked when it is asked for, which is at the bench alone. */
    public DryFit dryFit() {
        BoxPlan plan = source.plan();
        return DryFit.of(source.ladder().joint(), within, plan.size().tips(), plan.finish());
    }

    /** Works it out. */
    public static GlueUp of(
            BoxPlan plan,
            SizedBox box,
            Ladder ladder,
            WorkedBottom bottom,
            WorkedLid lid,
            Fittings fittings,
            HouseRules rules) {
        Worksheet sheet = new Worksheet("glue");
        Verdicts verdicts = new Verdicts("glue");
        GlueChoice choice = plan.glueUp();
        GlueTime time = GlueTime.of(
                sheet,
                choice,
                ladder.chosen().glueFaces(),
                ladder.joint(),
                plan.seasons().shop(),
                rules);
        Worked grams = grams(sheet, choice, box, ladder);
        Glue glue = choice.glue();
        Worked clamped = usual(sheet, "clamped", "In the clamps for", Show.MINUTES, glue.clampMinutes() * 60, glue);
        Worked handled = usual(sheet, "handled", "Can be handled after", Show.HOURS, glue.handlingHours() * 3600, glue);
        Worked hard = usual(sheet, "hard", "At full strength after", Show.HOURS, glue.fullHours() * 3600, glue);
        inARow(sheet, plan, time, clamped);
        Square square = Square.of(sheet, plan, box, rules);
        TrimmedTips trim = TrimmedTips.of(sheet, plan, box, ladder.chosen().finger());
        Within within = Within.of(bottom, lid, fittings);
        Later<OrderCard> inOrder =
                new Later<>(() -> OrderCard.of(choice, plan.size().tips(), ladder.joint(), within, time));
        Source source = new Source(plan, ladder, rules);
        judgeTime(plan, source, time, verdicts);
        judgeFit(plan, ladder, verdicts);
        if (square != null) {
            square.judge(plan, verdicts);
        }
        trim.judge(plan, verdicts);
        return new GlueUp(
                time,
                inOrder,
                within,
                square,
                trim,
                grams,
                clamped,
                handled,
                hard,
                choice,
                source,
                sheet.numbers(),
                verdicts.all());
    }

    /**
     * A batch glued one box after the other.
     *
     * <pre>
     * sets of clamps = time in the clamps over time for one, rounded up, and one more: no box waits for another's clamps
     * </pre>
     */
    private static void inARow(Worksheet sheet, BoxPlan plan, GlueTime time, Worked clamped) {
        if (plan.batch() == null || plan.batch().count() < 2) {
            return;
        }
        int boxes = plan.batch().count();
        sheet.work(
                "in-a-row",
                "t_b",
                "Spreading and closing all of them",
                Show.MINUTES,
                fixed(boxes).times(time.all()),
                "One box after the other.");
        if (plan.glueUp().clamps() != GlueChoice.Clamps.NONE) {
            double sets = Math.ceil(clamped.number() / Math.max(1, time.all().number())) + 1;
            sheet.work(
                    "sets",
                    "s",
                    "Sets of clamps, so that none waits",
                    Show.COUNT,
                    fixed(Math.min(boxes, sets)),
                    "A set is free again after the time in the clamps; meanwhile the others are glued. Never more than boxes.");
        }
    }

    private static Worked usual(Worksheet sheet, String name, String label, Show show, double seconds, Glue glue) {
        return sheet.table(
                name, "t", label, show, seconds, "Usual for " + glue.words() + "; its label comes first.", "");
    }

    private static Worked grams(Worksheet sheet, GlueChoice choice, SizedBox box, Ladder ladder) {
        Worked each = sheet.table(
                "a-square-metre",
                "γ",
                "Glue on a square metre, grams",
                Show.COUNT,
                GRAMS,
                "Between 150 and 200 grams on every face that is spread.",
                "");
        return sheet.work(
                "grams",
                "G",
                "Glue",
                Show.GRAMS,
                ladder.chosen()
                        .glueFaces()
                        .times(box.finalThickness().times(box.finalEndThickness()))
                        .over(SQUARE_METRE)
                        .times(each)
                        .times(choice.spread() == Spread.BOTH_MATES ? fixed(2) : fixed(1)),
                "The area of all faces, in square metres, on one mate or on both.");
    }

    private static void judgeTime(BoxPlan plan, Source source, GlueTime time, Verdicts verdicts) {
        if (time.isEnough()) {
            return;
        }
        List<Fix> fixes = Quicker.of(source.plan(), source.ladder(), source.rules()).stream()
                .filter(Quicker::isEnough)
                .limit(4)
                .map(q -> new Fix(q.says() + ": " + clock(q.seconds()), q.after()))
                .toList();
        LengthDisplay display = plan.display();
        String glue = plan.glueUp().glue().words();
        if (time.corner().number() > time.open().number()) {
            verdicts.stop(
                    Code.GLUE_UNDER_A_CORNER,
                    "glue.open",
                    "This " + glue + " skins over in " + time.open().text(display)
                            + ", before a single corner is spread ("
                            + time.corner().text(display) + ").",
                    fixes.toArray(Fix[]::new));
            return;
        }
        boolean spreading = time.spreading().number() > time.open().number();
        verdicts.mind(
                Code.GLUE_TOO_SHORT,
                "glue.in-hand",
                spreading
                        ? "The first faces skin over before the last are spread: "
                                + time.spreading().text(display)
                                + " of spreading, and the glue stays open "
                                + time.open().text(display) + "."
                        : "The glue grabs before the box is square: "
                                + time.all().text(display) + ", and it gives "
                                + time.total().text(display) + ".",
                fixes);
    }

    private static String clock(double seconds) {
        return Show.CLOCK.number(Quantity.of(seconds), LengthDisplay.METRIC) + " min";
    }

    private static void judgeFit(BoxPlan plan, Ladder ladder, Verdicts verdicts) {
        Length clearance = ladder.chosen().clearance().length();
        int sections = ladder.chosen().sections().count();
        if (!plan.glueUp().glue().isWaterBased()
                || sections <= SEIZES_OVER
                || !clearance.isUnder(SEIZES_UNDER)
                || !(isFirm(plan.walls().known()) || isFirm(plan.endStuff().known()))) {
            return;
        }
        verdicts.mind(
                Code.GLUE_SEIZES,
                "fingers.clearance",
                "A clearance of " + plan.display().text(clearance, Precision.FIT) + " on " + sections
                        + " sections: the water in the glue swells the fingers, and they seize half-way. "
                        + "Dry it may go together; wet it will not.",
                new Fix(
                        "Take the clearance of your rules",
                        plan.with(plan.fingers().withClearance(null))),
                new Fix(
                        "Fit it looser: " + plan.display().text(SEIZES_UNDER.times(2), Precision.FIT),
                        plan.with(plan.fingers().withClearance(SEIZES_UNDER.times(2)))),
                new Fix("Take slow epoxy", plan.with(plan.glueUp().with(Glue.SLOW_EPOXY))));
    }

    /** Hard wood and sheet goods do not crush. */
    private static boolean isFirm(Wood wood) {
        return wood.isHard() || wood.isSheet();
    }

    /** Ways to gain time with the joint as it is. */
    public List<Quicker> quicker() {
        return Quicker.of(source.plan(), source.ladder(), source.rules());
    }

    /** What is done with the tips, before the glue or after it. */
    public List<Step> steps(LengthDisplay display) {
        return trim.steps(display);
    }

    /** The same, as sentences. */
    public List<String> tips(LengthDisplay display) {
        return steps(display).stream().map(Step::says).toList();
    }

    /** What the station has settled, in one line. */
    public String line(LengthDisplay display) {
        return time.all().number(display) + " of " + time.total().number(display) + " min";
    }
}
