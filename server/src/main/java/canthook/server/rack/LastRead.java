package canthook.server.rack;

import canthook.server.rack.Rack.Kept;
import canthook.server.rack.Rack.Kind;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** All of one kind on the rack, read again only when something on the rack has changed: every plan that is worked asks for it. */
final class LastRead<T> {
    private final Rack rack;
    private final Kind<T> kind;
    private volatile @Nullable Read<T> last;

    /** @param changes on the rack before it was read */
    private record Read<T>(long changes, List<T> items) {}

    LastRead(Rack rack, Kind<T> kind) {
        this.rack = rack;
        this.kind = kind;
    }

    List<T> items() {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            // who writes sees what is written already, and who began to read may see what was before: neither is for
            // others
            return read();
        }
        long changes = rack.changes();
        Read<T> known = last;
        if (known == null || known.changes != changes) {
            known = new Read<>(changes, read());
            last = known;
        }
        return known.items;
    }

    private List<T> read() {
        return rack.all(kind).stream().map(Kept::item).toList();
    }
}
