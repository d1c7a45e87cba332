package canthook.figure;

import canthook.fingers.Layout;
import canthook.fit.Fit;
import canthook.length.Length;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import java.util.List;

/** What the test cut says, drawn: the joint magnified, and the test cuts so far against the band. */
public final class FitFigures {
    private static final double MAGNIFIED = 20;

    private FitFigures() {}

    /** Five sections about the joint line; the clearance twenty times too large (less when that would swallow the finger). */
    public static Figure joint(WorkedPlan worked) {
        Fit fit = worked.fit();
        Layout layout = worked.fingers().chosen().layout();
        Worked clearance = fit.reading() == null
                ? worked.fingers().chosen().clearance()
                : fit.reading().clearance();
        double slot = fit.reading() == null
                ? layout.slot().mm()
                : fit.reading().slot().length().mm();
        double c = clearance.length().mm();
        double times =
                Math.abs(c) * MAGNIFIED > slot * 0.3 ? Math.max(1, Math.floor(slot * 0.3 / Math.abs(c))) : MAGNIFIED;
        double shown = c * times;
        Drawing d = new Drawing(
                "joint",
                "The joint, its clearance shown × " + (int) times,
                worked.plan().display());
        double deep = slot * 1.5;
        double pulled = slot * 0.35;
        double x = 0;
        double finger = slot - Math.max(0, shown);
        for (int i = 0; i < 6; i++) {
            boolean lower = i % 2 == 0;
            if (lower) {
                d.rect("side-grain-up", x, pulled, finger, deep, "A");
                x += finger;
            } else {
                double gap = Math.max(0, shown);
                d.rect("mate-up", x + gap, 0, finger, deep, "B");
                if (shown < 0) {
                    d.rect("overlap", x - (-shown) / 2, pulled, -shown, deep - pulled);
                } else {
                    d.rect("gap", x, pulled, gap, deep - pulled);
                }
                x += gap + finger;
            }
        }
        double first = finger;
        d.note(
                first + Math.max(0, shown) / 2,
                deep + pulled * 2.2,
                clearance.text(worked.plan().display()) + ", shown × " + (int) times,
                "gap-label",
                "middle",
                clearance);
        d.reach(0, deep + pulled * 2.5);
        return d.done();
    }

    /** Every test cut so far along an axis of clearance: x is 200 to the millimetre, so that it lies long. */
    public static Figure band(WorkedPlan worked) {
        Fit fit = worked.fit();
        Drawing d = new Drawing(
                "band",
                "Test cuts so far against the acceptable band",
                worked.plan().display());
        double least = Math.min(-0.1, fit.bandFrom().length().mm() - 0.1);
        double most = Math.max(0.4, fit.bandTo().length().mm() + 0.1);
        List<Length> past = fit.past();
        for (Length c : past) {
            if (c.abs().mm() < 2) {
                least = Math.min(least, c.mm() - 0.05);
                most = Math.max(most, c.mm() + 0.05);
            }
        }
        double scale = 200;
        d.rect(
                "band",
                fit.bandFrom().length().mm() * scale,
                -8,
                (fit.bandTo().length().mm() - fit.bandFrom().length().mm()) * scale,
                8);
        d.line("axis", least * scale, 0, most * scale, 0);
        d.line(
                "target",
                fit.target().length().mm() * scale,
                -9,
                fit.target().length().mm() * scale,
                0);
        double every = most - least > 1.2 ? 0.5 : 0.1;
        for (int i = (int) Math.ceil(least / every - 1e-9); i * every <= most + 1e-9; i++) {
            double at = i * every;
            d.line("tick", at * scale, 0, at * scale, 1.2);
            d.note(
                    at * scale,
                    5,
                    worked.plan().display().number(Length.mm(at), canthook.length.Precision.FIT),
                    "scale",
                    "middle",
                    null);
        }
        for (int i = 0; i < past.size(); i++) {
            if (past.get(i).abs().mm() < 2) {
                boolean last = i == past.size() - 1;
                d.note(
                        past.get(i).mm() * scale,
                        -3.5,
                        worked.shop().testCuts().get(i).felt() != null ? last ? "◆" : "◇" : last ? "●" : "○",
                        last ? "test-last" : "test",
                        "middle",
                        null);
            }
        }
        d.note(least * scale, -10.5, "jams", "quiet", "start", null);
        d.note(most * scale, -10.5, "rattles", "quiet", "end", null);
        d.reach(least * scale, -12).reach(most * scale, 7);
        return d.done();
    }
}
