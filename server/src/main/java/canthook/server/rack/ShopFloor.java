package canthook.server.rack;

import canthook.board.Blank;
import canthook.building.FromTheRack;
import canthook.building.JigToBuild;
import canthook.cutter.Cutter;
import canthook.plan.BoxPlan;
import canthook.server.keeping.GapsSeen;
import canthook.server.keeping.LearnedPace;
import canthook.server.rack.Rack.Kept;
import canthook.shop.GapAt;
import canthook.shop.HouseRules;
import canthook.shop.Machine;
import canthook.shop.RackJig;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import canthook.working.Later;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;

/** The shop a plan is worked in: house rules, test cuts, the cutters of the rack when the plan looks over them, its machines, the learned pace. */
@Service
public class ShopFloor {
    private final RuleBook book;
    private final Rack rack;
    private final LastRead<Cutter> cutters;
    private final LastRead<Machine> machines;
    private final LearnedPace pace;
    private final GapsSeen gaps;

    ShopFloor(RuleBook book, Rack rack, LearnedPace pace, GapsSeen gaps) {
        this.book = book;
        this.rack = rack;
        cutters = new LastRead<>(rack, Rack.Kind.CUTTER);
        machines = new LastRead<>(rack, Rack.Kind.MACHINE);
        this.pace = pace;
        this.gaps = gaps;
    }

    /** The shop for one box. */
    public Shop shop(BoxPlan plan, List<TestCut> testCuts) {
        return asItIs().shop(plan, testCuts);
    }

    /** The shop as it was at one moment. */
    @FunctionalInterface
    public interface AsItIs {
        /** The shop for one box. */
        Shop shop(BoxPlan plan, List<TestCut> testCuts);
    }

    /** The shop as it is now, for many plans one after the other: what hangs in it is looked up once. */
    public AsItIs asItIs() {
        HouseRules rules = book.rules();
        Double seconds = pace.secondsPerPass();
        Set<GapAt> again = gaps.again();
        List<Machine> machinery = machines.items();
        Later<List<Cutter>> hanging = new Later<>(cutters::items);
        return (plan, testCuts) -> new Shop(
                rules,
                testCuts,
                plan.fingers().looksOverTheRack() ? hanging.get() : List.of(),
                seconds,
                again,
                machinery);
    }

    /** The jigs of the shop. */
    public List<RackJig> jigs() {
        return rack.all(Rack.Kind.JIG).stream().map(Kept::item).toList();
    }

    /** Which pieces of the rack the parts of a jig may come out of, by the part's id. */
    public Map<String, Blank> outOfTheRack(JigToBuild jig) {
        return FromTheRack.of(jig, rack.blanks(), rack::wood);
    }
}
