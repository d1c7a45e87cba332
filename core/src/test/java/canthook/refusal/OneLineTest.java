package canthook.refusal;

import static canthook.SeedLibrary.envelopeDrawer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class OneLineTest {
    @Test
    void whatWasPastedWithTabsAndLineEndsIsOneLine() {
        assertThat(OneLine.name("name", "A box", "\tSeed\t\tdrawer\r\nfor beans\u0000 ", 80))
                .isEqualTo("Seed drawer for beans");
        assertThat(OneLine.words("note", "The note", "left\u2028right\u200e", 300))
                .isEqualTo("left right");
        assertThat(envelopeDrawer().withName("Tray\tof\u0007 peas").name()).isEqualTo("Tray of peas");
    }

    @Test
    void lettersOfAnyTongueAndSignsStay() {
        String name = "Žluté fazole, фасоль, 豆, 🌱 ½″";
        assertThat(OneLine.name("name", "A box", name, 80)).isEqualTo(name);
    }

    @Test
    void whatCannotBeShownIsRefusedAtItsField() {
        for (String broken : new String[] {"half \ud83c", "none \ufffe"}) {
            assertThatThrownBy(() -> OneLine.name("name", "A box", broken, 80))
                    .isInstanceOfSatisfying(
                            Refused.class, r -> assertThat(r.field()).isEqualTo("name"))
                    .hasMessageContaining("cannot be shown");
        }
        assertThatThrownBy(() -> OneLine.name("name", "A box", "\t\u0000", 80)).hasMessageContaining("1 to 80 letters");
        assertThatThrownBy(() -> OneLine.words("note", "The note", "x".repeat(301), 300))
                .hasMessageContaining("longer than 300");
    }

    @Test
    void aBeginningHasNoHalfLetters() {
        assertThat(OneLine.beginning("Seed chest", 80)).isEqualTo("Seed chest");
        assertThat(OneLine.beginning("Seed chest", 5)).isEqualTo("Seed");
        for (String letter : new String[] {"🌱", "e\u0301", "न\u094d", "ש\u05c1", "m"}) {
            for (int before = 0; before < 3; before++) {
                String name = "x".repeat(before) + letter.repeat(50);
                for (int most = 3; most < 60; most++) {
                    String kept = OneLine.beginning(name, most);
                    assertThat(kept.length()).isBetween(Math.min(most, name.length()) - letter.length(), most);
                    assertThat(kept.substring(before).replace(letter, "")).isEmpty();
                }
            }
        }
    }

    @Test
    void ofNothingButMarksNothingIsLeft() {
        assertThat(OneLine.beginning("\u0301".repeat(90), 80)).isEmpty();
    }
}
