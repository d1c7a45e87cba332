package canthook.figure;

import canthook.figure.Figure.Side;
import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.panel.GrooveEnds.Run;
import canthook.panel.PanelDay;
import canthook.panel.PanelWidth;
import canthook.plan.Groove;
import canthook.planner.WorkedPlan;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Bottom and lid: the section through the walls on any day of the year, its two grooves magnified, and the map of ends. */
public final class PanelFigures {
    private PanelFigures() {}

    /** The whole section at true scale. */
    public static Figure section(WorkedPlan worked, boolean lid, double day) {
        Drawing d = new Drawing(
                lid ? "lid-section" : "bottom-section",
                "Section through both walls, to scale",
                worked.plan().display());
        PanelWidth across = lid ? worked.lid().across() : worked.bottom().across();
        if (across == null) {
            return d.reach(0, 0).done();
        }
        Groove groove = groove(worked, lid);
        double opening = across.opening().length().mm();
        double t = worked.size().finalThickness().length().mm();
        double height = worked.fingers().chosen().closing().length().mm();
        double depth = groove.depth().mm();
        wall(d, -t, height, t, groove, -depth);
        wall(d, opening, height, t, groove, opening);
        other(d, worked, lid, opening, height);
        PanelDay now = (lid ? worked.lidOn(day) : worked.bottomOn(day)).orElseThrow();
        double width = now.width().length().mm();
        double left = lid || !worked.plan().bottom().pinned() ? -depth : (opening - width) / 2;
        double panel =
                (lid ? worked.plan().lid().thickness() : worked.plan().bottom().thickness()).mm();
        double lower = height - groove.offset().mm();
        double edge = Math.min(panel, groove.width().mm());
        String role = lid ? "lid" : "panel";
        d.rect(role, left, lower - edge, width, edge, role);
        if (panel > edge) {
            double clear = depth + Math.max(0, groove.width().mm() - edge);
            d.rect(role, left + clear, lower - panel, Math.max(0, width - 2 * clear), panel - edge, role);
        }
        d.across(0, opening, height, Side.BELOW, 0, across.opening());
        d.note(
                opening / 2,
                height * 0.55,
                (across.movements().wood().isSheet() ? "air at " : "wood at ")
                        + now.air().text(worked.plan().display()),
                "quiet",
                "middle",
                now.air());
        d.line("reference-edge", -t, height, 0, height);
        d.line("reference-edge", opening, height, opening + t, height);
        return d.done();
    }

    private static void other(Drawing d, WorkedPlan worked, boolean lid, double opening, double height) {
        if (lid && worked.bottom().across() != null) {
            Groove groove = worked.plan().bottom().groove();
            double thick = Math.min(
                    worked.plan().bottom().thickness().mm(), groove.width().mm());
            double lower = height - groove.offset().mm();
            d.rect(
                    "panel-faint",
                    -groove.depth().mm() / 2,
                    lower - thick,
                    opening + groove.depth().mm(),
                    thick);
        }
    }

    private static void wall(Drawing d, double x, double height, double t, Groove groove, double grooveX) {
        d.rect("end-grain", x, 0, t, height);
        d.rect(
                "groove",
                grooveX,
                height - groove.top().mm(),
                groove.depth().mm(),
                groove.width().mm());
    }

    /** One groove with the panel's edge in it, magnified: left as it lies against the floor, right with the whole gap. */
    public static Figure grooves(WorkedPlan worked, boolean lid, double day) {
        Drawing d = new Drawing(
                lid ? "lid-grooves" : "bottom-grooves",
                "Both grooves, magnified",
                worked.plan().display());
        PanelWidth across = lid ? worked.lid().across() : worked.bottom().across();
        if (across == null) {
            return d.reach(0, 0).done();
        }
        Groove groove = groove(worked, lid);
        double depth = groove.depth().mm();
        double t = worked.size().finalThickness().length().mm();
        double high = groove.width().mm();
        double around = Math.max(high, depth) * 0.7;
        double shownOpening = depth * 2.4;
        PanelDay now = (lid ? worked.lidOn(day) : worked.bottomOn(day)).orElseThrow();
        double width = now.width().length().mm();
        boolean pinned = !lid && worked.plan().bottom().pinned();
        double rightGap = now.gap().length().mm();
        double leftGap = pinned ? rightGap : 0;
        double thick = lid
                ? Math.min(
                        worked.plan().lid().thickness().mm(),
                        tongue(worked.lid().tongue()))
                : Math.min(
                        worked.plan().bottom().thickness().mm(),
                        tongue(worked.bottom().tongue()));
        double top = -around;
        double bottom = high + around;
        d.rect("end-grain", -t, top, t, bottom - top);
        d.rect("groove", -depth, 0, depth, high);
        d.rect("end-grain", shownOpening, top, t, bottom - top);
        d.rect("groove", shownOpening, 0, depth, high);
        double left = -depth + leftGap;
        double right = shownOpening + depth - rightGap;
        String role = lid ? "lid" : "panel";
        d.rect(role, left, high - thick, right - left, thick, role);
        d.note(
                shownOpening + depth - Math.max(0, rightGap) / 2,
                top - around * 0.25,
                now.gap().text(worked.plan().display()) + " gap",
                "gap-label",
                "middle",
                now.gap());
        d.note(
                shownOpening + (depth - rightGap) / 2,
                bottom + around * 0.62,
                now.held().text(worked.plan().display()) + " held",
                "held",
                "middle",
                now.held());
        d.upright(-depth, 0, high, Side.LEFT, 0, number(worked, lid, "groove-width"));
        d.across(-depth, 0, bottom, Side.BELOW, 0, number(worked, lid, "groove-depth"));
        d.reach(0, top - around * 0.5).reach(0, bottom + around * 0.75);
        d.line("break", shownOpening / 2 - 1, top, shownOpening / 2 - 1, bottom);
        d.line("break", shownOpening / 2 + 1, top, shownOpening / 2 + 1, bottom);
        return d.done();
    }

