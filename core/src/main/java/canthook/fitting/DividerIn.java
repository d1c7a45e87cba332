package canthook.fitting;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.PanelWidth;
import canthook.panel.PanelWidth.Movement;
import canthook.panel.Step;
import canthook.plan.Fitting.Divider;
import canthook.plan.Fitting.Run;
import canthook.plan.Part;
import canthook.size.SizedBox;
import canthook.walls.GrooveAsked;
import canthook.walls.WallDemands;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A divider, loose or in dadoes; halved where another crosses it.
 *
 * <pre>
 * dado        a third of the thinner wall deep at most,  divider + 0.1 wide;  from the floor up to the divider's top
 * long        inside + 2 · dado − 0.3;   loose: inside − 0.5
 * crossing    half the lower one's height + 0.3 deep,  the other's thickness + 0.1 wide
 * highest     height · (1 + x_wet): it moves in height
 * stop        from the end of the part to the dado's near edge: proud + T_mate + at − width / 2, from the ends at D for both sides
 * </pre>
 *
 * Check: inside 142, dado 4, divider 6: long 149.7, dado 6.1 wide; loose 141.5.
 *
 * @param at its middle from the inside of D or C
 * @param dado null where it stands loose
 * @param dadoWide null likewise
 * @param stop from the part's end to the dado's near edge; null likewise
 * @param highest its height on the wettest day
 * @param notchDeep null where none crosses it
 * @param moves how its wood moves, from which its highest follows
 */
