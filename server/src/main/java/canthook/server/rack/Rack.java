package canthook.server.rack;

import canthook.board.Blank;
import canthook.breakdown.Offcuts;
import canthook.cutter.Cutter;
import canthook.refusal.Refused;
import canthook.server.keeping.Damaged;
import canthook.server.keeping.Ids;
import canthook.server.keeping.Keeper;
import canthook.server.keeping.StaleWrite;
import canthook.server.keeping.Unknown;
import canthook.server.rack.RackMapper.ItemRow;
import canthook.shop.Climate;
import canthook.shop.Machine;
import canthook.shop.RackFinish;
import canthook.shop.RackJig;
import canthook.wood.Wood;
import canthook.wood.Woods;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** The rack: blanks, the maker's own woods and climates. What is taken off it can be put back. */
@Service
public class Rack implements Keeper {
    /** More than this of one kind is no rack any more. */
    private static final int MOST = 2000;

    private final RackMapper items;
    private final ObjectMapper json;
    private final Clock clock;
    private final AtomicLong changes = new AtomicLong();

    Rack(RackMapper items, ObjectMapper json, Clock clock) {
        this.items = items;
        this.json = json;
        this.clock = clock;
    }

    /** What is kept on the rack, with the revision a change must be made from. */
    public record Kept<T>(long revision, T item) {}

    /** A kind of thing on the rack. */
    public static final class Kind<T> {
        public static final Kind<Blank> BLANK =
                new Kind<>("blank", Damaged.Kind.BLANK, Blank.class, Blank::id, Blank::name);
        public static final Kind<Wood> WOOD = new Kind<>("wood", Damaged.Kind.WOOD, Wood.class, Wood::id, Wood::name);
        public static final Kind<Climate> CLIMATE =
                new Kind<>("climate", Damaged.Kind.CLIMATE, Climate.class, Climate::id, Climate::name);
        public static final Kind<Cutter> CUTTER =
                new Kind<>("cutter", Damaged.Kind.CUTTER, Cutter.class, Cutter::id, Cutter::name);
        public static final Kind<RackJig> JIG =
                new Kind<>("jig", Damaged.Kind.JIG, RackJig.class, RackJig::id, RackJig::name);
        public static final Kind<RackFinish> FINISH =
                new Kind<>("finish", Damaged.Kind.FINISH, RackFinish.class, RackFinish::id, RackFinish::name);
        public static final Kind<Machine> MACHINE =
                new Kind<>("machine", Damaged.Kind.MACHINE, Machine.class, Machine::id, Machine::name);
        private static final List<Kind<?>> ALL = List.of(BLANK, WOOD, CLIMATE, CUTTER, JIG, FINISH, MACHINE);

        private final Damaged.Kind damaged;
        private final String name;
        private final Class<T> type;
        private final Function<T, String> id;
        private final Function<T, String> called;

        private Kind(
                String name, Damaged.Kind damaged, Class<T> type, Function<T, String> id, Function<T, String> called) {
            this.name = name;
            this.damaged = damaged;
            this.type = type;
            this.id = id;
            this.called = called;
        }

        String id(T item) {
            return id.apply(item);
        }

        String called(T item) {
            return called.apply(item);
        }

        Class<T> type() {
            return type;
        }

        /** What the shop calls it: {@code board}. */
        String words() {
            return this == BLANK ? "board" : name;
        }
    }

    @Transactional(readOnly = true)
    public <T> List<Kept<T>> all(Kind<T> kind) {
        return items.all(kind.name).stream()
                .flatMap(row -> readable(kind, row).stream())
                .toList();
    }

    /** How often something on the rack changed since the start; counted once the change stands, or was given up. */
    long changes() {
        return changes.get();
    }

