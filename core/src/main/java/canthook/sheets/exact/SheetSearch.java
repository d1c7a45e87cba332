package canthook.sheets.exact;

import canthook.sheets.SheetPlan.Aim;
import canthook.sheets.SheetPlan.Goal;
import canthook.sheets.SheetPlan.Opened;
import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.exact.Grounds.Alike;
import canthook.sheets.exact.Pattern.Band;
import canthook.sheets.exact.YieldSearch.Certain;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/**
 * The search over the sheets of one stuff: plans made strip by strip in many orders, then the best of everything the sheets can
 * yield; where that is too much to be looked at, prices and their bound, and a choice among the full strips that came up and among
 * all of them; at last the largest rectangle that can be left.
 */
final class SheetSearch {
    /** Plans made strip by strip. */
    private static final int PLANS = 30;

    private static final int PLANS_OF_A_MIXTURE = 12;

    private static final double MISSING_IS_DEARER = 1.05;
    private static final double MADE_IS_CHEAPER = 0.99;
    private static final double DEAREST = 1.5;
    private static final double CHEAPEST = 0.7;

    /** Mixtures of sheets that are neither filled nor passed over, before the search gives in. */
    private static final int MOST_UNSETTLED = 12;

    /** Orders of the sheets in which the last is narrowed. */
    private static final int NARROWINGS = 10;

    private static final int BISECTIONS = 8;

    private static final double EFFORT = 2;
    private static final double EFFORT_FOR_FULL = 0.15;

    /** Strips filled to so much are chosen among first: they are few, and a mixture with little to spare needs no others. */
    private static final double FULL = 0.9;

    /** Within so much of the bound no mixture is tried a second time. */
    private static final double GOOD_ENOUGH = 1.015;

    private static final int TRIED_AGAIN = 3;

    private static final double EFFORT_FOR_ONE = 0.7;
    private static final double EFFORT_FOR_LEFT = 0.5;

    /** Patterns laid by hand that the choice is made among. */
    private static final int MOST_PATTERNS = 500;

    private final Grounds grounds;
    private final SheetBounds bounds;
    private final Hurry hurry;
    private final Map<List<Object>, Pattern> pool = new LinkedHashMap<>();
    private List<Pattern> best = List.of();

    /** @param made panels, of those that were wanted here */
    record Found(List<Opened> opened, Goal made, Goal area, Goal left) {}

    SheetSearch(Grounds grounds, Hurry hurry) {
        this.grounds = grounds;
        this.bounds = new SheetBounds(grounds);
        this.hurry = hurry;
    }

    Found all() {
        int wanted = Arrays.stream(grounds.wanted).sum();
        if (wanted == 0) {
            return found(0, 0, 0);
        }
        double[] price = new double[grounds.wanted.length];
        for (int p = 0; p < price.length; p++) {
            price[p] = grounds.area(p);
        }
        int[] every = grounds.everySheet();
        offer(Shelves.lay(grounds, sheets(every, null)));
        byHand(every, price, PLANS);
        Certain certain = Yielded.of(grounds, hurry)
                .map(yielded -> new YieldSearch(grounds, yielded, hurry).best(missing(best), area(best)))
                .orElse(Certain.NOTHING);
        if (certain.plan() != null) {
            offer(certain.plan());
        }
        int least = certain.missing();
        double area = Math.max(bounds.leastByArea(missing(best)), missing(best) == least ? certain.area() : 0);
        if (missing(best) > least || area(best) > area + 1) {
            try (SheetPrices prices = new SheetPrices(grounds)) {
                least = Math.max(least, missingAtLeast(prices, every, missing(best) - 1));
                if (missing(best) > least) {
                    byPrices(every, prices);
                    choose(every, least);
                }
                area = Math.max(area, leastArea(prices, price));
            }
        }
        keepMost(every, price);
        return found(
                wanted - Math.min(least, missing(best)),
                Math.min(area, area(best)),
                bounds.left(best, missing(best), area(best)));
    }

    private int missingAtLeast(SheetPrices prices, int[] opened, int enough) {
        int bound = grounds.isThinned() ? 0 : prices.missing(opened, enough, hurry);
        prices.patterns().forEach(this::poolAlways);
        return bound;
    }

