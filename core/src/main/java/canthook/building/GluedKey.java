package canthook.building;

import canthook.length.Length;
import canthook.shop.RackJig.Glued;
import java.util.ArrayList;
import java.util.List;

/**
 * The joint a glued key makes, and no other.
 *
 * <pre>
 * slot = k     clearance = k − g     pitch = k + g     closes at n·k − m·c, m = (n + 1) / 2
 * </pre>
 *
 * Check: k 7.45, g 7.28: 11 sections 80.93, 13 95.66, 15 110.39.
 */
public record GluedKey(Glued glued) {
    /** A count of sections, and where it closes. */
    public record Closes(int sections, Length height) {}

    public Length clearance() {
        return glued.kerf().minus(glued.gap());
    }

    /** Where an odd count closes. */
    public Length closes(int sections) {
        return glued.kerf().times(sections).minus(clearance().times((sections + 1) / 2));
    }

    /** Every odd count whose height lies between two. */
    public List<Closes> between(Length lowest, Length highest, int most) {
        List<Closes> all = new ArrayList<>();
        for (int n = 3; n <= most; n += 2) {
            Length height = closes(n);
            if (height.isOver(highest)) {
                break;
            }
            if (!height.isUnder(lowest)) {
                all.add(new Closes(n, height));
            }
        }
        return all;
    }
}
