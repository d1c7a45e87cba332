package canthook.figure;

import canthook.figure.Figure.Side;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.jig.KeySetting;
import canthook.jig.KeySetting.End;
import canthook.jig.KeySetting.Step;
import canthook.planner.WorkedPlan;
import java.util.List;

/**
 * Looking down on the jig. x runs along the fence from the key's cutter side (0) towards the cutter; y away from the fence.
 * The part stands on end against the fence, so its height lies along x.
 */
public final class JigFigure {
    private JigFigure() {}

    /** The setting with the part of one step standing in it. */
    public static Figure of(WorkedPlan worked, int stepIndex) {
        KeySetting jig = worked.jig();
        List<Step> steps = jig.steps();
        Step step = steps.get(Math.max(0, Math.min(stepIndex, steps.size() - 1)));
        Layout layout = worked.fingers().chosen().layout();
        Drawing d = new Drawing(
                "jig",
                (step.end() == End.FINGER_FIRST ? "Finger-first end, " : "Slot-first end, ") + step.title(),
                worked.plan().display());
        double gap = jig.gap().length().mm();
        double key = Math.max(jig.key().length().mm(), 0.2);
        double kerf = worked.plan().fingers().kerf().mm();
        double thickness = worked.size().thickness().length().mm();
        double pitch = layout.pitch().mm();
        double unit = Math.max(pitch, 6);
        double reach = gap + kerf + 1.6 * unit;
        double left = -key - 1.8 * unit;
        double depth = Math.min(thickness, 2.2 * unit);
        double fence = unit * 0.9;
        d.rect("fence", left, depth, reach - left, fence);
        double edge = step.edgeAt().mm();
        double end = Math.min(edge + layout.height().mm(), reach - 0.15 * unit);
        double start = Math.max(edge, left + 0.1 * unit);
        d.rect("stock", start, 0, end - start, depth, "part");
        cutSlots(d, layout, step, edge, start, end, depth);
        if (step.guide()) {
            guide(d, layout, key, depth, left);
        }
        if (step.spacer().isPositive()) {
            double from = step.guide() ? layout.finger().mm() : 0;
            double x = step.edgeAt().isNegative() ? 0 : from;
            d.rect("spacer", x, depth * 0.15, step.spacer().mm(), depth * 0.7);
        }
        if (edge >= left) {
            d.line("reference-edge", edge, -0.35 * unit, edge, depth);
        }
        d.rect("key", -key, -0.7 * unit, key, depth + fence + 0.7 * unit, "key");
        d.rect("cutter", gap, -1.5 * unit, kerf, depth + fence + 1.5 * unit, "cutter");
        d.across(0, gap, -1.5 * unit, Side.ABOVE, 0, jig.gap());
        d.across(-key, 0, -1.5 * unit, Side.ABOVE, 0, jig.key());
        d.across(
                gap,
                gap + kerf,
                -1.5 * unit,
                Side.ABOVE,
                0,
                worked.number("jig.kerf").orElseThrow());
        d.across(0, gap + kerf, -1.5 * unit, Side.ABOVE, 2, jig.pitch());
        d.note(-key / 2, depth * 0.45, "key", "on-key", "middle", null);
        d.note(gap + kerf / 2, -0.9 * unit, "cutter", "cut", "middle", null);
        d.note(left + 0.2 * unit, depth + fence * 0.62, "fence", "quiet", "start", null);
        return d.done();
    }

    private static void cutSlots(
            Drawing d, Layout layout, Step step, double edge, double start, double end, double depth) {
        List<Span> slots = step.end() == End.FINGER_FIRST ? layout.fingerFirstSlots() : layout.slotFirstSlots();
        double doneUpTo = step.slotFrom().mm() - 1e-6;
        for (Span slot : slots) {
            double from = edge + slot.from().mm();
            double to = edge + slot.to().mm();
            if (slot.from().mm() < doneUpTo && to > start && from < end) {
                d.rect("slot", Math.max(from, start), 0, Math.min(to, end) - Math.max(from, start), depth);
            }
        }
    }

    /** A finished finger-first part, turned round: its first finger fills the gap, its first slot hangs on the key. */
    private static void guide(Drawing d, Layout layout, double key, double depth, double left) {
        double finger = layout.finger().mm();
        double slot = layout.slot().mm();
        d.rect("guide", 0, 0, finger, depth);
        double beyond = Math.min(-slot - left - 1, layout.finger().mm());
        if (beyond > 0) {
            d.rect("guide", -slot - beyond, 0, beyond, depth);
        }
        d.line("reference-edge-of-guide", finger, 0, finger, depth);
        d.rect("slot", -slot, 0, Math.max(0, slot - key) / 2, depth);
    }
}
