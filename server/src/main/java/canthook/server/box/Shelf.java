package canthook.server.box;

import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.SizeWish;
import canthook.refusal.Refused;
import canthook.server.box.BoxMapper.BoxRow;
import canthook.server.box.BoxMapper.StateRow;
import canthook.server.box.BoxMapper.TestCutRow;
import canthook.server.keeping.Damaged;
import canthook.server.keeping.Ids;
import canthook.server.keeping.StaleWrite;
import canthook.server.keeping.Unknown;
import canthook.shop.TestCut;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The boxes that are kept: read, written with the revision they were made from, and never overwritten unseen. */
@Service
public class Shelf {
    private static final int STATES_TRIED = 200;
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

    /**
     * A box as kept.
     *
     * @param damagedTestCuts test cuts of it that cannot be read
     */
    public record KeptBox(
            String id,
            long revision,
            String savedAt,
            boolean archived,
            BoxPlan plan,
            List<KeptTestCut> testCuts,
            List<Damaged> damagedTestCuts) {
        public List<TestCut> cuts() {
            return testCuts.stream().map(KeptTestCut::cut).toList();
        }
    }

    /**
     * What stands in a place on the shelf.
     *
     * @param box the box; null when it is damaged
     * @param damage what is the matter with it; null when it can be read
     */
    public record Place(
            String id,
            String name,
            String savedAt,
            @Nullable KeptBox box,
            @Nullable Damaged damage) {}

    /** A box by its name. */
    public record Named(String id, String name) {}

    /** All boxes that can be read. */
    @Transactional(readOnly = true)
    public List<KeptBox> all(boolean archived) {
        return page(new Sieve(archived, "", "", Stage.ANY, Order.NEWEST), 0, Integer.MAX_VALUE).stream()
                .flatMap(place -> Optional.ofNullable(place.box()).stream())
                .toList();
    }

    /** So many of the boxes that can be read, the newest first. */
    @Transactional(readOnly = true)
    public List<KeptBox> newest(int most) {
        return page(new Sieve(false, "", "", Stage.ANY, Order.NEWEST), 0, most).stream()
                .flatMap(place -> Optional.ofNullable(place.box()).stream())
                .toList();
    }

    private static final Set<String> NOT_A_BOX = Set.of("names", "woods");

    /** How far a box has come. */
    public enum Stage {
        ANY,
        /** Neither tested nor begun at the saw. */
        PLANNED,
        /** A test cut is kept for it. */
        TESTED,
        /** A run was begun. */
        AT_THE_SAW,
        /** Done, dated, and in the Book. */
        FINISHED
    }

    /** In which order a shelf stands. */
    public enum Order {
        NEWEST,
        NAME,
        LARGEST
    }

    /**
     * What of the shelf is asked for.
     *
     * @param words that the name, the purpose, the wood or what goes in hold together
     * @param wood id of the walls' wood; empty for any
     */
    public record Sieve(boolean archived, String words, String wood, Stage stage, Order order) {}

    /**
     * Places on the shelf, the newest first; a damaged box keeps its place.
     *
     */
    @Transactional(readOnly = true)
    public List<Place> page(Sieve sieve, int from, int most) {
        return boxes.page(asked(sieve, from, most)).stream().map(this::place).toList();
    }

    /** How many are found. */
    @Transactional(readOnly = true)
    public int found(Sieve sieve) {
        return boxes.found(asked(sieve, 0, 0));
    }

    /** Boxes of a set that shares a place, in the order they were begun. */
    @Transactional(readOnly = true)
    public List<KeptBox> sharing(String set) {
        return boxes.sharing(set).stream().map(this::get).toList();
    }

    /** Woods the boxes on the shelf are made of. */
    @Transactional(readOnly = true)
    public List<String> woods() {
        return boxes.woods();
    }

    private static BoxMapper.Asked asked(Sieve sieve, int from, int most) {
        return new BoxMapper.Asked(
                sieve.archived() ? 1 : 0,
                searched(sieve.words()),
                sieve.wood(),
                sieve.stage().name(),
                sieve.order().name(),
                from,
                most);
    }

    @Transactional(readOnly = true)
    public List<Named> names(String words, int most) {
        return boxes.names(searched(words), most).stream()
                .map(row -> new Named(row.id(), row.name()))
                .toList();
    }

    /** The record of a box as it is, readable or not. */
    @Transactional(readOnly = true)
    public String asKept(String id) {
        return row(id).plan();
    }

    /**
     * Puts a damaged box back to the newest of its states that can be read. The damaged one stays in its history.
     *
     * @throws Refused when the box is not damaged, or none of its states can be read
     */
    @Transactional
    public KeptBox backToEarlier(String id) {
        BoxRow row = row(id);
        if (place(row).damage() == null) {
            throw new Refused("id", "This box can be read; there is nothing to go back from.");
        }
        for (StateRow state : boxes.states(id, STATES_TRIED)) {
            try {
                BoxPlan plan = json.readValue(state.plan(), BoxPlan.class);
                save(id, row.revision(), plan);
                return get(id);
            } catch (JsonProcessingException e) {
                // an older one may be sound
            }
        }
        throw new Refused(
                "id", "None of its earlier states can be read either. Download it as it is before putting it away.");
    }

