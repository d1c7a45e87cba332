package canthook.figure;

import canthook.figure.Figure.Side;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.jig.BandSawSetting;
import canthook.jig.Cut;
import canthook.jig.Cut.Fence;
import canthook.jig.Cut.OnKey;
import canthook.jig.Cut.Rest;
import canthook.jig.Cut.Stacked;
import canthook.jig.Cut.Turns;
import canthook.jig.HandSetting;
import canthook.jig.Jig;
import canthook.jig.KeySetting;
import canthook.jig.ScrewSetting;
import canthook.jig.Setting;
import canthook.jig.SpacerSetting;
import canthook.jig.ZeroBlock;
import canthook.length.Length;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;

/**
 * Looking down on the jig with a part standing in it for one pass. x runs along the fence, the cutter's near side at a fixed place; y
 * away from the fence. The part stands on end against the fence, so its height lies along x. By hand it lies on its face, and the
 * dividers stand on its edge.
 */
public final class JigFigure {
    private JigFigure() {}

    /** The setting with the part of one pass standing in it; the joint's edge alone when this way cannot cut it. */
    public static Figure of(WorkedPlan worked, int index) {
        Jig jig = worked.jig();
        List<Cut> cuts = jig.cuts();
        if (cuts.isEmpty()) {
            Drawing d = new Drawing(
                    "jig", "This way cannot cut this joint", worked.plan().display());
            Layout layout = worked.fingers().chosen().layout();
            return edge(d, layout, true, layout.height().mm() * 0.4).done();
        }
        return of(worked, cuts.get(Math.max(0, Math.min(index, cuts.size() - 1))));
    }

    /** The setting with the part standing in it for a pass. */
    public static Figure of(WorkedPlan worked, Cut cut) {
        Drawing d = new Drawing(
                "jig", cut.end().words() + " end, " + cut.title(), worked.plan().display());
        Setting setting = worked.jig().setting();
        Bed bed = new Bed(worked, worked.fingers().joint().layout(), cut);
        if (setting == null) {
            Layout layout = worked.fingers().joint().layout();
            return edge(d, layout, cut.end().isFingerFirst(), layout.height().mm() * 0.4)
                    .done();
        }
        setting.<Runnable>fold(
                        key -> () -> {
                            if (cut.where() instanceof OnKey on) {
                                new KeyView(worked, key, cut, on).draw(d);
                            } else {
                                bed.draw(d);
                            }
                        },
                        screw -> () -> bed.draw(d),
                        spacers -> () -> bed.draw(d),
                        stops -> () -> bed.draw(d),
                        hand -> () -> hand(d, hand, cut),
                        saw -> () -> bed.draw(d))
                .run();
        return d.done();
    }

    /** What was cut away before this pass, and this pass itself. */
    private static void done(Drawing d, List<Cut> all, Cut now, double edge, double left, double right, double depth) {
        for (Cut cut : all) {
            if (cut.id().equals(now.id())) {
                break;
            }
            if (cut.end() == now.end()) {
                double from = Math.max(left, edge + cut.from().mm());
                double to = Math.min(right, edge + cut.to().mm());
                if (to > from) {
                    d.rect("slot", from, 0, to - from, depth);
                }
            }
        }
    }

    /** The wall's edge alone, its waste hatched. */
    private static Drawing edge(Drawing d, Layout layout, boolean fingerFirst, double deep) {
        double height = layout.height().mm();
        d.rect("stock", 0, 0, height, deep, "part");
        for (Span slot : layout.slots(fingerFirst)) {
            double from = Math.max(0, slot.from().mm());
            d.rect("waste", from, 0, Math.min(height, slot.to().mm()) - from, deep);
        }
        d.line("reference-edge", 0, -deep * 0.25, 0, deep);
        return d;
    }

