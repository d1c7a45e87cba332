package canthook.saw;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How long a pass takes in this shop, learned from the times at which cuts were marked done. */
public final class Pace {
    private static final int LEAST = 8;
    private static final double LONGEST = 180;
    private static final double SHORTEST = 1;

    private Pace() {}

    /**
     * The median time from one cut to the next. Breaks of over three minutes, and marks made in a burst, are no passes.
     *
     * @param runs for every run the times at which its cuts were done, in seconds, in order
     * @return seconds; empty while fewer than eight passes were timed
     */
    public static Optional<Double> of(List<List<Double>> runs) {
        List<Double> passes = new ArrayList<>();
        for (List<Double> run : runs) {
            for (int i = 1; i < run.size(); i++) {
                double took = run.get(i) - run.get(i - 1);
                if (took >= SHORTEST && took <= LONGEST) {
                    passes.add(took);
                }
            }
        }
        if (passes.size() < LEAST) {
            return Optional.empty();
        }
        passes.sort(null);
        int middle = passes.size() / 2;
        return Optional.of(
                passes.size() % 2 == 1 ? passes.get(middle) : (passes.get(middle - 1) + passes.get(middle)) / 2);
    }
}
