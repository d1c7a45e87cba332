package canthook.server.storage;

import com.zaxxer.hikari.HikariDataSource;
import java.lang.reflect.InvocationHandler;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.concurrent.Semaphore;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/**
 * One writer at a time, the others in line behind it, and no more in line than can be served within the time that is waited. A
 * connection whose transaction did not begin, or did not end as it was told to, is in doubt: what is done on it afterwards would be written outside
 * any transaction. It does nothing any more and is thrown away.
 */
final class WritersLine extends DelegatingDataSource {
    private static final int LONGEST = 64;

    private final HikariDataSource pool;
    private final Semaphore places = new Semaphore(LONGEST, true);

    WritersLine(HikariDataSource pool) {
        super(pool);
        this.pool = pool;
    }

    @Override
    public Connection getConnection() throws SQLException {
        if (!places.tryAcquire()) {
            throw new SQLTransientConnectionException("the line of writers is full");
        }
        try {
            Connection connection = pool.getConnection();
            return (Connection) Proxy.newProxyInstance(
                    getClass().getClassLoader(), new Class<?>[] {Connection.class}, new Doubting(connection));
        } finally {
            places.release();
        }
    }

    private final class Doubting implements InvocationHandler {
        private final Connection connection;
        private boolean inDoubt;

        Doubting(Connection connection) {
            this.connection = connection;
        }

        @Override
        public @Nullable Object invoke(Object proxy, Method method, Object @Nullable [] arguments) throws Throwable {
            return switch (method.getName()) {
                case "setAutoCommit", "commit" -> {
                    if (inDoubt) {
                        throw new SQLException("this connection is in doubt and is thrown away");
                    }
                    yield turned(method, arguments);
                }
                case "rollback" -> rolledBack(method, arguments);
                default -> invoked(method, arguments);
            };
        }

        private @Nullable Object turned(Method method, Object @Nullable [] arguments) throws Throwable {
            try {
                return invoked(method, arguments);
            } catch (SQLException e) {
                doubt();
                throw e;
            }
        }

        /** Thrown away is rolled back; a full disk has done so before it was asked. */
        private @Nullable Object rolledBack(Method method, Object @Nullable [] arguments) throws Throwable {
            if (!inDoubt) {
                try {
                    return invoked(method, arguments);
                } catch (SQLException e) {
                    doubt();
                }
            }
            return null;
        }

        private void doubt() {
            inDoubt = true;
            pool.evictConnection(connection);
        }

        private @Nullable Object invoked(Method method, Object @Nullable [] arguments) throws Throwable {
            try {
                return method.invoke(connection, arguments);
            } catch (InvocationTargetException e) {
                throw e.getCause() == null ? e : e.getCause();
            }
        }
    }
}
