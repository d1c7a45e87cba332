package canthook.fingers;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.Lowered;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.LowWalls;
import canthook.walls.WallDemands;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where a lower wall's joint ends. It wants to end where a joint of fewer sections closes: parity belongs to that corner's own height. A
 * sloped side runs from the full height to the low one.
 *
 * <pre>
 * boundaries   i·s − ⌈i/2⌉·c: f, p, p + f, 2 p, …
 * angle of a sloped side = atan((H₀ − h) / length of the side), H₀ the height that closes
 * </pre>
 *
 * Check: H 96, kerf 7.45, n 13, c 0.12: eleven sections close at 81.23, not at 81.35. H 96, s 7.4492, h 60: between 59.1140 (eight
 * sections) and 66.4432 (nine).
 *
 * @param walls that are low
 * @param boundary nearest to their edge
 * @param sections jointed at the low corner
 * @param angle of a sloped side, degrees; null when nothing slopes
 */
public record LowEnds(
        LowWalls walls,
        Worked boundary,
        Worked sections,
        @Nullable Worked angle) {
    private static final int FEWEST = 2;

    static @Nullable LowEnds of(
            BoxPlan plan, SizedBox box, Rung chosen, Worksheet sheet, Verdicts verdicts, @Nullable LowWalls walls) {
        if (walls == null) {
            return null;
        }
        Worked low = walls.line();
        Joint joint = chosen.joint();
        Layout layout = joint.layout();
        int index = walls.everyCorner() ? layout.sections() - 1 : layout.nearestBoundary(low.length());
        Worked boundary = sheet.work(
                "low-boundary",
                "β",
                walls.everyCorner() ? "The joint closes at" : "Nearest section boundary",
                Show.FIT,
                index == layout.sections() - 1 ? chosen.closing().times(1) : chosen.boundary(index),
                "Where a joint of so many sections closes: whole pitches from the reference edge, and a finger more for an odd count.");
        Worked sections = sheet.work(
                "low-sections",
                "nₗ",
                "Sections jointed at the low corner",
                Show.COUNT,
                fixed(joint.corners().stream()
                        .filter(Joint.JointedCorner::isLow)
                        .mapToInt(Joint.JointedCorner::sections)
                        .min()
                        .orElse(layout.sections())),
                "Whole sections under the low wall's edge; the corner has its own count, odd or even.");
        Worked angle = null;
        if (walls.sloped()) {
            angle = sheet.work(
                    "slope",
                    "θ",
                    "Slope of the sides",
                    Show.ANGLE,
                    canthook.working.Term.arcTangent(chosen.wall().minus(low).over(box.sideLength())),
                    "Mark the closing height at the back end and the low height at the front, and saw from mark to mark.");
        }
        judge(plan, chosen, low, sections, walls, verdicts);
        return new LowEnds(walls, boundary, sections, angle);
    }

    private static void judge(
            BoxPlan plan, Rung chosen, Worked low, Worked sections, LowWalls walls, Verdicts verdicts) {
        LengthDisplay display = plan.display();
        Joint joint = chosen.joint();
        Length full =
                walls.everyCorner() ? chosen.wall().length() : joint.layout().height();
        if (!low.length().isUnder(full)) {
            if (walls.by() == LowWalls.By.MAKER) {
                verdicts.stop(
                        Code.LOW_END_NOT_LOWER,
                        low.id(),
                        "The low wall is not lower than the others: it must stay under "
                                + display.text(full, Precision.FIT) + ".",
                        level(plan));
            }
            return;
        }
        if (sections.count() < FEWEST) {
            verdicts.stop(
                    Code.LOW_END_TOO_LOW,
                    low.id(),
                    "The low wall ends at " + low.text(display) + ": " + sections.count()
                            + (sections.count() == 1 ? " section" : " sections")
                            + " would hold its corners. Make it higher, or the sections narrower.",
                    raised(plan, chosen, walls));
            return;
        }
        if (walls.by() == LowWalls.By.LID) {
            return;
        }
        Length nearest = walls.everyCorner()
                ? chosen.closing().length()
                : joint.layout().boundaries().get(joint.layout().nearestBoundary(low.length()));
        Length off = low.length().minus(nearest);
        if (!off.abs().isOver(WallDemands.NEAR)) {
            return;
        }
        List<Fix> fixes = new ArrayList<>();
        for (Length height : about(joint, low.length())) {
            add(plan, chosen, fixes, height);
        }
        verdicts.mind(
                Code.LOW_END_OFF_BOUNDARY,
                "fingers.low-boundary",
                "The low wall ends " + display.text(off.abs(), Precision.FIT) + (off.isPositive() ? " above" : " below")
                        + " a section boundary: over its last whole section nothing holds it.",
                fixes);
    }

    /** Boundaries next to a height, the nearest first; where every corner is low, the one height that closes. */
    public static List<Length> about(Joint joint, Length height) {
        if (joint.low() != null && joint.low().everyCorner()) {
            return List.of(joint.layout().height());
        }
        Length below = null;
        Length above = null;
        List<Length> boundaries = joint.layout().boundaries();
        for (int i = FEWEST - 1; i < boundaries.size(); i++) {
            Length boundary = boundaries.get(i);
            if (!boundary.isOver(height)) {
                below = boundary;
            } else if (above == null) {
                above = boundary;
            }
        }
        if (below == null || above == null) {
            return below != null ? List.of(below) : above != null ? List.of(above) : List.of();
        }
        return height.minus(below).isOver(above.minus(height)) ? List.of(above, below) : List.of(below, above);
    }

    /** No wall is lower by the maker's wish. */
    public static Fix level(BoxPlan plan) {
        return new Fix("All walls of one height", plan.with(plan.size().withLowered(null)));
    }

    private static Fix[] raised(BoxPlan plan, Rung chosen, LowWalls walls) {
        List<Fix> fixes = new ArrayList<>();
        if (walls.by() == LowWalls.By.MAKER) {
            if (chosen.layout().sections() > FEWEST + 1) {
                add(plan, chosen, fixes, chosen.layout().boundaries().get(FEWEST));
            }
            fixes.add(level(plan));
        }
        return fixes.toArray(new Fix[0]);
    }

    private static void add(BoxPlan plan, Rung chosen, List<Fix> fixes, Length height) {
        Lowered lowered = plan.size().lowered();
        if (lowered != null && !height.isUnder(Length.mm(3)) && !height.isOver(Length.mm(1500))) {
            fixes.add(new Fix(
                    "End it at " + plan.display().text(height, Precision.FIT),
                    Ladder.pinned(plan, chosen).with(plan.size().withLowered(lowered.withHeight(height)))));
        }
    }
}
