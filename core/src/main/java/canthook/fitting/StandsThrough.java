package canthook.fitting;

import canthook.length.Length;
import canthook.plan.Fitting.Run;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A board that stands on the floor from wall to wall: two that run one way need room for each other, whether they are let into the walls
 * or not.
 *
 * @param at its middle, along the inside for what runs across and across the inside for what runs along
 */
record StandsThrough(WorkedFitting of, Run run, Length at, Length thickness) {
    private static final Length NEAREST = Length.mm(2);

    /** All of them, in the order of the plan. */
    static List<StandsThrough> all(List<WorkedFitting> fittings, Around around) {
        Length middle = around.box().insideWidth().length().dividedBy(2);
        WorkedFitting.Kinds<Optional<StandsThrough>> kinds = new WorkedFitting.Kinds<>(
                divider -> Optional.of(new StandsThrough(
                        divider,
                        divider.told().run(),
                        divider.told().at(),
                        divider.told().thickness())),
                nothing(),
                nothing(),
                nothing(),
                nothing(),
                nothing(),
                nothing(),
                nothing(),
                handle -> Optional.of(new StandsThrough(
                        handle, Run.ALONG, middle, handle.told().thickness())),
                nothing(),
                nothing(),
                nothing(),
                nothing(),
                nothing(),
                nothing());
        List<StandsThrough> standing = new ArrayList<>();
        for (WorkedFitting fitting : fittings) {
            fitting.fold(kinds).ifPresent(standing::add);
        }
        return standing;
    }

    private static <F> Function<F, Optional<StandsThrough>> nothing() {
        return f -> Optional.empty();
    }

    /** Whether another leaves less than a chip between them, or stands in it. */
    boolean meets(StandsThrough other) {
        return run == other.run
                && at.minus(other.at)
                        .abs()
                        .isUnder(thickness.plus(other.thickness).dividedBy(2).plus(NEAREST));
    }

    StandsThrough movedTo(Length place) {
        return new StandsThrough(of, run, place, thickness);
    }
}
