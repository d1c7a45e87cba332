package canthook.jig;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.planner.WorkedPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * A sled of wood and steel that knows nothing of formulas: a cutter that removes what stands over it, a key that stops a wall,
 * spacers of a thickness. Parts are cut on it and then closed on each other.
 */
class VirtualSledTest {

    /** A part's edge, in nanometres from its reference edge: true where wood still stands. */
    private static final class Part {
        private final long height;
        private final List<long[]> cuts = new ArrayList<>();

        Part(Length height) {
            this.height = height.nanometres();
        }

        void cut(long from, long to) {
            cuts.add(new long[] {Math.max(0, from), Math.min(height, to)});
        }

        /** Slots as they came out, passes run together. */
        List<long[]> slots() {
            List<long[]> slots = new ArrayList<>();
            cuts.stream().sorted((a, b) -> Long.compare(a[0], b[0])).forEach(cut -> {
                long[] last = slots.isEmpty() ? null : slots.get(slots.size() - 1);
                if (last != null && cut[0] <= last[1]) {
                    last[1] = Math.max(last[1], cut[1]);
                } else {
                    slots.add(cut.clone());
                }
            });
            return slots;
        }

        /** What stands between the slots. */
        List<long[]> fingers() {
            List<long[]> fingers = new ArrayList<>();
            long from = 0;
            for (long[] slot : slots()) {
                if (slot[0] > from) {
                    fingers.add(new long[] {from, slot[0]});
                }
                from = slot[1];
            }
            // a few nanometres of rounding are no finger
            if (height - from > 1000) {
                fingers.add(new long[] {from, height});
            }
            return fingers;
        }
    }

    /** Cuts all slots of an end: passes with spacers first at the near wall, each slot hung on the one before. */
    private static Part cutOnSled(WorkedPlan worked, boolean fingerFirst) {
        long gap = worked.jig().key().orElseThrow().gap().length().nanometres();
        long kerf = worked.plan().fingers().kerf().nanometres();
        List<Length> passes = worked.fingers().chosen().passesAt();
        long far = passes.get(passes.size() - 1).nanometres();
        Part part = new Part(worked.fingers().chosen().layout().height());
        int slots =
                (fingerFirst ? worked.jig().slotsFingerFirst() : worked.jig().slotsSlotFirst()).count();
        long bears =
                fingerFirst ? 0 : -worked.fingers().chosen().finger().length().nanometres();
        for (int slot = 0; slot < slots; slot++) {
            for (Length pass : passes) {
                long spacer = far - pass.nanometres();
                long from = bears + gap - spacer;
                part.cut(from, from + kerf);
            }
            assertThat(part.slots())
                    .as(
                            "slots after %s of %s, H %s n %s k %s passes %s spacer %s gap %s",
                            slot + 1,
                            slots,
                            part.height,
                            worked.fingers().chosen().sections().count(),
                            kerf,
                            passes,
                            far,
                            gap)
                    .hasSize(slot + 1);
            bears = part.slots().get(slot)[1];
        }
        return part;
    }

    static Stream<BoxPlan> boxes() {
        Random random = new Random(77);
        BoxPlan drawer = openDrawer();
        return Stream.generate(() -> {
                    double kerf = 2 + random.nextInt(80) / 10.0;
                    double height = 40 + random.nextInt(2000) / 10.0;
                    int most = (int) (height / kerf);
                    int sections = Math.max(3, Math.min(61, 3 + 2 * random.nextInt(Math.max(1, most / 2))));
                    return drawer.with(drawer.size().withHeight(mm(height)))
                            .with(new FingerChoice(
                                    sections, "cutter", mm(kerf), mm(random.nextInt(25) / 100.0), mm(1), mm(0)));
                })
                .filter(plan -> work(plan).fingers().chosen().feasible())
                .limit(AnyPlan.share(60));
    }

    @ParameterizedTest
    @MethodSource("boxes")
    void whatComesOffTheSledCloses(BoxPlan plan) {
        WorkedPlan worked = work(plan);
        Part side = cutOnSled(worked, true);
        Part end = cutOnSled(worked, false);
        long clearance = worked.fingers().chosen().clearance().length().nanometres();
        int terms = worked.fingers().chosen().sections().count();
        assertThat(side.fingers()).as("fingers of the side").hasSize(end.slots().size());
        for (int j = 0; j < side.fingers().size(); j++) {
            long[] finger = side.fingers().get(j);
            long[] slot = end.slots().get(j);
            assertThat(Math.abs(slot[0] - finger[0]))
                    .as("walked from one edge, slot %d", j)
                    .isLessThanOrEqualTo(terms);
            boolean open =
                    slot[1] == worked.fingers().chosen().layout().height().nanometres();
            if (!open) {
                assertThat(Math.abs((slot[1] - slot[0]) - (finger[1] - finger[0]) - clearance))
                        .as("play of finger %d", j)
                        .isLessThanOrEqualTo(terms);
            }
        }
        for (int j = 0; j < end.fingers().size(); j++) {
            long[] finger = end.fingers().get(j);
            long[] slot = side.slots().get(j);
            assertThat(finger[0]).as("finger %d of the end inside its slot", j).isGreaterThanOrEqualTo(slot[0] - terms);
            assertThat(finger[1]).isLessThanOrEqualTo(slot[1] + terms);
        }
    }

    @ParameterizedTest
    @MethodSource("boxes")
    void aGapWrongByATenthIsAClearanceWrongByATenthAtEveryFinger(BoxPlan plan) {
        WorkedPlan worked = work(plan);
        long off = mm(0.1).nanometres();
        long gap = worked.jig().key().orElseThrow().gap().length().nanometres() + off;
        long kerf = plan.fingers().kerf().nanometres();
        long spacer = worked.jig().key().orElseThrow().spacer().length().nanometres();
        long slot = kerf + spacer;
        long pitch = gap + kerf;
        assertThat(slot - (pitch - slot))
                .isEqualTo(worked.fingers().chosen().slot().length().nanometres() * 2
                        - worked.fingers().chosen().pitch().length().nanometres()
                        - off);
    }
}