    /** A wall lying on its face: sections stepped off with the dividers, the waste hatched, this slot's lines drawn. */
    private static void hand(Drawing d, HandSetting hand, Cut cut) {
        Layout layout = hand.layout();
        double deep = Math.max(8, layout.height().mm() / 9);
        edge(d, layout, cut.end().isFingerFirst(), deep);
        double step = hand.corrected().length().mm();
        double from = step * Math.floor(Math.max(0, cut.from().mm()) / step + 0.25);
        double high = -deep * 0.95;
        d.shape("dividers", null, from, 0, from + step / 2 - 0.4, high, from + step / 2 + 0.4, high);
        d.shape("dividers", null, from + step, 0, from + step / 2 + 0.4, high, from + step / 2 - 0.4, high);
        d.line(
                "knife",
                Math.max(0, cut.from().mm()),
                -deep * 0.12,
                Math.max(0, cut.from().mm()),
                deep * 1.12);
        double to = Math.min(layout.height().mm(), cut.to().mm());
        d.line("knife", to, -deep * 0.12, to, deep * 1.12);
        d.across(from, from + step, high, Side.ABOVE, 0, hand.corrected());
    }

    /** A part on a key, the cutter to its right; at a router, seen along the feed, to its left. */
    private record KeyView(WorkedPlan worked, KeySetting setting, Cut cut, OnKey on) {
        void draw(Drawing d) {
            if (setting.router()) {
                d.turnedRound();
            }
            Layout layout = setting.layout();
            double gap = on.gap().mm();
            double key = Math.max(setting.key().length().mm(), 0.2);
            double kerf = setting.rung().kerf().length().mm();
            double thickness = worked.size().thickness().length().mm();
            double pitch = layout.pitch().mm();
            double unit = Math.max(pitch, 6);
            double reach = gap + kerf + 3.6 * unit;
            double left = -key - 3.2 * unit;
            double depth = Math.min(thickness, 2.2 * unit);
            double fence = unit * 0.6;
            d.rect("fence", left, depth, reach - left, fence);
            double edge = gap - cut.from().mm();
            double end = Math.min(edge + layout.height().mm(), reach - 0.15 * unit);
            double start = Math.max(edge, left + 0.1 * unit);
            d.rect("stock", start, 0, end - start, depth, "part");
            done(d, worked.jig().cuts(), cut, edge, start, end, depth);
            if (on.rest() == Rest.GUIDE) {
                guide(d, layout, key, depth, left);
            }
            if (on.spacer().isPositive()) {
                double x = on.rest() == Rest.GUIDE ? layout.finger().mm() : 0;
                d.rect("spacer", x, depth * 0.15, on.spacer().mm(), depth * 0.7);
            }
            if (edge >= left) {
                d.line("reference-edge", edge, -0.35 * unit, edge, depth);
            }
            d.rect("key", -key, -0.4 * unit, key, depth + fence + 0.4 * unit, "key");
            d.rect("cutter", gap, -0.7 * unit, kerf, depth + fence + 0.7 * unit, "cutter");
            ZeroBlock block = setting.block();
            if (on.gap().equals(setting.gap().length())) {
                d.across(0, gap, -0.7 * unit, Side.ABOVE, 0, setting.gap());
            } else if (on.gap().equals(setting.rung().finger().length())) {
                d.across(0, gap, -0.7 * unit, Side.ABOVE, 0, setting.rung().finger());
            }
            d.across(-key, 0, -0.7 * unit, Side.ABOVE, 0, setting.key());
            d.across(gap, gap + kerf, -0.7 * unit, Side.ABOVE, 0, worked.jig().kerf());
            if (block == null) {
                d.across(0, gap + kerf, -0.7 * unit, Side.ABOVE, 1, setting.pitch());
            }
            if (block != null && !on.leaves().isEmpty()) {
                behind(d, block, depth + fence, left, unit);
            }
            d.note(-key / 2, depth * 0.45, "key", "on-key", "middle", null);
            d.note(gap + kerf / 2, -0.25 * unit, "cutter", "cut", "middle", null);
            d.note(left + 0.2 * unit, depth + fence * 0.62, "fence", "quiet", "start", null);
        }

