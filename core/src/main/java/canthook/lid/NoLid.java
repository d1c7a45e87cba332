package canthook.lid;

import canthook.length.LengthDisplay;
import canthook.panel.HeldPanel;
import canthook.verdict.Verdict;
import canthook.working.Worked;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A box without a lid: nothing follows. */
public record NoLid() implements WorkedLid {
    @Override
    public Optional<HeldPanel> panel() {
        return Optional.empty();
    }

    @Override
    public @Nullable Worked insideHeight() {
        return null;
    }

    @Override
    public String line(LengthDisplay display) {
        return "none";
    }

    @Override
    public List<Worked> numbers() {
        return List.of();
    }

    @Override
    public List<Verdict> verdicts() {
        return List.of();
    }
}
