package canthook.panel;

import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.fingers.Layout.Where;
import canthook.length.LengthDisplay;
import canthook.plan.Groove.Corners;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.size.SizedBox;
import canthook.walls.GrooveAsked;
import canthook.walls.LowWalls;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Which of the groove ends may run through and which must stop, and where. At any height one mate has a finger and the other a slot:
 * where the part has the slot, its groove comes out under the mate's finger and may run through; where it has the finger, the groove
 * runs into the finger and stops before its tip, or a notch shows there. Across a boundary it shows on both.
 *
 * <pre>
 * a stopped groove ends, from the part's finished end, at the floor of the mate's groove: T_mate − e
 *   and the panel's corners are notched r long by the groove's depth, or clipped with legs of the depth + r
 * or the bit runs on by r: T_mate − e − r, and the corners stay whole      r = half the bit
 * that is also the wall left outside
 * the stop block of that end stands, from the cutter's far edge: part's length − proud − that
 * </pre>
 *
 * Check: sides 9, ends 12, groove 4.5 deep: in the sides it ends at 12 − 4.5 = 7.5, in the ends at 9 − 4.5 = 4.5. Side 248.8 long,
 * 0.4 proud: its blocks at 248.8 − 0.4 − 7.5 = 240.9.
 */
public final class GrooveEnds {
    private GrooveEnds() {}

    /** What a groove does at one end of a part. */
    public enum Run {
        /** May run right through. */
        THROUGH,
        /** Runs into the finger and stops before its tip. */
        STOP,
        /** Shows whatever is done, unless every end is stopped. */
        SHOWS,
        /** Left open, for the lid to slide in. */
        OPEN
    }

    /**
     * One end of one part.
     *
     * @param stopAt where the groove ends if it is stopped here, from the finished end; null where it must stay open
     * @param block where the stop block for it stands, from the cutter's far edge; null likewise
     */
    public record GrooveEnd(
            PartEnd end,
            Run run,
            @Nullable Worked stopAt,
            @Nullable Worked block) {}

    /** Where a stopped groove ends, in the sides and in the ends, and where the blocks for it stand. */
    public record Stops(Worked sides, Worked ends, Worked sideBlock, Worked endBlock, Worked radius) {
        /** The less of the two: what the weakest finger keeps outside the groove. */
        public Worked thinnest() {
            return ends.length().isUnder(sides.length()) ? ends : sides;
        }
    }

    /**
     * What is wanted at groove ends beside the stops: what is taken of the panel's corners, and a plug for an end that shows.
     *
     * <pre>
     * plug  = groove's width by its depth, as long as the groove runs past the mate's groove floor: T_mate − e
     * </pre>
     */
    public static void aids(Worksheet sheet, GrooveAsked groove, Stops stops, List<GrooveEnd> ends) {
        if (ends.stream().anyMatch(e -> e.run() == Run.STOP)) {
            corner(sheet, groove, stops);
        }
        if (ends.stream().anyMatch(e -> e.run() == Run.SHOWS)) {
            Worked longest = stops.ends().length().isOver(stops.sides().length()) ? stops.ends() : stops.sides();
            sheet.work(
                    "plug",
                    "pl",
                    "Plug for an end that shows, long",
                    Show.FIT,
                    longest.times(1),
                    "From the panel's edge to the outside; as wide and as deep as the groove, its grain along the wall.");
        }
    }

    /** What is taken of the panel's corners where its groove stops: as long as this. */
    private static void corner(Worksheet sheet, GrooveAsked groove, Stops stops) {
        switch (groove.groove().atCorners()) {
            case NOTCHED ->
                sheet.work(
                        "corner-notch",
                        "cn",
                        "Notch in the panel’s corners, long",
                        Show.FIT,
                        stops.radius().times(1),
                        "The groove ends round: the panel’s corner gives way by the bit’s radius, as deep as the groove.");
            case CLIPPED ->
                sheet.work(
                        "corner-clip",
                        "cc",
                        "Legs of the panel’s clipped corners",
                        Show.FIT,
                        groove.depth().plus(stops.radius()),
                        "Clipped at 45°: the groove’s own depth and the bit’s radius.");
            case RUN_ON -> {}
        }
    }

    /** What is done to the panel's corners; nothing where no end of its groove stops. */
    public static Optional<Step> cornerStep(
            GrooveRun run, Function<String, Optional<Worked>> number, LengthDisplay display) {
        Optional<Step> notched = number.apply(run.of() + ".corner-notch")
                .map(n -> new Step(
                        Step.When.BEFORE_GLUE,
                        "Notch the " + run.of() + "’s corners where its groove stops: " + n.text(display)
                                + " along the groove by " + run.groove().depth().text(display) + ".",
                        n.id()));
        return notched.isPresent()
                ? notched
                : number.apply(run.of() + ".corner-clip")
                        .map(n -> new Step(
                                Step.When.BEFORE_GLUE,
                                "Clip the " + run.of() + "’s corners at 45° where its groove stops, legs of "
                                        + n.text(display) + ".",
                                n.id()));
    }

