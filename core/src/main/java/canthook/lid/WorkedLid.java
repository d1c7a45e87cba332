package canthook.lid;

import canthook.length.LengthDisplay;
import canthook.panel.HeldPanel;
import canthook.verdict.Verdict;
import canthook.working.Worked;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What follows from the lid. */
public sealed interface WorkedLid permits NoLid, SlidingLid {

    /** The panel in its grooves; empty without one. */
    Optional<HeldPanel> panel();

    /** What is left under it inside; null without a lid. */
    @Nullable
    Worked insideHeight();

    /** What the station has settled, in one line. */
    String line(LengthDisplay display);

    List<Worked> numbers();

    List<Verdict> verdicts();
}
