package canthook.lid;

import canthook.fingers.Ladder;
import canthook.fingers.Layout.Span;
import canthook.fingers.SectionLists;
import canthook.fingers.SectionLists.Seam;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.GrooveAsked;
import canthook.walls.WallDemands;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

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
        List<Fix> middles = middles();
        if (!lid.body().length().isPositive() || !lid.lidWalls().length().isPositive()) {
            verdicts.stop(
                    Code.SEAM_OFF_BOX,
                    "lid.seam",
                    "The seam lies off the box: nothing would be left on one side of it.",
                    middles.toArray(new Fix[0]));
            return;
        }
        Span band =
                new Span(lid.choice().seam().minus(half), lid.choice().seam().plus(half));
        for (Span taken : taken()) {
            if (band.from().isUnder(taken.to()) && taken.from().isUnder(band.to())) {
                verdicts.stop(
                        Code.SEAM_MEETS_PANEL,
                        "lid.seam",
                        "The saw would meet "
                                + (taken.from().isOver(wall.dividedBy(2)) ? "the top panel" : "the bottom")
                                + " or its groove, from " + display.number(taken.from(), Precision.LAYOUT) + " to "
                                + display.text(taken.to(), Precision.LAYOUT) + ".",
                        middles.toArray(new Fix[0]));
                return;
            }
        }
        Length thin = Length.shorter(lid.under().length(), lid.over().length());
        if (thin.isUnder(LEAST_LEFT)) {
            List<Fix> fixes = new ArrayList<>(middles);
            SectionLists.widerAtSeam(
                            standing,
                            ladder.chosen(),
                            wall,
                            new Seam(lid.choice().seam(), lid.loss().length()))
                    .ifPresent(wider -> fixes.add(centred(wider)));
            verdicts.mind(
                    Code.SEAM_HALF_THIN,
                    lid.under().length().isUnder(lid.over().length()) ? "lid.left-under" : "lid.left-over",
                    "The seam leaves " + display.text(thin, Precision.FIT) + " of its section on one side; under "
                            + display.text(LEAST_LEFT, Precision.LAYOUT) + " it breaks out.",
                    fixes);
        } else if (lid.under().length().minus(lid.over().length()).abs().isOver(TELLS)) {
            verdicts.note(
                    Code.SEAM_OFF_MIDDLE,
                    "lid.seam",
                    "The seam lies out of the middle of its section: the pattern will step where the lid closes.",
                    middles.stream().limit(1).toArray(Fix[]::new));
        }
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

    /** What lies in the way of the saw: the bottom from its groove up, the top panel and its groove. */
    private List<Span> taken() {
        List<Span> taken = new ArrayList<>();
        for (GrooveAsked groove : walls.grooves()) {
            boolean top = groove.of().equals("lid");
            Length panel = groove.panel().length();
            taken.add(new Span(
                    top
                            ? Length.shorter(
                                    groove.groove().offset(),
                                    groove.groove().top().minus(panel))
                            : groove.groove().offset(),
                    Length.longer(
                            groove.groove().top(), groove.groove().offset().plus(panel))));
        }
        if (walls.groove("bottom").isEmpty() && walls.floor() != null) {
            taken.add(new Span(Length.ZERO, walls.floorHeight()));
        }
        return taken;
    }

    /** Middles of sections that bear the loss and lie clear, the nearest two. */
    private List<Fix> middles() {
        Length half = lid.loss().length().dividedBy(2);
        List<Span> taken = taken();
        return SawnOffLid.sections(ladder.joint().layout(), ladder.wall().length()).stream()
                .filter(s -> !s.width().minus(lid.loss().length()).dividedBy(2).isUnder(LEAST_LEFT))
                .map(s -> s.from().plus(s.to()).dividedBy(2))
                .filter(at -> taken.stream()
                        .allMatch(t ->
                                !at.minus(half).isUnder(t.to()) || !t.from().isUnder(at.plus(half))))
                .filter(at -> !at.isUnder(canthook.plan.Lid.SEAM.least()))
                .sorted(Comparator.comparing(
                        (Length at) -> at.minus(lid.choice().seam()).abs()))
                .limit(2)
                .map(at -> new Fix(
                        "Saw at " + standing.display().text(at, Precision.FIT) + ", mid-section",
                        standing.with(lid.choice().withSeam(at))))
                .toList();
    }
}
