package canthook.fingers;

import static canthook.working.Term.fixed;

import canthook.cutter.Cutter;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.size.SizedBox;
import canthook.verdict.Verdict;
import canthook.verdict.Verdicts;
import canthook.walls.WallDemands;
import canthook.working.Later;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * All odd (or all even) counts for the height, with the plan's cutter or with any of the rack, the one chosen, the one recommended and why.
 *
 * @param rungs every feasible count and the first two that are not, from few sections to many
 * @param chosen the count that stands, worked out under its own name
 * @param best the rung that is recommended
 * @param said why it is recommended
 * @param firstRip rip the parts to this until the fit is settled
 * @param ripAfterFit what comes off once it is
 * @param low where a lower wall's joint ends; null when all walls are of one height
 */
public record Ladder(
        List<Rung> rungs,
        Rung chosen,
        Rung best,
        Later<String> said,
        Worked firstRip,
        Worked ripAfterFit,
        @Nullable LowEnds low,
        List<Worked> numbers,
        List<Verdict> verdicts) {
    private static final int REFUSED_SHOWN = 2;
    /** A section to thickness that makers like best; between cutters the nearer one is recommended. */
    private static final double BEST_RATIO = 0.8;

    /** Works the ladder out. */
    public static Ladder of(BoxPlan plan, SizedBox box, WallDemands walls, Shop shop) {
        HouseRules rules = shop.rules();
        Division division = new Division(plan, box, walls, rules);
        List<Tool> tools = tools(plan, shop);
        List<Rung> rungs = rungs(plan, division, tools);
        Rung best = best(rungs, rules);
        Rung chosen = chosen(plan, division, tools, rungs, best);
        Worksheet sheet = new Worksheet("fingers");
        Worked over = overHeight(sheet, chosen, rules);
        boolean free = walls.low() != null && walls.low().everyCorner();
        Worked firstRip = sheet.work(
                "first-rip",
                "H₊",
                "Rip first to",
                Show.LAYOUT,
                free ? chosen.wall().times(1) : chosen.wall().plus(over),
                free
                        ? "The sides stand free over the joint, so the fit does not change them."
                        : "Settling the fit changes the closing height, so leave the parts over-high until it is settled.");
        Worked after = sheet.work(
                "rip-after-fit",
                "r",
                "Rip off after the fit",
                Show.FIT,
                firstRip.minus(chosen.wall()),
                "From the first rip down to the height the walls stand at.");
        Verdicts verdicts = new Verdicts("fingers");
        LadderJudge.judge(plan, box, rungs, best, chosen, verdicts, rules);
        LowEnds low = LowEnds.of(plan, box, chosen, sheet, verdicts, walls.low());
        List<Worked> numbers = new ArrayList<>(chosen.numbers());
        numbers.addAll(sheet.numbers());
        return new Ladder(
                rungs,
                chosen,
                best,
                new Later<>(() -> sentence(best, plan)),
                firstRip,
                after,
                low,
                List.copyOf(numbers),
                verdicts.all());
    }

    /** The rung alone that would stand in a plan of the same box: for who sets joints beside each other. */
    public static Rung standing(BoxPlan plan, SizedBox box, WallDemands walls, Shop shop) {
        Division division = new Division(plan, box, walls, shop.rules());
        List<Tool> tools = tools(plan, shop);
        Integer wished = plan.fingers().sections();
        if (wished != null && tools.size() == 1 && plan.fingers().widths() == null) {
            return division.equal("fingers", wished, tools.get(0));
        }
        List<Rung> rungs = rungs(plan, division, tools);
        return chosen(plan, division, tools, rungs, best(rungs, shop.rules()));
    }

    /** Why the rung that is recommended is. */
    public String sentence() {
        return said.get();
    }

    /** The plan's own cutter, and when the maker asks for any, those of the rack. */
    private static List<Tool> tools(BoxPlan plan, Shop shop) {
        Tool own = Tool.of(plan.fingers());
        List<Tool> tools = new ArrayList<>();
        tools.add(own);
        if (plan.fingers().looksOverTheRack()) {
            for (Cutter cutter : shop.turned()) {
                if (!cutter.id().equals(own.id())) {
                    tools.add(Tool.of(cutter));
                }
            }
        }
        return tools;
    }

    /** With all of these, of which the first is the plan's own. */
    private static List<Rung> rungs(BoxPlan plan, Division division, List<Tool> tools) {
        List<Rung> rungs = new ArrayList<>();
        for (Tool tool : tools) {
            rungs.addAll(rungs(tool, tool == tools.get(0), division));
        }
        if (plan.fingers().looksOverTheRack()) {
            rungs.sort(Comparator.comparingInt((Rung r) -> r.sections().count())
                    .thenComparingDouble(r -> -r.score().number()));
        }
        return rungs;
    }

    private static Rung best(List<Rung> rungs, HouseRules rules) {
        return recommended(rungs, rules).orElse(rungs.get(0));
    }

    /** Every feasible count with one cutter; of the plan's own the first ones that are not, so that one sees why. */
    private static List<Rung> rungs(Tool tool, boolean own, Division division) {
        List<Rung> rungs = new ArrayList<>();
        int refused = 0;
        String name = own ? "fingers." : "fingers." + tool.id() + ".";
        boolean everHigher = division.closesEverHigher(tool);
        for (int n = division.plan().fingers().isEven() ? 4 : 3; n <= FingerChoice.MOST_SECTIONS; n += 2) {
            boolean shown = own && refused < REFUSED_SHOWN;
            if (!shown && !division.mayHold(n, tool)) {
                if (everHigher) {
                    break;
                }
                continue;
            }
            Rung rung = division.equal(name + n, n, tool);
            if (rung.feasible()) {
                rungs.add(rung);
            } else if (shown) {
                refused++;
                rungs.add(rung);
            }
        }
        return rungs;
    }

    /**
     * The rung to recommend.
     *
     * <ol>
     *   <li>one pass a slot inside the band of heights, sections neither much narrower nor much wider than the wood is thick: with each
     *       cutter the height nearest to the wish, between cutters the sections nearest to 0.8 of the thickness
     *   <li>else the best score
     * </ol>
     *
     * Check (c 0.12): about 150, kerf 12.7 → 11, closing at 138.98; contents need 96, kerf 7.45 → 13, at 96.01; a place 60 high, kerf
     * 9.53, wood 19 → 5, at 47.29.
     */
    static Optional<Rung> recommended(List<Rung> rungs, HouseRules rules) {
        Map<String, Rung> nearest = new LinkedHashMap<>();
        for (Rung rung : rungs) {
            if (rung.isOnePassInBand() && !rules.isStrange(rung.sectionRatio().number())) {
                nearest.merge(rung.tool().id() + " " + rung.kerf().length().nanometres(), rung, Ladder::nearer);
            }
        }
        return nearest.values().stream()
                .min(Comparator.comparingDouble(r -> Math.abs(r.sectionRatio().number() - BEST_RATIO)))
                .or(() -> rungs.stream()
                        .filter(Rung::feasible)
                        .max(Comparator.comparingDouble((Rung r) -> r.score().number())
                                .thenComparing(r -> -r.sections().count())));
    }

    /** The one whose height lies nearer to the wish; of two alike, whose sections are nearer to the best width. */
    private static Rung nearer(Rung a, Rung b) {
        int byHeight = off(a).compareTo(off(b));
        if (byHeight != 0) {
            return byHeight < 0 ? a : b;
        }
        return Math.abs(b.sectionRatio().number() - BEST_RATIO)
                        < Math.abs(a.sectionRatio().number() - BEST_RATIO)
                ? b
                : a;
    }

    private static Length off(Rung rung) {
        return rung.closing().length().minus(rung.band().wished()).abs();
    }

    /** The count that stands. Of all cutters of the rack, the one that makes it best. */
    private static Rung chosen(BoxPlan plan, Division division, List<Tool> tools, List<Rung> rungs, Rung best) {
        Tool own = tools.get(0);
        List<Length> widths = plan.fingers().widths();
        if (widths != null) {
            return tools.stream()
                    .map(tool -> division.listed(widths, tool))
                    .filter(Rung::feasible)
                    .min(Comparator.comparingInt(r -> r.cuts().count()))
                    .orElseGet(() -> division.listed(widths, own));
        }
        Integer wished = plan.fingers().sections();
        if (wished == null) {
            return division.equal("fingers", best.sections().count(), best.tool());
        }
        Tool tool = recommended(
                        rungs.stream()
                                .filter(r -> r.sections().count() == wished && r.feasible())
                                .toList(),
                        division.rules())
                .map(Rung::tool)
                .orElse(own);
        return division.equal("fingers", wished, tool);
    }

    /** Where the rung that stands lies among the rungs; −1 while sections are a list. */
    public int standing() {
        for (int i = 0; i < rungs.size(); i++) {
            Rung rung = rungs.get(i);
            if (chosen.layout().isEqual() == rung.layout().isEqual()
                    && rung.sections().count() == chosen.sections().count()
                    && rung.tool().equals(chosen.tool())) {
                return i;
            }
        }
        return -1;
    }

    /** How the joint is cut. */
    public Joint joint() {
        return chosen.joint();
    }

    /** Height of the walls that are not lowered. */
    public Worked wall() {
        return chosen.wall();
    }

    /** The plan with the count that stands fixed, for changes that rely on where its boundaries lie. */
    public BoxPlan pinned(BoxPlan plan) {
        return pinned(plan, chosen);
    }

    /** The plan with what was chosen among the cutters of the rack fixed, so that it works out to the same whatever hangs there later. */
    public BoxPlan settled(BoxPlan plan) {
        return settled(plan, chosen);
    }

    /** The plan with this rung of it, and its cutter, fixed. */
    public static BoxPlan settled(BoxPlan plan, Rung chosen) {
        if (!plan.fingers().looksOverTheRack()) {
            return plan;
        }
        Cutter cutter = chosen.tool().cutter();
        FingerChoice own = cutter == null ? plan.fingers() : plan.fingers().with(cutter);
        return pinned(plan.with(own.withAnyCutter(false)), chosen);
    }

    /** The plan with the count of this rung of it fixed. */
    public static BoxPlan pinned(BoxPlan plan, Rung chosen) {
        return plan.fingers().widths() != null
                ? plan
                : plan.with(plan.fingers().withSections(chosen.sections().count()));
    }

    private static Worked overHeight(Worksheet sheet, Rung chosen, HouseRules rules) {
        Worked change = sheet.ruled(
                "expected-change",
                "Δc",
                "Largest change of clearance to expect",
                Show.FIT,
                rules.expectedChange(),
                HouseRule.EXPECTED_CHANGE.reason(),
                null,
                "rules");
        return sheet.work(
                "over-height",
                "o",
                "Left over the closing height",
                Show.FIT,
                Term.larger(chosen.fingers().times(change), fixed(rules.leastOverHeight())),
                "Each finger may grow or shrink by the change of clearance; at least what the house rule says.");
    }

    private static String sentence(Rung best, BoxPlan plan) {
        if (!best.feasible()) {
            return "No count can be cut with this cutter.";
        }
        LengthDisplay display = plan.display();
        StringBuilder words = new StringBuilder();
        words.append(best.sections().count()).append(": ");
        int passes = best.passes().count();
        words.append(Pace.of(plan.jig().way()).aSlot(passes))
                .append(" with ")
                .append(best.tool().name());
        Length ripOff = best.ripOff().length();
        if (ripOff.isPositive()) {
            words.append("; ").append(display.text(ripOff, Precision.FIT)).append(" to rip off");
        } else if (ripOff.isNegative()) {
            words.append("; closes ")
                    .append(display.text(ripOff.abs(), Precision.FIT))
                    .append(" higher than wished");
        }
        words.append("; ").append(best.reasons().get(0).words());
        for (Rung.Reason reason : best.reasons()) {
            if (reason.words().startsWith("bottom") || reason.words().startsWith("lid")) {
                words.append("; ").append(reason.words());
            }
        }
        return words.append('.').toString();
    }
}
