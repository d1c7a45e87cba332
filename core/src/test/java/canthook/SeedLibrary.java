package canthook;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.LengthUnit;
import canthook.plan.BoardAtHand;
import canthook.plan.BottomChoice;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.Groove;
import canthook.plan.JigChoice;
import canthook.plan.LidChoice;
import canthook.plan.SeasonsChoice;
import canthook.plan.SizeWish;
import canthook.plan.Stuff;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.Shop;
import canthook.wood.Air;

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
                new BottomChoice(
                        BottomChoice.Kind.CAPTURED,
                        new Stuff("pine-ponderosa", 0),
                        mm(6),
                        new Groove(mm(6), mm(5), mm(8)),
                        BottomChoice.Grain.ALONG_LENGTH,
                        false,
                        null,
                        null),
                new LidChoice(
                        LidChoice.Kind.SLIDING,
                        new Stuff("cherry-black", 90),
                        mm(6),
                        new Groove(mm(6), mm(5), mm(82)),
                        null,
                        null),
                new SeasonsChoice(
                        SeasonsChoice.Known.METER, 8.0, new Air(20, 45), SeasonsChoice.Home.HEATED_HOUSE, null, null));
    }

    /** Height 88, an 8 mm bit, walls 7 thick: the box of the one-pass example. */
    public static BoxPlan bitBox() {
        BoxPlan drawer = envelopeDrawer();
        return drawer.with(
                        new SizeWish(SizeWish.From.OUTSIDE, mm(200), mm(140), mm(88), mm(7), SizeWish.Tips.SAND, null))
                .with(new FingerChoice(null, "the 8 mm bit", mm(8), null, null, mm(0)));
    }

    public static WorkedPlan work(BoxPlan plan) {
        return Planner.work(plan, Shop.withDefaults());
    }
}
