package canthook.building;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.shop.Shop;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** A jig without a box: every way, every usual width. */
class UsualWidthsTest {
    static Stream<Arguments> all() {
        return Stream.of(Way.values()).flatMap(w -> UsualWidths.ALL.stream().map(l -> Arguments.of(w, l)));
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyWayIsBuiltForEveryUsualWidth(Way way, Length width) {
        WorkedPlan worked = Planner.work(UsualWidths.plan(way, width, LengthDisplay.METRIC), Shop.withDefaults());
        JigToBuild jig = JigToBuild.of(worked).orElseThrow();
        assertThat(jig.parts()).isNotEmpty();
        if (way == Way.BAND_SAW || way == Way.HAND) {
            assertThat(worked.fingers().chosen().slot().length().mm()).isCloseTo(width.mm(), within(0.001));
        } else if (way != Way.SCREW) {
            assertThat(worked.fingers().chosen().kerf().length()).isEqualTo(width);
            assertThat(worked.fingers().chosen().passes().count()).isEqualTo(1);
        }
        if (way == Way.SLED_KEY) {
            // a key that goes into a slot of that width
            assertThat(jig.part("key").orElseThrow().across().length().mm()).isBetween(width.mm() - 0.1, width.mm());
        }
    }

    @Test
    void anotherWidthIsRefused() {
        assertThatThrownBy(() -> UsualWidths.plan(Way.SLED_KEY, Length.mm(7), LengthDisplay.METRIC))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("usual widths");
    }
}
