package canthook.server.keeping;

import canthook.refusal.OneLine;

/** There is no such thing here, or no such record of it. */
public final class Unknown extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** @param what kind of thing was asked for: {@code box} */
    public Unknown(String what, String id) {
        super("There is no " + what + " called “" + (id.length() > 60 ? OneLine.beginning(id, 60) + "…" : id)
                + "” here.");
    }
}
