package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * How the joint is to be divided.
 *
 * @param sections the odd count chosen; null while the recommended one stands
 * @param cutter what the maker calls the cutter
 * @param kerf the slot one pass leaves, as measured in a cut
 * @param clearance the target clearance; null for the house rule of the wood
 * @param lowerBy how much lower than wished the wall may close; null for the house rule
 * @param higherBy how much higher than wished the wall may close
 */
public record FingerChoice(
        @Nullable Integer sections,
        String cutter,
        Length kerf,
        @Nullable Length clearance,
        @Nullable Length lowerBy,
        Length higherBy) {
    /** More sections than this are not listed. */
    public static final int MOST_SECTIONS = 399;

    public FingerChoice {
        if (sections != null && (sections < 3 || sections > MOST_SECTIONS || sections % 2 == 0)) {
            throw new Refused(
                    "sections",
                    "Sections must be an odd number from 3 to " + MOST_SECTIONS + "; " + sections + " is not.");
        }
        Refused.ifMissing("cutter", "Cutter", cutter);
        if (cutter.length() > 60) {
            throw new Refused("cutter", "The cutter's name is longer than 60 letters.");
        }
        Refused.unlessBetween("kerf", "Measured kerf", kerf, Length.mm(0.2), Length.mm(200));
        Refused.unlessAbsentOrBetween("clearance", "Clearance", clearance, Length.mm(-0.5), Length.mm(2));
        Refused.unlessAbsentOrBetween("lowerBy", "May close lower by", lowerBy, Length.ZERO, Length.mm(200));
        Refused.unlessBetween("higherBy", "May close higher by", higherBy, Length.ZERO, Length.mm(200));
    }

    public FingerChoice withSections(@Nullable Integer count) {
        return new FingerChoice(count, cutter, kerf, clearance, lowerBy, higherBy);
    }

    public FingerChoice withKerf(Length measured) {
        return new FingerChoice(sections, cutter, measured, clearance, lowerBy, higherBy);
    }

    public FingerChoice withLowerBy(Length allowed) {
        return new FingerChoice(sections, cutter, kerf, clearance, allowed, higherBy);
    }
}
