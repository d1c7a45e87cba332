package canthook.figure;

import canthook.figure.Figure.Side;
import canthook.glue.TrimmedTips;
import canthook.length.LengthDisplay;
import canthook.plan.GlueChoice.Trim;
import canthook.plan.SizeWish.Tips;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** How the tips come off: the corner with what stands out, and the tool that takes it; at the saw the box on its shoe against the fence. */
public final class TrimFigure {
    /** So much of the walls is drawn. */
    private static final double REACH = 70;

    private final Drawing d;
    private final LengthDisplay display;
    private final TrimmedTips trim;
    private final double tip;
    private final double flush;
    private final double proud;
    private final double face;

    private TrimFigure(WorkedPlan worked, Drawing d) {
        this.d = d;
        display = worked.plan().display();
        trim = worked.glue().trim();
        tip = worked.size().thickness().length().mm();
        flush = worked.size().endThickness().length().mm();
        proud = trim.takes().length().mm();
        // the far tips are out of the picture: how high the fence may reach is told
        face = Math.min(worked.size().outsideWidth().length().mm(), 4.2 * tip);
    }

    /** Faces B and D, the tips of A and C standing out of them. */
    public static Figure of(WorkedPlan worked) {
        Drawing d = new Drawing("trim", "How the tips come off", worked.plan().display());
        TrimFigure figure = new TrimFigure(worked, d);
        return figure.trim.shoe() != null && figure.trim.ends() != null ? figure.atTheSaw() : figure.corner();
    }

    private Figure atTheSaw() {
        double shoe = length(trim.shoe());
        TrimmedTips.Rails rails = Objects.requireNonNull(trim.ends());
        double blade = rails.blade().length().mm();
        double under = rails.under().length().mm();
        double top = shoe + face;
        double table = REACH * 0.45;
        d.rect("fence", -REACH - 6, 0, REACH + 6 + table, 6);
        d.rect("key", -REACH, -shoe, REACH - tip - 2, shoe, "glue.shoe");
        box(-shoe);
        d.rect("cutter", 0, -blade, 3.2, blade);
        d.rect("fence", 0, -top, table * 0.7, top - under);
        d.note(
                table * 0.8,
                -(top * 0.75),
                "fence, its top at most " + rails.top().text(display),
                "quiet",
                "start",
                rails.top());
        d.upright(table, -blade, 0, Side.RIGHT, 0, rails.blade());
        d.upright(table, -under, 0, Side.RIGHT, 1, rails.under());
        if (trim.shoe() != null) {
            d.upright(-REACH - 6, -shoe, 0, Side.LEFT, 0, trim.shoe());
        }
        return d.reach(table * 2.4, 8).done();
    }

    private static double length(@Nullable Worked worked) {
        return worked == null ? 0 : worked.length().mm();
    }

    /** A below, the face of B at x 0, seen along the corner; standing on y. */
    private void box(double y) {
        double out = trim.tips() == Tips.UNDER ? -proud : proud;
        d.rect("side-grain", -REACH, y - tip, REACH, tip);
        d.rect("end-grain", -flush, y - face, flush, face - tip);
        if (out > 0) {
            d.rect("waste", 0, y - tip, out, tip, "glue.tips-proud");
        }
    }

    /** One corner, large: the tip, and what comes off it. */
    private Figure corner() {
        double t = tip;
        double shown = Math.max(proud, t * 0.12);
        double deep = t * 1.8;
        d.rect("side-grain", -t * 3, -t, t * 3, t);
        d.rect("end-grain", -flush, 0, flush, deep);
        switch (trim.tips()) {
            case UNDER -> {
                d.rect("waste", 0, 0, shown, deep, "glue.planed-down");
                d.note(shown + t * 0.2, deep / 2, "plane the face down to the tips", "quiet", "start", trim.takes());
            }
            case BY_DESIGN -> {
                // seen on the end: as deep as it stands out, by its own angle
                double in = Math.min(t / 2, shown * Math.tan(Math.toRadians(bevel())));
                d.shape("side-grain", null, 0, -t, shown, -t + in, shown, -in, 0, 0);
                d.note(
                        shown + t * 0.2,
                        -t / 2,
                        "bevelled by " + trim.angle(display) + " before the glue",
                        "quiet",
                        "start",
                        trim.takes());
            }
            case SAND, TRIM -> {
                d.rect("waste", 0, -t, shown, t, "glue.tips-proud");
                tool(t, shown, deep);
            }
        }
        return d.reach(t * 3.4, deep + t * 0.4).done();
    }

    private double bevel() {
        TrimmedTips.Bevel bevel = trim.bevel();
        return bevel == null ? 0 : bevel.angle().number();
    }

    private void tool(double t, double shown, double deep) {
        Trim way = trim.way() == null ? Trim.SAND : trim.way();
        switch (way) {
            case ROUTER -> {
                d.rect("cutter", 0, -t * 1.25, t * 0.9, t * 1.3);
                d.rect("rod", 0, t * 0.1, t * 0.9, t * 0.5);
                d.rect("key", t * 0.1, -t * 1.75, t * 1.6, t * 0.4);
                d.note(t * 1.1, t * 0.4, "bearing on the face", "quiet", "start", null);
            }
            case PLANE, SAND -> {
                d.line("arrow", shown + t * 0.25, -t * 1.3, shown + t * 0.25, -t * 0.1);
                d.note(
                        shown + t * 0.5,
                        -t * 0.6,
                        way == Trim.PLANE ? "plane, from the edge inwards" : "sanded, on a flat board",
                        "quiet",
                        "start",
                        trim.takes());
            }
            case SAW -> d.note(shown + t * 0.2, deep / 2, "no room for fence and shoe", "quiet", "start", null);
        }
    }
}
