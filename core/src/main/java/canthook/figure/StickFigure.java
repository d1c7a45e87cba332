package canthook.figure;

import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.lid.SawnOffLid;
import canthook.lid.WorkedLid;
import canthook.planner.WorkedPlan;
import canthook.walls.GrooveAsked;
import canthook.walls.LowWalls;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The wall's height laid out along a rule, reference edge at the left: x is the height, at 1:1. */
public final class StickFigure {
    private static final double BAR = 10;

    private StickFigure() {}

    public static Figure of(WorkedPlan worked) {
        LengthDisplay display = worked.plan().display();
        Layout layout = worked.fingers().joint().layout();
        Drawing d = new Drawing("stick", "Stick: the wall's height from the reference edge", display);
        double closing = layout.height().mm();
        double rip = worked.fingers().firstRip().length().mm();
        for (Span span : layout.fingerFirstFingers()) {
            section(d, "finger", span, closing);
        }
        for (Span span : layout.fingerFirstSlots()) {
            section(d, "slot-of-mate", span, closing);
        }
        d.rect("waste", closing, 0, Math.max(0, rip - closing), BAR, "rip");
        d.line("reference-edge", 0, -3, 0, BAR + 3);
        for (GrooveAsked groove : worked.walls().grooves()) {
            groove(d, groove, display);
        }
        worked.lid()
                .<Optional<SawnOffLid>>fold(new WorkedLid.Kinds<>(
                        none -> Optional.empty(), sliding -> Optional.empty(), Optional::of, onTop -> Optional.empty()))
                .ifPresent(lid -> saw(d, lid, display));
        LowWalls low = worked.walls().low();
        if (low != null) {
            double at = low.line().length().mm();
            boolean lid = low.by() == LowWalls.By.LID;
            d.line("lid-line", at, -2, at, BAR + 2);
            d.mark(
                    "lid-line",
                    "lid-line",
                    at,
                    at,
                    (lid ? "lid line " : "low wall ") + low.line().number(display),
                    low.line());
        }
        Worked closes = worked.fit().reading() == null
                ? worked.fingers().chosen().closing()
                : worked.fit().reading().closingAfter();
        double closesAt = closes.length().mm();
        d.line("closing", closesAt, -2, closesAt, BAR + 2);
        d.mark(
                "closing",
                "closing",
                closesAt,
                closesAt,
                (worked.fit().reading() == null ? "closes " : "as tested closes ") + closes.number(display),
                closes);
        Worked first = worked.fingers().firstRip();
        d.mark("rip", "rip", rip, rip, "rip first to " + first.number(display), first);
        rule(d, display, Math.max(rip, closesAt));
        return d.done();
    }

    private static void section(Drawing d, String role, Span span, double closing) {
        double from = span.from().mm();
        double to = Math.min(span.to().mm(), closing);
        d.rect(role, from, 0, Math.max(0, to - from), BAR);
    }

    private static void groove(Drawing d, GrooveAsked groove, LengthDisplay display) {
        double from = groove.groove().offset().mm();
        double to = groove.groove().top().mm();
        String of = groove.of();
        d.rect(of + "-groove", from, -2, to - from, BAR + 2, of + "-groove");
        d.mark(
                of + "-groove",
                of + "-groove",
                from,
                to,
                of + " groove " + groove.offset().number(display) + "–"
                        + display.number(groove.groove().top(), Precision.LAYOUT),
                groove.offset());
    }

    /** Where the lid is sawn off once the box is glued up. */
    private static void saw(Drawing d, SawnOffLid lid, LengthDisplay display) {
        Length upper = lid.fence().length().plus(lid.kerf().length());
        double from = lid.fence().length().mm();
        double to = upper.mm();
        d.rect("saw-line", from, -2, to - from, BAR + 2, "saw-line");
        d.mark(
                "saw-line",
                "saw-line",
                from,
                to,
                "saw " + lid.fence().number(display) + "–" + display.number(upper, Precision.FIT),
                lid.fence());
    }

    /** Ticks below the bar: millimetres or sixteenths, coarser when the stick is long. */
    private static void rule(Drawing d, LengthDisplay display, double to) {
        double step = display.isMetric() ? (to > 400 ? 5 : 1) : (to > 400 ? 25.4 / 4 : 25.4 / 16);
        int middle = display.isMetric() ? 5 : (to > 400 ? 2 : 4);
        int whole = display.isMetric() ? 10 : (to > 400 ? 4 : 16);
        int labelEvery = display.isMetric() && to > 400 ? 20 : whole;
        int count = (int) Math.min(4000, Math.ceil(to / step + 1e-9));
        List<double[]> wholes = new ArrayList<>();
        List<double[]> others = new ArrayList<>();
        for (int i = 0; i <= count; i++) {
            double x = i * step;
            boolean isWhole = i % whole == 0;
            double length = isWhole ? 3 : i % middle == 0 ? 2 : 1.2;
            (isWhole ? wholes : others).add(new double[] {x, BAR + 1, x, BAR + 1 + length});
            if (i % labelEvery == 0) {
                d.note(x, BAR + 8, label(display, x), "scale", "middle", null);
            }
        }
        d.strokes("ticks-whole", wholes).strokes("ticks", others);
        d.reach(0, BAR + 9).reach(0, -4);
    }

    private static String label(LengthDisplay display, double mm) {
        return display.isMetric()
                ? String.valueOf(Math.round(mm))
                : String.valueOf(Math.round(Length.mm(mm).mm() / 25.4));
    }
}
