package canthook.server.start;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.util.zip.GZIPInputStream;

/**
 * Run by the start script of a package before the first start: the archive of classes, packed in the package, is laid into the data folder,
 * and the application's files get back the times the archive knows them by, which copying a package may have changed. With it the first
 * start takes no longer than those that follow. Uses nothing but Java itself, so that it starts at once.
 *
 * <p>{@code LayReady APP ARCHIVE}: {@code APP/start.jsa.gz} is unpacked to {@code ARCHIVE}; {@code APP/times} has a line a file, seconds and
 * name.
 */
public final class LayReady {
    private LayReady() {}

    /** Fails where the package cannot be written and its times are others: the archive would not be taken. */
    public static void main(String[] args) throws IOException {
        layReady(Path.of(args[0]), Path.of(args[1]));
    }

    static void layReady(Path app, Path archive) throws IOException {
        for (String line : Files.readAllLines(app.resolve("times"))) {
            int space = line.indexOf(' ');
            FileTime time = FileTime.fromMillis(1000 * Long.parseLong(line.substring(0, space)));
            Path file = app.resolve(line.substring(space + 1));
            if (Files.getLastModifiedTime(file).toMillis() / 1000 != time.toMillis() / 1000) {
                Files.setLastModifiedTime(file, time);
            }
        }
        // half an archive is none: it gets its name when it is whole
        Path part = archive.resolveSibling(archive.getFileName() + ".part");
        try (InputStream packed = new GZIPInputStream(Files.newInputStream(app.resolve("start.jsa.gz")), 65_536)) {
            Files.copy(packed, part, StandardCopyOption.REPLACE_EXISTING);
        }
        Files.move(part, archive, StandardCopyOption.REPLACE_EXISTING);
    }
}
