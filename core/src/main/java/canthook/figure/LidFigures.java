package canthook.figure;

import canthook.figure.Figure.Side;
import canthook.fingers.Joint;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.lid.ButtHinges;
import canthook.lid.LidOnTop;
import canthook.lid.PulledLid;
import canthook.lid.SawnOffLid;
import canthook.lid.SlidingLid;
import canthook.lid.WorkedLid;
import canthook.panel.CutPiece;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.plan.Pull;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;

/** Lids: a sliding one in its grooves, the two halves of a box that is sawn open, a panel that lies on the walls. */
public final class LidFigures {
    /** Drawn so far apart, of the wall's height. */
    private static final double LIFTED = 0.16;

    private LidFigures() {}

    /** All drawings of the lid on a day of the year; none without one. */
    public static List<Figure> all(WorkedPlan worked, double day) {
        return worked.lid()
                .fold(new WorkedLid.Kinds<>(
                        none -> List.of(),
                        sliding -> sliding(worked, day),
                        sawn -> List.of(
                                halves(worked, sawn),
                                PanelFigures.grooves(worked, sawn.held(), day),
                                PanelFigures.ends(worked, sawn.held().run())),
                        onTop -> List.of(section(worked, onTop, day), edge(worked, onTop, day), flat(worked, onTop))));
    }

    private static List<Figure> sliding(WorkedPlan worked, double day) {
        List<Figure> figures = new ArrayList<>(PanelFigures.all(worked, "lid", day));
        figures.addAll(pull(worked));
        return figures;
    }

    /** What is pulled and stopped of a sliding lid; none where nothing is. */
    public static List<Figure> pull(WorkedPlan worked) {
        return worked.lid()
                .fold(new WorkedLid.Kinds<List<Figure>>(
                        none -> List.of(),
                        sliding -> sliding.choice().pulled().equals(Pull.NONE)
                                ? List.of()
                                : List.of(pulled(worked, sliding)),
                        sawn -> List.of(),
                        onTop -> List.of()));
    }

    /** A sliding lid from above, the end it is pulled by to the right: what is cut away of its tongue, the notch, the pin under it. */
    private static Figure pulled(WorkedPlan worked, SlidingLid lid) {
        Drawing d = new Drawing(
                "lid-pull",
                "The lid from above, the end it is pulled by to the right",
                worked.plan().display());
        PulledLid pulled = lid.pulled();
        double along = lid.held().along().length().mm();
        double across = lid.held().across().cut().length().mm();
        double depth = lid.held().groove().groove().depth().mm();
        d.rect("lid", 0, 0, along, across, "lid");
        d.line("break", 0, depth, along, depth);
        d.line("break", 0, across - depth, along, across - depth);
        Worked away = pulled.tongueAway();
        if (away != null) {
            double o = away.length().mm();
            boolean bothEnds =
                    worked.walls().low() != null && worked.walls().low().everyCorner();
            for (double x : bothEnds ? new double[] {0, along - o} : new double[] {along - o}) {
                d.rect("waste", x, 0, o, depth);
                d.rect("waste", x, across - depth, o, depth);
            }
            d.across(along - o, along, 0, Side.ABOVE, 0, away);
        }
        Worked notch = pulled.notchIn();
        if (notch != null) {
            double in = notch.length().mm();
            round(d, "groove", along - in, across / 2, in / 2);
            d.across(along - in, along, across, Side.BELOW, 0, notch);
        }
        Worked pin = pulled.pinAt();
        if (pin != null) {
            double r = lid.choice().pulled().pinOrUsual().mm() / 2;
            round(d, "waste", pin.length().mm(), across / 2, Math.max(r, along / 120));
            d.across(0, pin.length().mm(), across, Side.BELOW, 0, pin);
        }
        d.across(0, along, across, Side.BELOW, 1, lid.held().along());
        return d.done();
    }

    static void round(Drawing d, String role, double x, double y, double r) {
        int corners = 20;
        double[] points = new double[2 * corners];
        for (int i = 0; i < corners; i++) {
            points[2 * i] = x + r * Math.cos(2 * Math.PI * i / corners);
            points[2 * i + 1] = y + r * Math.sin(2 * Math.PI * i / corners);
        }
        d.shape(role, null, points);
    }

    /** On paper, beside the panel in its groove: the two halves; or a lid that lies on top, flat and in section on the driest day. */
    public static List<Figure> onPaper(WorkedPlan worked) {
        return worked.lid()
                .fold(new WorkedLid.Kinds<>(
                        none -> List.of(),
                        sliding -> List.of(),
                        sawn -> List.of(halves(worked, sawn)),
                        onTop -> List.of(flat(worked, onTop), section(worked, onTop, 0))));
    }

