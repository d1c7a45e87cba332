package canthook;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/**
 * What makers are told, as it was read and approved. A difference names its line; {@code -Dcanthook.approve=true} writes the file anew, and
 * the change is then read like any other.
 */
public final class Approved {
    private static final Path FOLDER = Path.of("src/test/resources/canthook/approved");

    private Approved() {}

    public static void check(String name, List<String> told) throws IOException {
        Path file = FOLDER.resolve(name + ".txt");
        if (Boolean.getBoolean("canthook.approve")) {
            Files.write(file, told, StandardCharsets.UTF_8);
        }
        List<String> approved = Files.readAllLines(file, StandardCharsets.UTF_8);
        for (int i = 0; i < Math.min(told.size(), approved.size()); i++) {
            assertThat(told.get(i)).as("%s, line %d", file, i + 1).isEqualTo(approved.get(i));
        }
        assertThat(told).as("lines of %s", file).hasSameSizeAs(approved);
    }
}
