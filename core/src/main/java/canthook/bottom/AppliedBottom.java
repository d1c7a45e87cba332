package canthook.bottom;

import static canthook.working.Term.fixed;

import canthook.fingers.Ladder;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.GrooveRun;
import canthook.panel.HeldPanel;
import canthook.panel.PanelDay;
import canthook.panel.PanelWidth;
import canthook.panel.PanelWidth.Movement;
import canthook.panel.Step;
import canthook.plan.Bottom.Applied;
import canthook.plan.Bottom.Grain;
import canthook.plan.BoxPlan;
import canthook.plan.Stuff;
import canthook.seasons.Year;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.Asks;
import canthook.walls.WallDemands;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A bottom under the walls: cut oversize, fixed, trimmed flush or bevelled.
 *
 * <pre>
 * asks of the walls: its thickness of a place's height; things stand inside it, at the walls' bottom edge
 * cut         = outside + 2 · oversize, both ways
 * lower face  = outside − 2 · t · tan(bevel)
 * solid wood, screwed along the walls its grain runs beside, each screw r from the middle:
 *   slot      = r · (x_wet − x_dry) + 0.5 longer than the screw is thick;  r = (outside − T) / 2
 *   it stands out by outside · x_wet / 2 at each side at the wettest, and in by outside · |x_dry| / 2 at the driest
 * </pre>
 *
 * @param along its grain, to cut
 * @param across its grain, to cut
 * @param insideHeight the wall's whole height
 * @param slot what a screw's slot is longer than the screw is thick; null for sheet goods, which are glued
 */
