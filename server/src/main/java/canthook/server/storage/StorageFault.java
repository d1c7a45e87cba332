package canthook.server.storage;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.sqlite.SQLiteErrorCode;

/** What can be the matter with the shop's file, and what the maker can do. Codes as SQLite names them. */
public enum StorageFault {
    FILE_BUSY(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The shop's file is in use by another program, or by too many writers at once; nothing was kept, it will be"
                    + " tried again."),
    DISK_FULL(
            HttpStatus.INSUFFICIENT_STORAGE,
            "The disk is full; nothing was kept. Free some space on it, and what is on this page is kept then."),
    FILE_READ_ONLY(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The shop's file can be read but not written; nothing was kept. Allow Cant Hook to write to its data folder."),
    FILE_OUT_OF_REACH(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The shop's file cannot be reached. Is its disk still connected, and may Cant Hook open its data folder?"),
    FILE_DAMAGED(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The shop's file is damaged. Stop Cant Hook, keep a copy of the data folder as it is, and put a backup in its place.");

    private final HttpStatus status;
    private final String sentence;

    StorageFault(HttpStatus status, String sentence) {
        this.status = status;
        this.sentence = sentence;
    }

    public HttpStatus status() {
        return status;
    }

    public String sentence() {
        return sentence;
    }

    /** The fault behind an error, if it is one of the file's and not of ours. */
    public static Optional<StorageFault> of(Throwable error) {
        int depth = 0;
        for (Throwable cause = error; cause != null && depth < 20; cause = cause.getCause(), depth++) {
            if (cause instanceof SQLException sql) {
                Optional<StorageFault> fault = byCode(sql);
                if (fault.isPresent()) {
                    return fault;
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<StorageFault> byCode(SQLException sql) {
        if (sql instanceof SQLTransientConnectionException) {
            // no place in the line of writers within the time that is waited; or the file could not be opened, said by
            // its cause
            return Optional.of(Optional.ofNullable(sql.getCause())
                    .flatMap(StorageFault::of)
                    .orElse(FILE_BUSY));
        }
        // the driver gives the extended code; its lower byte is the kind of error
        return switch (SQLiteErrorCode.getErrorCode(sql.getErrorCode() & 0xff)) {
            case SQLITE_BUSY, SQLITE_LOCKED -> Optional.of(FILE_BUSY);
            case SQLITE_FULL -> Optional.of(DISK_FULL);
            case SQLITE_READONLY, SQLITE_PERM, SQLITE_AUTH -> Optional.of(FILE_READ_ONLY);
            case SQLITE_CANTOPEN, SQLITE_IOERR, SQLITE_NOLFS -> Optional.of(FILE_OUT_OF_REACH);
            case SQLITE_CORRUPT, SQLITE_NOTADB, SQLITE_FORMAT -> Optional.of(FILE_DAMAGED);
            // a file that was sound at the start has lost its tables: another lies in its place, or its first pages are
            // gone
            case SQLITE_ERROR ->
                String.valueOf(sql.getMessage()).contains("no such table")
                        ? Optional.of(FILE_DAMAGED)
                        : Optional.empty();
            default -> Optional.empty();
        };
    }
}
