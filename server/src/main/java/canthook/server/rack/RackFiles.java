package canthook.server.rack;

import canthook.board.Blank;
import canthook.refusal.Refused;
import canthook.server.keeping.Damaged;
import canthook.server.keeping.Found;
import canthook.server.keeping.Found.Is;
import canthook.server.keeping.Ids;
import canthook.server.rack.Rack.Kept;
import canthook.server.rack.Rack.Kind;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.wood.Wood;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The rack and the house rules as open files: boards and woods as CSV, to be worked on in any table, the others as JSON. What a file does not say
 * is left alone; what it does not have stays, or is taken off where the file is to stand for the whole rack.
 */
@Service
public class RackFiles {
    private static final String RULES = "house-rules.json";
    /** Woods before the boards that are made of them. */
    private static final List<Shelf<?>> SHELVES = List.of(
            new Shelf<>("rack/woods.csv", Kind.WOOD),
            new Shelf<>("rack/boards.csv", Kind.BLANK),
            new Shelf<>("rack/cutters.json", Kind.CUTTER),
            new Shelf<>("rack/jigs.json", Kind.JIG),
            new Shelf<>("rack/machines.json", Kind.MACHINE),
            new Shelf<>("rack/finishes.json", Kind.FINISH),
            new Shelf<>("rack/climates.json", Kind.CLIMATE));

    private final Rack rack;
    private final RuleBook rules;
    private final ObjectMapper json;

    RackFiles(Rack rack, RuleBook rules, ObjectMapper json) {
        this.rack = rack;
        this.rules = rules;
        this.json = json;
    }

    private record Shelf<T>(String file, Kind<T> kind) {
        boolean isTable() {
            return file.endsWith(".csv");
        }
    }

    /** Things as a file has them: each made once its id is known. */
    private record Rows<T>(List<Function<String, T>> made, List<String> names, List<String> ids) {}

    /** Whether a file of an archive belongs here. */
    public boolean knows(String file) {
        return file.equals(RULES) || SHELVES.stream().anyMatch(s -> s.file().equals(file));
    }

    /** Every file by its name. */
    @Transactional(readOnly = true)
    public Map<String, byte[]> written() {
        Map<String, byte[]> files = new LinkedHashMap<>();
        SHELVES.forEach(shelf -> files.put(shelf.file(), written(shelf)));
        files.put(RULES, bytes(changed()));
        return files;
    }

    private <T> byte[] written(Shelf<T> shelf) {
        List<T> all = rack.all(shelf.kind()).stream().map(Kept::item).toList();
        if (!shelf.isTable()) {
            return bytes(all);
        }
        String table = shelf.kind() == Kind.WOOD
                ? WoodCsv.write(all.stream().map(Wood.class::cast).toList())
                : BlankCsv.write(all.stream().map(Blank.class::cast).toList());
        return table.getBytes(StandardCharsets.UTF_8);
    }

