package canthook.server.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LayReadyTest {
    private static final Instant BUILT = Instant.parse("2026-11-03T08:15:30Z");

    @TempDir
    Path folder;

    private Path app;
    private Path archive;

    @BeforeEach
    void aPackageThatWasCopied() throws IOException {
        app = Files.createDirectories(folder.resolve("app/lib")).getParent();
        archive = Files.createDirectory(folder.resolve("data")).resolve("app.jsa");
        Files.writeString(app.resolve("lib/one.jar"), "one");
        Files.writeString(app.resolve("cant-hook.jar"), "the application");
        Files.writeString(
                app.resolve("times"),
                BUILT.getEpochSecond() + " cant-hook.jar\n" + (BUILT.getEpochSecond() + 2) + " lib/one.jar\n");
        try (OutputStream packed = new GZIPOutputStream(Files.newOutputStream(app.resolve("start.jsa.gz")))) {
            packed.write("the archive".getBytes());
        }
    }

    @Test
    void theArchiveLiesInTheDataFolderAndItsFilesHaveTheTimesItKnows() throws IOException {
        LayReady.layReady(app, archive);
        assertThat(archive).hasContent("the archive");
        assertThat(archive.getParent())
                .isDirectoryNotContaining(f -> f.toString().endsWith(".part"));
        assertThat(Files.getLastModifiedTime(app.resolve("cant-hook.jar"))).isEqualTo(FileTime.from(BUILT));
        assertThat(Files.getLastModifiedTime(app.resolve("lib/one.jar")))
                .isEqualTo(FileTime.from(BUILT.plusSeconds(2)));
        assertThat(Files.getLastModifiedTime(archive)).isGreaterThan(FileTime.from(BUILT));
    }

    @Test
    void halfAnArchiveIsNone() throws IOException {
        byte[] whole = Files.readAllBytes(app.resolve("start.jsa.gz"));
        Files.write(app.resolve("start.jsa.gz"), java.util.Arrays.copyOf(whole, whole.length - 9));
        assertThatThrownBy(() -> LayReady.layReady(app, archive)).isInstanceOf(IOException.class);
        assertThat(archive).doesNotExist();
    }

    @Test
    void aFileThatIsMissingIsNotPassedOver() throws IOException {
        Files.delete(app.resolve("lib/one.jar"));
        assertThatThrownBy(() -> LayReady.layReady(app, archive)).hasMessageContaining("one.jar");
        assertThat(archive).doesNotExist();
    }
}
