package canthook.cutter;

import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.length.Length;
import canthook.refusal.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Stacks and leaves against trying every combination, and what a cutter may not be. */
class CutterTest {
    private static final StackSet SET = new StackSet(
            mm(6.35), List.of(mm(3.2), mm(3.2), mm(1.6)), List.of(mm(0.1), mm(0.1), mm(0.25), mm(0.5)), mm(20));

    @Test
    void theNearestStackUsesWhatIsInTheCase() {
        StackSet.Stack stack = SET.nearest(mm(7.45));
        assertThat(stack.width()).isEqualTo(mm(7.3));
        assertThat(stack.chippers()).isEmpty();
        assertThat(SET.nearest(mm(9.6)).width()).isEqualTo(mm(9.55));
        assertThat(SET.nearest(mm(9.6)).shims()).isEmpty();
        assertThat(SET.widestWithin(mm(7)).orElseThrow().width()).isEqualTo(mm(6.95));
        assertThat(SET.widestWithin(mm(6))).isEmpty();
    }

    @Test
    void theArborBoundsTheStack() {
        StackSet small = new StackSet(SET.outer(), SET.chippers(), SET.shims(), mm(10));
        assertThat(small.nearest(mm(14)).width()).isLessThanOrEqualTo(mm(10));
        assertThat(SET.nearest(mm(14)).width()).isGreaterThan(mm(13));
    }

    @Test
    void noCombinationIsNearerOrOfFewerShims() {
        Random random = new Random(5);
        for (int i = 0; i < 60; i++) {
            Length wanted = mm(6 + random.nextInt(900) / 100.0);
            StackSet.Stack found = SET.nearest(wanted);
            long best = Long.MAX_VALUE;
            int fewest = 99;
            List<Length> all = new ArrayList<>(SET.chippers());
            all.addAll(SET.shims());
            for (int bits = 0; bits < 1 << all.size(); bits++) {
                long width = SET.outer().nanometres();
                int shims = 0;
                for (int b = 0; b < all.size(); b++) {
                    if ((bits >> b & 1) == 1) {
                        width += all.get(b).nanometres();
                        shims += b >= SET.chippers().size() ? 1 : 0;
                    }
                }
                long off = Math.abs(width - wanted.nanometres());
                if (width <= SET.arbor().nanometres() && (off < best || (off == best && shims < fewest))) {
                    best = off;
                    fewest = shims;
                }
            }
            assertThat(found.width().minus(wanted).abs().nanometres())
                    .as("for %s", wanted)
                    .isEqualTo(best);
            assertThat(found.shims()).hasSize(fewest);
        }
    }

    @Test
    void theFewestLeavesComeWithinFiveThousandths() {
        List<Length> leaves = List.of(mm(0.05), mm(0.1), mm(0.2), mm(0.3), mm(0.5));
        assertThat(Pieces.fewest(leaves, mm(0.503), mm(0.005))).containsExactly(mm(0.5));
        assertThat(Pieces.fewest(leaves, mm(0.35), mm(0.005))).containsExactly(mm(0.3), mm(0.05));
        assertThat(Pieces.fewest(leaves, mm(0.02), mm(0.005))).isEmpty();
        assertThat(Pieces.fewest(leaves, mm(5), mm(0.005))).hasSize(5);
    }

    @Test
    void whatACutterCannotBeIsRefusedAtItsField() {
        assertThatThrownBy(() -> new Cutter("a", "A", Cutter.Kind.STACK, mm(6), mm(6), null, "", null, null, null, ""))
                .isInstanceOf(Refused.class)
                .hasFieldOrPropertyWithValue("field", "stack");
        assertThatThrownBy(() -> new Cutter("a", "A", Cutter.Kind.BLADE, mm(3), mm(0), null, "", null, null, null, ""))
                .hasFieldOrPropertyWithValue("field", "kerf");
        assertThatThrownBy(() -> new Cutter("a", "A", Cutter.Kind.BLADE, mm(3), mm(3), "May", "", null, null, null, ""))
                .hasFieldOrPropertyWithValue("field", "kerfOn");
        assertThatThrownBy(() -> new StackSet(mm(6), List.of(mm(0)), List.of(), mm(20)))
                .hasFieldOrPropertyWithValue("field", "chippers[0]");
    }
}
