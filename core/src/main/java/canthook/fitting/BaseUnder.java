package canthook.fitting;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.PanelWidth;
import canthook.panel.PanelWidth.Movement;
import canthook.panel.Step;
import canthook.plan.BasePlate;
import canthook.verdict.Verdict.Code;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A base plate that stands out over the walls.
 *
 * <pre>
 * plate = outside + 2 · overhang, both ways
 * solid: screwed along its middle and through slots beside it, each r from the middle:
 *   slot = r · (x_wet − x_dry) + 0.5 longer than the screw is thick;   r = (outside − T) / 2
 * sheet goods: glued
 * </pre>
 *
 * Check: outside 248 × 166, 10 over: 268 × 186; plywood is glued and has no slots.
 *
 * @param slot null for sheet goods
 */
public record BaseUnder(
        int index,
        BasePlate told,
        Worked along,
        Worked across,
        Worked thickness,
        @Nullable Worked slot,
        List<Worked> moves,
        Wood wood)
        implements WorkedFitting {
    private static final Length LOOSE = Length.mm(0.5);

    static BaseUnder of(Worksheet sheet, int index, BasePlate told, Around around) {
        String field = Around.field(index);
        Worked thickness =
                sheet.decided("thickness", "t", "Base, thick", Show.LAYOUT, told.thickness(), field + "thickness");
        Worked over = sheet.decided(
                "overhang", "o", "Base, over the walls", Show.LAYOUT, told.overhang(), field + "overhang");
        String rule = "The outside, and the overhang at both sides.";
        Worked along = sheet.work(
                "long",
                "L",
                "Base, along the grain",
                Show.LAYOUT,
                around.box().outsideLength().plus(fixed(2).times(over)),
                rule);
        Worked across = sheet.work(
                "wide",
                "W",
                "Base, across the grain",
                Show.LAYOUT,
                around.box().outsideWidth().plus(fixed(2).times(over)),
                rule);
        sheet.work(
                "stands",
                "H",
                "Height on its base",
                Show.LAYOUT,
                around.walls().closed(around.ladder().wall()).plus(thickness),
                "The closed box, and the base.");
        Worksheet moves = new Worksheet("fittings.".concat(Feature.of(index)));
        Worked slot = null;
        if (!told.stuff().known().isSheet()) {
            Movement movement = PanelWidth.movement(moves, told.stuff(), field + "stuff", around.year());
            Worked reach = sheet.work(
                    "reach",
                    "r",
                    "Screws stand from the middle",
                    Show.LAYOUT,
                    around.box()
                            .outsideWidth()
                            .minus(around.box().finalThickness())
                            .over(2),
                    "Half the outside, to the middle of the wall they go into.");
            slot = sheet.work(
                    "slot",
                    "ℓ",
                    "Slot longer than the screw is thick by",
                    Show.FIT,
                    reach.times(movement.byWetness().minus(movement.byDryness()))
                            .plus(fixed(LOOSE)),
                    "What the plate moves over the year at that distance, and half a millimetre.");
        }
        return new BaseUnder(
                index,
                told,
                along,
                across,
                thickness,
                slot,
                moves.numbers(),
                told.stuff().known());
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.base().apply(this);
    }

    @Override
    public String called() {
        return "the base";
    }

    @Override
    public String word() {
        return "a base";
    }

    @Override
    public String place() {
        return along.id();
    }

    @Override
    public List<Worked> follows() {
        return moves;
    }

    @Override
    public List<Feature> features() {
        return List.of();
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of(new CutPiece("fittings", "base", 1, wood, along, across, thickness, thickness));
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        return List.of(new Step(
                Step.When.AFTER_GLUE,
                slot == null
                        ? "Glue the base under the box, standing out evenly all round."
                        : "Screw the base under the box along its middle, and through slots " + slot.text(display)
                                + " longer than the screws are thick, across its grain: its grain moves, the walls’ length"
                                + " does not.",
                along.id()));
    }

    void judge(FittingJudge at) {
        at.once(this, BaseUnder.class, Code.FITTING_TWICE, "There is a base under the box already.");
    }
}
