package canthook.breakdown;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.board.Blank;
import canthook.length.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

class OffcutsTest {
    private static Blank offcut(String from) {
        return new Blank(
                "offcut",
                from,
                Length.mm(400),
                Length.mm(110),
                Length.mm(13),
                "cherry-black",
                0,
                null,
                Blank.GrainFigure.STRAIGHT,
                false,
                "",
                List.of());
    }

    private static List<String> names(List<String> taken, String... from) {
        return Offcuts.named(List.of(from).stream().map(OffcutsTest::offcut).toList(), taken).stream()
                .map(Blank::name)
                .toList();
    }

    @Test
    void eachOffcutGetsAFreeNumberOfTheBoardItComesFrom() {
        assertThat(names(List.of("Cherry 4", "Offcut 2 of Cherry 4"), "Cherry 4", "Cherry 4", "Cherry 7"))
                .containsExactly("Offcut 1 of Cherry 4", "Offcut 3 of Cherry 4", "Offcut 1 of Cherry 7");
    }

    @Test
    void anOffcutOfAnOffcutIsOfTheSameBoard() {
        assertThat(names(List.of("Offcut 1 of Cherry 4"), "Offcut 1 of Cherry 4"))
                .containsExactly("Offcut 2 of Cherry 4");
    }

    @Test
    void aLongNameIsCutAndItsNumberStays() {
        String longest = "x".repeat(60);
        assertThat(names(List.of(), longest, longest))
                .allMatch(n -> n.length() == 60)
                .doesNotHaveDuplicates();
    }
}
