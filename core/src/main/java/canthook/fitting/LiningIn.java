package canthook.fitting;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.Step;
import canthook.plan.Lining;
import canthook.verdict.Verdict.Code;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;

/**
 * A lining of paper, cork or felt.
 *
 * <pre>
 * sides    inside length × height           ends, between them: inside width − 2 · lining
 * floor    inside length × inside width     the walls’ lining stands on it
 * inside   less 2 · lining both ways, less one lining in height where the floor has one
 * a box that its contents lead grows by as much
 * </pre>
 *
 * Check: inside 224 × 142, felt of 2: A and C 224 long, B and D 138; what is left is 220 × 138.
 *
 * @param high of the pieces on the walls
 */
public record LiningIn(int index, Lining told, Worked thickness, Worked sides, Worked ends, Worked high, Worked wide)
        implements WorkedFitting {

    static LiningIn of(Worksheet sheet, int index, Lining told, Around around) {
        Worked thickness = sheet.decided(
                "thickness", "b", "Lining, thick", Show.LAYOUT, told.thickness(), Around.field(index) + "thickness");
        Worked sides = sheet.work(
                "sides",
                "l₁",
                "Pieces on A and C, long",
                Show.LAYOUT,
                around.box().insideLength().times(1),
                "From end to end.");
        Worked ends = sheet.work(
                "ends",
                "l₂",
                "Pieces on B and D, long",
                Show.LAYOUT,
                around.box().insideWidth().minus(fixed(2).times(thickness)),
                "Between those on the sides.");
        Worked high = sheet.work(
                "high",
                "h",
                "Pieces on the walls, high",
                Show.LAYOUT,
                around.room().times(1),
                told.floor()
                        ? "They stand on the floor’s lining, up to what closes the box."
                        : "From the floor to what closes the box.");
        Worked wide = sheet.work(
                "wide",
                "w",
                "Piece on the floor, wide",
                Show.LAYOUT,
                around.box().insideWidth().times(1),
                "From side to side; the pieces on the walls stand on it.");
        return new LiningIn(index, told, thickness, sides, ends, high, wide);
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.lining().apply(this);
    }

    @Override
    public String called() {
        return "the lining";
    }

    @Override
    public String word() {
        return "a lining";
    }

    @Override
    public String place() {
        return thickness.id();
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
        return List.of();
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        return List.of(new Step(
                Step.When.AFTER_GLUE,
                "Line the inside"
                        + (told.floor()
                                ? ", the floor first with a piece " + sides.text(display) + " × " + wide.text(display)
                                : "")
                        + ": A and C with " + sides.text(display) + " × " + high.text(display) + ", B and D with "
                        + ends.text(display) + " × " + high.text(display) + ". Finish the inside before.",
                sides.id()));
    }

    void judge(FittingJudge at) {
        at.once(this, LiningIn.class, Code.FITTING_TWICE, "The inside is lined already.");
        Length least = Length.shorter(
                at.around().insideWidth().length(), at.around().insideLength().length());
        if (!least.isPositive() || !at.around().room().length().isPositive()) {
            at.verdicts()
                    .stop(Code.LINING_FILLS, thickness.id(), "The lining fills the whole inside.", at.without(index));
        }
    }
}
