package canthook.saw;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.cutlist.CutList;
import canthook.plan.Part;
import canthook.refusal.Refused;
import canthook.saw.SawEvent.Wrong;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What happened at the saw, replayed. */
class SawRunTest {
    private final CutList list = work(bitBox()).cuts();

    private static SawRun doNext(SawRun run, int times) {
        SawRun now = run;
        for (int i = 0; i < times; i++) {
            now = now.after(SawEvent.done(now.items().get(now.at()).id()));
        }
        return now;
    }

    @Test
    void cutsAreDoneInOrderAndTheLastCanBeTakenBack() {
        SawRun run = doNext(SawRun.of(list, List.of()), 3);
        assertThat(run.at()).isEqualTo(3);
        SawRun back = run.after(SawEvent.back(run.items().get(2).id()));
        assertThat(back.at()).isEqualTo(2);
        assertThat(back.items().get(2).done()).isFalse();
        assertThatThrownBy(() -> run.after(SawEvent.done(run.items().get(1).id())))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("next pass is another");
        assertThatThrownBy(() -> run.after(SawEvent.back(run.items().get(0).id())))
                .isInstanceOf(Refused.class);
    }

    @Test
    void theSameEventsAlwaysGiveTheSamePlace() {
        List<SawEvent> events = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            events.add(SawEvent.done(list.cuts().get(i).id()));
        }
        events.add(SawEvent.spoilt("C", Wrong.TEAR_OUT));
        assertThat(SawRun.of(list, events)).isEqualTo(SawRun.of(list, events));
    }

    @Test
    void aSpoiltPartIsBroughtUpToWhereTheOthersAre() {
        // 5 cuts at A1 + C1, then 3 of A2 + C2
        SawRun run = doNext(SawRun.of(list, List.of()), 8);
        SawRun after = run.after(SawEvent.spoilt("C", Wrong.WRONG_PLACE));
        assertThat(after.items()).hasSize(22 + 8);
        assertThat(after.items().subList(8, 16))
                .allMatch(i -> i.extra() && i.parts().startsWith("C′"));
        assertThat(after.items().get(16).parts()).isEqualTo("A2 + C′2");
        assertThat(after.items()).extracting(SawRun.Item::id).doesNotHaveDuplicates();
        SawRun end = doNext(after, 22);
        assertThat(end.isFinished()).isTrue();
        // the new part has every slot its mates will look for
        Set<String> cut = new HashSet<>();
        end.items().stream()
                .filter(i -> i.parts().contains("C′"))
                .forEach(i -> cut.add(i.cut().pass().slot() + " "
                        + i.cut().ends().stream()
                                .filter(e -> e.part() == Part.C)
                                .findFirst()
                                .orElseThrow()));
        assertThat(cut).hasSize(10);
    }

    @Test
    void aNewPartMayBeSpoiltToo() {
        SawRun run = doNext(SawRun.of(list, List.of()), 6).after(SawEvent.spoilt("A", Wrong.TURNED));
        SawRun again = doNext(run, 2).after(SawEvent.spoilt("A′", Wrong.TOO_DEEP));
        assertThat(again.items().get(again.at()).parts()).startsWith("A′′");
        assertThat(doNext(again, 6).items().get(14).parts()).isEqualTo("A′′2 + C2");
        assertThatThrownBy(() -> again.after(SawEvent.spoilt("A", Wrong.OTHER)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("replaced already");
        assertThatThrownBy(() -> again.after(SawEvent.spoilt("Q", Wrong.OTHER))).hasMessageContaining("no part");
    }

    @Test
    void whatCanBeSavedDependsOnTheLayout() {
        assertThat(Salvage.of(Wrong.TURNED, true)).contains("may still close");
        assertThat(Salvage.of(Wrong.TURNED, false)).contains("finger with finger");
        for (Wrong wrong : Wrong.values()) {
            assertThat(Salvage.of(wrong, true)).endsWith(".");
        }
    }
}
