package canthook.server.storage;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;

/**
 * A connection that met a fault of the file is not used again: one that was opened while the file was read-only or out of reach would
 * stay so after it is well again. A busy file is no fault of the connection.
 */
public final class ThrownAway implements SQLExceptionOverride {
    @java.lang.Override
    public SQLExceptionOverride.Override adjudicate(SQLException error) {
        return StorageFault.of(error)
                .filter(fault -> fault != StorageFault.FILE_BUSY)
                .map(fault -> SQLExceptionOverride.Override.MUST_EVICT)
                .orElse(SQLExceptionOverride.Override.CONTINUE_EVICT);
    }
}
