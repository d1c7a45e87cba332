package canthook.finish;

import canthook.cutlist.CutList;
import canthook.finish.Task.Lane;
import canthook.glue.GlueUp;
import canthook.glue.OrderCard.Phase;
import canthook.lid.WorkedLid;
import canthook.plan.BatchWish;
import canthook.plan.BoxPlan;
import canthook.plan.FinishChoice;
import canthook.plan.GlueChoice.Trim;
import canthook.plan.Recipe;
import canthook.plan.Recipe.Does;
import canthook.plan.Recipe.Step;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.wood.Air;
import canthook.working.Worked;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Everything from the wood's rest to the hinges, as tasks that wait for each other.
 *
 * <pre>
 * resawn wood rests → cut → (inside finished) → glue, in one or two lots → trimmed once it can be handled → the steps of the finish → cured
 * the lid beside it: planed → the same steps
 * hinges once the last coat of both is dry; they need not wait for it to cure
 * a batch: hands as often as there are boxes, waits once
 * cold and damp lengthen what dries and what sets (Drying)
 * </pre>
 *
 * Check: a drawer, drying oil, two coats: cut, glue, trim, sand, coat 1, coat 2 (24 h each), 13 days to cure.
 */
public final class WorkPath {
    private static final int ROUND = 5;

    private final BoxPlan plan;
    private final HouseRules rules;
    private final Air air;
    private final int boxes;
    private final List<Task> tasks = new ArrayList<>();

    private WorkPath(BoxPlan plan, HouseRules rules) {
        this.plan = plan;
        this.rules = rules;
        air = plan.seasons().shop();
        BatchWish batch = plan.batch();
        boxes = batch == null ? 1 : batch.count();
    }

    static List<Task> of(BoxPlan plan, CutList cuts, GlueUp glue, WorkedLid lid, HouseRules rules) {
        return List.copyOf(new WorkPath(plan, rules).all(cuts, glue, lid));
    }

    private List<Task> all(CutList cuts, GlueUp glue, WorkedLid lid) {
        FinishChoice choice = plan.finish();
        Recipe recipe = choice.recipe();
        List<String> begins = List.of();
        BatchWish batch = plan.batch();
        if (batch != null && batch.resaw()) {
            Duration rests = Duration.ofHours(Math.round(24 * rules.value(HouseRule.RESAWN_RESTS)));
            begins = List.of(task("resaw", Lane.BOX, "Resaw and sticker", ruled(HouseRule.RESAWING), rests, begins));
        }
        String before = task("cut", Lane.BOX, "Cut the joint", cut(cuts), Duration.ZERO, begins);
        if (choice.inside() && recipe != null) {
            before = last(steps("inside", "inside, fingers masked", Lane.BOX, recipe, before, false));
        }
        String trimmed = trim(glue(before, glue), glue.trim().way());
        List<String> dry = new ArrayList<>();
        dry.add(recipe == null ? trimmed : last(steps("outside", "outside", Lane.BOX, recipe, trimmed, true)));
        boolean loose = lid.fold(new WorkedLid.Kinds<>(none -> false, sliding -> true, sawn -> false, onTop -> true));
        if (loose) {
            String planed = task(
                    "lid.plane", Lane.LID, "Plane the lid", ruled(HouseRule.PLANING_A_LID), Duration.ZERO, List.of());
            dry.add(
                    recipe == null
                            ? planed
                            : last(steps("lid", "lid, both faces alike", Lane.LID, recipe, planed, true)));
        }
        if (lid.numbers().stream().anyMatch(n -> n.id().equals("lid.hinge-screw"))) {
            task("hinges", Lane.HINGES, "Hang the lid", ruled(HouseRule.HANGING), Duration.ZERO, dry);
        }
        return tasks;
    }

    /** The first of a batch alone, the others in stacks. */
    private static Duration cut(CutList cuts) {
        double seconds = cuts.numbers().stream()
                .filter(n -> n.id().equals("cut.batch-time"))
                .mapToDouble(Worked::number)
                .findFirst()
                .orElse(cuts.time().number());
        return rounded(seconds);
    }

