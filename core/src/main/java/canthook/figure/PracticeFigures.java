package canthook.figure;

import canthook.fingers.Joint;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.panel.GrooveEnds.Run;
import canthook.panel.GrooveRun;
import canthook.plan.JigChoice.Way;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.practice.Act.Spot;
import canthook.practice.Drill;
import canthook.practice.HiddenShop;
import canthook.practice.Level;
import canthook.practice.Round;
import canthook.practice.Turned;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Pictures of the practice place: the caliper on the wood, what was hidden over what was read, parts as they lie. */
public final class PracticeFigures {
    private static final double PER_MM = 200;

    private PracticeFigures() {}

    /**
     * A caliper on a slot, on a finger, on the face, or closed.
     *
     * @param width the jaws stand apart, mm; it is drawn by its own width, whatever is shown
     * @param shown on its display; null when it is blank
     */
    public static Figure caliper(Spot spot, double width, @Nullable String shown) {
        Drawing d = new Drawing("caliper", "The caliper", LengthDisplay.METRIC);
        double open = spot == Spot.CLOSED ? 0 : Math.max(4, Math.min(16, width)) * 2.2;
        double left = 0;
        double right = left + open;
        boolean inside = spot == Spot.SLOT;
        // the wood first, the jaws over it
        if (inside) {
            d.rect("side-grain-up", left - 24, 20, 24, 22);
            d.rect("side-grain-up", right, 20, 24, 22);
        } else if (spot != Spot.CLOSED) {
            d.rect("side-grain-up", left, 20, open, 26);
        }
        double in = inside ? 3.2 : 0;
        double out = inside ? 0 : 3.2;
        d.rect("fence", -30, 0, 150, 7);
        d.shape("fence", null, left - out, 7, left + in, 7, left + in, 34, left - out, 30);
        d.shape("fence", null, right - in, 7, right + out, 7, right + out, 30, right - in, 34);
        d.rect("cutter-body", right + 10, -5, 46, 17, "display");
        d.note(right + 33, 6.6, shown == null ? "– –" : shown, "display", "middle", null);
        return d.reach(-32, -6).reach(122, 47).done();
    }

    /** What can be moved at a kind of jig, whatever it cuts. */
    public static Figure still(Way way) {
        return still(Round.of(HiddenShop.of(1, Level.FRIENDLY, way), List.of()).worked());
    }

    /** What can be moved at a jig. */
    public static Figure still(WorkedPlan worked) {
        return MoveFigure.still(worked);
    }

    /** Every test piece along an axis of clearance: what it was read as, what it truly was, and the band. */
    public static Figure truth(Round round) {
        WorkedPlan worked = round.atBench();
        Drawing d = new Drawing(
                "truth", "What was read, and what was", worked.plan().display());
        double from = worked.fit().bandFrom().length().mm();
        double to = worked.fit().bandTo().length().mm();
        List<Round.Seen> seen = round.seen();
        double least = Math.min(-0.1, from - 0.1);
        double most = Math.max(0.35, to + 0.1);
        for (Round.Seen piece : seen) {
            least = Math.min(least, Math.min(piece.read(), piece.was()) - 0.05);
            most = Math.max(most, Math.max(piece.read(), piece.was()) + 0.05);
        }
        double row = 9;
        double low = (seen.size() + 1) * row;
        d.rect("band", from * PER_MM, 0, (to - from) * PER_MM, low);
        d.line(
                "target",
                worked.fit().target().length().mm() * PER_MM,
                0,
                worked.fit().target().length().mm() * PER_MM,
                low);
        for (int i = 0; i < seen.size(); i++) {
            double y = (i + 0.8) * row;
            d.line("axis", seen.get(i).read() * PER_MM, y, seen.get(i).was() * PER_MM, y);
            spot(d, "spot-read", seen.get(i).read() * PER_MM, y);
            spot(d, "spot-true", seen.get(i).was() * PER_MM, y);
            d.note(least * PER_MM, y + 2.2, String.valueOf(i + 1), "quiet", "start", null);
        }
        d.line("axis", least * PER_MM, low, most * PER_MM, low);
        for (int i = (int) Math.ceil(least * 10 - 1e-9); i <= most * 10 + 1e-9; i++) {
            d.line("tick", i * PER_MM / 10, low, i * PER_MM / 10, low + 1.2);
            d.note(
                    i * PER_MM / 10,
                    low + 6,
                    worked.plan().display().number(Length.mm(i / 10.0), Precision.FIT),
                    "scale",
                    "middle",
                    null);
        }
        return d.reach(least * PER_MM, 0).reach(most * PER_MM, low + 8).done();
    }

    private static void spot(Drawing d, String role, double x, double y) {
        int corners = 16;
        double radius = role.equals("spot-read") ? 2.9 : 1.7;
        double[] round = new double[2 * corners];
        for (int i = 0; i < corners; i++) {
            round[2 * i] = x + radius * Math.cos(2 * Math.PI * i / corners);
            round[2 * i + 1] = y + radius * Math.sin(2 * Math.PI * i / corners);
        }
        d.shape(role, null, round);
    }

