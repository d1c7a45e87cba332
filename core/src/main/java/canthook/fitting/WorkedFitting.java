package canthook.fitting;

import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.Step;
import canthook.working.Worked;
import java.util.List;
import java.util.function.Function;

/** What follows from one fitting. */
public sealed interface WorkedFitting
        permits DividerIn,
                GripHole,
                PegsThrough,
                PinDownCorner,
                HandleOnLid,
                FeetUnder,
                TrayIn,
                BaseUnder,
                HandleUpright,
                BlockOfFingers,
                StayAt,
                SlitFor,
                LabelIn,
                LiningIn,
                FloorOver {

    /** What is done with each kind; a new kind is a new part here, and the compiler names every reader. */
    record Kinds<T>(
            Function<DividerIn, T> divider,
            Function<GripHole, T> grip,
            Function<PegsThrough, T> pegs,
            Function<PinDownCorner, T> pin,
            Function<HandleOnLid, T> handle,
            Function<FeetUnder, T> feet,
            Function<TrayIn, T> tray,
            Function<BaseUnder, T> base,
            Function<HandleUpright, T> upright,
            Function<BlockOfFingers, T> block,
            Function<StayAt, T> stay,
            Function<SlitFor, T> slit,
            Function<LabelIn, T> label,
            Function<LiningIn, T> lining,
            Function<FloorOver, T> second) {}

    /** Reads the kind. */
    <T> T fold(Kinds<T> kinds);

    /** Its place in the plan’s list, from 0. */
    int index();

    /** In a sentence: “divider 1”. */
    String called();

    /** In a list: “a grip”. */
    String word();

    /** Numbers its own follow from, beside those of the station: how its wood moves. */
    List<Worked> follows();

    /** Id of the number that tells where it is. */
    String place();

    /** What it takes of the walls. */
    List<Feature> features();

    List<CutPiece> pieces();

    List<Step> steps(LengthDisplay display);
}
