package canthook.finish;

import static canthook.working.Term.fixed;
import static canthook.working.Term.roundedUp;

import canthook.cutlist.CutList;
import canthook.finish.Task.Lane;
import canthook.glue.GlueUp;
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
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
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
 * a batch: hands as often as there are boxes, waits once; laid down after any box, at the saw after half an hour
 * cold and damp lengthen what dries and what sets (Drying)
 * </pre>
 *
 * Check: a drawer, drying oil, two coats: cut, glue, trim, sand, coat 1, coat 2 (24 h each), 13 days to cure.
 */
public final class WorkPath {
    private static final int ROUND = 5;
    /** For less nobody sets up the saw. */
    private static final int AT_THE_SAW = 30;

    /**
     * How long hands are at something, in seconds.
     *
     * @param all for all boxes
     * @param one the shortest stretch they are at it
     */
    private record Time(@Nullable Term all, double one) {
        static final Time NONE = new Time(null, 0);
    }

    private final Worksheet sheet;
    private final Worked rounds;
    private final BoxPlan plan;
    private final HouseRules rules;
    private final Air air;
    private final int boxes;
    private final List<Task> tasks = new ArrayList<>();
    private final List<Worked> times = new ArrayList<>();

    private WorkPath(BoxPlan plan, HouseRules rules, Worksheet sheet) {
        this.plan = plan;
        this.rules = rules;
        this.sheet = sheet;
        rounds = sheet.table(
                "rounds", "r", "Times are rounded up to", Show.MINUTES, 60 * ROUND, "Nobody plans nearer.", "");
        air = plan.seasons().shop();
        BatchWish batch = plan.batch();
        boxes = batch == null ? 1 : batch.count();
    }

    /**
     * All tasks; how long each takes is worked on the sheet, and their sum with them.
     *
     * @param sheet where {@code hands} is worked
     */
    static List<Task> of(BoxPlan plan, CutList cuts, GlueUp glue, WorkedLid lid, HouseRules rules, Worksheet sheet) {
        WorkPath path = new WorkPath(plan, rules, sheet);
        List<Task> tasks = List.copyOf(path.all(cuts, glue, lid));
        Term sum = path.times.get(0);
        for (Worked time : path.times.subList(1, path.times.size())) {
            sum = sum.plus(time);
        }
        sheet.work(
                "hands",
                "t",
                "Hands at it, in all",
                Show.MINUTES,
                sum,
                "Everything from the first pass to the last step.");
        return tasks;
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
        if (lid.numbers().stream().anyMatch(n -> n.is("lid.hinge-screw"))) {
            task("hinges", Lane.HINGES, "Hang the lid", ruled(HouseRule.HANGING), Duration.ZERO, dry);
        }
        return tasks;
    }

    /** The first of a batch alone, the others in stacks. */
    private static Time cut(CutList cuts) {
        Worked all = cuts.numbers().stream()
                .filter(n -> n.is("cut.batch-time"))
                .findFirst()
                .orElse(cuts.time());
        return new Time(all, 60 * AT_THE_SAW);
    }

    /** In one lot, or two halves with the setting between. */
    private String glue(String before, GlueUp glue) {
        Duration sets = Drying.in(air, Duration.ofSeconds((long) glue.handled().number()));
        Worked once = glue.time().all();
        if (!glue.choice().halves()) {
            return task("glue", Lane.BOX, "Glue", hands(once), sets, List.of(before));
        }
        String first =
                task("glue.halves", Lane.BOX, "Glue both halves", hands(fixed(2).times(once)), sets, List.of(before));
        return task("glue", Lane.BOX, "Glue the halves together", hands(once), sets, List.of(first));
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
                    task(cure, lane, "Cures, " + words, Time.NONE, waits(step), List.of(before));
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
                    id + "." + name,
                    lane,
                    says,
                    coated(id + "." + name, says, step.minutes() + carried),
                    waits(step),
                    List.of(before));
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

    private String task(String id, Lane lane, String says, Time time, Duration waits, List<String> after) {
        Duration hands = Duration.ZERO;
        Term all = time.all();
        if (all != null) {
            Worked takes = sheet.work(
                    "hands-" + id.replace('.', '-'),
                    "t" + (times.size() + 1),
                    says,
                    Show.MINUTES,
                    (all.number() > 0 ? roundedUp(all.over(rounds)) : fixed(1)).times(rounds),
                    boxes == 1 ? "Rounded up." : "For every box of the batch, rounded up.");
            times.add(takes);
            hands = Duration.ofSeconds(Math.round(takes.number()));
        }
        Duration piece =
                Duration.ofMinutes(ROUND).multipliedBy(Math.max(1, (long) Math.ceil(time.one() / 60 / ROUND - 1e-9)));
        tasks.add(new Task(id, lane, says, hands, piece.compareTo(hands) > 0 ? hands : piece, waits, after));
        return id;
    }

    private Time ruled(HouseRule rule) {
        return hands(sheet.house(
                rule.id(),
                "a" + (times.size() + 1),
                rule.label(),
                Show.MINUTES,
                60 * rules.value(rule),
                rule.reason()));
    }

    private Time coated(String id, String says, double minutes) {
        return hands(sheet.table(
                "once-" + id.replace('.', '-'),
                "a" + (times.size() + 1),
                says + ", one box",
                Show.MINUTES,
                60 * minutes,
                "As the finish has it.",
                ""));
    }

    private Time hands(Term once) {
        return new Time(boxes == 1 ? once : fixed(boxes).times(once), once.number());
    }
}
