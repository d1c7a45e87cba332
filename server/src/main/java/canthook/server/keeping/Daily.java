package canthook.server.keeping;

import java.io.IOException;
import java.time.Instant;

/** Something the shop does by itself, once a day. */
public interface Daily {
    /** Does it, unless it is done for that day. */
    void daily(Instant now) throws IOException;
}
