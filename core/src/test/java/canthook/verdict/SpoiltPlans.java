package canthook.verdict;

import static canthook.SeedLibrary.bottomOf;
import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.lidOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.onTop;
import static canthook.SeedLibrary.openDrawer;

import canthook.cutter.Cutter;
import canthook.cutter.StackSet;
import canthook.length.Length;
import canthook.plan.Bottom;
import canthook.plan.BoxPlan;
import canthook.plan.Breadboard;
import canthook.plan.Contents;
import canthook.plan.FingerChoice;
import canthook.plan.Fitting;
import canthook.plan.GlueChoice;
import canthook.plan.Groove;
import canthook.plan.Hinges;
import canthook.plan.JigChoice.Way;
import canthook.plan.Lid;
import canthook.plan.Lowered;
import canthook.plan.Lowered.Which;
import canthook.plan.Pull;
import canthook.plan.SeasonsChoice;
import canthook.plan.SeasonsChoice.Home;
import canthook.plan.SeasonsChoice.Known;
import canthook.plan.SecondFloor;
import canthook.plan.SizeWish;
import canthook.plan.SizeWish.From;
import canthook.plan.SizeWish.Tips;
import canthook.plan.Stuff;
import canthook.plan.Tray;
import canthook.plan.UprightHandle;
import canthook.shop.Machine;
import canthook.shop.Machine.Kind;
import canthook.shop.Machine.Measure;
import canthook.shop.TestCut;
import canthook.wood.Air;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Plans with something wrong in them, by the part that is. */
final class SpoiltPlans {
    private SpoiltPlans() {}

    static Bottom.Slats slats(int count, double gap, boolean pinned) {
        return new Bottom.Slats(
                new Stuff("pine-ponderosa", 0),
                mm(6),
                new Groove(mm(6), mm(6), mm(8)),
                Bottom.Grain.ALONG_WIDTH,
                count,
                false,
                false,
                pinned,
                mm(gap),
                null);
    }

    static Bottom.Rabbeted rabbet(double width, double radius) {
        return new Bottom.Rabbeted(
                new Stuff("sheet-plywood", 0),
                mm(6),
                mm(width),
                mm(radius),
                Bottom.Corners.ROUNDED,
                Bottom.Grain.ALONG_LENGTH,
                null,
                null,
                null);
    }

    static Lid.OnTop breadboard(Breadboard ends) {
        return onTop(Lid.Kept.HINGED).withBreadboard(true).with(ends);
    }

    static BoxPlan hinged(Hinges hinges, double thickness) {
        return openDrawer()
                .with(new Lid.OnTop(
                        new Stuff("pine-ponderosa", 0),
                        mm(thickness),
                        mm(6),
                        Lid.Kept.HINGED,
                        mm(6),
                        false,
                        Breadboard.USUAL,
                        hinges,
                        null,
                        null,
                        null));
    }

    static Fitting.Divider divider(double at, double height) {
        return new Fitting.Divider(
                Fitting.Run.ACROSS, mm(at), new Stuff("sheet-plywood", 0), mm(6), mm(height), false, null);
    }

    static Tray tray(double over, double high) {
        return new Tray(mm(over), mm(high), null, mm(1), mm(8), 1, new Stuff("pine-ponderosa", 0));
    }

    static SecondFloor second(double over) {
        return new SecondFloor(new Stuff("sheet-plywood", 0), mm(6), mm(over), mm(8), mm(1));
    }

    static UprightHandle upright() {
        return new UprightHandle(
                new Stuff("sheet-plywood", 0), mm(18), mm(140), mm(4), mm(4), mm(110), mm(30), mm(24), mm(6));
    }

    static BoxPlan fitted(BoxPlan plan, Fitting... fittings) {
        return plan.withFittings(List.of(fittings));
    }

    static GlueChoice diagonals(double one, double other) {
        return GlueChoice.USUAL.withDiagonals(new GlueChoice.Diagonals(mm(one), mm(other), false));
    }

    static TestCut cut(double slot, double finger, @Nullable Double moved) {
        return new TestCut(
                "2026-03-02T10:20:00Z", List.of(mm(slot)), List.of(mm(finger)), moved == null ? null : mm(moved));
    }

    static SizeWish size(double height, double thickness, Tips tips) {
        return new SizeWish(From.OUTSIDE, mm(248), mm(166), mm(height), mm(thickness), tips, null);
    }

    static BoxPlan lowered(BoxPlan plan, Which which, double height) {
        return plan.with(plan.size().withLowered(new Lowered(which, mm(height))));
    }

    static BoxPlan by(BoxPlan plan, Way way) {
        return plan.with(plan.jig().with(way));
    }

    static BoxPlan groove(BoxPlan plan, double width, double depth, double offset) {
        return plan.with(bottomOf(plan).withGroove(new Groove(mm(width), mm(depth), mm(offset))));
    }

    static BoxPlan pinned(double left) {
        BoxPlan plan = envelopeDrawer();
        return plan.with(lidOf(plan).with(Pull.NONE.withStop(mm(left))));
    }

    static BoxPlan lid(double width, double depth, double offset) {
        BoxPlan plan = envelopeDrawer();
        return plan.with(lidOf(plan).withGroove(new Groove(mm(width), mm(depth), mm(offset))));
    }

    static BoxPlan seasons(Known known, @Nullable Double meter, Home home, @Nullable Double weeks) {
        return openDrawer()
                .with(new SeasonsChoice(
                        known, meter, new Air(20, 45), home, new Air(20, 50), new Air(20, 50), weeks, null));
    }

    static BoxPlan holding(BoxPlan plan, double length, double height) {
        Contents contents = new Contents(
                List.of(new Contents.Item(
                        "jars", mm(length), mm(60), mm(height), 1, Contents.Laid.ALONG, mm(0), mm(0), mm(0), null)),
                null);
        return plan.with(new SizeWish(
                From.OUTSIDE, mm(248), mm(166), mm(96), mm(12), Tips.SAND, null, null, contents, null, null));
    }

    static Cutter blade(Cutter.Tooth tooth, @Nullable Length reach) {
        return new Cutter(
                "rip", "the rip blade", Cutter.Kind.BLADE, mm(3.2), mm(3.2), null, "", reach, tooth, null, "");
    }

    /** Cut at the band saw, from both edges. */
    static BoxPlan bothEdges(BoxPlan plan) {
        return by(plan.with(plan.fingers().with(FingerChoice.Sharing.CENTRED)), Way.BAND_SAW);
    }

    static Machine saw(@Nullable Boolean stacked, Map<Measure, Length> measures) {
        return new Machine("saw", "The saw", Kind.TABLE_SAW, measures, stacked, "");
    }

    static Machine bandSaw(Map<Measure, Length> measures) {
        return new Machine("band", "The band saw", Kind.BAND_SAW, measures, null, "");
    }

    static Cutter stacked() {
        return new Cutter(
                "stack",
                "Stack",
                Cutter.Kind.STACK,
                mm(7.45),
                mm(7.45),
                null,
                "",
                null,
                null,
                new StackSet(mm(6.35), List.of(mm(3.2)), List.of(mm(0.5)), mm(20)),
                "");
    }
}
