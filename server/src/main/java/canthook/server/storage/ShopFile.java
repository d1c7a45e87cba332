package canthook.server.storage;

import com.zaxxer.hikari.HikariDataSource;
import javax.sql.DataSource;
import org.apache.ibatis.session.ExecutorType;
import org.apache.ibatis.session.SqlSessionFactory;
import org.mybatis.spring.MyBatisExceptionTranslator;
import org.mybatis.spring.SqlSessionTemplate;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.datasource.LazyConnectionDataSourceProxy;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.jdbc.support.SQLErrorCodeSQLExceptionTranslator;

/**
 * The shop's file, opened twice: for readers, whose transactions take no lock and see the state they began with, and for one writer,
 * whose transaction takes the lock as it begins, so that none is refused half way.
 */
@Configuration
class ShopFile {
    private static final String KIND = "SQLite";
    private static final int READERS = 4;

    /** How long a writer waits for another program to let go of the file, milliseconds. */
    private static final int WAITS_FOR_FILE = 2500;

    /** How long a writer waits in line, milliseconds. */
    private static final int WAITS_IN_LINE = 4000;

    private final String url;

    ShopFile(@Value("${spring.datasource.url}") String url) {
        this.url = url;
    }

    @Bean(destroyMethod = "close")
    HikariDataSource readers() {
        return pool("readers", READERS, "DEFERRED");
    }

    @Bean(destroyMethod = "close")
    HikariDataSource writers() {
        return pool("writers", 1, "IMMEDIATE");
    }

    /** What is marked as reading reads; all else takes its place in line once it says its first sentence to the file. */
    @Bean
    @Primary
    DataSource dataSource() {
        LazyConnectionDataSourceProxy either = new LazyConnectionDataSourceProxy(new WritersLine(writers()));
        either.setReadOnlyDataSource(readers());
        return either;
    }

    /** Knows what file it is without asking it, for it is asked when the file is in trouble. */
    @Bean
    JdbcTransactionManager transactionManager(DataSource file) {
        JdbcTransactionManager manager = new JdbcTransactionManager(file);
        manager.setDatabaseProductName(KIND);
        return manager;
    }

    @Bean
    SqlSessionTemplate sqlSessionTemplate(SqlSessionFactory sessions) {
        return new SqlSessionTemplate(
                sessions,
                ExecutorType.SIMPLE,
                new MyBatisExceptionTranslator(() -> new SQLErrorCodeSQLExceptionTranslator(KIND), true));
    }

    private HikariDataSource pool(String name, int size, String begin) {
        // opens the file when it is first asked for something, and not while it is being brought up to date
        HikariDataSource pool = new HikariDataSource();
        pool.setPoolName(name);
        pool.setJdbcUrl(url);
        pool.setDriverClassName("org.sqlite.JDBC");
        pool.setMaximumPoolSize(size);
        pool.setExceptionOverrideClassName(ThrownAway.class.getName());
        pool.setConnectionTimeout(WAITS_IN_LINE);
        pool.addDataSourceProperty("journal_mode", "WAL");
        pool.addDataSourceProperty("foreign_keys", "true");
        pool.addDataSourceProperty("busy_timeout", String.valueOf(WAITS_FOR_FILE));
        pool.addDataSourceProperty("synchronous", "FULL");
        pool.addDataSourceProperty("transaction_mode", begin);
        return pool;
    }
}
