package canthook.server.sharing;

import static org.assertj.core.api.Assertions.assertThat;

import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

/** Who guesses is slowed down, who mistypes is not. */
class PasscodeTest {
    private static final Instant NOW = Instant.parse("2026-11-28T09:00:00Z");
    private final Passcode passcode = new Passcode(new SecureRandom());

    @Test
    void itIsReadAsAPersonTypesIt() {
        String shown = passcode.shown();
        assertThat(shown).matches("[A-HJ-NP-Z2-9]{4}-[A-HJ-NP-Z2-9]{4}");
        assertThat(passcode.is(" " + shown.toLowerCase(java.util.Locale.ROOT).replace('-', ' '), "a", NOW))
                .isTrue();
        assertThat(passcode.is("", "a", NOW)).isFalse();
    }

    @Test
    void wrongOnesWaitTwiceAsLongEachTime() {
        passcode.is("WRONG", "a", NOW);
        passcode.is("WRONG", "a", NOW);
        assertThat(passcode.wait("a", NOW)).isZero();
        Instant at = NOW;
        Duration before = Duration.ofSeconds(1);
        for (int i = 0; i < 5; i++) {
            passcode.is("WRONG", "a", at);
            assertThat(passcode.wait("a", at)).isEqualTo(before.multipliedBy(2));
            assertThat(passcode.wait("b", at)).as("another address").isZero();
            before = before.multipliedBy(2);
            at = at.plus(before);
            assertThat(passcode.wait("a", at)).isZero();
        }
        for (int i = 0; i < 25; i++) {
            passcode.is("WRONG", "a", at);
        }
        assertThat(passcode.wait("a", at)).isEqualTo(Duration.ofMinutes(15));
    }

    @Test
    void afterManyWrongOnesFromAnywhereItIsAnother() {
        String was = passcode.shown();
        for (int i = 0; i < 40; i++) {
            passcode.is("WRONG", "address " + i, NOW);
        }
        assertThat(passcode.shown()).isNotEqualTo(was);
        assertThat(passcode.is(was, "a", NOW)).isFalse();
    }
}
