package canthook.jig;

import canthook.fingers.End;
import canthook.fingers.Rung;
import canthook.fingers.ScrewPlans;
import canthook.fingers.ScrewPlans.ScrewPlan;
import canthook.fingers.ScrewPlans.Wanted;
import canthook.fingers.ScrewSteps;
import canthook.jig.Cut.Turns;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Screw;
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
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A carriage moved by a threaded rod or a lead screw in whole parts of a turn.
 *
 * <p>Zero is the kerf just touching the reference edge from outside. From there the finger-first end starts at {@code u} quanta.
 * The slot-first end starts half a pitch before it (clearance shared), or, with all clearance on one side, from a zero of its
 * own: the kerf just inside the edge.
 *
 * @param steps the whole steps it is moved by, searched with the division
 */
public record ScrewSetting(Rung rung, ScrewSteps steps, LengthDisplay display) implements Setting {
    private static final Length SAME = Length.mm(0.005);

    /** A fit tighter than this cannot be closed; between mallet and nothing. */
    private static final Length WILL_NOT_START = Length.mm(-0.10);

    /** A fit looser than this drops apart. */
    private static final Length DROPS_APART = Length.mm(0.30);

    private static final int[] FINER = {2, 3, 4, 5, 8};
    private static final int[] GEARS = {16, 20, 24, 25, 30, 32, 36, 40, 45, 48, 50, 60};

    static ScrewSetting of(BoxPlan plan, Rung rung) {
        return new ScrewSetting(rung, java.util.Objects.requireNonNull(rung.screw()), plan.display());
    }

    public ScrewPlan plan() {
        return steps.plan();
    }

    public Screw screw() {
        return steps.screw();
    }

    /** Quanta from zero to the first slot of an end, its kerf wholly inside the wood's line. */
    private long first(End end) {
        if (end == End.FINGER_FIRST) {
            return plan().u();
        }
        return steps.wanted().halfway() ? (plan().u() - plan().across()) / 2L : 0;
    }

