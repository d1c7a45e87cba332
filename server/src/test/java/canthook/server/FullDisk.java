package canthook.server;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.springframework.context.ConfigurableApplicationContext;

/** Makes the writers' file as full as a full disk: it may not grow by a page. */
final class FullDisk {
    private FullDisk() {}

    static void of(ConfigurableApplicationContext running, boolean full) throws SQLException {
        try (Connection writer =
                        running.getBean("writers", HikariDataSource.class).getConnection();
                Statement ask = writer.createStatement()) {
            ask.execute("PRAGMA max_page_count = " + (full ? 1 : 1_000_000));
        }
    }

    /** The writers' connection may write no more, as one opened while the file was read-only. */
    static void readOnly(ConfigurableApplicationContext running) throws SQLException {
        try (Connection writer =
                        running.getBean("writers", HikariDataSource.class).getConnection();
                Statement ask = writer.createStatement()) {
            ask.execute("PRAGMA query_only = 1");
        }
    }

    /** What was read of the file before is read anew. */
    static void forget(ConfigurableApplicationContext running) {
        running.getBeansOfType(HikariDataSource.class)
                .values()
                .forEach(pool -> pool.getHikariPoolMXBean().softEvictConnections());
    }
}
