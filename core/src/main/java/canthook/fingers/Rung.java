package canthook.fingers;

import static canthook.working.Term.fixed;
import static canthook.working.Term.roundedUp;

import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BottomChoice;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.LidChoice;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.wood.Wood;
import canthook.working.Quantity;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;

/**
 * One way to divide the height into sections, with one cutter.
 *
 * <pre>
 * m = ⌈n/2⌉      H = n·s − m·c      s = (H + m·c)/n      f = s − c      p = s + f
 * one pass: s = kerf, and the wall closes at n·k − m·c, which is not n times the cutter
 * passes N = 1 + ⌈(s − k)/(k − overlap)⌉
 * </pre>
 *
 * Check: H 96, n 13, c 0.12: s 7.4492, f 7.3292, p 14.7785; kerf 3.2: 3 passes at 0, 2.125, 4.249. 8.00 mm bit, c 0.12,
 * 11 sections: closes at 87.28.
 *
 * @param tool the cutter it is cut with
 * @param feasible whether the cutter can make it
 * @param why when it cannot, or when it is a strange choice: the reason; else empty
 * @param closing the height at which the joint closes
 * @param onePassCloses where it would close with one pass a slot
 * @param ripOff what must come off a wall of the wished height
 * @param overlap of neighbouring passes, at least
 * @param reasons what the score is made of
 */