    /** Works out where a groove stops; one number when all walls are of one thickness. */
    public static Stops stops(Worksheet sheet, SizedBox box, GrooveAsked groove) {
        boolean alike =
                box.finalThickness().length().equals(box.finalEndThickness().length());
        Worked bit = groove.groove().bit() == null
                ? groove.width()
                : sheet.decided(
                        "groove-bit",
                        "b",
                        "Bit, diameter",
                        Show.LAYOUT,
                        groove.groove().bitOrUsual(),
                        groove.of() + ".groove.bit");
        Worked radius = sheet.work("bit-radius", "r", "Radius of the bit", Show.FIT, bit.over(2), "Half its diameter.");
        boolean runsOn = groove.groove().atCorners() == Corners.RUN_ON;
        String where = runsOn
                ? "Where the mate's groove floor is, and the bit's radius on, so that it is full there; before trimming add the"
                        + " proud. It is also the wall left outside."
                : "Where the mate's groove floor is; before trimming add the proud. It is also the wall left outside.";
        Worked sides = sheet.work(
                "stop-at",
                "z",
                alike
                        ? "Stopped groove ends, from the finished end"
                        : "In the sides a stopped groove ends, from the finished end",
                Show.FIT,
                stop(box.finalEndThickness(), groove, radius, runsOn),
                where);
        Worked ends = alike
                ? sides
                : sheet.work(
                        "stop-at-ends",
                        "zₑ",
                        "In the ends a stopped groove ends, from the finished end",
                        Show.FIT,
                        stop(box.finalThickness(), groove, radius, runsOn),
                        where);
        return new Stops(
                sides,
                ends,
                block(sheet, "block-sides", named(groove, true), box.sideLength(), box.proud(), sides),
                block(sheet, "block-ends", named(groove, false), box.endLength(), box.proud(), ends),
                radius);
    }

    /** The sides, or the ends, the groove runs in; both where it runs in neither. */
    private static String named(GrooveAsked groove, boolean sides) {
        StringBuilder named = new StringBuilder();
        for (Part part : Part.values()) {
            if (part.isSide() == sides && groove.parts().contains(part)) {
                named.append(named.isEmpty() ? "" : " and ").append(part);
            }
        }
        return !named.isEmpty() ? named.toString() : sides ? "A and C" : "B and D";
    }

    private static Term stop(Worked mate, GrooveAsked groove, Worked radius, boolean runsOn) {
        return runsOn ? mate.minus(groove.depth()).minus(radius) : mate.minus(groove.depth());
    }

    /** The part runs on until its other end meets the block: the cutter's far edge is then where the groove ends. */
    private static Worked block(
            Worksheet sheet, String name, String parts, Worked length, Worked proud, Worked stopAt) {
        return sheet.work(
                name,
                "b",
                "Stop block for " + parts + ", from the cutter’s far edge",
                Show.FIT,
                length.minus(proud).minus(stopAt),
                "One before the cutter and one behind it, where both ends stop; the fence’s other side for the mirrored part.");
    }

    /** The ends of a groove in the walls it runs in; open where a lower wall lets the panel slide in over it. */
    public static List<GrooveEnd> of(Layout layout, GrooveAsked groove, Stops stops, Optional<LowWalls> slidesOver) {
        Where where =
                layout.meets(new Span(groove.groove().offset(), groove.groove().top()));
        List<GrooveEnd> ends = new ArrayList<>();
        for (PartEnd end : PartEnd.all()) {
            if (!groove.parts().contains(end.part())) {
                continue;
            }
            boolean open = slidesOver
                    .map(low -> low.parts().contains(end.mate().part()))
                    .orElse(false);
            ends.add(
                    open
                            ? new GrooveEnd(end, Run.OPEN, null, null)
                            : new GrooveEnd(
                                    end,
                                    run(where, layout.isFingerFirst(end)),
                                    end.part().isSide() ? stops.sides() : stops.ends(),
                                    end.part().isSide() ? stops.sideBlock() : stops.endBlock()));
        }
        return ends;
    }

    private static Run run(Where where, boolean fingerFirst) {
        return switch (where) {
            case STRADDLES -> Run.SHOWS;
            case FINGER_OF_FINGER_FIRST -> fingerFirst ? Run.STOP : Run.THROUGH;
            case FINGER_OF_SLOT_FIRST -> fingerFirst ? Run.THROUGH : Run.STOP;
        };
    }
}