public record DividerIn(
        int index,
        Divider told,
        Worked at,
        Worked length,
        Worked height,
        Worked thickness,
        @Nullable Worked dado,
        @Nullable Worked dadoWide,
        @Nullable Worked stop,
        Worked highest,
        @Nullable Worked notchDeep,
        @Nullable Worked notchWide,
        List<Feature> features,
        List<Worked> moves,
        Wood wood)
        implements WorkedFitting {
    private static final Length WIDER = Length.mm(0.1);
    private static final Length SHORTER_IN_DADO = Length.mm(0.3);
    private static final Length SHORTER_LOOSE = Length.mm(0.5);
    private static final Length NOTCH_PLAY = Length.mm(0.3);

    static DividerIn of(Worksheet sheet, int index, Divider told, List<Divider> crossing, Around around) {
        SizedBox box = around.box();
        String field = "fittings." + index + ".";
        boolean across = told.run() == Run.ACROSS;
        Worked inside = across ? box.insideWidth() : box.insideLength();
        Worked at = sheet.decided(
                "at",
                "x",
                "Its middle from the inside of " + (across ? "D" : "C"),
                Show.LAYOUT,
                told.at(),
                field + "at");
        Worked thickness =
                sheet.decided("thickness", "t", "Divider, thick", Show.LAYOUT, told.thickness(), field + "thickness");
        Worked height =
                sheet.decided("height", "h", "Divider, high today", Show.LAYOUT, told.height(), field + "height");
        Worked dado = told.loose() ? null : dado(sheet, told, box, field);
        Worked length = sheet.work(
                "long",
                "L",
                "Divider, long",
                Show.FIT,
                dado == null
                        ? (across ? around.insideWidth() : around.insideLength()).minus(fixed(SHORTER_LOOSE))
                        : inside.plus(fixed(2).times(dado)).minus(fixed(SHORTER_IN_DADO)),
                dado == null
                        ? "The inside less half a millimetre: it stands loose. Measure the dry-fitted box once more before you cut it."
                        : "The inside and both dadoes, less a little. Measure the dry-fitted box once more before you cut it.");
        Worked wide = dado == null
                ? null
                : sheet.work(
                        "dado-wide",
                        "w",
                        "Dado, wide",
                        Show.FIT,
                        thickness.plus(fixed(WIDER)),
                        "The divider as measured, and a tenth of a millimetre.");
        Worked mate = across ? box.finalEndThickness() : box.finalThickness();
        Worked stop = wide == null
                ? null
                : sheet.work(
                        "stop",
                        "s",
                        "Dado from the part’s end",
                        Show.FIT,
                        box.proud().plus(mate).plus(at).minus(wide.over(2)),
                        across
                                ? "The proud, the end D, and to the dado’s near edge: from A1, and from C2 with the stop on the other side."
                                : "The proud, the side C, and to the dado’s near edge: from B2, and from D1 with the stop on the other side.");
        Worksheet moves = new Worksheet("fittings.".concat(Feature.of(index)));
        Movement movement = PanelWidth.movement(moves, told.stuff(), field + "stuff", around.year());
        Worked highest = sheet.work(
                "highest",
                "h₊",
                "Divider, high on the wettest day",
                Show.LAYOUT,
                height.times(fixed(1).plus(movement.byWetness())),
                "Its grain lies level: it moves in height.");
        Worked notchDeep = null;
        Worked notchWide = null;
        if (!crossing.isEmpty()) {
            Term lower = height.times(1);
            Length thickest = Length.ZERO;
            for (Divider other : crossing) {
                lower = Term.smaller(lower, fixed(other.height()));
                thickest = Length.longer(thickest, other.thickness());
            }
            notchDeep = sheet.work(
                    "notch-deep",
                    "n",
                    "Notch where it is crossed, deep",
                    Show.FIT,
                    lower.over(2).plus(fixed(NOTCH_PLAY)),
                    "Half of the lower one’s height, and a little: " + (across ? "from above" : "from below") + ".");
            notchWide = sheet.work(
                    "notch-wide",
                    "nw",
                    "Notch, wide",
                    Show.FIT,
                    fixed(thickest).plus(fixed(WIDER)),
                    "The one that crosses, and a tenth of a millimetre.");
        }
        return new DividerIn(
                index,
                told,
                at,
                length,
                height,
                thickness,
                dado,
                wide,
                stop,
                highest,
                notchDeep,
                notchWide,
                wide == null || dado == null
                        ? List.of()
                        : features(
                                index,
                                told,
                                along(told, mate.length(), box),
                                wide.length(),
                                foot(around.walls()),
                                dado.length()),
                moves.numbers(),
                told.stuff().known());
    }

    /** Along the walls it runs to, its middle from the outer corner at D or A. */
    private static Length along(Divider told, Length mate, SizedBox box) {
        Length middle = mate.plus(told.at());
        return told.run() == Run.ACROSS ? middle : box.outsideWidth().length().minus(middle);
    }

    private static List<Feature> features(
            int index, Divider told, Length middle, Length wide, Length foot, Length deep) {
        Length half = wide.dividedBy(2);
        List<Feature> features = new ArrayList<>();
        for (Part part : told.run() == Run.ACROSS ? List.of(Part.A, Part.C) : List.of(Part.B, Part.D)) {
            features.add(new Feature(
                    Feature.of(index),
                    "the dado of divider " + (index + 1),
                    part,
                    middle.minus(half),
                    middle.plus(half),
                    foot,
                    foot.plus(told.height()),
                    Length.ZERO,
                    deep));
        }
        return List.copyOf(features);
    }

    /** It stands on the floor, and its dado over the bottom's groove. */
    static Length foot(WallDemands walls) {
        Length floor = walls.floorHeight();
        return walls.groove("bottom")
                .map(GrooveAsked::groove)
                .map(g -> Length.longer(floor, g.top()))
                .orElse(floor);
    }

    private static Worked dado(Worksheet sheet, Divider told, SizedBox box, String field) {
        Length own = told.dado();
        return own != null
                ? sheet.decided("dado", "d", "Dado, deep", Show.FIT, own, field + "dado")
                : sheet.work(
                        "dado",
                        "d",
                        "Dado, deep",
                        Show.FIT,
                        (told.run() == Run.ACROSS ? box.finalThickness() : box.finalEndThickness()).over(3),
                        "A third of the wall.");
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.divider().apply(this);
    }

    @Override
    public String called() {
        return "divider " + (index + 1);
    }

    @Override
    public String word() {
        return "a divider";
    }

    @Override
    public List<Worked> follows() {
        return moves;
    }

    @Override
    public String place() {
        return at.id();
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of(new CutPiece("fittings", called(), 1, wood, length, height, thickness, thickness));
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        List<Step> steps = new ArrayList<>();
        if (dado != null && dadoWide != null && stop != null) {
            boolean across = told.run() == Run.ACROSS;
            steps.add(new Step(
                    Step.When.BEFORE_GLUE,
                    "Dado for " + called() + " in " + (across ? "A and C" : "B and D") + ": " + dadoWide.text(display)
                            + " wide, " + dado.text(display) + " deep, from the floor up " + height.text(display)
                            + "; its near edge " + stop.text(display) + " from "
                            + (across ? "A1, and from C2" : "B2, and from D1") + " with the stop on the other side.",
                    stop.id()));
        }
        if (notchDeep != null && notchWide != null) {
            steps.add(new Step(
                    Step.When.BEFORE_GLUE,
                    "Notch " + called() + " where it is crossed, "
                            + (told.run() == Run.ACROSS ? "from above" : "from below") + ": " + notchDeep.text(display)
                            + " deep, " + notchWide.text(display) + " wide.",
                    notchDeep.id()));
        }
        return steps;
    }
}
