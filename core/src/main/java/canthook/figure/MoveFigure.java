package canthook.figure;

import canthook.fit.Fit;
import canthook.jig.BandSawSetting;
import canthook.jig.HandSetting;
import canthook.jig.KeySetting;
import canthook.jig.ScrewSetting;
import canthook.jig.Setting;
import canthook.jig.SpacerSetting;
import canthook.jig.StopSetting;
import canthook.length.Length;
import canthook.planner.WorkedPlan;

/**
 * What the hand does to put the fit right, drawn for the jig that is set: what moves, dashed where it goes, and an arrow. Not to scale; left
 * and right as in the picture of the jig.
 */
public final class MoveFigure {
    private static final double SIZE = 12;
    private static final double HIGH = 10;
    private static final double SHIFT = 6;

    private final Drawing d;
    /** 1 when fingers must grow, −1 when they must shrink, 0 when all stays. */
    private final int sign;

    private MoveFigure(Drawing d, int sign) {
        this.d = d;
        this.sign = sign;
    }

    /** Empty until there is a reading, and while the jig waits. */
    public static Figure of(WorkedPlan worked) {
        Fit.Reading reading = worked.fit().reading();
        Setting setting = worked.jig().setting();
        Drawing d = new Drawing("move", "What is set anew", worked.plan().display());
        if (reading == null || setting == null) {
            return d.reach(0, 0).done();
        }
        return of(
                d,
                setting,
                reading.correction() == null
                        ? 0
                        : Long.signum(reading.correction().made().nanometres()));
    }

    /** A move that was made, positive away from the cutter; empty while the jig waits. */
    public static Figure made(WorkedPlan worked, Length moved) {
        Setting setting = worked.jig().setting();
        Drawing d = new Drawing("move", "What was moved", worked.plan().display());
        return setting == null ? d.reach(0, 0).done() : of(d, setting, Long.signum(moved.nanometres()));
    }

    /** What can be moved, before anything is said of it; empty while the jig waits. */
    public static Figure still(WorkedPlan worked) {
        Setting setting = worked.jig().setting();
        Drawing d = new Drawing("still", "What can be moved", worked.plan().display());
        if (setting == null) {
            return d.reach(0, 0).done();
        }
        if (worked.plan().jig().way().hasKey()) {
            double side = worked.jig().setting() instanceof KeySetting key && key.router() ? 1 : -1;
            d.line("axis", side * -6, HIGH, side * 50, HIGH);
            d.line("tick", side * SIZE, HIGH * 0.5, side * 32, HIGH * 0.5);
            d.note(side * (SIZE + 32) / 2, HIGH * 0.5 - 0.8, "gap ?", "gap-label", "middle", null);
        }
        return of(d, setting, 0);
    }

    private static Figure of(Drawing d, Setting setting, int sign) {
        MoveFigure move = new MoveFigure(d, sign);
        return setting.fold(move::key, move::screw, move::spacers, move::stops, move::hand, move::bandSaw);
    }

    private void words(double x, String words) {
        d.note(x, HIGH + 2.6, words, "quiet", "middle", null);
    }

    private void arrow(double from, double to, double y) {
        if (sign != 0) {
            d.line("arrow", from, y, to, y);
        }
    }

    private Figure done(double width) {
        return d.reach(0, HIGH + 4).reach(width, -2).done();
    }

    /** The cutter at the origin, the key left of it; at a router right of it, as it stands there. */
    private Figure key(KeySetting setting) {
        if (!setting.router()) {
            d.turnedRound();
        }
        d.rect("cutter", 0, 0, SIZE, HIGH, "cutter");
        words(SIZE / 2, "cutter");
        d.rect("key", 32, 0, SIZE, HIGH, "key");
        words(32 + SIZE / 2, "key");
        if (sign != 0) {
            d.rect("key-moved", 32 + sign * SHIFT, 0, SIZE, HIGH);
            // a zero block behind the key, and the leaf that is taken out, or put in
            double block = sign > 0 ? 32 + SIZE + SHIFT : 32 + SIZE;
            d.rect("fence", block, 0, 5, HIGH, "block");
            d.rect("spacer", block - SHIFT, 0.6, SHIFT, HIGH - 1.2, "leaf");
            words(block + 2.5, "block");
            arrow(sign > 0 ? 35 : 41, sign > 0 ? 41 : 35, HIGH / 2);
        }
        return done(58);
    }

