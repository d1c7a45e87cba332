package canthook.shop;

import canthook.cutter.Cutter;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What the shop brings to one box: its house rules, the test cuts recorded for it, oldest first, and the cutters on its rack.
 *
 * @param rules the shop's habits
 * @param testCuts made for this box, oldest first
 * @param cutters on the rack
 * @param secondsPerPass as learned at the saw; null while nothing was learned and the house rule stands
 * @param gapsAgain gaps that stand in the Book more than once
 */
public record Shop(
        HouseRules rules,
        List<TestCut> testCuts,
        List<Cutter> cutters,
        @Nullable Double secondsPerPass,
        Set<GapAt> gapsAgain) {
    public Shop {
        testCuts = List.copyOf(testCuts);
        cutters = List.copyOf(cutters);
        gapsAgain = Set.copyOf(gapsAgain);
    }

    /** A shop that met no gap twice. */
    public Shop(HouseRules rules, List<TestCut> testCuts, List<Cutter> cutters, @Nullable Double secondsPerPass) {
        this(rules, testCuts, cutters, secondsPerPass, Set.of());
    }

    /** A shop whose rack is of no matter. */
    public Shop(HouseRules rules, List<TestCut> testCuts) {
        this(rules, testCuts, List.of(), null);
    }

    public static Shop withDefaults() {
        return new Shop(HouseRules.DEFAULT, List.of());
    }
}
