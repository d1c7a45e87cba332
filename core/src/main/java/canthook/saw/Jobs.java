package canthook.saw;

import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.panel.GrooveEnds.Run;
import canthook.panel.GrooveRun;
import canthook.panel.Step;
import canthook.plan.Part;
import canthook.planner.WorkedPlan;
import canthook.walls.LowWalls;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** What is cut beside the joint, before it and after it, in order: parts to size, the lowered wall, grooves with their stops, panels. */
public final class Jobs {
    private Jobs() {}

    /** Before the joint, after it and before the glue, or once that has set. */
    public enum When {
        BEFORE_JOINT,
        AFTER_JOINT,
        AFTER_GLUE
    }

    /**
     * One thing to do.
     *
     * @param says what to do, in a sentence with its sizes
     * @param number id of the number it is about
     */
    public record Job(When when, String says, String number) {}

    /** Everything, in order. */
    public static List<Job> of(WorkedPlan worked) {
        LengthDisplay display = worked.plan().display();
        List<Job> jobs = new ArrayList<>();
        Worked side = worked.size().sideLength();
        Worked end = worked.size().endLength();
        before(jobs, "A and C: " + side.text(display) + " long. B and D: " + end.text(display) + " long.", side);
        Worked first = worked.fingers().firstRip();
        Worked wall = worked.fingers().wall();
        before(
                jobs,
                first.length().equals(wall.length())
                        ? "Rip all walls to " + wall.text(display) + "."
                        : "Rip all walls first to " + first.text(display) + ", to " + wall.text(display)
                                + " once the fit is settled.",
                first);
        LowWalls low = worked.walls().low();
        if (low != null && low.line().length().isUnder(wall.length())) {
            boolean lid = low.by() == LowWalls.By.LID;
            before(
                    jobs,
                    "Rip " + names(low.parts()) + " to " + low.line().text(display)
                            + (lid ? ", the lid line, before the joint is cut." : " before the joint is cut."),
                    low.line());
        }
        for (GrooveRun panel : worked.grooves()) {
            jobs.add(new Job(
                    When.AFTER_JOINT,
                    groove(panel, display),
                    panel.groove().offset().id()));
        }
        Worked angle =
                worked.fingers().low() == null ? null : worked.fingers().low().angle();
        if (angle != null && low != null) {
            jobs.add(new Job(
                    When.AFTER_JOINT,
                    "Slope A and C from " + wall.text(display) + " at the back to "
                            + low.line().text(display) + " at the front, " + angle.text(display)
                            + ", in a taper carrier; bevel the tops of B and D to it.",
                    angle.id()));
        }
        for (CutPiece piece : worked.pieces()) {
            boolean tongue = !piece.edge().equals(piece.thickness());
            jobs.add(new Job(
                    When.AFTER_JOINT,
                    "Cut " + piece.called() + " " + piece.along().text(display) + " along the grain by "
                            + piece.across().text(display) + " across, "
                            + (tongue ? "edges " : "") + piece.edge().text(display) + " thick.",
                    piece.across().id()));
        }
        steps(jobs, worked, Step.When.BEFORE_GLUE, When.AFTER_JOINT);
        jobs.add(new Job(
                When.AFTER_JOINT,
                worked.grooves().isEmpty()
                        ? "Dry-fit all four corners."
                        : "Dry-fit all four corners with what goes into the grooves.",
                wall.id()));
        steps(jobs, worked, Step.When.AFTER_GLUE, When.AFTER_GLUE);
        return List.copyOf(jobs);
    }

    private static void steps(List<Job> jobs, WorkedPlan worked, Step.When which, When as) {
        worked.steps().stream()
                .filter(step -> step.when() == which)
                .forEach(step -> jobs.add(new Job(as, step.says(), step.number())));
    }

    private static void before(List<Job> jobs, String says, Worked number) {
        jobs.add(new Job(When.BEFORE_JOINT, says, number.id()));
    }

    private static String groove(GrooveRun panel, LengthDisplay display) {
        StringBuilder words = new StringBuilder("Groove for the " + panel.of() + ": "
                + panel.groove().width().text(display) + " wide, "
                + panel.groove().depth().text(display) + " deep, "
                + panel.groove().offset().text(display) + " above the reference edge, in "
                + names(panel.groove().parts()) + ".");
        for (Run run : EnumSet.of(Run.STOP, Run.SHOWS)) {
            ends(panel, run, display).forEach(words::append);
        }
        words.append(blocks(panel, display));
        String through = named(panel, Run.THROUGH);
        if (!through.isEmpty()) {
            words.append(" Through at ").append(through).append('.');
        }
        String open = named(panel, Run.OPEN);
        if (!open.isEmpty()) {
            words.append(" Right through at ").append(open).append(", where it slides in.");
        }
        return words.toString();
    }

    /** Ends that stop, one sentence for each place they stop at. */
    private static List<String> ends(GrooveRun panel, Run run, LengthDisplay display) {
        return panel.ends().stream()
                .filter(e -> e.run() == run && e.stopAt() != null)
                .collect(Collectors.groupingBy(
                        e -> java.util.Objects.requireNonNull(e.stopAt()).length(),
                        java.util.TreeMap::new,
                        Collectors.toList()))
                .values()
                .stream()
                .map(ends -> " " + (run == Run.STOP ? "Stop it at " : "It shows unless stopped at ")
                        + ends.stream().map(e -> e.end().toString()).collect(Collectors.joining(" ")) + ", "
                        + stop(ends.get(0), display) + " from the finished end.")
                .toList();
    }

    /** Where the stop blocks stand, for the parts in which the groove stops; empty where it stops nowhere. */
    private static String blocks(GrooveRun panel, LengthDisplay display) {
        List<String> settings = new ArrayList<>();
        for (boolean sides : new boolean[] {true, false}) {
            List<GrooveEnd> stopped = panel.ends().stream()
                    .filter(e -> e.run() == Run.STOP && e.end().part().isSide() == sides && e.block() != null)
                    .toList();
            if (!stopped.isEmpty()) {
                settings.add(
                        java.util.Objects.requireNonNull(stopped.get(0).block()).text(display)
                                + " for "
                                + stopped.stream()
                                        .map(e -> e.end().part().toString())
                                        .distinct()
                                        .collect(Collectors.joining(" and ")));
            }
        }
        return settings.isEmpty()
                ? ""
                : " Stop blocks, from the cutter's far edge: " + String.join(", ", settings)
                        + "; plunge at both ends first, then run between.";
    }

    private static String stop(GrooveEnd end, LengthDisplay display) {
        return java.util.Objects.requireNonNull(end.stopAt()).text(display);
    }

    private static String named(GrooveRun panel, Run run) {
        return panel.ends().stream()
                .filter(e -> e.run() == run)
                .map(e -> e.end().toString())
                .collect(Collectors.joining(" "));
    }

    private static String names(Set<Part> parts) {
        List<String> names = new TreeSet<>(parts).stream().map(Part::name).toList();
        return names.size() == 4
                ? "all four"
                : names.size() == 1
                        ? names.get(0)
                        : String.join(", ", names.subList(0, names.size() - 1)) + " and " + names.get(names.size() - 1);
    }
}
