package canthook.fitting;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.Step;
import canthook.plan.Fitting.Feet;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;

/**
 * Four square feet from one stick.
 *
 * <pre>
 * stick = 4 · height + 3 · kerf        height of the box on them = wall + what lies under it + foot
 * </pre>
 *
 * Check: feet 15 high, kerf 3.2: stick 69.6.
 *
 * @param stick to cut them from, with the kerfs between them
 */
public record FeetUnder(int index, Feet told, Worked square, Worked height, Worked stick, Wood wood)
        implements WorkedFitting {
    private static final int FEET = 4;

    static FeetUnder of(Worksheet sheet, int index, Feet told, Around around) {
        String field = "fittings." + index + ".";
        Worked square = sheet.decided("square", "a", "Foot, square", Show.LAYOUT, told.square(), field + "square");
        Worked height = sheet.decided("height", "h", "Foot, high", Show.LAYOUT, told.height(), field + "height");
        sheet.decided("inset", "i", "Foot, from the faces", Show.LAYOUT, told.inset(), field + "inset");
        Worked stick = sheet.work(
                "stick",
                "L",
                "Stick for all four",
                Show.LAYOUT,
                fixed(FEET).times(height).plus(fixed(FEET - 1.0).times(around.kerf())),
                "Four feet, and a kerf between each.");
        Term stands = around.walls().closed(around.ladder().wall()).plus(height);
        Length base = around.plan().baseUnder();
        if (base.isPositive()) {
            stands = stands.plus(fixed(base));
        }
        sheet.work(
                "stands",
                "H",
                "Height on its feet",
                Show.LAYOUT,
                stands,
                "The closed box, the base if there is one, and the feet.");
        return new FeetUnder(
                index, told, square, height, stick, around.plan().walls().known());
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.feet().apply(this);
    }

    @Override
    public String called() {
        return "the feet";
    }

    @Override
    public String word() {
        return "feet";
    }

    @Override
    public List<Worked> follows() {
        return List.of();
    }

    @Override
    public String place() {
        return stick.id();
    }

    @Override
    public List<Feature> features() {
        return List.of();
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of(new CutPiece("fittings", "stick for the feet", 1, wood, stick, square, square, square));
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        return List.of(new Step(
                Step.When.AFTER_GLUE,
                "Cut four feet " + height.text(display)
                        + " long from the stick, against a stop clear of the blade; glue them on.",
                stick.id()));
    }
}
