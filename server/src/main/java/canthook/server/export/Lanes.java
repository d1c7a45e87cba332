package canthook.server.export;

import canthook.figure.Figure;
import canthook.figure.Figure.Dimension;
import canthook.figure.Figure.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * Where the dimension lines of a figure stand about it, in millimetres of paper. A text that would touch its neighbour in the same lane is
 * lifted over it, and the next lane stands as much farther off.
 */
final class Lanes {
    static final double TEXT_HIGH = 3.7;
    private static final double LANE = 6;
    private static final double FIRST = 5;
    private static final double OVER = 0.8;

    private final Figure figure;
    private final List<Integer> lifted = new ArrayList<>();

    /**
     * @param middle where a dimension's text wants its middle, along its line
     * @param half of how wide its text is
     */
    Lanes(Figure figure, ToDoubleFunction<Dimension> middle, ToDoubleFunction<Dimension> half) {
        this.figure = figure;
        List<Dimension> all = figure.dimensions();
        for (int i = 0; i < all.size(); i++) {
            int level = 0;
            while (touches(i, level, middle, half)) {
                level++;
            }
            lifted.add(level);
        }
    }

    private boolean touches(int at, int level, ToDoubleFunction<Dimension> middle, ToDoubleFunction<Dimension> half) {
        Dimension mine = figure.dimensions().get(at);
        for (int i = 0; i < at; i++) {
            Dimension other = figure.dimensions().get(i);
            if (other.side() == mine.side()
                    && other.lane() == mine.lane()
                    && lifted.get(i) == level
                    && Math.abs(middle.applyAsDouble(other) - middle.applyAsDouble(mine))
                            < half.applyAsDouble(other) + half.applyAsDouble(mine)) {
                return true;
            }
        }
        return false;
    }

    private static boolean outside(Side side) {
        return side == Side.ABOVE || side == Side.LEFT;
    }

    private double high(Side side, int lane) {
        int most = 0;
        for (int i = 0; i < lifted.size(); i++) {
            Dimension d = figure.dimensions().get(i);
            if (d.side() == side && d.lane() == lane) {
                most = Math.max(most, lifted.get(i));
            }
        }
        return most * TEXT_HIGH;
    }

    /** How far off the figure the line of a lane stands. */
    double off(Side side, int lane) {
        double off = FIRST - LANE;
        for (int i = 0; i <= lane; i++) {
            off += LANE + (outside(side) ? i == 0 ? 0 : high(side, i - 1) : high(side, i));
        }
        return off;
    }

    /** How far over its line a text stands. */
    double over(Dimension d) {
        return OVER + lifted.get(figure.dimensions().indexOf(d)) * TEXT_HIGH;
    }

    boolean isLifted(Dimension d) {
        return lifted.get(figure.dimensions().indexOf(d)) > 0;
    }

    /** What all lanes of a side take. */
    double room(Side side) {
        int last = figure.dimensions().stream()
                .filter(d -> d.side() == side)
                .mapToInt(Dimension::lane)
                .max()
                .orElse(-1);
        if (last < 0) {
            return 1;
        }
        return off(side, last) + (outside(side) ? high(side, last) + TEXT_HIGH + OVER : 1.5);
    }
}
