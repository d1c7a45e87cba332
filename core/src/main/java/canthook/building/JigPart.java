package canthook.building;

import canthook.length.LengthDisplay;
import canthook.working.Worked;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A part of a jig.
 *
 * @param id what it is called in the drawing
 * @param along its length; null for what is bought
 * @param across its width; null where the length says all
 * @param thick its thickness
 * @param made whether a sheet, a board or a shop gives it
 * @param stuff what it is made of
 * @param says what else is to be known
 */
public record JigPart(
        String id,
        String name,
        int count,
        @Nullable Worked along,
        @Nullable Worked across,
        @Nullable Worked thick,
        Made made,
        String stuff,
        String says) {
    /** Out of what it is made, as far as a rack can give it. */
    public enum Made {
        SHEET,
        WOOD,
        /** Bought, or made from what no board gives. */
        BOUGHT
    }

    /** Length, width and thickness, as far as it has them. */
    public List<Worked> sizes() {
        return Stream.of(along, across, thick).filter(Objects::nonNull).toList();
    }

    /** {@code 274 × 60 × 18 mm}; empty for what is bought. */
    public String size(LengthDisplay display) {
        return sizes().isEmpty()
                ? ""
                : sizes().stream().map(n -> n.number(display)).collect(Collectors.joining(" × ")) + " "
                        + display.unit();
    }
}
