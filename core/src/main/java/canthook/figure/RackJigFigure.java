package canthook.figure;

import canthook.figure.Figure.Side;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.plan.JigChoice.Leaves;
import canthook.plan.JigChoice.Screw;
import canthook.shop.RackJig;
import canthook.shop.RackJig.Glued;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A jig as it hangs on the rack, from above and to scale: its keys as they measure, the key that is glued in with gap and cut, the block
 * and its leaves, spacers side by side, ten turns of a screw, ten steps of a scale. A jig nothing was measured on is shown by what is
 * moved at it.
 */
public final class RackJigFigure {
    private static final double FENCE = 18;
    private static final double OUT = 26;
    private static final double ASIDE = 8;
    private static final int MOST = 12;

    private RackJigFigure() {}

    public static Figure of(RackJig jig, LengthDisplay display) {
        Worksheet sheet = new Worksheet("rack-jig");
        Drawing d = new Drawing("rack-jig", "From above, to scale", display);
        boolean drawn = switch (jig.jig().way()) {
            case SLED_KEY, ROUTER_SLED ->
                jig.glued() == null ? keys(d, sheet, jig.keys()) : glued(d, sheet, jig.glued());
            case ROD_KEY -> rod(d, sheet, jig);
            case SHIM_FENCE -> jig.glued() == null ? leaves(d, sheet, jig) : glued(d, sheet, jig.glued());
            case SCREW -> screw(d, sheet, jig.jig().screw());
            case SPACERS -> spacers(d, sheet, jig.spacers());
            case STOPS -> scale(d, sheet, jig.jig().resolution());
            case HAND, BAND_SAW -> false;
        };
        return drawn ? d.done() : PracticeFigures.still(jig.jig().way());
    }

    private static Worked as(Worksheet sheet, String name, String label, Length length) {
        return sheet.measured(name, "x", label, Show.CALIPER, length, "As it hangs.");
    }

    private static boolean glued(Drawing d, Worksheet sheet, Glued glued) {
        double k = glued.kerf().mm();
        double g = glued.gap().mm();
        double left = -k - 3 * (k + g);
        double right = g + k + 3 * (k + g);
        d.rect("fence", left, 0, right - left, FENCE);
        d.rect("key", -k + 0.05, -OUT, k - 0.05, OUT + FENCE);
        d.rect("cutter", g, -OUT, k, OUT + FENCE);
        d.across(0, g, -OUT, Side.ABOVE, 0, as(sheet, "gap", "Gap", glued.gap()));
        d.across(g, g + k, FENCE, Side.BELOW, 0, as(sheet, "kerf", "Slot it cuts", glued.kerf()));
        return true;
    }

    private static boolean keys(Drawing d, Worksheet sheet, List<Length> keys) {
        if (keys.isEmpty()) {
            return false;
        }
        double x = 0;
        for (int i = 0; i < Math.min(MOST, keys.size()); i++) {
            double wide = keys.get(i).mm();
            d.rect("key", x, -OUT, wide, OUT + FENCE * 1.4);
            d.across(x, x + wide, -OUT, Side.ABOVE, i % 2, as(sheet, "key-" + (i + 1), "Key", keys.get(i)));
            x += wide + Math.max(ASIDE * 2, wide);
        }
        d.rect("fence", -ASIDE * 2, 0, x + ASIDE, FENCE);
        return true;
    }

    private static boolean rod(Drawing d, Worksheet sheet, RackJig jig) {
        Length rod = jig.jig().rod();
        if (rod == null) {
            return keys(d, sheet, jig.keys());
        }
        double wide = rod.mm();
        d.rect("fence", -wide * 2, 0, wide * 6, FENCE);
        d.rect("rod", 0, -OUT, wide, OUT + FENCE);
        d.across(0, wide, -OUT, Side.ABOVE, 0, as(sheet, "rod", "Rod", rod));
        return true;
    }

