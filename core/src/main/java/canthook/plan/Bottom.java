package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** The bottom: one record for each kind there is. What one kind was told and another does not need stays with it, and comes back. */
public sealed interface Bottom {

    /** The direction a panel's grain runs. */
    enum Grain {
        ALONG_LENGTH,
        ALONG_WIDTH
    }

    /** What becomes of the round corners a bearing cutter leaves. */
    enum Corners {
        /** The panel's corners are rounded to them. */
        ROUNDED,
        /** They are squared with a chisel. */
        SQUARED
    }

    /** Bounds of what a bottom is told by. */
    Bounds THICKNESS = new Bounds("Bottom's thickness", Length.mm(0.5), Length.mm(100));

    Bounds GAP = new Bounds("Gap at the wettest", Length.ZERO, Length.mm(50));
    Bounds END_FIT = new Bounds("End fit", Length.ZERO, Length.mm(20));
    Bounds RABBET = new Bounds("Rabbet's width", Length.mm(0.5), Length.mm(100));
    Bounds RADIUS = new Bounds("Radius the cutter leaves", Length.ZERO, Length.mm(50));
    Bounds OVERSIZE = new Bounds("Oversize each side", Length.ZERO, Length.mm(50));
    Bounds COVERING = new Bounds("Paper, lining or finish", Length.ZERO, Length.mm(6));
    Range COUNT = new Range("Slats", 2, 60, "");
    Range BEVEL = new Range("Bevel", 0, 60, "°");

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
        public <T> T fold(Kinds<T> kinds) {
            return kinds.none().apply(this);
        }
    }

    /** How a captured panel lies to its groove. */
    enum Lies {
        /** Its lower face is level with the groove's lower edge. */
        ON_GROOVE,
        /** Its lower face is level with the walls' bottom edge; a lower shoulder lets it hang between them. */
        FLUSH
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
     * @param lies how it lies to its groove; null on its lower edge
     * @param covering paper, cork or finish that wraps its edge, both faces together; null for none
     */
    record Captured(
            Stuff stuff,
            Length thickness,
            Groove groove,
            Grain grain,
            boolean pinned,
            @Nullable Length gap,
            @Nullable Length endFit,
            @Nullable Lies lies,
            @Nullable Length covering)
            implements Bottom {
        public Captured {
            Refused.ifMissing("stuff", "Bottom's wood", stuff);
            THICKNESS.check("thickness", thickness);
            Refused.ifMissing("groove", "Groove", groove);
            Refused.ifMissing("grain", "Grain", grain);
            GAP.unlessAbsent("gap", gap);
            END_FIT.unlessAbsent("endFit", endFit);
            COVERING.unlessAbsent("covering", covering);
        }

        /** One that lies on its groove, bare. */
        public Captured(
                Stuff stuff,
                Length thickness,
                Groove groove,
                Grain grain,
                boolean pinned,
                @Nullable Length gap,
                @Nullable Length endFit) {
            this(stuff, thickness, groove, grain, pinned, gap, endFit, null, null);
        }

        /** Whether it hangs level with the walls' bottom edge. */
        public boolean isFlush() {
            return lies == Lies.FLUSH;
        }

        @Override
        public <T> T fold(Kinds<T> kinds) {
            return kinds.captured().apply(this);
        }

        public Captured withGroove(Groove changed) {
            return new Captured(stuff, thickness, changed, grain, pinned, gap, endFit, lies, covering);
        }

        public Captured withThickness(Length changed) {
            return new Captured(stuff, changed, groove, grain, pinned, gap, endFit, lies, covering);
        }

        public Captured withPinned(boolean changed) {
            return new Captured(stuff, thickness, groove, grain, changed, gap, endFit, lies, covering);
        }

        public Captured withStuff(Stuff changed) {
            return new Captured(changed, thickness, groove, grain, pinned, gap, endFit, lies, covering);
        }

        public Captured with(Lies changed) {
            return new Captured(stuff, thickness, groove, grain, pinned, gap, endFit, changed, covering);
        }
    }

    /**
     * A panel let into a rabbet that is cut round the inside once the box is glued up, flush with the bottom edge.
     *
     * @param thickness of the panel, and depth of the rabbet
     * @param rabbet how far it goes into the walls
     * @param radius of the corners the bearing cutter leaves
     * @param corners what becomes of them
     * @param groove of a captured bottom, if one was ever said
     */
    record Rabbeted(
            Stuff stuff,
            Length thickness,
            Length rabbet,
            Length radius,
            Corners corners,
            Grain grain,
            @Nullable Length gap,
            @Nullable Length endFit,
            @Nullable Groove groove)
            implements Bottom {
        public Rabbeted {
            Refused.ifMissing("stuff", "Bottom's wood", stuff);
            THICKNESS.check("thickness", thickness);
            RABBET.check("rabbet", rabbet);
            RADIUS.check("radius", radius);
            Refused.ifMissing("corners", "What becomes of the corners", corners);
            Refused.ifMissing("grain", "Grain", grain);
            GAP.unlessAbsent("gap", gap);
            END_FIT.unlessAbsent("endFit", endFit);
        }

        @Override
        public <T> T fold(Kinds<T> kinds) {
            return kinds.rabbeted().apply(this);
        }

        public Rabbeted withRabbet(Length changed) {
            return new Rabbeted(stuff, thickness, changed, radius, corners, grain, gap, endFit, groove);
        }

        public Rabbeted withStuff(Stuff changed) {
            return new Rabbeted(changed, thickness, rabbet, radius, corners, grain, gap, endFit, groove);
        }

        public Rabbeted withGap(Length changed) {
            return new Rabbeted(stuff, thickness, rabbet, radius, corners, grain, changed, endFit, groove);
        }

        public Rabbeted with(Corners changed) {
            return new Rabbeted(stuff, thickness, rabbet, radius, changed, grain, gap, endFit, groove);
        }
    }

    /**
     * A panel under the walls, cut oversize, fixed, and trimmed to them.
     *
     * @param oversize it stands out at each side until it is trimmed
     * @param bevel of its edges once trimmed, degrees; 0 when they are trimmed flush
     * @param gap as for a captured bottom, if it was ever said; so are end fit and groove
     */
    record Applied(
            Stuff stuff,
            Length thickness,
            Length oversize,
            double bevel,
            Grain grain,
            @Nullable Length gap,
            @Nullable Length endFit,
            @Nullable Groove groove)
            implements Bottom {
        public Applied {
            Refused.ifMissing("stuff", "Bottom's wood", stuff);
            THICKNESS.check("thickness", thickness);
            OVERSIZE.check("oversize", oversize);
            BEVEL.check("bevel", bevel);
            Refused.ifMissing("grain", "Grain", grain);
            GAP.unlessAbsent("gap", gap);
            END_FIT.unlessAbsent("endFit", endFit);
        }

        @Override
        public <T> T fold(Kinds<T> kinds) {
            return kinds.applied().apply(this);
        }

        public Applied withStuff(Stuff changed) {
            return new Applied(changed, thickness, oversize, bevel, grain, gap, endFit, groove);
        }
    }

    /**
     * Slats across two facing walls, each in a groove of them, with gaps that the year opens and closes.
     *
     * @param grain which way the slats run: along the length in grooves of the ends, along the width in grooves of the sides
     * @param count how many
     * @param atWalls whether a gap is left at each wall too
     * @param lapped whether each laps over the next
     * @param pinned each at its middle; loose ones slide together
     * @param gap of each on the wettest day; null for the least there may be
     */
    record Slats(
            Stuff stuff,
            Length thickness,
            Groove groove,
            Grain grain,
            int count,
            boolean atWalls,
            boolean lapped,
            boolean pinned,
            @Nullable Length gap,
            @Nullable Length endFit)
            implements Bottom {
        public Slats {
            Refused.ifMissing("stuff", "Bottom's wood", stuff);
            THICKNESS.check("thickness", thickness);
            Refused.ifMissing("groove", "Groove", groove);
            Refused.ifMissing("grain", "Grain", grain);
            COUNT.check("count", count);
            GAP.unlessAbsent("gap", gap);
            END_FIT.unlessAbsent("endFit", endFit);
        }

        @Override
        public <T> T fold(Kinds<T> kinds) {
            return kinds.slats().apply(this);
        }

        public Slats withCount(int changed) {
            return new Slats(stuff, thickness, groove, grain, changed, atWalls, lapped, pinned, gap, endFit);
        }

        public Slats withGroove(Groove changed) {
            return new Slats(stuff, thickness, changed, grain, count, atWalls, lapped, pinned, gap, endFit);
        }

        public Slats withPinned(boolean changed) {
            return new Slats(stuff, thickness, groove, grain, count, atWalls, lapped, changed, gap, endFit);
        }
    }

    /** What is done with each kind; a new kind is a new part here, and the compiler names every reader. */
    record Kinds<T>(
            Function<None, T> none,
            Function<Captured, T> captured,
            Function<Rabbeted, T> rabbeted,
            Function<Applied, T> applied,
            Function<Slats, T> slats) {}

    /** Reads the kind. */
    <T> T fold(Kinds<T> kinds);

    @Nullable
    Stuff stuff();

    @Nullable
    Length thickness();

    @Nullable
    Grain grain();

    /** The groove it sits in, or would sit in; null when none was ever said. */
    @Nullable
    Groove groove();

    @Nullable
    Length gap();

    @Nullable
    Length endFit();

    /** The same box without it, remembering what was said of it. */
    default None putAway() {
        Boolean pinned = fold(new Kinds<>(None::pinned, Captured::pinned, r -> null, a -> null, Slats::pinned));
        return new None(stuff(), thickness(), groove(), grain(), pinned, gap(), endFit());
    }
}
