package canthook.server.device;

import canthook.plan.BoxPlan;
import canthook.practice.Act.Spot;
import canthook.shop.TestCut;
import java.util.List;

/** A caliper that sends what it shows when its button is pressed. */
public interface Caliper {
    /**
     * Reads the test piece that lies on the bench.
     *
     * @param plan it was cut for
     * @param before tests that were kept before it
     * @param moved since the last of them, mm, away from the cutter positive
     * @param place which slot or finger, 0 to 2
     * @return mm, to a hundredth
     * @throws Unready when it shows nothing
     */
    double read(BoxPlan plan, List<TestCut> before, double moved, Spot spot, int place);

    /** It shows nothing, and why. */
    final class Unready extends RuntimeException {
        private static final long serialVersionUID = 1L;

        public Unready(String why) {
            super(why);
        }
    }
}
