package canthook.planner;

import canthook.blank.CutBlank;
import canthook.bottom.BottomPanel;
import canthook.corner.CornersCompared;
import canthook.cutlist.CutList;
import canthook.fingers.Ladder;
import canthook.fingers.Rung;
import canthook.fingers.SectionLists;
import canthook.fit.Fit;
import canthook.jig.Jig;
import canthook.lid.SlidingLid;
import canthook.mates.MatesApart;
import canthook.panel.PanelDay;
import canthook.plan.BoxPlan;
import canthook.seasons.Year;
import canthook.shop.Shop;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Everything that follows from a plan and a shop, stage by stage. The API, pictures and exports read only this. */
public record WorkedPlan(
        BoxPlan plan,
        Shop shop,
        SizedBox size,
        Ladder fingers,
        CutBlank blank,
        Jig jig,
        CutList cuts,
        Fit fit,
        Year year,
        MatesApart mates,
        CornersCompared corners,
        BottomPanel bottom,
        SlidingLid lid) {

    /** The same with decisions that no stage reads: the batch, the name. */
    public WorkedPlan with(BoxPlan changed) {
        return new WorkedPlan(changed, shop, size, fingers, blank, jig, cuts, fit, year, mates, corners, bottom, lid);
    }

    /** All worked numbers but the ladder's other rungs, in shop order. */
    public List<Worked> numbers() {
        List<Worked> all = new ArrayList<>(200);
        all.addAll(size.numbers());
        all.addAll(fingers.numbers());
        all.addAll(blank.numbers());
        all.addAll(jig.numbers());
        all.addAll(cuts.numbers());
        all.addAll(fit.numbers());
        all.addAll(year.numbers());
        all.addAll(mates.numbers());
        all.addAll(corners.numbers());
        all.addAll(bottom.numbers());
        all.addAll(lid.numbers());
        return all;
    }

    /** Any worked number, those of every rung and of every pass among them, by its id. */
    public Optional<Worked> number(String id) {
        for (Worked worked : numbers()) {
            if (worked.id().equals(id)) {
                return Optional.of(worked);
            }
        }
        for (Rung rung : fingers.rungs()) {
            for (Worked worked : rung.numbers()) {
                if (worked.id().equals(id)) {
                    return Optional.of(worked);
                }
            }
        }
        return jig.placeById(id);
    }

    /** The bottom on a day of the year, 0 driest … 1 wettest; empty without one. */
    public Optional<PanelDay> bottomOn(double day) {
        return Optional.ofNullable(bottom.across())
                .map(across ->
                        PanelDay.of("bottom", across, year, day, plan.bottom().pinned()));
    }

    /** The lid on a day of the year, 0 driest … 1 wettest; empty without one. */
    public Optional<PanelDay> lidOn(double day) {
        return Optional.ofNullable(lid.across()).map(across -> PanelDay.of("lid", across, year, day, false));
    }

    /** Ways to divide the height into unequal sections, each as the change it is. */
    public List<Fix> patterns() {
        return SectionLists.patterns(plan, fingers.chosen(), size.height().length());
    }

    /** Numbers that hold on one day of the year. */
    public List<Worked> numbersOn(double day) {
        List<Worked> all = new ArrayList<>();
        bottomOn(day).ifPresent(b -> all.addAll(b.numbers()));
        lidOn(day).ifPresent(l -> all.addAll(l.numbers()));
        return all;
    }

    /** All verdicts, in shop order. */
    public List<Verdict> verdicts() {
        List<Verdict> all = new ArrayList<>();
        all.addAll(size.verdicts());
        all.addAll(mates.verdicts());
        all.addAll(fingers.verdicts());
        all.addAll(blank.verdicts());
        all.addAll(jig.verdicts());
        all.addAll(cuts.verdicts());
        all.addAll(fit.verdicts());
        all.addAll(year.verdicts());
        all.addAll(bottom.verdicts());
        all.addAll(lid.verdicts());
        return all;
    }
}
