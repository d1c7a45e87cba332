package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.cutter.Cutter;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.JigChoice.Way;
import canthook.server.box.Shelf;
import canthook.server.rack.Rack;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;

/** A data folder of an earlier Cant Hook is taken over whole. */
@Tag("long")
class UpgradeTest {
    private static String quoted(String text) {
        return "'" + text.replace("'", "''") + "'";
    }

    @Test
    void rackAndBoxesOfAnEarlierVersionAreAllThere(@TempDir Path data) throws Exception {
        String url = "jdbc:sqlite:" + data.resolve("cant-hook.db");
        Flyway.configure()
                .dataSource(url, "", "")
                .locations("classpath:db/migration")
                .target("2")
                .load()
                .migrate();
        String drawer = new String(
                getClass().getResourceAsStream("/demo/2-envelope-drawer.json").readAllBytes(),
                java.nio.charset.StandardCharsets.UTF_8);
        String plan = new com.fasterxml.jackson.databind.ObjectMapper()
                .readTree(drawer)
                .get("plan")
                .toString();
        fill(url, plan);
        try (ConfigurableApplicationContext running = RestartTest.start(data)) {
            Rack rack = running.getBean(Rack.class);
            assertThat(rack.blanks()).extracting(b -> b.id()).containsExactly("ash-1", "ash-2");
            assertThat(rack.get(Rack.Kind.BLANK, "ash-2").revision()).isEqualTo(4);
            Shelf shelf = running.getBean(Shelf.class);
            BoxPlan box = shelf.get("old-drawer").plan();
            assertThat(box.version()).isEqualTo(BoxPlan.VERSION);
            assertThat(box.fingers().parity()).isEqualTo(Parity.ODD);
            assertThat(box.fingers().leftover()).isEqualTo(Leftover.RIP);
            assertThat(box.jig().way()).isEqualTo(Way.SLED_KEY);
            Cutter hung = rack.add(
                            Rack.Kind.CUTTER,
                            "Eight",
                            id -> new Cutter(
                                    id,
                                    "Eight",
                                    Cutter.Kind.BIT,
                                    Length.mm(8),
                                    Length.mm(8.02),
                                    null,
                                    "",
                                    null,
                                    null,
                                    null,
                                    ""))
                    .item();
            assertThat(rack.get(Rack.Kind.CUTTER, hung.id()).item()).isEqualTo(hung);
        }
        assertThat(Files.size(data.resolve("cant-hook.db"))).isPositive();
    }

    private static void fill(String url, String plan) throws SQLException {
        try (Connection direct = DriverManager.getConnection(url);
                Statement write = direct.createStatement()) {
            for (int i = 1; i <= 2; i++) {
                write.executeUpdate(
                        "INSERT INTO rack_item (kind, id, revision, item, saved_at) VALUES ('blank', 'ash-" + i
                                + "', " + 2 * i + ", "
                                + quoted("{\"id\":\"ash-" + i + "\",\"name\":\"Ash " + i
                                        + "\",\"length\":900,\"width\":100,\"thickness\":14,\"wood\":\"ash-white\",\"ringAngle\":0,"
                                        + "\"figure\":\"STRAIGHT\",\"snipe\":false,\"note\":\"\",\"defects\":[]}")
                                + ", '2026-01-01T00:00:00Z')");
            }
            write.executeUpdate("INSERT INTO box (id, revision, plan, saved_at) VALUES ('old-drawer', 3, "
                    + quoted(plan) + ", '2026-01-01T00:00:00Z')");
        }
    }
}