        /** Behind the fence: the zero block, and the leaves between it and the fence's end. */
        private void behind(Drawing d, ZeroBlock block, double y, double left, double unit) {
            double wide = unit * 0.9;
            double high = unit * 0.55;
            double x = left;
            d.rect("stop", x - wide, y - high, wide, high);
            d.note(x - wide / 2, y - high * 0.3, "block", "on-key", "middle", null);
            double leaf = Math.max(0.12 * unit, 0.2);
            for (int i = 0; i < on.leaves().size(); i++) {
                d.rect("spacer", x - leaf * (i + 1) * 0.35, y - high * 1.4, leaf * 0.3, high * 1.4);
            }
            d.note(
                    x - wide,
                    y + high * 0.9,
                    block.words(on.leaves()),
                    "quiet",
                    "start",
                    worked.jig().place(cut));
            d.reach(x - wide, y + high * 1.2);
        }

        /** A finished finger-first part, turned round: its first finger fills the gap, its first slot hangs on the key. */
        private void guide(Drawing d, Layout layout, double key, double depth, double left) {
            double finger = layout.finger().mm();
            double slot = layout.slot().mm();
            d.rect("guide", 0, 0, finger, depth);
            double beyond = Math.min(-slot - left - 1, finger);
            if (beyond > 0) {
                d.rect("guide", -slot - beyond, 0, beyond, depth);
            }
            d.line("reference-edge-of-guide", finger, 0, finger, depth);
            d.rect("slot", -slot, 0, Math.max(0, slot - key) / 2, depth);
        }
    }

    /** A part against a fence, a stop, spacers or a carriage; the whole height stands on the drawing. */
    private record Bed(WorkedPlan worked, Layout layout, Cut cut) {
        void draw(Drawing d) {
            Jig jig = worked.jig();
            double height = layout.height().mm();
            double kerf = jig.kerf().length().mm();
            double unit = Math.max(height / 12, 5);
            double depth = Math.min(worked.size().thickness().length().mm(), 2.2 * unit);
            boolean flipped = cut.where() instanceof Fence fence && fence.flipped();
            double near = flipped ? height - cut.to().mm() : cut.from().mm();
            double edge = -near;
            d.rect("stock", edge, 0, height, depth, "part");
            for (Cut before : jig.cuts()) {
                if (before.id().equals(cut.id())) {
                    break;
                }
                if (before.end() == cut.end()) {
                    double from = Math.max(
                            0,
                            flipped ? height - before.to().mm() : before.from().mm());
                    double to = Math.min(
                            height,
                            flipped ? height - before.from().mm() : before.to().mm());
                    if (to > from) {
                        d.rect("slot", edge + from, 0, to - from, depth);
                    }
                }
            }
            double reference = flipped ? edge + height : edge;
            d.line("reference-edge", reference, -0.4 * unit, reference, depth);
            datum(d, jig, edge, depth, unit);
            d.rect("cutter", 0, -1.1 * unit, kerf, depth + 2 * unit, "cutter");
            d.note(kerf / 2, depth + 1.6 * unit, "cutter", "cut", "middle", null);
        }

        private void datum(Drawing d, Jig jig, double edge, double depth, double unit) {
            Worked place = jig.place(cut);
            if (jig.setting() instanceof SpacerSetting && cut.where() instanceof Stacked stacked) {
                double x = edge;
                List<Length> pieces = new ArrayList<>();
                for (int i = 0; i < stacked.pitches(); i++) {
                    pieces.add(layout.pitch());
                }
                pieces.add(stacked.odd());
                pieces.add(stacked.pass());
                for (Length piece : pieces) {
                    if (piece.isPositive()) {
                        x -= piece.mm();
                        d.rect("spacer", x, depth * 0.1, piece.mm(), depth * 0.8);
                    }
                }
                fence(d, x, depth, unit, "fence");
                if (stacked.sum().isPositive()) {
                    d.across(x, edge, -1.1 * unit, Side.ABOVE, 0, place);
                }
                return;
            }
            if (jig.setting() instanceof BandSawSetting saw && cut.where() instanceof Fence on) {
                double shim = on.shim() ? saw.shim().length().mm() : 0;
                if (on.shim()) {
                    d.rect("spacer", edge - shim, 0, shim, depth);
                }
                fence(d, edge - shim, depth, unit, "fence");
                d.across(edge - shim, 0, -1.1 * unit, Side.ABOVE, 0, place);
                if (on.shim()) {
                    d.across(edge - shim, edge, -1.1 * unit, Side.ABOVE, 1, saw.shim());
                }
                return;
            }
            if (jig.setting() instanceof ScrewSetting screw && cut.where() instanceof Turns turns) {
                screw(d, screw, turns, edge, depth, unit);
                double zero = -turns.travel().mm();
                if (Math.abs(zero) > 1e-6) {
                    d.across(zero, 0, -1.1 * unit, Side.ABOVE, 0, place);
                }
                return;
            }
            d.rect("stop", edge - unit * 0.8, depth * 0.1, unit * 0.8, depth * 0.9);
            d.note(edge - unit * 0.4, -0.25 * unit, "stop", "quiet", "middle", null);
            d.rect("fence", edge - unit * 1.4, depth, layout.height().mm() + 2.4 * unit, unit * 0.8);
            scale(d, edge, depth + unit * 0.8, unit);
            if (cut.from().isPositive()) {
                d.across(edge, 0, -1.1 * unit, Side.ABOVE, 0, place);
            }
        }

