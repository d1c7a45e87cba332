package canthook.fingers;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.Lowered;
import canthook.plan.Lowered.Which;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where a lower wall's joint ends. It wants to end on a section boundary: whole pitches from the reference edge, and a slot more
 * where a slot ends. A sloped side runs from the full height to the low one.
 *
 * <pre>
 * boundaries of the low end (cut slot-first)   s, p, p + s, 2 p, …
 * angle of a sloped side = atan((H − h) / length of the side)
 * </pre>
 *
 * Check: H 96, n 13, c 0.12 (s 7.4492, p 14.7785), h 60: between 59.1140 (four pitches) and 66.5632 (a slot more).
 *
 * @param height of the low wall
 * @param boundary nearest to it
 * @param sections of the low corner up to that boundary
 * @param angle of a sloped side, degrees; null when nothing slopes
 */
public record LowEnds(
        Which which,
        Worked height,
        Worked boundary,
        Worked sections,
        @Nullable Worked angle) {
    /** Closer than this counts as on the boundary. */
    private static final Length NEAR = Length.mm(0.05);

    static @Nullable LowEnds of(BoxPlan plan, SizedBox box, Rung chosen, Worksheet sheet, Verdicts verdicts) {
        Lowered lowered = plan.size().lowered();
        if (lowered == null) {
            return null;
        }
        Worked low = sheet.decided(
                "low-height", "h", "Height of the low wall", Show.FIT, lowered.height(), "size.lowered.height");
        Layout layout = chosen.layout();
        int index = layout.nearestBoundary(low.length());
        Worked boundary = sheet.work(
                "low-boundary",
                "β",
                "Nearest section boundary",
                Show.FIT,
                chosen.boundary(index),
                "Whole pitches from the reference edge, and a slot more where a slot ends.");
        Worked sections = sheet.work(
                "low-sections",
                "nₗ",
                "Sections of the low corner",
                Show.COUNT,
                fixed(index + 1.0),
                "The low corner has its own count, odd or even, up to where it ends.");
        Worked angle = null;
        if (lowered.which() == Which.SLOPED) {
            Term rise = box.height().minus(low);
            angle = sheet.work(
                    "slope",
                    "θ",
                    "Slope of the sides",
                    Show.ANGLE,
                    Term.arcTangent(rise.over(box.sideLength())),
                    "Mark the full height at the back end and the low height at the front, and saw from mark to mark.");
        }
        judge(plan, layout, low, index, verdicts);
        return new LowEnds(lowered.which(), low, boundary, sections, angle);
    }

    private static void judge(BoxPlan plan, Layout layout, Worked low, int index, Verdicts verdicts) {
        LengthDisplay display = plan.display();
        if (!low.length().isUnder(layout.height())) {
            verdicts.stop(
                    Code.LOW_END_NOT_LOWER,
                    "fingers.low-height",
                    "The low wall is not lower than the others: it must stay under "
                            + display.text(layout.height(), Precision.FIT) + ".",
                    new Fix("All walls of one height", plan.with(plan.size().withLowered(null))));
            return;
        }
        List<Length> boundaries = layout.boundaries();
        Length nearest = boundaries.get(index);
        if (!low.length().minus(nearest).abs().isOver(NEAR)) {
            return;
        }
        Length below = null;
        Length above = null;
        for (Length boundary : boundaries) {
            if (boundary.isUnder(low.length())) {
                below = boundary;
            } else if (above == null) {
                above = boundary;
            }
        }
        List<Fix> fixes = new java.util.ArrayList<>();
        boolean lowerFirst = nearest.equals(below);
        add(plan, fixes, lowerFirst ? below : above);
        add(plan, fixes, lowerFirst ? above : below);
        verdicts.mind(
                Code.LOW_END_OFF_BOUNDARY,
                "fingers.low-boundary",
                "The low wall ends " + display.text(low.length().minus(nearest).abs(), Precision.FIT)
                        + (low.length().isOver(nearest) ? " above" : " below")
                        + " a section boundary: its last finger would be a part of a section.",
                fixes);
    }

    private static void add(BoxPlan plan, List<Fix> fixes, @Nullable Length height) {
        Lowered lowered = plan.size().lowered();
        if (height != null && lowered != null && !height.isUnder(Length.mm(3)) && !height.isOver(Length.mm(1500))) {
            fixes.add(new Fix(
                    "End it at " + plan.display().text(height, Precision.FIT),
                    plan.with(plan.size().withLowered(lowered.withHeight(height)))));
        }
    }
}
