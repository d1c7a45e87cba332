package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Something that goes in, on or through the box: one record for each kind there is. */
public sealed interface Fitting
        permits Fitting.Divider,
                Fitting.Grip,
                Fitting.Pegs,
                Fitting.Feet,
                Fitting.CornerPin,
                Fitting.Handle,
                Tray,
                BasePlate,
                UprightHandle,
                FingeredBlock,
                Stay,
                CardSlit,
                LabelRecess,
                Lining,
                SecondFloor {

    /** Which way a divider runs. */
    enum Run {
        /** From side to side; its place is told along the length. */
        ACROSS,
        /** From end to end; its place is told along the width. */
        ALONG
    }

    /** Which fingers of a corner are pegged. */
    enum Which {
        ALL,
        EVERY_SECOND,
        OUTER,
        /** All whose peg meets no groove, no pin and nothing else that is let into the walls. */
        FREE
    }

    /**
     * A divider, loose or in dadoes of the two walls it runs to; where two cross they are halved into each other.
     *
     * @param at its middle from the inside of D where it runs across, of C where it runs along
     * @param height of it today, standing on the floor
     * @param loose whether it stands without dadoes
     * @param dado how deep it is let into the walls; null for a third of the thinner one
     */
    record Divider(
            Run run,
            Length at,
            Stuff stuff,
            Length thickness,
            Length height,
            boolean loose,
            @Nullable Length dado) implements Fitting {
        public static final Bounds AT = new Bounds("Divider's place", Length.ZERO, Length.mm(3000));
        public static final Bounds THICKNESS = new Bounds("Divider's thickness", Length.mm(0.5), Length.mm(50));
        public static final Bounds HEIGHT = new Bounds("Divider's height", Length.mm(2), Length.mm(1500));
        public static final Bounds DADO = new Bounds("Dado's depth", Length.mm(0.5), Length.mm(50));

        public Divider {
            Refused.ifMissing("run", "Which way it runs", run);
            AT.check("at", at);
            Refused.ifMissing("stuff", "Divider's wood", stuff);
            THICKNESS.check("thickness", thickness);
            HEIGHT.check("height", height);
            DADO.unlessAbsent("dado", dado);
        }

        @Override
        public <T> T fold(Kinds<T> kinds) {
            return kinds.divider().apply(this);
        }

        public Divider withAt(Length changed) {
            return new Divider(run, changed, stuff, thickness, height, loose, dado);
        }

        public Divider withHeight(Length changed) {
            return new Divider(run, at, stuff, thickness, changed, loose, dado);
        }

        public Divider withDado(Length changed) {
            return new Divider(run, at, stuff, thickness, height, loose, changed);
        }
    }

    /**
     * A hole to take hold of, cut into a wall: two bored holes and what lies between them.
     *
     * @param wide over all
     * @param diameter of the bored holes, and its height
     * @param under its upper edge below the wall's
     */
    record Grip(Part wall, Length wide, Length diameter, Length under) implements Fitting {
        public static final Bounds WIDE = new Bounds("Grip hole, wide", Length.mm(20), Length.mm(300));
        public static final Bounds DIAMETER = new Bounds("Grip hole, bored", Length.mm(10), Length.mm(80));
        public static final Bounds UNDER = new Bounds("Grip hole under the edge", Length.ZERO, Length.mm(500));

        public Grip {
            Refused.ifMissing("wall", "Which wall", wall);
            WIDE.check("wide", wide);
            DIAMETER.check("diameter", diameter);
            UNDER.check("under", under);
            if (wide.isUnder(diameter)) {
                throw new Refused("wide", "A grip hole is at least as wide as its bored holes.");
            }
        }

        @Override
        public <T> T fold(Kinds<T> kinds) {
            return kinds.grip().apply(this);
        }

        public Grip withUnder(Length changed) {
            return new Grip(wall, wide, diameter, changed);
        }

        public Grip with(Length otherWide, Length otherDiameter) {
            return new Grip(wall, otherWide, otherDiameter, under);
        }
    }

    /** Pegs bored through fingers into the mates. */
    record Pegs(Length diameter, Which which) implements Fitting {
        public static final Bounds DIAMETER = new Bounds("Peg", Length.mm(1), Length.mm(25));

        public Pegs {
            DIAMETER.check("diameter", diameter);
            Refused.ifMissing("which", "Which fingers", which);
        }

        @Override
        public <T> T fold(Kinds<T> kinds) {
            return kinds.pegs().apply(this);
        }

        public Pegs with(Which changed) {
            return new Pegs(diameter, changed);
        }

        public Pegs withDiameter(Length changed) {
            return new Pegs(changed, which);
        }
    }

    /**
     * Four square feet under the corners.
     *
     * @param square of one, seen from below
     * @param height of one
     * @param inset from the box's faces
     */
    record Feet(Length square, Length height, Length inset) implements Fitting {
        public static final Bounds SQUARE = new Bounds("Foot, square", Length.mm(5), Length.mm(150));
        public static final Bounds HEIGHT = new Bounds("Foot, high", Length.mm(1), Length.mm(200));
        public static final Bounds INSET = new Bounds("Foot, inset", Length.ZERO, Length.mm(300));

        public Feet {
            SQUARE.check("square", square);
            HEIGHT.check("height", height);
            INSET.check("inset", inset);
        }

        @Override
        public <T> T fold(Kinds<T> kinds) {
            return kinds.feet().apply(this);
        }
    }

    /**
     * A long pin down each corner, through all its fingers.
     *
     * @param rod whether it is a glued rod; else a nail
     */
    record CornerPin(Length diameter, boolean rod) implements Fitting {
        public static final Bounds DIAMETER = new Bounds("Pin", Length.mm(0.8), Length.mm(12));

        public CornerPin {
            DIAMETER.check("diameter", diameter);
        }

        @Override
        public <T> T fold(Kinds<T> kinds) {
            return kinds.pin().apply(this);
        }

        public CornerPin withDiameter(Length changed) {
            return new CornerPin(changed, rod);
        }
    }

    /**
     * A knob or a bar on the lid, in its middle.
     *
     * @param along its length along the lid's grain
     * @param across its width
     * @param high over the lid
     * @param spacing of the two screws of a bar; null for a knob, which has one
     */
    record Handle(
            Length along,
            Length across,
            Length high,
            @Nullable Length spacing) implements Fitting {
        public static final Bounds ALONG = new Bounds("Handle, long", Length.mm(8), Length.mm(500));
        public static final Bounds ACROSS = new Bounds("Handle, wide", Length.mm(5), Length.mm(200));
        public static final Bounds HIGH = new Bounds("Handle, high", Length.mm(5), Length.mm(100));
        public static final Bounds SPACING = new Bounds("Screws apart", Length.mm(5), Length.mm(480));

        public Handle {
            ALONG.check("along", along);
            ACROSS.check("across", across);
            HIGH.check("high", high);
            SPACING.unlessAbsent("spacing", spacing);
            if (spacing != null && !spacing.isUnder(along)) {
                throw new Refused("spacing", "The screws lie within the handle: less apart than it is long.");
            }
        }

        @Override
        public <T> T fold(Kinds<T> kinds) {
            return kinds.handle().apply(this);
        }
    }

    /** What is done with each kind; a new kind is a new part here, and the compiler names every reader. */
    record Kinds<T>(
            Function<Divider, T> divider,
            Function<Grip, T> grip,
            Function<Pegs, T> pegs,
            Function<CornerPin, T> pin,
            Function<Handle, T> handle,
            Function<Feet, T> feet,
            Function<Tray, T> tray,
            Function<BasePlate, T> base,
            Function<UprightHandle, T> upright,
            Function<FingeredBlock, T> block,
            Function<Stay, T> stay,
            Function<CardSlit, T> slit,
            Function<LabelRecess, T> label,
            Function<Lining, T> lining,
            Function<SecondFloor, T> second) {}

    /** Reads the kind. */
    <T> T fold(Kinds<T> kinds);
}
