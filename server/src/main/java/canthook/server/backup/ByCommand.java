package canthook.server.backup;

import canthook.server.storage.Backup;
import canthook.server.storage.Backup.Manifest;
import canthook.server.storage.Backup.Unsound;
import canthook.server.storage.CannotStart;
import canthook.server.storage.Restore;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;

/**
 * A shop backed up or brought back from the terminal: {@code --canthook.backup=FILE}, {@code --canthook.restore=FILE}. Without the server: a
 * backup may be made beside one that runs, a restore may not.
 */
public final class ByCommand {
    private static final int DONE = 0;
    private static final int NOT_DONE = 2;

    private final Path folder;
    private final InputStream in;
    private final PrintStream out;
    private final boolean sure;

    private ByCommand(Path folder, boolean sure, InputStream in, PrintStream out) {
        this.folder = folder;
        this.sure = sure;
        this.in = in;
        this.out = out;
    }

    /**
     * Does what the arguments ask for.
     *
     * @return what the program ends with; empty when they ask for neither
     */
    public static Optional<Integer> run(String[] arguments, InputStream in, PrintStream out, Instant now) {
        Optional<String> backup = said(arguments, "backup");
        Optional<String> restore = said(arguments, "restore");
        if (backup.isEmpty() && restore.isEmpty()) {
            return Optional.empty();
        }
        Path folder = Path.of(said(arguments, "data").orElse(System.getProperty("user.home") + "/.cant-hook"))
                .toAbsolutePath();
        ByCommand command = new ByCommand(
                folder, said(arguments, "sure").filter("true"::equals).isPresent(), in, out);
        try {
            return Optional.of(
                    backup.isPresent()
                            ? command.backUp(Path.of(backup.get()).toAbsolutePath(), now)
                            : command.restore(Path.of(restore.orElseThrow()).toAbsolutePath(), now));
        } catch (IOException | Unsound | CannotStart e) {
            out.println(e.getMessage());
            return Optional.of(NOT_DONE);
        }
    }

    private static Optional<String> said(String[] arguments, String name) {
        String begins = "--canthook." + name + "=";
        return Arrays.stream(arguments)
                .filter(a -> a.startsWith(begins))
                .map(a -> a.substring(begins.length()))
                .findFirst();
    }

    private int backUp(Path file, Instant now) throws IOException {
        Manifest made = Backup.write(folder, file, now);
        out.println("Backed up to " + file + ": " + told(made) + ".");
        return DONE;
    }

    private int restore(Path file, Instant now) throws IOException {
        try (Restore restore = Restore.of(file, folder)) {
            out.println("The backup of " + restore.brings().at() + " brings " + told(restore.brings()) + ".");
            if (restore.replaces()) {
                out.println("It replaces the shop in " + folder + ". What is there now is kept beside it.");
                if (!sure && !isYes()) {
                    out.println("Nothing was touched.");
                    return NOT_DONE;
                }
            }
            Path kept = restore.put(now);
            out.println("Restored to " + folder + "." + (kept == null ? "" : " What was there is in " + kept + "."));
            return DONE;
        }
    }

    private boolean isYes() throws IOException {
        out.print("Go on? Type yes: ");
        out.flush();
        String line = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8)).readLine();
        return line != null && line.strip().equalsIgnoreCase("yes");
    }

    private static String told(Manifest holds) {
        return holds.boxes() + (holds.boxes() == 1 ? " box" : " boxes") + " and " + holds.photos()
                + (holds.photos() == 1 ? " photo" : " photos");
    }
}