    private static double tongue(canthook.working.@Nullable Worked tongue) {
        return tongue == null ? 0 : tongue.length().mm();
    }

    private static canthook.working.Worked number(WorkedPlan worked, boolean lid, String name) {
        return worked.number((lid ? "lid." : "bottom.") + name).orElseThrow();
    }

    private static Groove groove(WorkedPlan worked, boolean lid) {
        return lid ? worked.plan().lid().groove() : worked.plan().bottom().groove();
    }

    /** The four parts in plan with each groove end marked: through, stop, shows, open. */
    public static Figure ends(WorkedPlan worked, boolean lid) {
        Drawing d = new Drawing(
                lid ? "lid-ends" : "bottom-ends",
                "Where the groove may run through",
                worked.plan().display());
        List<GrooveEnd> ends = lid ? worked.lid().ends() : worked.bottom().ends();
        if (ends.isEmpty()) {
            return d.reach(0, 0).done();
        }
        double length = 60;
        double width = 42;
        double t = 9;
        d.rect("wall-end-on-side", 0, width - t, length, t, "A");
        d.rect("wall-end-on-side", 0, 0, length, t, "C");
        d.rect(lid ? "front" : "wall-end-on-end", length - t, t, t, width - 2 * t, "B");
        d.rect("wall-end-on-end", 0, t, t, width - 2 * t, "D");
        d.note(length / 2, width - t / 2 + 1, "A", "pencil", "middle", null);
        d.note(length / 2, t / 2 + 1, "C", "pencil", "middle", null);
        d.note(length - t / 2, width / 2, lid ? "front" : "B", "pencil", "middle", null);
        d.note(t / 2, width / 2, "D", "pencil", "middle", null);
        Map<String, double[]> places = Map.of(
                "A1", new double[] {2, width - t / 2},
                "A2", new double[] {length - 2, width - t / 2},
                "B1", new double[] {length - t / 2, width - t - 3},
                "B2", new double[] {length - t / 2, t + 3},
                "C1", new double[] {length - 2, t / 2},
                "C2", new double[] {2, t / 2},
                "D1", new double[] {t / 2, t + 3},
                "D2", new double[] {t / 2, width - t - 3});
        for (GrooveEnd end : ends) {
            double[] at = places.getOrDefault(end.part() + end.end(), new double[] {0, 0});
            boolean side = end.part().equals("A") || end.part().equals("C");
            double half = 1.6;
            d.rect(role(end.run()), at[0] - half, at[1] - half, 2 * half, 2 * half, end.part() + end.end());
            if (side) {
                boolean onLeft = at[0] < length / 2;
                double beside = onLeft ? -2.5 : length + 2.5;
                d.note(beside, at[1] + 1, words(end.run()), role(end.run()), onLeft ? "end" : "start", null);
            } else {
                boolean onLeft = at[0] < length / 2;
                d.note(
                        onLeft ? t + 2 : length - t - 2,
                        at[1] + 1,
                        words(end.run()),
                        role(end.run()),
                        onLeft ? "start" : "end",
                        null);
            }
        }
        d.reach(-20, 0).reach(length + 20, width);
        return d.done();
    }

    private static String role(Run run) {
        return switch (run) {
            case THROUGH -> "end-through";
            case STOP -> "end-stop";
            case SHOWS -> "end-shows";
            case OPEN -> "end-open";
        };
    }

    private static String words(Run run) {
        return switch (run) {
            case THROUGH -> "through";
            case STOP -> "stop";
            case SHOWS -> "shows";
            case OPEN -> "open";
        };
    }
}
