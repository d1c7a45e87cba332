package canthook.lid;

import static canthook.working.Term.fixed;

import canthook.bottom.WorkedBottom;
import canthook.fingers.Ladder;
import canthook.fingers.Layout;
import canthook.fingers.LowEnds;
import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.GrooveEnds;
import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.panel.HeldPanel;
import canthook.panel.PanelWidth;
import canthook.panel.PanelWidth.Seat;
import canthook.panel.Step;
import canthook.plan.BoxPlan;
import canthook.plan.Lid.Sliding;
import canthook.plan.Lowered;
import canthook.plan.Part;
import canthook.seasons.Year;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Verdict;
import canthook.verdict.Verdicts;
import canthook.walls.Asks;
import canthook.walls.GrooveAsked;
import canthook.walls.LowWalls;
import canthook.walls.WallDemands;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A lid that slides in grooves of the sides and one end, over the other lowered to the lid line; with both ends lowered it slides
 * either way and has grooves in the sides alone.
 *
 * <pre>
 * asks of the walls: the front (or both ends) no higher than the lid line = groove's lower edge − clearance in its height
 * width   as a captured panel, with the running clearance at the wettest for its gap
 * tongue  = groove − clearance in its height, and no thicker than the lid
 * length  = inside length + groove of the back + the front's thickness − end fit; both ends lowered: the outside length
 * wood over the groove: at least the larger of 4 mm and T/2
 * </pre>
 *
 * The lid line wants to be a section boundary, so that the joint at the lowered front ends with a whole section.
 *
 * @param choice as the maker decided it
 * @param held the panel in its grooves
 * @param pulled what stands out, where a finger takes it, where a pin stops it
 * @param lidLine where the lowered front ends
 * @param off how far the lid line lies above the nearest section boundary; negative below
 * @param over wood left over the groove
 */