    /**
     * Mixtures of whole sheets by growing area: one that cannot hold the panels by its prices is passed over, of the others the
     * first that is found to hold them is the best; below the first that is neither, nothing is better.
     *
     * @return no plan opens less area of whole sheets
     */
    private double leastArea(SheetPrices prices, double[] price) {
        double least = -1;
        Mixtures mixtures = new Mixtures(grounds, area(best) - 1);
        List<int[]> unsettled = new ArrayList<>();
        for (int[] mixture : mixtures.all()) {
            if (hurry.stops() || unsettled.size() == MOST_UNSETTLED) {
                break;
            }
            if (Mixtures.holds(grounds, mixture) < bounds.need(missing(best)) - 1
                    || missingAtLeast(prices, mixture, missing(best)) > missing(best)) {
                continue;
            }
            byHand(mixture, price, PLANS_OF_A_MIXTURE);
            byPrices(mixture, prices);
            if (area(best) <= Mixtures.area(grounds, mixture) + 1) {
                break;
            }
            least = least < 0 ? Mixtures.area(grounds, mixture) : least;
            unsettled.add(mixture);
        }
        least = least < 0 ? hurry.stops() ? 0 : area(best) : least;
        for (int[] mixture : unsettled) {
            if (area(best) > Mixtures.area(grounds, mixture) + 1 && !hurry.stops()) {
                chosen(mixture, Mixtures.area(grounds, mixture), EFFORT_FOR_FULL, FULL);
            }
        }
        if (area(best) > least + 1 && !hurry.stops()) {
            chosen(grounds.everySheet(), least, EFFORT, 0);
        }
        for (int[] mixture : unsettled.subList(0, Math.min(TRIED_AGAIN, unsettled.size()))) {
            if (area(best) > least * GOOD_ENOUGH
                    && area(best) > Mixtures.area(grounds, mixture) + 1
                    && !hurry.stops()) {
                chosen(mixture, Mixtures.area(grounds, mixture), EFFORT_FOR_ONE, 0);
            }
        }
        return mixtures.isWhole() ? least : bounds.leastByArea(missing(best));
    }

    private void chosen(int[] opened, double bound, double effort, double full) {
        new SheetChoice(grounds, opened, List.copyOf(pool.values()), full, hurry)
                .leastArea(missing(best), area(best), bound, effort)
                .ifPresent(this::offer);
    }

    private Found found(int most, double least, double left) {
        List<Opened> opened = new ArrayList<>();
        Map<Alike, Integer> used = new LinkedHashMap<>();
        for (Pattern pattern : best) {
            Alike alike = alike(pattern.ground());
            int n = used.merge(alike, 1, Integer::sum) - 1;
            Opened one = Cuts.of(grounds.task, pattern);
            opened.add(new Opened(
                    grounds.task.sheets().get(alike.sheets().get(n)), one.turned(), one.strips(), one.left()));
        }
        int made = Arrays.stream(grounds.wanted).sum() - missing(best);
        double largest = largest(best);
        return new Found(
                opened,
                new Goal(Aim.PANELS, made, Math.max(made, most)),
                new Goal(Aim.AREA, area(best), least),
                new Goal(Aim.LEFT, largest, Math.max(largest, left)));
    }

    private Alike alike(Ground ground) {
        return grounds.all.stream()
                .filter(a -> a.ways().contains(ground))
                .findFirst()
                .orElseThrow();
    }

    // what a plan reaches

    private int missing(List<Pattern> plan) {
        return Arrays.stream(rest(plan)).map(n -> Math.max(0, n)).sum();
    }

    /** Of each panel what is still wanted; under zero where more were made. */
    private int[] rest(List<Pattern> plan) {
        int[] rest = grounds.wanted.clone();
        for (Pattern pattern : plan) {
            int[] counts = pattern.counts(rest.length);
            for (int p = 0; p < rest.length; p++) {
                rest[p] -= counts[p];
            }
        }
        return rest;
    }

    private static double area(List<Pattern> plan) {
        return plan.stream()
                .filter(p -> !p.ground().scrap)
                .mapToDouble(p -> p.ground().area())
                .sum();
    }

    private static double largest(List<Pattern> plan) {
        return plan.stream().mapToDouble(Cuts::largest).max().orElse(0);
    }

    private void offer(List<Pattern> plan) {
        List<Pattern> used = plan.stream().filter(p -> !p.isEmpty()).toList();
        used.forEach(this::pool);
        int less = Integer.compare(missing(used), missing(best));
        double areas = area(used) - area(best);
        if (best.isEmpty()
                || less < 0
                || less == 0 && (areas < -1 || areas < 1 && largest(used) > largest(best) + 1e-6)) {
            best = used;
        }
    }

    private void pool(Pattern pattern) {
        if (pool.size() < MOST_PATTERNS) {
            poolAlways(pattern);
        }
    }

    private void poolAlways(Pattern pattern) {
        pool.putIfAbsent(
                List.of(
                        pattern.ground(),
                        Arrays.stream(pattern.counts(grounds.wanted.length))
                                .boxed()
                                .toList(),
                        pattern.bands().stream().map(Band::height).sorted().toList()),
                pattern);
    }

    // plans strip by strip

    /** What a plan did not make is worth more in the next, what it made a little less: corrected so, prices find together. */
    private void byHand(int[] opened, double[] price, int plans) {
        Random random = new Random(1);
        double[] worth = price.clone();
        for (int n = 0; n < plans && !hurry.stops(); n++) {
            double[] prices = worth.clone();
            double power = n == 0 ? 1 : 0.95 + 0.35 * random.nextDouble();
            for (int p = 0; p < prices.length; p++) {
                prices[p] = Math.pow(prices[p], power) * (n < 2 ? 1 : 0.85 + 0.3 * random.nextDouble());
            }
            SheetFill.Choice choice = n % 2 == 0 ? SheetFill.Choice.BY_SHEET : SheetFill.Choice.BY_STRIP;
            List<Pattern> plan = byHand(sheets(opened, n < 2 ? null : random), prices, choice);
            offer(plan);
            int[] rest = rest(plan);
            for (int p = 0; p < worth.length; p++) {
                double corrected = worth[p] * (rest[p] > 0 ? MISSING_IS_DEARER : MADE_IS_CHEAPER);
                worth[p] = Math.max(CHEAPEST * price[p], Math.min(DEAREST * price[p], corrected));
            }
        }
    }

