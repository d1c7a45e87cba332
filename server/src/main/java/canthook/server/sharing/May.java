package canthook.server.sharing;

/** What a device that was let in may do, each all of the ones before. */
public enum May {
    /** Look at everything. */
    READ("look"),
    /** And mark what is done at the saw and at the clamps. */
    MARK("look, and mark at the saw"),
    /** And decide, like at this machine; who else may come in is decided at this machine alone. */
    ALL("everything");

    private final String words;

    May(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public boolean includes(May other) {
        return ordinal() >= other.ordinal();
    }
}
