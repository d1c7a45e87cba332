package canthook.fitting;

import static canthook.working.Term.fixed;

import canthook.length.Beside;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.CutPiece;
import canthook.panel.Step;
import canthook.plan.CardSlit;
import canthook.plan.FingeredBlock;
import canthook.plan.Fitting;
import canthook.plan.Fitting.Handle;
import canthook.plan.Part;
import canthook.plan.UprightHandle;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.working.Quantity;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A slit for a card, sawn along an upper edge with the blade tilted.
 *
 * <pre>
 * straight down = deep · cos(angle)        it leans over by deep · sin(angle)
 * left          = T / 2 − kerf / (2 · cos(angle)) − deep · sin(angle)       on the side it leans to: at least 2
 * </pre>
 *
 * Check: wall 12, kerf 1.2, 8 deep at 15°: 7.73 straight down, leans 2.07, leaves 3.31.
 *
 * @param down straight down
 * @param left beside it at its floor; null where there is nothing to saw it into
 */
public record SlitFor(
        int index,
        CardSlit told,
        Worked kerf,
        Worked deep,
        Worked angle,
        Worked down,
        @Nullable Worked left,
        @Nullable Length into,
        List<Feature> features)
        implements WorkedFitting {
    private static final Length LEAST_LEFT = Length.mm(2);

    static SlitFor of(Worksheet sheet, int index, CardSlit told, Around around) {
        String field = Around.field(index);
        Worked kerf = sheet.decided("kerf", "k", "Slit, wide", Show.FIT, told.kerf(), field + "kerf");
        Worked deep = sheet.decided("deep", "d", "Slit, deep", Show.LAYOUT, told.deep(), field + "deep");
        Worked angle = sheet.decided("angle", "α", "It leans back by", Show.ANGLE, told.angle(), field + "angle");
        double cos = Math.cos(Math.toRadians(told.angle()));
        double sin = Math.sin(Math.toRadians(told.angle()));
        Worked down = sheet.work(
                "down", "c", "Slit, straight down", Show.FIT, deep.times(cos), "Its depth by the cosine of its angle.");
        Worked lean = sheet.work(
                "lean", "l", "It leans over by", Show.FIT, deep.times(sin), "Its depth by the sine of its angle.");
        Optional<Part> wall = wall(told);
        Worked thick = wall.map(around::thick).orElseGet(() -> handle(sheet, around));
        Worked left = thick == null
                ? null
                : sheet.work(
                        "left",
                        "w",
                        "Left beside it at its floor",
                        Show.FIT,
                        thick.over(2).minus(kerf.over(2 * cos)).minus(lean),
                        "Half of what it is sawn into, less half the slit, less what it leans over.");
        return new SlitFor(
                index,
                told,
                kerf,
                deep,
                angle,
                down,
                left,
                thick == null ? null : thick.length(),
                wall.filter(part -> left != null)
                        .map(part -> List.of(feature(index, part, told, around, down.length(), lean.length())))
                        .orElse(List.of()));
    }

    private static Feature feature(int index, Part part, CardSlit told, Around around, Length down, Length lean) {
        Length half = around.thick(part).length().dividedBy(2);
        Length kerf = told.kerf().dividedBy(2);
        Length top = around.ladder().joint().top(part);
        return new Feature(
                Feature.of(index),
                "the slit in " + part,
                part,
                Length.ZERO,
                Collisions.along(around.box(), part),
                top.minus(down),
                top,
                half.minus(kerf).minus(lean),
                half.plus(kerf));
    }

    private static Optional<Part> wall(CardSlit told) {
        return switch (told.in()) {
            case A -> Optional.of(Part.A);
            case B -> Optional.of(Part.B);
            case C -> Optional.of(Part.C);
            case D -> Optional.of(Part.D);
            case HANDLE -> Optional.empty();
        };
    }

    /** As thick as the first handle there is, where a slit can be sawn along its top. */
    private static @Nullable Worked handle(Worksheet sheet, Around around) {
        for (Fitting fitting : around.plan().fittings()) {
            Length thick = fitting instanceof UprightHandle upright
                    ? upright.thickness()
                    : fitting instanceof FingeredBlock block
                            ? block.thickness()
                            : fitting instanceof Handle bar && bar.spacing() != null ? bar.across() : null;
            if (thick != null) {
                return sheet.work(
                        "handle",
                        "T",
                        "Handle, thick",
                        Show.LAYOUT,
                        fixed(thick).times(1),
                        "Of the handle it is sawn into.");
            }
        }
        return null;
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.slit().apply(this);
    }

    @Override
    public String called() {
        return told.in() == CardSlit.In.HANDLE ? "the slit in the handle" : "the slit in " + told.in();
    }

    @Override
    public String word() {
        return "a card slit";
    }

    @Override
    public String place() {
        return deep.id();
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
        return List.of(new Step(
                Step.When.BEFORE_GLUE,
                "Saw a slit " + kerf.text(display) + " wide along the middle of "
                        + (told.in() == CardSlit.In.HANDLE ? "the handle’s top" : "the upper edge of " + told.in())
                        + (told.angle() > 0
                                ? ", the blade tilted " + Show.ANGLE.number(Quantity.of(told.angle()), display) + "°"
                                : "")
                        + ": " + down.text(display) + " straight down.",
                down.id()));
    }

    void judge(FittingJudge at) {
        if (left == null || into == null) {
            at.verdicts()
                    .stop(
                            Code.SLIT_THROUGH,
                            deep.id(),
                            "There is no handle with a top to saw the slit into: a knob has none.",
                            at.without(index));
            return;
        }
        if (left.length().isUnder(LEAST_LEFT)) {
            List<Fix> fixes = new ArrayList<>();
            double cos = Math.cos(Math.toRadians(told.angle()));
            double sin = Math.sin(Math.toRadians(told.angle()));
            Length beside =
                    into.dividedBy(2).minus(told.kerf().times(1 / (2 * cos))).minus(LEAST_LEFT);
            if (sin > 0) {
                Length less = at.down(beside.times(1 / sin));
                if (!less.isUnder(CardSlit.DEEP.least())) {
                    fixes.add(new Fix(
                            "Make it " + at.display().text(less, Precision.LAYOUT) + " deep",
                            at.with(index, told.withDeep(less))));
                }
                fixes.add(new Fix("Saw it upright", at.with(index, told.withAngle(0))));
            }
            fixes.add(at.without(index));
            Beside stays = Beside.of(at.display(), Precision.FIT, left.length(), LEAST_LEFT);
            at.verdicts()
                    .stop(
                            Code.SLIT_THROUGH,
                            left.id(),
                            left.length().isPositive()
                                    ? "The slit leaves " + stays.one() + " beside it: it breaks out. At least "
                                            + stays.other() + "."
                                    : "The slit comes out at the side. At least " + stays.other()
                                            + " of wood is wanted beside it.",
                            fixes.toArray(new Fix[0]));
        }
    }
}
