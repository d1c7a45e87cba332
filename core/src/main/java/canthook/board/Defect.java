package canthook.board;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * A stretch of a blank where no part may lie.
 *
 * @param kind what it is: a knot, a check
 * @param from along the blank, from its left end
 * @param to along the blank
 * @param acrossFrom across the blank, from its reference edge; null when it goes right across
 * @param acrossTo across the blank; null when it goes right across
 * @param mayHide whether the maker would hide it in a slot or on the inside face; it is no hindrance then
 */
public record Defect(
        Kind kind,
        Length from,
        Length to,
        @Nullable Length acrossFrom,
        @Nullable Length acrossTo,
        boolean mayHide) {

    /** What is wrong there. */
    public enum Kind {
        KNOT,
        CHECK,
        WANE,
        SAPWOOD,
        OTHER
    }

    public static final Bounds FROM = new Bounds("Where the defect begins", Length.ZERO, Length.LONGEST);
    public static final Bounds TO = new Bounds("Where the defect ends", Length.ZERO, Length.LONGEST);
    public static final Bounds ACROSS_FROM = new Bounds("Lower edge of the defect", Length.ZERO, Length.mm(3000));
    public static final Bounds ACROSS_TO = new Bounds("Upper edge of the defect", Length.ZERO, Length.mm(3000));

    public Defect {
        Refused.ifMissing("kind", "What the defect is", kind);
        FROM.check("from", from);
        TO.check("to", to);
        if (!to.isOver(from)) {
            throw new Refused("to", "The defect must end further along than it begins.");
        }
        if ((acrossFrom == null) != (acrossTo == null)) {
            throw new Refused("acrossTo", "Give both edges of the defect across the board, or neither.");
        }
        if (acrossFrom != null && acrossTo != null) {
            ACROSS_FROM.check("acrossFrom", acrossFrom);
            ACROSS_TO.check("acrossTo", acrossTo);
            if (!acrossTo.isOver(acrossFrom)) {
                throw new Refused("acrossTo", "The defect's upper edge must lie above its lower edge.");
            }
        }
    }

    /** A defect right across the blank. */
    public static Defect across(Kind kind, Length from, Length to) {
        return new Defect(kind, from, to, null, null, false);
    }

    /** Whether it reaches into a strip that lies between these two, across the blank. */
    public boolean reaches(Length lower, Length upper) {
        return acrossFrom == null || acrossTo == null || (acrossFrom.isUnder(upper) && acrossTo.isOver(lower));
    }

    boolean overlaps(Defect other) {
        boolean along = from.isUnder(other.to) && to.isOver(other.from);
        boolean here = other.acrossFrom == null || other.acrossTo == null || reaches(other.acrossFrom, other.acrossTo);
        return along && here;
    }
}
