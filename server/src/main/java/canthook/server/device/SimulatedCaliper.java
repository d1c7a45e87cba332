package canthook.server.device;

import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.practice.Act.Spot;
import canthook.practice.BenchPiece;
import canthook.shop.TestCut;
import java.time.Clock;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.springframework.stereotype.Component;

/** A stand-in: every box’s test pieces come from a shop of its own, whose jig stands off until it is moved right. */
@Component
class SimulatedCaliper implements Caliper {
    private final Clock clock;

    SimulatedCaliper(Clock clock) {
        this.clock = clock;
    }

    @Override
    public double read(BoxPlan plan, List<TestCut> before, double moved, Spot spot, int place) {
        OptionalDouble width = BenchPiece.width(plan, before, Length.mm(moved), spot, place);
        if (width.isEmpty()) {
            throw new Unready("There is no test piece to hold it to: the jig waits.");
        }
        OptionalDouble shown = new canthook.practice.Caliper(0, false)
                .read(width.getAsDouble(), new Random(clock.millis() * 31 + place));
        return shown.orElseThrow(() -> new Unready("It shows nothing."));
    }
}
