package canthook.practice;

import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.practice.Act.Kind;
import canthook.practice.Act.Spot;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** The test piece of a box on the bench, cut in a hidden shop of that box’s own, for instruments that are stood in for. */
public final class BenchPiece {
    private BenchPiece() {}

    /** A width of it, mm; nothing while the jig waits. */
    public static OptionalDouble width(BoxPlan plan, List<TestCut> before, Length moved, Spot spot, int place) {
        if (Planner.work(plan, new Shop(HouseRules.DEFAULT, List.of())).jig().setting() == null) {
            return OptionalDouble.empty();
        }
        HiddenShop shop = HiddenShop.onBench(plan);
        List<Act> acts = new ArrayList<>();
        for (TestCut cut : before) {
            if (cut.moved() != null) {
                acts.add(Act.move(cut.moved()));
            }
            acts.add(Act.of(Kind.CUT));
        }
        if (!moved.equals(Length.ZERO)) {
            acts.add(Act.move(moved));
        }
        acts.add(Act.of(Kind.CUT));
        return OptionalDouble.of(Round.of(shop, acts).width(spot, place));
    }
}
