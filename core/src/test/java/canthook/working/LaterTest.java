package canthook.working;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class LaterTest {
    @Test
    void isWorkedWhenItIsAskedForAndOnce() {
        AtomicInteger times = new AtomicInteger();
        Later<Integer> later = new Later<>(times::incrementAndGet);
        assertThat(times).hasValue(0);
        assertThat(later.get()).isEqualTo(1);
        assertThat(later.get()).isEqualTo(1);
        assertThat(later).hasToString("1");
    }

    @Test
    void whatCannotBeWorkedSaysSoEveryTime() {
        Later<Integer> later = new Later<>(() -> {
            throw new ArithmeticException("no clearance");
        });
        assertThatThrownBy(later::get).hasMessage("no clearance");
        assertThatThrownBy(later::get).hasMessage("no clearance");
    }

    @Test
    void isEqualByWhatComesOfIt() {
        assertThat(new Later<>(() -> "13"))
                .isEqualTo(new Later<>(() -> "13"))
                .hasSameHashCodeAs(new Later<>(() -> "13"));
        assertThat(new Later<>(() -> "13"))
                .isNotEqualTo(new Later<>(() -> "11"))
                .isNotEqualTo("13");
    }
}
