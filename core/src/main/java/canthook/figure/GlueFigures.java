package canthook.figure;

import canthook.bottom.WorkedBottom;
import canthook.figure.WholeBox.State;
import canthook.fingers.Joint;
import canthook.fingers.Layout.Span;
import canthook.glue.GlueTime;
import canthook.glue.OrderCard;
import canthook.glue.OrderCard.Phase;
import canthook.glue.OrderCard.Step;
import canthook.length.LengthDisplay;
import canthook.panel.HeldPanel;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import canthook.working.Show;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;

/** The box at one step of its glue-up, pulled apart along its own axes as far as it is not joined yet; and the time against the glue's. */
public final class GlueFigures {
    /** So thick a band is drawn, so thick a caul; and so far beside the tips it stands. */
    private static final double BAND = 2;

    private static final double CAUL = 16;
    private static final double BESIDE = 3;

    /** So thick glue is drawn. */
    private static final double FILM = 0.9;
    /** Height of the bar, of a width of a hundred. */
    private static final double BAR = 7;

    private final WorkedPlan worked;
    private final Step step;
    private final double length;
    private final double width;
    private final double side;
    private final double end;
    private final double wall;
    private final double apart;

    private GlueFigures(WorkedPlan worked, Step step) {
        this.worked = worked;
        this.step = step;
        length = worked.size().outsideLength().length().mm();
        width = worked.size().outsideWidth().length().mm();
        side = worked.size().finalThickness().length().mm();
        end = worked.size().finalEndThickness().length().mm();
        wall = worked.fingers().wall().length().mm();
        apart = 0.32 * Math.max(width, wall);
    }

    /** @param which of the steps of the order card, from 0; the nearest where there are fewer */
    public static List<Figure> of(WorkedPlan worked, int which) {
        List<Step> steps = worked.glue().card().steps();
        int at = Math.max(0, Math.min(steps.size() - 1, which));
        return List.of(step(worked, steps.get(at)), bar(worked, at));
    }

    private static Figure step(WorkedPlan worked, Step step) {
        Drawing d = new Drawing("glue-step", step.says(), worked.plan().display());
        if (!worked.size().hasInside()) {
            return d.reach(0, 0).done();
        }
        GlueFigures figure = new GlueFigures(worked, step);
        SolidView view = new SolidView(WholeBox.TURN, WholeBox.TILT);
        view.draw(d, figure.solids());
        figure.letters(d, view);
        return d.done();
    }

    private List<Solid> solids() {
        List<Solid> all = new ArrayList<>();
        for (Part part : Part.values()) {
            double[] by = moved(part);
            new WallSolids(worked, State.APART, length, width, side, end, wall)
                    .blocks(part)
                    .forEach(s -> all.add(s.moved(by[0], by[1], by[2])));
        }
        for (PartEnd at : step.spread()) {
            glue(all, at);
        }
        if (step.panelIn()) {
            worked.panels().stream()
                    .filter(p -> worked.glue().card().holds(p.of()))
                    .forEach(p -> all.add(in(panel(p))));
            slats().forEach(slat -> all.add(in(slat)));
        }
        if (step.clamped()) {
            clamps(all);
        }
        return all.stream().filter(s -> !s.isEmpty()).toList();
    }

    /** What presses, where it presses: on the mate's face, beside the tips, over them with a notch for each, or all round. */
    private void clamps(List<Solid> all) {
        double proud = proud();
        switch (worked.plan().glueUp().clamps()) {
            case NONE -> {}
            case BAND -> {
                double low = wall * 0.42;
                double high = wall * 0.58;
                double off = proud + BAND;
                all.add(Solid.of("caul", 0, -off, length + off, -off, -proud, low, high));
                all.add(Solid.of("caul", 0, -off, length + off, width + proud, width + off, low, high));
                all.add(Solid.of("caul", 1, -off, -proud, -proud, width + proud, low, high));
                all.add(Solid.of("caul", 1, length + proud, length + off, -proud, width + proud, low, high));
            }
            case CAULS_BESIDE -> cauls(all, end + BESIDE, 0);
            case CAULS_NOTCHED -> cauls(all, 0, proud);
        }
    }

    /**
     * Upright blocks on the sides, at both ends.
     *
     * @param from the corner they stand off
     * @param off the side's face; a notched one reaches over the tips
     */
    private void cauls(List<Solid> all, double from, double off) {
        for (double x : new double[] {from, length - from - CAUL}) {
            all.add(Solid.of("caul", 2, x, x + CAUL, -CAUL - off, -off, 0, wall));
            all.add(Solid.of("caul", 2, x, x + CAUL, width + off, width + off + CAUL, 0, wall));
        }
    }

    /** How far tips stand out. */
    private double proud() {
        return Math.max(0, worked.size().slotDepth().length().mm() - end);
    }

    private Solid panel(HeldPanel panel) {
        return Solid.of(
                panel.of(),
                0,
                end,
                length - end,
                side,
                width - side,
                panel.low(),
                panel.low() + panel.thickness().length().mm());
    }

    /** A floor of slats that lie in grooves: it goes in like a panel. */
    private List<Solid> slats() {
        return worked.bottom()
                .fold(new WorkedBottom.Kinds<List<Solid>>(
                        none -> List.of(),
                        captured -> List.of(),
                        rabbeted -> List.of(),
                        applied -> List.of(),
                        slatted ->
                                slatted.panel().isEmpty() && !slatted.grooves().isEmpty()
                                        ? BoxSolids.slats(worked, slatted, 0)
                                        : List.of()));
    }

