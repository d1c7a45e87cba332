package canthook.server.keeping;

import canthook.server.keeping.Damaged.Kind;
import java.util.List;
import java.util.Set;

/** Keeps records of some kinds, and knows those that cannot be read. */
public interface Keeper {
    Set<Kind> kinds();

    List<Damaged> damaged();

    /** The record as it is. */
    String asKept(Kind kind, String id);

    /** Takes it out of use; its record stays where it is, but for a house rule, which then has its usual value. */
    void putAway(Kind kind, String id);
}
