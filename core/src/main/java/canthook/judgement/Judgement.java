package canthook.judgement;

import canthook.cutlist.CutList;
import canthook.fingers.Rung;
import canthook.fit.Fit;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BatchWish;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.JigChoice.Way;
import canthook.plan.Part;
import canthook.plan.SizeWish.Tips;
import canthook.plan.Stuff;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.GapAt;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdict.Weight;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Which judgement calls this box asks for. Source of each: handed down among makers; check values in the test.
 */
public final class Judgement {
    /** Rings flatter than this make a wall cup, degrees. */
    public static final double FLAT = 30;

    /** A backing wears out after about so many passes. */
    public static final int PASSES_A_BACKING = 30;

    /** After so many parts a test is cut again. */
    public static final int PARTS_A_TEST = 20;

    /** What sanding or planing takes off a face, from and to. */
    public static final Length LEAST_SANDED = Length.mm(0.05);

    public static final Length MOST_SANDED = Length.mm(0.15);

    private Judgement() {}

    /** In the order of the stations. */
    public static List<Hint> of(WorkedPlan worked) {
        List<Hint> hints = new ArrayList<>();
        for (Call call : Call.values()) {
            of(call, worked)
                    .map(hint -> hint.with(hint.fixes().stream()
                            .filter(fix -> follows(hint.call(), fix, worked))
                            .toList()))
                    .ifPresent(hints::add);
        }
        return List.copyOf(hints);
    }

    /** Whether the changed plan no longer asks for the call, and stops nowhere it did not stop before. */
    private static boolean follows(Call call, Fix fix, WorkedPlan worked) {
        WorkedPlan after = Planner.work(fix.after(), worked.shop());
        return of(call, after).isEmpty() && stops(worked).containsAll(stops(after));
    }

    private static Set<Code> stops(WorkedPlan worked) {
        return worked.found().stream()
                .filter(v -> v.weight() == Weight.STOP)
                .map(Verdict::code)
                .collect(Collectors.toSet());
    }

    private static Optional<Hint> of(Call call, WorkedPlan worked) {
        return switch (call) {
            case PLANING_DIRECTION -> planingDirection(worked);
            case FULL_FINGER_ON_TOP -> fullFingerOnTop(worked);
            case SHORT_GRAIN -> shortGrain(worked);
            case LET_IT_SETTLE -> letItSettle(worked);
            case HEART_SIDE_OUT -> heartSideOut(worked);
            case BEST_CORNER_FORWARD -> bestCornerForward(worked);
            case WHAT_SANDING_TAKES -> whatSandingTakes(worked);
            case REPAIR_OR_REMAKE -> repairOrRemake(worked);
            case TEST_AGAIN -> testAgain(worked);
            case BACKING -> backing(worked);
            case FOUR_IN_A_ROW -> fourInARow(worked);
            case GAPS_FROM_THE_FIT -> gapsAgain(Call.GAPS_FROM_THE_FIT, true, worked);
            case GAPS_FROM_THE_JIG -> gapsAgain(Call.GAPS_FROM_THE_JIG, false, worked);
        };
    }

    /** The same gap twice in the Book of the shop: looked for before the next box has it too. */
    private static Optional<Hint> gapsAgain(Call call, boolean ofTheFit, WorkedPlan worked) {
        return worked.shop().gapsAgain().stream()
                .filter(g -> g.isOfTheFit() == ofTheFit)
                .min(Comparator.naturalOrder())
                .map(g -> {
                    GapFound.Reason first = GapFound.of(worked, g).reasons().get(0);
                    return new Hint(
                            call,
                            "Look before you cut: " + first.words() + "? " + first.look(),
                            "Gaps " + g.words() + " stand in the Book more than once.");
                });
    }

    /** Any wall of solid wood. */
    private static boolean solid(WorkedPlan worked) {
        return !worked.plan().walls().known().isSheet() || !ends(worked).known().isSheet();
    }

    private static Stuff ends(WorkedPlan worked) {
        Stuff own = worked.plan().ends();
        return own == null ? worked.plan().walls() : own;
    }