    /** @throws Damaged.Unread when it cannot be read */
    @Transactional(readOnly = true)
    public KeptBox get(String id) {
        BoxRow row = row(id);
        Place place = place(row);
        if (place.box() == null) {
            throw new Damaged.Unread(
                    "The box “" + place.name() + "” is damaged and cannot be read: put it back to an earlier state.");
        }
        return place.box();
    }

    /** A box that is there and can be read. */
    @Transactional(readOnly = true)
    public Optional<KeptBox> readable(String id) {
        return Optional.ofNullable(boxes.find(id))
                .flatMap(row -> Optional.ofNullable(place(row).box()));
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return boxes.count() == 0;
    }

    /** Keeps a new box under a readable id made from its name. */
    @Transactional
    public KeptBox add(BoxPlan plan, List<TestCut> cuts) {
        return add(plan, cuts, plan.name());
    }

    /** Keeps a new box under a readable id made from other words than its name. */
    @Transactional
    public KeptBox add(BoxPlan plan, List<TestCut> cuts, String words) {
        String readable = Ids.readable(words, "box");
        // an address of the shelf itself is no box's
        String base = NOT_A_BOX.contains(readable) ? readable + "-box" : readable;
        String id = base;
        for (int n = 2; boxes.insert(id, write(plan), now(), foundBy(plan)) == 0; n++) {
            id = base + "-" + n;
        }
        boxes.remember(id, 1, write(plan), now(), null);
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
        return save(id, revision, plan, null);
    }

    /**
     * Keeps a change that undo or redo made.
     *
     * @param backTo the earlier revision whose state it is said to be again; where it is not, it counts as any change
     */
    @Transactional
    public long save(String id, long revision, BoxPlan plan, @Nullable Long backTo) {
        String text = write(plan);
        String at = now();
        if (boxes.update(id, revision, text, at, foundBy(plan)) == 0) {
            BoxRow stands = row(id);
            if (stands.revision() == revision + 1 && stands.plan().equals(text)) {
                return revision + 1;
            }
            throw new StaleWrite("This box", revision, stands.revision());
        }
        boolean again = backTo != null && text.equals(boxes.stateAt(id, backTo));
        boxes.remember(id, revision + 1, text, at, again ? backTo : null);
        return revision + 1;
    }

    /** Where undo and redo lead from what stands. */
    @Transactional(readOnly = true)
    public WayBack wayBack(String id) {
        row(id);
        List<WayBack.Step> steps = new ArrayList<>(boxes.steps(id, STATES_TRIED));
        Collections.reverse(steps);
        return WayBack.of(steps);
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
        // a clock that was set back must not put it before the one it followed
        String at = boxes.testCuts(id).stream()
                .map(TestCutRow::madeAt)
                .max(String::compareTo)
                .filter(last -> last.compareTo(cut.at()) >= 0)
                .map(last -> Instant.parse(last).plusSeconds(1).toString())
                .orElse(cut.at());
        boxes.addTestCut(id, write(cut.madeAt(at)), at);
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

    private Place place(BoxRow row) {
        BoxPlan plan;
        try {
            plan = json.readValue(row.plan(), BoxPlan.class);
        } catch (JsonProcessingException e) {
            return new Place(
                    row.id(),
                    row.name(),
                    row.savedAt(),
                    null,
                    new Damaged(Damaged.Kind.BOX, row.id(), row.name(), Damaged.why(e)));
        }
        List<KeptTestCut> cuts = new ArrayList<>();
        List<Damaged> damaged = new ArrayList<>();
        for (BoxMapper.TestCutRow cut : boxes.testCuts(row.id())) {
            try {
                cuts.add(new KeptTestCut(cut.id(), json.readValue(cut.reading(), TestCut.class)));
            } catch (JsonProcessingException e) {
                damaged.add(new Damaged(
                        Damaged.Kind.TEST_CUT,
                        String.valueOf(cut.id()),
                        "Test cut of " + cut.madeAt(),
                        Damaged.why(e)));
            }
        }
        KeptBox box = new KeptBox(
                row.id(),
                row.revision(),
                row.savedAt(),
                row.archived() == 1,
                plan,
                List.copyOf(cuts),
                List.copyOf(damaged));
        return new Place(row.id(), row.name(), row.savedAt(), box, null);
    }

    private static BoxMapper.FoundBy foundBy(BoxPlan plan) {
        SizeWish size = plan.size();
        StringBuilder words = new StringBuilder(plan.name())
                .append(' ')
                .append(plan.purpose())
                .append(' ')
                .append(plan.walls().known().name())
                .append(' ')
                .append(plan.walls().wood());
        if (size.contents() != null) {
            size.contents().items().forEach(item -> words.append(' ').append(item.name()));
        }
        return new BoxMapper.FoundBy(
                plan.name(),
                searched(words.toString()),
                plan.walls().wood(),
                Length.longer(size.length(), size.width()).mm());
    }

    private static String searched(String words) {
        return words.strip().toLowerCase(Locale.ROOT);
    }

    private String write(Object value) {
        try {
            return json.writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A plan that cannot be written", e);
        }
    }
}
