package canthook.lid;

import static canthook.working.Term.fixed;
import static canthook.working.Term.noneUnder;

import canthook.fingers.Ladder;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.fingers.SectionLists.Seam;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.panel.CapturedPanel;
import canthook.panel.CutPiece;
import canthook.panel.HeldPanel;
import canthook.panel.Step;
import canthook.plan.Bottom.Grain;
import canthook.plan.BoxPlan;
import canthook.plan.Lid.Joined;
import canthook.plan.Lid.SawnOff;
import canthook.plan.Part;
import canthook.seasons.Year;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Verdict;
import canthook.verdict.Verdicts;
import canthook.walls.Asks;
import canthook.walls.GrooveAsked;
import canthook.walls.WallDemands;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A lid sawn off the box once it is glued up closed, with its top panel captured in a groove of all four walls.
 *
 * <pre>
 * asks of the walls: a groove in all four; of what the contents need, the groove and the loss more
 * loss       = kerf + 2 · flattened
 * box        = seam − loss / 2            lid's walls = wall − seam − loss / 2       closed = wall − loss
 * fence      = seam − kerf / 2            from the reference edge to the near side of the blade
 * left of the section on either side of the seam: (section − loss) / 2 where it is in the middle; at least 2 mm
 * liner      along = inside length;  across = inside width − 2 · its thickness;  it enters the lid with its clearance
 * </pre>
 *
 * Check: section 8, kerf 3.2, flattened 0.3: loss 3.8, left 2.1 on each half.
 *
 * @param seam its middle, from the bottom edge of the glued-up box
 * @param loss what sawing and flattening take
 * @param body height of the box once sawn
 * @param lidWalls height of the lid's walls
 * @param under left of the section under the seam
 * @param over left of the section over it
 * @param fence from the reference edge to the blade
 * @param liner frame inside the box; null when it has none
 * @param hinges null when it has none
 */
