package canthook.fitting;

import canthook.length.LengthDisplay;
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
 * <p>Check: lid 240 by 160 and 6 thick, bar 18 high, screws 64 apart: bores at 88 and 152 from its end, 80 from its edge; screw 18.
 *
 * @param middle where it is screwed on; null without a lid
 */
public record HandleOnLid(
        int index,
        Handle told,
        Worked longs,
        Worked wide,
        Worked high,
        @Nullable LidMiddle middle,
        Wood wood) implements WorkedFitting {

    static HandleOnLid of(Worksheet sheet, int index, Handle told, Around around) {
        String field = Around.field(index);
        Worked longs = sheet.decided("long", "l", "Handle, long", Show.LAYOUT, told.along(), field + "along");
        Worked wide = sheet.decided("wide", "w", "Handle, wide", Show.LAYOUT, told.across(), field + "across");
        Worked high = sheet.decided("high", "h", "Handle, high", Show.LAYOUT, told.high(), field + "high");
        Worked spacing = told.spacing() == null
                ? null
                : sheet.decided("spacing", "s", "Screws apart", Show.LAYOUT, told.spacing(), field + "spacing");
        return new HandleOnLid(
                index,
                told,
                longs,
                wide,
                high,
                LidMiddle.of(sheet, around.lid(), spacing, high),
                around.plan().walls().known());
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
    public String word() {
        return "a handle";
    }

    @Override
    public String place() {
        return longs.id();
    }

    @Override
    public List<Worked> follows() {
        return List.of();
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
        return middle == null ? List.of() : List.of(middle.step("handle", display));
    }

    void judge(FittingJudge at) {
        at.onLid(this, middle, told.along(), told.across());
    }
}
