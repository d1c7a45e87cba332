package canthook.blank;

import static canthook.working.Term.fixed;

import canthook.fingers.Ladder;
import canthook.size.SizedBox;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import java.util.Objects;

/**
 * The largest box of the same proportions that a board gives.
 *
 * <pre>
 * scale = the smaller of  (length − squaring − kerfs − proud of every end) / parts
 *                    and  ((width + kerf) / strips − kerf − over-height) / height
 * </pre>
 *
 * over all ways of sharing the parts out over strips, the largest.
 */
final class LargestBox {
    private LargestBox() {}

    /** Scale, outside length, outside width and height of the largest box of these proportions. */
    static List<Worked> of(
            Worksheet sheet,
            SizedBox box,
            Ladder ladder,
            Worked length,
            Worked width,
            Worked squaring,
            Worked kerf,
            Worked rip,
            boolean oneWood,
            boolean keep) {
        Term best = null;
        Term over = rip.minus(ladder.wall());
        for (List<CutBlank.Run> packing : CutBlank.packings(box, 4, oneWood)) {
            Term scale = null;
            for (CutBlank.Run run : packing) {
                int kerfs = run.parts() - (keep ? 0 : 1);
                Term free = length.minus(fixed(2).times(squaring))
                        .minus(kerf.times(kerfs))
                        .minus(box.proud().times(2.0 * run.parts()));
                Term byLength = free.over(CutBlank.parts(run, box.outsideLength(), box.outsideWidth()));
                Term byWidth = width.plus(kerf)
                        .over(run.strips())
                        .minus(kerf)
                        .minus(over)
                        .over(box.height());
                Term both = Term.smaller(byLength, byWidth);
                scale = scale == null ? both : Term.smaller(scale, both);
            }
            if (best == null || Objects.requireNonNull(scale).number() > best.number() + 1e-12) {
                best = scale;
            }
        }
        Worked scale = sheet.work(
                "scale",
                "t",
                "Largest box of these proportions, as a scale",
                Show.RATIO,
                Objects.requireNonNull(best),
                "What the length gives the parts, and what the width gives the height; the tighter of the two.");
        return List.of(
                scale,
                scaled(sheet, scale, "largest-length", "Its outside length", box.outsideLength()),
                scaled(sheet, scale, "largest-width", "Its outside width", box.outsideWidth()),
                scaled(sheet, scale, "largest-height", "Its height", box.height()));
    }

    private static Worked scaled(Worksheet sheet, Worked scale, String name, String label, Worked size) {
        return sheet.work(
                name,
                size.symbol() + "ₘ",
                label,
                Show.LAYOUT,
                size.times(scale),
                "The same proportions, the same wood.");
    }
}
