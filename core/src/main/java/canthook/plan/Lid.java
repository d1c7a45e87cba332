package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** How the box is closed: one record for each kind there is. */
public sealed interface Lid {

    /** Bounds of what a lid is told by. */
    Bounds THICKNESS = new Bounds("Lid's thickness", Length.mm(0.5), Length.mm(100));

    Bounds RUNNING = new Bounds("Running clearance", Length.ZERO, Length.mm(20));
    Bounds VERTICAL = new Bounds("Clearance in the groove", Length.ZERO, Length.mm(5));

    /**
     * An open box. What was said of one stays here for the day it is wanted again; nothing is worked from it.
     *
     * @param stuff as for {@link Sliding}, as are the others
     */
    record Open(
            @Nullable Stuff stuff,
            @Nullable Length thickness,
            @Nullable Groove groove,
            @Nullable Length running,
            @Nullable Length vertical)
            implements Lid {
        public Open {
            THICKNESS.unlessAbsent("thickness", thickness);
            RUNNING.unlessAbsent("running", running);
            VERTICAL.unlessAbsent("vertical", vertical);
        }

        @Override
        public <T> T fold(Function<Open, T> open, Function<Sliding, T> sliding) {
            return open.apply(this);
        }
    }

    /**
     * A lid that slides along the box's length over the lowered front, its grain along the slide.
     *
     * @param stuff what the panel is made of
     * @param thickness of the panel
     * @param groove it runs in; its offset is the groove's lower edge above the wall's bottom edge
     * @param running clearance across, total, at the wettest; null for the house rule
     * @param vertical clearance in the groove's height; null for the house rule
     */
    record Sliding(
            Stuff stuff,
            Length thickness,
            Groove groove,
            @Nullable Length running,
            @Nullable Length vertical) implements Lid {
        public Sliding {
            Refused.ifMissing("stuff", "Lid's wood", stuff);
            THICKNESS.check("thickness", thickness);
            Refused.ifMissing("groove", "Lid groove", groove);
            RUNNING.unlessAbsent("running", running);
            VERTICAL.unlessAbsent("vertical", vertical);
        }

        @Override
        public <T> T fold(Function<Open, T> open, Function<Sliding, T> sliding) {
            return sliding.apply(this);
        }

        public Sliding withGroove(Groove changed) {
            return new Sliding(stuff, thickness, changed, running, vertical);
        }

        public Sliding withStuff(Stuff changed) {
            return new Sliding(changed, thickness, groove, running, vertical);
        }

        /** The same box without it, remembering what was said of it. */
        public Open putAway() {
            return new Open(stuff, thickness, groove, running, vertical);
        }
    }

    /** Reads the kind; a new kind is a new parameter here, and the compiler names every reader. */
    <T> T fold(Function<Open, T> open, Function<Sliding, T> sliding);

    /** The groove it runs in, or would run in; null when none was ever said. */
    @Nullable
    Groove groove();

    @Nullable
    Length thickness();

    @Nullable
    Length running();

    @Nullable
    Length vertical();
}
