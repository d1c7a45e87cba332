package canthook.fingers;

import static canthook.working.Term.fixed;
import static canthook.working.Term.roundedUp;

import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.JigChoice.Way;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.walls.LowWalls;
import canthook.working.Later;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import org.jspecify.annotations.Nullable;

/**
 * What follows from a division of the height, equal or not, and decides whether it may stand: passes, what is to rip off, how wide a section is.
 * What else it comes to is {@link Weighed}, when somebody asks.
 *
 * <pre>
 * passes N = 1 + ⌈(s − k)/(k − overlap)⌉      section to thickness = s / the thicker of T and T′
 * </pre>
 *
 * Check: a slot of 7.45 with a kerf of 3.2 and an overlap of 0.5: 3 passes.
 *
 * @param n sections
 * @param m fingers on the finger-first end
 * @param wanted clearance asked for
 * @param clearance the one that comes of it
 * @param onePass height closed at with one pass a slot
 * @param screw whole steps; null without a screw
 */
record Derived(
        Worksheet sheet,
        Tool tool,
        Worked n,
        Worked m,
        Worked clearance,
        Worked wanted,
        Worked kerf,
        Term overlap,
        Worked onePass,
        Worked slot,
        Worked finger,
        Worked pitch,
        Worked closing,
        HeightBand band,
        @Nullable ScrewSteps screw) {

    /** The rung. */
    Rung rung(boolean feasible, Layout layout, Division of) {
        HouseRules rules = of.rules();
        SizedBox box = of.box();
        LengthDisplay display = of.plan().display();
        LowWalls low = of.walls().low();
        Worked wall = low != null && low.everyCorner() ? box.height() : closing;
        Way way = of.plan().jig().way();
        Worked passes = passes(layout, way);
        Worked ripOff = sheet.work(
                "rip-off",
                "e",
                "To rip off a wall of the wished height",
                Show.FIT,
                box.jointed().minus(closing),
                "What the wished height has over the closing height.");
        Worked thicker =
                box.thickness().length().isUnder(box.endThickness().length()) ? box.endThickness() : box.thickness();
        Worked wide = sheet.work(
                "section-ratio", "s/T", "Section to thickness", Show.RATIO, slot.over(thicker), of.ratioRule());
        String why = feasible
                ? (rules.isStrange(wide.number()) ? "strange: " + Score.ratioWords(wide.number()) : "")
                : "the cutter's " + display.text(kerf.length(), Precision.FIT) + " is wider than the slot";
        return new Rung(
                tool,
                feasible,
                why,
                layout,
                n,
                m,
                clearance,
                wanted,
                slot,
                finger,
                pitch,
                passes,
                closing,
                wall,
                onePass,
                ripOff,
                wide,
                kerf,
                overlap.length(),
                band,
                screw,
                new Later<>(() -> Weighed.of(this, layout, wall, passes, ripOff, wide, of)));
    }

    private Worked passes(Layout layout, Way way) {
        if (way == Way.HAND) {
            return sheet.work(
                    "passes",
                    "N",
                    "Passes a slot",
                    Show.COUNT,
                    fixed(1),
                    "By hand a slot is sawn at its lines and chopped out, however wide it is.");
        }
        if (screw != null) {
            return sheet.work(
                    "passes",
                    "N",
                    "Passes a slot",
                    Show.COUNT,
                    fixed(screw.plan().passes()),
                    "As many as the whole steps of the screw take.");
        }
        Term broad = layout.isEqual() ? slot : fixed(widest(layout));
        return broad.length().isOver(kerf.length())
                ? sheet.work(
                        "passes",
                        "N",
                        layout.isEqual() ? "Passes a slot" : "Passes of the widest slot",
                        Show.COUNT,
                        fixed(1).plus(roundedUp(broad.minus(kerf).over(kerf.minus(overlap)))),
                        "One pass, and as many more as the rest needs with neighbouring passes overlapping.")
                : sheet.work("passes", "N", "Passes a slot", Show.COUNT, fixed(1), "The slot is as wide as the kerf.");
    }

    private static Length widest(Layout layout) {
        Length widest = Length.ZERO;
        for (End end : End.values()) {
            for (Span slot : layout.slots(end.isFingerFirst())) {
                widest = Length.longer(widest, slot.width());
            }
        }
        return widest;
    }
}
