package canthook.fit;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.fingers.Rung;
import canthook.fit.ReadingDoubts.Doubt;
import canthook.fit.ReadingDoubts.Kind;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;

/** Readings mistyped on purpose, on plans of every kind: what was done is named, and taken back it gives the readings that were meant. */
class ReadingDoubtsTest {
    private static List<Length> readings(double... mm) {
        return DoubleStream.of(mm).mapToObj(Length::mm).toList();
    }

    private static double mean(List<Length> readings) {
        return readings.stream().mapToDouble(Length::mm).average().orElseThrow();
    }

    private static List<Doubt> of(Rung chosen, List<Length> slots, List<Length> fingers) {
        return ReadingDoubts.of(chosen, slots, fingers, LengthDisplay.METRIC);
    }

    @Test
    void whatWasMistypedIsNamedAndWhatWasMeantIsOffered() {
        int[] exchanged = {0};
        AnyPlan.seeds(31_000, 120).forEach(any -> {
            Rung chosen = any.worked().fingers().chosen();
            Random random = new Random(any.seed());
            double s = chosen.slot().length().mm();
            double f = chosen.finger().length().mm();
            double[] slot = new double[3];
            double[] finger = new double[3];
            for (int i = 0; i < 3; i++) {
                slot[i] = s + 0.008 * random.nextGaussian();
                finger[i] = f + 0.008 * random.nextGaussian();
            }
            List<Length> slots = readings(slot);
            List<Length> fingers = readings(finger);
            assertThat(of(chosen, slots, fingers))
                    .as("sound, seed " + any.seed())
                    .isEmpty();
            List<Length> inInches = readings(slot[0] / 25.4, slot[1] / 25.4, slot[2] / 25.4);
            List<Length> fingersInInches = readings(finger[0] / 25.4, finger[1] / 25.4, finger[2] / 25.4);
            assertThat(of(chosen, inInches, fingersInInches))
                    .as("inches, seed " + any.seed())
                    .singleElement()
                    .satisfies(d -> {
                        assertThat(d.kind()).isEqualTo(Kind.INCHES);
                        assertThat(mean(d.slots())).isCloseTo(mean(slots), within(0.002));
                        assertThat(mean(d.fingers())).isCloseTo(mean(fingers), within(0.002));
                    });
            assertThat(of(chosen, slots, fingersInInches))
                    .as("one in inches, seed " + any.seed())
                    .singleElement()
                    .satisfies(d -> assertThat(mean(d.fingers())).isCloseTo(mean(fingers), within(0.002)));
            List<Length> one = readings(slot[0], slot[1] + 0.4, slot[2]);
            assertThat(of(chosen, one, fingers))
                    .as("one off, seed " + any.seed())
                    .anySatisfy(d -> {
                        assertThat(d.kind()).isEqualTo(Kind.OUTLIER);
                        assertThat(d.slots()).hasSize(2).doesNotContain(one.get(1));
                    });
            // only where slot and finger differ can an exchange be told
            if (s - f > 0.06) {
                exchanged[0]++;
                assertThat(of(chosen, fingers, slots))
                        .as("exchanged, seed " + any.seed())
                        .anySatisfy(d -> {
                            assertThat(d.kind()).isEqualTo(Kind.EXCHANGED);
                            assertThat(d.slots()).isEqualTo(slots);
                        });
            }
        });
        assertThat(exchanged[0]).isPositive();
    }

    /** A tight fit is no exchange: the slot reads as the cutter makes it. */
    @Test
    void aTightFitIsNotTakenForAnExchange() {
        Rung chosen = work(openDrawer()).fingers().chosen();
        double s = chosen.slot().length().mm();
        assertThat(of(chosen, readings(s), readings(s + 0.1))).isEmpty();
        assertThat(of(chosen, List.of(mm(s)), List.of(mm(s - 0.3)))).isEmpty();
    }
}