public record Rung(
        Tool tool,
        boolean feasible,
        String why,
        Layout layout,
        Worked sections,
        Worked fingers,
        Worked clearance,
        Worked slot,
        Worked finger,
        Worked pitch,
        Worked passes,
        Worked closing,
        Worked onePassCloses,
        Worked ripOff,
        Worked cuts,
        Worked glueArea,
        Worked glueRatio,
        Worked glueFaces,
        Worked sectionRatio,
        Worked score,
        Worked kerf,
        Length overlap,
        List<Reason> reasons,
        List<Worked> numbers) {

    /**
     * One part of the score.
     *
     * @param words what it is, in words
     * @param lost points it costs
     */
    public record Reason(String words, double lost) {}

    /**
     * Works out one count of equal sections; {@code name} is the sheet's: {@code fingers}, or {@code fingers.13} for a rung of
     * the ladder.
     */
    static Rung of(String name, int count, Tool tool, BoxPlan plan, SizedBox box, HouseRules rules) {
        Worksheet sheet = new Worksheet(name);
        Worked height = box.height();
        Worked n = sheet.decided("sections", "n", "Sections", Show.COUNT, count, "fingers.sections");
        Worked m = halved(sheet, n);
        Worked clearance = clearance(sheet, plan, count, rules);
        Worked lower = sheet.ruled(
                "lower-by",
                "H₋",
                "May close lower by",
                Show.LAYOUT,
                rules.oneLowerBy(),
                HouseRule.ONE_LOWER_BY.reason(),
                plan.fingers().lowerBy(),
                "fingers.lowerBy");
        Reach reach = Reach.of(plan.fingers(), height.length(), lower.length(), count);
        Worked kerf = tool.kerf(sheet, count, clearance.length(), reach);
        Worked onePass = onePass(sheet, n, m, kerf, clearance);
        boolean once = reach.holds(onePass.length());
        Worked slot = once
                ? sheet.work("slot", "s", "Slot", Show.FIT, kerf.times(1), "One pass of the cutter makes the slot.")
                : sheet.work(
                        "slot",
                        "s",
                        "Slot",
                        Show.FIT,
                        height.plus(m.times(clearance)).over(n),
                        "The height, and the clearance each finger gives up, shared out over the sections.");
        Worked finger = sheet.work(
                "finger",
                "f",
                "Finger",
                Show.FIT,
                slot.minus(clearance),
                "A finger is narrower than its slot by the clearance.");
        Worked pitch = sheet.work(
                "pitch", "p", "Pitch", Show.FIT, slot.plus(finger), "From one slot to the next: a slot and a finger.");
        Leftover leftover = plan.fingers().leftover();
        boolean fills = !once || leftover != Leftover.RIP;
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
        boolean feasible =
                !slot.length().isUnder(kerf.length()) && finger.length().isPositive();
        Length shift = shift(plan, clearance.length());
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
        return new Numbers(sheet, tool, n, m, clearance, kerf, onePass, slot, finger, pitch, closing)
                .rung(feasible, layout, plan, box, rules);
    }

    /** Works out a list of unequal sections; slot, finger and pitch are means. */
    static Rung listed(List<Length> widths, Tool tool, BoxPlan plan, SizedBox box, HouseRules rules) {
        Worksheet sheet = new Worksheet("fingers");
        Worked n = sheet.work(
                "sections", "n", "Sections", Show.COUNT, fixed(widths.size()), "As many as are in your list.");
        Worked m = halved(sheet, n);
        Worked clearance = clearance(sheet, plan, widths.size(), rules);
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
                shift(plan, clearance.length()),
                Length.ZERO,
                widths);
        boolean feasible = narrowest(layout).compareTo(kerf.length()) >= 0
                && layout.slotFirstFingers().stream().allMatch(f -> f.width().isPositive());
        return new Numbers(
                        sheet,
                        tool,
                        n,
                        m,
                        clearance,
                        kerf,
                        onePass(sheet, n, m, kerf, clearance),
                        slot,
                        finger,
                        pitch,
                        closing)
                .rung(feasible, layout, plan, box, rules);
    }

    /** The narrowest slot of either end. */
    private static Length narrowest(Layout layout) {
        Length narrowest = layout.height();
        for (boolean fingerFirst : new boolean[] {true, false}) {
            for (Span slot : layout.slots(fingerFirst)) {
                narrowest = Length.shorter(narrowest, slot.width());
            }
        }
        return narrowest;
    }

    private static Length widest(Layout layout) {
        Length widest = Length.ZERO;
        for (boolean fingerFirst : new boolean[] {true, false}) {
            for (Span slot : layout.slots(fingerFirst)) {
                widest = Length.longer(widest, slot.width());
            }
        }
        return widest;
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

    /** The slot-first pattern stands half a clearance nearer the edge when the clearance is shared. */
    private static Length shift(BoxPlan plan, Length clearance) {
        return plan.fingers().shared() == Sharing.CENTRED ? clearance.dividedBy(2) : Length.ZERO;
    }

    /** Between which heights one pass a slot may close. */
    record Reach(Length wished, Length lowest, Length highest) {
        static Reach of(FingerChoice choice, Length height, Length lower, int count) {
            Length lowest = height.minus(lower);
            Length highest = height.plus(choice.higherBy());
            if (choice.leftover() != Leftover.RIP) {
                Length third = height.dividedBy(3L * count);
                Length either = choice.leftover() == Leftover.LAST ? third : third.times(2);
                lowest = Length.shorter(lowest, height.minus(either));
                highest = Length.longer(highest, height.plus(either));
            }
            return new Reach(height, lowest, highest);
        }

        boolean holds(Length closes) {
            return closes.isPositive() && !closes.isUnder(lowest) && !closes.isOver(highest);
        }
    }

    /** The numbers a division is made of, equal or not; the rest follows from them alike. */
    private record Numbers(
            Worksheet sheet,
            Tool tool,
            Worked n,
            Worked m,
            Worked clearance,
            Worked kerf,
            Worked onePass,
            Worked slot,
            Worked finger,
            Worked pitch,
            Worked closing) {

        Rung rung(boolean feasible, Layout layout, BoxPlan plan, SizedBox box, HouseRules rules) {
            LengthDisplay display = plan.display();
            Worked height = box.height();
            Term overlap = overlap(kerf, rules);
            Term broad = layout.isEqual() ? slot : fixed(widest(layout));
            Worked passes = broad.length().isOver(kerf.length())
                    ? sheet.work(
                            "passes",
                            "N",
                            layout.isEqual() ? "Passes a slot" : "Passes of the widest slot",
                            Show.COUNT,
                            fixed(1).plus(roundedUp(broad.minus(kerf).over(kerf.minus(overlap)))),
                            "One pass, and as many more as the rest needs with neighbouring passes overlapping.")
                    : sheet.work(
                            "passes", "N", "Passes a slot", Show.COUNT, fixed(1), "The slot is as wide as the kerf.");
            Worked ripOff = sheet.work(
                    "rip-off",
                    "e",
                    "To rip off a wall of the wished height",
                    Show.FIT,
                    height.minus(closing),
                    "What the wished height has over the closing height.");
            Worked cuts = sheet.work(
                    "cuts",
                    "cuts",
                    "Passes in all",
                    Show.COUNT,
                    layout.isEqual() && layout.tail().nanometres() == 0
                            ? fixed(2).times(n).times(passes)
                            : fixed(2).times(allPasses(layout, kerf.length(), overlap.length())),
                    layout.isEven()
                            ? "Both ends of one stack of all four parts would be half of this: every slot of both kinds of end, twice."
                            : "Both ends of two stacks: the sides together and the ends together.");
            Worked thickness = box.thickness();
            Worked area = sheet.work(
                    "glue-area",
                    "A",
                    "Glue area of a corner",
                    Show.AREA,
                    n.minus(1).times(thickness.times(box.endThickness())),
                    "Long grain to long grain between the fingers: sections less one, each thickness by thickness.");
            Worked ratio = sheet.work(
                    "glue-ratio",
                    "A/A₀",
                    "Against a butt corner",
                    Show.RATIO,
                    area.over(closing.times(thickness)),
                    "A plain butt has the height times the thickness, and that is end grain.");
            Worked faces = sheet.work(
                    "glue-faces",
                    "faces",
                    "Faces to glue",
                    Show.COUNT,
                    fixed(4).times(n.minus(1)),
                    "Four corners, one face between each two sections.");
            Worked wide = sheet.work(
                    "section-ratio",
                    "s/T",
                    "Section to thickness",
                    Show.RATIO,
                    slot.over(thickness),
                    "House rule: between " + ratio(rules, HouseRule.SECTION_LEAST) + " and "
                            + ratio(rules, HouseRule.SECTION_MOST) + ", best "
                            + ratio(rules, HouseRule.SECTION_BEST_FROM) + " to "
                            + ratio(rules, HouseRule.SECTION_BEST_TO) + ".");
            List<Reason> reasons = reasons(plan, layout, wide, passes, cuts, ripOff, display, rules);
            Term lost = fixed(0);
            for (Reason reason : reasons) {
                if (reason.lost() > 0) {
                    lost = lost.number() == 0 ? fixed(reason.lost()) : lost.plus(reason.lost());
                }
            }
            Worked score = sheet.work(
                    "score",
                    "score",
                    "Score",
                    Show.COUNT,
                    fixed(100).minus(lost),
                    "A hundred, less what each reason beside the rung costs.");
            String why = feasible
                    ? (rules.isStrange(wide.number()) ? "strange: " + ratioWords(wide.number()) : "")
                    : "the cutter's " + display.text(kerf.length(), Precision.FIT) + " is wider than the slot";
            return new Rung(
                    tool,
                    feasible,
                    why,
                    layout,
                    n,
                    m,
                    clearance,
                    slot,
                    finger,
                    pitch,
                    passes,
                    closing,
                    onePass,
                    ripOff,
                    cuts,
                    area,
                    ratio,
                    faces,
                    wide,
                    score,
                    kerf,
                    overlap.length(),
                    reasons,
                    sheet.numbers());
        }
    }

    /** Where the passes of a slot this wide begin, from its near wall: evenly spread, first and last touching the walls. */
    public List<Length> passesOf(Length width) {
        return passesAt(width, kerf.length(), passesOf(width, kerf.length(), overlap));
    }

    /** Where the passes of an equal slot begin, from its near wall. */
    public List<Length> passesAt() {
        return passesOf(slot.length());
    }

    private static int passesOf(Length width, Length kerf, Length overlap) {
        Length rest = width.minus(kerf);
        return rest.isPositive() ? 1 + (int) Math.ceil(rest.dividedBy(kerf.minus(overlap)) - 1e-9) : 1;
    }

    /** Passes over all slots of a finger-first and of a slot-first end. */
    private static double allPasses(Layout layout, Length kerf, Length overlap) {
        int all = 0;
        for (boolean fingerFirst : new boolean[] {true, false}) {
            for (Span slot : layout.slots(fingerFirst)) {
                all += passesOf(slot.width(), kerf, overlap);
            }
        }
        return all;
    }

    /** The section boundaries as terms, from the reference edge up: end of a slot, end of a finger, end of the next slot … */
    public Term boundary(int index) {
        if (!layout.isEqual() || layout.shift().nanometres() != 0) {
            return fixed(layout.boundaries().get(index));
        }
        int pitches = (index + 1) / 2;
        Term whole = pitch.times(pitches);
        return index == 0 ? slot.times(1) : index % 2 == 0 ? whole.plus(slot) : whole;
    }

    private static Term overlap(Worked kerf, HouseRules rules) {
        Term house = fixed(rules.overlap());
        return !kerf.length().isUnder(rules.overlap().times(1.5)) ? house : Term.smaller(house, kerf.over(2));
    }

    private static List<Length> passesAt(Length slot, Length kerf, int passes) {
        List<Length> at = new ArrayList<>(passes);
        for (int i = 0; i < passes; i++) {
            at.add(i == 0 ? Length.ZERO : slot.minus(kerf).times(i).dividedBy(passes - 1));
        }
        return at;
    }

    /**
     * Target clearance: the wood's, plus the house's extra for every ten sections above twelve.
     */
    private static Worked clearance(Worksheet sheet, BoxPlan plan, int count, HouseRules rules) {
        Wood wood = plan.walls().known();
        Length own = plan.fingers().clearance();
        int tens = count <= 12 ? 0 : (count - 12) / 10;
        if (own != null || tens == 0) {
            return sheet.ruled(
                    "clearance",
                    "c",
                    "Clearance",
                    Show.FIT,
                    rules.clearance(wood),
                    rules.clearanceReason(wood),
                    own,
                    "fingers.clearance");
        }
        Worked base = sheet.ruled(
                "wood-clearance",
                "c₀",
                "Clearance of the wood",
                Show.FIT,
                rules.clearance(wood),
                rules.clearanceReason(wood),
                null,
                "fingers.clearance");
        Worked extra = sheet.ruled(
                "extra-clearance",
                "c₊",
                "Extra per ten sections above twelve",
                Show.FIT,
                rules.extraPerTenSections(),
                HouseRule.EXTRA_PER_TEN_SECTIONS.reason(),
                null,
                "fingers.clearance");
        return sheet.work(
                "clearance",
                "c",
                "Clearance",
                Show.FIT,
                base.plus(extra.times(tens)),
                "The wood's clearance, and the extra for every full ten sections above twelve.");
    }

    private static List<Reason> reasons(
            BoxPlan plan,
            Layout layout,
            Worked wide,
            Worked passes,
            Worked cuts,
            Worked ripOff,
            LengthDisplay display,
            HouseRules rules) {
        List<Reason> reasons = new ArrayList<>();
        reasons.add(new Reason(ratioWords(wide.number()), lostByRatio(wide.number(), rules)));
        int times = passes.count();
        reasons.add(
                new Reason(times == 1 ? "one pass a slot" : times + " passes a slot", Math.min(30, 6.0 * (times - 1))));
        reasons.add(new Reason(cuts.count() + " passes in all", Math.min(20, cuts.count() / 20.0)));
        if (ripOff.length().isPositive()) {
            reasons.add(new Reason(
                    display.text(ripOff.length(), Precision.FIT) + " to rip off",
                    Math.min(10, 2 * ripOff.length().mm())));
        }
        if (plan.bottom().kind() != BottomChoice.Kind.NONE) {
            boolean hidden = layout.meets(span(plan.bottom().groove())) != Layout.Where.STRADDLES;
            reasons.add(new Reason(
                    hidden ? "bottom groove inside one section" : "bottom groove across a boundary", hidden ? 0 : 8));
        }
        if (plan.lid().kind() != LidChoice.Kind.NONE) {
            boolean inside = layout.meets(span(plan.lid().groove())) != Layout.Where.STRADDLES;
            reasons.add(new Reason(
                    inside ? "lid groove inside one section" : "lid groove across a boundary", inside ? 0 : 6));
        }
        return List.copyOf(reasons);
    }

    static Span span(canthook.plan.Groove groove) {
        return new Span(groove.offset(), groove.top());
    }

    private static double lostByRatio(double ratio, HouseRules rules) {
        double from = rules.value(HouseRule.SECTION_BEST_FROM);
        double to = rules.value(HouseRule.SECTION_BEST_TO);
        boolean narrow = ratio < from;
        double off = narrow ? from - ratio : Math.max(0, ratio - to);
        double inside = narrow ? 50 : 20;
        double limit = narrow
                ? Math.max(0, from - rules.value(HouseRule.SECTION_LEAST))
                : Math.max(0, rules.value(HouseRule.SECTION_MOST) - to);
        return Math.round(Math.min(60, off <= limit ? off * inside : 10 + (off - limit) * 50) * 10) / 10.0;
    }

    private static String ratio(HouseRules rules, HouseRule rule) {
        return Show.RATIO.number(Quantity.of(rules.value(rule)), LengthDisplay.METRIC);
    }

    /** How wide a section is beside the wood's thickness, in words. */
    static String ratioWords(double ratio) {
        if (ratio < 0.5) {
            return "sections much narrower than the wood is thick";
        }
        if (ratio < 0.7) {
            return "sections narrower than the wood is thick";
        }
        if (ratio < 0.95) {
            return "sections a little narrower than the wood is thick";
        }
        if (ratio <= 1.05) {
            return "sections as wide as the wood is thick";
        }
        if (ratio <= 1.25) {
            return "sections a little wider than the wood is thick";
        }
        return ratio <= 1.5 ? "sections wider than the wood is thick" : "sections much wider than the wood is thick";
    }
}
