package canthook.glue;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.GlueChoice.Diagonals;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import org.jspecify.annotations.Nullable;

/**
 * Both diagonals of the closed box, and what they say.
 *
 * <pre>
 * out of square θ = (D₁² − D₂²) / (4 · L · W)        pushed along the longer one by half of what they differ
 * allowed         0.5 on 300, by house rule
 * they agree with the box when √((D₁² + D₂²) / 2) = √(L² + W²), within what a tape reads: 1 mm
 * </pre>
 *
 * Check: 299 and 298 on 248 × 166: 0.21°.
 *
 * @param difference one less the other
 * @param push along the longer one
 * @param off how far their mean lies from the box's own diagonal
 */
public record Square(
        Diagonals read, Worked difference, Worked angle, Worked allowed, Worked push, Worked off, Worked own) {
    private static final Length TAPE = Length.mm(1);
    private static final Length ON = Length.mm(300);

    /** Null until both diagonals are read, and where there is no inside to read them in. */
    static @Nullable Square of(Worksheet sheet, BoxPlan plan, SizedBox box, HouseRules rules) {
        Diagonals read = plan.glueUp().diagonals();
        if (read == null || !box.hasInside()) {
            return null;
        }
        Worked one =
                sheet.decided("diagonal-one", "D₁", "One diagonal", Show.LAYOUT, read.one(), "glueUp.diagonals.one");
        Worked other = sheet.decided(
                "diagonal-other", "D₂", "The other diagonal", Show.LAYOUT, read.other(), "glueUp.diagonals.other");
        Worked length = read.inside() ? box.insideLength() : box.outsideLength();
        Worked width = read.inside() ? box.insideWidth() : box.outsideWidth();
        Worked difference =
                sheet.work("difference", "ΔD", "They differ by", Show.LAYOUT, one.minus(other), "One less the other.");
        Worked angle = sheet.work(
                "angle",
                "θ",
                "Out of square by",
                Show.ANGLE,
                one.times(one)
                        .minus(other.times(other))
                        .over(fixed(4).times(length.times(width)))
                        .times(180 / Math.PI),
                "The squares of the diagonals differ by four times length, width and the sine of what is missing.");
        Worked house = sheet.ruled(
                "square-rule",
                "ΔD₃₀₀",
                "Diagonals may differ by, on 300",
                Show.LAYOUT,
                rules.outOfSquare(),
                HouseRule.OUT_OF_SQUARE.reason(),
                null,
                "rules");
        Worked allowed = sheet.work(
                "allowed",
                "ΔD₀",
                "Allowed",
                Show.LAYOUT,
                house.times(Term.larger(one, other).over(fixed(ON))),
                "By the longer one, 300 at a time.");
        Worked push = sheet.work(
                "push",
                "ΔD/2",
                "Push along the longer one by",
                Show.LAYOUT,
                Term.absolute(difference).over(2),
                "Half of what they differ: the one grows as the other shrinks.");
        Worked own = sheet.work(
                "own-diagonal",
                "D",
                "The box's own diagonal",
                Show.LAYOUT,
                Term.root(length.times(length).plus(width.times(width))),
                read.inside() ? "Inside, when it is square." : "Outside, when it is square.");
        Worked off = sheet.work(
                "diagonals-off",
                "Δ",
                "Read past the box's own by",
                Show.LAYOUT,
                Term.root(one.times(one).plus(other.times(other)).over(2)).minus(own),
                "Whichever way it leans, the squares of both come to those of length and width, twice.");
        return new Square(read, difference, angle, allowed, push, off, own);
    }

    /** Whether both readings can be of this box. */
    boolean agree() {
        return !off.length().abs().isOver(TAPE);
    }

    /** Whether it is square enough. */
    public boolean isSquare() {
        return agree() && !difference.length().abs().isOver(allowed.length());
    }

    /** What to do, in a sentence. */
    public String says(LengthDisplay display) {
        if (!agree()) {
            return "One of the two is misread: this box's own diagonal is " + own.text(display) + ", and these lie "
                    + display.text(off.length().abs(), Precision.LAYOUT) + " past it together.";
        }
        String differ = display.text(difference.length().abs(), Precision.LAYOUT);
        if (isSquare()) {
            return "Square enough: they differ by " + differ + ", allowed " + allowed.text(display) + ".";
        }
        return "Push along the " + (difference.length().isPositive() ? "first" : "second") + ", from corner to corner, "
                + push.text(display) + ": they differ by " + differ + ", allowed " + allowed.text(display) + ".";
    }

    void judge(BoxPlan plan, Verdicts verdicts) {
        if (!agree()) {
            verdicts.mind(Code.DIAGONALS_DISAGREE, "glue.diagonals-off", says(plan.display()));
        } else if (!isSquare()) {
            verdicts.mind(Code.OUT_OF_SQUARE, "glue.difference", says(plan.display()));
        }
    }
}
