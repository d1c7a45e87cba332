package canthook.fingers;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.SizeWish;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Sections that are not equal: given for the finger-first end, from the reference edge; they must sum to the height. The mate's
 * slots are a clearance wider than the fingers that enter them.
 *
 * <pre>
 * wide middle by w             every other section gives up w / (n − 1)
 * wide where the lid is sawn   the section there grows by what the saw takes, the others give it up
 * </pre>
 */
public final class SectionLists {
    private static final Length NEAR = new Length(1_000);
    private static final Length THINNEST = Length.mm(0.2);

    private SectionLists() {}

    /** The sections a layout has on its finger-first end, as a list. */
    public static List<Length> of(Layout layout) {
        if (!layout.isEqual()) {
            return layout.widths();
        }
        List<Length> widths = new ArrayList<>();
        for (int i = 0; i < layout.sections(); i++) {
            widths.add(i % 2 == 0 ? layout.finger() : layout.slot());
        }
        int last = widths.size() - 1;
        widths.set(last, widths.get(last).plus(layout.tail()));
        return summing(widths, layout.height());
    }

    /** Equal sections with what is left over shared by the first and the last. */
    static List<Length> toTheEdges(int sections, Length slot, Length finger, Length left) {
        List<Length> widths = new ArrayList<>();
        for (int i = 0; i < sections; i++) {
            widths.add(i % 2 == 0 ? finger : slot);
        }
        Length half = left.dividedBy(2);
        widths.set(0, finger.plus(half));
        widths.set(sections - 1, widths.get(sections - 1).plus(left.minus(half)));
        return List.copyOf(widths);
    }

    /** One section made wider by so much, the others narrower by as much together. */
    public static List<Length> wider(List<Length> widths, int which, Length by) {
        List<Length> after = new ArrayList<>(widths);
        Length height = sum(widths);
        Length each = by.dividedBy(widths.size() - 1);
        for (int i = 0; i < after.size(); i++) {
            after.set(
                    i,
                    hundredth(i == which ? after.get(i).plus(by) : after.get(i).minus(each)));
        }
        return summing(after, height);
    }

    /** To a hundredth of a millimetre: a list is to be typed and read. */
    private static Length hundredth(Length length) {
        return new Length(Math.round(length.nanometres() / 10_000.0) * 10_000);
    }

    /** The last section takes what rounding left, so that the list sums to the height to the nanometre. */
    private static List<Length> summing(List<Length> widths, Length height) {
        List<Length> after = new ArrayList<>(widths);
        int last = after.size() - 1;
        after.set(last, after.get(last).plus(height.minus(sum(after))));
        return List.copyOf(after);
    }

    public static Length sum(List<Length> widths) {
        Length sum = Length.ZERO;
        for (Length width : widths) {
            sum = sum.plus(width);
        }
        return sum;
    }

    /** Which section a height falls in. */
    public static int at(List<Length> widths, Length height) {
        Length to = Length.ZERO;
        for (int i = 0; i < widths.size(); i++) {
            to = to.plus(widths.get(i));
            if (height.isUnder(to)) {
                return i;
            }
        }
        return widths.size() - 1;
    }

    /**
     * Ways to divide that begin from the sections that stand: each as the change it is.
     *
     * @param seam where a lid is sawn off and what that takes; null where none is
     * @param sawKerf of the saw that would
     */
    public static List<Fix> patterns(BoxPlan plan, Rung chosen, Length height, @Nullable Seam seam, Worked sawKerf) {
        Layout layout = chosen.layout();
        LengthDisplay display = plan.display();
        List<Fix> ways = new ArrayList<>();
        Length more = layout.finger().dividedBy(2);
        wider(chosen, height, -1, more)
                .ifPresent(list -> offer(
                        ways, plan, "Wide middle, " + display.text(list.get(list.size() / 2), Precision.LAYOUT), list));
        widerAtSeam(plan, chosen, height, seam == null ? new Seam(height.times(0.75), sawKerf.length()) : seam)
                .ifPresent(ways::add);
        if (plan.fingers().widths() == null) {
            offer(ways, plan, "These sections as a list, to change one by one", filling(of(layout), height));
        } else {
            ways.add(new Fix("Equal sections again", plan.with(plan.fingers().withWidths(null))));
        }
        return ways;
    }

