package canthook;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.LengthUnit;
import canthook.lid.SlidingLid;
import canthook.panel.HeldPanel;
import canthook.panel.PanelDay;
import canthook.plan.BoardAtHand;
import canthook.plan.Bottom;
import canthook.plan.BoxPlan;
import canthook.plan.Breadboard;
import canthook.plan.FingerChoice;
import canthook.plan.Groove;
import canthook.plan.Hinges;
import canthook.plan.JigChoice;
import canthook.plan.Lid;
import canthook.plan.Liner;
import canthook.plan.SeasonsChoice;
import canthook.plan.SizeWish;
import canthook.plan.Stuff;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.Shop;
import canthook.wood.Air;
import org.jspecify.annotations.Nullable;

/** Boxes of the village seed library, for tests. */
public final class SeedLibrary {
    private SeedLibrary() {}

    public static Length mm(double millimetres) {
        return Length.mm(millimetres);
    }

    /** Outside 248 × 166 × 96 of black cherry 12 thick, stacked cutter at 7.45, bottom and sliding lid. */
    public static BoxPlan envelopeDrawer() {
        return new BoxPlan(
                1,
                "Envelope drawer",
                "Seed envelopes, standing",
                LengthUnit.MILLIMETRE,
                LengthDisplay.METRIC,
                new Stuff("cherry-black", 0),
                new SizeWish(SizeWish.From.OUTSIDE, mm(248), mm(166), mm(96), mm(12), SizeWish.Tips.SAND, null),
                new FingerChoice(13, "the 3.2 blade", mm(3.2), null, mm(0), mm(0)),
                new BoardAtHand(mm(940), mm(110), null, null, false),
                new JigChoice(null),
                new Bottom.Captured(
                        new Stuff("pine-ponderosa", 0),
                        mm(6),
                        new Groove(mm(6), mm(5), mm(8)),
                        Bottom.Grain.ALONG_LENGTH,
                        false,
                        null,
                        null),
                new Lid.Sliding(new Stuff("cherry-black", 90), mm(6), new Groove(mm(6), mm(5), mm(82)), null, null),
                new SeasonsChoice(
                        SeasonsChoice.Known.METER, 8.0, new Air(20, 45), SeasonsChoice.Home.HEATED_HOUSE, null, null));
    }

    /** The same without its lid: all four walls of one height. */
    public static BoxPlan openDrawer() {
        return envelopeDrawer().with(lidOf(envelopeDrawer()).putAway());
    }

    /** The open drawer glued up closed, its lid sawn off at a height. */
    public static Lid.SawnOff sawnOff(double seam, Lid.Joined joined, @Nullable Double kerf) {
        return new Lid.SawnOff(
                new Stuff("cherry-black", 90),
                mm(6),
                new Groove(mm(6), mm(5), mm(82)),
                mm(seam),
                false,
                joined,
                kerf == null ? null : mm(kerf),
                null,
                Hinges.USUAL,
                Liner.USUAL,
                null,
                null);
    }

    /** A lid of pine, 12 thick, that lies on the walls and stands 6 over. */
    public static Lid.OnTop onTop(Lid.Kept kept) {
        return new Lid.OnTop(
                new Stuff("pine-ponderosa", 0),
                mm(12),
                mm(6),
                kept,
                mm(6),
                false,
                Breadboard.USUAL,
                Hinges.USUAL,
                null,
                null,
                null);
    }

    /** Height 88, an 8 mm bit, walls 7 thick, no lid: the box of the one-pass example. */
    public static BoxPlan bitBox() {
        BoxPlan drawer = openDrawer();
        return drawer.with(
                        new SizeWish(SizeWish.From.OUTSIDE, mm(200), mm(140), mm(88), mm(7), SizeWish.Tips.SAND, null))
                .with(new FingerChoice(null, "the 8 mm bit", mm(8), null, null, mm(0)));
    }

    /** The captured bottom of a plan that has one. */
    public static Bottom.Captured bottomOf(BoxPlan plan) {
        return (Bottom.Captured) plan.bottom();
    }

    /** The sliding lid of a plan that has one. */
    public static Lid.Sliding lidOf(BoxPlan plan) {
        return (Lid.Sliding) plan.lid();
    }

    /** The panel of a bottom or lid, worked out. */
    public static HeldPanel panel(WorkedPlan worked, String of) {
        return worked.panel(of).orElseThrow();
    }

    public static SlidingLid slidingLid(WorkedPlan worked) {
        return (SlidingLid) worked.lid();
    }

    /** A panel on a day of the year. */
    public static PanelDay on(WorkedPlan worked, String of, double day) {
        return panel(worked, of).on(day, worked.year());
    }

    public static WorkedPlan work(BoxPlan plan) {
        return Planner.work(plan, Shop.withDefaults());
    }

    /** Outside 248 × 166 × 96 like the drawer, sides and ends of two thicknesses. */
    public static SizeWish twoThicknesses(double sides, double ends) {
        return new SizeWish(
                SizeWish.From.OUTSIDE,
                mm(248),
                mm(166),
                mm(96),
                mm(sides),
                SizeWish.Tips.SAND,
                null,
                mm(ends),
                null,
                null,
                null);
    }
}
