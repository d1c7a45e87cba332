package canthook.saw;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.cutlist.CutList;
import canthook.refusal.Refused;
import canthook.saw.SawEvent.Wrong;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A tablet that was away comes back: what was cut is marked once, whoever marked it, and what cannot be told is left to the maker. */
class RejoinedTest {
    private final CutList list = work(bitBox()).cuts();

    private SawRun made(int passes) {
        SawRun run = SawRun.of(list, List.of());
        for (int i = 0; i < passes; i++) {
            run = run.after(done(i));
        }
        return run;
    }

    private SawEvent done(int pass) {
        return SawEvent.done(list.cuts().get(pass).id());
    }

    private SawEvent back(int pass) {
        return SawEvent.back(list.cuts().get(pass).id());
    }

    @Test
    void whatNobodyElseMarkedIsTakenInOrder() {
        Rejoined back = Rejoined.of(made(4), List.of(done(4), done(5), done(6)));
        assertThat(back.run().at()).isEqualTo(7);
        assertThat(back.taken()).containsExactly(0, 1, 2);
        assertThat(back.left()).isEmpty();
    }

    @Test
    void whatWasMarkedOnBothIsMadeOnce() {
        Rejoined back = Rejoined.of(made(6), List.of(done(4), done(5), done(6)));
        assertThat(back.run().at()).isEqualTo(7);
        assertThat(back.alike()).isEqualTo(2);
        assertThat(back.taken()).containsExactly(2);
    }

    @Test
    void whatWasMarkedAndTakenBackNeverHappened() {
        Rejoined back = Rejoined.of(made(4), List.of(done(4), done(5), back(5), back(4), back(3)));
        assertThat(back.run().at()).isEqualTo(3);
        assertThat(back.taken()).containsExactly(4);
        // another device made pass 4 meanwhile: marking it here and taking it back says nothing of theirs
        assertThat(Rejoined.of(made(5), List.of(done(4), back(4))).run().at()).isEqualTo(5);
    }

    @Test
    void whereAnotherWentAnotherWayTheRestIsLeftToTheMaker() {
        SawRun elsewhere = made(2);
        Rejoined back = Rejoined.of(elsewhere, List.of(done(4), done(5)));
        assertThat(back.run()).isEqualTo(elsewhere);
        assertThat(back.left()).containsExactly(0, 1);
        SawRun spoilt = made(4).after(SawEvent.spoilt("C", Wrong.TEAR_OUT));
        assertThat(Rejoined.of(spoilt, List.of(done(4))).left())
                .as("the new part is brought up first")
                .containsExactly(0);
        assertThatThrownBy(() -> Rejoined.of(made(1), List.of(SawEvent.spoilt("A", Wrong.OTHER))))
                .isInstanceOf(Refused.class);
    }

    /** Both devices only cut on: afterwards as many passes are made as the one that was further says, each once. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void whoWasFurtherCounts(long seed) {
        Random random = new Random(seed);
        int all = list.cuts().size();
        int together = random.nextInt(all);
        int here = together + random.nextInt(all - together + 1);
        int there = together + random.nextInt(all - together + 1);
        List<SawEvent> away = new ArrayList<>();
        int at = together;
        while (at < here) {
            away.add(done(at++));
            if (at > together && random.nextInt(5) == 0) {
                away.add(back(--at));
            }
        }
        Rejoined back = Rejoined.of(made(there), away);
        assertThat(back.run().at()).isEqualTo(Math.max(here, there));
        assertThat(back.left()).isEmpty();
        assertThat(back.alike()).isEqualTo(Math.min(here, there) - together);
        // sent again, because the answer was lost, all is alike
        Rejoined again = Rejoined.of(back.run(), away);
        assertThat(again.taken()).isEmpty();
        assertThat(again.run()).isEqualTo(back.run());
    }
}