    private static boolean flat(Stuff stuff) {
        return !stuff.known().isSheet() && stuff.ringAngle() < FLAT;
    }

    private static Optional<Hint> planingDirection(WorkedPlan worked) {
        Tips tips = worked.plan().size().tips();
        if (!solid(worked) || tips == Tips.BY_DESIGN) {
            return Optional.empty();
        }
        return Optional.of(new Hint(
                Call.PLANING_DIRECTION,
                "Mark on every outside which way it planes.",
                "After the joint the faces are planed or sanded again, and against the grain they tear."));
    }

    private static Optional<Hint> fullFingerOnTop(WorkedPlan worked) {
        boolean stays = worked.plan().fingers().leftover() != Leftover.RIP
                && worked.fingers().chosen().ripOff().length().isPositive();
        if (!stays) {
            return Optional.empty();
        }
        return Optional.of(new Hint(
                Call.FULL_FINGER_ON_TOP,
                "Make the top edge the reference edge: what is left over falls at the bottom.",
                "The eye reads the top edge, and a full finger belongs there.",
                List.of(new Fix(
                        "Rip the height to what closes",
                        worked.plan()
                                .with(worked.plan().fingers().with(Leftover.RIP).about())))));
    }

    /** A finger narrower than half its length, which is the mate's thickness, breaks. */
    private static Optional<Hint> shortGrain(WorkedPlan worked) {
        if (!solid(worked)) {
            return Optional.empty();
        }
        Length half = worked.size().slotDepth().length().dividedBy(2);
        Length finger = worked.fingers().chosen().finger().length();
        if (!finger.isUnder(half)) {
            return Optional.empty();
        }
        LengthDisplay display = worked.plan().display();
        String tool = worked.fingers().chosen().tool().id();
        Optional<Rung> holds = worked.fingers().rungs().stream()
                .filter(r -> r.feasible() && r.tool().id().equals(tool))
                .filter(r -> !r.finger().length().isUnder(half))
                .max(Comparator.comparingInt(r -> r.sections().count()));
        return Optional.of(new Hint(
                Call.SHORT_GRAIN,
                holds.map(r -> r.sections().count() + " sections would give fingers of "
                                + r.finger().text(display) + ".")
                        .orElse("Thinner walls or a wider cutter would help."),
                "A finger of " + display.text(finger, Precision.CALIPER) + " is under half its length of "
                        + worked.size().slotDepth().text(display) + ": it breaks off at the short grain.",
                holds.map(r -> new Fix(
                                "Make it " + r.sections().count() + " sections",
                                worked.plan()
                                        .with(worked.plan()
                                                .fingers()
                                                .withSections(r.sections().count()))))
                        .map(List::of)
                        .orElse(List.of())));
    }

    private static Optional<Hint> letItSettle(WorkedPlan worked) {
        if (!solid(worked)) {
            return Optional.empty();
        }
        BatchWish batch = worked.plan().batch();
        boolean resawn = batch != null && batch.resaw();
        return Optional.of(new Hint(
                Call.LET_IT_SETTLE,
                resawn
                        ? "Resaw over size and let it rest for several days; then joint and plane to size."
                        : "Rip over size and let it rest for a day; then joint and plane to size.",
                "Wood that was ripped or resawn moves as its strain and its damp even out."));
    }

    private static Optional<Hint> heartSideOut(WorkedPlan worked) {
        boolean sides = flat(worked.plan().walls());
        boolean ends = flat(ends(worked));
        if (!sides && !ends) {
            return Optional.empty();
        }
        String which = sides && ends ? "every part" : sides ? "A and C" : "B and D";
        return Optional.of(new Hint(
                Call.HEART_SIDE_OUT,
                "Find the heart side of " + which + " in its end grain, mark it, and turn it out.",
                "Flat-sawn walls cup away from the heart as they dry: heart side out, the corners stay closed."));
    }

