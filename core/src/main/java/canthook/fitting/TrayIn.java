package canthook.fitting;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.LengthUnit;
import canthook.length.Precision;
import canthook.panel.CutPiece;
import canthook.panel.PanelWidth;
import canthook.panel.PanelWidth.Movement;
import canthook.panel.Step;
import canthook.plan.StartingPlan;
import canthook.plan.Tray;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;

/**
 * A tray, or a stack of them, on runners along the sides.
 *
 * <pre>
 * across    = inside width − clearance          (the parts of a tray do not move along their grain)
 * along     = half the inside length, or as told
 * runners   = as high as the tray’s bottom shall be, from the floor; as long as the inside − 0.5
 * highest   = over + trays · height · (1 + x_wet): their walls swell in height
 * bears     = runner − clearance, when the tray lies at one side
 * </pre>
 *
 * Check: inside 224 × 142, clearance 1, over 40, one tray 30 high: 112 long, 141 across, two runners 223.5 long and 40 high, runner 8:
 * it bears 7 when it lies at one side.
 *
 * @param over of the runners’ upper edge above the floor
 * @param highest top of the uppermost on the wettest day
 * @param above left over them that day, to what closes the box
 */
public record TrayIn(
        int index,
        Tray told,
        Worked over,
        Worked across,
        Worked along,
        Worked height,
        Worked runner,
        Worked runnerLong,
        Worked highest,
        Worked above,
        Worked bears,
        List<Worked> moves,
        Wood runnerWood)
        implements WorkedFitting {
    private static final Length SHORTER = Length.mm(0.5);
    private static final Length LEAST_BEARING = Length.mm(2);

    static TrayIn of(Worksheet sheet, int index, Tray told, Around around) {
        String field = Around.field(index);
        Worked over = sheet.decided("over", "r", "Runners, high", Show.LAYOUT, told.over(), field + "over");
        Worked height = sheet.decided("height", "h", "Tray, high today", Show.LAYOUT, told.height(), field + "height");
        Worked clearance =
                sheet.decided("clearance", "c", "Clearance across", Show.FIT, told.clearance(), field + "clearance");
        Worked runner = sheet.decided("runner", "t", "Runner, thick", Show.LAYOUT, told.runner(), field + "runner");
        Worked across = sheet.work(
                "across",
                "Wₜ",
                "Tray, across outside",
                Show.FIT,
                around.insideWidth().minus(clearance),
                "The inside width less the clearance. The parts of a tray do not move along their grain.");
        Length wish = told.along();
        Worked along = wish != null
                ? sheet.decided("along", "Lₜ", "Tray, along outside", Show.LAYOUT, wish, field + "along")
                : sheet.work(
                        "along",
                        "Lₜ",
                        "Tray, along outside",
                        Show.LAYOUT,
                        around.insideLength().over(2),
                        "Half the inside: pushed to either end it leaves the other half open.");
        sheet.work(
                "travel",
                "s",
                "It slides by",
                Show.LAYOUT,
                around.insideLength().minus(along),
                "The inside length less its own.");
        Worked runnerLong = sheet.work(
                "runner-long",
                "Lᵣ",
                "Runners, long",
                Show.LAYOUT,
                around.insideLength().minus(fixed(SHORTER)),
                "The inside less half a millimetre.");
        Worksheet moves = new Worksheet("fittings.".concat(Feature.of(index)));
        Movement movement = PanelWidth.movement(moves, told.stuff(), field + "stuff", around.year());
        Worked highest = sheet.work(
                "highest",
                "h₊",
                told.stacked() == 1 ? "Its top on the wettest day" : "Top of the stack on the wettest day",
                Show.LAYOUT,
                over.plus(fixed(told.stacked().doubleValue()).times(height).times(fixed(1).plus(movement.byWetness()))),
                "The runners, and the trays: their walls’ grain lies level, so they swell in height.");
        Worked above = sheet.work(
                "above",
                "a",
                "Room above it on the wettest day",
                Show.LAYOUT,
                around.room().minus(highest),
                "From its top to what closes the box.");
        Worked bears = sheet.work(
                "bears",
                "e",
                "It bears on a runner, pushed to the other side",
                Show.FIT,
                runner.minus(clearance),
                "The runner less the whole clearance.");
        return new TrayIn(
                index,
                told,
                over,
                across,
                along,
                height,
                runner,
                runnerLong,
                highest,
                above,
                bears,
                moves.numbers(),
                around.plan().walls().known());
    }

    /** How thick its walls are: as the box has them that it is, or as one would be begun. */
    public Length wall(LengthUnit unit) {
        Length own = told.wall();
        return own != null
                ? own
                : StartingPlan.usualThickness(Length.longer(along.length(), across.length()), unit == LengthUnit.INCH);
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.tray().apply(this);
    }

    @Override
    public String called() {
        return told.stacked() == 1 ? "the tray" : "the stack of trays";
    }

    @Override
    public String word() {
        return told.stacked() == 1 ? "a tray" : told.stacked() + " trays";
    }

    @Override
    public String place() {
        return over.id();
    }

    @Override
    public List<Worked> follows() {
        return moves;
    }

    @Override
    public List<Feature> features() {
        return List.of();
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of(new CutPiece("fittings", "runner", 2, runnerWood, runnerLong, over, runner, runner));
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        return List.of(new Step(
                Step.When.AFTER_GLUE,
                "Glue the runners to A and C, standing on the floor, upper edges " + over.text(display)
                        + " above it and level; between dividers where there are some. Wax them.",
                over.id()));
    }

    void judge(FittingJudge at) {
        if (along.length().isOver(at.around().insideLength().length())) {
            at.verdicts()
                    .stop(
                            Code.TRAY_TOO_LONG,
                            along.id(),
                            "The tray is longer than the inside: "
                                    + at.around().insideLength().text(at.display()) + ".",
                            new Fix("Make it half as long as the inside", at.with(index, told.withAlong(null))));
        }
        if (!across.length().isPositive()
                || !told.runner().times(2).isUnder(at.around().insideWidth().length())) {
            at.verdicts()
                    .stop(
                            Code.TRAY_FALLS,
                            runner.id(),
                            "The runners meet in the middle, or the clearance leaves no tray.",
                            at.without(index));
        } else if (bears.length().isUnder(LEAST_BEARING)) {
            Length thicker = at.up(told.clearance().plus(LEAST_BEARING.times(2)));
            at.verdicts()
                    .mind(
                            Code.TRAY_FALLS,
                            bears.id(),
                            "Pushed to one side the tray bears only " + bears.text(at.display())
                                    + " on the other runner: it tips, or falls between them.",
                            List.of(new Fix(
                                    "Make the runners " + at.display().text(thicker, Precision.LAYOUT) + " thick",
                                    at.with(index, told.withRunner(thicker)))));
        }
        if (above.length().isNegative()) {
            at.verdicts()
                    .stop(
                            Code.TRAY_TOO_HIGH,
                            above.id(),
                            "On the wettest day " + called() + " reaches "
                                    + at.display().text(above.length().negated(), Precision.LAYOUT)
                                    + " over what is there for it"
                                    + (at.around().hasLid() ? ": the lid does not close." : "."),
                            lower(at).toArray(new Fix[0]));
        }
    }

    private List<Fix> lower(FittingJudge at) {
        List<Fix> fixes = new ArrayList<>();
        Length down = at.down(told.over().plus(above.length()));
        if (!down.isUnder(Tray.OVER.least())) {
            fixes.add(new Fix(
                    "Lower the runners to " + at.display().text(down, Precision.LAYOUT),
                    at.with(index, told.withOver(down))));
        }
        Length stack = highest.length().minus(told.over());
        Length left = stack.plus(above.length());
        if (left.isPositive()) {
            Length each = at.down(told.height().times(left.dividedBy(stack)));
            if (!each.isUnder(Tray.HEIGHT.least())) {
                fixes.add(new Fix(
                        "Make " + (told.stacked() == 1 ? "it " : "each ")
                                + at.display().text(each, Precision.LAYOUT) + " high",
                        at.with(index, told.withHeight(each))));
            }
        }
        for (int fewer = told.stacked() - 1; fewer >= 1; fewer--) {
            if (!told.over()
                    .plus(stack.times((double) fewer / told.stacked()))
                    .isOver(at.around().room().length())) {
                fixes.add(new Fix(
                        fewer == 1 ? "Take one tray" : "Take " + fewer + " trays",
                        at.with(index, told.withStacked(fewer))));
                break;
            }
        }
        if (fixes.isEmpty()) {
            fixes.addAll(lowerBoth(at));
            fixes.add(at.without(index));
        }
        return fixes;
    }

    /** Neither alone is enough: runners and tray in the same measure. */
    private List<Fix> lowerBoth(FittingJudge at) {
        double share = at.around().room().length().dividedBy(highest.length());
        Length down = at.down(told.over().times(share));
        Length each = at.down(told.height().times(share));
        return Tray.OVER.holds(down) && Tray.HEIGHT.holds(each)
                ? List.of(new Fix(
                        "Lower the runners to " + at.display().text(down, Precision.LAYOUT) + " and make "
                                + (told.stacked() == 1 ? "it " : "each ")
                                + at.display().text(each, Precision.LAYOUT) + " high",
                        at.with(index, told.withOver(down).withHeight(each))))
                : List.of();
    }
}
