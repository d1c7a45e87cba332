package canthook.server.saw;

import canthook.server.keeping.Damaged;
import canthook.server.keeping.Keeper;
import canthook.server.keeping.Unknown;
import canthook.server.saw.RunReader.Unreadable;
import canthook.server.saw.SawMapper.EventRow;
import canthook.server.saw.SawMapper.RunRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Runs that are open and cannot be read. */
@Service
class DamagedRuns implements Keeper {
    private final SawMapper rows;
    private final SawRuns runs;
    private final RunReader reader;

    DamagedRuns(SawMapper rows, SawRuns runs, RunReader reader) {
        this.rows = rows;
        this.runs = runs;
        this.reader = reader;
    }

    @Override
    public Set<Damaged.Kind> kinds() {
        return Set.of(Damaged.Kind.RUN);
    }

    @Override
    @Transactional(readOnly = true)
    public List<Damaged> damaged() {
        List<Damaged> damaged = new ArrayList<>();
        for (RunRow row : rows.running()) {
            try {
                reader.standing(row);
            } catch (Unreadable e) {
                damaged.add(new Damaged(
                        Damaged.Kind.RUN, row.id(), "Run of " + row.boxId(), String.valueOf(e.getMessage())));
            }
        }
        return damaged;
    }

    @Override
    @Transactional(readOnly = true)
    public String asKept(Damaged.Kind kind, String id) {
        RunRow row = rows.find(id);
        if (row == null) {
            throw new Unknown("run", id);
        }
        return row.plan() + "\n" + row.rules() + "\n"
                + rows.events(id).stream().map(EventRow::event).collect(Collectors.joining("\n"));
    }

    @Override
    @Transactional
    public void putAway(Damaged.Kind kind, String id) {
        runs.close(id);
    }
}
