package canthook.bench;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What a shop meets, in the short form; {@code ./cant-hook bench --faults} has the whole. */
class FaultsTest {
    @Test
    void nothingIsLostAndNothingStopsTheOthers() throws Exception {
        assertThat(Faults.measure(Faults.Amounts.SHORT).broken()).isEmpty();
    }
}
