package canthook.server.keeping;

import canthook.shop.GapAt;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Gaps this shop has met more than once, as its Book last told. */
@Component
public class GapsSeen {
    /** Said when something of the Book that is counted was taken out or put back. */
    public record CountAnew() {}

    private volatile Set<GapAt> again = Set.of();

    public Set<GapAt> again() {
        return again;
    }

    public void seen(Set<GapAt> more) {
        again = Set.copyOf(more);
    }
}
