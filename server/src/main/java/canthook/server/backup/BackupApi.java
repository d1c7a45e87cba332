package canthook.server.backup;

import canthook.refusal.Refused;
import canthook.server.keeping.Unknown;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import canthook.server.storage.Backup.Manifest;
import canthook.server.storage.Backups;
import canthook.server.storage.Backups.Kept;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Backups of the shop: which there are, one made now, one taken away to another disk. */
@OpenTo(May.ALL)
@RestController
@RequestMapping("/api/backups")
public class BackupApi {
    private final Backups backups;
    private final EveryDay daily;

    BackupApi(Backups backups, EveryDay daily) {
        this.backups = backups;
        this.daily = daily;
    }

    /**
     * A backup.
     *
     * @param at when it was made; null when it cannot be read
     * @param daily whether it was made by itself
     */
    public record BackupView(String name, @Nullable String at, long bytes, long boxes, long photos, boolean daily) {}

    /**
     * All of them.
     *
     * @param folder where they lie
     * @param fault why the daily one could not be made; null when all is well
     */
    public record BackupsView(
            String folder,
            List<BackupView> backups,
            @Nullable String fault) {}

    @GetMapping
    BackupsView all() throws IOException {
        return new BackupsView(
                backups.folder().toAbsolutePath().toString(),
                backups.all().stream().map(BackupApi::view).toList(),
                daily.fault());
    }

    /** Makes one now; saving goes on. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    BackupView make() {
        try {
            return view(backups.make());
        } catch (IOException e) {
            throw new Refused("backup", "The backup could not be made: " + e.getMessage());
        }
    }

    @GetMapping(value = "/{name}", produces = "application/zip")
    ResponseEntity<Resource> file(@PathVariable String name) throws IOException {
        Path file = backups.file(name).orElseThrow(() -> new Unknown("backup", name));
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("application/zip"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(new FileSystemResource(file));
    }

    private static BackupView view(Kept kept) {
        Manifest holds = kept.holds();
        return new BackupView(
                kept.name(),
                holds == null ? null : holds.at(),
                kept.bytes(),
                holds == null ? 0 : holds.boxes(),
                holds == null ? 0 : holds.photos(),
                kept.daily());
    }
}
