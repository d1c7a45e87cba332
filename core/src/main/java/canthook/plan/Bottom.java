package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** The bottom: one record for each kind there is. */
public sealed interface Bottom {

    /** The direction a panel's grain runs. */
    enum Grain {
        ALONG_LENGTH,
        ALONG_WIDTH
    }

    /** Bounds of what a bottom is told by. */
    Bounds THICKNESS = new Bounds("Bottom's thickness", Length.mm(0.5), Length.mm(100));

    Bounds GAP = new Bounds("Gap at the wettest", Length.ZERO, Length.mm(50));
    Bounds END_FIT = new Bounds("End fit", Length.ZERO, Length.mm(20));

    /**
     * No bottom. What was said of one stays here for the day it is wanted again; nothing is worked from it.
     *
     * @param stuff as for {@link Captured}, as are the others
     */
    record None(
            @Nullable Stuff stuff,
            @Nullable Length thickness,
            @Nullable Groove groove,
            @Nullable Grain grain,
            @Nullable Boolean pinned,
            @Nullable Length gap,
            @Nullable Length endFit)
            implements Bottom {
        public None {
            THICKNESS.unlessAbsent("thickness", thickness);
            GAP.unlessAbsent("gap", gap);
            END_FIT.unlessAbsent("endFit", endFit);
        }

        @Override
        public <T> T fold(Function<None, T> none, Function<Captured, T> captured) {
            return none.apply(this);
        }
    }

    /**
     * A panel held in a groove of all four walls before they are glued.
     *
     * @param stuff what the panel is made of
     * @param thickness of the panel
     * @param groove it sits in
     * @param grain which way the panel's grain runs
     * @param pinned whether the panel is pinned at its centre
     * @param gap total left across the grain at the wettest; null for the house rule
     * @param endFit total left along the grain; null for the house rule
     */
    record Captured(
            Stuff stuff,
            Length thickness,
            Groove groove,
            Grain grain,
            boolean pinned,
            @Nullable Length gap,
            @Nullable Length endFit)
            implements Bottom {
        public Captured {
            Refused.ifMissing("stuff", "Bottom's wood", stuff);
            THICKNESS.check("thickness", thickness);
            Refused.ifMissing("groove", "Groove", groove);
            Refused.ifMissing("grain", "Grain", grain);
            GAP.unlessAbsent("gap", gap);
            END_FIT.unlessAbsent("endFit", endFit);
        }

        @Override
        public <T> T fold(Function<None, T> none, Function<Captured, T> captured) {
            return captured.apply(this);
        }

        public Captured withGroove(Groove changed) {
            return new Captured(stuff, thickness, changed, grain, pinned, gap, endFit);
        }

        public Captured withPinned(boolean changed) {
            return new Captured(stuff, thickness, groove, grain, changed, gap, endFit);
        }

        public Captured withStuff(Stuff changed) {
            return new Captured(changed, thickness, groove, grain, pinned, gap, endFit);
        }

        /** The same box without it, remembering what was said of it. */
        public None putAway() {
            return new None(stuff, thickness, groove, grain, pinned, gap, endFit);
        }
    }

    /** Reads the kind; a new kind is a new parameter here, and the compiler names every reader. */
    <T> T fold(Function<None, T> none, Function<Captured, T> captured);

    /** The groove it sits in, or would sit in; null when none was ever said. */
    @Nullable
    Groove groove();

    @Nullable
    Length thickness();

    @Nullable
    Length gap();

    @Nullable
    Length endFit();
}
