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

    private static final double LEAST = 0.001;

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
            if (row.share() == 1) {
                done.put(row.step(), Instant.parse(row.at()));
            }
        }
        return done;
    }

    /** What part of a step that is not done is behind the maker, from 0 to 1, by id; none of those not begun. */
    @Transactional(readOnly = true)
    public Map<String, Double> begun(String box) {
        Map<String, Double> begun = new HashMap<>();
        for (StepRow row : rows.of(box)) {
            if (row.share() < 1) {
                begun.put(row.step(), row.share());
            }
        }
        return begun;
    }

    /** It is done now. */
    @Transactional
    public void done(String box, String step) {
        done(box, step, clock.instant());
    }

    @Transactional
    public void done(String box, String step, Instant at) {
        rows.done(box, step, at.truncatedTo(ChronoUnit.SECONDS).toString(), 1);
    }

    /**
     * So much of it is behind the maker.
     *
     * @param share under 0.001 it is not begun, from 0.999 on it is done
     */
    @Transactional
    public void begun(String box, String step, double share, Instant at) {
        if (share < LEAST) {
            rows.undone(box, step);
        } else {
            rows.done(box, step, at.truncatedTo(ChronoUnit.SECONDS).toString(), share > 1 - LEAST ? 1 : share);
        }
    }

    @Transactional
    public void begun(String box, String step, double share) {
        begun(box, step, share, clock.instant());
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