public record SawnOffLid(
        SawnOff choice,
        HeldPanel held,
        Worked seamAt,
        Worked kerf,
        Worked loss,
        Worked body,
        Worked lidWalls,
        Worked under,
        Worked over,
        Worked fence,
        Worked insideHeight,
        @Nullable LinerFrame liner,
        @Nullable ButtHinges hinges,
        Wood walls,
        List<Worked> numbers,
        List<Verdict> verdicts)
        implements WorkedLid {
    private static final Length SKIN = Length.mm(0.5);
    private static final Length JUST_THROUGH = Length.mm(1);

    /** A groove in all four walls; what sawing takes is asked for where the contents lead. */
    static Asks asks(SawnOff lid, HouseRules rules) {
        Worksheet sheet = new Worksheet("lid");
        GrooveAsked groove = GrooveAsked.decided(
                sheet, "lid", lid.groove(), "gl", lid.thickness(), "Top panel, thickness", EnumSet.allOf(Part.class));
        Worked kerf = sheet.ruled(
                "kerf",
                "k",
                "Kerf of the saw",
                Show.FIT,
                rules.sawKerf(),
                HouseRule.SAW_KERF.reason(),
                lid.kerf(),
                "lid.kerf");
        Worked flattened = sheet.ruled(
                "flattened",
                "f",
                "Flattened off each edge",
                Show.FIT,
                rules.flattened(),
                HouseRule.FLATTENED.reason(),
                lid.flattened(),
                "lid.flattened");
        Worked loss = sheet.work(
                "loss",
                "Δ",
                "Sawing and flattening take",
                Show.FIT,
                kerf.plus(fixed(2).times(flattened)),
                "The kerf, and what is flattened off both edges.");
        return new Asks(
                List.of(groove),
                null,
                groove.width().plus(loss),
                "the top's groove, what sawing takes, and a wall's thickness of wood over the groove.",
                groove.offset(),
                null,
                null,
                StandsOver.face(sheet, groove),
                loss,
                sheet.numbers());
    }

    static SawnOffLid of(
            SawnOff choice, BoxPlan plan, WallDemands walls, SizedBox box, Ladder ladder, Year year, HouseRules rules) {
        Worksheet sheet = new Worksheet("lid");
        GrooveAsked groove = walls.groove("lid").orElseThrow();
        CapturedPanel panel = CapturedPanel.of(
                sheet,
                groove,
                choice.stuff(),
                Grain.ALONG_LENGTH,
                false,
                null,
                null,
                null,
                false,
                box,
                ladder.joint().layout(),
                year,
                rules);
        Worked kerf = walls.asked("lid.kerf");
        Worked loss = walls.asked("lid.loss");
        Worked seam = sheet.decided(
                "seam", "z", "Seam above the bottom edge, glued up", Show.LAYOUT, choice.seam(), "lid.seam");
        Worked body = sheet.work(
                "body-height",
                "Hb",
                "The box without its lid",
                Show.LAYOUT,
                seam.minus(loss.over(2)),
                "Up to the seam, less half of what sawing and flattening take.");
        Worked top = sheet.work(
                "lid-height",
                "Hl",
                "The lid’s walls",
                Show.LAYOUT,
                noneUnder(ladder.wall().minus(seam).minus(loss.over(2))),
                "From the seam up, less the other half.");
        sheet.work(
                "closed-height",
                "Hc",
                "Closed, once it is sawn",
                Show.LAYOUT,
                walls.closed(ladder.wall()),
                walls.below() == null
                        ? "The glued-up height, less what sawing and flattening take."
                        : "The glued-up height and the bottom under it, less what sawing and flattening take.");
        Worked fence = sheet.work(
                "fence",
                "F",
                "Fence, from the bottom edge to the blade",
                Show.FIT,
                seam.minus(kerf.over(2)),
                "Half the kerf below the seam’s middle; the bottom edge runs along the fence for all four cuts.");
        sheet.work(
                "blade",
                "hb",
                choice.skin() ? "Blade up for the last two cuts" : "Blade up",
                Show.FIT,
                choice.skin()
                        ? box.finalThickness().minus(fixed(SKIN))
                        : Term.larger(box.finalThickness(), box.finalEndThickness())
                                .plus(fixed(JUST_THROUGH)),
                choice.skin()
                        ? "Half a millimetre of A and C is left and parted with a knife: nothing drops on the blade."
                        : "Just through the thicker wall.");
        Span section = section(ladder.joint().layout(), ladder.wall().length(), choice.seam());
        Worked under = sheet.work(
                "left-under",
                "e₁",
                "Left of the section under the seam",
                Show.FIT,
                seam.minus(loss.over(2)).minus(fixed(section.from())),
                "From the section’s lower edge to the sawn and flattened one.");
        Worked over = sheet.work(
                "left-over",
                "e₂",
                "Left of the section over the seam",
                Show.FIT,
                fixed(section.to()).minus(seam).minus(loss.over(2)),
                "From the sawn and flattened edge to the section’s upper one.");
        Worked inside = sheet.work(
                "inside-height",
                "Hᵢ",
                "Inside height, closed",
                Show.LAYOUT,
                walls.floor() == null
                        ? groove.offset().minus(loss)
                        : groove.offset().minus(walls.floor()).minus(loss),
                "From the bottom to the top panel, less what sawing takes.");
        LinerFrame liner = choice.joined() == Joined.LINED
                ? LinerFrame.of(sheet, choice.liner(), walls, box, body, choice.running(), rules)
                : null;
        ButtHinges hinges = choice.joined() == Joined.HINGED ? ButtHinges.of(sheet, choice.hinges(), top) : null;
        Verdicts verdicts = new Verdicts("lid");
        SawnOffLid lid = new SawnOffLid(
                choice,
                panel.held(),
                seam,
                kerf,
                loss,
                body,
                top,
                under,
                over,
                fence,
                inside,
                liner,
                hinges,
                plan.walls().known(),
                sheet.numbers(),
                // filled while it is judged
                verdicts.all());
        new SawnOffJudge(lid, plan, box, ladder, verdicts).judge(walls, panel, rules);
        return lid;
    }

    /** The section a height falls in, on the finger-first end. */
    private static Span section(Layout layout, Length wall, Length at) {
        for (Span section : sections(layout, wall)) {
            if (at.isUnder(section.to())) {
                return section;
            }
        }
        return new Span(wall, wall);
    }

    static List<Span> sections(Layout layout, Length wall) {
        List<Span> sections = new ArrayList<>();
        Length from = Length.ZERO;
        for (Length to : layout.boundaries()) {
            sections.add(new Span(from, to));
            from = to;
        }
        sections.add(new Span(from, wall));
        return sections;
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.sawnOff().apply(this);
    }

    @Override
    public Optional<HeldPanel> panel() {
        return Optional.of(held);
    }

    @Override
    public Seam seam() {
        return new Seam(seamAt.length(), loss.length());
    }

    @Override
    public List<CutPiece> pieces() {
        List<CutPiece> pieces = new ArrayList<>();
        pieces.add(CutPiece.of(held));
        if (liner != null) {
            pieces.addAll(liner.pieces(walls));
        }
        return pieces;
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        List<Step> steps = new ArrayList<>();
        String blade = numbers.stream()
                .filter(n -> n.is("lid.blade"))
                .findFirst()
                .orElseThrow()
                .text(display);
        steps.add(new Step(
                Step.When.AFTER_GLUE,
                "Saw the lid off, the bottom edge along the fence " + fence.text(display)
                        + " from the blade: the ends B and D first, "
                        + (choice.skin()
                                ? "right through; then A and C with the blade only " + blade
                                        + " up. Part the skin with a knife."
                                : "then A, the blade " + blade + " up; tape spacers of " + kerf.text(display)
                                        + " into the kerf all round, then saw C."),
                fence.id()));
        steps.add(new Step(
                Step.When.AFTER_GLUE,
                "Flatten both sawn edges on a flat board: the box to " + body.text(display) + ", the lid’s walls to "
                        + lidWalls.text(display) + ".",
                body.id()));
        if (liner != null) {
            steps.addAll(liner.steps(display));
        }
        if (hinges != null) {
            steps.addAll(hinges.steps(display));
        }
        return steps;
    }

    @Override
    public String line(LengthDisplay display) {
        return "sawn off at " + seamAt.shortly(display)
                + switch (choice.joined()) {
                    case LOOSE -> "";
                    case HINGED -> ", hinged";
                    case LINED -> ", over a liner";
                };
    }

    @Override
    public List<Worked> numbersOn(double day, Year year) {
        return held.on(day, year).numbers();
    }
}
