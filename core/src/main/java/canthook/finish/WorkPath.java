package canthook.finish;

import canthook.finish.Task.Lane;
import canthook.glue.GlueUp;
import canthook.glue.OrderCard.Phase;
import canthook.lid.WorkedLid;
import canthook.plan.FinishChoice;
import canthook.plan.GlueChoice.Trim;
import canthook.planner.WorkedPlan;
import canthook.wood.Air;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/**
 * Everything from the first pass to the hinges, as tasks that wait for each other.
 *
 * <pre>
 * cut → (inside finished) → glue, in one or two lots → trimmed once it can be handled → sanded → coats → cured → hinges
 * the lid beside it: planed → coats → cured
 * a coat dries its recoat time, the last one until it has cured; cold and damp lengthen both (Drying)
 * </pre>
 */
public final class WorkPath {
    private static final int ROUND = 5;
    private static final Duration SAND = Duration.ofMinutes(30);
    private static final Duration RUB = Duration.ofMinutes(5);
    private static final Duration WET = Duration.ofMinutes(5);
    private static final Duration WET_DRIES = Duration.ofHours(2);
    private static final Duration PLANE_A_LID = Duration.ofMinutes(30);
    private static final Duration HANG = Duration.ofMinutes(30);

    private final WorkedPlan worked;
    private final FinishChoice finish;
    private final Air air;
    private final List<Task> tasks = new ArrayList<>();

    private WorkPath(WorkedPlan worked, FinishChoice finish) {
        this.worked = worked;
        this.finish = finish;
        air = worked.plan().seasons().shop();
    }

    public static List<Task> of(WorkedPlan worked, FinishChoice finish) {
        return List.copyOf(new WorkPath(worked, finish).all());
    }

    private List<Task> all() {
        String before = task(
                "cut", Lane.BOX, "Cut the joint", minutes(worked.cuts().time().number()), Duration.ZERO, List.of());
        if (finish.inside() && finish.coatsOrUsual() > 0) {
            before = coats("inside", "inside, fingers masked", Lane.BOX, before, false);
        }
        String trimmed = trim(glue(before));
        String box = finish.coatsOrUsual() == 0 ? trimmed : coats("outside", "outside", Lane.BOX, trimmed, true);
        boolean loose =
                worked.lid().fold(new WorkedLid.Kinds<>(none -> false, sliding -> true, sawn -> false, onTop -> true));
        String lid = box;
        if (loose) {
            lid = task("lid.plane", Lane.LID, "Plane the lid", PLANE_A_LID, Duration.ZERO, List.of());
            if (finish.coatsOrUsual() > 0) {
                lid = coats("lid", "lid, both faces alike", Lane.LID, lid, true);
            }
        }
        boolean hung = worked.number("lid.hinge-screw").isPresent();
        if (hung) {
            task("hinges", Lane.HINGES, "Hang the lid", HANG, Duration.ZERO, List.of(box, lid));
        }
        return tasks;
    }

    /** In one lot, or two halves with the setting between. */
    private String glue(String before) {
        GlueUp glue = worked.glue();
        Duration sets = Drying.in(air, Duration.ofSeconds((long) glue.handled().number()));
        boolean halves = glue.card().steps().stream().anyMatch(s -> s.phase() == Phase.SETTING);
        Duration hands = minutes(glue.time().all().number());
        if (!halves) {
            return task("glue", Lane.BOX, "Glue", hands, sets, List.of(before));
        }
        String first = task("glue.halves", Lane.BOX, "Glue both halves", hands.multipliedBy(2), sets, List.of(before));
        return task("glue", Lane.BOX, "Glue the halves together", hands, sets, List.of(first));
    }

    private String trim(String before) {
        Trim way = worked.glue().trim().way();
        Duration hands = Duration.ofMinutes(
                way == null
                        ? 30
                        : switch (way) {
                            case SAND, ROUTER -> 20;
                            case SAW, PLANE -> 30;
                        });
        return task("trim", Lane.BOX, "Trim the tips", hands, Duration.ZERO, List.of(before));
    }

    private String coats(String id, String words, Lane lane, String after, boolean cures) {
        FinishChoice.Finish kind = finish.finish();
        String before = task(id + ".sand", lane, "Sand, " + words, SAND, Duration.ZERO, List.of(after));
        if (kind.raisesGrain()) {
            before =
                    task(id + ".wet", lane, "Wet, to raise the grain", WET, Drying.in(air, WET_DRIES), List.of(before));
        }
        int coats = finish.coatsOrUsual();
        for (int coat = 1; coat <= coats; coat++) {
            boolean last = coat == coats;
            Duration waits = last && cures ? Duration.ofDays(kind.cureDays()) : Duration.ofHours(kind.recoatHours());
            Duration hands = Duration.ofMinutes(kind.minutesACoat());
            boolean rub = coat > 1 || kind.raisesGrain();
            before = task(
                    id + ".coat-" + coat,
                    lane,
                    (rub ? "Rub down, coat " : "Coat ") + coat + ", " + words,
                    rub ? hands.plus(RUB) : hands,
                    Drying.in(air, waits),
                    List.of(before));
        }
        return before;
    }

    private String task(String id, Lane lane, String says, Duration hands, Duration waits, List<String> after) {
        String whole = lane == Lane.LID && !id.startsWith("lid") ? "lid." + id : id;
        tasks.add(new Task(whole, lane, says, hands, waits, after));
        return whole;
    }

    /** Rounded up to five minutes: nobody plans nearer. */
    private static Duration minutes(double seconds) {
        long steps = (long) Math.ceil(seconds / 60 / ROUND);
        return Duration.ofMinutes(Math.max(1, steps) * ROUND);
    }
}
