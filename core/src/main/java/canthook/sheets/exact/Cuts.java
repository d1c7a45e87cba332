package canthook.sheets.exact;

import canthook.sheets.SheetPlan.Laid;
import canthook.sheets.SheetPlan.Left;
import canthook.sheets.SheetPlan.Opened;
import canthook.sheets.SheetPlan.Piece;
import canthook.sheets.SheetPlan.Strip;
import canthook.sheets.SheetTask;
import canthook.sheets.exact.Ground.Flaw;
import canthook.sheets.exact.Pattern.Band;
import canthook.sheets.exact.Pattern.Block;
import canthook.sheets.exact.Pattern.Slot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** A pattern as the maker reads it, with what is left beside its panels. */
final class Cuts {
    private Cuts() {}

    static Opened of(SheetTask task, Pattern pattern) {
        List<Strip> strips = pattern.bands().stream().map(Cuts::strip).toList();
        Ground ground = pattern.ground();
        return new Opened(task.sheets().get(ground.sheet), ground.turned, strips, left(pattern));
    }

    private static Strip strip(Band band) {
        return new Strip(
                Ground.length(band.at()),
                Ground.length(band.height()),
                band.blocks().stream().map(Cuts::piece).toList());
    }

    private static Piece piece(Block block) {
        return new Piece(
                Ground.length(block.at()),
                Ground.length(block.length()),
                block.slots().stream()
                        .map(s -> new Laid(
                                s.fit().panel(),
                                Ground.length(s.at()),
                                Ground.length(s.fit().y()),
                                s.fit().turned()))
                        .toList());
    }

    /** Largest rectangle that is over, mm². */
    static double largest(Pattern pattern) {
        return left(pattern).stream().mapToDouble(Left::area).max().orElse(0);
    }

    /** Every rectangle the cuts leave, as far as it is clear, the largest first. */
    static List<Left> left(Pattern pattern) {
        Ground ground = pattern.ground();
        List<Left> left = new ArrayList<>();
        long y = 0;
        for (Band band : pattern.bands()) {
            over(ground, 0, ground.length, y, band.at() - ground.kerf, left);
            long top = band.at() + band.height();
            long x = 0;
            for (Block block : band.blocks()) {
                over(ground, x, block.at() - ground.kerf, band.at(), top, left);
                long end = block.at() + block.length();
                long low = band.at();
                for (Slot slot : block.slots()) {
                    over(ground, block.at(), end, low, slot.at() - ground.kerf, left);
                    low = slot.at() + slot.fit().y() + ground.kerf;
                }
                over(ground, block.at(), end, low, top, left);
                x = end + ground.kerf;
            }
            over(ground, x, ground.length, band.at(), top, left);
            y = top + ground.kerf;
        }
        over(ground, 0, ground.length, y, ground.width, left);
        left.sort(Comparator.comparingDouble(Left::area).reversed());
        return List.copyOf(left);
    }

    private static void over(Ground ground, long left, long right, long low, long high, List<Left> into) {
        if (right <= left || high <= low) {
            return;
        }
        for (Flaw flaw : ground.flaws) {
            if (flaw.left() < right && flaw.right() > left && flaw.low() < high && flaw.high() > low) {
                // the largest of the four that lie clear beside it
                long[][] beside = {
                    {left, Math.min(right, flaw.left()), low, high},
                    {Math.max(left, flaw.right()), right, low, high},
                    {left, right, low, Math.min(high, flaw.low())},
                    {left, right, Math.max(low, flaw.high()), high}
                };
                long[] best = beside[0];
                for (long[] one : beside) {
                    if (area(one) > area(best)) {
                        best = one;
                    }
                }
                over(ground, best[0], best[1], best[2], best[3], into);
                return;
            }
        }
        into.add(
                ground.turned
                        ? new Left(
                                Ground.length(low),
                                Ground.length(left),
                                Ground.length(high - low),
                                Ground.length(right - left))
                        : new Left(
                                Ground.length(left),
                                Ground.length(low),
                                Ground.length(right - left),
                                Ground.length(high - low)));
    }

    private static double area(long[] r) {
        return r[1] <= r[0] || r[3] <= r[2] ? 0 : (double) (r[1] - r[0]) * (r[3] - r[2]);
    }
}
