package canthook.figure;

import canthook.fitting.Collisions;
import canthook.fitting.Collisions.Pair;
import canthook.fitting.Feature;
import canthook.fitting.FloorOver;
import canthook.fitting.TrayIn;
import canthook.fitting.WorkedFitting;
import canthook.length.Length;
import canthook.plan.Part;
import canthook.planner.WorkedPlan;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The walls from inside, with all that fittings, grooves and hinges take of them. */
final class FittingsInside {
    private FittingsInside() {}

    /** A side and an end from inside, with everything that takes wood of them; what collides is red. */
    static Figure of(WorkedPlan worked) {
        Drawing d = new Drawing(
                "fittings-inside", "From inside, what is taken", worked.plan().display());
        List<Part> parts = shown(worked);
        double high = worked.fingers().wall().length().mm();
        double x = 0;
        for (Part part : parts) {
            double along = (part.isSide()
                            ? worked.size().outsideLength()
                            : worked.size().outsideWidth())
                    .length()
                    .mm();
            wall(d, worked, part, x, along, high);
            if (part == Part.A) {
                onTheSide(d, worked, x, along, high);
            }
            x += along * 1.12;
        }
        FittingSnaps.onWalls(d, worked);
        return d.done();
    }

    /** Of walls from which the same is taken one is enough. */
    private static List<Part> shown(WorkedPlan worked) {
        List<Part> parts = new ArrayList<>(List.of(Part.A, Part.B));
        for (Feature feature : worked.fittings().features()) {
            boolean told = worked.fittings().features().stream()
                    .anyMatch(f -> parts.contains(f.part())
                            && f.of().equals(feature.of())
                            && f.part().isSide() == feature.part().isSide());
            if (!told && !parts.contains(feature.part())) {
                parts.add(feature.part());
            }
        }
        return parts;
    }

    private static void wall(Drawing d, WorkedPlan worked, Part part, double x, double along, double high) {
        d.rect("side-grain", x, 0, along, high, part.name());
        for (Feature feature : worked.fittings().features()) {
            if (feature.part() == part) {
                rect(d, role(worked, feature), feature, x, high, along);
            }
        }
        for (Pair pair : worked.fittings().collisions()) {
            if (pair.one().part() == part) {
                Feature meet = new Feature(
                        "",
                        "",
                        part,
                        Length.longer(pair.one().from(), pair.other().from()),
                        Length.shorter(pair.one().to(), pair.other().to()),
                        Length.longer(pair.one().low(), pair.other().low()),
                        Length.shorter(pair.one().high(), pair.other().high()),
                        Length.ZERO,
                        Length.ZERO);
                rect(d, "collision", meet, x, high, along);
            }
        }
        d.note(x + along / 2, high * 0.5, part.name(), "pencil", "middle", null);
        d.line("reference-edge", x, high, x + along, high);
    }

    /** Runners and cleats where they are glued to a side, with what they carry. */
    private static void onTheSide(Drawing d, WorkedPlan worked, double x, double along, double high) {
        double te = worked.size().finalEndThickness().length().mm();
        double floor = worked.walls().floorHeight().mm();
        double inside = Math.max(0, along - 2 * te);
        for (WorkedFitting fitting : worked.fittings().all()) {
            if (fitting instanceof TrayIn tray) {
                double over = floor + tray.told().over().mm();
                double stack = tray.told().stacked() * tray.told().height().mm();
                double reach =
                        Math.min(inside, Math.max(0, tray.along().length().mm()));
                d.rect("liner", x + te, high - over, inside, tray.told().over().mm(), FittingFigures.mark(tray));
                d.rect("tray", x + te, high - over - stack, reach, stack, FittingFigures.mark(tray));
                d.note(x + te + reach / 2, high - over - stack / 2, "tray", "pencil", "middle", null);
            } else if (fitting instanceof FloorOver second) {
                double over = floor + second.told().over().mm();
                double cleat = second.told().cleat().mm();
                double thick = second.told().thickness().mm();
                d.rect("liner", x + te, high - over, inside, cleat, FittingFigures.mark(second));
                d.rect("tray", x + te, high - over - thick, inside, thick, FittingFigures.mark(second));
            }
        }
    }

    private static String role(WorkedPlan worked, Feature feature) {
        // what lies on the outside is seen through the wall
        if (feature.in().isOver(Collisions.half(worked.size(), feature.part()))) {
            return feature.of().equals("hinge") ? "hinge" : "foot-hidden";
        }
        return switch (feature.of()) {
            case "bottom" -> "panel";
            case "lid" -> "lid";
            case "seam" -> "cut-away";
            case "hinge" -> "hinge";
            case "low", "slope" -> "cut-away";
            default -> "groove";
        };
    }

    /** {@code f3} is fitting 2 of the plan. */
    private static @Nullable String mark(String of) {
        return of.startsWith("f") ? "fittings." + (Integer.parseInt(of.substring(1)) - 1) : null;
    }

    private static void rect(Drawing d, String role, Feature f, double x, double high, double along) {
        double from = Math.max(0, f.from().mm());
        double to = Math.min(along, f.to().mm());
        double low = Math.max(0, f.low().mm());
        double top = Math.min(high, f.high().mm());
        if (to > from && top > low) {
            d.rect(role, x + from, high - top, to - from, top - low, mark(f.of()));
        }
    }
}