    private static boolean leaves(Drawing d, Worksheet sheet, RackJig jig) {
        Leaves leaves = jig.jig().leaves();
        Length gap = leaves == null ? null : leaves.zeroGap();
        if (leaves == null || gap == null) {
            return keys(d, sheet, jig.keys());
        }
        double g = gap.mm();
        double key = jig.keys().isEmpty() ? g : jig.keys().get(0).mm();
        double left = -key - 60;
        d.rect("fence", left, 0, -left + g + 40, FENCE);
        d.rect("key", -key, -OUT, key, OUT + FENCE);
        d.line("knife", g, -OUT, g, FENCE);
        // block at the fence's end, its leaves stacked to scale between
        double x = left;
        for (Length leaf : leaves.set()) {
            d.rect("spacer", x - leaf.mm(), 2, leaf.mm(), FENCE - 4);
            x -= leaf.mm();
        }
        d.rect("stop", x - 16, -4, 16, FENCE + 8);
        d.across(0, g, -OUT, Side.ABOVE, 0, as(sheet, "zero-gap", "Gap on the block", gap));
        if (!jig.keys().isEmpty()) {
            d.across(
                    -key,
                    0,
                    FENCE,
                    Side.BELOW,
                    0,
                    as(sheet, "key", "Key", jig.keys().get(0)));
        }
        return true;
    }

    private static boolean screw(Drawing d, Worksheet sheet, @Nullable Screw screw) {
        if (screw == null) {
            return false;
        }
        double lead = screw.lead().mm();
        double turns = 10;
        double thick = Math.max(6, lead * 3);
        d.rect("guide", -ASIDE, -thick * 0.9 - 6, lead * turns + 4 * ASIDE, 5);
        d.rect("rod", -2 * ASIDE, -thick / 2, lead * turns + 5 * ASIDE, thick);
        for (int i = 0; i <= turns; i++) {
            d.line("tick", i * lead, -thick / 2, i * lead + lead / 2, thick / 2);
        }
        d.rect("stop", lead * turns / 2 - 7, -thick * 0.9, 14, thick * 1.8);
        d.across(
                0,
                lead * turns,
                thick * 0.9,
                Side.BELOW,
                0,
                sheet.measured(
                        "ten-turns",
                        "10·l",
                        "Ten turns",
                        Show.CALIPER,
                        screw.lead().times(10),
                        "Ten times the lead."));
        return true;
    }

    private static boolean spacers(Drawing d, Worksheet sheet, List<Length> spacers) {
        if (spacers.isEmpty()) {
            return false;
        }
        double x = 0;
        for (int i = 0; i < Math.min(MOST, spacers.size()); i++) {
            double thick = spacers.get(i).mm();
            d.rect("spacer", x, -OUT, thick, OUT);
            if (i == 0) {
                d.across(x, x + thick, -OUT, Side.ABOVE, 0, as(sheet, "spacer", "Spacer", spacers.get(i)));
            }
            x += thick;
        }
        d.rect("stop", -ASIDE, -OUT * 1.2, ASIDE, OUT * 1.2);
        d.rect("fence", -ASIDE, 0, x + 4 * ASIDE, FENCE);
        return true;
    }

    private static boolean scale(Drawing d, Worksheet sheet, @Nullable Length step) {
        if (step == null) {
            return false;
        }
        double one = step.mm();
        int ticks = (int) Math.min(100, Math.round(20 / one));
        double end = one * ticks;
        d.rect("guide", 0, 0, Math.max(end, 20), 9);
        for (int i = 0; i <= ticks; i++) {
            d.line("tick", i * one, 0, i * one, i % 10 == 0 ? 7 : i % 5 == 0 ? 5 : 3);
        }
        d.rect("stop", Math.max(end, 20) * 0.6, -14, 10, 14);
        d.across(
                0,
                one * Math.min(10, ticks),
                9,
                Side.BELOW,
                0,
                sheet.measured(
                        "ten-steps",
                        "10·r",
                        "Ten steps of its scale",
                        Show.CALIPER,
                        step.times(Math.min(10, ticks)),
                        "What it can be set to, ten times."));
        return true;
    }
}