        private void fence(Drawing d, double x, double depth, double unit, String words) {
            d.rect("fence", x - unit * 0.9, -0.9 * unit, unit * 0.9, depth + 1.8 * unit);
            d.note(x - unit * 0.45, depth + 1.6 * unit, words, "quiet", "middle", null);
        }

        private void scale(Drawing d, double edge, double y, double unit) {
            List<double[]> ticks = new ArrayList<>();
            double every = layout.height().mm() > 200 ? 10 : 5;
            for (double x = 0; x >= edge - 1e-9; x -= every) {
                ticks.add(new double[] {x, y, x, y + unit * (Math.round(-x / every) % 2 == 0 ? 0.5 : 0.3)});
            }
            d.strokes("ticks", ticks);
        }

        /** The carriage, its screw, and the crank's dial as it stands. */
        private void screw(Drawing d, ScrewSetting screw, Turns turns, double edge, double depth, double unit) {
            double right = edge + layout.height().mm();
            double y = depth + 0.5 * unit;
            d.rect("fence", edge - 0.4 * unit, depth, layout.height().mm() + 0.8 * unit, 0.5 * unit);
            d.rect("rod", edge - 2.2 * unit, y + 0.25 * unit, right - edge + 3.2 * unit, 0.3 * unit);
            List<double[]> thread = new ArrayList<>();
            double lead = Math.max(screw.screw().lead().mm(), layout.height().mm() / 140);
            for (double x = edge - 2 * unit; x < right + 0.8 * unit; x += lead) {
                thread.add(new double[] {x, y + 0.25 * unit, x + lead * 0.4, y + 0.55 * unit});
            }
            d.strokes("ticks", thread);
            double cx = edge - 3.4 * unit;
            double cy = y + 0.4 * unit;
            double r = 1.15 * unit;
            double[] dial = new double[72];
            for (int i = 0; i < 36; i++) {
                dial[2 * i] = cx + r * Math.cos(Math.toRadians(i * 10.0));
                dial[2 * i + 1] = cy + r * Math.sin(Math.toRadians(i * 10.0));
            }
            d.shape("dial", null, dial);
            List<double[]> marks = new ArrayList<>();
            for (int i = 0; i < turns.parts(); i++) {
                double a = Math.toRadians(360.0 * i / turns.parts() - 90);
                marks.add(new double[] {
                    cx + r * 0.8 * Math.cos(a), cy + r * 0.8 * Math.sin(a), cx + r * Math.cos(a), cy + r * Math.sin(a)
                });
            }
            d.strokes("ticks", marks);
            double at =
                    Math.toRadians(360.0 * Math.floorMod(turns.quanta(), (long) turns.parts()) / turns.parts() - 90);
            d.line("pointer", cx, cy, cx + r * 0.75 * Math.cos(at), cy + r * 0.75 * Math.sin(at));
            d.note(
                    cx - r,
                    cy + r + 0.75 * unit,
                    ScrewSetting.turns(turns.quanta(), turns.parts()) + " from zero",
                    "quiet",
                    "start",
                    null);
            d.reach(cx - r, cy + r + unit);
        }
    }
}
