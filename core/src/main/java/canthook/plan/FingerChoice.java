package canthook.plan;

import canthook.cutter.Cutter;
import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.OneLine;
import canthook.refusal.Refused;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How the joint is to be divided.
 *
 * @param sections the count chosen, odd or even as {@code parity} says; null while the recommended one stands
 * @param cutter what the maker calls the cutter
 * @param kerf the slot one pass leaves, as measured in a cut
 * @param clearance the target clearance; null for the house rule of the wood
 * @param lowerBy how much lower than wished the wall may close; null with {@code higherBy} for a height that is about, alone for the
 *     house rule
 * @param higherBy how much higher than wished the wall may close; null with {@code lowerBy} for a height that is about
 * @param parity odd (one pair of parts all finger-first) or even (every part finger-first at one end); odd when not said
 * @param shared where the clearance goes; all on one side of each finger when not said
 * @param leftover what becomes of a height that the cutter does not fill; ripped off when not said
 * @param widths sections of the finger-first end from the reference edge, when they are not equal; null when they are
 * @param tool the cutter as it hangs on the rack, copied into the plan; null when only its kerf is known
 * @param anyCutter whether the ladder ranks over all cutters of the rack; only over the plan's own when not said
 */
public record FingerChoice(
        @Nullable Integer sections,
        String cutter,
        Length kerf,
        @Nullable Length clearance,
        @Nullable Length lowerBy,
        @Nullable Length higherBy,
        Parity parity,
        Sharing shared,
        Leftover leftover,
        @Nullable List<Length> widths,
        @Nullable Cutter tool,
        @Nullable Boolean anyCutter) {
    /** More sections than this are not listed. */
    public static final int MOST_SECTIONS = 399;

    /** Odd or even counts. */
    public enum Parity {
        ODD,
        EVEN
    }

    /** Where the clearance beside a finger goes. */
    public enum Sharing {
        /** Both mates register from the reference edge: all of it on the far side of each finger. */
        ONE_SIDE,
        /** The slot-first pattern half a clearance nearer the edge: half on either side. */
        CENTRED
    }

    /** What becomes of a ripped height that a fixed cutter does not fill. */
    public enum Leftover {
        /** Rip the parts to the closing height. */
        RIP,
        /** Half of it to either edge. */
        EDGES,
        /** A fat or a thin last section. */
        LAST
    }

    public static final Bounds WIDTHS = new Bounds("Section", Length.mm(0.2), Length.mm(1500));

    public static final Bounds KERF = new Bounds("Measured kerf", Length.mm(0.2), Length.mm(200));

    public static final Bounds CLEARANCE = new Bounds("Clearance", Length.mm(-0.5), Length.mm(2));

    public static final Bounds LOWER_BY = new Bounds("Wall may end lower by", Length.ZERO, Length.mm(200));

    public static final Bounds HIGHER_BY = new Bounds("Wall may end higher by", Length.ZERO, Length.mm(200));

    public FingerChoice {
        parity = parity == null ? Parity.ODD : parity;
        shared = shared == null ? Sharing.ONE_SIDE : shared;
        leftover = leftover == null ? Leftover.RIP : leftover;
        int rest = parity == Parity.ODD ? 1 : 0;
        if (widths != null) {
            widths = List.copyOf(widths);
            if (widths.size() < 3 || widths.size() > MOST_SECTIONS || widths.size() % 2 != rest) {
                throw new Refused(
                        "widths",
                        "A list of sections is of an " + (rest == 1 ? "odd" : "even") + " number, 3 to " + MOST_SECTIONS
                                + "; " + widths.size() + " is not.");
            }
            for (int i = 0; i < widths.size(); i++) {
                WIDTHS.check("widths[" + i + "]", widths.get(i));
            }
        }
        if (sections != null && (sections < 3 || sections > MOST_SECTIONS || sections % 2 != rest)) {
            throw new Refused(
                    "sections",
                    "Sections must be an " + (rest == 1 ? "odd number from 3" : "even number from 4") + " to "
                            + MOST_SECTIONS + "; " + sections + " is not.");
        }
        Refused.ifMissing("cutter", "Cutter", cutter);
        cutter = OneLine.words("cutter", "The cutter's name", cutter, 60);
        KERF.check("kerf", kerf);
        CLEARANCE.unlessAbsent("clearance", clearance);
        LOWER_BY.unlessAbsent("lowerBy", lowerBy);
        HIGHER_BY.unlessAbsent("higherBy", higherBy);
    }

    /** Equal odd sections with a cutter of which only the kerf is known. */
    public FingerChoice(
            @Nullable Integer sections,
            String cutter,
            Length kerf,
            @Nullable Length clearance,
            @Nullable Length lowerBy,
            @Nullable Length higherBy) {
        this(
                sections,
                cutter,
                kerf,
                clearance,
                lowerBy,
                higherBy,
                Parity.ODD,
                Sharing.ONE_SIDE,
                Leftover.RIP,
                null,
                null,
                null);
    }

    /** Whether the ladder ranks over all cutters of the rack. */
    public boolean looksOverTheRack() {
        return Boolean.TRUE.equals(anyCutter);
    }

    /** Whether the maker says how far the height may give; else it is about what was wished for. */
    public boolean saysHowFar() {
        return lowerBy != null || higherBy != null;
    }

    public boolean isEven() {
        return parity == Parity.EVEN;
    }

    /** Another count; a list of unequal sections is given up for it. */
    public FingerChoice withSections(@Nullable Integer count) {
        return new FingerChoice(
                count, cutter, kerf, clearance, lowerBy, higherBy, parity, shared, leftover, null, tool, anyCutter);
    }

    /** The kerf as measured; the cutter's own record follows. */
    /** Another clearance than the house's. */
    public FingerChoice withClearance(@Nullable Length wanted) {
        return new FingerChoice(
                sections, cutter, kerf, wanted, lowerBy, higherBy, parity, shared, leftover, widths, tool, anyCutter);
    }

    public FingerChoice withKerf(Length measured) {
        Cutter same =
                tool == null || tool.stack() != null ? tool : tool.measured(measured, tool.kerfOn(), tool.kerfFrom());
        return new FingerChoice(
                sections, cutter, measured, clearance, lowerBy, higherBy, parity, shared, leftover, widths, same,
                anyCutter);
    }

    public FingerChoice withLowerBy(Length allowed) {
        return new FingerChoice(
                sections, cutter, kerf, clearance, allowed, higherBy, parity, shared, leftover, widths, tool,
                anyCutter);
    }

    /** The height so much lower or higher. */
    public FingerChoice within(Length lower, Length higher) {
        return withGive(lower, higher);
    }

    /** The height exactly as wished for. */
    public FingerChoice exactly() {
        return withGive(Length.ZERO, Length.ZERO);
    }

    /** The height about as wished for. */
    public FingerChoice about() {
        return withGive(null, null);
    }

    private FingerChoice withGive(@Nullable Length lower, @Nullable Length higher) {
        return new FingerChoice(
                sections, cutter, kerf, clearance, lower, higher, parity, shared, leftover, widths, tool, anyCutter);
    }

    /** Odd or even; a count or a list of the other kind is given up. */
    public FingerChoice with(Parity changed) {
        boolean same = changed == parity;
        return new FingerChoice(
                same ? sections : null,
                cutter,
                kerf,
                clearance,
                lowerBy,
                higherBy,
                changed,
                shared,
                leftover,
                same ? widths : null,
                tool,
                anyCutter);
    }

    public FingerChoice with(Sharing changed) {
        return new FingerChoice(
                sections, cutter, kerf, clearance, lowerBy, higherBy, parity, changed, leftover, widths, tool,
                anyCutter);
    }

    public FingerChoice with(Leftover changed) {
        return new FingerChoice(
                sections, cutter, kerf, clearance, lowerBy, higherBy, parity, shared, changed, widths, tool, anyCutter);
    }

    public FingerChoice withWidths(@Nullable List<Length> list) {
        return new FingerChoice(
                list == null ? sections : Integer.valueOf(list.size()),
                cutter,
                kerf,
                clearance,
                lowerBy,
                higherBy,
                parity,
                shared,
                leftover,
                list,
                tool,
                anyCutter);
    }

    /** Another cutter of the rack, as it hangs there. */
    public FingerChoice with(Cutter other) {
        return new FingerChoice(
                sections,
                other.name(),
                other.kerf(),
                clearance,
                lowerBy,
                higherBy,
                parity,
                shared,
                leftover,
                widths,
                other,
                anyCutter);
    }

    public FingerChoice withAnyCutter(boolean any) {
        return new FingerChoice(
                sections, cutter, kerf, clearance, lowerBy, higherBy, parity, shared, leftover, widths, tool, any);
    }
}
