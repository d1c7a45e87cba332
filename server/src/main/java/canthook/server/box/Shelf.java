package canthook.server.box;

import canthook.plan.BoxPlan;
import canthook.server.box.BoxMapper.BoxRow;
import canthook.server.keeping.Ids;
import canthook.server.keeping.StaleWrite;
import canthook.server.keeping.Unknown;
import canthook.shop.TestCut;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The boxes that are kept: read, written with the revision they were made from, and never overwritten unseen. */
@Service
public class Shelf {
    private final BoxMapper boxes;
    private final ObjectMapper json;
    private final Clock clock;

    Shelf(BoxMapper boxes, ObjectMapper json, Clock clock) {
        this.boxes = boxes;
        this.json = json;
        this.clock = clock;
    }

    /** A test cut as kept. */
    public record KeptTestCut(long id, TestCut cut) {}

    /** A box as kept. */
    public record KeptBox(
            String id, long revision, String savedAt, boolean archived, BoxPlan plan, List<KeptTestCut> testCuts) {
        public List<TestCut> cuts() {
            return testCuts.stream().map(KeptTestCut::cut).toList();
        }
    }

    @Transactional(readOnly = true)
    public List<KeptBox> all(boolean archived) {
        return boxes.all(archived ? 1 : 0).stream().map(this::kept).toList();
    }

    @Transactional(readOnly = true)
    public KeptBox get(String id) {
        return kept(row(id));
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return boxes.count() == 0;
    }

    /** Keeps a new box under a readable id made from its name. */
    @Transactional
    public KeptBox add(BoxPlan plan, List<TestCut> cuts) {
        String base = Ids.readable(plan.name(), "box");
        String id = base;
        for (int n = 2; boxes.insert(id, write(plan), now()) == 0; n++) {
            id = base + "-" + n;
        }
        boxes.remember(id, 1, write(plan), now());
        for (TestCut cut : cuts) {
            boxes.addTestCut(id, write(cut), cut.at());
        }
        return get(id);
    }

    /**
     * Keeps a change. The same change sent again, because its answer was lost, is kept already.
     *
     * @throws StaleWrite when the box has been changed since {@code revision}; nothing is written then
     */
    @Transactional
    public long save(String id, long revision, BoxPlan plan) {
        String text = write(plan);
        String at = now();
        if (boxes.update(id, revision, text, at) == 0) {
            BoxRow stands = row(id);
            if (stands.revision() == revision + 1 && stands.plan().equals(text)) {
                return revision + 1;
            }
            throw new StaleWrite("This box", revision, stands.revision());
        }
        boxes.remember(id, revision + 1, text, at);
        return revision + 1;
    }

    @Transactional
    public void archive(String id, boolean archived) {
        if (boxes.archive(id, archived ? 1 : 0) == 0) {
            throw new Unknown("box", id);
        }
    }

    @Transactional
    public KeptBox addTestCut(String id, TestCut cut) {
        row(id);
        boxes.addTestCut(id, write(cut), cut.at());
        return get(id);
    }

    /** Takes a test cut out of the count, or puts it back. */
    @Transactional
    public KeptBox removeTestCut(String id, long cutId, boolean removed) {
        if (boxes.removeTestCut(id, cutId, removed ? 1 : 0) == 0) {
            throw new Unknown("box", id + ", test cut " + cutId);
        }
        return get(id);
    }

    public String now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS).toString();
    }

    private BoxRow row(String id) {
        BoxRow row = boxes.find(id);
        if (row == null) {
            throw new Unknown("box", id);
        }
        return row;
    }

    private KeptBox kept(BoxRow row) {
        List<KeptTestCut> cuts = boxes.testCuts(row.id()).stream()
                .map(cut -> new KeptTestCut(cut.id(), read(cut.reading(), TestCut.class)))
                .toList();
        return new KeptBox(
                row.id(), row.revision(), row.savedAt(), row.archived() == 1, read(row.plan(), BoxPlan.class), cuts);
    }

    private String write(Object value) {
        try {
            return json.writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A plan that cannot be written", e);
        }
    }

    private <T> T read(String text, Class<T> type) {
        try {
            return json.readValue(text, type);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A record in the data folder cannot be read: " + e.getOriginalMessage(), e);
        }
    }
}