    /** The carriage's steps stay; a thinner kerf makes narrower slots between wider fingers. */
    private Figure screw(ScrewSetting setting) {
        d.rect("cutter", 0, 0, SIZE * 2, HIGH, "cutter");
        words(SIZE, "kerf");
        if (sign != 0) {
            double by = sign * 2.5;
            d.rect("key-moved", by, 0, SIZE * 2 - 2 * by, HIGH);
            arrow(sign > 0 ? -7 : -1, sign > 0 ? -1 : -7, HIGH / 2);
            arrow(SIZE * 2 + (sign > 0 ? 7 : 1), SIZE * 2 + (sign > 0 ? 1 : 7), HIGH / 2);
        }
        return d.reach(-12, -2).reach(SIZE * 2 + 12, HIGH + 4).done();
    }

    /** Every spacer thicker, the fence farther by as many as stand in the longest stack. */
    private Figure spacers(SpacerSetting setting) {
        d.rect("fence", 0, 0, 5, HIGH);
        words(2.5, "fence");
        for (int i = 0; i < 3; i++) {
            double from = 10 + i * 17;
            d.rect("key", from, 0, SIZE, HIGH, "spacer");
            if (sign != 0) {
                d.rect("key-moved", from, 0, SIZE + sign * 3, HIGH);
            }
        }
        words(33, "each spacer");
        if (sign != 0) {
            arrow(sign > 0 ? -1 : -8, sign > 0 ? -8 : -1, HIGH / 2);
        }
        return d.reach(-10, HIGH + 4).reach(60, -2).done();
    }

    /** Each stop by its own: the second twice as far as the first, the third three times. */
    private Figure stops(StopSetting setting) {
        String[] names = {"first", "second", "third"};
        for (int i = 0; i < names.length; i++) {
            double at = 4 + i * 26;
            d.rect("stop", at, 0, 4, HIGH, "stop");
            words(at + 2, names[i]);
            if (sign != 0) {
                double by = sign * 3.5 * (i + 1);
                d.rect("key-moved", at + by, 0, 4, HIGH);
                arrow(at + 2, at + 2 + by, HIGH / 2);
            }
        }
        return d.reach(-10, HIGH + 4).reach(78, -2).done();
    }

    /** The knife lines of a slot and its waste; the saw keeps off the line, or the chisel goes to it. */
    private Figure hand(HandSetting setting) {
        d.rect("side-grain-up", 0, 0, 14, HIGH);
        d.rect("waste", 14, 0, 24, HIGH, "waste");
        d.rect("side-grain-up", 38, 0, 14, HIGH);
        d.line("knife", 14, -1.5, 14, HIGH + 1);
        d.line("knife", 38, -1.5, 38, HIGH + 1);
        words(14, "knife line");
        words(38, "knife line");
        double off = 3;
        arrow(sign > 0 ? 14 + 0.5 : 14 + off + 4, sign > 0 ? 14 + off + 4 : 14 + 0.5, HIGH / 2);
        arrow(sign > 0 ? 38 - 0.5 : 38 - off - 4, sign > 0 ? 38 - off - 4 : 38 - 0.5, HIGH / 2);
        return done(52);
    }

    /** Fence, shim, part: the shim thicker or thinner. */
    private Figure bandSaw(BandSawSetting setting) {
        d.rect("fence", 0, 0, 8, HIGH);
        words(4, "fence");
        d.rect("key", 8, 0, SIZE, HIGH, "shim");
        words(8 + SIZE / 2, "shim");
        d.rect("side-grain-up", 8 + SIZE + 8, 0, 24, HIGH);
        words(8 + SIZE + 20, "part");
        if (sign != 0) {
            d.rect("key-moved", 8, 0, SIZE + sign * 4, HIGH);
            arrow(8 + SIZE + (sign > 0 ? 0.5 : 6.5), 8 + SIZE + (sign > 0 ? 6.5 : 0.5), HIGH / 2);
        }
        return done(54);
    }
}
