package canthook.figure;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * A block with its faces along the box's axes: x along the length from D to B, y along the width from A to C, z up from the bottom edge.
 *
 * @param stuff what it is, and how its faces look: {@code wall}, {@code bottom}, {@code lid}
 * @param grain the axis its grain runs along
 * @param low its corner nearest to the origin, x y z
 * @param high the corner opposite
 * @param fall how much lower its top is at high x than at low x
 * @param joined sides on which it goes on in another block of the same piece: no edge is drawn there
 * @param strokes lines on its faces
 */
record Solid(
        String stuff, int grain, double[] low, double[] high, double fall, Set<Side> joined, List<Stroke> strokes) {

    /** A face, by the axis it looks along. */
    enum Side {
        LEFT(0, false),
        RIGHT(0, true),
        BACK(1, false),
        FRONT(1, true),
        UNDER(2, false),
        TOP(2, true);

        final int axis;
        final boolean far;

        Side(int axis, boolean far) {
            this.axis = axis;
            this.far = far;
        }
    }

    /** A line on a face, seen with it: from x y z to x y z. */
    record Stroke(Side on, double[] ends) {}

    static Solid of(String stuff, int grain, double... corners) {
        return new Solid(
                stuff,
                grain,
                new double[] {corners[0], corners[2], corners[4]},
                new double[] {corners[1], corners[3], corners[5]},
                0,
                EnumSet.noneOf(Side.class),
                List.of());
    }

    Solid goingOn(Side... sides) {
        return new Solid(stuff, grain, low, high, fall, Set.of(sides), strokes);
    }

    Solid falling(double by) {
        return new Solid(stuff, grain, low, high, by, joined, strokes);
    }

    Solid lined(List<Stroke> lines) {
        return new Solid(stuff, grain, low, high, fall, joined, lines);
    }

    boolean isEmpty() {
        return high[0] - low[0] < 1e-6 || high[1] - low[1] < 1e-6 || high[2] - low[2] < 1e-6;
    }

    Solid moved(double dx, double dy, double dz) {
        double[] by = {dx, dy, dz};
        double[] from = new double[3];
        double[] to = new double[3];
        for (int i = 0; i < 3; i++) {
            from[i] = low[i] + by[i];
            to[i] = high[i] + by[i];
        }
        return new Solid(
                stuff,
                grain,
                from,
                to,
                fall,
                joined,
                strokes.stream()
                        .map(s -> new Stroke(s.on(), new double[] {
                            s.ends()[0] + dx,
                            s.ends()[1] + dy,
                            s.ends()[2] + dz,
                            s.ends()[3] + dx,
                            s.ends()[4] + dy,
                            s.ends()[5] + dz
                        }))
                        .toList());
    }

    /** Opened by a right angle about the line along x at the back (y 0) and a height. */
    Solid opened(double pin) {
        Set<Side> turned = EnumSet.noneOf(Side.class);
        joined.forEach(side -> turned.add(opened(side)));
        return new Solid(
                stuff,
                grain == 1 ? 2 : grain == 2 ? 1 : 0,
                new double[] {low[0], pin - high[2], pin + low[1]},
                new double[] {high[0], pin - low[2], pin + high[1]},
                0,
                turned,
                strokes.stream()
                        .map(s -> new Stroke(opened(s.on()), new double[] {
                            s.ends()[0],
                            pin - s.ends()[2],
                            pin + s.ends()[1],
                            s.ends()[3],
                            pin - s.ends()[5],
                            pin + s.ends()[4]
                        }))
                        .toList());
    }

    private static Side opened(Side side) {
        return switch (side) {
            case LEFT, RIGHT -> side;
            case BACK -> Side.UNDER;
            case FRONT -> Side.TOP;
            case UNDER -> Side.FRONT;
            case TOP -> Side.BACK;
        };
    }

    /** What of it lies between two heights. */
    Solid between(double from, double to) {
        double bottom = Math.max(low[2], from);
        double top = Math.min(high[2], to);
        Set<Side> left = EnumSet.noneOf(Side.class);
        left.addAll(joined);
        if (bottom > low[2]) {
            left.remove(Side.UNDER);
        }
        if (top < high[2]) {
            left.remove(Side.TOP);
        }
        return new Solid(
                stuff,
                grain,
                new double[] {low[0], low[1], bottom},
                new double[] {high[0], high[1], top},
                top < high[2] ? 0 : fall,
                left,
                strokes.stream()
                        .filter(s ->
                                Math.max(s.ends()[2], s.ends()[5]) > bottom && Math.min(s.ends()[2], s.ends()[5]) < top)
                        .map(s -> {
                            double[] ends = s.ends().clone();
                            ends[2] = Math.max(bottom, Math.min(top, ends[2]));
                            ends[5] = Math.max(bottom, Math.min(top, ends[5]));
                            return new Stroke(s.on(), ends);
                        })
                        .toList());
    }

    /** The four corners of a face, in turn. */
    double[][] face(Side side) {
        double[][] corners = new double[4][];
        int u = side.axis == 0 ? 1 : 0;
        int v = side.axis == 2 ? 1 : 2;
        int[][] turn = {{0, 0}, {1, 0}, {1, 1}, {0, 1}};
        for (int i = 0; i < 4; i++) {
            double[] corner = new double[3];
            corner[side.axis] = side.far ? high[side.axis] : low[side.axis];
            corner[u] = turn[i][0] == 0 ? low[u] : high[u];
            corner[v] = turn[i][1] == 0 ? low[v] : high[v];
            if (fall != 0 && corner[2] == high[2]) {
                corner[2] -= fall * (corner[0] - low[0]) / (high[0] - low[0]);
            }
            corners[i] = corner;
        }
        return corners;
    }

    /** The side across each edge of a face, in step with {@link #face}. */
    Side[] across(Side side) {
        return switch (side) {
            case LEFT, RIGHT -> new Side[] {Side.UNDER, Side.FRONT, Side.TOP, Side.BACK};
            case BACK, FRONT -> new Side[] {Side.UNDER, Side.RIGHT, Side.TOP, Side.LEFT};
            case UNDER, TOP -> new Side[] {Side.BACK, Side.RIGHT, Side.FRONT, Side.LEFT};
        };
    }
}
