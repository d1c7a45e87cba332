package canthook.jig;

import canthook.cutter.Cutter;
import canthook.fingers.End;
import canthook.fingers.Ladder;
import canthook.fingers.Rung;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
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
                way == Way.HAND ? "Depth line" : "Cutter height",
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
            if (Hindrance.of(other, chosen.joint(), plan.fingers()).isEmpty()) {
                able.add(other);
            }
        }
        Optional<String> hindrance = Hindrance.of(way, chosen.joint(), plan.fingers());
        Setting setting = null;
        if (hindrance.isPresent()) {
            Hindrance.refuse(plan, chosen.joint(), hindrance.get(), able, verdicts);
        } else if (chosen.feasible()) {
            setting = setting(plan, chosen, rules, sheet);
            setting.judge(plan, rules, verdicts);
            setting.build(sheet, height, rules);
        }
        reach(plan, box, chosen, sheet, verdicts);
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

    private static Setting setting(BoxPlan plan, Rung chosen, HouseRules rules, Worksheet sheet) {
        return switch (plan.jig().way()) {
            case SCREW -> ScrewSetting.of(plan, chosen);
            case SPACERS -> SpacerSetting.of(plan, chosen, rules, sheet);
            case STOPS -> StopSetting.of(plan, chosen, sheet);
            case HAND -> HandSetting.of(plan, chosen, sheet);
            case BAND_SAW -> BandSawSetting.of(plan, chosen, sheet);
            case SLED_KEY, ROUTER_SLED, ROD_KEY, SHIM_FENCE -> KeySetting.of(plan, chosen, rules, sheet);
        };
    }

    /** Whether what cuts is a router's bit: it may only ever cut against the feed. */
    static boolean isRouter(BoxPlan plan, Rung chosen) {
        Cutter cutter = chosen.tool().cutter();
        return plan.jig().way() == Way.ROUTER_SLED || (cutter != null && cutter.kind() == Cutter.Kind.BIT);
    }

    /** A bit must reach past what it passes through by the deepest slot. */
    private static void reach(BoxPlan plan, SizedBox box, Rung chosen, Worksheet sheet, Verdicts verdicts) {
        Cutter cutter = chosen.tool().cutter();
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
                        + " are missing. Take a longer one"
                        + (router ? ", or a thinner base." : "."),
                fixes);
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
        return standing.line(display);
    }
}
