package canthook.lid;

import static canthook.working.Term.fixed;

import canthook.bottom.WorkedBottom;
import canthook.fingers.Ladder;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.CutPiece;
import canthook.panel.HeldPanel;
import canthook.panel.PanelDay;
import canthook.panel.PanelWidth;
import canthook.panel.PanelWidth.Movement;
import canthook.panel.Step;
import canthook.plan.BoxPlan;
import canthook.plan.Lid.Kept;
import canthook.plan.Lid.OnTop;
import canthook.seasons.Year;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Verdict;
import canthook.verdict.Verdicts;
import canthook.walls.Asks;
import canthook.walls.WallDemands;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A panel that lies on the walls, with a lip that enters the box or hinged at the back; its ends plain or breadboards.
 *
 * <pre>
 * asks of the walls: its thickness of a place's height; of what the contents need, the lip
 * across  = outside width + overhang front and back (at the front alone where it is hinged)
 * along   = outside length + 2 · overhang
 * overhang at the front, hinged: o + W · x       with a lip, front and back: o + W · x / 2
 * lip     = (opening − clearance) / (1 + x_wet) across,  opening − clearance along
 * </pre>
 *
 * Check: opening 132, clearance 0.6, x_wet 0.02: lip across 128.82.
 *
 * @param across the whole lid, as cut today
 * @param along the whole lid
 * @param frontWettest overhang at the front then
 * @param frontDriest overhang at the front then; negative when it stands in
 * @param lip null when it is hinged
 * @param ends null when they are plain
 */
