package canthook.fitting;

import static canthook.working.Term.fixed;

import canthook.length.LengthDisplay;
import canthook.lid.WorkedLid;
import canthook.panel.CutPiece;
import canthook.panel.Step;
import canthook.plan.Fitting.Handle;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A knob or a bar screwed on to the lid from below, in its middle; a bar lies along the lid's grain, so that neither moves
 * against the other.
 *
 * <pre>
 * middle      half the lid along its grain, half of it across
 * bores       middle − spacing/2 and middle + spacing/2, with one drilling block for bar and lid
 * screw       lid + two thirds of the handle
 * </pre>
 *
 * Check: lid 240 by 160 and 6 thick, bar 18 high, screws 64 apart: bores at 88 and 152 from its end, 80 from its edge; screw 18.
 *
 * @param middleAlong from the lid's end; null without a lid
 * @param bore first bore of a bar from the lid's end; null for a knob
 */
public record HandleOnLid(
        int index,
        Handle told,
        Worked longs,
        Worked wide,
        Worked high,
        @Nullable Worked middleAlong,
        @Nullable Worked middleAcross,
        @Nullable Worked bore,
        @Nullable Worked screw,
        @Nullable CutPiece lid,
        Wood wood)
        implements WorkedFitting {

    static HandleOnLid of(Worksheet sheet, int index, Handle told, WorkedLid lid, Wood wood) {
        String f = "f" + (index + 1) + "-";
        String field = "fittings." + index + ".";
        Worked longs = sheet.decided(f + "long", "l", "Handle, long", Show.LAYOUT, told.along(), field + "along");
        Worked wide = sheet.decided(f + "wide", "w", "Handle, wide", Show.LAYOUT, told.across(), field + "across");
        Worked high = sheet.decided(f + "high", "h", "Handle, high", Show.LAYOUT, told.high(), field + "high");
        CutPiece panel = lid.pieces().stream().findFirst().orElse(null);
        if (panel == null) {
            return new HandleOnLid(index, told, longs, wide, high, null, null, null, null, null, wood);
        }
        Worked along = sheet.work(
                f + "middle-along",
                "m₁",
                "Its middle, from the lid’s end",
                Show.LAYOUT,
                panel.along().over(2),
                "In the middle of the lid.");
        Worked across = sheet.work(
                f + "middle-across",
                "m₂",
                "Its middle, from the lid’s edge",
                Show.LAYOUT,
                panel.across().over(2),
                "In the middle of the lid.");
        Worked bore = null;
        if (told.spacing() != null) {
            Worked spacing =
                    sheet.decided(f + "spacing", "s", "Screws apart", Show.LAYOUT, told.spacing(), field + "spacing");
            bore = sheet.work(
                    f + "bore",
                    "b",
                    "First bore, from the lid’s end",
                    Show.LAYOUT,
                    along.minus(spacing.over(2)),
                    "Half the spacing before the middle; the second as far behind it. One drilling block for bar and lid.");
        }
        Worked screw = sheet.work(
                f + "screw",
                "L",
                "Screw, long",
                Show.LAYOUT,
                panel.thickness().plus(fixed(2).times(high).over(3)),
                "Through the lid and two thirds into the handle.");
        return new HandleOnLid(index, told, longs, wide, high, along, across, bore, screw, panel, wood);
    }

    /** Whether it is longer or wider than the lid. */
    boolean isOffLid() {
        return lid != null
                && (told.along().isOver(lid.along().length())
                        || told.across().isOver(lid.across().length()));
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.handle().apply(this);
    }

    @Override
    public String called() {
        return "the handle";
    }

    @Override
    public String place() {
        return longs.id();
    }

    @Override
    public List<Feature> features() {
        return List.of();
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of(new CutPiece("fittings", "handle", 1, wood, longs, wide, high, high));
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        if (middleAlong == null || middleAcross == null || screw == null) {
            return List.of();
        }
        String where = bore == null
                ? "in its middle, " + middleAlong.text(display) + " from its end"
                : bore.text(display) + " from its end and as far from the other";
        return List.of(new Step(
                Step.When.AFTER_GLUE,
                "Bore the lid for the handle " + where + ", " + middleAcross.text(display)
                        + " from its edge, with the block that bores the handle; screw it on from below with screws of "
                        + screw.text(display) + ".",
                middleAlong.id()));
    }
}
