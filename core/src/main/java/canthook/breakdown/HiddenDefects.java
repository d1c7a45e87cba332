package canthook.breakdown;

import canthook.board.Defect;
import canthook.breakdown.Breakdown.Lane;
import canthook.breakdown.Breakdown.Opened;
import canthook.breakdown.Breakdown.Piece;
import canthook.fingers.Layout.Span;
import canthook.fitting.Collisions;
import canthook.fitting.Feature;
import canthook.length.Length;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import canthook.size.SizedBox;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A defect that may be hidden in a part, where the part has something cut: a groove, a dado, a hole, a finger. It would tear out there.
 *
 * <pre>
 * along the part  = along the board − where the part begins − proud     C and D lie the other way round: outside − that
 * over the edge   = across the board − the strip’s lower edge
 * </pre>
 */
final class HiddenDefects {
    private HiddenDefects() {}

    /** Says the first thing that each hidden defect meets. Only of parts of this box: those of other kinds are cut otherwise. */
    static void judge(Breakdown plan, WorkedPlan box, Verdicts verdicts) {
        if (!box.size().hasInside()) {
            return;
        }
        List<Feature> cut = null;
        for (Opened opened : plan.opened()) {
            for (Defect defect : opened.blank().defects()) {
                if (!defect.mayHide()) {
                    continue;
                }
                if (cut == null) {
                    cut = cut(box);
                }
                for (Lane lane : opened.lanes()) {
                    for (Piece piece : lane.pieces()) {
                        meets(defect, opened, lane, piece, box, cut)
                                .ifPresent(met -> say(defect, opened, piece, met, verdicts));
                    }
                }
            }
        }
    }

    private static void say(Defect defect, Opened opened, Piece piece, Feature met, Verdicts verdicts) {
        verdicts.mind(
                Code.DEFECT_IN_THE_WAY,
                "breakdown.opened",
                "The " + defect.kind().name().toLowerCase(Locale.ROOT) + " of "
                        + opened.blank().name() + " that is to be hidden in "
                        + piece.letter() + (piece.box() > 0 ? " of box " + piece.box() : "") + " lies where "
                        + met.called()
                        + " is cut: it tears out there. Mark it as one that may not be hidden, and the parts go round it.");
    }

    private static Optional<Feature> meets(
            Defect defect, Opened opened, Lane lane, Piece piece, WorkedPlan box, List<Feature> cut) {
        boolean inStrip = defect.reaches(lane.strip().lower(), lane.strip().upper());
        if (piece.wanted() != 0
                || !inStrip
                || !defect.from().isUnder(piece.to())
                || !defect.to().isOver(piece.from())) {
            return Optional.empty();
        }
        SizedBox size = box.size();
        Part part = Part.valueOf(String.valueOf(piece.letter()));
        Length proud = size.proud().length();
        Length from = defect.from().minus(piece.from()).minus(proud);
        Length to = defect.to().minus(piece.from()).minus(proud);
        if (part == Part.C || part == Part.D) {
            Length outside = (part.isSide() ? size.outsideLength() : size.outsideWidth()).length();
            Length turned = outside.minus(to);
            to = outside.minus(from);
            from = turned;
        }
        Length low = defect.acrossFrom() == null
                ? Length.ZERO
                : defect.acrossFrom().minus(lane.strip().lower());
        Length high = defect.acrossTo() == null
                ? lane.strip().height()
                : defect.acrossTo().minus(lane.strip().lower());
        Length thick = (part.isSide() ? size.thickness() : size.endThickness()).length();
        Feature lies = new Feature("defect", "", part, from, to, low, high, Length.ZERO, thick);
        return cut.stream().filter(lies::meets).findFirst();
    }

    /** Everything that is cut beside the joint's slots, which take a defect away with them, and the fingers, which it would split. */
    private static List<Feature> cut(WorkedPlan box) {
        List<Feature> all = new ArrayList<>(box.fittings().features());
        if (all.isEmpty()) {
            all.addAll(Collisions.ofTheBox(
                    box.size(),
                    box.walls(),
                    box.grooves(),
                    box.lid(),
                    box.fingers().wall().length()));
        }
        all.removeIf(f -> f.of().equals("low") || f.of().equals("slope") || f.of().equals("seam"));
        for (PartEnd end : PartEnd.all()) {
            Length outside = (end.part().isSide()
                            ? box.size().outsideLength()
                            : box.size().outsideWidth())
                    .length();
            Length mate = (end.part().isSide()
                            ? box.size().finalEndThickness()
                            : box.size().finalThickness())
                    .length();
            boolean first = Collisions.isAtOrigin(end);
            for (Span finger : box.fingers().joint().fingers(end)) {
                all.add(new Feature(
                        "finger",
                        "a finger at its corner with " + end.mate().part(),
                        end.part(),
                        first ? Length.ZERO : outside.minus(mate),
                        first ? mate : outside,
                        finger.from(),
                        finger.to(),
                        Length.ZERO,
                        Collisions.half(box.size(), end.part()).times(2)));
            }
        }
        return all;
    }
}
