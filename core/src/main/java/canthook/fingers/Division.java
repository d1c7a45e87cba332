package canthook.fingers;

import static canthook.working.Term.fixed;
import static canthook.working.Term.roundedUp;

import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice.Way;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.walls.LowWalls;
import canthook.walls.WallDemands;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Divides a height into sections.
 *
 * <pre>
 * m = ⌈n/2⌉      H = n·s − m·c      s = (H + m·c)/n      f = s − c      p = s + f
 * one pass: s = kerf, and the wall closes at n·k − m·c, which is not n times the cutter
 * a screw: the nearest whole steps to that slot and clearance, and what they close at
 * </pre>
 *
 * Check: H 96, n 13, c 0.12: s 7.4492, f 7.3292, p 14.7785. 8.00 mm bit, c 0.12, 11 sections: closes at 87.28.
 *
 * @param walls what the walls are asked
 * @param wood of the walls
 * @param clearance decided or usual for the wood, before what many sections add
 * @param ratioRule how wide a section may be beside the wood's thickness, in words; one sentence for all counts
 */
record Division(
        BoxPlan plan,
        SizedBox box,
        WallDemands walls,
        HouseRules rules,
        Wood wood,
        Length clearance,
        String ratioRule) {

    Division(BoxPlan plan, SizedBox box, WallDemands walls, HouseRules rules) {
        this(plan, box, walls, rules, plan.walls().known());
    }

    private Division(BoxPlan plan, SizedBox box, WallDemands walls, HouseRules rules, Wood wood) {
        this(plan, box, walls, rules, wood, usual(plan, wood, rules), Score.ratioRule(rules));
    }

    private static Length usual(BoxPlan plan, Wood wood, HouseRules rules) {
        Length own = plan.fingers().clearance();
        return own != null ? own : rules.clearance(wood);
    }

    /**
     * Works out one count of equal sections; {@code name} is the sheet's: {@code fingers}, or {@code fingers.13} for a rung of
     * the ladder.
     */
    Rung equal(String name, int count, Tool tool) {
        Worksheet sheet = new Worksheet(name);
        Worked height = box.jointed();
        boolean turned = plan.jig().way() == Way.SCREW;
        Worked n = sheet.decided("sections", "n", "Sections", Show.COUNT, count, "fingers.sections");
        Worked m = halved(sheet, n);
        Worked wanted = turned
                ? Clearance.of(sheet, "clearance-wanted", "Clearance wanted", plan, wood, count, rules)
                : Clearance.of(sheet, "clearance", "Clearance", plan, wood, count, rules);
        if (plan.fingers().saysHowFar()) {
            sheet.ruled(
                    "lower-by",
                    "H₋",
                    "Wall may end lower by",
                    Show.LAYOUT,
                    rules.oneLowerBy(),
                    HouseRule.ONE_LOWER_BY.reason(),
                    plan.fingers().lowerBy(),
                    "fingers.lowerBy");
        }
        HeightBand band = band(tool.kerf(), wanted, count);
        Worked kerf = tool.kerf(sheet, count, wanted.length(), band);
        band = band(kerf.length(), wanted, count);
        Worked onePass = onePass(sheet, n, m, kerf, wanted);
        boolean byHand = plan.jig().way() == Way.HAND;
        boolean once = !byHand && band.holds(onePass.length());
        Term ideal = once ? kerf.times(1) : height.plus(m.times(wanted)).over(n);
        Term overlap = Passes.overlap(kerf, rules);
        // whole steps near a slot narrower than the cutter would be another joint, far over the height
        boolean holds = !ideal.length().isUnder(kerf.length());
        ScrewSteps screw = turned && holds
                ? ScrewSteps.of(plan, sheet, kerf, overlap.length(), ideal.length(), wanted, rules)
                : null;
        Worked clearance = screw != null
                ? screw.clearance()
                : turned
                        ? sheet.work(
                                "clearance",
                                "c",
                                "Clearance",
                                Show.FIT,
                                wanted.times(1),
                                "As wanted: no steps are worked out for a slot narrower than the cutter.")
                        : wanted;
        Worked slot = screw != null
                ? screw.slot()
                : sheet.work(
                        "slot",
                        "s",
                        "Slot",
                        Show.FIT,
                        ideal,
                        once
                                ? "One pass of the cutter makes the slot."
                                : "The height, and the clearance each finger gives up, shared out over the sections.");
        Worked finger = sheet.work(
                "finger",
                "f",
                "Finger",
                Show.FIT,
                slot.minus(clearance),
                "A finger is narrower than its slot by the clearance.");
        Worked pitch = sheet.work(
                "pitch", "p", "Pitch", Show.FIT, slot.plus(finger), "From one slot to the next: a slot and a finger.");
        LowWalls low = walls.low();
        boolean toTheLine = low != null && low.everyCorner();
        Leftover leftover = screw == null && !toTheLine ? plan.fingers().leftover() : Leftover.RIP;
        boolean fills = screw == null && (!once || leftover != Leftover.RIP);
        Worked closing = fills
                ? sheet.work(
                        "closing-height",
                        "H₀",
                        "Closing height",
                        Show.FIT,
                        height.times(1),
                        once
                                ? "What the sections do not fill goes to the edges, as you decided."
                                : "The sections fill the height wished for.")
                : sheet.work(
                        "closing-height",
                        "H₀",
                        "Closing height",
                        Show.FIT,
                        n.times(slot).minus(m.times(clearance)),
                        "Where the last section ends whole.");
        boolean feasible = !slot.length().isUnder(kerf.length())
                && finger.length().isPositive()
                && closing.length().isPositive();
        Length shift = fromBothSides(screw) ? clearance.length().dividedBy(2) : shift(clearance.length());
        Length left = once && fills ? height.length().minus(onePass.length()) : Length.ZERO;
        Layout layout = leftover == Leftover.EDGES && left.nanometres() != 0
                ? new Layout(
                        count,
                        slot.length(),
                        finger.length(),
                        closing.length(),
                        shift,
                        Length.ZERO,
                        SectionLists.toTheEdges(count, slot.length(), finger.length(), left))
                : new Layout(count, slot.length(), finger.length(), closing.length(), shift, left, List.of());
        return new Derived(
                        sheet, tool, n, m, clearance, wanted, kerf, overlap, onePass, slot, finger, pitch, closing,
                        band, screw)
                .rung(feasible, layout, this);
    }

    /** Works out a list of unequal sections; slot, finger and pitch are means. */
    Rung listed(List<Length> widths, Tool tool) {
        Worksheet sheet = new Worksheet("fingers");
        Worked n = sheet.work(
                "sections", "n", "Sections", Show.COUNT, fixed(widths.size()), "As many as are in your list.");
        Worked m = halved(sheet, n);
        Worked clearance = Clearance.of(sheet, "clearance", "Clearance", plan, wood, widths.size(), rules);
        Term sum = fixed(widths.get(0));
        for (Length width : widths.subList(1, widths.size())) {
            sum = sum.plus(fixed(width));
        }
        Worked closing = sheet.work(
                "closing-height", "H₀", "Closing height", Show.FIT, sum, "Your sections, one after another.");
        Worked slot = sheet.work(
                "slot",
                "s",
                "Slot, on average",
                Show.FIT,
                closing.plus(m.times(clearance)).over(n),
                "Your sections are not equal; this is their mean with the clearance each finger gives up.");
        Worked finger = sheet.work(
                "finger",
                "f",
                "Finger, on average",
                Show.FIT,
                slot.minus(clearance),
                "A finger is narrower than its slot by the clearance.");
        Worked pitch = sheet.work(
                "pitch", "p", "Pitch, on average", Show.FIT, slot.plus(finger), "A slot and a finger, on average.");
        Worked kerf = tool.measured(sheet);
        Layout layout = new Layout(
                widths.size(),
                slot.length(),
                finger.length(),
                closing.length(),
                shift(clearance.length()),
                Length.ZERO,
                widths);
        boolean feasible = narrowest(layout).compareTo(kerf.length()) >= 0
                && layout.slotFirstFingers().stream().allMatch(f -> f.width().isPositive());
        return new Derived(
                        sheet,
                        tool,
                        n,
                        m,
                        clearance,
                        clearance,
                        kerf,
                        Passes.overlap(kerf, rules),
                        onePass(sheet, n, m, kerf, clearance),
                        slot,
                        finger,
                        pitch,
                        closing,
                        band(kerf.length(), clearance, widths.size()),
                        null)
                .rung(feasible, layout, this);
    }

    /** False when so many sections cannot be cut with a cutter, without working them out: even slots of its kerf close too high. */
    boolean mayHold(int count, Tool tool) {
        Length given = plan.fingers().clearance() != null
                ? clearance
                : clearance.plus(rules.extraPerTenSections().times(Math.max(0, (count - 12) / 10)));
        Length least = tool.narrowest().times(count).minus(given.times((count + 1) / 2));
        Length band = HeightBand.of(
                        plan.fingers(),
                        plan.size(),
                        false,
                        box.jointed().length(),
                        rules,
                        count,
                        tool.narrowest(),
                        given)
                .highest();
        return !least.isOver(Length.longer(band, box.jointed().length()));
    }

    /**
     * Whether two sections more always close higher, however many there are: then what cannot be cut with so many cannot be cut with more. Not so where
     * the clearance that many sections add eats up a narrow cutter's slots.
     */
    boolean closesEverHigher(Tool tool) {
        Length extra = plan.fingers().clearance() != null ? Length.ZERO : rules.extraPerTenSections();
        int most = FingerChoice.MOST_SECTIONS;
        Length widest = clearance.plus(extra.times((most - 12) / 10));
        return tool.narrowest().times(2).minus(widest).isOver(extra.times((most + 1) / 2));
    }

    private HeightBand band(Length kerf, Worked clearance, int count) {
        LowWalls low = walls.low();
        HeightBand band = HeightBand.of(
                plan.fingers(),
                plan.size(),
                low != null && low.everyCorner(),
                box.jointed().length(),
                rules,
                count,
                kerf,
                clearance.length());
        Length board = plan.blank().width();
        // a batch comes out of the rack's boards
        if (board == null || plan.batch() != null || low != null && low.everyCorner()) {
            return band;
        }
        return band.under(board.minus(overHeight((count + 1) / 2, rules)));
    }

    /** Left on over the closing height until the fit is settled. */
    static Length overHeight(int fingers, HouseRules rules) {
        return Length.longer(rules.expectedChange().times(fingers), rules.leastOverHeight());
    }

    /** The narrowest slot of either end. */
    private static Length narrowest(Layout layout) {
        Length narrowest = layout.height();
        for (End end : End.values()) {
            for (Span slot : layout.slots(end.isFingerFirst())) {
                narrowest = Length.shorter(narrowest, slot.width());
            }
        }
        return narrowest;
    }

    private static Worked halved(Worksheet sheet, Worked n) {
        return sheet.work(
                "fingers-first",
                "m",
                "Fingers on the finger-first end",
                Show.COUNT,
                roundedUp(n.over(2)),
                "Half the sections, rounded up.");
    }

    private static Worked onePass(Worksheet sheet, Worked n, Worked m, Worked kerf, Worked clearance) {
        return sheet.work(
                "one-pass-closes",
                "H₁",
                "Closes with one pass a slot at",
                Show.FIT,
                n.times(kerf).minus(m.times(clearance)),
                "With slots as wide as the kerf the height is not sections times cutter: each finger is a clearance narrower.");
    }

    /** A screw that starts half a pitch along and a band saw's shim share even a clearance under zero. */
    private boolean fromBothSides(@Nullable ScrewSteps screw) {
        return plan.fingers().shared() == Sharing.CENTRED
                && (screw != null || plan.jig().way() == Way.BAND_SAW);
    }

    /** The slot-first pattern stands half a clearance nearer the edge when there is one and it is shared. */
    private Length shift(Length clearance) {
        return plan.fingers().shared() == Sharing.CENTRED && clearance.isPositive()
                ? clearance.dividedBy(2)
                : Length.ZERO;
    }
}
