package canthook.shop;

import canthook.cutter.Cutter;
import canthook.cutter.StackSet;
import canthook.length.Length;
import java.util.Comparator;
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
 * @param machines with what was measured on them
 */
public record Shop(
        HouseRules rules,
        List<TestCut> testCuts,
        List<Cutter> cutters,
        @Nullable Double secondsPerPass,
        Set<GapAt> gapsAgain,
        List<Machine> machines) {
    public Shop {
        testCuts = List.copyOf(testCuts);
        cutters = List.copyOf(cutters);
        gapsAgain = Set.copyOf(gapsAgain);
        machines = List.copyOf(machines);
    }

    /** A shop that met no gap twice and has no machine on its rack. */
    public Shop(HouseRules rules, List<TestCut> testCuts, List<Cutter> cutters, @Nullable Double secondsPerPass) {
        this(rules, testCuts, cutters, secondsPerPass, Set.of(), List.of());
    }

    /** The cutters of the rack that its saws may turn; all of them where no saw hangs there. A stack is no wider than their arbors hold. */
    public List<Cutter> turned() {
        List<Machine> saws = machines.stream()
                .filter(m -> m.kind() == Machine.Kind.TABLE_SAW)
                .toList();
        if (saws.isEmpty()) {
            return cutters;
        }
        return cutters.stream()
                .filter(c -> saws.stream().anyMatch(s -> s.turns(c)))
                .map(c -> onArbor(c, saws))
                .toList();
    }

    private static Cutter onArbor(Cutter cutter, List<Machine> saws) {
        StackSet set = cutter.stack();
        if (set == null) {
            return cutter;
        }
        Length most = saws.stream()
                .filter(s -> s.turns(cutter))
                .map(s -> s.measures().getOrDefault(Machine.Measure.ARBOR, set.arbor()))
                .max(Comparator.naturalOrder())
                .orElse(set.arbor());
        return cutter.with(set.on(Length.shorter(set.arbor(), most)));
    }

    /** The same shop with other cutters. */
    public Shop with(List<Cutter> other) {
        return new Shop(rules, testCuts, other, secondsPerPass, gapsAgain, machines);
    }

    /** The same shop with other machines. */
    public Shop at(List<Machine> other) {
        return new Shop(rules, testCuts, cutters, secondsPerPass, gapsAgain, other);
    }

    /** A shop whose rack is of no matter. */
    public Shop(HouseRules rules, List<TestCut> testCuts) {
        this(rules, testCuts, List.of(), null);
    }

    public static Shop withDefaults() {
        return new Shop(HouseRules.DEFAULT, List.of());
    }
}
