package canthook.fitting;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.Step;
import canthook.plan.Fitting.Grip;
import canthook.size.SizedBox;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;

/**
 * A hole to take hold of, in the middle of a wall: two bored holes and what is sawn out between them.
 *
 * <pre>
 * centres apart   = grip − d       grip 95 to 120 for a hand, d 25 to 35
 * centres under the edge = under + d / 2;   its upper edge at least 20 under the wall's
 * </pre>
 *
 * Check: grip 100, d 30, 22 under: centres 70 apart, 37 under the edge.
 *
 * @param apart of the two centres
 * @param down of the centres under the wall's edge
 */
public record GripHole(int index, Grip told, Worked apart, Worked down, List<Feature> features)
        implements WorkedFitting {

    static GripHole of(Worksheet sheet, int index, Grip told, SizedBox box, Length top) {
        String field = "fittings." + index + ".";
        Worked wide = sheet.decided("wide", "g", "Grip, wide", Show.LAYOUT, told.wide(), field + "wide");
        Worked bored =
                sheet.decided("bored", "d", "Bored at both ends", Show.LAYOUT, told.diameter(), field + "diameter");
        Worked under =
                sheet.decided("under", "u", "Upper edge under the wall’s", Show.LAYOUT, told.under(), field + "under");
        Worked apart = sheet.work(
                "apart", "a", "Centres apart", Show.LAYOUT, wide.minus(bored), "The grip, less one bored hole.");
        Worked down = sheet.work(
                "down",
                "c",
                "Centres under the upper edge",
                Show.LAYOUT,
                under.plus(bored.over(2)),
                "Down to its upper edge, and half a bored hole.");
        Worked along = told.wall().isSide() ? box.outsideLength() : box.outsideWidth();
        sheet.work(
                "first",
                "e",
                "First centre from the part’s end",
                Show.LAYOUT,
                box.proud().plus(along.minus(apart).over(2)),
                "In the middle of the wall; before trimming the proud is there too.");
        Length middle = along.length().dividedBy(2);
        Length half = told.wide().dividedBy(2);
        return new GripHole(
                index,
                told,
                apart,
                down,
                List.of(new Feature(
                        Feature.of(index),
                        "the grip in " + told.wall(),
                        told.wall(),
                        middle.minus(half),
                        middle.plus(half),
                        top.minus(told.under()).minus(told.diameter()),
                        top.minus(told.under()),
                        Length.ZERO,
                        Collisions.thick(box, told.wall()))));
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.grip().apply(this);
    }

    @Override
    public String called() {
        return "the grip in " + told.wall();
    }

    @Override
    public String word() {
        return "a grip";
    }

    @Override
    public List<Worked> follows() {
        return List.of();
    }

    @Override
    public String place() {
        return down.id();
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of();
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        return List.of(new Step(
                Step.When.BEFORE_GLUE,
                "Grip in " + told.wall() + ": bore two holes of "
                        + display.text(told.diameter(), canthook.length.Precision.LAYOUT) + ", centres "
                        + apart.text(display) + " apart and " + down.text(display)
                        + " under the upper edge, a board behind; saw out what lies between, round its edges.",
                down.id()));
    }
}