    private void byPrices(int[] opened, SheetPrices prices) {
        if (prices.prices().length == 0) {
            return;
        }
        for (SheetFill.Choice choice : SheetFill.Choice.values()) {
            offer(byHand(sheets(opened, null), prices.prices(), choice));
        }
    }

    /** Scraps first, then whole sheets, the smaller first or in any order. */
    private List<Alike> sheets(int[] opened, @Nullable Random random) {
        List<Alike> each = new ArrayList<>();
        for (int a = 0; a < opened.length; a++) {
            each.addAll(Collections.nCopies(opened[a], grounds.all.get(a)));
        }
        if (random != null) {
            Collections.shuffle(each, random);
        } else {
            each.sort(Comparator.comparingDouble(Alike::area));
        }
        each.sort(Comparator.comparing(Alike::scrap).reversed());
        return each;
    }

    private List<Pattern> byHand(List<Alike> order, double[] prices, SheetFill.Choice choice) {
        int[] wanted = grounds.wanted.clone();
        List<Pattern> plan = new ArrayList<>();
        for (Alike alike : order) {
            if (Pattern.isNone(wanted)) {
                break;
            }
            Pattern fullest = null;
            int[] after = wanted;
            double most = 0;
            for (Ground way : alike.ways()) {
                int[] left = wanted.clone();
                Pattern pattern = SheetFill.fill(way, prices, left, choice);
                pool(pattern);
                double value = 0;
                for (int p = 0; p < left.length; p++) {
                    value += (wanted[p] - left[p]) * prices[p];
                }
                // when both hold all that is wanted, the one that leaves more
                value += Pattern.isNone(left) ? Cuts.largest(pattern) * 1e-9 : 0;
                if (value > most) {
                    most = value;
                    fullest = pattern;
                    after = left;
                }
            }
            if (fullest != null) {
                plan.add(fullest);
                wanted = after;
            }
        }
        return plan;
    }

    // prices, choice

    private void choose(int[] opened, int bound) {
        int before;
        do {
            before = missing(best);
            new SheetChoice(grounds, opened, List.copyOf(pool.values()), hurry)
                    .least(before, bound, EFFORT)
                    .ifPresent(this::offer);
        } while (missing(best) < before && missing(best) > bound && !hurry.stops());
    }

    /** Rectangles that stay are sought by narrowing each opened sheet, and by the choice among strips. */
    private void keepMost(int[] every, double[] price) {
        Random random = new Random(2);
        for (int n = 0; n < NARROWINGS && !best.isEmpty() && !hurry.stops(); n++) {
            List<Alike> order =
                    new ArrayList<>(best.stream().map(p -> alike(p.ground())).toList());
            Collections.shuffle(order, random);
            double[] prices = price.clone();
            for (int p = 0; p < prices.length; p++) {
                prices[p] = Math.pow(prices[p], 1.1) * (0.8 + 0.4 * random.nextDouble());
            }
            SheetFill.Choice choice = n % 2 == 0 ? SheetFill.Choice.BY_SHEET : SheetFill.Choice.BY_STRIP;
            narrowed(order, prices, choice);
        }
        if (!hurry.stops()) {
            new SheetChoice(grounds, every, List.copyOf(pool.values()), hurry)
                    .mostLeft(missing(best), area(best), largest(best), EFFORT_FOR_LEFT)
                    .ifPresent(this::offer);
        }
    }

    /** All sheets but the last are filled, and the last as narrow as holds the rest. */
    private void narrowed(List<Alike> order, double[] prices, SheetFill.Choice choice) {
        int last = order.size() - 1;
        List<Pattern> others = byHand(order.subList(0, last), prices, choice);
        int[] rest = rest(others);
        if (Pattern.isNone(rest)) {
            return;
        }
        for (Ground way : order.get(last).ways()) {
            long enough = way.width;
            long little = 0;
            for (int step = 0; step < BISECTIONS; step++) {
                long tried = step == 0 ? enough : little + (enough - little) / 2;
                Pattern narrow = SheetFill.fill(way.narrowed(tried), prices, rest.clone(), choice);
                List<Pattern> plan = new ArrayList<>(others);
                plan.add(new Pattern(way, narrow.bands()));
                if (missing(plan) > missing(best)) {
                    if (step == 0) {
                        break;
                    }
                    little = tried;
                } else {
                    enough = tried;
                    offer(plan);
                }
            }
        }
    }
}
