package canthook.fitting;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.Step;
import canthook.plan.Part;
import canthook.plan.Stay;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;

/**
 * A stay, a catch or a chain: its place alone, told from the corner and from the edge its wall ends at; its lid’s part stands as far along.
 *
 * <pre>
 * its screws take 6 round their middle, and 10 or two thirds of the wall deep, of the inside
 * </pre>
 *
 * @param along from the corner at D, or at A
 * @param under the edge its wall ends at
 */
public record StayAt(int index, Stay told, Worked along, Worked under, List<Feature> features)
        implements WorkedFitting {
    private static final Length HALF = Length.mm(3);
    private static final Length DEEP = Length.mm(10);

    static StayAt of(Worksheet sheet, int index, Stay told, Around around) {
        String field = Around.field(index);
        Worked along = sheet.decided(
                "along",
                "x",
                "Its middle, from the outside at " + (told.wall().isSide() ? "D" : "A"),
                Show.LAYOUT,
                told.along(),
                field + "along");
        Worked under =
                sheet.decided("under", "u", "Its screws under the edge", Show.LAYOUT, told.under(), field + "under");
        Length edge = around.edge(told.wall()).minus(told.under());
        Length thick = around.thick(told.wall()).length();
        return new StayAt(
                index,
                told,
                along,
                under,
                List.of(new Feature(
                        Feature.of(index),
                        called(told) + "’s screws",
                        told.wall(),
                        told.along().minus(HALF),
                        told.along().plus(HALF),
                        edge.minus(HALF),
                        edge.plus(HALF),
                        Length.ZERO,
                        Length.shorter(DEEP, thick.times(2).dividedBy(3)))));
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.stay().apply(this);
    }

    private static String called(Stay told) {
        return "the "
                + switch (told.what()) {
                    case STAY -> "stay";
                    case CATCH -> "catch";
                    case CHAIN -> "chain";
                };
    }

    @Override
    public String called() {
        return called(told) + " in " + told.wall();
    }

    @Override
    public String word() {
        return switch (told.what()) {
            case STAY -> "a stay";
            case CATCH -> "a catch";
            case CHAIN -> "a chain";
        };
    }

    @Override
    public String place() {
        return along.id();
    }

    @Override
    public List<Worked> follows() {
        return List.of();
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of();
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        String what = called(told);
        return List.of(new Step(
                Step.When.AFTER_GLUE,
                "Screw " + what + " to the inside of " + told.wall() + " " + along.text(display)
                        + " from the outside at " + (told.wall().isSide() ? "D" : "A") + ", " + under.text(display)
                        + " under its edge, and to the lid straight above; first with a steel screw of the same size.",
                along.id()));
    }

    void judge(FittingJudge at) {
        Around around = at.around();
        if (!around.hasLid()) {
            at.verdicts()
                    .stop(
                            Code.STAY_WITHOUT_LID,
                            along.id(),
                            "There is no lid that " + called(told) + " could hold.",
                            at.without(index));
            return;
        }
        if (told.what() != Stay.What.CATCH && !around.isHinged()) {
            at.verdicts()
                    .mind(
                            Code.STAY_WITHOUT_LID,
                            along.id(),
                            "The lid does not turn on hinges: " + called(told) + " has nothing to do.",
                            at.without(index));
        }
        Part wall = told.wall();
        Length whole = Collisions.along(around.box(), wall);
        Length mate = around.thick(wall.isSide() ? Part.B : Part.A).length();
        Length least = mate.plus(HALF);
        Length most = whole.minus(mate).minus(HALF);
        if (told.along().isUnder(least) || told.along().isOver(most)) {
            Length nearest = Length.shorter(Length.longer(told.along(), least), most);
            at.verdicts()
                    .stop(
                            Code.STAY_OFF_WALL,
                            along.id(),
                            "There it would stand in the corner, or off the wall.",
                            most.isUnder(least)
                                    ? at.without(index)
                                    : new Fix(
                                            "Put it at " + at.display().text(nearest, canthook.length.Precision.LAYOUT),
                                            at.with(index, told.withAlong(nearest))));
        } else if (told.under().plus(HALF).isOver(around.edge(wall))) {
            at.verdicts()
                    .stop(
                            Code.STAY_OFF_WALL,
                            under.id(),
                            "That far under the edge there is no wall any more.",
                            at.without(index));
        }
    }
}
