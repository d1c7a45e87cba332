package canthook.shop;

import java.util.List;

/**
 * What the shop brings to one box: its house rules and the test cuts recorded for it, oldest first.
 *
 * @param rules the shop's habits
 * @param testCuts made for this box, oldest first
 */
public record Shop(HouseRules rules, List<TestCut> testCuts) {
    public Shop {
        testCuts = List.copyOf(testCuts);
    }

    public static Shop withDefaults() {
        return new Shop(HouseRules.DEFAULT, List.of());
    }
}