public record SlidingLid(
        Sliding choice,
        HeldPanel held,
        PulledLid pulled,
        Worked lidLine,
        Worked off,
        Worked over,
        Worked insideHeight,
        List<Worked> numbers,
        List<Verdict> verdicts)
        implements WorkedLid {

    /** Grooves in the walls it does not slide over, and lower walls where it does. */
    static Asks asks(Sliding lid, BoxPlan plan, HouseRules rules) {
        Worksheet sheet = new Worksheet("lid");
        Lowered lowered = plan.size().lowered();
        Set<Part> low = (lowered == null ? Lowered.Which.FRONT : lowered.which()).parts();
        Set<Part> grooved = EnumSet.allOf(Part.class);
        grooved.removeAll(low);
        GrooveAsked groove =
                GrooveAsked.decided(sheet, "lid", lid.groove(), "gl", lid.thickness(), "Lid thickness", grooved);
        Worked lower = groove.offset();
        Worked vertical = sheet.ruled(
                "vertical",
                "v",
                "Clearance in the groove's height",
                Show.FIT,
                rules.vertical(),
                HouseRule.VERTICAL.reason(),
                lid.vertical(),
                "lid.vertical");
        LowWalls walls = new LowWalls(low, vertical, false, LowWalls.By.LID);
        Worked line = sheet.work(
                "line",
                "ℓ",
                "Lid line: " + walls.called() + (walls.everyCorner() ? " end at" : " ends at"),
                Show.FIT,
                lower.minus(vertical),
                "Lowered to the groove's lower edge, and by the clearance more.");
        return new Asks(
                List.of(groove),
                null,
                groove.width(),
                "the lid's groove, and a wall's thickness of wood over it.",
                lower,
                new LowWalls(low, line, false, LowWalls.By.LID),
                null,
                StandsOver.face(sheet, groove),
                null,
                sheet.numbers());
    }

    static SlidingLid of(
            Sliding choice,
            BoxPlan plan,
            WallDemands walls,
            SizedBox box,
            Ladder ladder,
            Year year,
            WorkedBottom bottom,
            HouseRules rules) {
        Worksheet sheet = new Worksheet("lid");
        GrooveAsked groove = walls.groove("lid").orElseThrow();
        LowWalls low = java.util.Objects.requireNonNull(walls.low());
        LowEnds ends = java.util.Objects.requireNonNull(ladder.low());
        Worked running = sheet.ruled(
                "running",
                "rc",
                "Running clearance at the wettest, total",
                Show.FIT,
                rules.running(),
                HouseRule.RUNNING.reason(),
                choice.running(),
                "lid.running");
        PanelWidth across = PanelWidth.of(
                sheet,
                choice.stuff(),
                "lid.stuff",
                year,
                Seat.GROOVE,
                box.insideWidth(),
                groove.depth(),
                running,
                rules);
        Worked overhang = PulledLid.overhang(sheet, choice.pulled(), low);
        Worked along = along(sheet, box, groove, low, overhang, rules);
        PulledLid pulled = PulledLid.of(sheet, choice.pulled(), overhang, across.cut(), along, groove, box, low);
        Worked vertical = walls.numbers().stream()
                .filter(n -> n.is("lid.vertical"))
                .findFirst()
                .orElseThrow();
        Worked room = sheet.work(
                "tongue-room",
                "t₀",
                "Room for the tongue",
                Show.FIT,
                groove.width().minus(vertical),
                "The groove less its clearance.");
        Worked tongue = choice.thickness().isUnder(room.length())
                ? sheet.work(
                        "tongue",
                        "tt",
                        "Edge in the groove",
                        Show.FIT,
                        groove.panel().times(1),
                        "The lid is no thicker than its groove has room for: its edge enters as it is.")
                : sheet.work("tongue", "tt", "Tongue", Show.FIT, room.times(1), "The groove less its clearance.");
        Worked line = low.line();
        Worked off = sheet.work(
                "off",
                "Δℓ",
                "Lid line off that boundary",
                Show.FIT,
                line.minus(ends.boundary()),
                "Positive is above it.");
        Worked over = sheet.work(
                "over-groove",
                "w",
                "Wood left above the groove",
                Show.FIT,
                ladder.wall().minus(groove.offset()).minus(groove.width()),
                "From the groove's upper edge to the wall's.");
        Worked floor = bottom.insideHeight();
        Worked inside = floor == null
                ? sheet.work(
                        "inside-height",
                        "Hᵢ",
                        "Inside height under the lid",
                        Show.LAYOUT,
                        groove.offset().times(1),
                        "Up to the groove's lower edge; there is no bottom yet.")
                : sheet.work(
                        "inside-height",
                        "Hᵢ",
                        "Inside height under the lid",
                        Show.LAYOUT,
                        floor.minus(ladder.wall().minus(groove.offset())),
                        "Above the bottom, less what lies over the groove's lower edge.");
        if (walls.standsOver(ladder.wall())) {
            sheet.work(
                    "total-height",
                    "Hₜ",
                    "Height with the lid",
                    Show.LAYOUT,
                    walls.closed(ladder.wall()),
                    "The lid stands over the walls; with the bottom, where it lies under them.");
        }
        GrooveEnds.Stops stops = GrooveEnds.stops(sheet, box, groove);
        Layout layout = ladder.joint().layout();
        List<GrooveEnd> grooveEnds = GrooveEnds.of(layout, groove, stops, Optional.of(low));
        GrooveEnds.aids(sheet, groove, stops, grooveEnds);
        HeldPanel held = new HeldPanel("lid", groove, across, along, tongue, false, grooveEnds, null);
        Verdicts verdicts = new Verdicts("lid");
        SlidingLid lid = new SlidingLid(choice, held, pulled, line, off, over, inside, List.of(), List.of());
        pulled.judge(choice, plan, box, low, verdicts);
        new SlidingJudge(lid, plan, box, ladder, verdicts).judge(walls, room, vertical, rules);
        return new SlidingLid(choice, held, pulled, line, off, over, inside, sheet.numbers(), verdicts.all());
    }

    private static Worked along(
            Worksheet sheet,
            SizedBox box,
            GrooveAsked groove,
            LowWalls low,
            @Nullable Worked overhang,
            HouseRules rules) {
        if (low.everyCorner()) {
            return sheet.work(
                    "along",
                    "Ll",
                    "Cut it along the slide at",
                    Show.FIT,
                    overhang == null
                            ? box.outsideLength().times(1)
                            : box.outsideLength().plus(fixed(2).times(overhang)),
                    "From outside to outside over both lowered ends, and what it overhangs.");
        }
        Worked endFit = sheet.ruled(
                "end-fit", "ef", "End fit", Show.FIT, rules.endFit(), HouseRule.END_FIT.reason(), null, "rules");
        Term room = box.insideLength()
                .plus(groove.depth())
                .plus(box.finalEndThickness())
                .minus(endFit);
        return sheet.work(
                "along",
                "Ll",
                "Cut it along the slide at",
                Show.FIT,
                overhang == null ? room : room.plus(overhang),
                "From the floor of the " + low.far() + "'s groove to the outside of the lowered " + low.pulled()
                        + ", less the end fit, and what it overhangs.");
    }

    /** True when the lid line is a section boundary, to a twentieth of a millimetre. */
    public boolean isOnBoundary() {
        return !off.length().abs().isOver(WallDemands.NEAR);
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.sliding().apply(this);
    }

    @Override
    public Optional<HeldPanel> panel() {
        return Optional.of(held);
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of(CutPiece.of(held));
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        return pulled.steps(choice.pulled(), display);
    }

    /** How far it stands out past each lowered end, mm. */
    public double overhangMm() {
        Worked overhang = pulled.overhang();
        return overhang == null ? 0 : overhang.length().mm();
    }

    @Override
    public List<Worked> numbersOn(double day, Year year) {
        return held.on(day, year).numbers();
    }

    @Override
    public String line(LengthDisplay display) {
        return "slides, line " + (isOnBoundary() ? "on" : "off") + " a boundary";
    }
}
