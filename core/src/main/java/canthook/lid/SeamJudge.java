package canthook.lid;

import canthook.fingers.Ladder;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.fingers.Rung;
import canthook.fingers.SectionLists;
import canthook.fingers.SectionLists.Seam;
import canthook.length.Beside;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.GrooveAsked;
import canthook.walls.WallDemands;
import canthook.working.Later;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Where a lid is sawn off: on the box, clear of bottom and top panel, in the middle of a section that bears it.
 *
 * @param standing the plan with the count that stands: another would put the sections elsewhere
 */
record SeamJudge(SawnOffLid lid, BoxPlan plan, BoxPlan standing, WallDemands walls, Ladder ladder) {
    private static final Length LEAST_LEFT = Length.mm(2);
    private static final Length TELLS = Length.mm(0.5);

    void judge(Verdicts verdicts) {
        LengthDisplay display = plan.display();
        Length wall = ladder.wall().length();
        Length half = lid.loss().length().dividedBy(2);
        Later<List<Fix>> middles = new Later<>(this::middles);
        if (!lid.body().length().isPositive() || !lid.lidWalls().length().isPositive()) {
            verdicts.stop(
                    Code.SEAM_OFF_BOX,
                    "lid.seam",
                    "The seam lies off the box: nothing would be left on one side of it.",
                    middles::get);
            return;
        }
        Span band =
                new Span(lid.choice().seam().minus(half), lid.choice().seam().plus(half));
        for (Taken taken : taken()) {
            if (taken.lies(band)) {
                verdicts.stop(Code.SEAM_MEETS_PANEL, "lid.seam", taken.says(band, display), middles::get);
                return;
            }
        }
        Length thin = Length.shorter(lid.under().length(), lid.over().length());
        if (thin.isUnder(LEAST_LEFT)) {
            Beside left = Beside.of(plan.display(), Precision.FIT, thin.abs(), LEAST_LEFT);
            verdicts.mind(
                    Code.SEAM_HALF_THIN,
                    lid.under().length().isUnder(lid.over().length()) ? "lid.left-under" : "lid.left-over",
                    thin.isNegative()
                            ? "The seam's kerf reaches " + left.one() + " into the next section; with under "
                                    + left.other() + " left of its own on either side it breaks out."
                            : "The seam leaves " + left.one() + " of its section on one side; under " + left.other()
                                    + " it breaks out.",
                    () -> andWider(middles.get(), wall));
        } else if (lid.under().length().minus(lid.over().length()).abs().isOver(TELLS)) {
            verdicts.note(
                    Code.SEAM_OFF_MIDDLE,
                    "lid.seam",
                    "The seam lies out of the middle of its section: the pattern will step where the lid closes.",
                    () -> middles.get().stream().limit(1).toList());
        }
    }

    /** And the section about it made wider. */
    private List<Fix> andWider(List<Fix> middles, Length wall) {
        List<Fix> fixes = new ArrayList<>(middles);
        SectionLists.widerAtSeam(
                        standing,
                        ladder.chosen(),
                        wall,
                        new Seam(lid.choice().seam(), lid.loss().length()))
                .ifPresent(wider -> fixes.add(centred(wider)));
        return fixes;
    }

    /** The seam in the middle of the section that was made wider for it. */
    private Fix centred(Fix wider) {
        List<Length> widths =
                java.util.Objects.requireNonNull(wider.after().fingers().widths());
        Length from = Length.ZERO;
        for (Length width : widths) {
            if (lid.choice().seam().isUnder(from.plus(width))) {
                return new Fix(wider.label(), wider.after().with(lid.choice().withSeam(from.plus(width.dividedBy(2)))));
            }
            from = from.plus(width);
        }
        return wider;
    }

    /**
     * What lies in the way of the saw.
     *
     * @param what it is
     * @param top whether it is the top panel with its groove, which goes with the lid
     */
    private record Taken(String what, boolean top, Span span) {
        /** In the way, or on the wrong side of it. */
        boolean lies(Span band) {
            return top ? span.from().isUnder(band.to()) : band.from().isUnder(span.to());
        }

