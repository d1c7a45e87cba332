package canthook.server.keeping;

/**
 * Something a file brings, against what is kept.
 *
 * @param kind what it is: {@code box}, {@code cutter}
 * @param name what it is called in the file; of what the file has not, here
 */
public record Found(String kind, String id, String name, Is is) {
    /** How it stands to what is kept. */
    public enum Is {
        /** Not kept here. */
        NEW,
        /** Kept here just so. */
        SAME,
        /** Kept here, and otherwise. */
        OTHER,
        /** Kept here, and not in the file. */
        ONLY_HERE
    }
}
