package canthook.figure;

import canthook.figure.Solid.Side;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

/**
 * Blocks seen from one side, the farthest drawn first. Two that do not meet are parted by a plane along an axis; the one on the viewer's
 * side of it is never hidden by the other. Where two such planes disagree neither hides the other.
 *
 * @param turn where the viewer stands round the box, degrees from B towards C
 * @param tilt how high, degrees
 */
record SolidView(double turn, double tilt) {
    private static final double APART = 1e-6;

    private double[] towards() {
        double round = Math.toRadians(turn);
        double up = Math.toRadians(tilt);
        return new double[] {Math.cos(up) * Math.cos(round), Math.cos(up) * Math.sin(round), Math.sin(up)};
    }

    private double x(double[] p) {
        double round = Math.toRadians(turn);
        return -Math.sin(round) * p[0] + Math.cos(round) * p[1];
    }

    private double y(double[] p) {
        double round = Math.toRadians(turn);
        double up = Math.toRadians(tilt);
        return Math.sin(up) * (Math.cos(round) * p[0] + Math.sin(round) * p[1]) - Math.cos(up) * p[2];
    }

    /** Where a point of the box is seen. */
    double[] seen(double x, double y, double z) {
        double[] p = {x, y, z};
        return new double[] {x(p), y(p)};
    }

    void draw(Drawing d, List<Solid> solids) {
        double[] v = towards();
        frame(d, solids);
        for (Solid solid : inOrder(solids, v)) {
            List<double[]> lines = new ArrayList<>();
            for (Side side : Side.values()) {
                if (!isSeen(side, v)) {
                    continue;
                }
                double[][] corners = solid.face(side);
                double[] points = new double[8];
                for (int i = 0; i < 4; i++) {
                    points[2 * i] = x(corners[i]);
                    points[2 * i + 1] = y(corners[i]);
                }
                d.shape(role(solid, side), solid.stuff(), points);
                Side[] across = solid.across(side);
                for (int i = 0; i < 4; i++) {
                    if (!solid.joined().contains(across[i])) {
                        double[] from = corners[i];
                        double[] to = corners[(i + 1) % 4];
                        edge(lines, x(from), y(from), x(to), y(to));
                    }
                }
            }
            for (Solid.Stroke stroke : solid.strokes()) {
                if (!isSeen(stroke.on(), v)) {
                    continue;
                }
                double[] s = stroke.ends();
                double[] from = {s[0], s[1], s[2]};
                double[] to = {s[3], s[4], s[5]};
                lines.add(new double[] {x(from), y(from), x(to), y(to)});
            }
            if (!lines.isEmpty()) {
                d.strokes("ticks-solid", lines);
            }
        }
    }

    /** An edge between two faces that are seen is drawn once. */
    private static void edge(List<double[]> lines, double x1, double y1, double x2, double y2) {
        for (double[] drawn : lines) {
            boolean same = drawn[0] == x1 && drawn[1] == y1 && drawn[2] == x2 && drawn[3] == y2;
            boolean back = drawn[0] == x2 && drawn[1] == y2 && drawn[2] == x1 && drawn[3] == y1;
            if (same || back) {
                return;
            }
        }
        lines.add(new double[] {x1, y1, x2, y2});
    }

    private static boolean isSeen(Side side, double[] v) {
        return side.far ? v[side.axis] > APART : v[side.axis] < -APART;
    }

    /** Makes as much room as the blocks want from whichever side, so that they keep their scale while they are turned. */
    private void frame(Drawing d, List<Solid> solids) {
        double[] low = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
        double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        for (Solid solid : solids) {
            for (int a = 0; a < 3; a++) {
                low[a] = Math.min(low[a], solid.low()[a]);
                high[a] = Math.max(high[a], solid.high()[a]);
            }
        }
        if (solids.isEmpty()) {
            return;
        }
        double[] middle = {(low[0] + high[0]) / 2, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2};
        double round = Math.hypot(high[0] - low[0], high[1] - low[1]) / 2;
        double up = Math.toRadians(tilt);
        double half = Math.sin(up) * round + Math.cos(up) * (high[2] - low[2]) / 2;
        d.reach(x(middle) - round, y(middle) - half).reach(x(middle) + round, y(middle) + half);
    }