    private static Optional<Hint> bestCornerForward(WorkedPlan worked) {
        if (!solid(worked) || worked.plan().ends() != null) {
            return Optional.empty();
        }
        return Optional.of(new Hint(
                Call.BEST_CORNER_FORWARD,
                "Choose which length of the board becomes the front: the best figure. The corner of " + Part.D + " and "
                        + Part.A + " goes to the back, hinge side.",
                "Three corners match, the fourth cannot, and nobody looks at the back."));
    }

    /** The fit stays; tips stand prouder by what is taken; the outside shrinks by twice that. */
    private static Optional<Hint> whatSandingTakes(WorkedPlan worked) {
        if (worked.plan().size().tips() == Tips.BY_DESIGN) {
            return Optional.empty();
        }
        LengthDisplay display = worked.plan().display();
        return Optional.of(new Hint(
                Call.WHAT_SANDING_TAKES,
                "Count what you sand or plane off the faces once the joint is cut: "
                        + display.number(LEAST_SANDED, Precision.FIT) + " to "
                        + display.text(MOST_SANDED, Precision.FIT) + " a face.",
                "The fit stays as it is. Tips stand prouder by what was taken; the outside ends up to "
                        + display.text(MOST_SANDED.times(2), Precision.FIT) + " smaller."));
    }

    /** What most makers would do with parts that are cut as loose as the last test cut. */
    private static Optional<Hint> repairOrRemake(WorkedPlan worked) {
        Fit.Reading reading = worked.fit().reading();
        if (reading == null
                || !reading.clearance().length().isOver(worked.fit().bandTo().length())) {
            return Optional.empty();
        }
        LengthDisplay display = worked.plan().display();
        Length gap = reading.clearance().length();
        String does = GapAt.filledBy(gap);
        return Optional.of(
                new Hint(
                        Call.REPAIR_OR_REMAKE,
                        "With parts already cut as loose as this most makers would " + does,
                        "A gap of " + display.text(gap, Precision.FIT)
                                + " a finger shows; a loose joint holds by pegs, a new part costs its length of board and its passes."));
    }

    private static int parts(WorkedPlan worked) {
        BatchWish batch = worked.plan().batch();
        return batch == null ? 4 : 4 * batch.count() + batch.spareSides() + batch.spareEnds();
    }

    private static Optional<Hint> testAgain(WorkedPlan worked) {
        int parts = parts(worked);
        if (parts <= PARTS_A_TEST) {
            return Optional.empty();
        }
        return Optional.of(new Hint(
                Call.TEST_AGAIN,
                "Cut a test after every " + PARTS_A_TEST + " of the " + parts
                        + " parts, after a pause, when the cutter was cleaned, when the wood changes.",
                "Cutters warm up and gather resin, fences creep; a whole batch can drift out of fit unseen."));
    }

    private static Optional<Hint> backing(WorkedPlan worked) {
        CutList list = worked.cuts();
        BatchWish batch = worked.plan().batch();
        int boxes = batch == null ? 1 : batch.count();
        int most = list.setups().stream().mapToInt(CutList.Setup::passes).max().orElse(0) * boxes;
        if (list.setups().isEmpty() || worked.plan().jig().way() == Way.HAND) {
            return Optional.empty();
        }
        return Optional.of(
                new Hint(
                        Call.BACKING,
                        most > PASSES_A_BACKING
                                ? "A fresh backing for every set-up, and again after about " + PASSES_A_BACKING
                                        + " passes: one set-up has " + most + "."
                                : "A fresh backing for every set-up: "
                                        + list.setups().size() + " of them.",
                        "Once the slot in it is wider than the cutter it no longer holds the fibres. Still tearing: knife the shoulder, or tape it."));
    }

    private static Optional<Hint> fourInARow(WorkedPlan worked) {
        BatchWish batch = worked.plan().batch();
        if (batch == null || batch.count() < 2) {
            return Optional.empty();
        }
        return Optional.of(new Hint(
                Call.FOUR_IN_A_ROW,
                "Cut the mates of one corner one after the other, from one board, on one day.",
                "Damp, temper of the cutter and your hand are then the same for both."));
    }
}
