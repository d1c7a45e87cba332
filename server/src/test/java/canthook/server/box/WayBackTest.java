package canthook.server.box;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.server.box.WayBack.Step;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Undo and redo read out of a history lead where they led in the window that made it. */
class WayBackTest {
    private static Step change(long revision) {
        return new Step(revision, null);
    }

    @Test
    void undoLeadsToTheStateBeforeAndRedoToTheOneLeft() {
        assertThat(WayBack.of(List.of())).isEqualTo(new WayBack(List.of(), List.of()));
        assertThat(WayBack.of(List.of(change(1), change(2), change(3))))
                .isEqualTo(new WayBack(List.of(2L, 1L), List.of()));
        assertThat(WayBack.of(List.of(change(1), change(2), change(3), new Step(4, 2L))))
                .isEqualTo(new WayBack(List.of(1L), List.of(3L)));
        assertThat(WayBack.of(List.of(change(1), change(2), change(3), new Step(4, 1L), new Step(5, 3L))))
                .isEqualTo(new WayBack(List.of(2L, 1L), List.of()));
        assertThat(WayBack.of(List.of(change(1), change(2), new Step(3, 1L), change(4))))
                .as("a change after an undo leaves nothing to redo")
                .isEqualTo(new WayBack(List.of(1L), List.of()));
    }

    /** Thinned histories name states that are no more; they count as changes. */
    @Test
    void whatIsThinnedOutIsNoWay() {
        assertThat(WayBack.of(List.of(change(4), change(9), new Step(12, 6L))))
                .isEqualTo(new WayBack(List.of(9L, 4L), List.of()));
        assertThat(WayBack.of(List.of(change(4), change(9), new Step(10, 9L))))
                .as("saved as it was")
                .isEqualTo(new WayBack(List.of(4L), List.of()));
    }

    /** A maker changes, undoes and redoes at random, several steps between two saves; told by the history it is the same. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void theHistoryTellsWhatTheWindowKnew(long seed) {
        Random random = new Random(seed);
        Deque<Long> back = new ArrayDeque<>();
        Deque<Long> forth = new ArrayDeque<>();
        List<Step> history = new ArrayList<>(List.of(change(1)));
        long now = 1;
        for (long revision = 2; revision < 120; revision++) {
            int dice = random.nextInt(3);
            int steps = 1 + random.nextInt(3);
            if (dice == 0 || (dice == 1 ? back : forth).size() < steps) {
                back.push(now);
                forth.clear();
                now = revision;
                history.add(change(revision));
            } else {
                Deque<Long> from = dice == 1 ? back : forth;
                Deque<Long> into = dice == 1 ? forth : back;
                for (int i = 0; i < steps; i++) {
                    into.push(now);
                    now = from.pop();
                }
                history.add(new Step(revision, now));
            }
            assertThat(WayBack.of(history)).isEqualTo(new WayBack(List.copyOf(back), List.copyOf(forth)));
        }
    }
}