    /** End grain, a face, or a face that is turned away from the light. */
    private static String role(Solid solid, Side side) {
        if (side.axis == solid.grain()) {
            return "solid-" + solid.stuff() + "-end";
        }
        return "solid-" + solid.stuff()
                + switch (side) {
                    case TOP, UNDER -> "-top";
                    case LEFT, RIGHT -> "-side";
                    case BACK, FRONT -> "";
                };
    }

    /** The farthest first. */
    List<Solid> inOrder(List<Solid> solids, double[] v) {
        int n = solids.size();
        double[][] seen = new double[n][];
        for (int i = 0; i < n; i++) {
            seen[i] = extent(solids.get(i));
        }
        List<List<Integer>> nearer = new ArrayList<>(n);
        int[] farther = new int[n];
        for (int i = 0; i < n; i++) {
            nearer.add(new ArrayList<>());
        }
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                if (!meet(seen[i], seen[j])) {
                    continue;
                }
                int order = order(solids.get(i), solids.get(j), v);
                if (order != 0) {
                    int first = order < 0 ? i : j;
                    int then = order < 0 ? j : i;
                    nearer.get(first).add(then);
                    farther[then]++;
                }
            }
        }
        Deque<Integer> free = new ArrayDeque<>();
        boolean[] done = new boolean[n];
        for (int i = 0; i < n; i++) {
            if (farther[i] == 0) {
                free.add(i);
            }
        }
        List<Solid> order = new ArrayList<>(n);
        while (order.size() < n) {
            Integer next = free.poll();
            if (next == null) {
                // a ring of blocks each in front of the next: the farthest by its middle breaks it
                next = farthest(solids, done, v);
            }
            if (done[next]) {
                continue;
            }
            done[next] = true;
            order.add(solids.get(next));
            for (int then : nearer.get(next)) {
                if (--farther[then] == 0) {
                    free.add(then);
                }
            }
        }
        return order;
    }

    private static int farthest(List<Solid> solids, boolean[] done, double[] v) {
        int best = -1;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < solids.size(); i++) {
            Solid s = solids.get(i);
            double depth = 0;
            for (int a = 0; a < 3; a++) {
                depth += v[a] * (s.low()[a] + s.high()[a]) / 2;
            }
            if (!done[i] && depth < least) {
                least = depth;
                best = i;
            }
        }
        return best;
    }

    /** Under 0 when the first is drawn before the second, over 0 after it, 0 when it does not matter. */
    static int order(Solid one, Solid other, double[] v) {
        int order = 0;
        for (int axis = 0; axis < 3; axis++) {
            int here = 0;
            if (one.high()[axis] <= other.low()[axis] + APART) {
                here = v[axis] > APART ? -1 : v[axis] < -APART ? 1 : 0;
            } else if (other.high()[axis] <= one.low()[axis] + APART) {
                here = v[axis] > APART ? 1 : v[axis] < -APART ? -1 : 0;
            }
            if (here != 0 && order != 0 && here != order) {
                return 0;
            }
            order = here != 0 ? here : order;
        }
        return order;
    }

    double[] extent(Solid solid) {
        double[] extent = {
            Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        for (int i = 0; i < 8; i++) {
            double[] p = {
                (i & 1) == 0 ? solid.low()[0] : solid.high()[0],
                (i & 2) == 0 ? solid.low()[1] : solid.high()[1],
                (i & 4) == 0 ? solid.low()[2] : solid.high()[2]
            };
            extent[0] = Math.min(extent[0], x(p));
            extent[1] = Math.min(extent[1], y(p));
            extent[2] = Math.max(extent[2], x(p));
            extent[3] = Math.max(extent[3], y(p));
        }
        return extent;
    }

    static boolean meet(double[] a, double[] b) {
        return a[0] < b[2] - APART && b[0] < a[2] - APART && a[1] < b[3] - APART && b[1] < a[3] - APART;
    }
}
