package canthook.figure;

import canthook.length.Length;
import canthook.together.GoesTogether;
import java.util.List;

/**
 * A joint as it would come out, from the reference edge on: the fingers of both mates side by side, the gaps between them magnified, red
 * where wood meets wood.
 */
public final class TogetherFigure {
    /** The widest gap or overlap is drawn this much of a section wide. */
    private static final double SHOWN = 0.55;

    private TogetherFigure() {}

    public static Figure of(GoesTogether together) {
        Drawing d = new Drawing(
                "together",
                "One joint as it may come out, its gaps magnified",
                together.plan().display());
        double[] gaps = together.joints().example().gaps();
        List<Length> boundaries = together.worked().fingers().joint().layout().boundaries();
        double wall = together.worked().fingers().chosen().closing().length().mm();
        double section = wall / (gaps.length + 1);
        double most = 0.001;
        for (double gap : gaps) {
            most = Math.max(most, Math.abs(gap));
        }
        double scale = SHOWN * section / most;
        double high = Math.max(section * 1.6, wall * 0.12);
        double from = 0;
        double x = 0;
        for (int k = 0; k <= gaps.length; k++) {
            double to =
                    k < gaps.length && k < boundaries.size() ? boundaries.get(k).mm() : wall;
            double wide = to - from;
            d.rect(k % 2 == 0 ? "side-grain" : "mate-up", x, 0, wide, high);
            x += wide;
            if (k < gaps.length) {
                double gap = gaps[k] * scale;
                if (gap >= 0) {
                    d.rect("gap", x, 0, gap, high);
                    x += gap;
                } else {
                    d.rect("overlap", x + gap, 0, -gap, high);
                    x += gap;
                }
            }
            from = to;
        }
        d.line("reference-edge", 0, 0, 0, high);
        return d.done();
    }
}