    /** In one lot, or two halves with the setting between. */
    private String glue(String before, GlueUp glue) {
        Duration sets = Drying.in(air, Duration.ofSeconds((long) glue.handled().number()));
        boolean halves = glue.card().steps().stream().anyMatch(s -> s.phase() == Phase.SETTING);
        double seconds = glue.time().all().number();
        if (!halves) {
            return task("glue", Lane.BOX, "Glue", hands(seconds), sets, List.of(before));
        }
        String first = task("glue.halves", Lane.BOX, "Glue both halves", hands(2 * seconds), sets, List.of(before));
        return task("glue", Lane.BOX, "Glue the halves together", hands(seconds), sets, List.of(first));
    }

    private String trim(String before, @Nullable Trim way) {
        HouseRule rule = way == null
                ? HouseRule.FLUSHING
                : switch (way) {
                    case SAND, PLANE -> HouseRule.FLUSHING;
                    case ROUTER, SAW -> HouseRule.TRIMMING;
                };
        return task("trim", Lane.BOX, "Trim the tips", ruled(rule), Duration.ZERO, List.of(before));
    }

    /**
     * The steps of a finish; what is rubbed down and then coated is done at one go.
     *
     * @return ids of those with hands in them, in order
     */
    private List<String> steps(String id, String words, Lane lane, Recipe recipe, String after, boolean cures) {
        List<String> ids = new ArrayList<>();
        String before = after;
        Map<Does, Integer> counted = new EnumMap<>(Does.class);
        double carried = 0;
        for (int i = 0; i < recipe.steps().size(); i++) {
            Step step = recipe.steps().get(i);
            boolean last = i == recipe.steps().size() - 1;
            if (step.does() == Does.RUB
                    && step.hours() == 0
                    && !last
                    && recipe.steps().get(i + 1).does().putsOn()) {
                carried = step.minutes();
                continue;
            }
            if (step.does() == Does.CURE) {
                if (cures) {
                    String cure = id + "." + numbered("cure", counted.merge(Does.CURE, 1, Integer::sum));
                    task(cure, lane, "Cures, " + words, Duration.ZERO, waits(step), List.of(before));
                }
                continue;
            }
            int which = counted.merge(step.does(), 1, Integer::sum);
            String does = step.does().name().toLowerCase(Locale.ROOT);
            String name = step.does().putsOn() ? does + "-" + which : numbered(does, which);
            String says = step.does().putsOn()
                    ? (carried > 0 ? "Rub down, " + does : step.does().words()) + " " + which + ", " + words
                    : step.does().words() + (step.with() == null ? "" : " " + step.with()) + ", " + words;
            before = task(
                    id + "." + name, lane, says, hands((step.minutes() + carried) * 60), waits(step), List.of(before));
            ids.add(before);
            carried = 0;
        }
        return ids;
    }

    private static String numbered(String name, int which) {
        return which == 1 ? name : name + "-" + which;
    }

    private static String last(List<String> ids) {
        return ids.get(ids.size() - 1);
    }

    private Duration waits(Step step) {
        return Drying.in(air, Duration.ofSeconds(Math.round(step.hours() * 3600)));
    }

    private String task(String id, Lane lane, String says, Duration hands, Duration waits, List<String> after) {
        tasks.add(new Task(id, lane, says, hands, waits, after));
        return id;
    }

    private Duration ruled(HouseRule rule) {
        return hands(60 * rules.value(rule));
    }

    /** For every box of the batch, rounded up to five minutes: nobody plans nearer. */
    private Duration hands(double seconds) {
        return rounded(boxes * seconds);
    }

    private static Duration rounded(double seconds) {
        long steps = (long) Math.ceil(seconds / 60 / ROUND - 1e-9);
        return Duration.ofMinutes(Math.max(1, steps) * ROUND);
    }
}
