package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.server.box.Shelf;
import canthook.server.box.Shelf.KeptBox;
import canthook.shop.TestCut;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.WebApplicationType;
import org.springframework.context.ConfigurableApplicationContext;

/** What is kept outlives the program. */
@Tag("long")
class RestartTest {
    static ConfigurableApplicationContext start(Path data) {
        return CantHook.application(CantHook.class)
                .run(
                        "--canthook.data=" + data,
                        "--canthook.demo=true",
                        "--server.port=0",
                        "--logging.level.root=" + System.getProperty("canthook.log", "error"),
                        "--spring.main.web-application-type=" + WebApplicationType.SERVLET);
    }

    @Test
    void aBoxReopensAfterTheProgramWasStopped(@TempDir Path folder) {
        Path data = folder.resolve("not").resolve("there yet");
        BoxPlan changed;
        try (ConfigurableApplicationContext first = start(data)) {
            Shelf shelf = first.getBean(Shelf.class);
            KeptBox drawer = shelf.get("envelope-drawer");
            changed = drawer.plan().with(drawer.plan().size().withHeight(Length.mm(101.6)));
            shelf.save(drawer.id(), drawer.revision(), changed);
            shelf.addTestCut(
                    drawer.id(),
                    new TestCut(
                            "2026-05-01T08:00:00Z",
                            List.of(Length.mm(7.45)),
                            List.of(Length.mm(7.33)),
                            Length.mm(0.09)));
            shelf.archive("germination-box", true);
        }
        assertThat(Files.exists(data.resolve("cant-hook.db"))).isTrue();
        try (ConfigurableApplicationContext second = start(data)) {
            Shelf shelf = second.getBean(Shelf.class);
            KeptBox drawer = shelf.get("envelope-drawer");
            assertThat(drawer.plan()).isEqualTo(changed);
            assertThat(drawer.revision()).isEqualTo(2);
            assertThat(drawer.cuts()).hasSize(2);
            assertThat(drawer.cuts().get(1).moved()).isEqualTo(Length.mm(0.09));
            assertThat(shelf.all(false)).as("the demo is laid out once").hasSize(ServerTestBase.DEMO_BOXES - 1);
            assertThat(shelf.all(true))
                    .extracting(KeptBox::id)
                    .contains("germination-box")
                    .hasSize(ServerTestBase.DEMO_PUT_AWAY + 1);
        }
    }

    @Test
    void everyConnectionHoldsTheTablesTogether(@TempDir Path data) throws SQLException {
        try (ConfigurableApplicationContext running = start(data)) {
            running.getBean(Shelf.class).all(false);
        }
        try (Connection direct = DriverManager.getConnection("jdbc:sqlite:" + data.resolve("cant-hook.db"));
                Statement ask = direct.createStatement()) {
            assertThat(ask.executeQuery("PRAGMA journal_mode").getString(1)).isEqualTo("wal");
            assertThat(ask.executeQuery("SELECT count(*) FROM box_history").getInt(1))
                    .isEqualTo(ServerTestBase.DEMO_BOXES + ServerTestBase.DEMO_PUT_AWAY);
            assertThat(ask.executeQuery("PRAGMA foreign_key_check").next()).isFalse();
        }
    }
}
