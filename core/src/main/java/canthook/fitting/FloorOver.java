package canthook.fitting;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.CutPiece;
import canthook.panel.PanelWidth;
import canthook.panel.PanelWidth.Movement;
import canthook.panel.Step;
import canthook.plan.SecondFloor;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;

/**
 * A second floor, loose on cleats along the sides.
 *
 * <pre>
 * across = (inside width − play) / (1 + x_wet)          along = inside length − 0.5
 * driest = across · (1 + x_dry)
 * bears  = cleat − (inside width − driest), when it lies at one side on the driest day: at least 2
 * over it = inside height − over − thickness
 * </pre>
 *
 * Check: inside 224 × 142, plywood that does not move, play 1, cleats of 8, over 30, 6 thick: 141 × 223.5; bears 7.
 *
 * @param bears what lies on a cleat on the driest day, pushed to the other side
 * @param above left over it
 */
public record FloorOver(
        int index,
        SecondFloor told,
        Worked across,
        Worked along,
        Worked thickness,
        Worked over,
        Worked cleat,
        Worked cleatLong,
        Worked bears,
        Worked above,
        List<Worked> moves,
        Wood wood,
        Wood cleatWood)
        implements WorkedFitting {
    private static final Length SHORTER = Length.mm(0.5);
    private static final Length LEAST_BEARING = Length.mm(2);

    static FloorOver of(Worksheet sheet, int index, SecondFloor told, Around around) {
        String field = Around.field(index);
        Worked over = sheet.decided("over", "r", "Cleats’ upper edge", Show.LAYOUT, told.over(), field + "over");
        Worked thickness = sheet.decided(
                "thickness", "t", "Second floor, thick", Show.LAYOUT, told.thickness(), field + "thickness");
        Worked cleat =
                sheet.decided("cleat", "k", "Cleats, thick and high", Show.LAYOUT, told.cleat(), field + "cleat");
        Worked play = sheet.decided("play", "g", "Play across at the wettest", Show.FIT, told.play(), field + "play");
        Worksheet moves = new Worksheet("fittings.".concat(Feature.of(index)));
        Movement movement = PanelWidth.movement(moves, told.stuff(), field + "stuff", around.year());
        Worked across = sheet.work(
                "across",
                "W",
                "Second floor, across the grain",
                Show.FIT,
                around.insideWidth().minus(play).over(fixed(1).plus(movement.byWetness())),
                "At the wettest it is as wide as the inside less the play; cut today it is narrower by what it will grow.");
        Worked along = sheet.work(
                "long",
                "L",
                "Second floor, along the grain",
                Show.FIT,
                around.insideLength().minus(fixed(SHORTER)),
                "The inside less half a millimetre.");
        Worked cleatLong = sheet.work(
                "cleat-long",
                "Lk",
                "Cleats, long",
                Show.LAYOUT,
                around.insideLength().minus(fixed(SHORTER)),
                "The inside less half a millimetre.");
        Worked driest = sheet.work(
                "driest",
                "W₋",
                "Second floor, across on the driest day",
                Show.FIT,
                across.times(fixed(1).plus(movement.byDryness())),
                "What it shrinks to.");
        Worked bears = sheet.work(
                "bears",
                "e",
                "It bears on a cleat at the worst",
                Show.FIT,
                cleat.minus(around.insideWidth().minus(driest)),
                "On the driest day, pushed to the other side.");
        Worked above = sheet.work(
                "above",
                "a",
                "Room above it",
                Show.LAYOUT,
                around.room().minus(over).minus(thickness),
                "From its upper face to what closes the box.");
        return new FloorOver(
                index,
                told,
                across,
                along,
                thickness,
                over,
                cleat,
                cleatLong,
                bears,
                above,
                moves.numbers(),
                told.stuff().known(),
                around.plan().walls().known());
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.second().apply(this);
    }

    @Override
    public String called() {
        return "the second floor";
    }

    @Override
    public String word() {
        return "a second floor";
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
        return List.of(
                new CutPiece("fittings", "second floor", 1, wood, along, across, thickness, thickness),
                new CutPiece("fittings", "cleat", 2, cleatWood, cleatLong, cleat, cleat, cleat));
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        return List.of(new Step(
                Step.When.AFTER_GLUE,
                "Glue the cleats to A and C, upper edges " + over.text(display)
                        + " above the floor and level; the second floor lies on them loose.",
                over.id()));
    }

    void judge(FittingJudge at) {
        if (!across.length().isPositive()
                || !told.cleat().times(2).isUnder(at.around().insideWidth().length())) {
            at.verdicts()
                    .stop(
                            Code.SECOND_FLOOR_FALLS,
                            cleat.id(),
                            "The cleats meet in the middle, or the play leaves no floor.",
                            at.without(index));
        } else if (bears.length().isUnder(LEAST_BEARING)) {
            Length wider = at.up(told.cleat().plus(LEAST_BEARING).minus(bears.length()));
            at.verdicts()
                    .mind(
                            Code.SECOND_FLOOR_FALLS,
                            bears.id(),
                            bears.length().isNegative()
                                    ? "Dry and pushed to one side it comes "
                                            + at.display().text(bears.length().abs(), Precision.FIT)
                                            + " short of the other cleat: it falls through."
                                    : "Dry and pushed to one side it bears " + bears.text(at.display())
                                            + " on the other cleat: it tips, or falls through.",
                            List.of(new Fix(
                                    "Make the cleats " + at.display().text(wider, Precision.LAYOUT),
                                    at.with(index, told.withCleat(wider)))));
        }
        if (!above.length().isPositive()) {
            Length lower =
                    at.down(at.around().room().length().minus(told.thickness()).dividedBy(2));
            at.verdicts()
                    .stop(
                            Code.SECOND_FLOOR_HIGH,
                            above.id(),
                            "No room is left above the second floor.",
                            lower.isUnder(SecondFloor.OVER.least())
                                    ? at.without(index)
                                    : new Fix(
                                            "Put it at " + at.display().text(lower, Precision.LAYOUT),
                                            at.with(index, told.withOver(lower))));
        }
        if (told.cleat().isOver(told.over())) {
            Length up = at.up(told.cleat());
            at.verdicts()
                    .stop(
                            Code.SECOND_FLOOR_HIGH,
                            over.id(),
                            "The cleats are higher than the place they are to have over the floor.",
                            new Fix(
                                    "Raise it to " + at.display().text(up, Precision.LAYOUT),
                                    at.with(index, told.withOver(up))));
        }
    }
}
