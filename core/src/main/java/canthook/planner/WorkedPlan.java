package canthook.planner;

import canthook.blank.CutBlank;
import canthook.bottom.WorkedBottom;
import canthook.corner.CornersCompared;
import canthook.cutlist.BatchCuts;
import canthook.cutlist.CutList;
import canthook.fingers.Ladder;
import canthook.fingers.Rung;
import canthook.fingers.SectionLists;
import canthook.finish.Finishing;
import canthook.fit.Fit;
import canthook.fitting.Fittings;
import canthook.glue.GlueUp;
import canthook.jig.Jig;
import canthook.lid.WorkedLid;
import canthook.machines.AtTheMachines;
import canthook.mates.MatesApart;
import canthook.panel.CutPiece;
import canthook.panel.GrooveEnds;
import canthook.panel.GrooveRun;
import canthook.panel.HeldPanel;
import canthook.panel.Step;
import canthook.plan.BoxPlan;
import canthook.seasons.Year;
import canthook.shop.Shop;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.walls.WallDemands;
import canthook.working.Later;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Everything that follows from a plan and a shop, stage by stage. The API, pictures and exports read only this. */
public record WorkedPlan(
        BoxPlan plan,
        Shop shop,
        WallDemands walls,
        SizedBox size,
        Ladder fingers,
        CutBlank blank,
        Jig jig,
        CutList cuts,
        Fit fit,
        Year year,
        MatesApart mates,
        Later<CornersCompared> otherCorners,
        WorkedBottom bottom,
        WorkedLid lid,
        Fittings fittings,
        GlueUp glue,
        Finishing finish,
        AtTheMachines machines,
        Offers offers) {

    /**
     * The same parts for another batch or under another name: for who seeks boards for them. What cut, glue and finish tell of a batch is
     * still that of the plan that was worked.
     */
    public WorkedPlan with(BoxPlan changed) {
        return new WorkedPlan(
                changed,
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
                otherCorners,
                bottom,
                lid,
                fittings,
                glue,
                finish,
                machines,
                new Offers());
    }

    /** The same box with other corners, to choose against. */
    public CornersCompared corners() {
        return otherCorners.get();
    }

    /** The plan with what was chosen among the cutters of the rack fixed, so that it works out to the same whatever hangs there later. */
    public BoxPlan settled() {
        return fingers.settled(plan);
    }

    /** The cuts of so many boxes alike, in stacks. */
    public BatchCuts cutsOf(int first, int boxes) {
        return BatchCuts.of(cuts.cuts(), fingers.joint(), size, shop.rules().stackHighest(), jig.way(), first, boxes);
    }

    /** All worked numbers but the ladder's other rungs, in shop order. */
    public List<Worked> numbers() {
        List<Worked> all = new ArrayList<>(200);
        all.addAll(walls.numbers());
        all.addAll(size.numbers());
        all.addAll(fingers.numbers());
        all.addAll(blank.numbers());
        all.addAll(jig.numbers());
        all.addAll(cuts.numbers());
        all.addAll(fit.numbers());
        all.addAll(year.numbers());
        all.addAll(mates.numbers());
        all.addAll(corners().numbers());
        all.addAll(bottom.numbers());
        all.addAll(lid.numbers());
        all.addAll(fittings.numbers());
        all.addAll(glue.numbers());
        all.addAll(finish.numbers());
        all.addAll(machines.numbers());
        return all;
    }

    /** Any worked number, those of every rung and of every pass among them, by its id. */
    public Optional<Worked> number(String id) {
        for (Worked worked : numbers()) {
            if (worked.is(id)) {
                return Optional.of(worked);
            }
        }
        for (Rung rung : fingers.rungs()) {
            if (id.startsWith(rung.name() + ".")) {
                for (Worked worked : rung.numbers()) {
                    if (worked.is(id)) {
                        return Optional.of(worked);
                    }
                }
            }
        }
        return jig.placeById(id).or(() -> cuts.passByEye(id).map(jig::place));
    }

    /** The panels of the box, bottom before lid. */
    public List<HeldPanel> panels() {
        List<HeldPanel> panels = new ArrayList<>();
        bottom.panel().ifPresent(panels::add);
        lid.panel().ifPresent(panels::add);
        return panels;
    }

    /** Every groove as it is cut, the bottom's before the lid's. */
    public List<GrooveRun> grooves() {
        List<GrooveRun> grooves = new ArrayList<>(bottom.grooves());
        grooves.addAll(lid.grooves());
        return grooves;
    }

    /** What bottom, lid, fittings and tips want done beside grooves and pieces, in order. */
    public List<Step> steps() {
        List<Step> steps = new ArrayList<>();
        for (GrooveRun run : grooves()) {
            GrooveEnds.cornerStep(run, this::number, plan.display()).ifPresent(steps::add);
        }
        steps.addAll(bottom.steps(plan.display()));
        steps.addAll(lid.steps(plan.display()));
        steps.addAll(fittings.steps(plan.display()));
        steps.addAll(glue.steps(plan.display()));
        return steps;
    }

    /** Everything that is cut for bottom, lid and fittings. */
    public List<CutPiece> pieces() {
        List<CutPiece> pieces = new ArrayList<>(bottom.pieces());
        pieces.addAll(lid.pieces());
        pieces.addAll(fittings.pieces());
        return pieces;
    }

    /** The panel of a bottom or a lid, by whose it is; empty without one. */
    public Optional<HeldPanel> panel(String of) {
        return panels().stream().filter(p -> p.of().equals(of)).findFirst();
    }

    /** Ways to divide the height into unequal sections, each as the change it is. */
    public List<Fix> patterns() {
        return SectionLists.patterns(plan, fingers.chosen(), size.jointed().length(), lid.seam(), blank.kerf());
    }

    /** Numbers that hold on one day of the year. */
    public List<Worked> numbersOn(double day) {
        List<Worked> all = new ArrayList<>();
        all.addAll(bottom.numbersOn(day, year));
        all.addAll(lid.numbersOn(day, year));
        return all;
    }

    /** All verdicts, in shop order, each with those of its fixes that mend it. */
    public List<Verdict> verdicts() {
        return offers.of(this);
    }

    /** All verdicts, in shop order; those that are mended at one place with their fixes, the others without: no fix is tried for nothing. */
    public List<Verdict> verdictsAt(Place place) {
        return offers.at(this, place);
    }

    /** All verdicts as the stages found them, their fixes not tried yet. */
    public List<Verdict> found() {
        List<Verdict> all = new ArrayList<>();
        all.addAll(walls.verdicts());
        all.addAll(size.verdicts());
        all.addAll(mates.verdicts());
        all.addAll(fingers.verdicts());
        all.addAll(blank.verdicts());
        all.addAll(jig.verdicts());
        all.addAll(machines.verdicts());
        all.addAll(cuts.verdicts());
        all.addAll(fit.verdicts());
        all.addAll(year.verdicts());
        all.addAll(bottom.verdicts());
        all.addAll(lid.verdicts());
        all.addAll(fittings.verdicts());
        all.addAll(glue.verdicts());
        all.addAll(finish.verdicts());
        return all;
    }
}
