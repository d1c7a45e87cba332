package canthook.figure;

import canthook.figure.Figure.Side;
import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.panel.GrooveEnds.Run;
import canthook.panel.GrooveRun;
import canthook.panel.HeldPanel;
import canthook.panel.PanelDay;
import canthook.panel.PanelWidth;
import canthook.plan.Groove;
import canthook.plan.Part;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Bottom and lid: the section through the walls on any day of the year, its two grooves magnified, and the map of ends. */
public final class PanelFigures {
    private PanelFigures() {}

    /** All drawings of a bottom or a lid on a day of the year; none without one. */
    public static List<Figure> all(WorkedPlan worked, String of, double day) {
        return worked.panel(of)
                .map(held -> List.of(section(worked, held, day), grooves(worked, held, day), ends(worked, held.run())))
                .orElse(List.of());
    }

    /** The whole section at true scale. */
    public static Figure section(WorkedPlan worked, HeldPanel held, double day) {
        LengthDisplay display = worked.plan().display();
        Drawing d = new Drawing(held.of() + "-section", "Section through both walls, to scale", display);
        PanelWidth across = held.across();
        Groove groove = held.groove().groove();
        double opening = across.opening().length().mm();
        double t = worked.size().finalThickness().length().mm();
        double height = worked.fingers().wall().length().mm();
        double depth = groove.depth().mm();
        wall(d, -t, height, t, groove, -depth);
        wall(d, opening, height, t, groove, opening);
        for (HeldPanel other : worked.panels()) {
            if (!other.of().equals(held.of()) && other.of().equals("bottom")) {
                faintly(d, other, opening, height);
            }
        }
        PanelDay now = held.on(day, worked.year());
        double width = now.width().length().mm();
        double left = held.pinned() ? (opening - width) / 2 : -depth;
        double panel = held.thickness().length().mm();
        double lower = height - groove.offset().mm();
        double edge = Math.min(panel, groove.width().mm());
        String role = role(held);
        d.rect(role, left, lower - edge, width, edge, role);
        if (held.shoulders() != null) {
            double in = held.shoulders().across().length().mm();
            double body = Math.max(0, width - 2 * in);
            d.rect(
                    role,
                    left + in,
                    height - panel,
                    body,
                    Math.max(0, panel - groove.offset().mm() - edge),
                    role);
            d.rect(role, left + in, lower, body, groove.offset().mm(), role);
        } else if (panel > edge) {
            double clear = depth + Math.max(0, groove.width().mm() - edge);
            d.rect(role, left + clear, lower - panel, Math.max(0, width - 2 * clear), panel - edge, role);
        }
        d.across(0, opening, height, Side.BELOW, 0, across.opening());
        AirOfTheDay.note(d, display, across.movements().wood().isSheet(), now.air(), opening, t, height, 0.55);
        d.line("reference-edge", -t, height, 0, height);
        d.line("reference-edge", opening, height, opening + t, height);
        return d.done();
    }

    /** On paper: each panel as it is cut, its section on the driest day, its groove ends; three figures a panel. */
    public static List<Figure> onPaper(WorkedPlan worked) {
        List<Figure> figures = new ArrayList<>();
        for (HeldPanel held : worked.panels()) {
            figures.add(flat(worked, CutPiece.of(held), role(held)));
            figures.add(section(worked, held, 0));
            figures.add(ends(worked, held.run()));
        }
        return figures;
    }

    /** The panel lying flat, as it is cut, with the way its grain runs. */
    static Figure flat(WorkedPlan worked, CutPiece piece, String role) {
        Drawing d = new Drawing(
                piece.of() + "-flat", "The panel as it is cut", worked.plan().display());
        double along = piece.along().length().mm();
        double across = piece.across().length().mm();
        d.rect(role, 0, 0, along, across, role);
        d.line("arrow", along * 0.3, across * 0.5, along * 0.7, across * 0.5);
        d.note(along * 0.5, across * 0.5 - Math.min(along, across) * 0.06, "grain", "quiet", "middle", null);
        d.across(0, along, across, Side.BELOW, 0, piece.along());
        d.upright(0, 0, across, Side.LEFT, 0, piece.across());
        return d.done();
    }

    private static String role(HeldPanel held) {
        return held.of().equals("lid") ? "lid" : "panel";
    }