    /** In its grooves; half-way in from the open side while a part is still missing. */
    private Solid in(Solid in) {
        double half = 0.5;
        for (Part part : Part.values()) {
            double[] by = moved(part);
            if (by[0] != 0 || by[1] != 0) {
                return in.moved(
                        Math.signum(by[0]) * half * (length - 2 * end),
                        Math.signum(by[1]) * half * (width - 2 * side),
                        0);
            }
        }
        return in;
    }

    /** A part that does not stand joined yet is pulled out along the axis it comes in by. */
    private double[] moved(Part part) {
        if (step.standing().contains(part)) {
            return new double[] {0, 0, 0};
        }
        if (step.beside().contains(part)) {
            // a half moves as one
            double[] by = {0, 0, 0};
            for (Part one : step.beside()) {
                double[] out = outwards(one);
                by[0] += out[0];
                by[1] += out[1];
            }
            return by;
        }
        return outwards(part);
    }

    private double[] outwards(Part part) {
        return switch (part) {
            case A -> new double[] {0, -apart, 0};
            case B -> new double[] {apart, 0, 0};
            case C -> new double[] {0, apart, 0};
            case D -> new double[] {-apart, 0, 0};
        };
    }

    /** A film on every long-grain face of the fingers of an end, and nowhere else. */
    private void glue(List<Solid> all, PartEnd at) {
        Joint joint = worked.fingers().joint();
        boolean along = at.part().isSide();
        double mate = along ? end : side;
        double run = along ? length : width;
        boolean low = switch (at.part()) {
            case A, B -> at.end() == 1;
            case C, D -> at.end() == 2;
        };
        double from = low ? 0 : run - mate;
        double[] by = moved(at.part());
        double top =
                Math.min(joint.corner(at).height().mm(), joint.top(at.part()).mm());
        for (Span slot : joint.slots(at)) {
            for (double face : new double[] {slot.from().mm(), slot.to().mm() - FILM}) {
                if (face > FILM && face + FILM < top) {
                    double thickFrom = switch (at.part()) {
                        case A, D -> 0;
                        case C -> width - side;
                        case B -> length - end;
                    };
                    double thick = along ? side : end;
                    Solid film = along
                            ? Solid.of("glue", 2, from, from + mate, thickFrom, thickFrom + thick, face, face + FILM)
                            : Solid.of("glue", 2, thickFrom, thickFrom + thick, from, from + mate, face, face + FILM);
                    all.add(film.moved(by[0], by[1], by[2]));
                }
            }
        }
    }

    /** On the faces that are seen; on the upper edge where only the inside is. */
    private void letters(Drawing d, SolidView view) {
        Joint joint = worked.fingers().joint();
        for (Part part : Part.values()) {
            double[] by = moved(part);
            double[] at = switch (part) {
                case A -> new double[] {length / 2, side / 2, joint.top(part).mm()};
                case B -> new double[] {length, width / 2, joint.top(part).mm() / 2};
                case C -> new double[] {length / 2, width, joint.top(part).mm() / 2};
                case D -> new double[] {end / 2, width / 2, joint.top(part).mm()};
            };
            double[] p = view.seen(at[0] + by[0], at[1] + by[1], at[2] + by[2]);
            d.note(p[0], p[1], part.name(), "part-letter", "middle", null);
        }
    }

    /** Spreading and closing one after the other, against the open time and the whole. */
    private static Figure bar(WorkedPlan worked, int at) {
        GlueTime time = worked.glue().time();
        LengthDisplay display = worked.plan().display();
        Drawing d = new Drawing("glue-time", "The time it takes, against the glue's", display);
        double most = Math.max(time.all().number(), time.total().number());
        double per = 100 / Math.max(1, most);
        double spread = time.spreading().number() * per;
        double all = time.all().number() * per;
        d.rect("time-spreading", 0, 0, spread, BAR, "glue.spreading");
        d.rect("time-closing", spread, 0, all - spread, BAR, "glue.closing");
        limit(d, time.open(), per, display, "open", -2.4);
        limit(d, time.total(), per, display, "grabs", -2.4);
        double now = 0;
        List<OrderCard.Step> steps = worked.glue().card().steps();
        for (int i = 0; i < at; i++) {
            // with the next half the glue is opened anew
            boolean anew =
                    steps.get(i + 1).phase() == Phase.SPREADING && steps.get(i).phase() != Phase.SPREADING;
            now = anew ? 0 : now + steps.get(i).seconds();
        }
        if (steps.get(at).phase() != Phase.BEFORE && now * per <= 100) {
            d.line("time-now", now * per, -1, now * per, BAR + 1);
            d.note(now * per, BAR + 4.2, "step " + (at + 1), "quiet", now * per > 85 ? "end" : "start", null);
        }
        return d.reach(0, -6).reach(100, BAR + 6).done();
    }

    private static void limit(Drawing d, Worked time, double per, LengthDisplay display, String words, double y) {
        double x = time.number() * per;
        if (x <= 100.001) {
            d.line(words.equals("open") ? "time-open" : "time-grabs", x, -1.4, x, BAR + 1.4);
            d.note(
                    x,
                    y,
                    words + " " + Show.CLOCK.number(time.value(), display),
                    "quiet",
                    x > 80 ? "end" : "middle",
                    time);
        }
    }
}
