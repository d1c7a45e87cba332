package canthook.figure;

import canthook.bottom.AppliedBottom;
import canthook.bottom.RabbetedBottom;
import canthook.bottom.SlattedBottom;
import canthook.bottom.WorkedBottom;
import canthook.figure.Figure.Side;
import canthook.length.LengthDisplay;
import canthook.panel.PanelDay;
import canthook.plan.Bottom.Grain;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import java.util.List;

/** Bottoms: the section on any day of the year, one edge of it magnified, the panel as it is cut. */
public final class BottomFigures {
    private BottomFigures() {}

    /** All drawings of the bottom on a day of the year; none without one. */
    public static List<Figure> all(WorkedPlan worked, double day) {
        return worked.bottom()
                .fold(new WorkedBottom.Kinds<>(
                        none -> List.of(),
                        captured -> PanelFigures.all(worked, "bottom", day),
                        rabbeted ->
                                drawn(worked, rabbeted, section(worked, rabbeted, day), edge(worked, rabbeted, day)),
                        applied -> drawn(worked, applied, section(worked, applied, day), edge(worked, applied, day)),
                        slatted -> List.of(
                                slats(worked, slatted, day),
                                edges(worked, slatted, day),
                                PanelFigures.ends(worked, slatted.run()))));
    }

    private static List<Figure> drawn(WorkedPlan worked, WorkedBottom bottom, Figure section, Figure edge) {
        return List.of(section, edge, PanelFigures.flat(worked, bottom.pieces().get(0), "panel"));
    }

    /** On paper, of a bottom in no groove: the panel as it is cut, and its section on the driest day. */
    public static List<Figure> onPaper(WorkedPlan worked) {
        if (worked.panel("bottom").isPresent()) {
            return List.of();
        }
        List<Figure> drawn = all(worked, 0);
        return drawn.isEmpty() ? drawn : List.of(drawn.get(2), drawn.get(0));
    }

    private static Figure section(WorkedPlan worked, RabbetedBottom bottom, double day) {
        Drawing d = drawing(worked, "bottom-section", "Section through both walls, to scale");
        double opening = bottom.across().opening().length().mm();
        double t = wall(worked);
        double height = worked.fingers().wall().length().mm();
        double w = bottom.rabbet().length().mm();
        double deep = bottom.thickness().length().mm();
        walls(d, opening, t, height);
        d.rect("groove", -w, height - deep, w, deep);
        d.rect("groove", opening, height - deep, w, deep);
        PanelDay now = bottom.on(day, worked.year());
        d.rect("panel", -w, height - deep, now.width().length().mm(), deep, "panel");
        d.across(0, opening, height, Side.BELOW, 0, bottom.across().opening());
        air(
                d,
                worked,
                opening,
                height,
                now.air(),
                bottom.across().movements().wood().isSheet());
        d.line("reference-edge", -t, height, -w, height);
        d.line("reference-edge", opening + w, height, opening + t, height);
        return d.done();
    }

    private static Figure section(WorkedPlan worked, AppliedBottom bottom, double day) {
        Drawing d = drawing(worked, "bottom-section", "Section through both walls, to scale");
        double t = wall(worked);
        double outside = bottom.outsideAcross().length().mm();
        double opening = outside - 2 * t;
        double height = worked.fingers().wall().length().mm();
        double deep = bottom.thickness().length().mm();
        AppliedBottom.Day now = bottom.on(day, worked.year());
        walls(d, opening, t, height);
        panel(
                d,
                bottom,
                -t - now.stands().length().mm(),
                height,
                outside + 2 * now.stands().length().mm(),
                deep);
        d.across(-t, opening + t, height + deep, Side.BELOW, 0, bottom.outsideAcross());
        air(d, worked, opening, height, now.air(), bottom.movement().of().wood().isSheet());
        d.line("reference-edge", -t, height, 0, height);
        d.line("reference-edge", opening, height, opening + t, height);
        return d.done();
    }

    /** From above: all slats with their gaps between the walls. */
    private static Figure slats(WorkedPlan worked, SlattedBottom bottom, double day) {
        Drawing d = drawing(worked, "bottom-section", "The slats from above, to scale");
        boolean across = bottom.choice().grain() == Grain.ALONG_WIDTH;
        double length = worked.size().insideLength().length().mm();
        double width = worked.size().insideWidth().length().mm();
        double t = worked.size().finalThickness().length().mm();
        double e = worked.size().finalEndThickness().length().mm();
        d.rect("wall-end-on-side", -e, width, length + 2 * e, t, "A");
        d.rect("wall-end-on-side", -e, -t, length + 2 * e, t, "C");
        d.rect("wall-end-on-end", length, 0, e, width, "B");
        d.rect("wall-end-on-end", -e, 0, e, width, "D");
        SlattedBottom.Day now = bottom.on(day, worked.year());
        double wide = now.width().length().mm();
        double gap = now.gap().length().mm();
        double at = bottom.choice().atWalls() ? gap : 0;
        for (int i = 0; i < bottom.choice().count(); i++) {
            d.rect("panel", across ? at : 0, across ? 0 : at, across ? wide : length, across ? width : wide, "panel");
            at += wide + gap;
        }
        if (across) {
            d.across(0, length, width + t, Side.BELOW, 0, bottom.opening());
        } else {
            d.upright(-e, 0, width, Side.LEFT, 0, bottom.opening());
        }
        return d.done();
    }

