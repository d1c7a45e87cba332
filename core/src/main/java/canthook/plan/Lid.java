package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** How the box is closed: one record for each kind there is. What one kind was told and another does not need stays with it. */
public sealed interface Lid {

    /** What keeps a lid that was sawn off in its place. */
    enum Joined {
        /** Nothing: it lies on its box. */
        LOOSE,
        HINGED,
        /** A thin frame inside the box that stands up into the lid. */
        LINED
    }

    /** What keeps a lid that lies on the walls in its place. */
    enum Kept {
        /** A panel under it that enters the box. */
        LIP,
        HINGED
    }

    /** Bounds of what a lid is told by. */
    Bounds THICKNESS = new Bounds("Lid's thickness", Length.mm(0.5), Length.mm(100));

    Bounds RUNNING = new Bounds("Running clearance", Length.ZERO, Length.mm(20));
    Bounds VERTICAL = new Bounds("Clearance in the groove", Length.ZERO, Length.mm(5));
    Bounds SEAM = new Bounds("Height of the seam", Length.mm(3), Length.mm(1500));
    Bounds KERF = new Bounds("Kerf of the saw", Length.mm(0.3), Length.mm(8));
    Bounds FLATTENED = new Bounds("Flattened off each edge", Length.ZERO, Length.mm(5));
    Bounds OVERHANG = new Bounds("Overhang", Length.ZERO, Length.mm(100));
    Bounds LIP = new Bounds("Lip, into the box", Length.mm(1), Length.mm(100));

    /**
     * An open box. What was said of a lid stays here for the day it is wanted again; nothing is worked from it.
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
        public <T> T fold(Kinds<T> kinds) {
            return kinds.open().apply(this);
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
     * @param pull how it is taken hold of, and where it stops; null when none of it was said
     */
    record Sliding(
            Stuff stuff,
            Length thickness,
            Groove groove,
            @Nullable Length running,
            @Nullable Length vertical,
            @Nullable Pull pull)
            implements Lid {
        public Sliding {
            panel(stuff, thickness);
            Refused.ifMissing("groove", "Lid groove", groove);
            RUNNING.unlessAbsent("running", running);
            VERTICAL.unlessAbsent("vertical", vertical);
        }

        /** One that ends with the front. */
        public Sliding(
                Stuff stuff, Length thickness, Groove groove, @Nullable Length running, @Nullable Length vertical) {
            this(stuff, thickness, groove, running, vertical, null);
        }

        /** What was said of it, or none of it. */
        public Pull pulled() {
            return pull == null ? Pull.NONE : pull;
        }

        @Override
        public <T> T fold(Kinds<T> kinds) {
            return kinds.sliding().apply(this);
        }

        public Sliding withGroove(Groove changed) {
            return new Sliding(stuff, thickness, changed, running, vertical, pull);
        }

        public Sliding withStuff(Stuff changed) {
            return new Sliding(changed, thickness, groove, running, vertical, pull);
        }

        public Sliding withThickness(Length changed) {
            return new Sliding(stuff, changed, groove, running, vertical, pull);
        }

        public Sliding with(Pull changed) {
            return new Sliding(stuff, thickness, groove, running, vertical, changed);
        }
    }

    /**
     * A lid sawn off the box once it is glued up closed: a top panel in a groove of all four walls, and a seam under it.
     *
     * @param stuff what the top panel is made of
     * @param thickness of the top panel
     * @param groove it sits in
     * @param seam height of its middle above the bottom edge, on the glued-up box
     * @param skin whether the last two cuts leave half a millimetre that is parted with a knife
     * @param joined what keeps the lid on the box
     * @param kerf of the saw; null for the house rule
     * @param flattened off each sawn edge; null for the house rule
     * @param hinges told even where there are none, for the day there are; so is the liner
     * @param running clearance of the liner in the lid; null for the house rule
     * @param vertical of a sliding lid, if one was ever said
     */
    record SawnOff(
            Stuff stuff,
            Length thickness,
            Groove groove,
            Length seam,
            boolean skin,
            Joined joined,
            @Nullable Length kerf,
            @Nullable Length flattened,
            Hinges hinges,
            Liner liner,
            @Nullable Length running,
            @Nullable Length vertical)
            implements Lid {
        public SawnOff {
            panel(stuff, thickness);
            Refused.ifMissing("groove", "Groove of the top", groove);
            SEAM.check("seam", seam);
            Refused.ifMissing("joined", "What keeps the lid on", joined);
            KERF.unlessAbsent("kerf", kerf);
            FLATTENED.unlessAbsent("flattened", flattened);
            Refused.ifMissing("hinges", "Hinges", hinges);
            Refused.ifMissing("liner", "Liner", liner);
            RUNNING.unlessAbsent("running", running);
            VERTICAL.unlessAbsent("vertical", vertical);
        }

        @Override
        public <T> T fold(Kinds<T> kinds) {
            return kinds.sawnOff().apply(this);
        }

        public SawnOff withSeam(Length changed) {
            return new SawnOff(
                    stuff, thickness, groove, changed, skin, joined, kerf, flattened, hinges, liner, running, vertical);
        }

        public SawnOff withStuff(Stuff changed) {
            return new SawnOff(
                    changed, thickness, groove, seam, skin, joined, kerf, flattened, hinges, liner, running, vertical);
        }

        public SawnOff withThickness(Length changed) {
            return new SawnOff(
                    stuff, changed, groove, seam, skin, joined, kerf, flattened, hinges, liner, running, vertical);
        }

        public SawnOff withGroove(Groove changed) {
            return new SawnOff(
                    stuff, thickness, changed, seam, skin, joined, kerf, flattened, hinges, liner, running, vertical);
        }

        public SawnOff with(Hinges changed) {
            return new SawnOff(
                    stuff, thickness, groove, seam, skin, joined, kerf, flattened, changed, liner, running, vertical);
        }

        public SawnOff with(Joined changed) {
            return new SawnOff(
                    stuff, thickness, groove, seam, skin, changed, kerf, flattened, hinges, liner, running, vertical);
        }
    }