    private static void faintly(Drawing d, HeldPanel other, double opening, double height) {
        Groove groove = other.groove().groove();
        double thick = Math.min(other.thickness().length().mm(), groove.width().mm());
        double lower = height - groove.offset().mm();
        d.rect(
                "panel-faint",
                -groove.depth().mm() / 2,
                lower - thick,
                opening + groove.depth().mm(),
                thick);
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
    public static Figure grooves(WorkedPlan worked, HeldPanel held, double day) {
        LengthDisplay display = worked.plan().display();
        Drawing d = new Drawing(held.of() + "-grooves", "Both grooves, magnified", display);
        Groove groove = held.groove().groove();
        double depth = groove.depth().mm();
        double t = worked.size().finalThickness().length().mm();
        double high = groove.width().mm();
        double around = Math.max(high, depth) * 0.7;
        double shownOpening = depth * 6;
        PanelDay now = held.on(day, worked.year());
        double rightGap = now.gap().length().mm();
        double leftGap = held.pinned() ? rightGap : 0;
        double thick =
                Math.min(held.thickness().length().mm(), held.tongue().length().mm());
        double top = -around;
        double bottom = high + around;
        d.rect("end-grain", -t, top, t, bottom - top);
        d.rect("groove", -depth, 0, depth, high);
        d.rect("end-grain", shownOpening, top, t, bottom - top);
        d.rect("groove", shownOpening, 0, depth, high);
        double left = -depth + leftGap;
        double right = shownOpening + depth - rightGap;
        d.rect(role(held), left, high - thick, right - left, thick, role(held));
        d.note(
                shownOpening + depth - Math.max(0, rightGap) / 2,
                top - around * 0.25,
                now.gap().text(display) + " gap",
                "gap-label",
                "middle",
                now.gap());
        d.note(
                shownOpening + (depth - rightGap) / 2,
                bottom + around * 0.62,
                now.says(display),
                "held",
                "middle",
                now.held());
        d.upright(-depth, 0, high, Side.LEFT, 0, held.groove().width());
        d.across(-depth, 0, bottom, Side.BELOW, 0, held.groove().depth());
        d.reach(0, top - around * 0.5).reach(0, bottom + around * 0.75);
        d.line("break", shownOpening / 2 - 1, top, shownOpening / 2 - 1, bottom);
        d.line("break", shownOpening / 2 + 1, top, shownOpening / 2 + 1, bottom);
        return d.done();
    }

    /** The four parts in plan with each groove end marked: through, stop, shows, open. */
    public static Figure ends(WorkedPlan worked, GrooveRun held) {
        Drawing d = new Drawing(
                held.of() + "-ends",
                "Where the groove may run through",
                worked.plan().display());
        double length = 60;
        double width = 42;
        double t = 9;
        d.rect(grooved(held, Part.A), 0, width - t, length, t, "A");
        d.rect(grooved(held, Part.C), 0, 0, length, t, "C");
        d.rect(grooved(held, Part.B), length - t, t, t, width - 2 * t, "B");
        d.rect(grooved(held, Part.D), 0, t, t, width - 2 * t, "D");
        d.note(length / 2, width - t / 2 + 1, "A", "pencil", "middle", null);
        d.note(length / 2, t / 2 + 1, "C", "pencil", "middle", null);
        d.note(length - t / 2, width / 2, "B", "pencil", "middle", null);
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
        for (GrooveEnd end : held.ends()) {
            double[] at = places.getOrDefault(end.end().toString(), new double[] {0, 0});
            double half = 1.6;
            d.rect(
                    role(end.run()),
                    at[0] - half,
                    at[1] - half,
                    2 * half,
                    2 * half,
                    end.end().toString());
            boolean onLeft = at[0] < length / 2;
            Worked stop = end.run() == Run.STOP ? end.stopAt() : null;
            String words = stop == null
                    ? words(end.run())
                    : "stop " + stop.number(worked.plan().display());
            if (end.end().part().isSide()) {
                double beside = onLeft ? -2.5 : length + 2.5;
                d.note(beside, at[1] + 1, words, role(end.run()), onLeft ? "end" : "start", stop);
            } else {
                boolean bothThrough = end.run() == Run.THROUGH && facing(held, end) == Run.THROUGH;
                if (bothThrough && onLeft) {
                    // said once for both, in the middle
                    continue;
                }
                d.note(
                        bothThrough ? length / 2 : onLeft ? t + 2 : length - t - 2,
                        at[1] + 1,
                        // the square says that it stops; two such lie side by side
                        stop == null ? words : stop.number(worked.plan().display()),
                        role(end.run()),
                        bothThrough ? "middle" : onLeft ? "start" : "end",
                        stop);
            }
        }
        d.reach(-20, 0).reach(length + 20, width);
        return d.done();
    }

    /** What the groove does in the other end wall, across the box; B1 faces D2, B2 faces D1. */
    private static @Nullable Run facing(GrooveRun held, GrooveEnd end) {
        Part other = end.end().part() == Part.B ? Part.D : Part.B;
        return held.ends().stream()
                .filter(e ->
                        e.end().part() == other && e.end().end() != end.end().end())
                .map(GrooveEnd::run)
                .findFirst()
                .orElse(null);
    }

    /** A wall that has no groove, be it that the panel slides over it, is drawn lower. */
    private static String grooved(GrooveRun held, Part part) {
        if (!held.groove().parts().contains(part)) {
            return "front";
        }
        return part.isSide() ? "wall-end-on-side" : "wall-end-on-end";
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
