package canthook.server.box;

/** There is no such box, or no such record of it. */
public final class UnknownBox extends RuntimeException {
    private static final long serialVersionUID = 1L;

    UnknownBox(String id) {
        super("There is no box called “" + (id.length() > 60 ? id.substring(0, 60) + "…" : id) + "” here.");
    }
}
