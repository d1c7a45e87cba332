package canthook.figure;

import canthook.building.JigPart;
import canthook.building.JigToBuild;
import canthook.figure.Figure.Side;
import canthook.jig.HandSetting;
import canthook.jig.KeySetting;
import canthook.jig.ScrewSetting;
import canthook.jig.Setting;
import canthook.plan.JigChoice.Way;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A jig to be built: from above and cut through, to scale, every part where it goes; what is dimensioned opens to its working. */
public final class BuildFigures {
    private final WorkedPlan worked;
    private final JigToBuild jig;
    private final double depth;
    private final double height;
    private final double kerf;

    private BuildFigures(WorkedPlan worked, JigToBuild jig) {
        this.worked = worked;
        this.jig = jig;
        depth = Math.max(
                worked.size().slotDepth().length().mm(),
                worked.size().endSlotDepth().length().mm());
        height = worked.fingers().chosen().closing().length().mm();
        kerf = worked.jig().kerf().length().mm();
    }

    /** Plan and section; what is made by hand is one drawing. */
    public static List<Figure> of(WorkedPlan worked, JigToBuild jig) {
        Setting setting = worked.jig().setting();
        if (setting == null) {
            return List.of();
        }
        BuildFigures draw = new BuildFigures(worked, jig);
        return setting.fold(
                key -> key.way() == Way.ROUTER_SLED
                        ? List.of(draw.sledPlan(key), draw.routerSection())
                        : List.of(draw.sledPlan(key), draw.sledSection()),
                screw -> List.of(draw.carriagePlan(screw), draw.carriageSection()),
                spacers -> List.of(draw.fencePlan(), draw.fenceSection()),
                stops -> List.of(draw.fencePlan(), draw.fenceSection()),
                hand -> List.of(draw.stick(hand)),
                bandSaw -> List.of(draw.fencePlan(), draw.fenceSection()));
    }

    private Drawing plan() {
        return new Drawing(
                "build-plan", jig.title() + ", from above", worked.plan().display());
    }

    private Drawing section() {
        return new Drawing(
                "build-section", jig.title() + ", cut through", worked.plan().display());
    }

    private Optional<Worked> number(String name) {
        return jig.number("build." + name);
    }

    private double mm(String name) {
        return number(name).map(n -> n.length().mm()).orElse(0.0);
    }

    private static double of(@Nullable Worked worked) {
        return worked == null ? 0 : worked.length().mm();
    }

    private double along(String part) {
        return jig.part(part).map(p -> of(p.along())).orElse(0.0);
    }

    private double across(String part) {
        return jig.part(part).map(p -> of(p.across())).orElse(0.0);
    }

    private double thick(String part) {
        return jig.part(part).map(p -> of(p.thick())).orElse(0.0);
    }

    private void across(Drawing d, double from, double to, double y, Side side, int lane, String name) {
        number(name).ifPresent(n -> d.across(from, to, y, side, lane, n));
    }

    private void upright(Drawing d, double x, double from, double to, Side side, int lane, String name) {
        number(name).ifPresent(n -> d.upright(x, from, to, side, lane, n));
    }

