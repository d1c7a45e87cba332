package canthook.server.box;

import canthook.plan.BoxPlan;
import canthook.refusal.OneLine;
import canthook.refusal.Refused;
import canthook.server.box.HistoryMapper.StateRow;
import canthook.server.keeping.Daily;
import canthook.server.keeping.Unknown;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The states a box was in, every one that was saved. After a month of each day the last one stays; one that was given a name stays always, and
 * so does the first.
 */
@Service
public class History implements Daily {
    private static final Duration WHOLE = Duration.ofDays(31);

    private final HistoryMapper rows;
    private final Shelf shelf;
    private final ObjectMapper json;

    History(HistoryMapper rows, Shelf shelf, ObjectMapper json) {
        this.rows = rows;
        this.shelf = shelf;
        this.json = json;
    }

    /**
     * A state.
     *
     * @param plan as it was; empty when it cannot be read
     * @param keep the name it was given; null when it has none
     */
    public record State(
            long revision,
            String at,
            Optional<BoxPlan> plan,
            @Nullable String keep) {}

    /** So many states, the newest first, from a revision backwards. */
    @Transactional(readOnly = true)
    public List<State> from(String box, long revision, int most) {
        shelf.asKept(box);
        return rows.from(box, revision, most).stream().map(this::state).toList();
    }

    /** Those that were given a name, the newest first. */
    @Transactional(readOnly = true)
    public List<State> kept(String box) {
        shelf.asKept(box);
        return rows.kept(box).stream().map(this::state).toList();
    }

    /** @throws Unknown when the box never was of that revision, or it is thinned out */
    @Transactional(readOnly = true)
    public State at(String box, long revision) {
        StateRow row = rows.find(box, revision);
        if (row == null) {
            throw new Unknown("state", box + ", change " + revision);
        }
        return state(row);
    }

    /**
     * Makes an earlier state the newest. What stands now stays in the history.
     *
     * @param now the revision the maker saw
     * @return the new revision
     */
    @Transactional
    public long back(String box, long revision, long now) {
        BoxPlan plan = at(box, revision)
                .plan()
                .orElseThrow(() -> new Refused("revision", "This state cannot be read; take another."));
        return shelf.save(box, now, plan);
    }

    /** Gives a state a name; an empty one takes it off. */
    @Transactional
    public void keep(String box, long revision, String name) {
        at(box, revision);
        if (name.isBlank()) {
            rows.unkeep(box, revision);
        } else {
            rows.keep(box, revision, OneLine.name("name", "A keep", name, 60));
        }
    }

    /** Lets go of what is older than a month and not the last of its day; how many states went. */
    @Transactional
    public int thin(Instant now) {
        return rows.thin(now.minus(WHOLE).truncatedTo(ChronoUnit.MILLIS).toString());
    }

    @Override
    public void daily(Instant now) {
        thin(now);
    }

    private State state(StateRow row) {
        try {
            return new State(
                    row.revision(), row.savedAt(), Optional.of(json.readValue(row.plan(), BoxPlan.class)), row.keep());
        } catch (JsonProcessingException e) {
            return new State(row.revision(), row.savedAt(), Optional.empty(), row.keep());
        }
    }
}
