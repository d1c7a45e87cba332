package canthook.figure;

import canthook.planner.WorkedPlan;
import canthook.shop.GapAt;

/** Each kind of gap drawn on five sections of a corner, large, to be tapped on. */
public final class GapFigures {
    private static final double SECTION = 10;
    private static final double DEEP = 13;
    private static final double OPEN = 2.2;
    private static final int SECTIONS = 6;

    private GapFigures() {}

    public static Figure of(WorkedPlan worked, GapAt at) {
        Drawing d = new Drawing(
                "gap-" + at.name().toLowerCase(java.util.Locale.ROOT),
                "Gaps " + at.words(),
                worked.plan().display());
        double shoulder = at == GapAt.SHOULDERS ? OPEN : 0;
        // the walls the fingers belong to
        d.rect("side-grain", -DEEP * 1.6, 0, DEEP * 1.6, SECTION * SECTIONS);
        d.rect("mate-up", DEEP, 0, DEEP * 0.9, SECTION * SECTIONS);
        for (int i = 0; i < SECTIONS; i++) {
            double y = i * SECTION;
            double gap = switch (at) {
                case SAME_SIDE -> OPEN;
                case GROWING -> OPEN * 1.4 * i / (SECTIONS - 1);
                case ONE_CORNER -> i < 2 ? OPEN * 1.2 : 0;
                case SHOULDERS, FUZZY -> 0;
            };
            boolean ours = i % 2 == 0;
            double from = ours ? 0 : shoulder;
            double to = ours ? DEEP - shoulder : DEEP;
            d.rect(ours ? "side-grain" : "mate-up", from, y + gap, to - from, SECTION - gap);
            if (gap > 0) {
                d.rect("gap-open", 0, y, DEEP, gap);
            }
            if (shoulder > 0) {
                d.rect("gap-open", ours ? to : 0, y, shoulder, SECTION);
            }
            if (at == GapAt.FUZZY) {
                for (int k = 0; k < 5; k++) {
                    double x = 1 + k * (DEEP - 2) / 4;
                    d.line("gap-fuzz", x, y - 0.9, x + 1.1, y + 1.1);
                }
            }
        }
        return d.done();
    }
}
