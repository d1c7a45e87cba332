package canthook.figure;

import canthook.building.FirstCut.Act;
import canthook.figure.Figure.Side;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import java.util.Optional;

/** What is drawn beside each act of the first cut on a new jig. */
public final class FirstCutFigures {
    private static final double CARD = 0.4;

    private FirstCutFigures() {}

    public static Optional<Figure> of(WorkedPlan worked, Act act) {
        return switch (act.shows()) {
            case NOTHING -> Optional.empty();
            case HEIGHT -> Optional.of(height(worked));
            case SPARE -> worked.jig().key().map(key -> spare(worked, key.key()));
            case CUT -> Optional.of(JigFigure.of(worked, Math.max(0, act.cut())));
            case TOGETHER -> Optional.of(FitFigures.joint(worked));
        };
    }

    /** The cutter over what the part stands on, a scrap of the mate beside it and a card on that. */
    private static Figure height(WorkedPlan worked) {
        Worked deep = worked.jig().cutterHeight();
        double d = deep.length().mm();
        double k = worked.fingers().chosen().kerf().length().mm();
        double wide = Math.max(30, 4 * k);
        Drawing drawing = new Drawing(
                "first-height",
                "A scrap of the mate, a card on it",
                worked.plan().display());
        drawing.rect("build-base", -wide, 0, 1.4 * wide, 6);
        drawing.rect("side-grain", -wide * 0.85, -(d - CARD), wide * 0.7, d - CARD);
        drawing.rect("spacer", -wide * 0.85, -d, wide * 0.7, CARD);
        drawing.rect("cutter", 0, -d, k, d);
        drawing.upright(k, -d, 0, Side.RIGHT, 0, deep);
        drawing.note(-wide * 0.5, -d / 2, "scrap of the mate", "quiet", "middle", null);
        return drawing.done();
    }

    /** Key, spare, cutter, side by side against the fence. */
    private static Figure spare(WorkedPlan worked, Worked key) {
        double k = worked.fingers().chosen().kerf().length().mm();
        double wide = key.length().mm();
        Drawing d =
                new Drawing("first-gap", "The spare sets the gap", worked.plan().display());
        double out = Math.max(24, 3 * wide);
        d.rect("fence", -4 * wide - 6, 0, 8 * wide + 2 * k + 12, 14);
        d.rect("key", -wide, -out, wide, out + 14, "key");
        d.rect("spacer", 0, -out * 0.9, wide, out * 0.9, "spare");
        d.rect("cutter", wide, -out, k, out + 14);
        d.across(0, wide, -out, Side.ABOVE, 0, key);
        d.across(wide, wide + k, 14, Side.BELOW, 0, worked.fingers().chosen().kerf());
        d.note(-wide - 2, -out * 0.6, "key", "quiet", "end", null);
        d.note(wide + k + 2, -out * 0.6, "cutter", "quiet", "start", null);
        return d.done();
    }
}