    /**
     * A panel that lies on the walls, its grain along the length.
     *
     * @param stuff what it is made of
     * @param thickness of the panel
     * @param overhang over the walls today; none at the back where it is hinged
     * @param kept what keeps it in its place
     * @param lip how far the lip under it enters the box
     * @param breadboard whether its ends are boards across the grain
     * @param ends told even where there are none, for the day there are; so are the hinges
     * @param groove of another kind, if one was ever said; so is the clearance in it
     * @param running clearance of the lip at the wettest, total; null for the house rule
     */
    record OnTop(
            Stuff stuff,
            Length thickness,
            Length overhang,
            Kept kept,
            Length lip,
            boolean breadboard,
            Breadboard ends,
            Hinges hinges,
            @Nullable Groove groove,
            @Nullable Length running,
            @Nullable Length vertical)
            implements Lid {
        public OnTop {
            panel(stuff, thickness);
            OVERHANG.check("overhang", overhang);
            Refused.ifMissing("kept", "What keeps the lid on", kept);
            LIP.check("lip", lip);
            Refused.ifMissing("ends", "Breadboard ends", ends);
            Refused.ifMissing("hinges", "Hinges", hinges);
            RUNNING.unlessAbsent("running", running);
            VERTICAL.unlessAbsent("vertical", vertical);
        }

        @Override
        public <T> T fold(Kinds<T> kinds) {
            return kinds.onTop().apply(this);
        }

        public OnTop withOverhang(Length changed) {
            return new OnTop(stuff, thickness, changed, kept, lip, breadboard, ends, hinges, groove, running, vertical);
        }

        public OnTop withLip(Length changed) {
            return new OnTop(
                    stuff, thickness, overhang, kept, changed, breadboard, ends, hinges, groove, running, vertical);
        }

        public OnTop withBreadboard(boolean changed) {
            return new OnTop(stuff, thickness, overhang, kept, lip, changed, ends, hinges, groove, running, vertical);
        }

        public OnTop with(Breadboard changed) {
            return new OnTop(
                    stuff, thickness, overhang, kept, lip, breadboard, changed, hinges, groove, running, vertical);
        }

        public OnTop with(Hinges changed) {
            return new OnTop(
                    stuff, thickness, overhang, kept, lip, breadboard, ends, changed, groove, running, vertical);
        }

        public OnTop with(Kept changed) {
            return new OnTop(
                    stuff, thickness, overhang, changed, lip, breadboard, ends, hinges, groove, running, vertical);
        }
    }

    private static void panel(@Nullable Stuff stuff, Length thickness) {
        Refused.ifMissing("stuff", "Lid's wood", stuff);
        THICKNESS.check("thickness", thickness);
    }

    /** What is done with each kind; a new kind is a new part here, and the compiler names every reader. */
    record Kinds<T>(
            Function<Open, T> open,
            Function<Sliding, T> sliding,
            Function<SawnOff, T> sawnOff,
            Function<OnTop, T> onTop) {}

    /** Reads the kind. */
    <T> T fold(Kinds<T> kinds);

    @Nullable
    Stuff stuff();

    /** The groove it sits in, or would sit in; null when none was ever said. */
    @Nullable
    Groove groove();

    @Nullable
    Length thickness();

    @Nullable
    Length running();

    @Nullable
    Length vertical();

    /** The same box without it, remembering what was said of it. */
    default Open putAway() {
        return new Open(stuff(), thickness(), groove(), running(), vertical());
    }
}