    /** Only within a transaction. */
    private void somethingChanges() {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                changes.incrementAndGet();
            }
        });
    }

    @Override
    public Set<Damaged.Kind> kinds() {
        return Kind.ALL.stream().map(k -> k.damaged).collect(Collectors.toSet());
    }

    /** What hangs or lies on the rack and cannot be read. */
    @Override
    @Transactional(readOnly = true)
    public List<Damaged> damaged() {
        List<Damaged> damaged = new ArrayList<>();
        for (Kind<?> kind : Kind.ALL) {
            for (ItemRow row : items.all(kind.name)) {
                try {
                    json.readValue(row.item(), kind.type);
                } catch (JsonProcessingException e) {
                    damaged.add(new Damaged(kind.damaged, row.id(), row.id(), Damaged.why(e)));
                }
            }
        }
        return damaged;
    }

    @Override
    @Transactional(readOnly = true)
    public String asKept(Damaged.Kind kind, String id) {
        ItemRow row = items.find(of(kind).name, id);
        if (row == null) {
            throw new Unknown(of(kind).name, id);
        }
        return row.item();
    }

    @Override
    @Transactional
    public void putAway(Damaged.Kind kind, String id) {
        remove(of(kind), id, true);
    }

    private static Kind<?> of(Damaged.Kind kind) {
        return Kind.ALL.stream().filter(k -> k.damaged == kind).findFirst().orElseThrow();
    }

    /** All blanks, as the cutting wants them. */
    @Transactional(readOnly = true)
    public List<Blank> blanks() {
        return all(Kind.BLANK).stream().map(Kept::item).toList();
    }

    /** A wood by its id, published or the maker's own. */
    @Transactional(readOnly = true)
    public Optional<Wood> wood(String id) {
        return Woods.published()
                .find(id)
                .or(() -> Optional.ofNullable(items.find(Kind.WOOD.name, id))
                        .filter(row -> row.removed() == 0)
                        .flatMap(row -> readable(Kind.WOOD, row))
                        .map(Kept::item));
    }

    @Transactional(readOnly = true)
    public <T> Kept<T> get(Kind<T> kind, String id) {
        ItemRow row = items.find(kind.name, id);
        if (row == null) {
            throw new Unknown(kind.name, id);
        }
        return kept(kind, row);
    }

    /**
     * Keeps a new thing.
     *
     * @param item makes the thing once its id is known
     */
    @Transactional
    public <T> Kept<T> add(Kind<T> kind, String name, Function<String, T> item) {
        return add(kind, name, item, new HashMap<>());
    }

    /** @param tried the highest number tried behind each name so far, so that many of one name are not tried from the first each time */
    private <T> Kept<T> add(Kind<T> kind, String name, Function<String, T> item, Map<String, Integer> tried) {
        somethingChanges();
        if (items.count(kind.name) >= MOST) {
            throw new Refused("", "The rack holds " + MOST + " already. Take some off first.");
        }
        String base = Ids.readable(name, kind.name);
        int n = tried.getOrDefault(base, 1);
        T made = item.apply(numbered(base, n));
        checked(kind, made);
        while (isTaken(kind, kind.id(made)) || items.insert(kind.name, kind.id(made), write(made), now()) == 0) {
            made = item.apply(numbered(base, ++n));
        }
        tried.put(base, n);
        return new Kept<>(1, made);
    }

    private static String numbered(String base, int n) {
        return n == 1 ? base : base + "-" + n;
    }

    /** A wood of one's own must not go by the id of a published one. */
    private static boolean isTaken(Kind<?> kind, String id) {
        return kind == Kind.WOOD && Woods.published().find(id).isPresent();
    }

    /** @throws StaleWrite when it has been changed since {@code revision}; nothing is written then */
    @Transactional
    public <T> Kept<T> save(Kind<T> kind, String id, long revision, T item) {
        if (!kind.id(item).equals(id)) {
            throw new Refused("id", "The thing sent goes by another id than the address says.");
        }
        checked(kind, item);
        somethingChanges();
        String text = write(item);
        if (items.update(kind.name, id, revision, text, now()) == 0) {
            ItemRow stands = items.find(kind.name, id);
            if (stands == null) {
                throw new Unknown(kind.name, id);
            }
            // the same change sent again, because its answer was lost, is kept already
            if (stands.revision() != revision + 1 || !stands.item().equals(text)) {
                throw new StaleWrite(kind.called.apply(item), revision, stands.revision());
            }
        }
        return new Kept<>(revision + 1, item);
    }

    /** Takes it off the rack, or puts it back. */
    @Transactional
    public void remove(Kind<?> kind, String id, boolean removed) {
        somethingChanges();
        if (items.remove(kind.name, id, removed ? 1 : 0, now()) == 0) {
            throw new Unknown(kind.name, id);
        }
    }

    /** What a file did to the rack. */
    public record Imported(int added, int changed) {}

    /** Takes in a whole file: those with an id that is on the rack are changed, the others added. All or nothing. */
    @Transactional
    public <T> Imported take(Kind<T> kind, List<Function<String, T>> rows, List<String> names, List<String> ids) {
        int added = 0;
        int changed = 0;
        Map<String, Integer> tried = new HashMap<>();
        for (int i = 0; i < rows.size(); i++) {
            String id = ids.get(i);
            ItemRow row = id.isEmpty() ? null : items.find(kind.name, id);
            if (row == null) {
                add(kind, id.isEmpty() ? names.get(i) : id, rows.get(i), tried);
                added++;
            } else {
                items.remove(kind.name, id, 0, now());
                save(kind, id, row.revision(), rows.get(i).apply(id));
                changed++;
            }
        }
        return new Imported(added, changed);
    }

    /**
     * A board that was cut is taken off, what was left over is put on. All or nothing.
     *
     * @param board as it was when it was planned
     * @return ids of the offcuts, as they are kept
     */
    @Transactional
    public List<String> cut(Blank board, List<Blank> offcuts) {
        ItemRow row = items.find(Kind.BLANK.name, board.id());
        if (row == null || row.removed() == 1) {
            throw new Refused("boards", board.name() + " is not on the rack any more. Was it cut already?");
        }
        if (!kept(Kind.BLANK, row).item().equals(board)) {
            throw new Refused(
                    "boards", board.name() + " was changed since this was planned. Look at the plan once more.");
        }
        remove(Kind.BLANK, board.id(), true);
        List<String> names = blanks().stream().map(Blank::name).toList();
        List<String> ids = new ArrayList<>();
        for (Blank offcut : Offcuts.named(offcuts, names)) {
            ids.add(add(Kind.BLANK, offcut.name(), offcut::withId).item().id());
        }
        return ids;
    }

    /** It was not cut after all: the board lies on the rack again, its offcuts do not. All or nothing. */
    @Transactional
    public void uncut(Blank board, List<String> offcuts) {
        for (String id : offcuts) {
            ItemRow row = items.find(Kind.BLANK.name, id);
            if (row == null || row.removed() == 1) {
                throw new Refused(
                        "boards",
                        "An offcut of " + board.name()
                                + " is not on the rack any more: the board cannot be whole again.");
            }
            remove(Kind.BLANK, id, true);
        }
        remove(Kind.BLANK, board.id(), false);
    }

    private <T> void checked(Kind<T> kind, T item) {
        if (item instanceof Blank blank && wood(blank.wood()).isEmpty()) {
            throw new Refused("wood", "No wood is known here by the name “" + blank.wood() + "”.");
        }
    }

    private <T> Kept<T> kept(Kind<T> kind, ItemRow row) {
        return readable(kind, row)
                .orElseThrow(() -> new Damaged.Unread("“" + row.id() + "” is damaged and cannot be read."));
    }

    /** Nothing when it is damaged; {@link #damaged} tells of it. */
    private <T> Optional<Kept<T>> readable(Kind<T> kind, ItemRow row) {
        try {
            return Optional.of(new Kept<>(row.revision(), json.readValue(row.item(), kind.type)));
        } catch (JsonProcessingException e) {
            return Optional.empty();
        }
    }

    private String write(Object value) {
        try {
            return json.writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A thing that cannot be written", e);
        }
    }

    private String now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS).toString();
    }
}
