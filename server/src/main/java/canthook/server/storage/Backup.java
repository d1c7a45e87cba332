package canthook.server.storage;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HexFormat;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.sqlite.SQLiteConnection;

/**
 * One file with everything of a shop: its file as SQLite's own online backup takes it, photos among it, and beside it what it is, how
 * long, and its checksum. Saving goes on meanwhile: the copy is of one moment.
 */
public final class Backup {
    private static final String KIND = "cant-hook-backup";
    private static final int VERSION = 1;
    private static final String MANIFEST = "manifest.json";
    private static final int ALL_PAGES = -1;
    private static final int TRIES = 100;
    private static final int WAITS = 50;
    private static final ObjectMapper JSON = new ObjectMapper();

    private Backup() {}

    /**
     * What a backup says of itself.
     *
     * @param version of its own form
     * @param schema version of the shop's file in it
     * @param at when it was made
     * @param sha256 of the shop's file in it
     * @param bytes of that file
     */
    public record Manifest(
            String kind, int version, int schema, String at, long boxes, long photos, String sha256, long bytes) {}

    /** It is no backup, or not a whole one, or of a newer program; the message says so in a sentence. */
    public static final class Unsound extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Unsound(String sentence) {
            super(sentence);
        }
    }

    /**
     * Writes the shop of a folder.
     *
     * @param to the file; one of that name is replaced only once the new one is whole
     * @throws IOException when it cannot be written; nothing is left half written
     */
    public static Manifest write(Path folder, Path to, Instant at) throws IOException {
        Path place = to.toAbsolutePath().getParent();
        Files.createDirectories(place);
        Path copy = Files.createTempFile(place, ".backup-", ".db");
        Path part = Files.createTempFile(place, ".backup-", ".part");
        try {
            copy(folder.resolve(DataFolder.SHOP), copy);
            Manifest manifest = zip(copy, part, at);
            Files.move(part, to, StandardCopyOption.REPLACE_EXISTING);
            return manifest;
        } catch (SQLException e) {
            throw new IOException(
                    StorageFault.of(e).map(StorageFault::sentence).orElse("The shop cannot be read: " + e.getMessage()),
                    e);
        } finally {
            Files.deleteIfExists(copy);
            Files.deleteIfExists(part);
        }
    }

    private static void copy(Path shop, Path to) throws SQLException, IOException {
        if (!Files.exists(shop)) {
            throw new IOException("There is no shop in " + shop.getParent() + ".");
        }
        try (Connection from = DriverManager.getConnection("jdbc:sqlite:" + shop)) {
            int said = from.unwrap(SQLiteConnection.class)
                    .getDatabase()
                    .backup("main", to.toString(), null, WAITS, TRIES, ALL_PAGES);
            if (said != 0) {
                throw new IOException(
                        "The shop could not be copied (SQLite says " + said + "). Is there room on the disk?");
            }
        }
        // a file by itself, with nothing of it in a second one
        try (Connection copy = DriverManager.getConnection("jdbc:sqlite:" + to);
                Statement ask = copy.createStatement()) {
            ask.execute("PRAGMA journal_mode = DELETE");
        }
    }

    private static Manifest zip(Path copy, Path to, Instant at) throws IOException, SQLException {
        MessageDigest digest = sha256();
        try (OutputStream file = Files.newOutputStream(to);
                ZipOutputStream zip = new ZipOutputStream(file)) {
            zip.setLevel(Deflater.BEST_SPEED);
            zip.putNextEntry(new ZipEntry(DataFolder.SHOP));
            try (InputStream in = new DigestInputStream(Files.newInputStream(copy), digest)) {
                in.transferTo(zip);
            }
            zip.closeEntry();
            Manifest manifest;
            try (Connection read = DriverManager.getConnection("jdbc:sqlite:" + copy);
                    Statement ask = read.createStatement()) {
                manifest = new Manifest(
                        KIND,
                        VERSION,
                        DataFolder.version(ask),
                        at.truncatedTo(ChronoUnit.SECONDS).toString(),
                        count(ask, "box"),
                        count(ask, "photo"),
                        HexFormat.of().formatHex(digest.digest()),
                        Files.size(copy));
            }
            zip.putNextEntry(new ZipEntry(MANIFEST));
            zip.write(JSON.writeValueAsBytes(manifest));
            zip.closeEntry();
            return manifest;
        }
    }

    /**
     * What a backup holds, looked at without unpacking it.
     *
     * @throws Unsound when it is none
     */
    public static Manifest manifest(Path backup) throws IOException {
        try (ZipFile zip = new ZipFile(backup.toFile())) {
            return manifest(zip, backup);
        } catch (ZipException e) {
            throw new Unsound(backup.getFileName() + " is no backup, or it is cut off.");
        }
    }

    private static Manifest manifest(ZipFile zip, Path backup) throws IOException {
        ZipEntry entry = zip.getEntry(MANIFEST);
        if (entry == null || zip.getEntry(DataFolder.SHOP) == null) {
            throw new Unsound(backup.getFileName() + " is no backup of a shop.");
        }
        try (InputStream in = zip.getInputStream(entry)) {
            Manifest manifest = JSON.readValue(in, Manifest.class);
            if (!KIND.equals(manifest.kind())) {
                throw new Unsound(backup.getFileName() + " is no backup of a shop.");
            }
            if (manifest.version() > VERSION) {
                throw new Unsound(backup.getFileName() + " was made by a newer Cant Hook. Restore it with that one.");
            }
            return manifest;
        } catch (com.fasterxml.jackson.core.JsonProcessingException e) {
            throw new Unsound(backup.getFileName() + " is no backup of a shop.");
        }
    }

    /**
     * Unpacks a backup and looks whether it is whole.
     *
     * @param to where its file is put
     * @param newest version of the file that is known
     * @throws Unsound when it is no backup, not whole, damaged, or of a newer program
     */
    static Manifest unpack(Path backup, Path to, int newest) throws IOException {
        Manifest manifest;
        MessageDigest digest = sha256();
        try (ZipFile zip = new ZipFile(backup.toFile())) {
            manifest = manifest(zip, backup);
            if (manifest.schema() > newest) {
                throw new Unsound(backup.getFileName() + " was made by a newer Cant Hook (its shop is of version "
                        + manifest.schema() + ", this one knows up to " + newest + "). Restore it with that one.");
            }
            try (InputStream in = new DigestInputStream(zip.getInputStream(zip.getEntry(DataFolder.SHOP)), digest)) {
                Files.copy(in, to, StandardCopyOption.REPLACE_EXISTING);
            }
        } catch (ZipException e) {
            throw new Unsound(backup.getFileName() + " is no backup, or it is cut off.");
        }
        if (!HexFormat.of().formatHex(digest.digest()).equals(manifest.sha256())
                || Files.size(to) != manifest.bytes()) {
            throw new Unsound(backup.getFileName() + " is damaged: what is in it is not what was put in it.");
        }
        try (Connection read = DriverManager.getConnection("jdbc:sqlite:" + to);
                Statement ask = read.createStatement();
                ResultSet sound = ask.executeQuery("PRAGMA quick_check(1)")) {
            if (!"ok".equals(sound.getString(1))) {
                throw new Unsound("The shop in " + backup.getFileName() + " was damaged when it was backed up.");
            }
        } catch (SQLException e) {
            throw new Unsound("The shop in " + backup.getFileName() + " cannot be read: " + e.getMessage());
        }
        return manifest;
    }

    private static long count(Statement ask, String table) throws SQLException {
        try (ResultSet there = ask.executeQuery(
                "SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name = '" + table + "'")) {
            if (there.getInt(1) == 0) {
                return 0;
            }
        }
        try (ResultSet all = ask.executeQuery("SELECT count(*) FROM " + table)) {
            return all.getLong(1);
        }
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has it", e);
        }
    }
}
