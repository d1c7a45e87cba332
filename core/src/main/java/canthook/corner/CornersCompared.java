package canthook.corner;

import static canthook.working.Term.fixed;

import canthook.fingers.Ladder;
import canthook.size.SizedBox;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;

/**
 * The same outside and the same inside with every kind of corner: how long the parts are, how much long grain meets long
 * grain, and how that compares with a plain butt (H · T, and that is end grain).
 *
 * <pre>
 * finger            side L + 2 P   end W + 2 P            glue (n − 1) · T · Te
 * rabbeted butt     side L         end W − 2 (T − r)      glue 0: every face has end grain
 * rabbet and dado   side L         end W − 2 (T − r)      glue 0: the tongue stands between end-grain walls
 * half-lap          side L + 2 P   end W + 2 P            glue T · Te: one face, a finger corner of two sections
 * mitre, k splines  side L         end W                  glue 2 · k · T²: both faces of a spline let in as deep as the wall
 * </pre>
 *
 * r is half the side's thickness; a spline for every 25 mm of height, two at least. Check: 248 × 166 × 96, T 12, 13 sections,
 * proud 0.4: finger 248.8 and 166.8, 17.28 cm², ratio 1.5; rabbeted butt 248 and 154; half-lap 1.44 cm²; mitre with 4 splines
 * 11.52 cm².
 */
public record CornersCompared(List<Way> ways, List<Worked> numbers) {
    private static final double SPLINE_EVERY = 25;

    /**
     * One kind of corner.
     *
     * @param glue long grain to long grain, one corner
     * @param ratio of the glue area to a plain butt's
     */
    public record Way(Corner corner, Worked side, Worked end, Worked glue, Worked ratio) {}

    public static CornersCompared of(SizedBox box, Ladder fingers) {
        Worksheet sheet = new Worksheet("corners");
        Worked t = box.thickness();
        Worked te = box.endThickness();
        Worked rabbet = sheet.work(
                "rabbet",
                "r",
                "Rabbet or dado, depth",
                Show.LAYOUT,
                box.finalThickness().over(2),
                "Half the side's thickness, as is usual.");
        Worked splines = sheet.work(
                "splines",
                "k",
                "Splines a corner",
                Show.COUNT,
                Term.larger(
                        fixed(2), Term.roundedUp(box.height().over(fixed(canthook.length.Length.mm(SPLINE_EVERY))))),
                "Evenly over the height, two at least.");
        Worked butt = sheet.work(
                "butt",
                "A₀",
                "Face of a plain butt",
                Show.AREA,
                box.height().times(t),
                "The height times the thickness, and that is end grain.");
        Term shorter =
                box.outsideWidth().minus(fixed(2).times(box.finalThickness().minus(rabbet)));
        List<Way> ways = new ArrayList<>();
        ways.add(new Way(
                Corner.FINGER,
                box.sideLength(),
                box.endLength(),
                fingers.chosen().glueArea(),
                fingers.chosen().glueRatio()));
        ways.add(way(
                sheet,
                Corner.RABBETED_BUTT,
                butt,
                box.outsideLength().times(1),
                shorter,
                butt.times(0),
                "Nothing: on every face the grain of one of the two ends."));
        ways.add(way(
                sheet,
                Corner.RABBET_AND_DADO,
                butt,
                box.outsideLength().times(1),
                shorter,
                butt.times(0),
                "Nothing: the tongue's long grain stands between the end-grain walls of the dado."));
        ways.add(way(
                sheet,
                Corner.HALF_LAP,
                butt,
                box.sideLength().times(1),
                box.endLength().times(1),
                t.times(te),
                "One face, where the two notches lie on each other."));
        ways.add(
                way(
                        sheet,
                        Corner.MITRE_WITH_SPLINES,
                        butt,
                        box.outsideLength().times(1),
                        box.outsideWidth().times(1),
                        fixed(2).times(splines).times(t).times(t),
                        "Both faces of each spline, a triangle let in from the corner as deep as the wall is thick; the mitre itself is end grain."));
        return new CornersCompared(List.copyOf(ways), sheet.numbers());
    }

    private static Way way(
            Worksheet sheet, Corner corner, Worked butt, Term side, Term end, Term glue, String whereItGlues) {
        String id = corner.id();
        Worked area = sheet.work(
                id + "-glue", "A", corner.title() + ", long grain to long grain", Show.AREA, glue, whereItGlues);
        return new Way(
                corner,
                sheet.work(
                        id + "-side",
                        "Ls",
                        corner.title() + ", sides cut to",
                        Show.LAYOUT,
                        side,
                        lengthRule(corner, true)),
                sheet.work(
                        id + "-end",
                        "Le",
                        corner.title() + ", ends cut to",
                        Show.LAYOUT,
                        end,
                        lengthRule(corner, false)),
                area,
                sheet.work(
                        id + "-ratio",
                        "A/A₀",
                        corner.title() + ", against a plain butt",
                        Show.RATIO,
                        area.over(butt),
                        "Long grain glued, over the face of a plain butt."));
    }

    private static String lengthRule(Corner corner, boolean side) {
        return switch (corner) {
            case FINGER, HALF_LAP ->
                "The joint runs right through: as long as the outside, plus the proud at both ends.";
            case MITRE_WITH_SPLINES -> "Long point to long point: the outside.";
            case RABBETED_BUTT, RABBET_AND_DADO ->
                side
                        ? "The sides run through: the outside."
                        : "Between the sides, and into each by the rabbet's depth.";
        };
    }
}
