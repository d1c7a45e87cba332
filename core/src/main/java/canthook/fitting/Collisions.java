package canthook.fitting;

import canthook.fingers.SectionLists.Seam;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.lid.ButtHinges;
import canthook.lid.WorkedLid;
import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.panel.GrooveEnds.Run;
import canthook.panel.GrooveRun;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.size.SizedBox;
import canthook.walls.LowWalls;
import canthook.walls.WallDemands;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;

/** Everything that takes wood of a wall, and the pairs that want the same wood. */
public final class Collisions {
    /** Steps a slope is told in. */
    private static final int STEPS = 40;

    private Collisions() {}

    /** Two that meet, the fitting first. */
    public record Pair(Feature one, Feature other) {
        /** A sentence with where it is. */
        public String says(LengthDisplay display) {
            Length low = Length.longer(one.low(), other.low());
            Length high = Length.shorter(one.high(), other.high());
            String first =
                    Character.toUpperCase(one.called().charAt(0)) + one.called().substring(1);
            return first + (one.called().endsWith("screws") ? " meet " : " meets ") + other.called()
                    + (one.called().contains(" in ") ? "" : " in " + one.part())
                    + ", "
                    + where(low, high, display);
        }

        /** There is no wood under the bottom edge. */
        private static String where(Length low, Length high, LengthDisplay display) {
            return high.isPositive()
                    ? display.number(Length.longer(low, Length.ZERO), Precision.LAYOUT) + " to "
                            + display.text(high, Precision.LAYOUT) + " above the bottom edge."
                    : "under the bottom edge.";
        }
    }

    /** What bottom, lid and lowered walls take, apart from fittings. */
    public static List<Feature> ofTheBox(
            SizedBox box, WallDemands walls, List<GrooveRun> grooves, WorkedLid lid, Length wall) {
        List<Feature> all = new ArrayList<>();
        for (GrooveRun run : grooves) {
            for (Part part : run.groove().parts()) {
                Length whole = along(box, part);
                all.add(new Feature(
                        run.of(),
                        "the " + run.of() + "’s groove",
                        part,
                        stopped(run, part, true),
                        whole.minus(stopped(run, part, false)),
                        run.groove().groove().offset(),
                        run.groove().groove().top(),
                        Length.ZERO,
                        run.groove().groove().depth()));
            }
        }
        Seam seam = lid.seam();
        if (seam != null) {
            Length half = seam.loss().dividedBy(2);
            for (Part part : Part.values()) {
                all.add(new Feature(
                        "seam",
                        "the saw’s seam",
                        part,
                        Length.ZERO,
                        along(box, part),
                        seam.at().minus(half),
                        seam.at().plus(half),
                        Length.ZERO,
                        thick(box, part)));
            }
        }
        all.addAll(lid.fold(new WorkedLid.Kinds<List<Feature>>(
                none -> List.of(),
                sliding -> List.of(),
                sawn -> sawn.hinges() == null
                        ? List.of()
                        : hinges(
                                box,
                                sawn.hinges(),
                                sawn.body().length(),
                                sawn.body().length().plus(sawn.loss().length())),
                onTop -> onTop.hinges() == null ? List.of() : hinges(box, onTop.hinges(), wall, wall))));
        LowWalls low = walls.low();
        if (low != null && !low.sloped()) {
            for (Part part : low.parts()) {
                all.add(new Feature(
                        "low",
                        "what is ripped off " + part,
                        part,
                        Length.ZERO,
                        along(box, part),
                        low.line().length(),
                        wall,
                        Length.ZERO,
                        thick(box, part)));
            }
        }
        if (low != null && low.sloped()) {
            slope(all, box, low.line().length(), wall);
        }
        return List.copyOf(all);
    }

    /**
     * What a slope takes: all of B over the line, and of the sides a wedge from nothing at D to that at B. A block cannot slope, so it is
     * told in steps, each as deep as the slope is at the step's middle.
     */
    private static void slope(List<Feature> all, SizedBox box, Length line, Length wall) {
        all.add(new Feature(
                "slope",
                "what is ripped off B",
                Part.B,
                Length.ZERO,
                along(box, Part.B),
                line,
                wall,
                Length.ZERO,
                thick(box, Part.B)));
        for (Part part : List.of(Part.A, Part.C)) {
            Length whole = along(box, part);
            for (int i = 0; i < STEPS; i++) {
                Length down = wall.minus(line).times(2 * i + 1).dividedBy(2 * STEPS);
                all.add(new Feature(
                        "slope",
                        "the slope of " + part,
                        part,
                        whole.times(i).dividedBy(STEPS),
                        whole.times(i + 1).dividedBy(STEPS),
                        wall.minus(down),
                        wall,
                        Length.ZERO,
                        thick(box, part)));
            }
        }
    }

    /** How far from the finished end of a part its groove ends, where it must stop; else it runs through. */
    private static Length stopped(GrooveRun run, Part part, boolean atOrigin) {
        for (GrooveEnd end : run.ends()) {
            Worked stop = end.stopAt();
            if (end.end().part() == part
                    && isAtOrigin(end.end()) == atOrigin
                    && end.run() == Run.STOP
                    && stop != null) {
                return stop.length();
            }
        }
        return Length.ZERO;
    }

    /** A1 and C2 lie at D, A2 and C1 at B; B1 and D2 at A, B2 and D1 at C. */
    public static boolean isAtOrigin(PartEnd end) {
        return switch (end.part()) {
            case A, B -> end.end() == 1;
            case C, D -> end.end() == 2;
        };
    }

    private static List<Feature> hinges(SizedBox box, ButtHinges hinges, Length edge, Length lidEdge) {
        List<Feature> all = new ArrayList<>();
        for (Length at : hinges.places(box)) {
            all.add(new Feature(
                    "hinge",
                    "a hinge",
                    Part.A,
                    at,
                    at.plus(hinges.told().leafLength()),
                    edge.minus(hinges.inWall().length()),
                    lidEdge.isOver(edge) ? lidEdge.plus(hinges.inLid().length()) : edge,
                    thick(box, Part.A).minus(hinges.wide().length()),
                    thick(box, Part.A)));
        }
        return all;
    }

    static Length thick(SizedBox box, Part part) {
        return (part.isSide() ? box.finalThickness() : box.finalEndThickness()).length();
    }

    /** Half a wall. */
    public static Length half(SizedBox box, Part part) {
        return thick(box, part).dividedBy(2);
    }

    static Length along(SizedBox box, Part part) {
        return (part.isSide() ? box.outsideLength() : box.outsideWidth()).length();
    }

    /**
     * Each pair of a fitting and something else, once for each two that meet.
     *
     * @param fittings what they take, that of one fitting together
     */
    public static List<Pair> among(List<Feature> fittings, List<Feature> box) {
        List<Pair> pairs = new ArrayList<>();
        int next = 0;
        for (int i = 0; i < fittings.size(); i++) {
            Feature one = fittings.get(i);
            while (next < fittings.size() && fittings.get(next).of().equals(one.of())) {
                next++;
            }
            for (Feature other : box) {
                if (one.meets(other)) {
                    add(pairs, one, other);
                }
            }
            for (int j = next; j < fittings.size(); j++) {
                Feature other = fittings.get(j);
                if (one.meets(other)) {
                    add(pairs, one, other);
                }
            }
        }
        return List.copyOf(pairs);
    }

    private static void add(List<Pair> pairs, Feature one, Feature other) {
        for (Pair pair : pairs) {
            if (pair.one().of().equals(one.of()) && pair.other().of().equals(other.of())) {
                return;
            }
        }
        pairs.add(new Pair(one, other));
    }
}
