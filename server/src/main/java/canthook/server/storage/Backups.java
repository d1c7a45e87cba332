package canthook.server.storage;

import canthook.server.keeping.Daily;
import canthook.server.storage.Backup.Manifest;
import canthook.server.storage.Backup.Unsound;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;

/** The backups in the data folder: one a day by itself, fourteen of those kept; those made by hand stay. */
@Service
public class Backups implements Daily {
    static final String FOLDER = "backups";
    static final String ENDS = ".zip";
    private static final String DAILY = "daily-";
    private static final int DAYS_KEPT = 14;
    /** In the names of those not made by itself. */
    static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss", Locale.ROOT).withZone(ZoneOffset.UTC);

    private final Path data;
    private final Clock clock;

    public Backups(@Value("${canthook.data}") String data, Clock clock) {
        this.data = Path.of(data);
        this.clock = clock;
    }

    /**
     * A backup as it lies there.
     *
     * @param name of its file
     * @param bytes of its file
     * @param holds what is in it; null when it cannot be read
     * @param daily whether it was made by itself
     */
    public record Kept(String name, long bytes, @Nullable Manifest holds, boolean daily) {}

    /** All of them, the newest first. */
    public List<Kept> all() throws IOException {
        if (!Files.isDirectory(folder())) {
            return List.of();
        }
        List<Kept> all = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder())) {
            for (Path file :
                    files.filter(f -> f.getFileName().toString().endsWith(ENDS)).toList()) {
                all.add(kept(file));
            }
        }
        all.sort(Comparator.comparing(
                        (Kept k) -> k.holds() == null ? "" : k.holds().at())
                .thenComparing(Kept::name)
                .reversed());
        return all;
    }

    private static Kept kept(Path file) throws IOException {
        String name = file.getFileName().toString();
        Manifest holds;
        try {
            holds = Backup.manifest(file);
        } catch (Unsound e) {
            holds = null;
        }
        return new Kept(name, Files.size(file), holds, name.startsWith(DAILY));
    }

    /** Makes one now. */
    public Kept make() throws IOException {
        Instant now = clock.instant();
        return made("by-hand-" + STAMP.format(now), now);
    }

    private Kept made(String name, Instant now) throws IOException {
        Path file = folder().resolve(name + ENDS);
        Backup.write(data, file, now);
        return kept(file);
    }

    @Override
    public void daily(Instant now) throws IOException {
        daily(now, ZoneId.systemDefault());
    }

    /** Makes that of a day if there is none yet, and lets the oldest go; whether one was made. */
    public boolean daily(Instant now, ZoneId zone) throws IOException {
        String name = DAILY + LocalDate.ofInstant(now, zone);
        if (Files.exists(folder().resolve(name + ENDS))) {
            return false;
        }
        made(name, now);
        List<Kept> days = all().stream()
                .filter(Kept::daily)
                .sorted(Comparator.comparing(Kept::name).reversed())
                .toList();
        for (Kept old : days.subList(Math.min(DAYS_KEPT, days.size()), days.size())) {
            Files.deleteIfExists(folder().resolve(old.name()));
        }
        return true;
    }

    /** One of them by its name; empty for any other name. */
    public Optional<Path> file(String name) throws IOException {
        return all().stream().filter(k -> k.name().equals(name)).findFirst().map(k -> folder().resolve(k.name()));
    }

    /** Where they lie. */
    public Path folder() {
        return data.resolve(FOLDER);
    }
}