    /** Looking down, the maker at the lower edge: guard, fence, backing, and the cutter's slot through them. x 0 is the key's cutter side. */
    private Figure sledPlan(KeySetting key) {
        Drawing d = plan();
        double gap = key.gap().length().mm();
        double reach = height + gap + 30;
        double left = reach - along("base");
        double deep = across("base");
        double guard = Math.max(mm("guard"), 40);
        double fence = thick("fence");
        double backing = thick("backing");
        double y = deep - 20 - guard;
        d.rect("build-base", left, 0, along("base"), deep, "part.base");
        double away = mm("slot-to-blade");
        if (away > 0) {
            double middle = gap - away;
            double wide = across("runner");
            d.rect("foot-hidden", middle - wide / 2, 0, wide, deep, "part.runner");
            d.note(middle + wide / 2 + 3, 16, "runner, under", "quiet", "start", null);
        }
        for (double rail :
                jig.part("rails").isPresent() ? new double[] {left, reach - across("rails")} : new double[0]) {
            d.rect("liner", rail, 0, across("rails"), deep, "part.rails");
        }
        double fenceLeft = reach - along("fence");
        double slot = mm("chord");
        double front = y - fence - backing;
        if (slot > 0) {
            d.rect("slot", gap, Math.max(4, front - slot * 0.8), kerf, Math.min(slot, deep - 24));
        } else {
            d.rect("slot", gap - 1.5, front - 30, kerf + 3, 30 + fence + backing);
        }
        d.rect("fence", fenceLeft, y - fence, along("fence"), fence, "part.fence");
        d.rect("stock", fenceLeft, front, along("fence"), backing, "part.backing");
        if (jig.part("inner").isPresent()) {
            d.rect("spacer", fenceLeft, front - thick("inner"), along("inner"), thick("inner"), "part.inner");
            d.rect(
                    "stop",
                    fenceLeft - 6 - along("zero") * 0.4,
                    front - thick("inner"),
                    along("zero") * 0.4,
                    thick("inner") + backing,
                    "part.zero");
        }
        double guardWide = jig.part("guard").map(p -> of(p.along())).orElse(90.0);
        d.rect("stop", gap + kerf / 2 - guardWide / 2, y, guardWide, guard, "part.guard");
        double thick = Math.max(key.key().length().mm(), 1);
        double keyLong = mm("key-long") > 0 ? mm("key-long") : fence + backing + mm("rod-out");
        d.rect("key", -thick, y - keyLong, thick, keyLong, jig.part("key").isPresent() ? "part.key" : "part.rod");
        d.rect("cutter", gap, front - 6, kerf, fence + backing + 6);
        // the tallest part at its first cut and at its last
        d.rect("cut-away", gap, front - depth, height, depth);
        d.note(gap + kerf, front - depth - 5, "a part, first cut", "quiet", "start", null);
        across(d, fenceLeft, reach, 0, Side.ABOVE, 0, "fence-long");
        if (along("base") > along("fence") + 1) {
            across(d, left, reach, 0, Side.ABOVE, 1, "base-long");
        }
        d.across(0, gap, y + guard, Side.BELOW, 0, key.gap());
        upright(d, reach, 0, deep, Side.RIGHT, 1, "base-deep");
        upright(d, reach, y, y + guard, Side.RIGHT, 0, "guard");
        d.note(fenceLeft + 4, y - fence * 0.3, "fence", "quiet", "start", null);
        d.note(gap + kerf / 2, y + guard * 0.6, "guard", "on-key", "middle", null);
        return d.done();
    }

    /** Seen along the fence, the maker to the right: the cutter at its stop. y 0 is the table. */
    private Figure sledSection() {
        Drawing d = section();
        double base = thick("base");
        double h = mm("height");
        double radius = mm("radius");
        double fence = thick("fence");
        double backing = thick("backing");
        double tall = across("fence");
        double guard = mm("guard");
        double deep = across("base");
        double right = 20 + guard;
        // x 0 is the back of the fence
        d.rect("build-base", right - deep, -base, deep, base, "part.base");
        d.rect("foot-hidden", right - deep, 0, deep, thick("runner"), "part.runner");
        d.rect("stop", 0, -base - mm("guard-high"), guard, mm("guard-high"), "part.guard");
        d.rect("fence", -fence, -base - tall, fence, tall, "part.fence");
        d.rect("stock", -fence - backing, -base - tall, backing, tall, "part.backing");
        double face = -fence - backing;
        double wall = worked.size().thickness().length().mm();
        d.rect("side-grain", face - wall, -base - tall * 1.5, wall, tall * 1.5);
        if (radius > h) {
            double middle = face + 3;
            double half = Math.sqrt(radius * radius - (radius - h) * (radius - h));
            int steps = 24;
            double[] arc = new double[2 * (steps + 1)];
            for (int i = 0; i <= steps; i++) {
                double x = -half + 2 * half * i / steps;
                arc[2 * i] = middle + x;
                arc[2 * i + 1] = -(Math.sqrt(Math.max(0, radius * radius - x * x)) - (radius - h));
            }
            d.shape("cutter", "part.stop", arc);
            across(d, middle - half, middle + half, thick("runner"), Side.BELOW, 0, "chord");
        }
        d.line("ground", right - deep - 10, 0, right + 10, 0);
        upright(d, right, -h, 0, Side.RIGHT, 0, "height");
        upright(d, right - deep, -base, 0, Side.LEFT, 0, "base");
        upright(d, right, -base - tall, -base, Side.RIGHT, 1, "fence-high");
        across(d, 0, guard, -base - tall, Side.ABOVE, 0, "guard");
        d.note(face - wall / 2, -base - tall * 1.5 - 4, "the work", "quiet", "middle", null);
        d.note(right - deep + 4, -base - 10, "cutter at its stop", "quiet", "start", null);
        return d.done();
    }

