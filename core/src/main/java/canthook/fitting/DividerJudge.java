package canthook.fitting;

import canthook.fitting.Collisions.Pair;
import canthook.length.Length;
import canthook.length.Precision;
import canthook.plan.Fitting.Divider;
import canthook.plan.Fitting.Run;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is looked at of a divider, and where else it could stand. */
record DividerJudge(FittingJudge at) {
    void judge(DividerIn divider) {
        Divider told = divider.told();
        Length inside = (told.run() == Run.ACROSS
                        ? at.around().box().insideLength()
                        : at.around().box().insideWidth())
                .length();
        Length half = told.thickness().dividedBy(2);
        if (told.at().isUnder(half) || told.at().isOver(inside.minus(half))) {
            at.verdicts()
                    .stop(
                            Code.DIVIDER_OFF_BOX,
                            divider.place(),
                            "Divider " + (divider.index() + 1) + " stands in the wall: the inside is "
                                    + at.display().text(inside, Precision.LAYOUT) + ".",
                            new Fix(
                                    "Put it in the middle",
                                    at.plan().with(divider.index(), told.withAt(at.down(inside.dividedBy(2))))));
            return;
        }
        StandsThrough own = standing(divider);
        for (StandsThrough other : at.standing()) {
            // of two dividers the later one gives way; a handle keeps the middle
            boolean first = !(other.of() instanceof DividerIn) || other.of().index() < divider.index();
            if (other.of() != divider && first && own.meets(other)) {
                at.verdicts()
                        .stop(
                                Code.DIVIDERS_MEET,
                                divider.place(),
                                "Divider " + (divider.index() + 1) + " stands in "
                                        + other.of().called() + ", or leaves less than a chip between them.",
                                free(divider)
                                        .map(place -> List.of(moved(divider, place)))
                                        .orElse(List.of())
                                        .toArray(new Fix[0]));
                break;
            }
        }
        at.dadoDeep(
                divider.dado(),
                (told.run() == Run.ACROSS
                                ? at.around().box().finalThickness()
                                : at.around().box().finalEndThickness())
                        .length(),
                third -> at.with(divider.index(), told.withDado(third)));
        at.tooHigh(
                divider,
                divider.height(),
                divider.highest(),
                less -> at.with(divider.index(), told.withHeight(less)),
                Divider.HEIGHT);
    }

    /** A divider goes aside, or ends below what it meets. */
    List<Fix> aside(DividerIn divider, Pair pair) {
        List<Fix> fixes = new ArrayList<>();
        free(divider).ifPresent(place -> fixes.add(moved(divider, place)));
        Length lower = at.down(pair.other().low().minus(pair.one().low()));
        if (!lower.isUnder(Divider.HEIGHT.least())) {
            fixes.add(new Fix(
                    "End " + divider.called() + " at " + at.display().text(lower, Precision.LAYOUT),
                    at.plan().with(divider.index(), divider.told().withHeight(lower))));
        }
        return fixes;
    }

    private Fix moved(DividerIn divider, Length place) {
        return new Fix(
                "Move " + divider.called() + " to " + at.display().text(place, Precision.LAYOUT),
                at.plan().with(divider.index(), divider.told().withAt(place)));
    }

    /** The nearest place to the one it has where a divider meets nothing and stands clear of the others. */
    private Optional<Length> free(DividerIn divider) {
        Divider told = divider.told();
        Length inside = (told.run() == Run.ACROSS
                        ? at.around().box().insideLength()
                        : at.around().box().insideWidth())
                .length();
        Length half = Length.longer(
                told.thickness(),
                divider.dadoWide() == null
                        ? told.thickness()
                        : divider.dadoWide().length());
        StandsThrough standing = standing(divider);
        Length nearest = at.nearest();
        for (Length step = nearest; step.isUnder(inside); step = step.plus(nearest)) {
            for (Length by : List.of(step.negated(), step)) {
                Length place = told.at().plus(by);
                if (!place.isUnder(half) && !place.isOver(inside.minus(half)) && isFree(divider, standing, place)) {
                    return Optional.of(place);
                }
            }
        }
        return Optional.empty();
    }

    private boolean isFree(DividerIn divider, StandsThrough standing, Length place) {
        boolean across = divider.told().run() == Run.ACROSS;
        Length by =
                across ? place.minus(divider.told().at()) : divider.told().at().minus(place);
        for (Feature own : divider.features()) {
            if (!at.isFree(own.moved(by), divider.index())) {
                return false;
            }
        }
        StandsThrough there = standing.movedTo(place);
        return at.standing().stream().noneMatch(other -> other.of() != divider && there.meets(other));
    }

    private StandsThrough standing(DividerIn divider) {
        return at.standing().stream().filter(s -> s.of() == divider).findFirst().orElseThrow();
    }
}
