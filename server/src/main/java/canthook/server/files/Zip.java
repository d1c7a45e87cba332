package canthook.server.files;

import canthook.refusal.Refused;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** Files in one archive; read with a limit, so that a small one cannot become a large one. */
final class Zip {
    private static final int MOST_FILES = 20_000;
    private static final long MOST_BYTES = 200_000_000;

    private Zip() {}

    static byte[] of(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(whole)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                out.putNextEntry(new ZipEntry(file.getKey()));
                out.write(file.getValue());
                out.closeEntry();
            }
        }
        return whole.toByteArray();
    }

    /** @throws Refused when it is no archive, or holds too much */
    static Map<String, byte[]> read(InputStream in) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        long bytes = 0;
        try (ZipInputStream zip = new ZipInputStream(in)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.isDirectory()) {
                    continue;
                }
                byte[] content = zip.readNBytes((int) Math.min(Integer.MAX_VALUE - 8, MOST_BYTES - bytes + 1));
                bytes += content.length;
                if (bytes > MOST_BYTES || files.size() >= MOST_FILES) {
                    throw new Refused("file", "This archive holds more than any shop. Nothing was taken.");
                }
                files.put(entry.getName(), content);
            }
        } catch (ZipException e) {
            throw new Refused("file", "This archive is cut short or damaged. Nothing was taken.");
        }
        if (files.isEmpty()) {
            throw new Refused("file", "This is no archive, or an empty one. A shop is a .zip file.");
        }
        return files;
    }
}