    /** One wall from outside once it is sawn, its lid lifted: the back where it is hinged, else the front. */
    private static Figure halves(WorkedPlan worked, SawnOffLid lid) {
        Part part = lid.hinges() == null ? Part.C : Part.A;
        Drawing d = new Drawing(
                "lid-section",
                (part == Part.A ? "A, the back" : "C, the front") + ", once it is sawn",
                worked.plan().display());
        double length = worked.size().outsideLength().length().mm();
        double wall = worked.fingers().wall().length().mm();
        double body = Math.max(0, lid.body().length().mm());
        double top = Math.max(0, lid.lidWalls().length().mm());
        double lift = wall * LIFTED;
        // where the two lie in the drawing: heights over the bottom edge, the lid's raised
        d.rect("side-grain", 0, wall + lift - body, length, body, "box");
        d.rect("side-grain", 0, 0, length, top, "lid");
        fingers(d, worked, part, length, 0, body, wall + lift);
        fingers(d, worked, part, length, wall - top, wall, wall);
        double loss = wall - body - top;
        d.rect("cut-away", 0, top + lift / 2, length, loss, "loss");
        ButtHinges hinges = lid.hinges();
        if (hinges != null) {
            for (Length at : hinges.places(worked.size())) {
                double leaf = hinges.told().leafLength().mm();
                double wide = hinges.told().knuckle().mm();
                d.rect("hinge", at.mm(), wall + lift - body - wide / 2, leaf, wide, "hinge");
            }
            d.across(0, hinges.places(worked.size()).get(0).mm(), wall + lift, Side.BELOW, 0, hinges.at());
        }
        d.upright(length, wall + lift - body, wall + lift, Side.RIGHT, 0, lid.body());
        d.upright(length, 0, top, Side.RIGHT, 0, lid.lidWalls());
        d.upright(0, wall + lift - lid.fence().length().mm(), wall + lift, Side.LEFT, 0, lid.fence());
        d.note(
                length / 2,
                top + lift / 2 + loss / 2,
                "lost " + lid.loss().text(worked.plan().display()),
                "cut",
                "middle",
                lid.loss());
        d.line("reference-edge", 0, wall + lift, length, wall + lift);
        return d.done();
    }

    /** End grain of the mates' fingers between two heights of the glued-up wall, whose bottom edge is drawn at y. */
    private static void fingers(
            Drawing d, WorkedPlan worked, Part part, double length, double from, double to, double y) {
        Joint joint = worked.fingers().joint();
        double mate = Math.min(worked.size().finalEndThickness().length().mm(), length / 2);
        for (int end = 1; end <= 2; end++) {
            for (Span span : joint.slots(new PartEnd(part, end))) {
                double low = Math.max(from, span.from().mm());
                double high = Math.min(to, span.to().mm());
                if (high > low) {
                    d.rect("end-grain", end == 1 ? 0 : length - mate, y - high, mate, high - low);
                }
            }
        }
    }

    private static Figure section(WorkedPlan worked, LidOnTop lid, double day) {
        LengthDisplay display = worked.plan().display();
        Drawing d = new Drawing("lid-section", "Section, the back left and the front right, to scale", display);
        double opening = worked.size().insideWidth().length().mm();
        double t = worked.size().finalThickness().length().mm();
        double height = worked.fingers().wall().length().mm();
        double thick = lid.thickness().length().mm();
        LidOnTop.Day now = lid.on(day, worked.year());
        double over = now.over().length().mm();
        double width = now.width().length().mm();
        d.rect("end-grain", -t, 0, t, height);
        d.rect("end-grain", opening, 0, t, height);
        double left = opening + t + over - width;
        d.rect("lid", left, -thick, width, thick, "lid");
        LidOnTop.Lip lip = lid.lip();
        if (lip != null) {
            double wide =
                    lip.across().length().mm() * (width / lid.across().length().mm());
            d.rect("lid", (opening - wide) / 2, 0, wide, lip.deep().length().mm(), "lip");
        }
        hinge(d, lid, -t, 0, t);
        d.across(0, opening, height, Side.BELOW, 0, worked.size().insideWidth());
        d.across(left, left + width, -thick, Side.ABOVE, 0, now.width());
        AirOfTheDay.note(d, display, lid.movement().of().wood().isSheet(), now.air(), opening, t, height, 0.6);
        d.line("reference-edge", -t, height, 0, height);
        d.line("reference-edge", opening, height, opening + t, height);
        return d.done();
    }

    /** The folded hinge at the back, in its mortises. */
    private static void hinge(Drawing d, LidOnTop lid, double face, double edge, double most) {
        ButtHinges hinges = lid.hinges();
        if (hinges == null) {
            return;
        }
        double wide = Math.min(hinges.wide().length().mm(), most);
        double inWall = hinges.inWall().length().mm();
        double inLid = hinges.inLid().length().mm();
        double knuckle = hinges.told().knuckle().mm();
        d.rect("hinge", face, edge - inLid, wide, inWall + inLid);
        d.rect("hinge", face - knuckle / 2, edge + (inWall - inLid) / 2 - knuckle / 2, knuckle, knuckle);
    }

