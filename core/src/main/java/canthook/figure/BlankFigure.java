package canthook.figure;

import canthook.blank.CutBlank;
import canthook.figure.Figure.Side;
import canthook.plan.Part;
import canthook.planner.WorkedPlan;
import java.util.ArrayList;
import java.util.List;

/** The board, its figure running along it, and the parts laid on it in the order they go round. */
public final class BlankFigure {
    private BlankFigure() {}

    public static Figure of(WorkedPlan worked) {
        CutBlank blank = worked.blank();
        Drawing d = new Drawing(
                "blank", "The board and the parts laid on it", worked.plan().display());
        double length = blank.length().length().mm();
        double width = blank.width().length().mm();
        double squaring = Math.min(blank.squaring().length().mm(), length / 2);
        double kerf = blank.kerf().length().mm();
        double rip = worked.fingers().firstRip().length().mm();
        double closing = worked.fingers().chosen().closing().length().mm();
        d.rect("board", 0, 0, length, width);
        d.rect("waste", 0, 0, squaring, width);
        d.rect("waste", length - squaring, 0, squaring, width);
        List<List<String>> strips = strips(blank);
        double y = width;
        for (int i = 0; i < strips.size(); i++) {
            double x = squaring;
            for (String name : strips.get(i)) {
                boolean side = name.equals("A") || name.equals("C");
                double part = (side ? worked.size().sideLength() : worked.size().endLength())
                        .length()
                        .mm();
                boolean over = x + part > length - squaring + 1e-6 || y - rip < -1e-6;
                d.rect(over ? "part-missing" : "part", x, y - closing, part, closing, name);
                d.rect("rip-waste", x, y - rip, part, rip - closing);
                d.line("reference-edge", x, y, x + part, y);
                d.note(x + part / 2, y - closing / 2, name, "pencil", "middle", null);
                d.rect("kerf", x + part, y - rip, kerf, rip);
                x += part + kerf;
            }
            y -= rip + kerf;
        }
        d.across(0, length, 0, Side.ABOVE, 0, blank.length());
        d.upright(0, 0, width, Side.LEFT, 0, blank.width());
        double needed = blank.needed().length().mm();
        d.across(0, needed, width, Side.BELOW, 0, blank.needed());
        if (blank.left().length().isPositive() && blank.fits()) {
            d.across(needed, length, width, Side.BELOW, 0, blank.left());
        }
        return d.done();
    }

    /**
     * The box from above, to the board's figure: where two parts lay side by side on the board it runs on round their corner, where they
     * did not it breaks; that corner goes to the back.
     */
    public static Figure round(WorkedPlan worked) {
        Drawing d = new Drawing(
                "round",
                "Where the figure runs round a corner, from above",
                worked.plan().display());
        double length = worked.size().outsideLength().length().mm();
        double width = worked.size().outsideWidth().length().mm();
        double wall = Math.min(length, width) * 0.11;
        d.rect("wall-end-on-side", 0, 0, length, wall, "C");
        d.rect("wall-end-on-side", 0, width - wall, length, wall, "A");
        d.rect("wall-end-on-end", 0, wall, wall, width - 2 * wall, "D");
        d.rect("wall-end-on-end", length - wall, wall, wall, width - 2 * wall, "B");
        d.note(length / 2, width - wall * 1.5, "A", "pencil", "middle", null);
        d.note(length / 2, wall * 2.2, "C", "pencil", "middle", null);
        d.note(wall * 1.8, width / 2, "D", "pencil", "middle", null);
        d.note(length - wall * 1.8, width / 2, "B", "pencil", "middle", null);
        List<List<String>> strips = strips(worked.blank());
        for (Part part : Part.values()) {
            Part next = Part.values()[(part.ordinal() + 1) % Part.values().length];
            boolean runsOn = strips.stream()
                    .anyMatch(strip -> strip.indexOf(part.name()) >= 0
                            && strip.indexOf(part.name()) + 1 == strip.indexOf(next.name()));
            boolean right = part == Part.A || part == Part.B;
            boolean front = part == Part.A || part == Part.D;
            double x = right ? length : 0;
            double y = front ? width : 0;
            double in = right ? -wall : wall;
            double up = front ? -wall : wall;
            if (runsOn) {
                for (double lane : new double[] {0.25, 0.5, 0.75}) {
                    d.line("runs-on", x + in * 4, y + up * lane, x + in * lane, y + up * lane);
                    d.line("runs-on", x + in * lane, y + up * lane, x + in * lane, y + up * 4);
                }
            } else {
                d.line("breaks", x + in * 1.15, y - up * 0.15, x - in * 0.15, y + up * 1.15);
            }
            d.note(
                    x + in * 1.6,
                    y + up * 2.4,
                    runsOn ? "runs on" : "breaks: to the back",
                    runsOn ? "end-through" : "cut",
                    right ? "end" : "start",
                    null);
        }
        return d.done();
    }

    /** Which parts lie on which strip, so that as many neighbours as can be stay neighbours. */
    private static List<List<String>> strips(CutBlank blank) {
        CutBlank.Run run = blank.run();
        List<List<String>> strips = new ArrayList<>();
        if (blank.sidesOnly()) {
            return run.strips() == 1 ? List.of(List.of("A", "C")) : List.of(List.of("A"), List.of("C"));
        }
        switch (run.strips()) {
            case 1 -> strips.add(List.of("A", "B", "C", "D"));
            case 2 -> {
                strips.add(List.of("A", "B"));
                strips.add(List.of("C", "D"));
            }
            case 3 -> {
                boolean sidesLonger = run.sides() == 1 || run.ends() == 2;
                strips.add(List.of(sidesLonger ? "A" : "B"));
                strips.add(List.of(sidesLonger ? "C" : "D"));
                strips.add(sidesLonger ? List.of("B", "D") : List.of("A", "C"));
            }
            default -> {
                for (String name : List.of("A", "B", "C", "D")) {
                    strips.add(List.of(name));
                }
            }
        }
        return strips;
    }
}
