package canthook.fitting;

import canthook.length.Length;
import canthook.length.Precision;
import canthook.plan.Fitting.Divider;
import canthook.plan.SecondFloor;
import canthook.plan.Tray;
import canthook.plan.UprightHandle;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Trays and second floors reach over the whole inside: nothing else may stand as high as they lie.
 *
 * <pre>
 * a tray           from its runners’ upper edge to its top on the wettest day
 * a second floor   from its cleats’ lower edge to its upper face
 * a divider, an upright handle   from the floor to its top on the wettest day
 * </pre>
 */
final class Levels {
    private static final Length PLAY = Length.mm(0.2);

    /** Which reach from where to where. */
    private static final WorkedFitting.Kinds<Optional<Level>> LEVELS = new WorkedFitting.Kinds<>(
            divider -> Optional.of(
                    new Level(divider, Length.ZERO, divider.highest().length())),
            grip -> Optional.empty(),
            pegs -> Optional.empty(),
            pin -> Optional.empty(),
            handle -> Optional.empty(),
            feet -> Optional.empty(),
            tray -> Optional.of(
                    new Level(tray, tray.told().over(), tray.highest().length())),
            base -> Optional.empty(),
            upright -> Optional.of(
                    new Level(upright, Length.ZERO, upright.highest().length())),
            block -> Optional.empty(),
            stay -> Optional.empty(),
            slit -> Optional.empty(),
            label -> Optional.empty(),
            lining -> Optional.empty(),
            second -> Optional.of(new Level(
                    second,
                    second.told().over().minus(second.told().cleat()),
                    second.told().over().plus(second.told().thickness()))));

    private Levels() {}

    /** From where to where over the floor one fills the inside. */
    private record Level(WorkedFitting of, Length low, Length high) {
        boolean meets(Level other) {
            return low.isUnder(other.high) && other.low.isUnder(high);
        }
    }

    static void judge(List<WorkedFitting> all, FittingJudge at) {
        List<Level> levels = new ArrayList<>();
        for (WorkedFitting fitting : all) {
            fitting.fold(LEVELS).ifPresent(levels::add);
        }
        for (int i = 0; i < levels.size(); i++) {
            for (int k = 0; k < levels.size(); k++) {
                Level lies = levels.get(i);
                Level stands = levels.get(k);
                boolean both = reaches(stands.of());
                if (i == k || !reaches(lies.of()) || (both && k > i) || !lies.meets(stands)) {
                    continue;
                }
                String first = stands.of().called();
                at.verdicts()
                        .stop(
                                Code.LEVELS_MEET,
                                stands.of().place(),
                                Character.toUpperCase(first.charAt(0)) + first.substring(1) + " reaches "
                                        + at.display().text(stands.high(), Precision.LAYOUT)
                                        + " over the floor, and " + lies.of().called() + " lies "
                                        + (lies.low().isNegative()
                                                ? at.display().text(lies.low().abs(), Precision.LAYOUT) + " under it."
                                                : "at " + at.display().text(lies.low(), Precision.LAYOUT) + "."),
                                () -> fixes(lies, stands, at));
            }
        }
    }

    private static boolean reaches(WorkedFitting fitting) {
        return fitting instanceof TrayIn || fitting instanceof FloorOver;
    }

    private static List<Fix> fixes(Level lies, Level stands, FittingJudge at) {
        List<Fix> fixes = new ArrayList<>();
        add(fixes, lowered(lies, stands, at));
        add(fixes, raised(lies, stands, at));
        if (reaches(stands.of())) {
            add(fixes, raised(stands, lies, at));
        }
        fixes.add(at.without(stands.of().index()));
        return fixes;
    }

    private static void add(List<Fix> fixes, @Nullable Fix fix) {
        if (fix != null) {
            fixes.add(fix);
        }
    }

    /** What stands ends under what lies. */
    private static @Nullable Fix lowered(Level lies, Level stands, FittingJudge at) {
        int index = stands.of().index();
        if (stands.of() instanceof DividerIn divider) {
            Length to = at.down(under(divider.told().height(), divider.highest().length(), lies.low()));
            return to.isUnder(Divider.HEIGHT.least())
                    ? null
                    : new Fix(
                            "End " + divider.called() + " at " + at.display().text(to, Precision.LAYOUT),
                            at.with(index, divider.told().withHeight(to)));
        }
        if (stands.of() instanceof HandleUpright upright) {
            Length to = at.down(under(upright.told().height(), upright.highest().length(), lies.low()));
            return to.isUnder(UprightHandle.HEIGHT.least())
                    ? null
                    : new Fix(
                            "End the handle at " + at.display().text(to, Precision.LAYOUT),
                            at.with(index, upright.told().withHeight(to)));
        }
        return null;
    }

    private static Length under(Length today, Length highest, Length low) {
        return low.minus(PLAY).times(today.dividedBy(highest));
    }

    /** What lies goes over what stands. */
    private static @Nullable Fix raised(Level lies, Level stands, FittingJudge at) {
        int index = lies.of().index();
        Length over = stands.high().plus(PLAY);
        Length up = at.up(over);
        if (lies.of() instanceof TrayIn tray && Tray.OVER.holds(up)) {
            return new Fix(
                    "Raise the runners to " + at.display().text(up, Precision.LAYOUT),
                    at.with(index, tray.told().withOver(up)));
        }
        Length floor =
                lies.of() instanceof FloorOver f ? at.up(over.plus(f.told().cleat())) : up;
        if (lies.of() instanceof FloorOver second && SecondFloor.OVER.holds(floor)) {
            return new Fix(
                    "Raise the second floor to " + at.display().text(floor, Precision.LAYOUT),
                    at.with(index, second.told().withOver(floor)));
        }
        return null;
    }
}