    /** Both edges of the lid on their walls, magnified: the back and the front. */
    private static Figure edge(WorkedPlan worked, LidOnTop lid, double day) {
        LengthDisplay display = worked.plan().display();
        Drawing d = new Drawing("lid-grooves", "Both edges, magnified", display);
        double t = worked.size().finalThickness().length().mm();
        double thick = lid.thickness().length().mm();
        LidOnTop.Day now = lid.on(day, worked.year());
        double over = now.over().length().mm();
        double shown = t * 2.6;
        double deep = lid.lip() == null ? 0 : lid.lip().deep().length().mm();
        double foot = Math.max(t * 1.5, deep * 1.4);
        d.rect("end-grain", -t, 0, t, foot);
        d.rect("end-grain", shown, 0, t, foot);
        double left = lid.hinges() == null ? -t - over : -t;
        d.rect("lid", left, -thick, shown + t + over - left, thick, "lid");
        LidOnTop.Lip lip = lid.lip();
        if (lip != null) {
            double grown = now.width().length().mm() / lid.across().length().mm();
            double half = (worked.size().insideWidth().length().mm()
                            - lip.across().length().mm() * grown)
                    / 2;
            d.rect("lid", half, 0, shown - 2 * half, deep, "lip");
            d.upright(half, 0, deep, Side.LEFT, 0, lip.deep());
        }
        hinge(d, lid, -t, 0, t);
        d.upright(shown + t + Math.max(0, over), -thick, 0, Side.RIGHT, 0, lid.thickness());
        d.note(
                shown + t + over / 2,
                -thick - t * 0.55,
                over < 0
                        ? "stands in " + display.text(now.over().length().abs(), canthook.length.Precision.FIT)
                        : "over " + now.over().text(display),
                "gap-label",
                "middle",
                now.over());
        ButtHinges hinges = lid.hinges();
        if (hinges != null) {
            d.note(
                    -t / 2,
                    foot + t * 0.35,
                    "mortise " + hinges.inWall().number(display) + " in the wall, "
                            + hinges.inLid().text(display) + " in the lid",
                    "quiet",
                    "start",
                    hinges.inWall());
        }
        d.line("break", shown / 2 - 1, -thick - 1, shown / 2 - 1, deep + 1);
        d.line("break", shown / 2 + 1, -thick - 1, shown / 2 + 1, deep + 1);
        d.reach(0, -thick - t).reach(0, foot + t * 0.6);
        return d.done();
    }

    /** The lid lying flat, with its breadboard ends. */
    private static Figure flat(WorkedPlan worked, LidOnTop lid) {
        CutPiece panel = lid.pieces().get(0);
        if (lid.ends() == null) {
            return PanelFigures.flat(worked, panel, "lid");
        }
        Drawing d = new Drawing(
                "lid-flat", "The lid from above, with its ends", worked.plan().display());
        double along = lid.along().length().mm();
        double across = lid.across().length().mm();
        double end = lid.ends().width().length().mm();
        double tongue = lid.ends().told().tongue().mm();
        double peg = lid.ends().told().peg().mm();
        double reach = lid.ends().reach().length().mm();
        double glued = lid.ends().glued().length().mm();
        d.rect("lid", end, 0, Math.max(0, along - 2 * end), across, "lid");
        for (double x : new double[] {0, along - end}) {
            d.rect("wall-end-on-end", x, 0, end, across, "end");
            double inner = x == 0 ? end - tongue : x;
            // a spline stands as deep in the panel as in the end
            boolean splined = lid.ends().spline() != null;
            d.rect(
                    "tongue-hidden",
                    splined && x > 0 ? inner - tongue : inner,
                    0,
                    splined ? 2 * tongue : tongue,
                    across);
            d.rect("band", inner, (across - glued) / 2, tongue, glued);
            for (double r : new double[] {-reach, 0, reach}) {
                d.rect("peg", inner + tongue / 2 - peg / 2, across / 2 + r - peg / 2, peg, peg);
            }
        }
        d.line("arrow", along * 0.35, across * 0.5, along * 0.65, across * 0.5);
        d.across(0, along, across, Side.BELOW, 0, lid.along());
        d.across(0, end, 0, Side.ABOVE, 0, lid.ends().width());
        d.upright(0, 0, across, Side.LEFT, 0, lid.across());
        d.upright(
                along, across / 2, across / 2 + reach, Side.RIGHT, 0, lid.ends().reach());
        return d.done();
    }
}