        String says(Span band, LengthDisplay display) {
            if (top && !band.from().isUnder(span.to())) {
                return "Sawn above the top panel, no lid comes off: the panel holds in the box. It begins at "
                        + display.text(span.from(), Precision.LAYOUT) + ".";
            }
            if (!top && !span.from().isUnder(band.to())) {
                return "Sawn under the bottom, the bottom comes off with the lid. It ends at "
                        + display.text(span.to(), Precision.LAYOUT) + ".";
            }
            return "The saw would meet " + what + " or its groove, from "
                    + display.number(span.from(), Precision.LAYOUT) + " to "
                    + display.text(span.to(), Precision.LAYOUT) + ".";
        }
    }

    /** The bottom from its groove up, the top panel and its groove. */
    private List<Taken> taken() {
        List<Taken> taken = new ArrayList<>();
        for (GrooveAsked groove : walls.grooves()) {
            boolean top = groove.of().equals("lid");
            Length panel = groove.panel().length();
            Length offset = groove.groove().offset();
            Span span = new Span(
                    top ? Length.shorter(offset, groove.groove().top().minus(panel)) : offset,
                    Length.longer(groove.groove().top(), offset.plus(panel)));
            taken.add(new Taken(top ? "the top panel" : "the bottom", top, span));
        }
        if (walls.groove("bottom").isEmpty() && walls.floor() != null) {
            taken.add(new Taken("the bottom", false, new Span(Length.ZERO, walls.floorHeight())));
        }
        return taken;
    }

    /** The nearest two places that bear the saw; where there is none, the most sections that have one. */
    private List<Fix> middles() {
        List<Fix> here = middles(ladder.joint().layout())
                .limit(2)
                .map(at -> new Fix(
                        "Saw at " + text(at) + ", mid-section",
                        standing.with(lid.choice().withSeam(at))))
                .toList();
        return here.isEmpty() && plan.fingers().widths() == null ? fewer() : here;
    }

    private List<Fix> fewer() {
        Rung chosen = ladder.chosen();
        return ladder.rungs().stream()
                .filter(r -> r.feasible()
                        && r.tool().equals(chosen.tool())
                        && r.sections().count() < chosen.sections().count())
                .sorted(Comparator.comparing((Rung r) -> -r.sections().count()))
                .flatMap(r -> middles(r.layout()).limit(1).map(at -> fewer(r, at)))
                .limit(1)
                .toList();
    }

    /** The top's groove comes into one of those sections too. */
    private Fix fewer(Rung rung, Length at) {
        int sections = rung.sections().count();
        Groove groove = lid.choice().groove();
        Length offset = rung.layout()
                .clearUnder(new Span(groove.offset(), groove.top()))
                .filter(clear -> clear.isOver(at))
                .orElse(groove.offset());
        return new Fix(
                "Cut " + sections + " sections and saw at " + text(at) + ", mid-section",
                plan.with(plan.fingers().withSections(sections))
                        .with(lid.choice().withSeam(at).withGroove(groove.withOffset(offset))));
    }

    private String text(Length at) {
        return plan.display().text(at, Precision.FIT);
    }

    /** Middles of sections that bear the loss and lie clear, the nearest first. */
    private Stream<Length> middles(Layout layout) {
        Length half = lid.loss().length().dividedBy(2);
        List<Taken> taken = taken();
        return SawnOffLid.sections(layout, ladder.wall().length()).stream()
                .filter(s -> !s.width().minus(lid.loss().length()).dividedBy(2).isUnder(LEAST_LEFT))
                .map(s -> s.from().plus(s.to()).dividedBy(2))
                .filter(at -> taken.stream().noneMatch(t -> t.lies(new Span(at.minus(half), at.plus(half)))))
                .filter(at -> !at.isUnder(canthook.plan.Lid.SEAM.least()))
                .sorted(Comparator.comparing(
                        (Length at) -> at.minus(lid.choice().seam()).abs()));
    }
}