    private byte[] bytes(Object value) {
        try {
            return json.writerWithDefaultPrettyPrinter().writeValueAsBytes(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("what is kept can be written", e);
        }
    }

    private Map<String, Double> changed() {
        HouseRules standing = rules.rules();
        Map<String, Double> changed = new TreeMap<>();
        for (HouseRule rule : HouseRule.values()) {
            if (standing.isChanged(rule)) {
                changed.put(rule.id(), standing.value(rule));
            }
        }
        return changed;
    }

    /**
     * Looks what files would bring.
     *
     * @throws Refused naming the file that cannot be read
     */
    @Transactional(readOnly = true)
    public List<Found> look(Map<String, byte[]> files) {
        List<Found> all = new ArrayList<>();
        Set<String> woods = woodsIn(files);
        for (Shelf<?> shelf : SHELVES) {
            byte[] file = files.get(shelf.file());
            if (file != null) {
                look(shelf, file, woods, all);
            }
        }
        byte[] ruled = files.get(RULES);
        if (ruled != null) {
            Map<String, Double> here = changed();
            Map<HouseRule, Double> there = rules(ruled);
            there.forEach((rule, value) -> all.add(new Found(
                    "house rule",
                    rule.id(),
                    rule.name(),
                    !here.containsKey(rule.id()) ? Is.NEW : value.equals(here.get(rule.id())) ? Is.SAME : Is.OTHER)));
            here.keySet().stream()
                    .filter(id -> !there.containsKey(HouseRule.byId(id)))
                    .forEach(id -> all.add(
                            new Found("house rule", id, HouseRule.byId(id).name(), Is.ONLY_HERE)));
        }
        return all;
    }

    private <T> void look(Shelf<T> shelf, byte[] file, Set<String> woods, List<Found> all) {
        Rows<T> rows = rows(shelf, file, woods);
        Map<String, T> here = new LinkedHashMap<>();
        rack.all(shelf.kind()).forEach(kept -> here.put(shelf.kind().id(kept.item()), kept.item()));
        for (int i = 0; i < rows.made().size(); i++) {
            String id = rows.ids().get(i);
            T kept = here.remove(id);
            Is is = kept == null ? Is.NEW : rows.made().get(i).apply(id).equals(kept) ? Is.SAME : Is.OTHER;
            all.add(new Found(shelf.kind().words(), id, rows.names().get(i), is));
        }
        here.forEach((id, item) ->
                all.add(new Found(shelf.kind().words(), id, shelf.kind().called(item), Is.ONLY_HERE)));
    }

    /**
     * Takes files in. All or nothing.
     *
     * @param whole whether they stand for the whole rack: what they do not have is taken off it
     */
    @Transactional
    public void take(Map<String, byte[]> files, boolean whole) {
        Set<String> woods = woodsIn(files);
        // boards go before the woods they are made of, and come after them
        if (whole) {
            for (int i = SHELVES.size() - 1; i >= 0; i--) {
                byte[] file = files.get(SHELVES.get(i).file());
                if (file != null) {
                    takeOff(SHELVES.get(i), file, woods);
                }
            }
        }
        for (Shelf<?> shelf : SHELVES) {
            byte[] file = files.get(shelf.file());
            if (file != null) {
                take(shelf, file, woods);
            }
        }
        byte[] ruled = files.get(RULES);
        if (ruled != null) {
            takeRules(rules(ruled), whole);
        }
    }

    private <T> void takeOff(Shelf<T> shelf, byte[] file, Set<String> woods) {
        Set<String> stays = new HashSet<>(rows(shelf, file, woods).ids());
        rack.all(shelf.kind()).stream()
                .map(kept -> shelf.kind().id(kept.item()))
                .filter(id -> !stays.contains(id))
                .forEach(id -> rack.remove(shelf.kind(), id, true));
    }

    private <T> void take(Shelf<T> shelf, byte[] file, Set<String> woods) {
        Rows<T> rows = rows(shelf, file, woods);
        Map<String, T> here = new LinkedHashMap<>();
        rack.all(shelf.kind()).forEach(kept -> here.put(shelf.kind().id(kept.item()), kept.item()));
        Rows<T> fresh = new Rows<>(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        for (int i = 0; i < rows.made().size(); i++) {
            String id = rows.ids().get(i);
            if (!here.containsKey(id) || !rows.made().get(i).apply(id).equals(here.get(id))) {
                fresh.made().add(rows.made().get(i));
                fresh.names().add(rows.names().get(i));
                fresh.ids().add(id);
            }
        }
        rack.take(shelf.kind(), fresh.made(), fresh.names(), fresh.ids());
    }

    /** Some rules may stand only after another does, so they are tried until no more of them come in. */
    private void takeRules(Map<HouseRule, Double> wanted, boolean whole) {
        if (whole) {
            rules.resetAll();
        }
        Map<HouseRule, Double> left = new LinkedHashMap<>(wanted);
        int before;
        do {
            before = left.size();
            left.entrySet().removeIf(rule -> {
                try {
                    rules.set(rule.getKey(), rule.getValue());
                    return true;
                } catch (Refused e) {
                    return false;
                }
            });
        } while (!left.isEmpty() && left.size() < before);
        left.forEach(rules::set);
    }

    private Map<HouseRule, Double> rules(byte[] file) {
        Map<HouseRule, Double> all = new LinkedHashMap<>();
        JsonNode told = tree(RULES, file);
        if (!told.isObject()) {
            throw refused(RULES, "It has no rules by their names.");
        }
        told.fields().forEachRemaining(rule -> {
            if (!rule.getValue().isNumber()) {
                throw refused(RULES, "The rule “" + rule.getKey() + "” has no number.");
            }
            all.put(HouseRule.byId(rule.getKey()), rule.getValue().asDouble());
        });
        return all;
    }

    /** Named, because an archive has many. */
    private static Refused refused(String file, String why) {
        return new Refused(file, file + ": " + why);
    }

    private Set<String> woodsIn(Map<String, byte[]> files) {
        Shelf<?> woods = SHELVES.get(0);
        byte[] file = files.get(woods.file());
        return file == null
                ? Set.of()
                : new HashSet<>(rows(woods, file, Set.of()).ids());
    }

    private <T> Rows<T> rows(Shelf<T> shelf, byte[] file, Set<String> woods) {
        if (shelf.isTable() && hasNoRows(file)) {
            return new Rows<>(List.of(), List.of(), List.of());
        }
        try {
            return shelf.isTable() ? table(shelf, file, woods) : listed(shelf, file);
        } catch (BadLines e) {
            BadLines.Line first = e.lines().get(0);
            throw new Refused(
                    shelf.file(),
                    shelf.file() + ", line " + first.line() + ": " + first.detail()
                            + " Nothing of the shop was taken.");
        }
    }

    /** Only the names of its columns: an empty shelf. */
    private static boolean hasNoRows(byte[] file) {
        return new String(file, StandardCharsets.UTF_8).strip().lines().limit(2).count() < 2;
    }

    @SuppressWarnings("unchecked")
    private <T> Rows<T> table(Shelf<T> shelf, byte[] file, Set<String> woods) {
        if (shelf.kind() == Kind.WOOD) {
            WoodCsv.Rows read = WoodCsv.read(new ByteArrayInputStream(file));
            return new Rows<>(
                    (List<Function<String, T>>) (List<?>) read.woods(),
                    read.names(),
                    named(read.ids(), read.names(), shelf));
        }
        BlankCsv.Rows read = BlankCsv.read(
                new ByteArrayInputStream(file),
                id -> woods.contains(id) || rack.wood(id).isPresent());
        return new Rows<>(
                (List<Function<String, T>>) (List<?>) read.blanks(),
                read.names(),
                named(read.ids(), read.names(), shelf));
    }

    private <T> Rows<T> listed(Shelf<T> shelf, byte[] file) {
        Rows<T> rows = new Rows<>(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        JsonNode list = tree(shelf.file(), file);
        if (!list.isArray()) {
            // an empty file must not be taken for an empty shelf
            throw refused(shelf.file(), "It is no list.");
        }
        for (JsonNode node : list) {
            if (!(node instanceof ObjectNode item)) {
                throw refused(shelf.file(), "Part of it is not what belongs there.");
            }
            Function<String, T> made = id -> read(shelf, item.deepCopy().put("id", id));
            T first = made.apply(item.path("id").asText("item"));
            rows.made().add(made);
            rows.names().add(shelf.kind().called(first));
            rows.ids().add(shelf.kind().id(first));
        }
        return rows;
    }

    /** A line without an id is known by its name. */
    private static List<String> named(List<String> ids, List<String> names, Shelf<?> shelf) {
        List<String> all = new ArrayList<>();
        for (int i = 0; i < ids.size(); i++) {
            all.add(
                    ids.get(i).isEmpty()
                            ? Ids.readable(names.get(i), shelf.kind().words())
                            : ids.get(i));
        }
        return all;
    }

    private <T> T read(Shelf<T> shelf, ObjectNode item) {
        try {
            return json.treeToValue(item, shelf.kind().type());
        } catch (JsonProcessingException e) {
            throw refused(shelf.file(), Damaged.why(e));
        }
    }

    private JsonNode tree(String file, byte[] bytes) {
        try {
            return json.readTree(bytes);
        } catch (JsonProcessingException e) {
            throw refused(file, Damaged.why(e));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
