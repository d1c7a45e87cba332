package canthook.walls;

import canthook.length.Beside;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.Lowered;
import canthook.plan.Lowered.Which;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Everything the walls are asked for before they are divided into sections: grooves, where things stand, what the lid takes above them,
 * and which walls end lower. Where a lid and the maker both lower the front, the lid's line stands.
 *
 * @param grooves in the order bottom, lid
 * @param floor height at which things stand; null on the open bottom edge
 * @param takes height over the contents that the lid takes; null for none
 * @param under height the contents may not pass; null for no limit
 * @param low walls lower than the rest; null when all are of one height
 * @param takesFor what the lid takes that for, as it ends a sentence
 * @param below what lies under the walls; null when nothing does
 * @param above what lies on the walls; null when nothing does
 * @param face height the lid's upper face stands at, where it may stand over the walls; null when it lies within them
 * @param lost what sawing the lid off the closed box takes of its height; null when nothing is sawn off
 */
public record WallDemands(
        List<GrooveAsked> grooves,
        @Nullable Worked floor,
        @Nullable Term takes,
        String takesFor,
        @Nullable Worked under,
        @Nullable LowWalls low,
        @Nullable Worked below,
        @Nullable Worked above,
        @Nullable Worked face,
        @Nullable Worked lost,
        List<Worked> numbers,
        List<Verdict> verdicts) {
    /** Closer than this, two heights count as one. */
    public static final Length NEAR = Length.mm(0.05);

    /** What a plan asks, from what its bottom and its lid ask. */
    public static WallDemands of(BoxPlan plan, Asks bottom, Asks lid) {
        Worksheet sheet = new Worksheet("fingers");
        Verdicts verdicts = new Verdicts("size");
        LowWalls low = lid.low();
        Lowered lowered = plan.size().lowered();
        if (lowered != null && low == null) {
            low = new LowWalls(
                    lowered.which().parts(),
                    sheet.decided(
                            "low-height",
                            "h",
                            "Height of the low wall",
                            Show.FIT,
                            lowered.height(),
                            "size.lowered.height"),
                    lowered.which() == Which.SLOPED,
                    LowWalls.By.MAKER);
        } else if (lowered != null && low != null) {
            judge(plan, lowered, low, verdicts);
        }
        List<GrooveAsked> grooves = new ArrayList<>(bottom.grooves());
        grooves.addAll(lid.grooves());
        List<Worked> numbers = new ArrayList<>(bottom.numbers());
        numbers.addAll(lid.numbers());
        numbers.addAll(sheet.numbers());
        return new WallDemands(
                List.copyOf(grooves),
                bottom.floor(),
                lid.takes(),
                lid.takesFor(),
                lid.under(),
                low,
                bottom.beyond(),
                lid.beyond(),
                lid.face(),
                lid.lost(),
                List.copyOf(numbers),
                verdicts.all());
    }

    /** The maker lowers a wall and so does the lid. */
    private static void judge(BoxPlan plan, Lowered lowered, LowWalls low, Verdicts verdicts) {
        LengthDisplay display = plan.display();
        Length line = low.line().length();
        if (lowered.which() == Which.SLOPED) {
            verdicts.stop(
                    Code.LID_ON_A_SLOPE,
                    low.line().id(),
                    "A lid cannot slide in sides that slope down to the front: the slope would cut its grooves open.",
                    new Fix("Sides of one height", plan.with(plan.size().withLowered(null))));
        } else if (lowered.height().minus(line).abs().isOver(NEAR)) {
            Beside heights = Beside.of(display, Precision.FIT, lowered.height(), line);
            verdicts.mind(
                    Code.LOWERED_AGAINST_LID,
                    low.line().id(),
                    "You lower the wall to " + heights.one() + ", and the lid wants it to end at " + heights.other()
                            + ". The lid's line is what is cut.",
                    fixes(plan, lowered, line));
        }
    }

    private static Fix[] fixes(BoxPlan plan, Lowered lowered, Length line) {
        if (lowered.which() == Which.FRONT) {
            return new Fix[] {
                new Fix("Leave it to the lid", plan.with(plan.size().withLowered(null)))
            };
        }
        return line.isUnder(Length.mm(3)) || line.isOver(Length.mm(1500))
                ? new Fix[0]
                : new Fix[] {
                    new Fix(
                            (lowered.which() == Which.BOTH_ENDS ? "End both at " : "End it at ")
                                    + plan.display().text(line, Precision.FIT),
                            plan.with(plan.size().withLowered(lowered.withHeight(line))))
                };
    }

    /**
     * How high the closed box is, from what its walls stand on: with what lies under and on them, or as high as a panel that stands over
     * them, less what is sawn away.
     */
    public Term closed(Worked wall) {
        Term height = face != null && standsOver(wall) ? face.times(1) : wall.times(1);
        if (below != null) {
            height = height.plus(below);
        }
        if (above != null) {
            height = height.plus(above);
        }
        return lost == null ? height : height.minus(lost);
    }

    /** Whether a lid in the walls' grooves stands over them. */
    public boolean standsOver(Worked wall) {
        return face != null && face.isOver(wall.length());
    }

    /** Height at which things stand. */
    public Length floorHeight() {
        return floor == null ? Length.ZERO : floor.length();
    }

    /** A number that bottom or lid worked out when it asked. */
    public Worked asked(String id) {
        return numbers.stream().filter(n -> n.is(id)).findFirst().orElseThrow();
    }

    /** The groove of a bottom or a lid, by whose it is. */
    public Optional<GrooveAsked> groove(String of) {
        return grooves.stream().filter(g -> g.of().equals(of)).findFirst();
    }
}
