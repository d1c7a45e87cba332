package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * A tray that slides along the box on runners glued to its sides, or several stacked on each other. The tray is a box of its own; host
 * and tray know each other.
 *
 * @param over of the runners' upper edge, where the tray's bottom is, above the floor
 * @param height of one tray today, over all
 * @param along length of the tray along the box; null for half of the inside
 * @param clearance across the box, both sides together
 * @param runner how thick a runner is
 * @param stacked how many lie on each other
 * @param stuff what its walls are made of: they move in height
 * @param box id of the box that the tray is; null while it is none yet
 * @param wall how thick its walls are, as that box has them; null while it is none yet
 */
public record Tray(
        Length over,
        Length height,
        @Nullable Length along,
        Length clearance,
        Length runner,
        Integer stacked,
        Stuff stuff,
        @Nullable String box,
        @Nullable Length wall)
        implements Fitting {
    public static final Bounds OVER = new Bounds("Runners, high", Length.mm(1), Length.mm(1500));
    public static final Bounds HEIGHT = new Bounds("Tray, high", Length.mm(5), Length.mm(1500));
    public static final Bounds ALONG = new Bounds("Tray, long", Length.mm(5), Length.mm(3000));
    public static final Bounds CLEARANCE = new Bounds("Clearance across", Length.ZERO, Length.mm(50));
    public static final Bounds RUNNER = new Bounds("Runner, thick", Length.mm(2), Length.mm(100));
    public static final Bounds WALL =
            new Bounds("Tray’s walls, thick", SizeWish.THICKNESS.least(), SizeWish.THICKNESS.most());
    public static final Range STACKED = new Range("Trays on each other", 1, 12, "");

    public Tray {
        OVER.check("over", over);
        HEIGHT.check("height", height);
        ALONG.unlessAbsent("along", along);
        CLEARANCE.check("clearance", clearance);
        RUNNER.check("runner", runner);
        Refused.ifMissing("stacked", "Trays on each other", stacked);
        STACKED.check("stacked", stacked);
        Refused.ifMissing("stuff", "Tray’s wood", stuff);
        WALL.unlessAbsent("wall", wall);
    }

    /** A tray that is no box of its own yet. */
    public Tray(
            Length over,
            Length height,
            @Nullable Length along,
            Length clearance,
            Length runner,
            Integer stacked,
            Stuff stuff) {
        this(over, height, along, clearance, runner, stacked, stuff, null, null);
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.tray().apply(this);
    }

    public Tray withOver(Length changed) {
        return new Tray(changed, height, along, clearance, runner, stacked, stuff, box, wall);
    }

    public Tray withHeight(Length changed) {
        return new Tray(over, changed, along, clearance, runner, stacked, stuff, box, wall);
    }

    public Tray withAlong(@Nullable Length changed) {
        return new Tray(over, height, changed, clearance, runner, stacked, stuff, box, wall);
    }

    public Tray withClearance(Length changed) {
        return new Tray(over, height, along, changed, runner, stacked, stuff, box, wall);
    }

    public Tray withStacked(int changed) {
        return new Tray(over, height, along, clearance, runner, changed, stuff, box, wall);
    }

    public Tray withRunner(Length changed) {
        return new Tray(over, height, along, clearance, changed, stacked, stuff, box, wall);
    }

    /** Its walls as thick as the box has them that it is. */
    public Tray withWall(Length changed) {
        return new Tray(over, height, along, clearance, runner, stacked, stuff, box, WALL.nearest(changed));
    }

    /** The same as a box of its own. */
    public Tray withBox(@Nullable String changed) {
        return new Tray(over, height, along, clearance, runner, stacked, stuff, changed, wall);
    }
}
