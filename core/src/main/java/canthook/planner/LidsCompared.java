package canthook.planner;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.lid.LidOnTop;
import canthook.lid.SawnOffLid;
import canthook.lid.SlidingLid;
import canthook.lid.WorkedLid;
import canthook.panel.HeldPanel;
import canthook.plan.BoxPlan;
import canthook.verdict.Verdict.Weight;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/** The kinds of lid beside each other for one box: what each costs in height and work, and how it behaves in a year. Each is worked. */
public final class LidsCompared {
    private static final List<FirstGuess> KINDS = List.of(
            FirstGuess.LID_NONE,
            FirstGuess.LID_SLIDING,
            FirstGuess.LID_SAWN_OFF,
            FirstGuess.LID_LIFT_OFF,
            FirstGuess.LID_HINGED);

    private LidsCompared() {}

    /**
     * One kind.
     *
     * @param inside height left under it; empty where nothing is there to measure from
     * @param insideNumber its number in that plan; empty where there is none
     * @param outside height of the closed box
     * @param outsideNumber its number in that plan
     * @param work what is to be done for it
     * @param year how it behaves
     * @param stands whether it is the one the box has
     * @param made whether it can be made as it begins
     * @param plan with this lid: its numbers open to their workings
     */
    public record Kind(
            FirstGuess guess,
            String name,
            String inside,
            String insideNumber,
            String outside,
            String outsideNumber,
            String work,
            String year,
            boolean stands,
            boolean made,
            BoxPlan plan) {}

    /** The one that stands as it is told, the others as they would begin. */
    public static List<Kind> of(WorkedPlan worked) {
        FirstGuess standing = standing(worked);
        List<Kind> kinds = new ArrayList<>();
        for (FirstGuess guess : KINDS) {
            boolean stands = guess == standing;
            WorkedPlan with = stands ? worked : Planner.work(guess.in(worked), worked.shop());
            LengthDisplay display = worked.plan().display();
            Worked inside = with.lid().insideHeight();
            Worked open = inside == null ? with.bottom().insideHeight() : inside;
            kinds.add(new Kind(
                    guess,
                    name(guess),
                    open == null ? "" : open.text(display),
                    open == null ? "" : open.id(),
                    outside(with).text(display),
                    outside(with).id(),
                    work(with, display),
                    year(with, display),
                    stands,
                    with.found().stream()
                            .noneMatch(v ->
                                    v.weight() == Weight.STOP && v.station().equals("lid")),
                    with.plan()));
        }
        return List.copyOf(kinds);
    }

    private static FirstGuess standing(WorkedPlan worked) {
        return worked.lid()
                .fold(new WorkedLid.Kinds<>(
                        none -> FirstGuess.LID_NONE,
                        sliding -> FirstGuess.LID_SLIDING,
                        sawn -> FirstGuess.LID_SAWN_OFF,
                        onTop -> onTop.hinges() == null ? FirstGuess.LID_LIFT_OFF : FirstGuess.LID_HINGED));
    }

    private static String name(FirstGuess guess) {
        return switch (guess) {
            case LID_SLIDING -> "slides";
            case LID_SAWN_OFF -> "sawn off";
            case LID_LIFT_OFF -> "lifts off";
            case LID_HINGED -> "hinged on top";
            default -> "none";
        };
    }

    /** From what the box stands on to the top, closed: the number of whoever lies outermost. */
    private static Worked outside(WorkedPlan worked) {
        return Stream.of("lid.total-height", "lid.closed-height", "bottom.total-height")
                .flatMap(id -> worked.number(id).stream())
                .findFirst()
                .orElse(worked.fingers().wall());
    }

    private static String work(WorkedPlan worked, LengthDisplay display) {
        return worked.lid()
                .fold(new WorkedLid.Kinds<>(
                        none -> "",
                        sliding -> "a groove in "
                                + sliding.held().groove().parts().size() + " walls, "
                                + Objects.requireNonNull(worked.walls().low()).called() + " ripped to "
                                + sliding.lidLine().text(display),
                        sawn -> "a groove in four walls; once it is glued four cuts at the saw"
                                + (sawn.liner() == null ? "" : ", a liner of four strips")
                                + (sawn.hinges() == null ? "" : ", mortises"),
                        onTop -> (onTop.ends() == null ? "a panel" : "a panel, two ends with pegs")
                                + (onTop.lip() == null ? "" : ", a lip")
                                + (onTop.hinges() == null
                                        ? ""
                                        : "; mortises for "
                                                + onTop.hinges().told().count() + " hinges")));
    }

    private static String year(WorkedPlan worked, LengthDisplay display) {
        return worked.lid()
                .fold(new WorkedLid.Kinds<>(
                        none -> "",
                        sliding -> year(sliding, display),
                        sawn -> year(sawn, display),
                        onTop -> year(onTop, display)));
    }

    private static String year(SlidingLid lid, LengthDisplay display) {
        return held(lid.held(), display) + " on the driest day, runs on the wettest";
    }

    private static String year(SawnOffLid lid, LengthDisplay display) {
        return "box and lid move together; the top " + held(lid.held(), display) + " on the driest day";
    }

    /** With one edge as far in as it goes. */
    private static String held(HeldPanel panel, LengthDisplay display) {
        Worked held = panel.across().slid();
        return held.length().isNegative() ? "falls out" : "held by " + held.text(display);
    }

    private static String year(LidOnTop lid, LengthDisplay display) {
        Length dry = lid.frontDriest().length();
        Length wet = lid.frontWettest().length();
        if (!dry.isNegative()) {
            return "stands over the front by " + lid.frontDriest().number(display) + " to "
                    + lid.frontWettest().text(display);
        }
        return wet.isNegative()
                ? "short of the front by " + display.number(wet.abs(), Precision.FIT) + " to "
                        + display.text(dry.abs(), Precision.FIT)
                : "from " + display.number(dry.abs(), Precision.FIT) + " short of the front to "
                        + lid.frontWettest().text(display) + " over it";
    }
}
