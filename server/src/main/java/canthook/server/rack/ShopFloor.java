package canthook.server.rack;

import canthook.board.Blank;
import canthook.building.FromTheRack;
import canthook.building.JigToBuild;
import canthook.cutter.Cutter;
import canthook.plan.BoxPlan;
import canthook.server.keeping.GapsSeen;
import canthook.server.keeping.LearnedPace;
import canthook.server.rack.Rack.Kept;
import canthook.shop.Machine;
import canthook.shop.RackJig;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;

/** The shop a plan is worked in: house rules, test cuts, the cutters of the rack when the plan looks over them, its machines, the learned pace. */
@Service
public class ShopFloor {
    private final RuleBook book;
    private final Rack rack;
    private final LearnedPace pace;
    private final GapsSeen gaps;

    ShopFloor(RuleBook book, Rack rack, LearnedPace pace, GapsSeen gaps) {
        this.book = book;
        this.rack = rack;
        this.pace = pace;
        this.gaps = gaps;
    }

    /** The shop for one box. */
    public Shop shop(BoxPlan plan, List<TestCut> testCuts) {
        List<Cutter> cutters = plan.fingers().looksOverTheRack()
                ? rack.all(Rack.Kind.CUTTER).stream().map(Kept::item).toList()
                : List.of();
        return new Shop(book.rules(), testCuts, cutters, pace.secondsPerPass(), gaps.again(), machines());
    }

    private List<Machine> machines() {
        return rack.all(Rack.Kind.MACHINE).stream().map(Kept::item).toList();
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
