package canthook.jig;

import canthook.cutter.Cutter;
import canthook.fingers.Ladder;
import canthook.fingers.Layout;
import canthook.fingers.Rung;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice.Way;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The way of indexing the maker chose, set for this joint: every pass over either kind of end.
 *
 * @param way of indexing
 * @param setting where it stands; null when this way cannot make this layout
 * @param cutterHeight over the table, base or fence
 * @param cuts every pass over a finger-first end, then over a slot-first end; empty when it cannot be made
 * @param able ways that can make this layout
 */
public record Jig(
        Way way,
        @Nullable Setting setting,
        Worked kerf,
        Worked cutterHeight,
        Worked slotsFingerFirst,
        Worked slotsSlotFirst,
        List<Cut> cuts,
        List<Way> able,
        List<Worked> numbers,
        List<Verdict> verdicts) {

    /** Works out the setting. */
    public static Jig of(BoxPlan plan, SizedBox box, Ladder ladder, HouseRules rules) {
        Rung chosen = ladder.chosen();
        Worksheet sheet = new Worksheet("jig");
        Verdicts verdicts = new Verdicts("jig");
        Way way = plan.jig().way();
        Worked kerf = sheet.measured(
                "kerf",
                "k",
                "Measured kerf",
                Show.CALIPER,
                chosen.kerf().length(),
                "The slot one pass leaves, as measured in a cut.");
        Worked height = sheet.work(
                "cutter-height",
                "D",
                "Cutter height",
                Show.CALIPER,
                box.slotDepth().times(1),
                "As deep as the slot.");
        Worked fingerFirst = sheet.work(
                "slots-finger-first",
                "n − m",
                "Slots on a finger-first end",
                Show.COUNT,
                chosen.sections().minus(chosen.fingers()),
                "The sections that are not fingers.");
        Worked slotFirst = sheet.work(
                "slots-slot-first",
                "m",
                "Slots on a slot-first end",
                Show.COUNT,
                chosen.fingers().times(1),
                "One for every finger of the mate.");
        List<Way> able = new ArrayList<>();
        for (Way other : Way.values()) {
            if (hindrance(other, chosen.layout(), plan.fingers()).isEmpty()) {
                able.add(other);
            }
        }
        Optional<String> hindrance = hindrance(way, chosen.layout(), plan.fingers());
        Setting setting = null;
        if (hindrance.isPresent()) {
            refuse(plan, chosen.layout(), hindrance.get(), able, verdicts);
        } else if (chosen.feasible()) {
            setting = setting(plan, chosen, rules, sheet, verdicts);
        }
        if (setting != null) {
            build(setting, chosen, height, rules, sheet);
        }
        reach(plan, box, sheet, verdicts);
        List<Cut> cuts = new ArrayList<>();
        if (setting != null) {
            cuts.addAll(setting.cuts(End.FINGER_FIRST));
            cuts.addAll(setting.cuts(End.SLOT_FIRST));
        }
        return new Jig(
                way,
                setting,
                kerf,
                height,
                fingerFirst,
                slotFirst,
                List.copyOf(cuts),
                List.copyOf(able),
                sheet.numbers(),
                verdicts.all());
    }

    private static Setting setting(BoxPlan plan, Rung chosen, HouseRules rules, Worksheet sheet, Verdicts verdicts) {
        switch (plan.jig().way()) {
            case SCREW -> {
                ScrewSetting screw = ScrewSetting.of(plan, chosen, rules, sheet);
                screw.judge(plan, rules, verdicts);
                return screw;
            }
            case SPACERS -> {
                SpacerSetting spacers = SpacerSetting.of(plan, chosen, rules, sheet);
                spacers.judge(plan, rules, verdicts);
                return spacers;
            }
            case STOPS -> {
                StopSetting stops = StopSetting.of(plan, chosen, sheet);
                stops.judge(plan, rules, verdicts);
                return stops;
            }
            case HAND -> {
                HandSetting hand = HandSetting.of(plan, chosen, sheet);
                hand.judge(plan, verdicts);
                return hand;
            }
            case BAND_SAW -> {
                return BandSawSetting.of(plan, chosen, sheet);
            }
            default -> {
                KeySetting key = KeySetting.of(plan, chosen, rules, sheet);
                key.judge(plan, rules, verdicts);
                return key;
            }
        }
    }

    /** What the jig itself is made to, beside what is set on it. */
    private static void build(Setting setting, Rung chosen, Worked height, HouseRules rules, Worksheet sheet) {
        if (setting instanceof KeySetting) {
            sheet.work(
                    "build-key-height",
                    "hκ",
                    "Make the key stand up by",
                    Show.LAYOUT,
                    Term.larger(height.minus(Term.fixed(Length.mm(1))), Term.fixed(Length.mm(1))),
                    "A millimetre under the slot's depth, so that a part comes down on the base and not on the key.");
            Worked stack = sheet.ruled(
                    "build-stack",
                    "Tₘ",
                    "Thickest stack",
                    Show.LAYOUT,
                    rules.stackHighest(),
                    HouseRule.STACK_HIGHEST.reason(),
                    null,
                    "rules");
            sheet.work(
                    "build-key-length",
                    "lκ",
                    "Make the key reach out by",
                    Show.LAYOUT,
                    stack.plus(Term.fixed(Length.mm(10))),
                    "Past the thickest stack, with a thumb's breadth of ten millimetres to find it by.");
        } else if (setting instanceof SpacerSetting) {
            sheet.work(
                    "build-spacers",
                    "m − 1",
                    "Make pitch spacers",
                    Show.COUNT,
                    chosen.fingers().minus(1),
                    "As many as the slot nearest the reference edge takes.");
        } else if (setting instanceof ScrewSetting || setting instanceof StopSetting) {
            Layout layout = setting.layout();
            sheet.work(
                    "build-travel",
                    "X",
                    "Make it travel",
                    Show.LAYOUT,
                    Term.fixed(layout.height()).plus(chosen.kerf().times(2)),
                    "The joint's height, and a kerf beyond either edge.");
        } else if (setting instanceof HandSetting) {
            sheet.work(
                    "build-stick",
                    "ls",
                    "Make the story stick",
                    Show.LAYOUT,
                    chosen.closing().plus(Term.fixed(Length.mm(20))),
                    "The height, and something to hold it by.");
        }
    }

    /** Why a way cannot make a layout; empty when it can. */
    static Optional<String> hindrance(Way way, Layout layout, FingerChoice choice) {
        if (way == Way.STOPS || way == Way.HAND) {
            return Optional.empty();
        }
        if (!layout.isEqual()) {
            return Optional.of("needs equal sections: it steps one pitch again and again");
        }
        if (way == Way.BAND_SAW) {
            if (layout.isEven()) {
                return Optional.of("needs an odd count: it cuts the same line from both edges");
            }
            if (choice.shared() != Sharing.CENTRED) {
                return Optional.of("cuts from both edges, so the clearance is shared by both sides of a finger");
            }
            if (layout.tail().nanometres() != 0) {
                return Optional.of("needs parts of exactly the closing height: both edges register");
            }
        }
        if (way == Way.SCREW && layout.tail().nanometres() != 0) {
            return Optional.of("has whole steps only: rip the parts to the closing height");
        }
        return Optional.empty();
    }

    private static void refuse(BoxPlan plan, Layout layout, String why, List<Way> able, Verdicts verdicts) {
        List<Fix> fixes = new ArrayList<>();
        if (plan.jig().way() == Way.BAND_SAW && layout.isEqual()) {
            FingerChoice changed =
                    plan.fingers().with(Parity.ODD).with(Sharing.CENTRED).with(FingerChoice.Leftover.RIP);
            fixes.add(new Fix(
                    layout.isEven() ? "Take an odd count, clearance shared" : "Share the clearance",
                    plan.with(changed)));
        }
        if (!layout.isEqual() && plan.fingers().widths() != null) {
            fixes.add(new Fix("Equal sections", plan.with(plan.fingers().withWidths(null))));
        }
        if (layout.tail().nanometres() != 0 || plan.fingers().leftover() == FingerChoice.Leftover.EDGES) {
            fixes.add(new Fix(
                    "Rip to the closing height", plan.with(plan.fingers().with(FingerChoice.Leftover.RIP))));
        }
        for (Way other : able) {
            if (other == Way.STOPS || other == Way.HAND) {
                fixes.add(new Fix(
                        other == Way.STOPS ? "Index by a stop on a scale" : "Cut by hand",
                        plan.with(plan.jig().with(other))));
            }
        }
        verdicts.stop(
                Code.WAY_CANNOT,
                "jig.kerf",
                "“" + plan.jig().way().words() + "” " + why + ".",
                fixes.toArray(new Fix[0]));
    }

    /** A bit must reach past what it passes through by the deepest slot. */
    private static void reach(BoxPlan plan, SizedBox box, Worksheet sheet, Verdicts verdicts) {
        Cutter cutter = plan.fingers().tool();
        Length reach = cutter == null ? null : cutter.reach();
        boolean router = plan.jig().way() == Way.ROUTER_SLED;
        Length through = router && plan.jig().base() != null ? plan.jig().base() : Length.ZERO;
        if (reach == null || plan.jig().way() == Way.HAND || plan.jig().way() == Way.BAND_SAW) {
            return;
        }
        Worked full =
                sheet.measured("reach", "R", "The cutter reaches", Show.LAYOUT, reach, "As it hangs on the rack.");
        Worked base = sheet.decided("base", "b", "Through the base", Show.LAYOUT, through, "jig.base");
        Worked left = sheet.work(
                "reach-left",
                "R − b",
                "Reaches past the base by",
                Show.LAYOUT,
                full.minus(base),
                "What it reaches less what it passes through.");
        Worked deepest = box.endSlotDepth().isOver(box.slotDepth().length()) ? box.endSlotDepth() : box.slotDepth();
        Term wanting = deepest.minus(left);
        if (!wanting.length().isPositive()) {
            return;
        }
        LengthDisplay d = plan.display();
        Length thinner = through.minus(wanting.length());
        Fix[] fixes = thinner.isUnder(Length.mm(3))
                ? new Fix[0]
                : new Fix[] {
                    new Fix(
                            "Make the base " + d.text(thinner, Precision.LAYOUT) + " thick",
                            plan.with(plan.jig().withBase(thinner)))
                };
        verdicts.stop(
                Code.REACH_SHORT,
                "jig.reach-left",
                "The cutter reaches " + left.text(d) + " past " + (router ? "the base" : "the table")
                        + ", the slots are "
                        + deepest.text(d) + " deep: " + d.text(wanting.length(), Precision.CALIPER)
                        + " are wanting. Take a longer one"
                        + (router ? ", or a thinner base." : "."),
                fixes);
    }

    /** The joint as it is cut: the wanted one, or what the screw gives. */
    public Layout layout(Ladder ladder) {
        return setting == null ? ladder.chosen().layout() : setting.layout();
    }

    /** The key's setting, when the way has one. */
    public Optional<KeySetting> key() {
        return setting instanceof KeySetting key ? Optional.of(key) : Optional.empty();
    }

    /** Where the jig stands for a pass, as a number with its working; {@code jig.cut.finger-first.3.1}. */
    public Worked place(Cut cut) {
        Setting.Place place = placeOf(cut);
        return new Worksheet("jig.cut")
                .work(
                        cut.id(),
                        "x",
                        place.label() + ", " + cut.end().words() + " " + cut.title(),
                        place.show(),
                        place.term(),
                        place.rule());
    }

    /** What is set for a pass: {@code stop}, {@code carriage from zero}. */
    public String placeLabel(Cut cut) {
        String label = placeOf(cut).label();
        return label.substring(0, 1).toLowerCase(Locale.ROOT) + label.substring(1);
    }

    private Setting.Place placeOf(Cut cut) {
        Setting standing = setting;
        if (standing == null) {
            throw new IllegalStateException("nothing is cut this way");
        }
        return standing.place(cut);
    }

    /** A pass by the id of its number. */
    public Optional<Worked> placeById(String id) {
        return cuts.stream()
                .filter(c -> id.equals("jig.cut." + c.id()))
                .findFirst()
                .map(this::place);
    }

    /** One line: what is settled. */
    public String line(LengthDisplay display) {
        Setting standing = setting;
        if (standing == null) {
            return able.contains(way) ? "waits for fingers that can be cut" : "cannot cut this joint";
        }
        if (standing instanceof KeySetting key) {
            return (way == Way.SHIM_FENCE ? "fence with leaves" : way == Way.ROD_KEY ? "key of a rod" : "fixed key")
                    + ", gap " + key.gap().number(display);
        }
        if (standing instanceof ScrewSetting screw) {
            return "screw, "
                    + ScrewSetting.turns(screw.plan().pitch(), screw.screw().parts()) + " a pitch";
        }
        if (standing instanceof SpacerSetting spacers) {
            return "spacers of " + spacers.spacer().number(display);
        }
        if (standing instanceof HandSetting hand) {
            return "dividers at " + hand.corrected().number(display);
        }
        if (standing instanceof BandSawSetting saw) {
            return "shim of " + saw.shim().number(display);
        }
        return "stop on a scale";
    }
}