    /** The section a seam lies in made wider by what sawing takes; empty where the cutter could not cut the others. */
    public static Optional<Fix> widerAtSeam(BoxPlan plan, Rung chosen, Length height, Seam seam) {
        List<Fix> ways = new ArrayList<>();
        wider(chosen, height, seam.at().dividedBy(height), seam.loss())
                .ifPresent(list -> offer(
                        ways,
                        plan,
                        "Wider by the saw's " + plan.display().text(seam.loss(), Precision.FIT)
                                + " where the lid is sawn",
                        list));
        return ways.stream().findFirst();
    }

    /**
     * Where a lid is sawn off.
     *
     * @param at height of its middle
     * @param loss what sawing and flattening take
     */
    public record Seam(Length at, Length loss) {}

    /**
     * One section wider and the others narrower, with as many sections as the cutter still allows: those that stand, or two or four
     * fewer.
     *
     * @param share of the height at which the wide one lies; negative for the middle section
     */
    private static Optional<List<Length>> wider(Rung chosen, Length height, double share, Length by) {
        Length kerf = chosen.kerf().length();
        Length clearance = chosen.clearance().length();
        int most = chosen.sections().count();
        for (int n = most; n >= Math.max(3, most - 4); n -= 2) {
            Length slot = height.plus(clearance.times((n + 1) / 2)).dividedBy(n);
            List<Length> equal = of(new Layout(n, slot, slot.minus(clearance), height));
            int which = share < 0 ? n / 2 : at(equal, height.times(share));
            List<Length> list = wider(equal, which, by);
            boolean cuts = true;
            for (int i = 0; i < n; i++) {
                Length cut = i % 2 == 0 ? list.get(i).plus(clearance) : list.get(i);
                cuts &= !cut.isUnder(kerf);
            }
            if (cuts) {
                return Optional.of(list);
            }
        }
        return Optional.empty();
    }

    /** What the list lacks of the height, shared over all sections. */
    private static List<Length> filling(List<Length> widths, Length height) {
        Length each = height.minus(sum(widths)).dividedBy(widths.size());
        return summing(widths.stream().map(w -> hundredth(w.plus(each))).toList(), height);
    }

    private static void offer(List<Fix> ways, BoxPlan plan, String label, List<Length> widths) {
        if (widths.size() >= 3 && widths.stream().noneMatch(w -> w.isUnder(THINNEST))) {
            ways.add(new Fix(label, plan.with(plan.fingers().withWidths(widths))));
        }
    }

    /** Says the remainder when the list does not sum to the height, and offers to share it. */
    static void judge(BoxPlan plan, Length height, Rung chosen, Verdicts verdicts) {
        List<Length> widths = chosen.layout().widths();
        Length off = height.minus(sum(widths));
        if (!off.abs().isOver(NEAR)) {
            return;
        }
        LengthDisplay display = plan.display();
        List<Fix> fixes = new ArrayList<>();
        offer(fixes, plan, "Share it over all sections", filling(widths, height));
        List<Length> last = new ArrayList<>(widths);
        last.set(last.size() - 1, last.get(last.size() - 1).plus(off));
        offer(fixes, plan, "Give it to the last section", last);
        if (plan.size().decidesHeight() && SizeWish.takesHeight(sum(widths))) {
            fixes.add(new Fix(
                    "Make the wall " + display.text(sum(widths), Precision.FIT) + " high",
                    plan.with(plan.size().withHeight(sum(widths)))));
        }
        verdicts.stop(
                Code.SECTIONS_DO_NOT_SUM,
                "fingers.closing-height",
                "Your sections come to " + display.text(sum(widths), Precision.FIT) + ", "
                        + display.text(off.abs(), Precision.FIT) + (off.isPositive() ? " short of" : " over")
                        + " the wall's " + display.text(height, Precision.FIT) + ".",
                fixes.toArray(new Fix[0]));
    }
}