    @Override
    public List<Cut> cuts(End end) {
        List<Cut> cuts = new ArrayList<>();
        Length kerf = rung.kerf().length();
        int slots = layout().slots(end.isFingerFirst()).size();
        long before = 0;
        boolean inside = end == End.SLOT_FIRST && !steps.wanted().halfway();
        for (int j = 0; j < slots; j++) {
            for (int i = 0; i < plan().passes(); i++) {
                long quanta = first(end) + (long) j * plan().pitch() + (long) i * plan().t();
                Length travel = ScrewPlans.travel(screw(), quanta);
                Length to = inside ? travel.plus(kerf) : travel;
                long since = quanta - before;
                cuts.add(new Cut(
                        end,
                        j,
                        i + 1,
                        plan().passes(),
                        to.minus(kerf),
                        to,
                        new Turns(quanta, since, screw().parts(), travel),
                        since == 0
                                ? "Stay at zero and cut."
                                : "Crank " + turns(since, screw().parts()) + " on, to " + turns(quanta, screw().parts())
                                        + " from zero."));
                before = quanta;
            }
        }
        Setting.sliver(rung, end, plan().passes()).ifPresent(cuts::add);
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
                        : other.passes() + " passes " + turns(other.t(), screw().parts()) + " apart")
                + ", then " + turns(other.u(), screw().parts()) + " on";
    }

    /** The plan that stands and the next best, a line each. */
    public List<String> planWords(LengthDisplay shown) {
        List<String> words = new ArrayList<>();
        words.add(words(steps.plan(), shown));
        steps.others().forEach(other -> words.add(words(other, shown)));
        return words;
    }

    private static long gcd(long a, long b) {
        return b == 0 ? a : gcd(b, a % b);
    }

    @Override
    public Place place(Cut cut) {
        if (!(cut.where() instanceof Turns turns)) {
            return new Place(
                    "Cuts from",
                    Show.CALIPER,
                    Term.fixed(cut.from()),
                    "Anywhere inside the sliver that is left: the screw does not count here.");
        }
        long quanta = turns.quanta();
        return new Place(
                "Carriage from zero",
                Show.CALIPER,
                steps.steps(Term.fixed(quanta)),
                "So many steps of the crank from zero: " + turns(quanta, screw().parts()) + ".");
    }

    @Override
    public List<String> card() {
        List<String> card = new ArrayList<>();
        card.add("Carriage square to the cutter; screw and nut clean, slides without play.");
        card.add("Zero: crank forward until the kerf just touches the reference edge from outside.");
        if (!steps.wanted().halfway()) {
            card.add("Slot-first ends have a zero of their own: the kerf just inside the edge, flush with it.");
        }
        card.add("Backlash: back two turns past, then forward, always from the same side.");
        card.add("Say the count aloud; a helper ticks the list.");
        card.add("Backing board behind the work, guard block where the cutter comes out, travel stop.");
        if (steps.wanted().halfway()) {
            card.add("Shared clearance only: both mates in one stack, a half-pitch spacer under the slot-first part.");
        }
        card.add("On a router: reference edge to the right, seen along the feed.");
        return List.copyOf(card);
    }

    @Override
    public String errors() {
        return "A lost step shifts every cut after it; the pitch itself is as true as the screw. A fit is corrected in whole steps, or"
                + " by the kerf: the clearance changes by twice what the kerf does.";
    }

    @Override
    public void judge(BoxPlan box, HouseRules rules, Verdicts verdicts) {
        LengthDisplay d = box.display();
        Length gives = rung.clearance().length();
        if (!plan().inBand()) {
            String reachable = ScrewPlans.reachable(screw(), steps.wanted()).stream()
                    .map(c -> d.number(c, Precision.CALIPER))
                    .collect(Collectors.joining(", "));
            Length most = Length.longer(
                    DROPS_APART, steps.wanted().clearance().plus(steps.wanted().band()));
            boolean tight = gives.isUnder(steps.wanted().clearance());
            boolean stops = gives.isUnder(WILL_NOT_START) || gives.isOver(most);
            String goes = tight
                    ? (stops ? "it will not start" : "tight: it closes with a mallet and wants no clamps")
                    : (stops ? "it drops apart" : "loose: it slides, and the glue must fill it");
            String sentence = "With steps of " + steps.quantum().text(d) + " and a kerf of "
                    + rung.kerf().text(d) + " the clearance is " + d.text(gives, Precision.CALIPER) + ", "
                    + goes + ". Near " + rung.wanted().text(d) + " there are " + reachable + " " + d.unit()
                    + ". Finer steps, other gears, or a cutter shimmed to another kerf give others.";
            Fix[] fixes = changes(box).toArray(new Fix[0]);
            if (stops) {
                verdicts.stop(Code.SCREW_MISSES_BAND, "fingers.clearance", sentence, fixes);
            } else {
                verdicts.mind(Code.SCREW_MISSES_BAND, "fingers.clearance", sentence, fixes);
            }
            return;
        }
        boolean same = !layout().slot().minus(steps.wanted().slot()).abs().isOver(SAME)
                && !gives.minus(rung.wanted().length()).abs().isOver(SAME);
        if (!same) {
            verdicts.note(
                    Code.SCREW_GIVES,
                    "fingers.slot",
                    "In whole steps this screw gives slots of " + d.text(layout().slot(), Precision.CALIPER)
                            + " and a clearance of " + d.text(gives, Precision.CALIPER)
                            + "; the joint closes at " + d.text(layout().height(), Precision.CALIPER) + ", "
                            + d.text(
                                    layout().height()
                                            .minus(rung.band().wished())
                                            .abs(),
                                    Precision.CALIPER)
                            + (layout().height().isUnder(rung.band().wished()) ? " lower" : " higher")
                            + " than wished.");
        }
    }

    /** Changes that bring a clearance into the band: finer steps, another kerf, gears. */
    private List<Fix> changes(BoxPlan box) {
        List<Fix> fixes = new ArrayList<>();
        for (int times : FINER) {
            if (screw().parts() * times <= 100 && reaches(screw().withParts(screw().parts() * times), steps.wanted())) {
                Screw finer = screw().withParts(screw().parts() * times);
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
        Length kerf = ScrewPlans.kerfFor(screw(), steps.wanted());
        if (!kerf.isUnder(Length.mm(0.2))
                && !kerf.isOver(Length.mm(200))
                && rung.tool().cutter() == null) {
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
                Screw geared = screw().withGears(driver, driven);
                double off = Math.abs(Math.log(driver / (double) driven));
                if (off < nearest && reaches(geared, steps.wanted())) {
                    best = geared;
                    nearest = off;
                }
            }
        }
        return best;
    }

    @Override
    public String line(LengthDisplay shown) {
        return "screw, " + turns(plan().pitch(), screw().parts()) + " a pitch";
    }

    @Override
    public Optional<Check> check(LengthDisplay shown) {
        return Optional.empty();
    }

    @Override
    public void build(Worksheet sheet, Worked cutterHeight, HouseRules rules) {
        Setting.travel(rung, sheet);
    }

    /** A screw has whole steps only: a step on {@code u}, or a kerf thinner by half the move with the zero set anew. */
    /** The least a fit is changed by when the steps from slot to slot are counted anew. */
    private Length fitStep() {
        return steps.quantum().length().times(steps.wanted().halfway() ? 2 : 1);
    }

    /** Whether whole steps of the screw make a move; the rest is made by the kerf. */
    public boolean isWhole(Length move) {
        long whole = Math.round(move.mm() / fitStep().mm());
        return whole != 0 && !fitStep().times(whole).minus(move).abs().isOver(Length.mm(0.001));
    }

    @Override
    public Correction correction(Length before, Length move, LengthDisplay shown) {
        Length step = fitStep();
        Length half = move.dividedBy(2);
        boolean tighten = move.isPositive();
        Length made = move;
        long standing = Math.round(before.mm() / step.mm());
        List<String> ways = new ArrayList<>();
        long whole = Math.round(move.mm() / step.mm());
        if (whole != 0
                && !step.times(whole).minus(move).abs().isOver(steps.wanted().band())) {
            made = step.times(whole);
            long quanta = whole * (steps.wanted().halfway() ? 2 : 1);
            ways.add("From slot to slot " + turns(Math.abs(quanta), screw().parts()) + (tighten ? " more: " : " less: ")
                    + turns(plan().u() + standing * (steps.wanted().halfway() ? 2 : 1) + quanta, screw().parts())
                    + " on.");
        }
        ways.add((ways.isEmpty() ? "A kerf " : "Or a kerf ") + shown.text(half.abs(), Precision.CALIPER)
                + (tighten ? " thinner" : " wider")
                + ", the zero set anew: the clearance changes by twice the kerf."
                + (layout().isEven()
                        ? " The closing height stays."
                        : " The closing height changes by " + shown.text(half.abs(), Precision.CALIPER) + "."));
        Length give = screw().backlash();
        if (give != null && give.isPositive()) {
            ways.add("Come to every place from the same side: turn past it by more than the give of "
                    + shown.text(give, Precision.CALIPER) + " and back.");
        }
        return new Correction(
                "A screw moves in whole steps of " + steps.quantum().text(shown) + "; the fit is off by "
                        + shown.text(move.abs(), Precision.CALIPER) + (tighten ? ", too loose." : ", too tight."),
                made,
                ways);
    }

    @Override
    public <T> T fold(
            Function<KeySetting, T> key,
            Function<ScrewSetting, T> screw,
            Function<SpacerSetting, T> spacers,
            Function<StopSetting, T> stops,
            Function<HandSetting, T> hand,
            Function<BandSawSetting, T> bandSaw) {
        return screw.apply(this);
    }
}
