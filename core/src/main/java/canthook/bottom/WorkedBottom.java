package canthook.bottom;

import canthook.length.LengthDisplay;
import canthook.panel.HeldPanel;
import canthook.verdict.Verdict;
import canthook.working.Worked;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What follows from the bottom. */
public sealed interface WorkedBottom permits NoBottom, CapturedBottom {

    /** The panel in its grooves; empty without one. */
    Optional<HeldPanel> panel();

    /** What is left above it inside; null when nothing is there to measure from. */
    @Nullable
    Worked insideHeight();

    /** What the station has settled, in one line. */
    String line(LengthDisplay display);

    List<Worked> numbers();

    List<Verdict> verdicts();
}
