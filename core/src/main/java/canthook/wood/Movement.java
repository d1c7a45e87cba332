package canthook.wood;

import static canthook.working.Term.fixed;

import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;

/**
 * How much a board's width changes with its moisture.
 *
 * <pre>
 * ΔD / D = (M2 − M1) / (100 F / S − F + M1)      moisture above F counts as F
 * S      = S_T cos² α + S_R sin² α               α = 0° flat-sawn … 90° quarter-sawn
 * sheet  : ΔD / D = rate · (h2 − h1) / 60        rate: 0.15 % plywood, 0.35 % hardboard and MDF, 30 to 90 % RH
 * </pre>
 *
 * Check: 150 mm flat-sawn sycamore (S_T 8.4), 8 to 12 %: +1.790 mm; quarter-sawn (S_R 5.0) +1.038; at 45° +1.409. 100 mm
 * western redcedar (S_T 5.0, F 22): +0.939.
 */
public final class Movement {
    private static final String SOURCE = "Wood Handbook (FPL-GTR-282), chapter 13, dimensional change";

    private Movement() {}

    /** Total shrinkage in percent across the width of a board with this ring angle. */
    public static Worked shrinkage(Worksheet sheet, String name, Wood wood, double ringAngle, String angleField) {
        Worked tangential = sheet.table(
                name + "-tangential",
                "S_T",
                "Shrinkage along the rings",
                Show.PERCENT,
                wood.tangential(),
                said(wood, Wood.Guess.TANGENTIAL),
                SOURCE);
        Worked radial = sheet.table(
                name + "-radial",
                "S_R",
                "Shrinkage across the rings",
                Show.PERCENT,
                wood.radial(),
                said(wood, Wood.Guess.RADIAL),
                SOURCE);
        Worked angle = sheet.decided(name + "-angle", "α", "Ring angle", Show.ANGLE, ringAngle, angleField);
        return sheet.work(
                name + "-shrinkage",
                "S",
                "Shrinkage of this board, green to dry",
                Show.PERCENT,
                tangential.times(Term.cosineSquared(angle)).plus(radial.times(Term.sineSquared(angle))),
                "Between flat-sawn and quarter-sawn the shrinkage is shared by the ring angle.",
                SOURCE);
    }

    private static String said(Wood wood, Wood.Guess which) {
        return wood.guessed() == which
                ? wood.name() + "; a guess from the other by the usual 1 : " + Wood.USUAL_RATIO
                : wood.name();
    }

    /** A moisture that still moves wood: never above fibre saturation. */
    public static Term felt(Worked moisture, Worked saturation) {
        return moisture.number() <= saturation.number() ? moisture : Term.smaller(moisture, saturation);
    }

    /** Change per unit of width, solid wood, from one moisture to another. */
    public static Worked ofSolid(
            Worksheet sheet, String name, String label, Worked from, Worked to, Worked shrinkage, Worked saturation) {
        Term start = felt(from, saturation);
        Term end = felt(to, saturation);
        return sheet.work(
                name,
                "x",
                label,
                Show.STEP,
                end.minus(start)
                        .over(fixed(100)
                                .times(saturation)
                                .over(shrinkage)
                                .minus(saturation)
                                .plus(start)),
                "Change per millimetre of width from the first moisture to the second.",
                SOURCE);
    }

    /** Change per unit of size, sheet goods, from one relative humidity to another (both in percent). */
    public static Worked ofSheet(Worksheet sheet, String name, String label, Worked from, Worked to, Worked rate) {
        return sheet.work(
                name,
                "x",
                label,
                Show.STEP,
                rate.over(100).times(to.minus(from)).over(60),
                "Sheet goods move with humidity, in both directions alike: the rate is for 30 to 90 %, in between it is straight.",
                "Wood Handbook (FPL-GTR-282)");
    }
}