    /** The picture a drill asks with. */
    public static List<Figure> asked(Drill drill) {
        return switch (drill.kind()) {
            case WHICH_WAY -> List.of(still(drill.worked()));
            case TURNED -> List.of(part(drill.worked(), turned(drill)));
            case GROOVE -> List.of(grooved(drill.worked(), false));
            case COUNT -> List.of();
        };
    }

    /** What comes of an answer, drawn. */
    public static List<Figure> answered(Drill drill, int choice) {
        return switch (drill.kind()) {
            case WHICH_WAY ->
                List.of(
                        called(
                                "comes",
                                "So it would come out, moved as you said",
                                FitFigures.joint(drill.after(choice))),
                        called("right", "What is right", MoveFigure.of(drill.worked())));
            case TURNED ->
                List.of(
                        called("lies", "As it lies", part(drill.worked(), turned(drill))),
                        choice == drill.right()
                                ? called("should", "As it should lie", part(drill.worked(), Turned.RIGHT))
                                : called("said", "As you said it lies", part(drill.worked(), Turned.values()[choice])));
            case GROOVE -> List.of(grooved(drill.worked(), true));
            case COUNT -> {
                List<Figure> both = new ArrayList<>(List.of(called(
                        "best", drill.choices().get(drill.right()) + ", right", StickFigure.of(drill.worked()))));
                if (choice != drill.right()) {
                    both.add(called(
                            "said",
                            drill.choices().get(choice) + ", as you said",
                            StickFigure.of(Planner.work(
                                    drill.worked()
                                            .plan()
                                            .with(drill.worked()
                                                    .plan()
                                                    .fingers()
                                                    .withSections(drill.counts().get(choice))),
                                    drill.worked().shop()))));
                }
                yield both;
            }
        };
    }

    private static Turned turned(Drill drill) {
        return Objects.requireNonNull(drill.turned());
    }

    private static Figure called(String id, String title, Figure of) {
        return new Figure(
                id,
                title,
                of.left(),
                of.top(),
                of.width(),
                of.height(),
                of.shapes(),
                of.dimensions(),
                of.notes(),
                of.marks());
    }

    /** Part A as it lies: its fingers, its reference edge, the groove when the inside is up and the letter when the outside is. */
    private static Figure part(WorkedPlan worked, Turned turned) {
        Drawing d = new Drawing("part-" + turned, turned.words(), worked.plan().display());
        Joint joint = worked.fingers().joint();
        double high = joint.wall().mm();
        double length = high * 2.4;
        double depth = Math.min(PartDrawing.depth(worked.size(), Part.A, length), high * 0.2);
        d.rect("side-grain", 0, 0, length, high);
        for (int end = 1; end <= 2; end++) {
            boolean left = (end == 1) != turned.ends();
            for (Span span : joint.slots(new PartEnd(Part.A, end))) {
                double from = Math.max(0, span.from().mm());
                double to = Math.min(high, span.to().mm());
                double y = turned.edges() ? from : high - to;
                d.rect("slot", left ? 0 : length - depth, y, depth, to - from);
            }
        }
        double edge = turned.edges() ? 0 : high;
        d.line("reference-edge", 0, edge, length, edge);
        if (turned.isInsideUp()) {
            double at = high * 0.12;
            double y = turned.edges() ? at : high - at - high * 0.06;
            d.rect("groove", depth * 1.4, y, length - 2.8 * depth, high * 0.06);
        } else {
            d.note(length / 2, high * 0.5, turned.edges() ? "Ɐ" : "A", "part-letter", "middle", null);
        }
        return d.reach(-2, -4).reach(length + 2, high + 4).done();
    }

    /** A part of either pair, one over the other, the groove behind them; where it shows, once that is told. */
    private static Figure grooved(WorkedPlan worked, boolean told) {
        Drawing d = new Drawing(
                "grooved",
                "A and B from outside, the groove behind them",
                worked.plan().display());
        double high = worked.fingers().joint().wall().mm();
        double length = high * 1.9;
        double x = 0;
        for (Part part : List.of(Part.A, Part.B)) {
            PartDrawing.part(d, worked, part, x, length);
            PartDrawing.groovesOf(d, worked, part, x, high, length);
            d.note(x + length / 2, high * 0.4, part.name(), "part-letter", "middle", null);
            if (told) {
                shows(d, worked, part, x, high, length);
            }
            x += length * 1.12;
        }
        return d.done();
    }

    private static void shows(Drawing d, WorkedPlan worked, Part part, double x, double high, double length) {
        for (GrooveRun run : worked.bottom().grooves()) {
            double lower = high - run.groove().groove().offset().mm();
            double tall = run.groove().groove().width().mm();
            for (GrooveEnd end : run.ends()) {
                if (end.end().part() == part && (end.run() == Run.STOP || end.run() == Run.SHOWS)) {
                    double wide = high * 0.09;
                    d.rect("kerf", end.end().end() == 1 ? x - wide : x + length, lower - tall, wide, tall);
                }
            }
        }
    }
}