    /** Two slats and the gap between them, magnified, with their lap. */
    private static Figure edges(WorkedPlan worked, SlattedBottom bottom, double day) {
        LengthDisplay display = worked.plan().display();
        Drawing d = drawing(worked, "bottom-grooves", "Two slats, end on, magnified");
        double thick = bottom.run().groove().panel().length().mm();
        SlattedBottom.Day now = bottom.on(day, worked.year());
        double gap = now.gap().length().mm();
        Worked lap = bottom.lap();
        double under = lap == null ? 0 : lap.length().mm();
        double shown = Math.max(thick * 2.1, under * 1.6);
        double half = thick / 2;
        if (lap == null) {
            d.rect("panel", -shown, 0, shown, thick, "panel");
            d.rect("panel", gap, 0, shown, thick, "panel");
        } else {
            d.shape("panel", "panel", -shown, 0, 0, 0, 0, half, under, half, under, thick, -shown, thick);
            d.shape(
                    "panel",
                    "panel",
                    gap,
                    0,
                    gap + shown,
                    0,
                    gap + shown,
                    thick,
                    gap + under,
                    thick,
                    gap + under,
                    half,
                    gap,
                    half);
            d.across(0, under, thick, Side.BELOW, 0, lap);
        }
        d.note(gap / 2, -thick * 0.5, now.gap().text(display) + " gap", "gap-label", "middle", now.gap());
        d.upright(-shown, 0, thick, Side.LEFT, 0, bottom.run().groove().panel());
        d.reach(0, -thick * 0.75).reach(0, thick * 1.1);
        return d.done();
    }

    /** With its bevel, if it has one: the lower face is smaller. */
    private static void panel(Drawing d, AppliedBottom bottom, double x, double y, double wide, double deep) {
        double in = deep * Math.tan(Math.toRadians(bottom.choice().bevel()));
        if (in <= 0 || 2 * in >= wide) {
            d.rect("panel", x, y, wide, deep, "panel");
        } else {
            d.shape("panel", "panel", x, y, x + wide, y, x + wide - in, y + deep, x + in, y + deep);
        }
    }

    private static Figure edge(WorkedPlan worked, RabbetedBottom bottom, double day) {
        LengthDisplay display = worked.plan().display();
        Drawing d = drawing(worked, "bottom-grooves", "Both rabbets, magnified");
        double t = wall(worked);
        double w = bottom.rabbet().length().mm();
        double deep = bottom.thickness().length().mm();
        double around = 1.3 * Math.max(w, deep);
        double shown = w * 3.4;
        PanelDay now = bottom.on(day, worked.year());
        double gap = now.gap().length().mm();
        for (double x : new double[] {-t, shown}) {
            d.rect("end-grain", x, -around, t, around + deep);
        }
        d.rect("groove", -w, 0, w, deep);
        d.rect("groove", shown, 0, w, deep);
        d.rect("panel", -w, 0, shown + 2 * w - gap, deep, "panel");
        d.note(
                shown + w - Math.max(0, gap) / 2,
                -around * 0.35,
                now.gap().text(display) + " gap",
                "gap-label",
                "middle",
                now.gap());
        d.note(shown / 2, -around * 0.35, now.says(display), "held", "middle", now.held());
        d.upright(-w, 0, deep, Side.LEFT, 0, bottom.thickness());
        d.across(-w, 0, deep, Side.BELOW, 0, bottom.rabbet());
        d.line("break", shown / 2 - 1, -around * 0.1, shown / 2 - 1, deep);
        d.line("break", shown / 2 + 1, -around * 0.1, shown / 2 + 1, deep);
        d.line("reference-edge", -t, deep, -w, deep);
        d.line("reference-edge", shown + w, deep, shown + t, deep);
        return d.done();
    }

    private static Figure edge(WorkedPlan worked, AppliedBottom bottom, double day) {
        LengthDisplay display = worked.plan().display();
        Drawing d = drawing(worked, "bottom-grooves", "Both edges, magnified");
        double t = wall(worked);
        double deep = bottom.thickness().length().mm();
        double shown = t * 2.2;
        AppliedBottom.Day now = bottom.on(day, worked.year());
        double stands = now.outMm();
        for (double x : new double[] {-t, shown}) {
            d.rect("end-grain", x, -t * 1.2, t, t * 1.2);
        }
        panel(d, bottom, -t - stands, 0, shown + 2 * t + 2 * stands, deep);
        d.note(
                shown + t,
                -t * 1.5,
                "stands " + (now.out() ? "out " : "in ") + now.stands().text(display),
                "gap-label",
                "middle",
                now.stands());
        d.upright(-t, 0, deep, Side.LEFT, 0, bottom.thickness());
        d.reach(0, -t * 1.9);
        d.line("break", shown / 2 - 1, -1, shown / 2 - 1, deep + 1);
        d.line("break", shown / 2 + 1, -1, shown / 2 + 1, deep + 1);
        return d.done();
    }

    private static Drawing drawing(WorkedPlan worked, String id, String title) {
        return new Drawing(id, title, worked.plan().display());
    }

    private static double wall(WorkedPlan worked) {
        return worked.size().finalThickness().length().mm();
    }

    private static void walls(Drawing d, double opening, double t, double height) {
        d.rect("end-grain", -t, 0, t, height);
        d.rect("end-grain", opening, 0, t, height);
    }

    private static void air(Drawing d, WorkedPlan worked, double opening, double height, Worked air, boolean sheet) {
        AirOfTheDay.note(d, worked.plan().display(), sheet, air, opening, wall(worked), height, 0.45);
    }
}
