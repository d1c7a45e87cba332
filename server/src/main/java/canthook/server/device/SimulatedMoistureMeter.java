package canthook.server.device;

import java.time.Clock;
import java.util.Random;
import org.springframework.stereotype.Component;

/**
 * A stand-in for a pin meter: every board has a moisture of its own that does not change from one reading to the next, the meter
 * scatters by a quarter of a percent about it and shows tenths.
 */
@Component
class SimulatedMoistureMeter implements MoistureMeter {
    private static final double SCATTER = 0.25;
    private final Clock clock;

    SimulatedMoistureMeter(Clock clock) {
        this.clock = clock;
    }

    @Override
    public double read(String board) {
        double truth = 8.6 + 1.1 * new Random(board.hashCode()).nextGaussian();
        double scatter = SCATTER * new Random(clock.millis()).nextGaussian();
        return Math.round(Math.max(5, Math.min(16, truth + scatter)) * 10) / 10.0;
    }
}
