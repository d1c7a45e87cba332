package canthook.figure;

import canthook.building.JigToBuild;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import java.util.Optional;

/**
 * Where the base of a router sled is bored, at 1:1: the bit's hole, and the circle the plate's screws stand on with where three and where
 * four of them stand. How many the router has nobody asks: its own plate is laid on, and those that lie under its holes are pricked through.
 */
public final class PlateTemplate {
    private static final int CORNERS = 96;

    private PlateTemplate() {}

    /** Empty for a jig that carries no router. */
    public static Optional<Figure> of(WorkedPlan worked, JigToBuild jig) {
        Optional<Worked> hole = jig.number("build.hole");
        Optional<Worked> circle = jig.number("build.circle");
        Optional<Worked> screw = jig.number("build.plate-screw");
        if (hole.isEmpty() || circle.isEmpty() || screw.isEmpty()) {
            return Optional.empty();
        }
        Drawing d = new Drawing(
                "plate", "Plate of the router, at 1:1", worked.plan().display());
        double far = circle.get().length().mm() / 2;
        double thick = screw.get().length().mm() / 2;
        double out = far + thick + 8;
        d.rect("outline", -out, -out, 2 * out, 2 * out);
        ring(d, "plate-circle", 0, 0, far);
        d.line("axis", -out, 0, out, 0);
        d.line("axis", 0, -out, 0, out);
        ring(d, "bore", 0, 0, hole.get().length().mm() / 2);
        for (int i = 0; i < 4; i++) {
            screw(d, far, 90.0 * i, thick);
        }
        screw(d, far, 120, thick);
        screw(d, far, 240, thick);
        // the side that lies to the fence, so that it is not laid on turned
        d.line("reference-edge", -out, -out, out, -out);
        d.note(0, -out + 5, "towards the fence", "note", "middle", null);
        d.note(3, -far + 1, "of 3 and of 4", "note", "start", null);
        d.note(far - 3, -2, "of 4", "note", "end", null);
        double sixty = Math.toRadians(30);
        d.note(far * Math.cos(sixty) - 4, far * Math.sin(sixty) - 3, "of 3", "note", "end", null);
        d.note(
                -out + 2,
                out - 2,
                "Bit’s hole " + hole.get().text(worked.plan().display()) + ", screws "
                        + screw.get().text(worked.plan().display()) + " on "
                        + circle.get().text(worked.plan().display()),
                "note",
                "start",
                null);
        return Optional.of(d.done());
    }

    /** @param degrees from the side towards the fence, as a clock goes */
    private static void screw(Drawing d, double far, double degrees, double thick) {
        double angle = Math.toRadians(degrees - 90);
        double x = far * Math.cos(angle);
        double y = far * Math.sin(angle);
        ring(d, "bore", x, y, thick);
        d.line("axis", x - thick - 2, y, x + thick + 2, y);
        d.line("axis", x, y - thick - 2, x, y + thick + 2);
    }

    private static void ring(Drawing d, String role, double x, double y, double radius) {
        double[] points = new double[2 * CORNERS];
        for (int i = 0; i < CORNERS; i++) {
            double angle = 2 * Math.PI * i / CORNERS;
            points[2 * i] = x + radius * Math.cos(angle);
            points[2 * i + 1] = y + radius * Math.sin(angle);
        }
        d.shape(role, null, points);
    }
}
