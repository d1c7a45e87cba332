package canthook.figure;

import canthook.fitting.Collisions;
import canthook.fitting.Feature;
import canthook.fitting.GripHole;
import canthook.panel.GrooveRun;
import canthook.plan.Part;
import canthook.planner.WorkedPlan;
import canthook.size.SizedBox;
import java.util.ArrayList;
import java.util.List;

/**
 * Templates at 1:1 of every wall from which more is taken than a groove: hinge mortises, grip holes, pegs, dadoes. Each shows
 * the wall's inside with its reference edge below; laid on the wood, a bradawl marks every centre through the paper.
 */
public final class BoringTemplates {
    private BoringTemplates() {}

    /** One for each wall that wants it; a sheet that says so when none does. */
    public static List<Figure> of(WorkedPlan worked) {
        List<Feature> features = features(worked);
        List<Figure> all = new ArrayList<>();
        for (Part part : Part.values()) {
            List<Feature> here = features.stream().filter(f -> f.part() == part).toList();
            if (here.stream().anyMatch(BoringTemplates::isMore)) {
                all.add(wall(worked, part, here));
            }
        }
        if (all.isEmpty()) {
            Drawing d = new Drawing("boring", "Boring templates", worked.plan().display());
            d.note(0, 6, "Nothing is bored or let in:", "note", "start", null);
            d.note(0, 11, "this box has neither hinges nor fittings in its walls.", "note", "start", null);
            all.add(d.reach(0, 0).reach(100, 12).done());
        }
        return List.copyOf(all);
    }

    /** Those of bottom and lid are there without any fitting too. */
    private static List<Feature> features(WorkedPlan worked) {
        if (!worked.size().hasInside()) {
            return List.of();
        }
        if (!worked.fittings().features().isEmpty()) {
            return worked.fittings().features();
        }
        List<GrooveRun> grooves = new ArrayList<>(worked.bottom().grooves());
        grooves.addAll(worked.lid().grooves());
        return Collisions.ofTheBox(
                worked.size(),
                worked.walls(),
                grooves,
                worked.lid(),
                worked.fingers().wall().length());
    }

    private static boolean isMore(Feature feature) {
        // a pin down the corner is bored from the edges, not from a face
        if (feature.called().startsWith("the pin")) {
            return false;
        }
        return switch (feature.of()) {
            case "bottom", "lid", "seam", "low", "slope" -> false;
            default -> true;
        };
    }

    private static Figure wall(WorkedPlan worked, Part part, List<Feature> features) {
        SizedBox box = worked.size();
        double along = (part.isSide() ? box.outsideLength() : box.outsideWidth())
                .length()
                .mm();
        double thick = (part.isSide() ? box.finalThickness() : box.finalEndThickness())
                .length()
                .mm();
        double high = worked.fingers().wall().length().mm();
        Drawing d = new Drawing(
                "boring-" + part, "Wall " + part + " from inside", worked.plan().display());
        d.rect("outline", 0, 0, along, high);
        d.line("reference-edge", 0, high, along, high);
        d.note(
                along * 0.02,
                -3,
                "left end at " + (part.isSide() ? "D" : "A") + "; turn the sheet over for the outside",
                "quiet",
                "start",
                null);
        for (Feature f : features) {
            double from = Math.max(0, f.from().mm());
            double to = Math.min(along, f.to().mm());
            double low = Math.max(0, f.low().mm());
            double top = Math.min(high, f.high().mm());
            if (to <= from || top <= low || isInsideTheMate(f, thick)) {
                continue;
            }
            boolean peg = f.called().contains("peg");
            if (peg) {
                LidFigures.round(d, "bored", (from + to) / 2, high - (low + top) / 2, (to - from) / 2);
                cross(d, (from + to) / 2, high - (low + top) / 2);
            } else {
                d.rect(isMore(f) ? "bored" : "bottom-groove", from, high - top, to - from, top - low);
            }
            if (isMore(f)) {
                d.note(to + (peg ? 4 : 1), high - top + 3, f.called(), "quiet", "start", null);
            }
        }
        grips(d, worked, part, along, high);
        return d.done();
    }

    /** A peg is bored from the face of its own finger; of the mate it takes wood within, which nobody marks. */
    private static boolean isInsideTheMate(Feature f, double thick) {
        return f.called().contains("peg") && f.out().minus(f.in()).mm() < thick - 1e-6;
    }

    private static void grips(Drawing d, WorkedPlan worked, Part part, double along, double high) {
        worked.fittings().all().stream()
                .filter(GripHole.class::isInstance)
                .map(GripHole.class::cast)
                .filter(grip -> grip.told().wall() == part)
                .forEach(grip -> {
                    double r = grip.told().diameter().mm() / 2;
                    double half = grip.told().wide().mm() / 2 - r;
                    double y = worked.fingers().joint().top(part).mm()
                            - grip.told().under().mm()
                            - r;
                    cross(d, along / 2 - half, high - y);
                    cross(d, along / 2 + half, high - y);
                });
    }

    private static void cross(Drawing d, double x, double y) {
        d.line("centre", x - 2.5, y, x + 2.5, y);
        d.line("centre", x, y - 2.5, x, y + 2.5);
    }
}