    /** The router hangs under the base; the bit comes up through it. */
    private Figure routerSection() {
        Drawing d = section();
        double base = Math.max(1, thick("base"));
        double fence = thick("fence");
        double backing = thick("backing");
        double tall = across("fence");
        double deep = across("base");
        double reach = mm("reach");
        double half = deep / 2;
        d.rect("build-base", -half, -base, deep, base, "part.base");
        d.rect("liner", -half, 2, thick("legs"), across("legs"), "part.legs");
        d.rect("liner", half - thick("legs"), 2, thick("legs"), across("legs"), "part.legs");
        double plate = mm("circle") + 20;
        d.rect("foot-hidden", -plate / 2, 0, plate, 10);
        d.note(0, 30, "the router", "quiet", "middle", null);
        d.rect("cutter", -kerf / 2, -reach, kerf, reach);
        double face = kerf / 2 + 8;
        d.rect("stock", face, -base - tall, backing, tall, "part.backing");
        d.rect("fence", face + backing, -base - tall, fence, tall, "part.fence");
        double wall = worked.size().thickness().length().mm();
        d.rect("side-grain", face - wall, -base - tall * 1.4, wall, tall * 1.4);
        upright(d, -half, -base, 0, Side.LEFT, 0, "base");
        upright(d, half, -reach, 0, Side.RIGHT, 0, "reach");
        upright(d, half, -base - tall, -base, Side.RIGHT, 1, "fence-high");
        across(d, -half, half, across("legs") + 2, Side.BELOW, 0, "base-deep");
        return d.done();
    }

    private Figure carriagePlan(ScrewSetting screw) {
        Drawing d = plan();
        double carriage = along("carriage");
        double deep = across("carriage");
        double travel = mm("travel");
        double guides = along("guides");
        double wide = across("guides");
        d.rect("liner", 0, -wide, guides, wide, "part.guides");
        d.rect("liner", 0, deep, guides, wide, "part.guides");
        d.rect("build-base", 0, 0, carriage, deep, "part.carriage");
        d.rect("foot-hidden", travel, 0, carriage, deep);
        d.rect("fence", 0, deep * 0.35, carriage, thick("fence"), "part.fence");
        d.rect("stock", 0, deep * 0.35 - thick("backing"), carriage, thick("backing"), "part.backing");
        double rod = mm("rod");
        double y = deep * 0.75;
        double lead = Math.max(4, screw.screw().lead().mm() * 2);
        d.rect("rod", -30, y - lead / 2, rod, lead, "part.rod");
        d.rect("stop", -mm("bearing"), y - 14, mm("bearing"), 28, "part.bearing");
        d.rect("stop", rod - 30 - mm("bearing"), y - 14, mm("bearing"), 28, "part.bearing");
        d.rect("stop", carriage / 2 - mm("nut") / 2, y - 10, mm("nut"), 20, "part.nut");
        d.rect("cutter", carriage / 2, -wide - 12, kerf, deep * 0.35 + wide + 12);
        across(d, 0, carriage, -wide - 12, Side.ABOVE, 0, "carriage");
        across(d, carriage, guides, deep + wide, Side.BELOW, 0, "travel");
        across(d, 0, guides, deep + wide, Side.BELOW, 1, "guides");
        across(d, -30, rod - 30, deep + wide, Side.BELOW, 2, "rod");
        d.note(carriage + 4, deep * 0.2, "where it ends", "quiet", "start", null);
        return d.done();
    }

    private Figure carriageSection() {
        Drawing d = section();
        double base = thick("carriage");
        double tall = across("fence");
        double deep = across("carriage");
        double wide = across("guides");
        d.rect("build-base", 0, -base, deep, base, "part.carriage");
        d.rect("liner", -wide, -base, wide, base, "part.guides");
        d.rect("liner", deep, -base, wide, base, "part.guides");
        d.rect("fence", deep * 0.35, -base - tall, thick("fence"), tall, "part.fence");
        d.rect("stock", deep * 0.35 - thick("backing"), -base - tall, thick("backing"), tall, "part.backing");
        d.rect("rod", deep * 0.75 - 4, 4, 8, 8, "part.rod");
        d.line("ground", -wide - 10, 0, deep + wide + 10, 0);
        double face = deep * 0.35 - thick("backing");
        double wall = worked.size().thickness().length().mm();
        d.rect("side-grain", face - wall, -base - tall * 1.4, wall, tall * 1.4);
        d.rect("cutter", face - wall - 4, -base - depth, wall + thick("backing") * 0.6 + 4, depth);
        upright(d, deep + wide, -base - tall, -base, Side.RIGHT, 0, "fence-high");
        across(d, 0, deep, 14, Side.BELOW, 0, "deep");
        upright(d, -wide, -base, 0, Side.LEFT, 0, "thick");
        return d.done();
    }

