package canthook.server.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.jspecify.annotations.Nullable;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteOpenMode;

/**
 * The folder all is kept in, held by one server. The hold is a lock of the operating system on a file in it, which dies with its owner,
 * however that ends.
 */
public final class DataFolder implements AutoCloseable {
    /** The shop's file in it. */
    public static final String SHOP = "cant-hook.db";

    private static final String IN_USE = "in-use.lock";

    /** A larger file is not read through at the start; what is damaged in it shows where it is read. */
    private static final long READ_THROUGH = 64_000_000;

    private final FileChannel hold;

    private DataFolder(FileChannel hold) {
        this.hold = hold;
    }

    /**
     * Makes the folder if need be, holds it, and looks at the shop's file without touching it.
     *
     * @param newest the newest version of the file that is known
     * @throws CannotStart when the folder cannot be used, another server holds it, or its file is damaged or newer
     */
    public static DataFolder claim(Path folder, int newest) {
        DataFolder held = hold(folder);
        try {
            look(folder.resolve(SHOP), newest);
            return held;
        } catch (RuntimeException e) {
            held.close();
            throw e;
        }
    }

    /**
     * Makes the folder if need be and holds it; its file is not looked at.
     *
     * @throws CannotStart when the folder cannot be used or another server holds it
     */
    static DataFolder hold(Path folder) {
        try {
            Files.createDirectories(folder);
        } catch (FileAlreadyExistsException e) {
            throw new CannotStart(folder + " is no folder. Say with --data where the shop is to be kept.");
        } catch (IOException e) {
            throw new CannotStart("The data folder " + folder + " cannot be made (" + reason(e)
                    + "). Allow it, or say with --data where the shop is to be kept.");
        }
        FileChannel channel = open(folder);
        try {
            FileLock lock = lock(channel);
            if (lock == null) {
                throw new CannotStart(
                        "The data folder " + folder
                                + " is in use by another Cant Hook. Use that one, stop it, or give this one another folder with --data.");
            }
            return new DataFolder(channel);
        } catch (IOException e) {
            close(channel);
            throw new CannotStart("The data folder " + folder + " cannot be held (" + reason(e) + ").");
        } catch (RuntimeException e) {
            close(channel);
            throw e;
        }
    }

    private static FileChannel open(Path folder) {
        try {
            return FileChannel.open(folder.resolve(IN_USE), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        } catch (IOException e) {
            throw new CannotStart("Cant Hook may not write to its data folder " + folder + " (" + reason(e)
                    + "). Allow it, or say with --data where the shop is to be kept.");
        }
    }

    private static @Nullable FileLock lock(FileChannel channel) throws IOException {
        try {
            return channel.tryLock();
        } catch (OverlappingFileLockException e) {
            return null;
        }
    }

    private static void look(Path shop, int newest) {
        if (!Files.exists(shop)) {
            return;
        }
        SQLiteConfig reading = new SQLiteConfig();
        reading.setReadOnly(true);
        reading.setOpenMode(SQLiteOpenMode.READONLY);
        reading.setBusyTimeout(2000);
        try (Connection file = reading.createConnection("jdbc:sqlite:" + shop);
                Statement ask = file.createStatement()) {
            if (Files.size(shop) <= READ_THROUGH) {
                try (ResultSet sound = ask.executeQuery("PRAGMA quick_check(1)")) {
                    if (!"ok".equals(sound.getString(1))) {
                        throw new CannotStart(damaged(shop));
                    }
                }
            }
            int version = version(ask);
            if (version > newest) {
                throw new CannotStart(
                        "The shop in " + shop.getParent() + " was kept by a newer Cant Hook (version " + version
                                + "; this one knows up to " + newest + "). Nothing was touched: start the newer one.");
            }
        } catch (SQLException e) {
            throw new CannotStart(StorageFault.of(e)
                    .map(fault -> fault == StorageFault.FILE_DAMAGED ? damaged(shop) : shop + ": " + fault.sentence())
                    .orElse(shop + " cannot be read: " + e.getMessage()));
        } catch (IOException e) {
            throw new CannotStart(shop + " cannot be read (" + reason(e) + ").");
        }
    }

    /** Of the shop's file; 0 before it was brought up to date for the first time. */
    static int version(Statement ask) throws SQLException {
        try (ResultSet kept =
                ask.executeQuery("SELECT count(*) FROM sqlite_master WHERE name = 'flyway_schema_history'")) {
            if (kept.getInt(1) == 0) {
                return 0;
            }
        }
        try (ResultSet steps =
                ask.executeQuery("SELECT max(CAST(version AS INTEGER)) FROM flyway_schema_history WHERE success")) {
            return steps.getInt(1);
        }
    }

    private static String damaged(Path shop) {
        return "The shop's file " + shop
                + " is damaged. Nothing was touched: keep a copy of the folder as it is, and put a backup of it in its place.";
    }

    private static String reason(IOException e) {
        return e instanceof AccessDeniedException ? "access is denied" : String.valueOf(e.getMessage());
    }

    private static void close(FileChannel channel) {
        try {
            channel.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Lets go of the folder. */
    @Override
    public void close() {
        close(hold);
    }
}
