package canthook.building;

import canthook.jig.Setting;
import canthook.machines.Measured;
import canthook.planner.WorkedPlan;
import canthook.shop.Machine.Measure;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import java.util.Optional;

/**
 * The jig of a worked plan, to be built: every part with its size, the order it is made in, what is checked.
 *
 * @param title what it is
 * @param minutes about how long it takes
 * @param order one thing after another, cautions among them
 * @param checks what is read off it once it stands
 * @param stops why it cannot be built so; nothing when all is well
 * @param assumed measures of machines nobody took yet
 */
public record JigToBuild(
        String title,
        int minutes,
        List<JigPart> parts,
        List<Order> order,
        List<Check> checks,
        List<String> stops,
        List<Measure> assumed,
        List<Worked> numbers) {

    /** What the ids of its numbers begin with. */
    public static final String STAGE = "build.";

    /**
     * One thing to do.
     *
     * @param caution whether somebody can be hurt at it
     */
    public record Order(String says, boolean caution) {}

    /**
     * Something to read off the jig.
     *
     * @param id stable name
     * @param number what it should read; empty for what is looked at
     */
    public record Check(String id, String says, Optional<Worked> number) {}

    public JigToBuild {
        parts = List.copyOf(parts);
        order = List.copyOf(order);
        checks = List.copyOf(checks);
        stops = List.copyOf(stops);
        assumed = List.copyOf(assumed);
        numbers = List.copyOf(numbers);
    }

    /** What is built for the way the plan is cut; empty when that way cannot cut its joint. */
    public static Optional<JigToBuild> of(WorkedPlan worked) {
        Setting setting = worked.jig().setting();
        if (setting == null) {
            return Optional.empty();
        }
        Worksheet sheet = new Worksheet("build");
        Drafting drafting =
                new Drafting(worked, sheet, new Measured(worked.shop().machines(), sheet));
        return Optional.of(setting.fold(
                key -> KeyJig.of(drafting, key),
                screw -> ScrewCarriage.of(drafting, screw),
                spacers -> SpacerFence.of(drafting, spacers),
                stops -> StopFence.of(drafting),
                hand -> HandKit.of(drafting, hand),
                bandSaw -> ShimFence.of(drafting, bandSaw)));
    }

    public Optional<JigPart> part(String id) {
        return parts.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    public Optional<Worked> number(String id) {
        return numbers.stream().filter(n -> n.is(id)).findFirst();
    }
}
