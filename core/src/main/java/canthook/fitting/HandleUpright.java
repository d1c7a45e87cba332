package canthook.fitting;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.CutPiece;
import canthook.panel.PanelWidth;
import canthook.panel.PanelWidth.Movement;
import canthook.panel.Step;
import canthook.plan.Fitting.Divider;
import canthook.plan.Part;
import canthook.plan.UprightHandle;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A handle upright along the middle, housed in both ends.
 *
 * <pre>
 * tenon     = board − 2 · shoulder            the shoulders hide the dado: at least 3
 * dado wide = tenon + 0.1                     a third of the end deep, from the floor to the handle’s top or the end’s
 * long      = inside + 2 · dado − 0.3;   between the shoulders: the inside
 * centres   = grip − d apart;  under + d / 2 from the top;  the hole’s upper edge at least 20 under it
 * crossed   by dividers: half the lower one’s height + 0.3 deep, the divider + 0.1 wide
 * </pre>
 *
 * Check: inside 224, end 12, board 18, shoulder 4: tenon 10, dado 10.1 wide and 4 deep, long 231.7; grip 110, bore 30, 24 under: centres
 * 80 apart, 39 under, the first 72 from the shoulder.
 *
 * @param notchDeep where dividers cross it; null where none does
 */
public record HandleUpright(
        int index,
        UprightHandle told,
        Worked length,
        Worked height,
        Worked thickness,
        Worked tenon,
        Worked dado,
        Worked dadoWide,
        Worked stop,
        Worked apart,
        Worked down,
        Worked first,
        Worked highest,
        @Nullable Worked notchDeep,
        Length widestCrossing,
        List<Feature> features,
        List<Worked> moves,
        Wood wood)
        implements WorkedFitting {
    private static final Length WIDER = Length.mm(0.1);
    private static final Length SHORTER = Length.mm(0.3);
    private static final Length NOTCH_PLAY = Length.mm(0.3);
    private static final Length LEAST_SHOULDER = Length.mm(3);
    private static final Length LEAST_UNDER = Length.mm(20);

    static HandleUpright of(Worksheet sheet, int index, UprightHandle told, List<Divider> crossing, Around around) {
        String field = Around.field(index);
        Worked thickness =
                sheet.decided("thickness", "t", "Handle, thick", Show.LAYOUT, told.thickness(), field + "thickness");
        Worked height =
                sheet.decided("height", "h", "Handle, high today", Show.LAYOUT, told.height(), field + "height");
        Worked shoulder = sheet.decided("shoulder", "b", "Shoulder", Show.LAYOUT, told.shoulder(), field + "shoulder");
        Worked tenon = sheet.work(
                "tenon",
                "z",
                "Tenon",
                Show.FIT,
                thickness.minus(fixed(2).times(shoulder)),
                "The board less a shoulder at either side: they hide the dado.");
        Worked wide = sheet.work(
                "dado-wide",
                "w",
                "Dado, wide",
                Show.FIT,
                tenon.plus(fixed(WIDER)),
                "The tenon, and a tenth of a millimetre.");
        Length own = told.dado();
        Worked end = around.box().finalEndThickness();
        Worked dado = own != null
                ? sheet.decided("dado", "d", "Dado, deep", Show.FIT, own, field + "dado")
                : sheet.work("dado", "d", "Dado, deep", Show.FIT, end.over(3), "A third of the wall.");
        Worked inside = around.box().insideLength();
        Worked length = sheet.work(
                "long",
                "L",
                "Handle, long over the tenons",
                Show.FIT,
                inside.plus(fixed(2).times(dado)).minus(fixed(SHORTER)),
                "The inside and both dadoes, less a little; between the shoulders the inside. Measure the dry-fitted box once"
                        + " more before you cut it.");
        Worked stop = sheet.work(
                "stop",
                "s",
                "Dado from the part’s end",
                Show.FIT,
                around.box()
                        .proud()
                        .plus(around.box().outsideWidth().minus(wide).over(2)),
                "In the middle of the end: the proud, and to the dado’s near edge.");
        Worked bored =
                sheet.decided("bored", "g", "Bored at both ends", Show.LAYOUT, told.diameter(), field + "diameter");
        Worked grip = sheet.decided("grip", "G", "Grip, wide", Show.LAYOUT, told.grip(), field + "grip");
        Worked under = sheet.decided(
                "under", "u", "Upper edge of the hole under the handle’s", Show.LAYOUT, told.under(), field + "under");
        Worked apart = sheet.work(
                "apart", "a", "Centres apart", Show.LAYOUT, grip.minus(bored), "The grip, less one bored hole.");
        Worked down = sheet.work(
                "down",
                "c",
                "Centres under the handle’s upper edge",
                Show.LAYOUT,
                under.plus(bored.over(2)),
                "Down to its upper edge, and half a bored hole.");
        Worked first = sheet.work(
                "first",
                "e",
                "First centre from the shoulder",
                Show.LAYOUT,
                inside.minus(apart).over(2),
                "In the middle.");
        Worksheet moves = new Worksheet("fittings.".concat(Feature.of(index)));
        Movement movement = PanelWidth.movement(moves, told.stuff(), field + "stuff", around.year());
        Worked highest = sheet.work(
                "highest",
                "h₊",
                "Handle, high on the wettest day",
                Show.LAYOUT,
                height.times(fixed(1).plus(movement.byWetness())),
                "Its grain lies level: it moves in height.");
        Worked notch = null;
        Length thickest = Length.ZERO;
        if (!crossing.isEmpty()) {
            Term lower = height.times(1);
            for (Divider other : crossing) {
                lower = Term.smaller(lower, fixed(other.height()));
                thickest = Length.longer(thickest, other.thickness());
            }
            notch = sheet.work(
                    "notch-deep",
                    "n",
                    "Notch where a divider crosses it, deep",
                    Show.FIT,
                    lower.over(2).plus(fixed(NOTCH_PLAY)),
                    "Half of the lower one’s height, and a little: from below.");
        }
        Length foot = DividerIn.foot(around.walls());
        Length middle = around.box().outsideWidth().length().dividedBy(2);
        Length half = wide.length().dividedBy(2);
        List<Feature> features = new ArrayList<>();
        for (Part part : List.of(Part.B, Part.D)) {
            features.add(new Feature(
                    Feature.of(index),
                    "the handle’s dado",
                    part,
                    middle.minus(half),
                    middle.plus(half),
                    foot,
                    Length.shorter(
                            foot.plus(told.height()), around.ladder().joint().top(part)),
                    Length.ZERO,
                    dado.length()));
        }
        return new HandleUpright(
                index,
                told,
                length,
                height,
                thickness,
                tenon,
                dado,
                wide,
                stop,
                apart,
                down,
                first,
                highest,
                notch,
                thickest,
                List.copyOf(features),
                moves.numbers(),
                told.stuff().known());
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.upright().apply(this);
    }

    @Override
    public String called() {
        return "the upright handle";
    }

    @Override
    public String word() {
        return "an upright handle";
    }

    @Override
    public String place() {
        return length.id();
    }

    @Override
    public List<Worked> follows() {
        return moves;
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of(new CutPiece("fittings", "upright handle", 1, wood, length, height, thickness, tenon));
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        List<Step> steps = new ArrayList<>();
        steps.add(new Step(
                Step.When.BEFORE_GLUE,
                "Dado for the handle in the middle of B and D: " + dadoWide.text(display) + " wide, "
                        + dado.text(display)
                        + " deep, from the floor up; its near edge " + stop.text(display)
                        + " from either end of the part. Tenons of " + tenon.text(display) + ", shoulders both sides.",
                stop.id()));
        steps.add(new Step(
                Step.When.BEFORE_GLUE,
                "Bore the handle twice, " + display.text(told.diameter(), Precision.LAYOUT) + " wide, centres "
                        + apart.text(display) + " apart and " + down.text(display)
                        + " under its upper edge, the first " + first.text(display)
                        + " from the shoulder; saw out what lies between, round its corners"
                        + (told.round().isPositive()
                                ? " and its edges by " + display.text(told.round(), Precision.LAYOUT) + "."
                                : "."),
                down.id()));
        if (notchDeep != null) {
            steps.add(new Step(
                    Step.When.BEFORE_GLUE,
                    "Notch the handle where dividers cross it, from below: " + notchDeep.text(display) + " deep, "
                            + display.text(widestCrossing.plus(WIDER), Precision.FIT) + " wide.",
                    notchDeep.id()));
        }
        return steps;
    }

    void judge(FittingJudge at) {
        LengthDisplay display = at.display();
        at.once(this, HandleUpright.class, Code.FITTING_TWICE, "There is an upright handle already.");
        if (told.shoulder().isUnder(LEAST_SHOULDER)) {
            Length shoulder = at.up(LEAST_SHOULDER);
            boolean room = shoulder.times(2).plus(Length.mm(1)).isUnder(told.thickness());
            at.verdicts()
                    .mind(
                            Code.SHOULDER_THIN,
                            tenon.id(),
                            "A shoulder under " + display.text(LEAST_SHOULDER, Precision.LAYOUT)
                                    + " does not hide the dado for long.",
                            room
                                    ? List.of(new Fix(
                                            "Make the shoulders " + display.text(shoulder, Precision.LAYOUT),
                                            at.with(index, told.withShoulder(shoulder))))
                                    : List.of());
        }
        if (told.under().isUnder(LEAST_UNDER)) {
            Length least = at.up(LEAST_UNDER);
            at.verdicts()
                    .mind(
                            Code.GRIP_NEAR_EDGE,
                            down.id(),
                            "Less than " + display.text(LEAST_UNDER, Precision.LAYOUT)
                                    + " of wood over the grip breaks out when the box is full.",
                            List.of(new Fix(
                                    "Put it " + display.text(least, Precision.LAYOUT) + " under the edge",
                                    at.with(index, told.withUnder(least)))));
        }
        if (told.grip().isOver(at.around().box().insideLength().length())
                || told.under().plus(told.diameter()).isOver(told.height())) {
            at.verdicts()
                    .stop(
                            Code.GRIP_OFF_WALL,
                            apart.id(),
                            "The hole for the hand is larger than the handle it is cut in.",
                            at.without(index));
        }
        at.dadoDeep(
                dado, at.around().box().finalEndThickness().length(), third -> at.with(index, told.withDado(third)));
        at.tooHigh(this, height, highest, less -> at.with(index, told.withHeight(less)), UprightHandle.HEIGHT);
    }
}
