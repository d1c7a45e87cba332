package canthook.lid;

import canthook.fingers.SectionLists.Seam;
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

/** What follows from the lid. */
public sealed interface WorkedLid permits NoLid, SlidingLid, SawnOffLid, LidOnTop {

    /** What is done with each kind; a new kind is a new part here, and the compiler names every reader. */
    record Kinds<T>(
            Function<NoLid, T> none,
            Function<SlidingLid, T> sliding,
            Function<SawnOffLid, T> sawnOff,
            Function<LidOnTop, T> onTop) {}

    /** Reads the kind. */
    <T> T fold(Kinds<T> kinds);

    /** The panel in its grooves; empty where none holds it. */
    Optional<HeldPanel> panel();

    /** The grooves it runs in. */
    default List<GrooveRun> grooves() {
        return panel().map(panel -> List.of(panel.run())).orElse(List.of());
    }

    /** What is to be cut for it. */
    List<CutPiece> pieces();

    /** What it wants done beside grooves and pieces. */
    List<Step> steps(LengthDisplay display);

    /** What is left under it inside; null without a lid. */
    @Nullable
    Worked insideHeight();

    /** Where it is sawn off the box; null where it is not. */
    default @Nullable Seam seam() {
        return null;
    }

    /** What the station has settled, in one line. */
    String line(LengthDisplay display);

    List<Worked> numbers();

    /** What holds on one day of the year, 0 the driest … 1 the wettest. */
    List<Worked> numbersOn(double day, Year year);

    List<Verdict> verdicts();
}
