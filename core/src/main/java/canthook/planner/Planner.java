package canthook.planner;

import canthook.blank.CutBlank;
import canthook.bottom.Bottoms;
import canthook.bottom.WorkedBottom;
import canthook.corner.CornersCompared;
import canthook.cutlist.CutList;
import canthook.fingers.Ladder;
import canthook.finish.Finishing;
import canthook.fit.Fit;
import canthook.fitting.Fittings;
import canthook.glue.GlueUp;
import canthook.jig.Jig;
import canthook.lid.Lids;
import canthook.lid.WorkedLid;
import canthook.machines.AtTheMachines;
import canthook.mates.MatesApart;
import canthook.panel.GrooveRun;
import canthook.plan.BoxPlan;
import canthook.seasons.Year;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.size.SizedBox;
import canthook.walls.WallDemands;
import canthook.working.Later;
import java.util.ArrayList;
import java.util.List;

/** One way through: plan and shop in, worked plan out. Pure: no clock, no storage, the same in gives the same out. */
public final class Planner {
    private Planner() {}

    public static WorkedPlan work(BoxPlan plan, Shop shop) {
        HouseRules rules = shop.rules();
        WallDemands walls = WallDemands.of(plan, Bottoms.asks(plan), Lids.asks(plan, rules));
        SizedBox size = SizedBox.of(plan, walls, rules);
        Ladder fingers = Ladder.of(plan, size, walls, shop);
        CutBlank blank = CutBlank.of(plan, size, fingers, rules);
        Jig jig = Jig.of(plan, size, fingers, rules);
        CutList cuts = CutList.of(plan, size, fingers, jig, shop);
        Fit fit = Fit.of(plan, fingers, jig, shop);
        Year year = Year.of(plan);
        MatesApart mates = MatesApart.of(plan, size, year, rules);
        WorkedBottom bottom = Bottoms.of(plan, walls, size, fingers, year, rules);
        WorkedLid lid = Lids.of(plan, walls, size, fingers, year, bottom, rules);
        Fittings fittings = Fittings.of(plan, walls, size, fingers, year, bottom, lid, blank.kerf());
        GlueUp glue = GlueUp.of(plan, size, fingers, bottom, lid, fittings, rules);
        Finishing finish = Finishing.of(plan, cuts, glue, lid, rules);
        List<GrooveRun> grooves = new ArrayList<>(bottom.grooves());
        grooves.addAll(lid.grooves());
        AtTheMachines machines = AtTheMachines.of(plan, size, fingers.chosen(), jig, grooves, shop);
        return new WorkedPlan(
                plan,
                shop,
                walls,
                size,
                fingers,
                blank,
                jig,
                cuts,
                fit,
                year,
                mates,
                new Later<>(() -> CornersCompared.of(size, fingers)),
                bottom,
                lid,
                fittings,
                glue,
                finish,
                machines,
                new Offers());
    }
}
