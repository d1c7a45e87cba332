package canthook.server.box;

import canthook.server.box.StepMapper.StepRow;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What of a box is done: ticked by hand, or told by the saw and by the clock of the glue-up. */
@Service
public class StepsDone {
    /** A box nobody touched for so long is not under way. */
    private static final Duration LIES_STILL = Duration.ofDays(90);

    private final StepMapper rows;
    private final Clock clock;

    StepsDone(StepMapper rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** When steps were done, by id. */
    @Transactional(readOnly = true)
    public Map<String, Instant> of(String box) {
        Map<String, Instant> done = new HashMap<>();
        for (StepRow row : rows.of(box)) {
            done.put(row.step(), Instant.parse(row.at()));
        }
        return done;
    }

    /** It is done now. */
    @Transactional
    public void done(String box, String step) {
        done(box, step, clock.instant());
    }

    @Transactional
    public void done(String box, String step, Instant at) {
        rows.done(box, step, at.truncatedTo(ChronoUnit.SECONDS).toString());
    }

    @Transactional
    public void undone(String box, String step) {
        rows.undone(box, step);
    }

    /** Ids of the boxes somebody is at. */
    @Transactional(readOnly = true)
    public List<String> underWay() {
        return rows.underWay(clock.instant().minus(LIES_STILL).toString());
    }
}
