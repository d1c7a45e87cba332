package canthook.server.files;

import canthook.plan.BoxPlan;
import canthook.plan.Fitting;
import canthook.plan.SharedPlace;
import canthook.plan.Tray;
import canthook.refusal.Refused;
import canthook.server.box.Shelf;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.export.ProjectFile;
import canthook.server.keeping.Damaged;
import canthook.server.keeping.Found;
import canthook.server.keeping.Found.Is;
import canthook.server.rack.RackFiles;
import canthook.shop.TestCut;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The shop as open files: every box that stands on the shelf with its test cuts, the rack, the house rules. Taken in, what is kept otherwise becomes
 * as the file has it, and the state before stays in its history; nothing is lost.
 */
@Service
class ShopFiles {
    static final String ABOUT = "shop.json";
    private static final String FORMAT = "cant-hook-shop";
    private static final String BOX = "boxes/([a-z0-9-]{1,80})\\.json";

    private final Shelf shelf;
    private final RackFiles rack;
    private final ObjectMapper json;

    ShopFiles(Shelf shelf, RackFiles rack, ObjectMapper json) {
        this.shelf = shelf;
        this.rack = rack;
        this.json = json;
    }

    /** What an archive says of itself. */
    record About(String format, int version) {}

    /** Everything. */
    @Transactional(readOnly = true)
    Map<String, byte[]> whole() {
        Map<String, byte[]> files = of(shelf.all(false));
        files.putAll(rack.written());
        return files;
    }

    /** A box and those it belongs together with: of one drawer, its host, its trays, and theirs. */
    @Transactional(readOnly = true)
    Map<String, byte[]> withItsSet(String id) {
        Map<String, KeptBox> set = new LinkedHashMap<>();
        List<String> next = new ArrayList<>(List.of(shelf.get(id).id()));
        while (!next.isEmpty()) {
            shelf.readable(next.remove(0))
                    .filter(box -> !set.containsKey(box.id()))
                    .ifPresent(box -> {
                        set.put(box.id(), box);
                        next.addAll(kin(box.plan()));
                    });
        }
        return of(List.copyOf(set.values()));
    }

    private Set<String> kin(BoxPlan plan) {
        Set<String> kin = new LinkedHashSet<>();
        if (plan.host() != null) {
            kin.add(plan.host());
        }
        for (Fitting fitting : plan.fittings()) {
            if (fitting instanceof Tray tray && tray.box() != null) {
                kin.add(tray.box());
            }
        }
        SharedPlace.Share shared = plan.shared();
        if (shared != null) {
            shelf.sharing(shared.place().set()).forEach(box -> kin.add(box.id()));
        }
        return kin;
    }

    private Map<String, byte[]> of(List<KeptBox> boxes) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put(ABOUT, bytes(new About(FORMAT, 1)));
        boxes.forEach(box -> files.put(
                "boxes/" + box.id() + ".json", bytes(new ProjectFile(ProjectFile.FORMAT, box.plan(), box.cuts()))));
        return files;
    }

    private byte[] bytes(Object value) {
        try {
            return json.writerWithDefaultPrettyPrinter().writeValueAsBytes(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("what is kept can be written", e);
        }
    }

    /**
     * What an archive would bring.
     *
     * @throws Refused naming the file in it that cannot be read
     */
    @Transactional(readOnly = true)
    List<Found> look(Map<String, byte[]> files) {
        isOurs(files);
        List<Found> all = new ArrayList<>();
        Map<String, KeptBox> here = here();
        boxes(files).forEach((id, file) -> {
            KeptBox kept = here.remove(id);
            Is is = kept == null ? Is.NEW : isSame(kept, file) ? Is.SAME : Is.OTHER;
            all.add(new Found("box", id, file.plan().name(), is));
        });
        here.forEach((id, box) -> all.add(new Found("box", id, box.plan().name(), Is.ONLY_HERE)));
        all.addAll(rack.look(files));
        return all;
    }

    /**
     * Takes an archive in. All or nothing.
     *
     * @param whole whether it stands for the whole shop: boxes it does not have are put away, and what it does not have of the rack is taken off
     */
    @Transactional
    void take(Map<String, byte[]> files, boolean whole) {
        isOurs(files);
        Map<String, ProjectFile> boxes = boxes(files);
        if (whole) {
            here().keySet().stream().filter(id -> !boxes.containsKey(id)).forEach(id -> shelf.archive(id, true));
        }
        boxes.forEach(this::take);
        rack.take(files, whole);
    }

    private void take(String id, ProjectFile file) {
        Optional<KeptBox> there = shelf.readable(id);
        if (there.isEmpty()) {
            shelf.add(file.plan(), cuts(file), id);
            return;
        }
        KeptBox kept = there.get();
        if (kept.archived()) {
            shelf.archive(id, false);
        }
        if (!kept.plan().equals(file.plan())) {
            shelf.save(id, kept.revision(), file.plan());
        }
        cuts(file).stream().filter(cut -> !kept.cuts().contains(cut)).forEach(cut -> shelf.addTestCut(id, cut));
    }

    private Map<String, KeptBox> here() {
        return shelf.all(false).stream()
                .collect(Collectors.toMap(KeptBox::id, Function.identity(), (one, other) -> one, LinkedHashMap::new));
    }

    private static boolean isSame(KeptBox kept, ProjectFile file) {
        return kept.plan().equals(file.plan()) && kept.cuts().containsAll(cuts(file));
    }

    private static List<TestCut> cuts(ProjectFile file) {
        return file.testCuts() == null ? List.of() : file.testCuts();
    }

    private void isOurs(Map<String, byte[]> files) {
        byte[] says = files.get(ABOUT);
        About about = says == null ? new About("", 0) : read(ABOUT, says, About.class);
        if (!FORMAT.equals(about.format())) {
            throw new Refused("file", "This is no shop of Cant Hook: it has no “" + ABOUT + "” that says so.");
        }
        if (about.version() > 1) {
            throw new Refused("file", "This shop was written by a newer Cant Hook. Take that one.");
        }
        for (String file : files.keySet()) {
            if (!file.equals(ABOUT) && !file.matches(BOX) && !rack.knows(file)) {
                throw new Refused("file", "“" + file + "” belongs to no shop. Nothing was taken.");
            }
        }
    }

    private Map<String, ProjectFile> boxes(Map<String, byte[]> files) {
        Map<String, ProjectFile> boxes = new LinkedHashMap<>();
        files.forEach((name, content) -> {
            if (name.matches(BOX)) {
                boxes.put(name.replaceFirst(BOX, "$1"), read(name, content, ProjectFile.class));
            }
        });
        return boxes;
    }

    private <T> T read(String name, byte[] content, Class<T> type) {
        try {
            return json.readValue(content, type);
        } catch (JsonProcessingException e) {
            throw new Refused("file", name + ": " + Damaged.why(e));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
