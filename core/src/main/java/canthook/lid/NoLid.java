package canthook.lid;

import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.HeldPanel;
import canthook.panel.Step;
import canthook.seasons.Year;
import canthook.verdict.Verdict;
import canthook.working.Worked;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A box without a lid: nothing follows. */
public record NoLid() implements WorkedLid {
    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.none().apply(this);
    }

    @Override
    public Optional<HeldPanel> panel() {
        return Optional.empty();
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of();
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        return List.of();
    }

    @Override
    public List<Worked> numbersOn(double day, Year year) {
        return List.of();
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
