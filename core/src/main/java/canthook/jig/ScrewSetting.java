package canthook.jig;

import canthook.fingers.Layout;
import canthook.fingers.Rung;
import canthook.jig.Cut.Turns;
import canthook.jig.ScrewPlans.ScrewPlan;
import canthook.jig.ScrewPlans.Wanted;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice.Screw;
import canthook.plan.SizeWish;
import canthook.shop.HouseRules;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A carriage moved by a threaded rod or a lead screw in whole parts of a turn.
 *
 * <p>Zero is the kerf just touching the reference edge from outside. From there the finger-first end starts at {@code u} quanta.
 * The slot-first end starts half a pitch before it (clearance shared), or, with all clearance on one side, from a zero of its
 * own: the kerf just inside the edge.
 *
 * @param screw that moves the carriage
 * @param plan the whole quanta it is moved by
 * @param others the next best
 * @param wanted what was wanted
 */
public record ScrewSetting(
        Rung rung,
        Screw screw,
        ScrewPlan plan,
        List<ScrewPlan> others,
        Wanted wanted,
        Layout layout,
        Worked lead,
        Worked quantum)
        implements Setting {
    private static final Length SAME = Length.mm(0.005);
    private static final int[] FINER = {2, 3, 4, 5, 8};
    private static final int[] GEARS = {16, 20, 24, 25, 30, 32, 36, 40, 45, 48, 50, 60};

    static ScrewSetting of(BoxPlan plan, Rung rung, HouseRules rules, Worksheet sheet) {
        Screw screw = plan.jig().screwOrUsual();
        boolean halfway = plan.fingers().shared() == Sharing.CENTRED;
        Wanted wanted = new Wanted(
                rung.kerf().length(),
                rung.overlap(),
                rung.slot().length(),
                rung.clearance().length(),
                rules.band(plan.walls().known()),
                halfway,
                60);
        List<ScrewPlan> found = ScrewPlans.best(screw, wanted);
        ScrewPlan best =
                found.isEmpty() ? new ScrewPlan(0, 1, 1, rung.kerf().length(), Length.ZERO, false) : found.get(0);
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
                "Searched: whole steps that come nearest to the slot with a clearance inside the band.");
        Worked slot = sheet.work(
                "slot",
                "s",
                "Slot the screw gives",
                Show.CALIPER,
                best.across() == 0 ? rung.kerf().times(1) : rung.kerf().plus(steps(across, lead, screw)),
                "The kerf, and the steps between first and last pass.");
        Worked clearance = sheet.work(
                "clearance",
                "c",
                "Clearance the screw gives",
                Show.CALIPER,
                rung.kerf().times(2).minus(steps(on.minus(across), lead, screw)),
                "It depends on the kerf and the step alone.");
        Worked finger = sheet.work(
                "finger", "f", "Finger the screw gives", Show.CALIPER, slot.minus(clearance), "Slot less clearance.");
        sheet.work(
                "pitch",
                "p",
                "Pitch the screw gives",
                Show.CALIPER,
                steps(across.plus(on), lead, screw),
                "All the steps from one slot to the next.");
        Worked closes = sheet.work(
                "closing-height",
                "H₀",
                "Closes with this screw at",
                Show.CALIPER,
                rung.sections().times(slot).minus(rung.fingers().times(clearance)),
                "Where the last section ends whole.");
        Layout layout = new Layout(
                rung.sections().count(),
                slot.length(),
                finger.length(),
                closes.length(),
                halfway ? clearance.length().dividedBy(2) : Length.ZERO,
                Length.ZERO,
                List.of());
        return new ScrewSetting(
                rung,
                screw,
                best,
                found.size() > 1 ? found.subList(1, found.size()) : List.of(),
                wanted,
                layout,
                lead,
                quantum);
    }

    /** So many steps of the crank as a length, rounded once. */
    private static Term steps(Term quanta, Worked lead, Screw screw) {
        Term turned = lead.times(quanta);
        if (screw.driver() != screw.driven()) {
            turned = turned.times(screw.driver());
        }
        double by = screw.parts() * (screw.driver() == screw.driven() ? 1.0 : screw.driven());
        return by == 1 ? turned : turned.over(by);
    }

    /** Quanta from zero to the first slot of an end, its kerf wholly inside the wood's line. */
    private long first(End end) {
        if (end == End.FINGER_FIRST) {
            return plan.u();
        }
        return wanted.halfway() ? (plan.u() - plan.across()) / 2L : 0;
    }

    @Override
    public List<Cut> cuts(End end) {
        List<Cut> cuts = new ArrayList<>();
        Length kerf = rung.kerf().length();
        int slots = layout.slots(end.isFingerFirst()).size();
        long before = 0;
        boolean inside = end == End.SLOT_FIRST && !wanted.halfway();
        for (int j = 0; j < slots; j++) {
            for (int i = 0; i < plan.passes(); i++) {
                long quanta = first(end) + (long) j * plan.pitch() + (long) i * plan.t();
                Length travel = ScrewPlans.travel(screw, quanta);
                Length to = inside ? travel.plus(kerf) : travel;
                long since = quanta - before;
                cuts.add(new Cut(
                        end,
                        j,
                        i + 1,
                        plan.passes(),
                        to.minus(kerf),
                        to,
                        new Turns(quanta, since, screw.parts(), travel),
                        since == 0
                                ? "Stay at zero and cut."
                                : "Crank " + turns(since, screw.parts()) + " on, to " + turns(quanta, screw.parts())
                                        + " from zero."));
                before = quanta;
            }
        }
        return cuts;
    }

    /** {@code 3 3/8 turns}. */
    public static String turns(long quanta, int parts) {
        long whole = quanta / parts;
        long rest = quanta % parts;
        if (rest == 0) {
            return whole + (whole == 1 ? " turn" : " turns");
        }
        long common = gcd(rest, parts);
        String part = rest / common + "/" + parts / common;
        return whole == 0 ? part + " turn" : whole + " " + part + " turns";
    }

    /** A plan in a line, for choosing by eye. */
    public String words(ScrewPlan other, LengthDisplay display) {
        return "slot " + display.number(other.slot(), Precision.CALIPER) + ", clearance "
                + display.number(other.clearance(), Precision.CALIPER)
                + (other.inBand() ? "" : " (outside the band)") + ": "
                + (other.passes() == 1
                        ? "one pass"
                        : other.passes() + " passes " + turns(other.t(), screw.parts()) + " apart")
                + ", then " + turns(other.u(), screw.parts()) + " on";
    }

    private static long gcd(long a, long b) {
        return b == 0 ? a : gcd(b, a % b);
    }

    @Override
    public Place place(Cut cut) {
        long quanta = cut.where() instanceof Turns turns ? turns.quanta() : 0;
        return new Place(
                "Carriage from zero",
                Show.CALIPER,
                steps(Term.fixed(quanta), lead, screw),
                "So many steps of the crank from zero: " + turns(quanta, screw.parts()) + ".");
    }

    @Override
    public List<String> card() {
        List<String> card = new ArrayList<>();
        card.add("Carriage square to the cutter; screw and nut clean, gibs snug.");
        card.add("Zero: crank forward until the kerf just touches the reference edge from outside.");
        if (!wanted.halfway()) {
            card.add("Slot-first ends have a zero of their own: the kerf just inside the edge, flush with it.");
        }
        card.add("Backlash: back two turns past, then forward, always from the same side.");
        card.add("Say the count aloud; a helper ticks the list.");
        card.add("Backing board behind the work, guard block where the cutter comes out, travel stop.");
        card.add("A stack of both mates may be cut together with a spacer of half a pitch under one.");
        return List.copyOf(card);
    }

    @Override
    public String errors() {
        return "A lost step shifts every cut after it; the pitch itself is as true as the screw. A fit is corrected in whole steps, or"
                + " by the kerf: the clearance changes by twice what the kerf does.";
    }

    void judge(BoxPlan box, HouseRules rules, Verdicts verdicts) {
        LengthDisplay d = box.display();
        if (!plan.inBand()) {
            String reachable = ScrewPlans.reachable(screw, wanted).stream()
                    .map(c -> d.number(c, Precision.CALIPER))
                    .collect(Collectors.joining(", "));
            verdicts.stop(
                    Code.SCREW_MISSES_BAND,
                    "jig.clearance",
                    "With steps of " + quantum.text(d) + " and a kerf of "
                            + rung.kerf().text(d)
                            + " the clearances near " + rung.clearance().text(d) + " are " + reachable + " " + d.unit()
                            + ". Take finer steps, other gears, or shim the cutter to another kerf.",
                    changes(box).toArray(new Fix[0]));
            return;
        }
        boolean same = !layout.slot().minus(rung.slot().length()).abs().isOver(SAME)
                && !layout.clearance().minus(rung.clearance().length()).abs().isOver(SAME);
        if (!same) {
            Fix[] take = box.size().decidesHeight() && SizeWish.takesHeight(layout.height())
                    ? new Fix[] {
                        new Fix(
                                "Take " + d.text(layout.height(), Precision.CALIPER) + " high, clearance "
                                        + d.text(layout.clearance(), Precision.CALIPER),
                                box.with(box.size().withHeight(layout.height()))
                                        .with(box.fingers()
                                                .withSections(layout.sections())
                                                .withClearance(layout.clearance())
                                                .withLowerBy(Length.ZERO)))
                    }
                    : new Fix[0];
            verdicts.mind(
                    Code.SCREW_GIVES,
                    "jig.slot",
                    "In whole steps this screw gives slots of " + d.text(layout.slot(), Precision.CALIPER)
                            + " and a clearance of " + d.text(layout.clearance(), Precision.CALIPER)
                            + "; the joint closes at " + d.text(layout.height(), Precision.CALIPER) + ", not "
                            + rung.closing().text(d) + ".",
                    take);
        }
    }

    /** Changes that bring a clearance into the band: finer steps, another kerf, gears. */
    private List<Fix> changes(BoxPlan box) {
        List<Fix> fixes = new ArrayList<>();
        for (int times : FINER) {
            if (screw.parts() * times <= 100 && reaches(screw.withParts(screw.parts() * times), wanted)) {
                Screw finer = screw.withParts(screw.parts() * times);
                fixes.add(new Fix(
                        "Mark the crank at every 1/" + finer.parts() + " turn",
                        box.with(box.jig().with(finer))));
                break;
            }
        }
        Screw geared = gears();
        if (geared != null) {
            fixes.add(new Fix(
                    "Gears of " + geared.driver() + " driving " + geared.driven(),
                    box.with(box.jig().with(geared))));
        }
        Length kerf = ScrewPlans.kerfFor(screw, wanted);
        if (!kerf.isUnder(Length.mm(0.2))
                && !kerf.isOver(Length.mm(200))
                && box.fingers().tool() == null) {
            fixes.add(new Fix(
                    "Bring the kerf to " + box.display().text(kerf, Precision.CALIPER),
                    box.with(box.fingers().withKerf(kerf))));
        }
        return fixes;
    }

    private static boolean reaches(Screw screw, Wanted wanted) {
        return ScrewPlans.reachable(screw, wanted).stream()
                .anyMatch(c -> !c.minus(wanted.clearance()).abs().isOver(wanted.band()));
    }

    private @org.jspecify.annotations.Nullable Screw gears() {
        Screw best = null;
        double nearest = Double.MAX_VALUE;
        for (int driver : GEARS) {
            for (int driven : GEARS) {
                if (driver == driven) {
                    continue;
                }
                Screw geared = screw.withGears(driver, driven);
                double off = Math.abs(Math.log(driver / (double) driven));
                if (off < nearest && reaches(geared, wanted)) {
                    best = geared;
                    nearest = off;
                }
            }
        }
        return best;
    }
}