public record AppliedBottom(
        Applied choice,
        Movement movement,
        Worked outsideAcross,
        Worked along,
        Worked across,
        Worked thickness,
        Worked insideHeight,
        @Nullable Worked slot,
        @Nullable Worked lowerAlong,
        @Nullable Worked lowerAcross,
        List<Worked> numbers,
        List<Verdict> verdicts)
        implements WorkedBottom {
    private static final Length LOOSE = Length.mm(0.5);

    /** Nothing of the walls but that they leave it its share of a place's height. */
    static Asks asks(Applied bottom) {
        Worksheet sheet = new Worksheet("bottom");
        Worked thickness =
                sheet.decided("thickness", "t", "Panel thickness", Show.LAYOUT, bottom.thickness(), "bottom.thickness");
        return new Asks(List.of(), null, null, "", null, null, thickness, null, null, sheet.numbers());
    }

    static AppliedBottom of(Applied choice, BoxPlan plan, WallDemands walls, SizedBox box, Ladder ladder, Year year) {
        Worksheet sheet = new Worksheet("bottom");
        boolean lengthwise = choice.grain() == Grain.ALONG_LENGTH;
        Worked outAcross = lengthwise ? box.outsideWidth() : box.outsideLength();
        Worked outAlong = lengthwise ? box.outsideLength() : box.outsideWidth();
        Worked wall = lengthwise ? box.finalThickness() : box.finalEndThickness();
        Worked thickness =
                sheet.decided("thickness", "t", "Panel thickness", Show.LAYOUT, choice.thickness(), "bottom.thickness");
        Worked over = sheet.decided(
                "oversize", "o", "Oversize at each side", Show.LAYOUT, choice.oversize(), "bottom.oversize");
        String rule = "The outside, and the oversize at both sides until it is trimmed.";
        Worked across = sheet.work(
                "cut", "W", "Cut it across the grain at", Show.LAYOUT, outAcross.plus(fixed(2).times(over)), rule);
        Worked along = sheet.work(
                "along", "Lp", "Cut it along the grain at", Show.LAYOUT, outAlong.plus(fixed(2).times(over)), rule);
        Movement movement = PanelWidth.movement(sheet, choice.stuff(), "bottom.stuff", year);
        sheet.work(
                "stands-out",
                "a₊",
                "Stands out at each side on the wettest day",
                Show.FIT,
                outAcross.times(movement.byWetness()).over(2),
                "Trimmed flush today; it grows by half at each side.");
        sheet.work(
                "stands-in",
                "a₋",
                "Stands in at each side on the driest day",
                Show.FIT,
                Term.absolute(outAcross.times(movement.byDryness())).over(2),
                "It shrinks by half at each side; the walls do not.");
        boolean glued = movement.of().wood().isSheet();
        Worked slot = glued ? null : slot(sheet, outAcross, wall, movement);
        Worked lowerAlong = null;
        Worked lowerAcross = null;
        if (choice.bevel() > 0) {
            Worked bevel = sheet.decided("bevel", "β", "Bevel", Show.ANGLE, choice.bevel(), "bottom.bevel");
            Worked in = sheet.work(
                    "bevel-in",
                    "b",
                    "The bevel takes off its lower face, each side",
                    Show.FIT,
                    thickness.times(Math.tan(Math.toRadians(bevel.number()))),
                    "The thickness by the tangent of the bevel; tilt the blade to the bevel.");
            lowerAlong = sheet.work(
                    "lower-along",
                    "Lb",
                    "Lower face, along",
                    Show.LAYOUT,
                    outAlong.minus(fixed(2).times(in)),
                    "Less the bevel at both sides.");
            lowerAcross = sheet.work(
                    "lower-across",
                    "Wb",
                    "Lower face, across",
                    Show.LAYOUT,
                    outAcross.minus(fixed(2).times(in)),
                    "Less the bevel at both sides.");
        }
        Worked inside = sheet.work(
                "inside-height",
                "Hᵢ",
                "Inside height above the bottom",
                Show.LAYOUT,
                ladder.wall().times(1),
                "The whole wall: the panel lies under it.");
        sheet.work(
                "total-height",
                "Hₜ",
                "Height with the bottom",
                Show.LAYOUT,
                walls.above() == null
                        ? walls.closed(ladder.wall())
                        : ladder.wall().plus(thickness),
                (walls.standsOver(ladder.wall()) ? "The lid that stands over the wall" : "The wall")
                        + ", and the panel under it"
                        + (walls.lost() == null ? "." : ", less what sawing the lid off takes."));
        Verdicts verdicts = new Verdicts("bottom");
        judge(choice, plan, lowerAcross, lowerAlong, glued, verdicts);
        return new AppliedBottom(
                choice,
                movement,
                outAcross,
                along,
                across,
                thickness,
                inside,
                slot,
                lowerAlong,
                lowerAcross,
                sheet.numbers(),
                verdicts.all());
    }

    private static Worked slot(Worksheet sheet, Worked outAcross, Worked wall, Movement movement) {
        Worked reach = sheet.work(
                "screw-reach",
                "rₛ",
                "Screws in the long walls stand from the middle",
                Show.LAYOUT,
                outAcross.minus(wall).over(2),
                "Half the outside, to the middle of the wall they go into.");
        return sheet.work(
                "slot",
                "ℓ",
                "Slot longer than the screw is thick by",
                Show.FIT,
                reach.times(movement.byWetness().minus(movement.byDryness())).plus(fixed(LOOSE)),
                "What the panel moves over the year at that distance, and half a millimetre.");
    }

    private static void judge(
            Applied choice,
            BoxPlan plan,
            @Nullable Worked lowerAcross,
            @Nullable Worked lowerAlong,
            boolean glued,
            Verdicts verdicts) {
        if (lowerAcross != null
                && lowerAlong != null
                && !Length.shorter(lowerAcross.length(), lowerAlong.length()).isPositive()) {
            verdicts.stop(
                    Code.PANEL_TOO_SMALL,
                    "bottom.bevel-in",
                    "A bevel as flat as that leaves nothing of the lower face. Make it steeper.");
        }
        if (!glued) {
            verdicts.note(
                    Code.APPLIED_SOLID,
                    "bottom.slot",
                    "Solid wood under the walls is never glued all round: it would split or push the corners apart."
                            + " Glue it at its middle, screw it through slots.",
                    new Fix("Take plywood", plan.with(choice.withStuff(new Stuff("sheet-plywood", 0)))));
        }
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.applied().apply(this);
    }

    @Override
    public Optional<HeldPanel> panel() {
        return Optional.empty();
    }

    /**
     * The panel under the walls on a day of the year.
     *
     * @param stands out over the walls at each side, or in
     */
    public record Day(Worked air, Worked stands, boolean out, List<Worked> numbers) {
        /** How far its edge is from the wall's face: out is more. */
        public double outMm() {
            return out ? stands.length().mm() : -stands.length().mm();
        }
    }

    public Day on(double day, Year year) {
        Worksheet sheet = new Worksheet("bottom");
        PanelDay.Moved moved = PanelDay.moved(sheet, movement.of(), year, day);
        boolean out = moved.change().number() >= 0;
        Worked stands = sheet.work(
                "day-stands",
                "a",
                (out ? "Stands out over" : "Stands in from") + " the walls this day, each side",
                Show.FIT,
                Term.absolute(outsideAcross.times(moved.change())).over(2),
                "Trimmed flush today; half of what it moved since is at each side.");
        return new Day(moved.air(), stands, out, sheet.numbers());
    }

    @Override
    public List<Worked> numbersOn(double day, Year year) {
        return on(day, year).numbers();
    }

    @Override
    public List<GrooveRun> grooves() {
        return List.of();
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of(new CutPiece("bottom", "bottom", 1, movement.of().wood(), along, across, thickness, thickness));
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        Step fix = new Step(
                Step.When.AFTER_GLUE,
                slot == null
                        ? "Glue the bottom on, standing out evenly all round; clamp it flat."
                        : "Screw the bottom on through slots " + slot.text(display)
                                + " longer than the screws are thick, across its grain; glue only its middle.",
                across.id());
        Step trim = new Step(
                Step.When.AFTER_GLUE,
                lowerAcross == null || lowerAlong == null
                        ? "Trim its edges flush with the walls."
                        : "Trim its edges flush, then bevel them with the blade tilted "
                                + Show.ANGLE.number(canthook.working.Quantity.of(choice.bevel()), display)
                                + "°: the lower face stays " + lowerAlong.text(display) + " × "
                                + lowerAcross.text(display) + ".",
                across.id());
        return List.of(fix, trim);
    }

    @Override
    public String line(LengthDisplay display) {
        return "under the walls, " + along.shortly(display) + " × " + across.shortly(display);
    }
}
