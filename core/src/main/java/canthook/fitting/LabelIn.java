package canthook.fitting;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.CutPiece;
import canthook.panel.Step;
import canthook.plan.LabelRecess;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;

/**
 * A slot for a label in the middle of a wall’s outside.
 *
 * <pre>
 * from the part’s end  = proud + (outside − wide) / 2
 * its lower edge       = top − under − high, from the reference edge
 * left behind it       = T − deep, at least half the wall
 * </pre>
 *
 * Check: end 166 long, 12 thick and 96 high, label 60 × 20, 1.5 deep, 30 under: 53 from the finished end, its lower edge at 46, 10.5 left.
 *
 * @param first from the part’s end to its edge
 * @param up its lower edge over the reference edge
 */
public record LabelIn(
        int index, LabelRecess told, Worked first, Worked up, Worked deep, Worked left, List<Feature> features)
        implements WorkedFitting {

    static LabelIn of(Worksheet sheet, int index, LabelRecess told, Around around) {
        String field = Around.field(index);
        Worked wide = sheet.decided("wide", "w", "Label, wide", Show.LAYOUT, told.wide(), field + "wide");
        Worked high = sheet.decided("high", "h", "Label, high", Show.LAYOUT, told.high(), field + "high");
        Worked deep = sheet.decided("deep", "d", "Label, deep", Show.FIT, told.deep(), field + "deep");
        Worked under = sheet.decided(
                "under", "u", "Its upper edge under the wall’s", Show.LAYOUT, told.under(), field + "under");
        Worked along = told.wall().isSide()
                ? around.box().outsideLength()
                : around.box().outsideWidth();
        Worked first = sheet.work(
                "first",
                "e",
                "Its edge from the part’s end",
                Show.LAYOUT,
                around.box().proud().plus(along.minus(wide).over(2)),
                "In the middle of the wall; before trimming the proud is there too.");
        Length top = around.ladder().joint().top(told.wall());
        Worked up = sheet.work(
                "up",
                "v",
                "Its lower edge over the reference edge",
                Show.LAYOUT,
                canthook.working.Term.fixed(top).minus(under).minus(high),
                "The wall, less what is over it and itself.");
        Worked left = sheet.work(
                "left",
                "b",
                "Left behind it",
                Show.LAYOUT,
                around.thick(told.wall()).minus(deep),
                "The wall less its depth.");
        Length thick = around.thick(told.wall()).length();
        Length middle = along.length().dividedBy(2);
        Length half = told.wide().dividedBy(2);
        return new LabelIn(
                index,
                told,
                first,
                up,
                deep,
                left,
                List.of(new Feature(
                        Feature.of(index),
                        "the label in " + told.wall(),
                        told.wall(),
                        middle.minus(half),
                        middle.plus(half),
                        up.length(),
                        top.minus(told.under()),
                        thick.minus(told.deep()),
                        thick)));
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.label().apply(this);
    }

    @Override
    public String called() {
        return "the label in " + told.wall();
    }

    @Override
    public String word() {
        return "a label";
    }

    @Override
    public String place() {
        return up.id();
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
                "Label in the outside of " + told.wall() + ": " + display.text(told.wide(), Precision.LAYOUT) + " × "
                        + display.text(told.high(), Precision.LAYOUT) + ", " + deep.text(display) + " deep, its edge "
                        + first.text(display) + " from the part’s end, its lower edge " + up.text(display)
                        + " over the reference edge.",
                up.id()));
    }

    void judge(FittingJudge at) {
        Feature recess = features.get(0);
        Length half = at.around().thick(told.wall()).length().dividedBy(2);
        if (recess.low().isNegative()
                || recess.from().isNegative()
                || !left.length().isPositive()) {
            at.verdicts()
                    .stop(
                            Code.LABEL_OFF_WALL,
                            up.id(),
                            "The label is larger than the wall it is let into, or deeper.",
                            at.without(index));
        } else if (told.deep().isOver(half)) {
            Length less = at.down(half);
            at.verdicts()
                    .mind(
                            Code.LABEL_OFF_WALL,
                            left.id(),
                            "Deeper than half the wall it weakens it.",
                            less.isUnder(LabelRecess.DEEP.least())
                                    ? List.of()
                                    : List.of(new Fix(
                                            "Make it " + at.display().text(less, Precision.LAYOUT) + " deep",
                                            at.with(index, told.withDeep(less)))));
        }
    }
}
