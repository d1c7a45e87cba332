package canthook.fitting;

import static canthook.working.Term.fixed;

import canthook.fingers.Ladder;
import canthook.length.Length;
import canthook.lid.WorkedLid;
import canthook.plan.BoxPlan;
import canthook.plan.Lining;
import canthook.plan.Part;
import canthook.seasons.Year;
import canthook.size.SizedBox;
import canthook.walls.WallDemands;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;

/**
 * The box around what is fitted: what is there between the walls, and between the floor and what closes it.
 *
 * <pre>
 * lined: inside − 2 · lining both ways;  in height less the lining of the floor
 * </pre>
 *
 * @param insideLength between the walls, or their lining
 * @param insideWidth likewise
 * @param room from the floor, or its lining, to what closes the box
 */
record Around(
        BoxPlan plan,
        WallDemands walls,
        SizedBox box,
        Ladder ladder,
        Year year,
        WorkedLid lid,
        Worked kerf,
        Worked insideLength,
        Worked insideWidth,
        Worked room) {

    static Around of(
            Worksheet sheet,
            BoxPlan plan,
            WallDemands walls,
            SizedBox box,
            Ladder ladder,
            Year year,
            WorkedLid lid,
            Worked kerf) {
        Worked under = lid.insideHeight();
        Worked room = under != null
                ? under
                : sheet.work(
                        "room",
                        "Hᵢ",
                        "From the floor to the edge",
                        Show.LAYOUT,
                        ladder.wall().minus(fixed(walls.floorHeight())),
                        "The wall, less where things stand.");
        Lining lining = plan.lining();
        if (lining == null) {
            return new Around(plan, walls, box, ladder, year, lid, kerf, box.insideLength(), box.insideWidth(), room);
        }
        Worked thick = sheet.decided(
                "lining",
                "b",
                "Lining, thick",
                Show.LAYOUT,
                lining.thickness(),
                "fittings." + plan.fittings().indexOf(lining) + ".thickness");
        String rule = "The inside less the lining at both sides.";
        return new Around(
                plan,
                walls,
                box,
                ladder,
                year,
                lid,
                kerf,
                sheet.work(
                        "lined-length",
                        "Lᵢ",
                        "Inside length, lined",
                        Show.LAYOUT,
                        box.insideLength().minus(fixed(2).times(thick)),
                        rule),
                sheet.work(
                        "lined-width",
                        "Wᵢ",
                        "Inside width, lined",
                        Show.LAYOUT,
                        box.insideWidth().minus(fixed(2).times(thick)),
                        rule),
                lining.floor()
                        ? sheet.work(
                                "lined-height",
                                "Hᵢ",
                                "Inside height, lined",
                                Show.LAYOUT,
                                room.minus(thick),
                                "The inside height less the lining of the floor.")
                        : room);
    }

    /** Where a wall ends that the lid lies on or is sawn from. */
    Length edge(Part part) {
        return lid.fold(new WorkedLid.Kinds<>(
                none -> ladder.joint().top(part),
                sliding -> ladder.joint().top(part),
                sawn -> sawn.body().length(),
                onTop -> ladder.joint().top(part)));
    }

    /** Whether the lid turns on hinges. */
    boolean isHinged() {
        return lid.fold(new WorkedLid.Kinds<>(
                none -> false, sliding -> false, sawn -> sawn.hinges() != null, onTop -> onTop.hinges() != null));
    }

    boolean hasLid() {
        return !lid.pieces().isEmpty();
    }

    static String field(int index) {
        return "fittings." + index + ".";
    }

    /** The wall’s thickness once it is finished. */
    Worked thick(Part part) {
        return part.isSide() ? box.finalThickness() : box.finalEndThickness();
    }
}
