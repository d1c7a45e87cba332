package canthook.bottom;

import canthook.length.Length;
import canthook.length.Precision;
import canthook.plan.Bottom.Slats;
import canthook.plan.BoxPlan;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;

/**
 * What is looked at of slats beside their groove: that something is left of each, that their gaps neither close nor open too wide, that
 * they stay where they are.
 *
 * @param bare a slat without its lap
 * @param lap null where they lie side by side
 * @param counted the same bottom with another count of slats
 */
record SlatsJudge(
        Slats choice,
        BoxPlan plan,
        Worked bare,
        Worked gapWettest,
        Worked gapDriest,
        @Nullable Worked lap,
        IntFunction<SlattedBottom> counted) {
    private static final Length LEAST_GAP = Length.mm(0.3);
    private static final Length MOST_GAP = Length.mm(3);

    void judge(Verdicts verdicts) {
        Length least = lap == null ? Length.mm(1) : lap.length();
        if (!bare.length().isOver(least)) {
            verdicts.stop(
                    Code.SLATS_TOO_MANY,
                    "bottom.count",
                    choice.count() + " slats with their gaps" + (lap == null ? "" : " and laps")
                            + " leave nothing of a slat in this opening. Take fewer.",
                    this::fewer);
            return;
        }
        if (choice.gap() != null && !choice.gap().isUnder(MOST_GAP)) {
            verdicts.mind(
                    Code.SLATS_OPEN_WIDE,
                    "bottom.gap-driest",
                    "Each gap is " + gapWettest.text(plan.display())
                            + " on the wettest day as you decided, and opens to " + gapDriest.text(plan.display())
                            + " on the driest.",
                    new Fix("Leave the usual gap", plan.with(usualGap())));
        } else if (gapDriest.length().isOver(MOST_GAP)) {
            verdicts.mind(
                    Code.SLATS_OPEN_WIDE,
                    "bottom.gap-driest",
                    "On the driest day each gap opens to " + gapDriest.text(plan.display())
                            + ". Narrower slats open less.",
                    more());
        }
        if (choice.gap() != null && choice.gap().isUnder(LEAST_GAP)) {
            verdicts.mind(
                    Code.SLATS_CLOSE,
                    "bottom.gap",
                    "Gaps under " + plan.display().text(LEAST_GAP, Precision.FIT)
                            + " close on a wet day and push the walls apart.",
                    new Fix("Leave the usual gap", plan.with(usualGap())));
        }
        if (!choice.pinned()) {
            verdicts.note(
                    Code.SLATS_LOOSE,
                    "bottom.gap-driest",
                    "Loose slats slide together and gather every gap in one place: pin each at its middle, or glue spacers into the groove.",
                    new Fix("Pin each at its middle", plan.with(choice.withPinned(true))));
        }
    }

    private Slats usualGap() {
        return new Slats(
                choice.stuff(),
                choice.thickness(),
                choice.groove(),
                choice.grain(),
                choice.count(),
                choice.atWalls(),
                choice.lapped(),
                choice.pinned(),
                null,
                choice.endFit());
    }

    /** As many as are no narrower than they are thick; and the usual gap, where another was said. */
    private List<Fix> fewer() {
        List<Fix> fixes = new ArrayList<>();
        for (int count = choice.count() - 1; count >= Slats.COUNT.least(); count--) {
            SlattedBottom less = counted.apply(count);
            if (!less.bare().length().isUnder(choice.thickness())
                    && less.verdicts().stream().noneMatch(v -> v.code() == Code.SLATS_TOO_MANY)) {
                fixes.add(new Fix("Take " + count + " slats", plan.with(choice.withCount(count))));
                break;
            }
        }
        if (choice.gap() != null) {
            fixes.add(new Fix("Leave the usual gap", plan.with(usualGap())));
        }
        return fixes;
    }

    /** What all slats move is shared by the gaps: as many of them as keep each under the most. */
    private Fix[] more() {
        int beside = choice.atWalls() ? 1 : -1;
        double moves = (choice.count() + beside)
                * gapDriest.length().minus(gapWettest.length()).mm();
        double room = MOST_GAP.minus(gapWettest.length()).mm();
        double gaps = Math.ceil(1.02 * moves / room);
        int count = (int) Math.min(1000, gaps) - beside;
        return room <= 0 || count > 60 || count <= choice.count()
                ? new Fix[0]
                : new Fix[] {new Fix("Take " + count + " slats", plan.with(choice.withCount(count)))};
    }
}
