package canthook.panel;

import canthook.fingers.Layout;
import canthook.length.Beside;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Groove.Corners;
import canthook.plan.SizeWish;
import canthook.plan.Stuff;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.GrooveAsked;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * What is judged of every groove with a panel in it, whosever it is.
 *
 * @param with the plan with this groove in the place of the one it has
 */
public record GrooveJudge(
        GrooveAsked asked,
        BoxPlan plan,
        SizedBox box,
        HouseRules rules,
        Function<Groove, BoxPlan> with,
        Verdicts verdicts) {
    private static final Length HIGHEST = Length.mm(1500);

    /** What stands under a groove carries its panel. */
    private static final Length LEAST_UNDER = Length.mm(3);

    /** So much usually stands under the groove of a bottom, mm. */
    private static final double USUAL_UNDER = 6;

    /** So much thicker walls are still a way to mend a groove. */
    private static final long MOST_THICKER = 3;

    private Groove groove() {
        return asked.groove();
    }

    private LengthDisplay display() {
        return plan.display();
    }

    /** False, and a stop, when the groove leaves no wall behind it. */
    public boolean leavesAWall() {
        Length wall = box.thinnestWall().length();
        if (groove().depth().isUnder(wall)) {
            return true;
        }
        verdicts.stop(
                Code.GROOVE_DEEPER_THAN_WALL,
                asked.depth().id(),
                "A groove " + display().text(groove().depth(), Precision.LAYOUT) + " deep goes right through a wall of "
                        + display().text(wall, Precision.LAYOUT) + ".",
                deep());
        return false;
    }

    /** False, and a stop, when the groove of a bottom ends above a wall it runs in. */
    public boolean liesOn(Length lowest) {
        if (!groove().top().isOver(lowest)) {
            return true;
        }
        verdicts.stop(
                Code.GROOVE_OFF_WALL,
                asked.of() + ".groove-offset",
                "The groove ends above the upper edge of a wall it runs in. Lower it or make it narrower.",
                Stream.of(plan.unit().usual(USUAL_UNDER), plan.unit().up(LEAST_UNDER))
                        .filter(offset -> !offset.plus(groove().width()).isOver(lowest))
                        .limit(1)
                        .map(offset -> at("Lower it to ", offset))
                        .toArray(Fix[]::new));
        return false;
    }

    /** Deeper than the house rule's share of the wall. */
    public void depth() {
        if (groove().depth().isOver(deepest())) {
            verdicts.mind(
                    Code.GROOVE_OVER_HALF,
                    asked.depth().id(),
                    "Deeper than " + rules.shareOfWall() + " the wall: " + HouseRule.GROOVE_SHARE.reason(),
                    deep());
        }
    }

    /** Too little wall outside a groove that is stopped. */
    public void wallLeft(GrooveEnds.Stops stops) {
        Worked least = stops.thinnest();
        if (least.length().isUnder(rules.leastWallLeft())) {
            Beside left = Beside.of(display(), Precision.FIT, least.length(), rules.leastWallLeft());
            verdicts.mind(
                    Code.WALL_LEFT_THIN,
                    least.id(),
                    "Only " + left.one() + " of wall is left outside the groove; at least " + left.other()
                            + " is wanted.",
                    shallower(rules.leastWallLeft().minus(least.length())));
        }
    }

    private List<Fix> shallower(Length by) {
        Length depth = plan.unit().down(groove().depth().minus(by));
        return Groove.DEPTH.holds(depth)
                ? List.of(new Fix(
                        "Make it " + display().text(depth, Precision.LAYOUT) + " deep",
                        with.apply(groove().withDepth(depth))))
                : List.of();
    }

    /** Clipped corners leave a hole where, on the driest day, the panel lies less deep in both grooves than its corner is clipped. */
    public void corners(CapturedPanel panel) {
        HeldPanel held = panel.held();
        boolean lengthwise = held.across().opening().equals(box.insideWidth());
        Worked openingAlong = lengthwise ? box.insideLength() : box.insideWidth();
        boolean stopped = held.ends().stream().anyMatch(e -> e.run() == GrooveEnds.Run.STOP);
        if (!stopped || groove().atCorners() != Corners.CLIPPED) {
            return;
        }
        Length legs = groove().depth().plus(panel.stops().radius().length());
        Length both = held.across()
                .centred()
                .length()
                .plus(held.along().length().minus(openingAlong.length()).dividedBy(2));
        if (both.isUnder(legs)) {
            verdicts.mind(
                    Code.CORNER_OPEN,
                    asked.of() + ".corner-clip",
                    "On the driest day the panel’s edges lie " + display().text(both, Precision.FIT)
                            + " deep together, and its corners are clipped by more: a hole shows there.",
                    List.of(
                            new Fix("Notch its corners", with.apply(groove().with(Corners.NOTCHED))),
                            new Fix("Let the bit run on", with.apply(groove().with(Corners.RUN_ON)))));
        }
    }

    /** The offsets nearest to its own, under it and over it, at which the groove lies inside one section; none where a sliver is left under it. */
    public List<Fix> intoOneSection(Layout layout) {
        Layout.Span span = new Layout.Span(groove().offset(), groove().top());
        return Stream.of(layout.clearUnder(span), layout.clearOver(span))
                .flatMap(Optional::stream)
                .filter(clear ->
                        !clear.isOver(HIGHEST) && !clear.isUnder(Length.shorter(LEAST_UNDER, groove().offset())))
                .sorted(Comparator.comparing(
                        clear -> clear.minus(groove().offset()).abs()))
                .map(clear -> at((clear.isUnder(groove().offset()) ? "Lower it to " : "Raise it to "), clear))
                .toList();
    }

    /** Too little engagement at the driest, with what may help; what does not is never offered. */
    public void engagement(PanelWidth across, boolean pinned, String what, Supplier<List<Fix>> others) {
        Worked judged = pinned ? across.centred() : across.slid();
        if (!judged.length().isUnder(across.least().length())) {
            return;
        }
        List<Fix> fixes = new ArrayList<>();
        if (groove().depth().isUnder(deepest())) {
            fixes.add(new Fix(
                    "Cut the groove " + display().text(deepest(), Precision.LAYOUT) + " deep",
                    with.apply(groove().withDepth(deepest()))));
        }
        fixes.addAll(others.get());
        Length wanted = groove().depth().plus(across.least().length()).minus(judged.length());
        if (wanted.isOver(deepest())) {
            thicker(plan.unit().up(wanted)).ifPresent(fixes::add);
        }
        verdicts.mind(
                Code.ENGAGEMENT_SHORT,
                judged.id(),
                across.atTheDriest(what, PanelWidth.Seat.GROOVE, pinned, display()),
                fixes);
    }

    /** A panel of a wood that moves less. */
    public static List<Fix> calmer(Stuff stuff, Function<Stuff, BoxPlan> of) {
        List<Fix> fixes = new ArrayList<>();
        if (!stuff.known().isSheet()) {
            if (stuff.ringAngle() < 90) {
                fixes.add(new Fix("Take a quarter-sawn board", of.apply(stuff.withRingAngle(90))));
            }
            fixes.add(new Fix("Take plywood", of.apply(new Stuff("sheet-plywood", 0))));
        }
        return fixes;
    }

    /** The panel against the groove it enters. */
    public void thickness(Length panel, Length edge, String tongue, String rattles, String place) {
        if (panel.isOver(edge)) {
            verdicts.note(Code.PANEL_TONGUE, place, tongue);
        } else if (panel.isUnder(edge.minus(Length.mm(0.4)))) {
            verdicts.mind(Code.PANEL_RATTLES, place, rattles);
        }
    }

    /** The same groove at another height. */
    public Fix at(String words, Length offset) {
        Length at = Length.shorter(Length.longer(Length.ZERO, offset), HIGHEST);
        return new Fix(words + display().text(at, Precision.FIT), with.apply(groove().withOffset(at)));
    }

    /** No groove these walls take is deep enough: walls that take one; empty where they would be another box's. */
    private Optional<Fix> thicker(Length wanted) {
        // what the faces lose to their tips is lost of thicker walls too
        Length planedOff = box.thickness().length().minus(box.finalThickness().length());
        Length wall = plan.unit().planed(rules.thinnestWall(wanted).plus(planedOff));
        if (wall.isOver(box.thinnestWall().length().times(MOST_THICKER)) || !SizeWish.THICKNESS.holds(wall)) {
            return Optional.empty();
        }
        BoxPlan deeper = with.apply(groove().withDepth(wanted));
        return Optional.of(new Fix(
                "Walls " + display().text(wall, Precision.LAYOUT) + " thick, the groove "
                        + display().text(wanted, Precision.LAYOUT) + " deep",
                deeper.with(deeper.size().noThinner(wall))));
    }

    private Length deepest() {
        return Length.longer(rules.deepestGroove(box.thinnestWall().length()), Length.mm(0.5));
    }

    private Fix deep() {
        return new Fix(
                "Make it " + display().text(deepest(), Precision.LAYOUT) + " deep",
                with.apply(groove().withDepth(deepest())));
    }
}
