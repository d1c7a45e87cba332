package canthook.fingers;

import canthook.fingers.ScrewPlans.ScrewPlan;
import canthook.fingers.ScrewPlans.Wanted;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice.Screw;
import canthook.shop.HouseRules;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;

/**
 * The whole steps a screw makes of a wanted slot and clearance. A screw has no other joint to give, so this is the layout that is shown,
 * printed and cut.
 *
 * @param screw that moves the carriage
 * @param plan the steps it is moved by
 * @param others the next best
 * @param wanted what was wanted
 */
public record ScrewSteps(
        Screw screw,
        ScrewPlan plan,
        List<ScrewPlan> others,
        Wanted wanted,
        Worked lead,
        Worked quantum,
        Worked across,
        Worked on,
        Worked slot,
        Worked clearance) {

    /** Searches the steps and writes their numbers down. */
    static ScrewSteps of(
            BoxPlan plan,
            Worksheet sheet,
            Worked kerf,
            Length overlap,
            Length slotWanted,
            Worked clearanceWanted,
            HouseRules rules) {
        Screw screw = plan.jig().screwOrUsual();
        Wanted wanted = new Wanted(
                kerf.length(),
                overlap,
                slotWanted,
                clearanceWanted.length(),
                rules.band(plan.walls().known()),
                plan.fingers().shared() == Sharing.CENTRED,
                60);
        List<ScrewPlan> found = ScrewPlans.best(screw, wanted);
        ScrewPlan best = found.isEmpty() ? new ScrewPlan(0, 1, 1, kerf.length(), Length.ZERO, false) : found.get(0);
        Worked lead = sheet.decided("lead", "l", "Lead", Show.CALIPER, screw.lead(), "jig.screw.lead");
        Worked turn = sheet.work(
                "turn",
                "a",
                "One turn of the crank",
                Show.CALIPER,
                screw.driver() == screw.driven()
                        ? lead.times(1)
                        : lead.times(screw.driver()).over(screw.driven()),
                "Lead times driving teeth over driven teeth.");
        Worked quantum = sheet.work(
                "quantum",
                "a′",
                "One step of the crank",
                Show.CALIPER,
                screw.parts() == 1 ? turn.times(1) : turn.over(screw.parts()),
                "A turn, divided as the crank is marked.");
        Worked across = sheet.work(
                "quanta-across",
                "(N−1)·t",
                "Steps between a slot's first and last pass",
                Show.COUNT,
                Term.fixed(best.passes() - 1.0).times(best.t()),
                "Passes less one, each so many steps on.");
        Worked on = sheet.work(
                "quanta-on",
                "u",
                "Steps from there to the next slot",
                Show.COUNT,
                Term.fixed(best.u()),
                "Searched: whole steps that come near the slot in few passes, with a clearance inside the band.");
        Worked slot = sheet.work(
                "slot",
                "s",
                "Slot the screw gives",
                Show.FIT,
                best.across() == 0 ? kerf.times(1) : kerf.plus(steps(across, lead, screw)),
                "The kerf, and the steps between first and last pass.");
        Worked clearance = sheet.work(
                "clearance",
                "c",
                "Clearance the screw gives",
                Show.FIT,
                kerf.times(2).minus(steps(on.minus(across), lead, screw)),
                "It depends on the kerf and the step alone.");
        return new ScrewSteps(
                screw,
                best,
                found.size() > 1 ? found.subList(1, found.size()) : List.of(),
                wanted,
                lead,
                quantum,
                across,
                on,
                slot,
                clearance);
    }

    /** So many steps of the crank as a length, rounded once. */
    public Term steps(Term quanta) {
        return steps(quanta, lead, screw);
    }

    private static Term steps(Term quanta, Worked lead, Screw screw) {
        Term turned = lead.times(quanta);
        if (screw.driver() != screw.driven()) {
            turned = turned.times(screw.driver());
        }
        double by = screw.parts() * (screw.driver() == screw.driven() ? 1.0 : screw.driven());
        return by == 1 ? turned : turned.over(by);
    }
}
