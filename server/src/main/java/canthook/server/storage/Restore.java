package canthook.server.storage;

import canthook.server.storage.Backup.Manifest;
import canthook.server.storage.Backup.Unsound;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A backup put in the place of a shop. What it would replace is told first; what was is kept beside it, as a backup where it can be read and
 * as it lies where it cannot. Nothing is touched before the backup is found whole.
 */
public final class Restore implements AutoCloseable {
    /** Beside the shop's file: what SQLite keeps of it in other files. */
    private static final String[] BESIDE = {"-wal", "-shm", "-journal"};

    private final Path folder;
    private final Path unpacked;
    private final Manifest brings;
    private final DataFolder hold;

    private Restore(Path folder, Path unpacked, Manifest brings, DataFolder hold) {
        this.folder = folder;
        this.unpacked = unpacked;
        this.brings = brings;
        this.hold = hold;
    }

    /**
     * Looks whether a backup is whole, and holds the folder.
     *
     * @throws Unsound when it cannot be restored here
     * @throws CannotStart when a server holds the folder
     */
    public static Restore of(Path backup, Path folder) throws IOException {
        if (!Files.isRegularFile(backup)) {
            throw new Unsound("There is no file " + backup + ".");
        }
        DataFolder hold = DataFolder.hold(folder);
        try {
            Path unpacked = Files.createTempFile(folder, ".restore-", ".db");
            try {
                return new Restore(folder, unpacked, Backup.unpack(backup, unpacked, ClaimsDataFolder.newest()), hold);
            } catch (RuntimeException | IOException e) {
                Files.deleteIfExists(unpacked);
                throw e;
            }
        } catch (RuntimeException | IOException e) {
            hold.close();
            throw e;
        }
    }

    /** What the backup brings. */
    public Manifest brings() {
        return brings;
    }

    /** Whether a shop stands there, which is replaced. */
    public boolean replaces() {
        return Files.exists(shop());
    }

    private Path shop() {
        return folder.resolve(DataFolder.SHOP);
    }

    /**
     * Puts it in place.
     *
     * @return where what was is kept; null when there was nothing
     */
    public @Nullable Path put(Instant now) throws IOException {
        Path kept = replaces() ? keep(now) : null;
        for (String beside : BESIDE) {
            Files.deleteIfExists(folder.resolve(DataFolder.SHOP + beside));
        }
        Files.move(unpacked, shop(), StandardCopyOption.REPLACE_EXISTING);
        return kept;
    }

    private Path keep(Instant now) throws IOException {
        String name = "before-restore-" + Backups.STAMP.format(now);
        Path backups = folder.resolve(Backups.FOLDER);
        Path kept = backups.resolve(name + Backups.ENDS);
        try {
            Backup.write(folder, kept, now);
            return kept;
        } catch (IOException e) {
            // what cannot be read is kept as it lies
            Path asItLies = Files.createDirectories(backups.resolve(name));
            Files.copy(shop(), asItLies.resolve(DataFolder.SHOP), StandardCopyOption.REPLACE_EXISTING);
            for (String beside : BESIDE) {
                Path other = folder.resolve(DataFolder.SHOP + beside);
                if (Files.exists(other)) {
                    Files.copy(other, asItLies.resolve(DataFolder.SHOP + beside), StandardCopyOption.REPLACE_EXISTING);
                }
            }
            return asItLies;
        }
    }

    /** Lets go of the folder; what was not put in place is gone. */
    @Override
    public void close() throws IOException {
        Files.deleteIfExists(unpacked);
        hold.close();
    }
}
