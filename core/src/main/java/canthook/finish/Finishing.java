package canthook.finish;

import static canthook.working.Term.fixed;

import canthook.cutlist.CutList;
import canthook.glue.GlueUp;
import canthook.length.LengthDisplay;
import canthook.lid.WorkedLid;
import canthook.plan.BoxPlan;
import canthook.plan.FinishChoice;
import canthook.plan.FinishChoice.Finish;
import canthook.plan.FinishChoice.Touches;
import canthook.plan.Recipe;
import canthook.plan.Recipe.Does;
import canthook.plan.Recipe.Step;
import canthook.shop.HouseRules;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.wood.Air;
import canthook.working.Later;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * The finish: how many coats, how long each dries in the air of the shop, what is to do until the box is ready, and what to take care of.
 *
 * <pre>
 * dries = the longest wait between coats · times (Drying)
 * cures = what it waits after the last coat · times
 * hands = all that is done with hands, from the first pass on
 * </pre>
 *
 * Check: drying oil at 12 °C and 80 %: 24 h · 4 = 96 h.
 *
 * @param path everything that is to be done, with what was worked of it; worked when somebody asks, no verdict hangs on it
 * @param waits how many coats, and how long they take
 * @param cautions what to take care of with this finish, a sentence each
 */
public record Finishing(
        FinishChoice choice, Later<Path> path, List<Worked> waits, List<String> cautions, List<Verdict> verdicts) {
    private static final double HOUR = 3600;

    /**
     * What is to do until the box is ready.
     *
     * @param tasks each after what it waits for
     * @param numbers how long each takes, and all of them
     */
    public record Path(List<Task> tasks, List<Worked> numbers) {}

    /** Works it out. */
    public static Finishing of(BoxPlan plan, CutList cuts, GlueUp glue, WorkedLid lid, HouseRules rules) {
        Worksheet sheet = new Worksheet("finish");
        Verdicts verdicts = new Verdicts("finish");
        FinishChoice choice = plan.finish();
        Recipe recipe = choice.recipe();
        Air air = plan.seasons().shop();
        if (recipe != null) {
            coats(sheet, recipe, air);
            judge(plan, recipe, air, verdicts);
        }
        return new Finishing(
                choice,
                new Later<>(() -> path(plan, cuts, glue, lid, rules)),
                sheet.numbers(),
                recipe == null ? List.of() : cautions(choice, recipe),
                verdicts.all());
    }

    private static Path path(BoxPlan plan, CutList cuts, GlueUp glue, WorkedLid lid, HouseRules rules) {
        Worksheet sheet = new Worksheet("finish");
        List<Task> tasks = WorkPath.of(plan, cuts, glue, lid, rules, sheet);
        return new Path(tasks, sheet.numbers());
    }

    /** Everything that is to be done, each after what it waits for. */
    public List<Task> tasks() {
        return path.get().tasks();
    }

    /** All its numbers, how long hands take before how long it waits. */
    public List<Worked> numbers() {
        List<Worked> all = new ArrayList<>(path.get().numbers());
        all.addAll(waits);
        return all;
    }

    private static void coats(Worksheet sheet, Recipe recipe, Air air) {
        sheet.work("coats", "n", "Coats", Show.COUNT, fixed(recipe.coats()), "As often as something is put on.");
        double dries = recipe.steps().stream()
                .filter(s -> s.does().putsOn())
                .mapToDouble(Step::hours)
                .max()
                .orElse(0);
        double cures = recipe.steps().stream()
                .filter(s -> s.does() == Does.CURE)
                .mapToDouble(Step::hours)
                .sum();
        Worked usual = sheet.table(
                "dries-usually",
                "d",
                "Dries at 20 °C and 50 %",
                Show.HOURS,
                dries * HOUR,
                "Usual for " + recipe.name() + "; its label comes first.",
                "");
        Worked times = sheet.work(
                "times",
                "f",
                "Waits are longer",
                Show.COUNT,
                fixed(air.temperature() < Drying.COLD ? 2 : 1).times(fixed(air.humidity() > Drying.DAMP ? 2 : 1)),
                "Doubled under 15 °C, and doubled over 70 % relative humidity.");
        sheet.work(
                "dries",
                "w",
                "A coat dries",
                Show.HOURS,
                usual.times(times),
                "What is usual, as often longer as the air asks for.");
        Worked curesUsually = sheet.table(
                "cures-usually",
                "e",
                "Cures at 20 °C and 50 %",
                Show.DAYS,
                cures * HOUR,
                "Usual for " + recipe.name() + "; its label comes first.",
                "");
        sheet.work(
                "cures",
                "c",
                "Cures after the last",
                Show.DAYS,
                curesUsually.times(times),
                "What is usual, as often longer as the air asks for.");
    }

    private static void judge(BoxPlan plan, Recipe recipe, Air air, Verdicts verdicts) {
        FinishChoice choice = plan.finish();
        if (choice.touches() != Touches.NOTHING && choice.finish() != Finish.FOOD_OIL) {
            verdicts.mind(
                    Code.FINISH_TOUCHED,
                    "finish.coats",
                    asks(choice.touches()) + " Of " + recipe.name() + " many are not."
                            + (recipe.film() ? " A film is not used before it has cured." : ""),
                    new Fix("Take mineral oil and beeswax", plan.with(choice.with(Finish.FOOD_OIL))));
        }
        if (Drying.times(air) > 1) {
            verdicts.note(
                    Code.FINISH_DRIES_SLOWLY,
                    "finish.times",
                    "In " + Math.round(air.temperature()) + " °C and " + Math.round(air.humidity())
                            + " % everything waits " + (Drying.times(air) == 4 ? "four times" : "twice")
                            + " as long, glue and finish alike.");
        }
    }

    private static String asks(Touches touches) {
        return switch (touches) {
            case NOTHING -> "";
            case FOOD -> "Food touches it: the label must say that it is fit for food once it has cured.";
            case TOYS -> "Toys and what babies chew: the label must say that it is fit for that once it has cured.";
        };
    }

    private static List<String> cautions(FinishChoice choice, Recipe recipe) {
        List<String> all = new ArrayList<>();
        if (choice.touches() != Touches.NOTHING) {
            all.add(asks(choice.touches()));
        }
        if (recipe.ragsBurn()) {
            all.add("Oily rags can take fire by themselves: flat to dry outdoors, or under water in a closed tin."
                    + " Never in a heap.");
        }
        if (recipe.vapour()) {
            all.add("Solvent: air, no flame, no spark.");
        }
        if (recipe.film()) {
            all.add("A film is not used before it has cured.");
        }
        all.add("Label and data sheet come first.");
        return all;
    }

    /** Whether something has to cure once hands are done with it. */
    public boolean cures() {
        return tasks().stream().anyMatch(t -> t.hands().isZero());
    }

    /** What is behind the maker: what was done, and everything that had to be done before it. */
    public Set<String> behind(Set<String> done) {
        Set<String> behind = new HashSet<>();
        List<Task> tasks = tasks();
        for (int i = tasks.size() - 1; i >= 0; i--) {
            Task task = tasks.get(i);
            if (done.contains(task.id()) || behind.contains(task.id())) {
                behind.add(task.id());
                behind.addAll(task.after());
            }
        }
        return behind;
    }

    /** What the station has settled, in one line. */
    public String line(LengthDisplay display) {
        Recipe recipe = choice.recipe();
        if (recipe == null) {
            return "no finish";
        }
        return (choice.finish() == Finish.OWN ? recipe.name() : choice.finish().words()) + ", " + recipe.coats()
                + (recipe.coats() == 1 ? " coat" : " coats");
    }
}
