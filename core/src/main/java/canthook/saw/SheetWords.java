package canthook.saw;

import canthook.fingers.Pace;
import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.GrooveRun;
import canthook.panel.HeldPanel;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * What the sheet over the saw says beside its drawings: sizes of walls, jig and panels, and the order of work.
 *
 * @param wood and its thickness
 * @param board its size
 * @param jig how it indexes
 * @param walls sizes of the walls and their joint
 * @param setting of jig and cutter, and the panels
 * @param wanted clearance
 * @param stops why the box cannot be made as it stands; empty when it can
 * @param order what to do, one thing after another
 * @param blank what the board must give
 * @param panels what each panel in a groove is cut to
 * @param loose what each panel in no groove is cut to
 */
public record SheetWords(
        String wood,
        String board,
        String jig,
        List<Line> walls,
        List<Line> setting,
        String wanted,
        List<String> stops,
        List<String> order,
        List<Line> blank,
        List<Panel> panels,
        List<Panel> loose) {

    /**
     * A panel.
     *
     * @param of whose it is: {@code bottom}, {@code lid}
     * @param name and its wood
     */
    public record Panel(String of, String name, List<Line> lines) {}

    /** A number with its words, as shown. */
    public record Line(String words, String value) {}

    /** Gathers them. */
    public static SheetWords of(WorkedPlan worked) {
        LengthDisplay display = worked.plan().display();
        List<CutPiece> held = worked.panels().stream().map(CutPiece::of).toList();
        return new SheetWords(
                worked.plan().walls().known().name() + " "
                        + worked.size().thickness().text(display),
                worked.blank().length().text(display) + " × "
                        + worked.blank().width().text(display),
                worked.jig().way().words(),
                walls(worked, display),
                setting(worked, display),
                worked.fingers().chosen().wanted().text(display),
                worked.found().stream()
                        .filter(v -> v.weight() == Verdict.Weight.STOP)
                        .map(Verdict::sentence)
                        .toList(),
                order(worked),
                blank(worked, display),
                worked.panels().stream().map(p -> panel(p, display)).toList(),
                worked.pieces().stream()
                        .filter(piece -> !held.contains(piece))
                        .map(piece -> loose(piece, display))
                        .toList());
    }

    /** The loose ones of a bottom or a lid. */
    public List<Panel> loose(String of) {
        return loose.stream().filter(panel -> panel.of().equals(of)).toList();
    }

    /**
     * How the board becomes four parts, one thing after another.
     *
     * @param stops the settings of the stop, as a batch has them; none for one box
     */
    public static List<String> outOfTheBoard(WorkedPlan worked, List<String> stops) {
        List<String> order = new ArrayList<>();
        order.add("Joint one face and one edge, then the other face parallel; square one end.");
        stops.forEach(stop -> order.add("Stop at " + stop + "."));
        Jobs.of(worked).stream().filter(j -> j.when() == Jobs.When.BEFORE_JOINT).forEach(j -> order.add(j.says()));
        order.add("Letter the parts on their outsides as they come off the board.");
        return List.copyOf(order);
    }

    private static List<Line> walls(WorkedPlan worked, LengthDisplay display) {
        List<Line> lines = new ArrayList<>();
        lines.add(new Line("rip first to", worked.fingers().firstRip().text(display)));
        lines.add(new Line("close at", worked.fingers().wall().text(display)));
        lines.add(new Line(
                worked.fingers().chosen().sections().count() + " sections, slots",
                worked.fingers().chosen().slot().text(display)));
        lines.add(new Line("fingers", worked.fingers().chosen().finger().text(display)));
        lines.add(new Line("clearance", worked.fingers().chosen().clearance().text(display)));
        if (worked.walls().low() != null) {
            lines.add(new Line("low wall", worked.walls().low().line().text(display)));
        }
        return List.copyOf(lines);
    }

    private static List<Line> setting(WorkedPlan worked, LengthDisplay display) {
        List<Line> lines = new ArrayList<>();
        for (Worked number : worked.jig().numbers()) {
            if (List.of("jig.gap", "jig.key", "jig.fence").contains(number.id())) {
                lines.add(new Line(number.label().toLowerCase(Locale.ROOT), number.text(display)));
            }
        }
        lines.add(new Line("cutter up", worked.jig().cutterHeight().text(display)));
        for (CutPiece piece : worked.pieces()) {
            lines.add(new Line("cut " + piece.called(), piece.size(display)));
        }
        for (GrooveRun panel : worked.grooves()) {
            lines.add(new Line(
                    panel.of() + " groove",
                    panel.groove().width().number(display) + " × "
                            + panel.groove().depth().text(display) + ", "
                            + panel.groove().offset().number(display) + " up"));
        }
        return List.copyOf(lines);
    }

    private static List<Line> blank(WorkedPlan worked, LengthDisplay display) {
        return List.of(
                new Line("sides A, C", worked.size().sideLength().text(display)),
                new Line("ends B, D", worked.size().endLength().text(display)),
                new Line("rip first to", worked.fingers().firstRip().text(display)),
                new Line("thick", worked.size().thickness().text(display)),
                new Line("length needed", worked.blank().needed().text(display)),
                new Line("width needed", worked.blank().neededWidth().text(display)),
                new Line("left over", worked.blank().left().text(display)),
                new Line("squaring, each end", worked.blank().squaring().text(display)),
                new Line("kerf of the saw", worked.blank().kerf().text(display)));
    }

    private static Panel panel(HeldPanel panel, LengthDisplay display) {
        List<Line> lines = new ArrayList<>(List.of(
                new Line("along its grain", panel.along().text(display)),
                new Line("across its grain", panel.across().cut().text(display)),
                new Line("thick", panel.thickness().text(display)),
                new Line("edge in the groove", panel.tongue().text(display)),
                new Line("groove width", panel.groove().width().text(display)),
                new Line("groove depth", panel.groove().depth().text(display)),
                new Line("groove above bottom edge", panel.groove().offset().text(display))));
        HeldPanel.Shoulders shoulders = panel.shoulders();
        if (shoulders != null) {
            lines.add(new Line("lower shoulder, deep", shoulders.lower().text(display)));
            lines.add(new Line("shoulders, wide", shoulders.across().text(display)));
            lines.add(new Line("shoulders at the ends", shoulders.along().text(display)));
        }
        return new Panel(
                panel.of(),
                "The " + panel.of() + ": " + panel.across().movements().wood().name(),
                List.copyOf(lines));
    }

    private static Panel loose(CutPiece piece, LengthDisplay display) {
        return new Panel(
                piece.of(),
                (piece.count() == 1 ? "The " + piece.name() : piece.called()) + ": "
                        + piece.wood().name(),
                List.of(
                        new Line("along its grain", piece.along().text(display)),
                        new Line("across its grain", piece.across().text(display)),
                        new Line("thick", piece.thickness().text(display))));
    }

    private static List<String> order(WorkedPlan worked) {
        List<String> order = new ArrayList<>();
        List<Jobs.Job> jobs = Jobs.of(worked);
        jobs.stream().filter(j -> j.when() == Jobs.When.BEFORE_JOINT).forEach(j -> order.add(j.says()));
        order.add("Mark letters outside, reference edges, corner numbers.");
        order.add("Test cut; settle the fit; rip to the closing height.");
        int passes = worked.cuts().passes().count();
        order.add("Cut the joint: " + passes + " " + Pace.of(worked.jig().way()).counted(passes) + ", "
                + worked.cuts().setups().stream()
                        .map(s -> s.stack() + " " + s.end().words())
                        .distinct()
                        .collect(Collectors.joining(", then "))
                + ".");
        jobs.stream().filter(j -> j.when() == Jobs.When.AFTER_JOINT).forEach(j -> order.add(j.says()));
        List<Jobs.Job> last =
                jobs.stream().filter(j -> j.when() == Jobs.When.AFTER_GLUE).toList();
        if (!last.isEmpty()) {
            order.add("Glue up; let it set.");
            last.forEach(j -> order.add(j.says()));
        }
        return List.copyOf(order);
    }
}
