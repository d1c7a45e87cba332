package canthook.cutlist;

import static canthook.working.Term.fixed;

import canthook.cutlist.SawCut.Face;
import canthook.fingers.Ladder;
import canthook.fingers.Layout;
import canthook.jig.Cut;
import canthook.jig.End;
import canthook.jig.Jig;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
import canthook.plan.Lowered;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.size.SizedBox;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Every cut on every part, in working order: finger-first ends before slot-first ones (a finished finger-first end is the guide for
 * the first slot of its mates).
 *
 * <pre>
 * parts go together in a stack when the end is of one kind, has as many slots and the same depth, and the stack is no higher than
 * clamp and backing hold
 * time = passes · seconds a pass + set-ups · seconds a set-up
 * </pre>
 *
 * Corners: end 1 of a part is its left seen from outside. A is the front of the figure's run, then B, C, D to the right; A2 meets
 * B1, B2 meets C1, C2 meets D1, D2 meets A1.
 *
 * @param cuts in working order
 * @param setups what is cut without touching the jig's setting, in order
 * @param meetings which end meets which
 */
public record CutList(
        List<SawCut> cuts,
        List<Setup> setups,
        List<Meeting> meetings,
        Worked passes,
        Worked settings,
        Worked time,
        List<Worked> numbers,
        List<Verdict> verdicts) {
    private static final List<String> PARTS = List.of("A", "B", "C", "D");

    /**
     * What is cut with one stack in the jig.
     *
     * @param why why no more parts go into this stack; empty when all that could do
     */
    public record Setup(String stack, End end, Length depth, Face face, int passes, String why) {}

    /**
     * A corner of the finished box.
     *
     * @param number as pencilled on both parts
     * @param one part and end
     * @param other part and end
     * @param height up to which it is jointed
     */
    public record Meeting(int number, String one, End oneKind, String other, End otherKind, Length height) {}

    /** An end of a part that wants cutting. */
    private record EndToCut(String part, int end, End kind, int slots, Length depth, Length thickness) {
        String group() {
            return kind + " " + slots + " " + depth.nanometres();
        }
    }

    /** Works the list out; empty when the way chosen cannot make the joint. */
    public static CutList of(BoxPlan plan, SizedBox box, Ladder ladder, Jig jig, Shop shop) {
        HouseRules rules = shop.rules();
        Worksheet sheet = new Worksheet("cut");
        Verdicts verdicts = new Verdicts("cut");
        Layout layout = jig.layout(ladder);
        List<Meeting> meetings = meetings(plan, layout);
        List<EndToCut> ends = ends(box, layout, meetings);
        Length highest = rules.stackHighest();
        Map<String, List<EndToCut>> groups = new LinkedHashMap<>();
        for (End kind : End.values()) {
            for (EndToCut end : ends) {
                if (end.kind() == kind) {
                    groups.computeIfAbsent(end.group(), g -> new ArrayList<>()).add(end);
                }
            }
        }
        List<SawCut> cuts = new ArrayList<>();
        List<Setup> setups = new ArrayList<>();
        boolean single = jig.way() == Way.HAND;
        for (List<EndToCut> group : groups.values()) {
            for (List<EndToCut> stack : stacks(group, single ? Length.ZERO : highest)) {
                setups.add(setup(stack, group, single, jig, cuts, plan.display(), highest));
            }
        }
        Worked passes = sheet.work(
                "passes", "P", "Passes in all", Show.COUNT, fixed(cuts.size()), "Every line of the list is one pass.");
        Worked settings = sheet.work(
                "setups",
                "U",
                "Set-ups",
                Show.COUNT,
                fixed(setups.size()),
                "A stack in the jig, until it is turned or changed.");
        Worked time = time(sheet, passes, settings, shop);
        judge(plan, box, jig, setups, verdicts);
        return new CutList(
                List.copyOf(cuts),
                List.copyOf(setups),
                meetings,
                passes,
                settings,
                time,
                sheet.numbers(),
                verdicts.all());
    }

    private static Worked time(Worksheet sheet, Worked passes, Worked settings, Shop shop) {
        Double learned = shop.secondsPerPass();
        Worked each = learned != null
                ? sheet.table(
                        "seconds-per-pass",
                        "t₁",
                        "Seconds a pass",
                        Show.SECONDS,
                        learned,
                        "Learned from the cuts you made at the saw.",
                        "")
                : sheet.table(
                        "seconds-per-pass",
                        "t₁",
                        "Seconds a pass",
                        Show.SECONDS,
                        shop.rules().value(HouseRule.SECONDS_PER_PASS),
                        "House rule: " + HouseRule.SECONDS_PER_PASS.reason(),
                        "");
        Worked setting = sheet.table(
                "seconds-per-setup",
                "t₂",
                "Seconds a set-up",
                Show.SECONDS,
                shop.rules().value(HouseRule.SECONDS_PER_SETUP),
                "House rule: " + HouseRule.SECONDS_PER_SETUP.reason(),
                "");
        return sheet.work(
                "time",
                "t",
                "Time at the saw",
                Show.MINUTES,
                passes.times(each).plus(settings.times(setting)),
                "Seconds a pass for every pass, and a set-up for every stack.");
    }

    /** The corners as numbered on the parts, each up to where its joint ends. */
    private static List<Meeting> meetings(BoxPlan plan, Layout layout) {
        Lowered lowered = plan.size().lowered();
        List<Meeting> meetings = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            String next = PARTS.get((i + 1) % 4);
            boolean atFront = PARTS.get(i).equals("B") || next.equals("B");
            boolean low = lowered != null && (atFront || lowered.which() == Lowered.Which.BOTH_ENDS);
            Length height =
                    low && lowered != null ? Length.shorter(lowered.height(), layout.height()) : layout.height();
            meetings.add(new Meeting(
                    i + 1,
                    PARTS.get(i) + "2",
                    kind(layout, PARTS.get(i), 2),
                    next + "1",
                    kind(layout, next, 1),
                    height));
        }
        return List.copyOf(meetings);
    }

    private static End kind(Layout layout, String part, int end) {
        return layout.isFingerFirst(part, end) ? End.FINGER_FIRST : End.SLOT_FIRST;
    }

    private static List<EndToCut> ends(SizedBox box, Layout layout, List<Meeting> meetings) {
        List<EndToCut> ends = new ArrayList<>();
        for (String part : PARTS) {
            boolean side = part.equals("A") || part.equals("C");
            for (int end = 1; end <= 2; end++) {
                String name = part + end;
                Length height = meetings.stream()
                        .filter(m -> m.one().equals(name) || m.other().equals(name))
                        .findFirst()
                        .orElseThrow()
                        .height();
                End kind = kind(layout, part, end);
                int slots = (int) layout.slots(kind == End.FINGER_FIRST).stream()
                        .filter(s -> s.from().isUnder(height))
                        .count();
                ends.add(new EndToCut(
                        part,
                        end,
                        kind,
                        slots,
                        side ? box.slotDepth().length() : box.endSlotDepth().length(),
                        side ? box.thickness().length() : box.endThickness().length()));
            }
        }
        return ends;
    }

    /** Parts side by side up to the height clamp and backing hold, no part twice in one stack. */
    private static List<List<EndToCut>> stacks(List<EndToCut> group, Length highest) {
        List<List<EndToCut>> stacks = new ArrayList<>();
        for (EndToCut end : group) {
            List<EndToCut> home = null;
            for (List<EndToCut> stack : stacks) {
                Length high = stack.stream().map(EndToCut::thickness).reduce(Length.ZERO, Length::plus);
                boolean twice = stack.stream().anyMatch(e -> e.part().equals(end.part()));
                if (!twice && !high.plus(end.thickness()).isOver(highest) && home == null) {
                    home = stack;
                }
            }
            if (home == null) {
                home = new ArrayList<>();
                stacks.add(home);
            }
            home.add(end);
        }
        return stacks;
    }

    private static Setup setup(
            List<EndToCut> stack,
            List<EndToCut> group,
            boolean single,
            Jig jig,
            List<SawCut> cuts,
            LengthDisplay display,
            Length highest) {
        EndToCut first = stack.get(0);
        List<String> parts = stack.stream().map(EndToCut::part).toList();
        List<Integer> ends = stack.stream().map(EndToCut::end).toList();
        Face face = first.end() == 1 ? Face.OUTSIDE : Face.INSIDE;
        StringBuilder name = new StringBuilder();
        stack.forEach(e -> name.append(e.part().toLowerCase(Locale.ROOT)).append(e.end()));
        int before = cuts.size();
        for (Cut pass : jig.cuts()) {
            if (pass.end() == first.kind() && pass.slot() < first.slots()) {
                cuts.add(new SawCut(name + "." + pass.id(), cuts.size() + 1, parts, ends, pass, first.depth(), face));
            }
        }
        boolean split = group.stream()
                .anyMatch(e -> !parts.contains(e.part())
                        && stack.stream().noneMatch(s -> s.part().equals(e.part())));
        String why = single
                ? "by hand each part is sawn alone"
                : split ? "clamp and backing hold " + display.text(highest, Precision.LAYOUT) : "";
        return new Setup(
                cuts.size() == before
                        ? first.part() + first.end()
                        : cuts.get(before).stack(),
                first.kind(),
                first.depth(),
                face,
                cuts.size() - before,
                why);
    }

    private static void judge(BoxPlan plan, SizedBox box, Jig jig, List<Setup> setups, Verdicts verdicts) {
        if (jig.setting() == null) {
            return;
        }
        boolean unequal = !box.slotDepth().length().equals(box.endSlotDepth().length());
        if (unequal) {
            verdicts.note(
                    Code.TWO_DEPTHS,
                    "size.end-slot-depth",
                    "Mates differ in thickness: sides are cut "
                            + box.slotDepth().text(plan.display()) + " deep, ends "
                            + box.endSlotDepth().text(plan.display())
                            + ". Cut all ends of one depth before you touch the height.");
        }
        if (jig.key().isPresent() && setups.stream().allMatch(s -> s.end() == End.FINGER_FIRST || s.passes() == 0)) {
            return;
        }
        if (jig.key().isPresent() && plan.fingers().isEven()) {
            verdicts.note(
                    Code.GUIDE_PART,
                    "jig.gap",
                    "Every part is still wanted in the stack: keep the finger-first test piece as the guide for the first slot of the"
                            + " slot-first ends.");
        }
    }
}
