package canthook.planner;

import canthook.cutter.Cutter;
import canthook.fingers.Rung;
import canthook.fit.Fit;
import canthook.fit.Fit.Direction;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.JigChoice;
import canthook.shop.TestCut;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * The last setting that worked with the same cutter, jig and wood: where the next box may begin.
 *
 * <pre>
 * worked        its last test cut was as it should be
 * same          the walls’ wood, the jig (by the rack where both are of it, else the way of indexing), the cutter (by the rack, or a kerf within 0.03)
 * begin at      the setting that is worked out, moved by what was moved then in all
 * </pre>
 *
 * @param box whose it was
 * @param at when its last test was cut, ISO 8601
 * @param moved in all, away from the cutter positive
 * @param clearance that was read then
 * @param felt whether it was felt and not read
 * @param differs what is otherwise now, each as it ends a sentence
 */
public record WhatWorked(String box, String at, Length moved, Length clearance, boolean felt, List<String> differs) {
    private static final Length SAME_KERF = Length.mm(0.03);
    private static final Length SAME_THICKNESS = Length.mm(0.5);

    /** A box with its test cuts. */
    public record Tried(String name, WorkedPlan worked) {}

    /** The newest of those that worked; nothing where none is like it. */
    public static Optional<WhatWorked> of(WorkedPlan now, List<Tried> others) {
        return others.stream()
                .filter(tried -> isLike(now, tried.worked()))
                .flatMap(tried -> settled(now, tried).stream())
                .max(Comparator.comparing(WhatWorked::at));
    }

    /** Same wood, way of indexing and cutter. */
    public static boolean isLike(WorkedPlan now, WorkedPlan then) {
        return now.plan().walls().wood().equals(then.plan().walls().wood())
                && isSameJig(now.plan().jig(), then.plan().jig())
                && isSameCutter(now.fingers().chosen(), then.fingers().chosen());
    }

    /** Jigs of the rack are known by their ids; others by what they are. */
    private static boolean isSameJig(JigChoice now, JigChoice then) {
        return now.way() == then.way()
                && (now.own() == null
                        || then.own() == null
                        || now.own().id().equals(then.own().id()));
    }

    private static boolean isSameCutter(Rung now, Rung then) {
        Cutter one = now.tool().cutter();
        Cutter other = then.tool().cutter();
        if (one != null && other != null) {
            return one.id().equals(other.id());
        }
        return !now.kerf().length().minus(then.kerf().length()).abs().isOver(SAME_KERF);
    }

    private static Optional<WhatWorked> settled(WorkedPlan now, Tried tried) {
        WorkedPlan then = tried.worked();
        Fit.Reading reading = then.fit().reading();
        List<TestCut> cuts = then.shop().testCuts();
        if (reading == null
                || cuts.isEmpty()
                || reading.direction() != Direction.STAY
                || !reading.causes().isEmpty()) {
            return Optional.empty();
        }
        TestCut last = cuts.get(cuts.size() - 1);
        Length moved = cuts.stream()
                .map(TestCut::moved)
                .filter(Objects::nonNull)
                .map(Length.class::cast)
                .reduce(Length.ZERO, Length::plus);
        return Optional.of(new WhatWorked(
                tried.name(), last.at(), moved, reading.clearance().length(), last.felt() != null, differs(now, then)));
    }

    private static List<String> differs(WorkedPlan now, WorkedPlan then) {
        LengthDisplay display = now.plan().display();
        List<String> differs = new ArrayList<>();
        Length thick = now.size().thickness().length();
        Length before = then.size().thickness().length();
        if (thick.minus(before).abs().isOver(SAME_THICKNESS)) {
            differs.add("walls of " + display.text(thick, Precision.LAYOUT) + ", then "
                    + display.text(before, Precision.LAYOUT));
        }
        int sections = now.fingers().chosen().sections().count();
        int were = then.fingers().chosen().sections().count();
        if (sections != were) {
            differs.add(sections + " sections, then " + were);
        }
        Length kerf = now.fingers().chosen().kerf().length();
        Length was = then.fingers().chosen().kerf().length();
        if (!kerf.equals(was)) {
            differs.add(
                    "a kerf of " + display.text(kerf, Precision.FIT) + ", then " + display.text(was, Precision.FIT));
        }
        return List.copyOf(differs);
    }

    /** In one sentence, where to begin. */
    public String says(LengthDisplay display) {
        String begin = moved.abs().isUnder(Length.mm(0.005))
                ? "as it is worked out"
                : display.text(moved.abs(), Precision.FIT)
                        + (moved.isPositive() ? " farther from the cutter" : " nearer to the cutter")
                        + " than it is worked out";
        return "With this cutter, jig and wood “" + box + "” went together " + begin + ": begin there."
                + (felt ? " It was felt, not read." : "")
                + (differs.isEmpty() ? "" : " Otherwise now: " + String.join("; ", differs) + ".");
    }
}
