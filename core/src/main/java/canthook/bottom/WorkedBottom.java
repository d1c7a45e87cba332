package canthook.bottom;

import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.GrooveRun;
import canthook.panel.HeldPanel;
import canthook.panel.Step;
import canthook.seasons.Year;
import canthook.verdict.Verdict;
import canthook.working.Worked;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** What follows from the bottom. */
public sealed interface WorkedBottom permits NoBottom, CapturedBottom, RabbetedBottom, AppliedBottom, SlattedBottom {

    /** What is done with each kind; a new kind is a new part here, and the compiler names every reader. */
    record Kinds<T>(
            Function<NoBottom, T> none,
            Function<CapturedBottom, T> captured,
            Function<RabbetedBottom, T> rabbeted,
            Function<AppliedBottom, T> applied,
            Function<SlattedBottom, T> slatted) {}

    /** Reads the kind. */
    <T> T fold(Kinds<T> kinds);

    /** The panel in its grooves; empty where none holds it. */
    Optional<HeldPanel> panel();

    /** The grooves it runs in. */
    List<GrooveRun> grooves();

    /** What is to be cut for it. */
    List<CutPiece> pieces();

    /** What it wants done beside grooves and pieces. */
    List<Step> steps(LengthDisplay display);

    /** What is left above it inside; null when nothing is there to measure from. */
    @Nullable
    Worked insideHeight();

    /** What the station has settled, in one line. */
    String line(LengthDisplay display);

    List<Worked> numbers();

    /** What holds on one day of the year, 0 the driest … 1 the wettest. */
    List<Worked> numbersOn(double day, Year year);

    List<Verdict> verdicts();
}