public record LidOnTop(
        OnTop choice,
        Movement movement,
        Worked thickness,
        Worked across,
        Worked along,
        Worked frontWettest,
        Worked frontDriest,
        @Nullable Lip lip,
        @Nullable ButtHinges hinges,
        @Nullable BreadboardEnds ends,
        Worked insideHeight,
        List<Worked> numbers,
        List<Verdict> verdicts)
        implements WorkedLid {

    /** The panel under it that enters the box. */
    public record Lip(Worked across, Worked along, Worked deep) {}

    /** Nothing of the walls but its share of a place's height, and of what the contents need the lip's. */
    static Asks asks(OnTop lid) {
        Worksheet sheet = new Worksheet("lid");
        Worked thickness =
                sheet.decided("thickness", "t", "Lid thickness", Show.LAYOUT, lid.thickness(), "lid.thickness");
        Worked lip = lid.kept() == Kept.LIP
                ? sheet.decided("lip", "dₗ", "Lip, into the box", Show.LAYOUT, lid.lip(), "lid.lip")
                : null;
        return new Asks(
                List.of(),
                null,
                lip == null ? null : lip.times(1),
                "and the lid’s lip.",
                null,
                null,
                thickness,
                null,
                null,
                sheet.numbers());
    }

    static LidOnTop of(
            OnTop choice,
            BoxPlan plan,
            WallDemands walls,
            SizedBox box,
            Ladder ladder,
            Year year,
            WorkedBottom bottom,
            HouseRules rules) {
        Worksheet sheet = new Worksheet("lid");
        boolean hinged = choice.kept() == Kept.HINGED;
        Worked thickness = walls.asked("lid.thickness");
        Worked over = sheet.decided("overhang", "o", "Overhang today", Show.LAYOUT, choice.overhang(), "lid.overhang");
        Worked across = sheet.work(
                "cut",
                "W",
                "Cut the lid, across its grain",
                Show.LAYOUT,
                box.outsideWidth().plus(hinged ? over.times(1) : fixed(2).times(over)),
                hinged
                        ? "The outside, and the overhang at the front: none at the back, where the hinges are."
                        : "The outside, and the overhang at front and back.");
        Worked along = sheet.work(
                "along",
                "L",
                "The lid along its grain",
                Show.LAYOUT,
                box.outsideLength().plus(fixed(2).times(over)),
                "The outside, and the overhang at both ends.");
        Movement movement = PanelWidth.movement(sheet, choice.stuff(), "lid.stuff", year);
        Worked wettest = overhang(sheet, "front-wettest", "o₊", "wettest", over, across, movement.byWetness(), hinged);
        Worked driest = overhang(sheet, "front-driest", "o₋", "driest", over, across, movement.byDryness(), hinged);
        Lip lip = hinged ? null : lip(sheet, choice, walls, box, movement, rules);
        // without a bottom it is measured from the bottom edge
        Worked above = bottom.insideHeight();
        Worked floor = above == null ? ladder.wall() : above;
        Worked inside = sheet.work(
                "inside-height",
                "Hᵢ",
                "Inside height under the lid",
                Show.LAYOUT,
                lip == null ? floor.times(1) : floor.minus(lip.deep()),
                lip == null
                        ? "What the bottom leaves: the lid lies on the walls."
                        : "What the bottom leaves, less the lip.");
        sheet.work(
                "total-height",
                "Hₜ",
                "Height with the lid",
                Show.LAYOUT,
                walls.closed(ladder.wall()),
                "The wall, the lid on it, and what lies under it.");
        BreadboardEnds ends = choice.breadboard()
                ? BreadboardEnds.of(sheet, choice.ends(), along, across, thickness, movement)
                : null;
        ButtHinges hinges = hinged ? ButtHinges.of(sheet, choice.hinges(), thickness) : null;
        Verdicts verdicts = new Verdicts("lid");
        OnTopJudge.judge(choice, plan, walls, box, ladder, driest, lip, inside, verdicts);
        if (ends != null) {
            ends.judge(choice, plan, across, verdicts);
        }
        if (hinges != null) {
            hinges.judge(plan, box, thickness, changed -> plan.with(choice.with(changed)), verdicts);
        }
        return new LidOnTop(
                choice,
                movement,
                thickness,
                across,
                along,
                wettest,
                driest,
                lip,
                hinges,
                ends,
                inside,
                sheet.numbers(),
                verdicts.all());
    }

    private static Worked overhang(
            Worksheet sheet,
            String name,
            String symbol,
            String when,
            Worked over,
            Worked across,
            Worked change,
            boolean hinged) {
        Term moved = across.times(change);
        return sheet.work(
                name,
                symbol,
                "Overhang at the front, " + when + " day",
                Show.FIT,
                over.plus(hinged ? moved : moved.over(2)),
                hinged
                        ? "Held at the back: all of its movement shows at the front."
                        : "Held by its lip: half of its movement shows at the front, half at the back.");
    }

    private static Lip lip(
            Worksheet sheet, OnTop choice, WallDemands walls, SizedBox box, Movement movement, HouseRules rules) {
        Worked clearance = sheet.ruled(
                "running",
                "c",
                "Clearance of the lip at the wettest, total",
                Show.FIT,
                rules.lipClearance(),
                HouseRule.LIP_CLEARANCE.reason(),
                choice.running(),
                "lid.running");
        Worked lipAcross = sheet.work(
                "lip-across",
                "Wₗ",
                "Lip, across the grain",
                Show.FIT,
                box.insideWidth().minus(clearance).over(fixed(1).plus(movement.byWetness())),
                "So that it still enters on the wettest day.");
        boolean sheetGoods = movement.of().wood().isSheet();
        Worked lipAlong = sheet.work(
                "lip-along",
                "Lₗ",
                "Lip, along the grain",
                Show.FIT,
                sheetGoods
                        ? box.insideLength().minus(clearance).over(fixed(1).plus(movement.byWetness()))
                        : box.insideLength().minus(clearance),
                sheetGoods
                        ? "Sheet goods move this way too."
                        : "The opening less the clearance; along the grain it does not move.");
        sheet.work(
                "lip-loose",
                "c₋",
                "Clearance of the lip on the driest day",
                Show.FIT,
                box.insideWidth().minus(lipAcross.times(fixed(1).plus(movement.byDryness()))),
                "The opening less what is left of the lip.");
        return new Lip(lipAcross, lipAlong, walls.asked("lid.lip"));
    }

    /**
     * The lid on one day.
     *
     * @param over its overhang at the front; negative when it stands in
     * @param width of the panel
     */
    public record Day(Worked air, Worked over, Worked width, List<Worked> numbers) {}

    public Day on(double day, Year year) {
        Worksheet sheet = new Worksheet("lid");
        PanelDay.Moved moved = PanelDay.moved(sheet, movement.of(), year, day);
        Worked width = sheet.work(
                "day-width",
                "W′",
                "The lid’s width this day",
                Show.FIT,
                across.times(fixed(1).plus(moved.change())),
                "The width it was cut to, and what it moved since.");
        Term grown = width.minus(across);
        Worked over = sheet.work(
                "day-over",
                "o′",
                "Overhang at the front this day",
                Show.FIT,
                fixed(choice.overhang()).plus(hinges == null ? grown.over(2) : grown),
                "What it had when it was cut, and what it moved since.");
        return new Day(moved.air(), over, width, sheet.numbers());
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.onTop().apply(this);
    }

    @Override
    public Optional<HeldPanel> panel() {
        return Optional.empty();
    }

    @Override
    public List<CutPiece> pieces() {
        List<CutPiece> pieces = new ArrayList<>();
        pieces.add(new CutPiece(
                "lid",
                "lid",
                1,
                movement.of().wood(),
                ends == null ? along : ends.panelAlong(),
                across,
                thickness,
                thickness));
        if (ends != null) {
            pieces.addAll(ends.pieces(movement.of().wood(), across, thickness));
        }
        if (lip != null) {
            pieces.add(new CutPiece(
                    "lid", "lip", 1, movement.of().wood(), lip.along(), lip.across(), lip.deep(), lip.deep()));
        }
        return pieces;
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        List<Step> steps = new ArrayList<>();
        if (ends != null) {
            steps.addAll(ends.steps(display));
        }
        if (lip != null) {
            steps.add(new Step(
                    Step.When.AFTER_GLUE,
                    "Glue the lip under the lid, its grain with the lid’s, the same all round; round its lower edge.",
                    lip.across().id()));
        }
        if (hinges != null) {
            steps.addAll(hinges.steps(display));
        }
        return steps;
    }

    @Override
    public String line(LengthDisplay display) {
        return (choice.breadboard() ? "breadboard ends, " : "")
                + switch (choice.kept()) {
                    case LIP -> "lifts off, lip " + display.number(choice.lip(), Precision.LAYOUT);
                    case HINGED -> "hinged at the back";
                };
    }

    @Override
    public List<Worked> numbersOn(double day, Year year) {
        return on(day, year).numbers();
    }
}
