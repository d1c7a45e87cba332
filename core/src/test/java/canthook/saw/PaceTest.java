package canthook.saw;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class PaceTest {
    @Test
    void theMedianOfPassesWithoutBreaksAndBursts() {
        List<Double> first = List.of(0.0, 10.0, 22.0, 32.0, 44.0, 1000.0, 1012.0, 1012.2);
        List<Double> second = List.of(0.0, 14.0, 30.0, 44.0);
        // 10 12 10 12 12 14 16 14: between 12 and 12
        assertThat(Pace.of(List.of(first, second))).contains(12.0);
        assertThat(Pace.of(List.of(first))).isEmpty();
        assertThat(Pace.of(List.of())).isEmpty();
    }
}