    /** A fence with what stands against it. x 0 is the cutter's near side. */
    private Figure fencePlan() {
        Drawing d = plan();
        double longs = along("fence");
        double left = -longs / 2;
        double fence = thick("fence");
        double backing = thick("backing");
        d.rect("fence", left, 0, longs, fence, "part.fence");
        if (backing > 0) {
            d.rect("stock", left, -backing, longs, backing, "part.backing");
        }
        Optional<JigPart> shim = jig.part("shim");
        if (shim.isPresent()) {
            d.rect("spacer", left, -Math.max(thick("shim"), 0.6), longs, Math.max(thick("shim"), 0.6), "part.shim");
            d.note(left + 4, -Math.max(thick("shim"), 0.6) - 3, "shim", "quiet", "start", null);
        }
        double x = left + 6;
        for (JigPart part : jig.parts()) {
            if (part.id().equals("spacers") || part.id().equals("odd")) {
                for (int i = 0; i < part.count() && x < -4; i++) {
                    d.rect("spacer", x, -backing - 20, of(part.thick()), 20, "part." + part.id());
                    x += of(part.thick());
                }
            }
        }
        if (jig.part("scale").isPresent()) {
            d.rect("guide", -along("scale"), fence * 0.2, along("scale"), fence * 0.5, "part.scale");
            d.rect("stop", -height * 0.6 - 14, -backing - 26, 14, 26, "part.stop");
        }
        if (jig.part("spacers").isPresent()) {
            d.rect("stop", left, -backing - 26, 6, 26);
        }
        d.rect("cutter", 0, -backing - 34, kerf, fence + backing + 34);
        across(d, left, left + longs, fence, Side.BELOW, 0, "fence-long");
        across(d, -along("scale"), 0, fence, Side.BELOW, 1, "scale");
        d.note(longs / 2 - 4, fence * 0.7, "fence", "quiet", "end", null);
        return d.done();
    }

    private Figure fenceSection() {
        Drawing d = section();
        double tall = across("fence");
        double fence = thick("fence");
        double backing = Math.max(thick("backing"), thick("shim"));
        double wall = worked.size().thickness().length().mm();
        d.line("ground", -60, 0, fence + 40, 0);
        d.rect("fence", 0, -tall, fence, tall, "part.fence");
        d.rect(
                jig.part("shim").isPresent() ? "spacer" : "stock",
                -backing,
                -tall,
                backing,
                tall,
                jig.part("shim").isPresent() ? "part.shim" : "part.backing");
        d.rect("side-grain", -backing - wall, -tall * 1.4, wall, tall * 1.4);
        if (jig.part("shim").isEmpty()) {
            d.rect("cutter", -backing - wall - 6, -depth, wall + 6, depth);
            d.upright(-backing - wall - 6, -depth, 0, Side.LEFT, 0, worked.jig().cutterHeight());
        }
        upright(d, fence, -tall, 0, Side.RIGHT, 0, "fence-high");
        across(d, 0, fence, 0, Side.BELOW, 0, "fence-thick");
        return d.done();
    }

    /** The stick with every line of the joint on it. */
    private Figure stick(HandSetting hand) {
        Drawing d = plan();
        double longs = along("stick");
        double wide = across("stick");
        d.rect("side-grain", 0, 0, longs, wide, "part.stick");
        double at = 0;
        int sections = hand.layout().sections();
        for (int i = 0; i < sections; i++) {
            at += (i % 2 == 0 ? hand.layout().finger() : hand.layout().slot()).mm();
            if (at < longs) {
                d.line("knife", at, 0, at, wide);
            }
        }
        d.line("reference-edge", 0, -6, 0, wide + 6);
        across(d, 0, longs, wide, Side.BELOW, 0, "stick");
        upright(d, longs, 0, wide, Side.RIGHT, 0, "stick-wide");
        return d.done();
    }
}
