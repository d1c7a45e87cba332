package canthook.cutlist;

import static canthook.working.Term.fixed;

import canthook.cutlist.SawCut.Face;
import canthook.fingers.End;
import canthook.fingers.Gangs;
import canthook.fingers.Gangs.EndToCut;
import canthook.fingers.Gangs.Gang;
import canthook.fingers.Joint;
import canthook.fingers.Joint.JointedCorner;
import canthook.fingers.Ladder;
import canthook.fingers.Pace;
import canthook.fingers.Passes;
import canthook.fingers.Rung;
import canthook.jig.Cut;
import canthook.jig.Cut.ByEye;
import canthook.jig.Jig;
import canthook.length.Beside;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.Assumed;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
import canthook.plan.PartEnd;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Every cut on every part, in working order: finger-first ends before slot-first ones (a finished finger-first end is the guide for
 * the first slot of its mates). At a corner that ends low, nothing is cut over its last whole section on either mate, but for what a low
 * wall itself loses there.
 *
 * <pre>
 * parts go together in a stack when the end is of one kind, stops at the same section, has the same depth, and the stack is no thicker
 * than clamp and backing hold
 * time = passes · seconds a pass + set-ups · seconds a set-up
 * </pre>
 *
 * @param cuts in working order
 * @param setups what is cut without touching the jig's setting, in order
 * @param corners which end meets which, and how far each is jointed
 */
public record CutList(
        List<SawCut> cuts,
        List<Setup> setups,
        List<JointedCorner> corners,
        Worked passes,
        Worked settings,
        Worked time,
        Worked secondsPerPass,
        Worked secondsPerSetup,
        List<Worked> numbers,
        List<Verdict> verdicts) {

    /**
     * What is cut with one stack in the jig.
     *
     * @param upTo where the joint of these ends stops below the wall's edge; null when it runs the whole height
     * @param why why no more parts go into this stack; empty when all that could do
     */
    public record Setup(
            String stack,
            End end,
            Length depth,
            Face face,
            int passes,
            @Nullable Length upTo,
            String why) {}

    /** Works the list out; empty when the way chosen cannot make the joint. */
    public static CutList of(BoxPlan plan, SizedBox box, Ladder ladder, Jig jig, Shop shop) {
        HouseRules rules = shop.rules();
        Worksheet sheet = new Worksheet("cut");
        Verdicts verdicts = new Verdicts("cut");
        Joint joint = ladder.joint();
        Length highest = rules.stackHighest();
        List<SawCut> cuts = new ArrayList<>();
        List<Setup> setups = new ArrayList<>();
        if (jig.setting() != null) {
            for (Gang gang : Gangs.of(joint, box, highest, jig.way())) {
                setups.add(setup(gang, joint, ladder, jig, cuts, plan.display(), highest));
            }
        }
        Pace pace = Pace.of(jig.way());
        Worked passes = sheet.work(
                "passes",
                "P",
                pace.headed(plan.batch() == null ? "in all" : "a box"),
                Show.COUNT,
                fixed(cuts.size()),
                "Every line of the list is one " + pace.counted(1) + ".");
        Worked settings = sheet.work(
                "setups",
                "U",
                "Set-ups",
                Show.COUNT,
                fixed(setups.size()),
                "A stack in the jig, until it is turned or changed.");
        Worked each = secondsPerPass(sheet, jig, shop);
        Worked setting = sheet.house(
                "seconds-per-setup",
                "t₂",
                "Seconds a set-up",
                Show.SECONDS,
                rules.value(HouseRule.SECONDS_PER_SETUP),
                HouseRule.SECONDS_PER_SETUP.reason());
        Worked time = sheet.work(
                "time",
                "t",
                "Time at the saw",
                Show.MINUTES,
                passes.times(each).plus(settings.times(setting)),
                "Seconds a pass for every pass, and a set-up for every stack.");
        int others = plan.batch() == null ? 0 : plan.batch().count() - 1;
        batch(
                sheet,
                plan,
                BatchCuts.of(cuts, joint, box, highest, jig.way(), 2, others),
                passes,
                settings,
                each,
                setting);
        judge(plan, box, jig, verdicts);
        return new CutList(
                List.copyOf(cuts),
                List.copyOf(setups),
                joint.corners(),
                passes,
                settings,
                time,
                each,
                setting,
                sheet.numbers(),
                verdicts.all());
    }

    private static Worked secondsPerPass(Worksheet sheet, Jig jig, Shop shop) {
        boolean byHand = jig.way() == Way.HAND;
        HouseRule rule = byHand ? HouseRule.SECONDS_BY_HAND : HouseRule.SECONDS_PER_PASS;
        Double learned = byHand ? null : shop.secondsPerPass();
        String label = byHand ? "Seconds a slot" : "Seconds a pass";
        return learned != null
                ? sheet.table(
                        "seconds-per-pass",
                        "t₁",
                        label,
                        Show.SECONDS,
                        learned,
                        "Learned from the cuts you made at the saw.",
                        "")
                : sheet.house(
                        "seconds-per-pass",
                        "t₁",
                        label,
                        Show.SECONDS,
                        shop.rules().value(rule),
                        rule.reason());
    }

    /** One box first, and when it went together, the others in stacks. */
    private static void batch(
            Worksheet sheet,
            BoxPlan plan,
            BatchCuts others,
            Worked passes,
            Worked settings,
            Worked each,
            Worked setting) {
        if (plan.batch() == null) {
            return;
        }
        sheet.decided(
                "boxes", "b", "Boxes like this one", Show.COUNT, plan.batch().count(), "batch.count");
        Worked batchPasses = sheet.work(
                "batch-passes",
                "P_b",
                Pace.of(plan.jig().way()).headed("for all of them"),
                Show.COUNT,
                passes.plus(fixed(others.passes().size())),
                "One box first; the others in stacks, as many parts as clamp and backing hold.");
        Worked batchSettings = sheet.work(
                "batch-setups",
                "U_b",
                "Set-ups for all of them",
                Show.COUNT,
                settings.plus(fixed(others.stacks().size())),
                "Those of the first box, and a stack of the others each.");
        sheet.work(
                "batch-time",
                "t_b",
                "Time for all of them",
                Show.MINUTES,
                batchPasses.times(each).plus(batchSettings.times(setting)),
                "Seconds a pass for every pass, and a set-up for every stack.");
    }

    private static Setup setup(
            Gang gang, Joint joint, Ladder ladder, Jig jig, List<SawCut> cuts, LengthDisplay display, Length highest) {
        EndToCut first = gang.first();
        List<PartEnd> stacked = new ArrayList<>(gang.ends().size());
        StringBuilder stack = new StringBuilder();
        StringBuilder names = new StringBuilder();
        for (EndToCut end : gang.ends()) {
            stacked.add(end.end());
            stack.append(stack.isEmpty() ? "" : " + ").append(end.end());
            names.append(end.end().id());
        }
        Face face = gang.isFacing() ? Face.FACING : first.end().end() == 1 ? Face.OUTSIDE : Face.INSIDE;
        List<PartEnd> ends = List.copyOf(stacked);
        String name = names.append('.').toString();
        int before = cuts.size();
        Length top = joint.top(first.end().part());
        boolean lowOnly =
                gang.ends().stream().allMatch(e -> joint.top(e.end().part()).isUnder(joint.wall()));
        for (Cut pass : passes(first, joint, ladder, jig)) {
            cuts.add(new SawCut(
                    name + pass.id(), cuts.size() + 1, ends, lowOnly ? pass.within(top) : pass, first.depth(), face));
        }
        for (EndToCut end : gang.ends()) {
            joint.sawnOff(end.end()).ifPresent(strip -> {
                Cut pass = new Cut(
                        end.kind(),
                        end.slots(),
                        1,
                        1,
                        strip.from(),
                        strip.to(),
                        new ByEye(),
                        "Off the jig: saw away the part of a finger on top.");
                cuts.add(new SawCut(
                        name + end.end().id() + "." + pass.id(),
                        cuts.size() + 1,
                        List.of(end.end()),
                        pass,
                        first.depth(),
                        first.end().end() == 1 ? Face.OUTSIDE : Face.INSIDE));
            });
        }
        String why = jig.way() == Way.HAND
                ? "by hand each part is sawn alone"
                : gang.crowded() ? "clamp and backing hold " + display.text(highest, Precision.LAYOUT) : "";
        return new Setup(
                stack.toString(),
                first.kind(),
                first.depth(),
                face,
                cuts.size() - before,
                first.stopped() ? joint.corner(first.end()).height() : null,
                why);
    }

    /** The jig's passes over an end, as far up as its corner is jointed. */
    private static List<Cut> passes(EndToCut end, Joint joint, Ladder ladder, Jig jig) {
        int last = end.slots() - 1;
        boolean whole = joint.opensAtTop(end.end());
        List<Cut> passes = new ArrayList<>();
        List<Cut> ofLast = new ArrayList<>();
        for (Cut pass : jig.cuts()) {
            boolean sliver = pass.where() instanceof ByEye && jig.way() != Way.HAND;
            if (pass.end() == end.kind() && pass.slot() <= last && (whole || !sliver)) {
                passes.add(pass);
                if (pass.slot() == last) {
                    ofLast.add(pass);
                }
            }
        }
        if (!whole && end.stopped() && last >= 0 && jig.way() != Way.HAND && jig.way() != Way.BAND_SAW) {
            Rung rung = ladder.chosen();
            int kept = Passes.keptOfLast(
                    jig.way(),
                    joint,
                    end,
                    rung.kerf().length(),
                    rung.overlap(),
                    rung.passes().count());
            ofLast.sort(java.util.Comparator.comparing(Cut::from));
            passes.removeAll(ofLast.subList(Math.min(kept, ofLast.size()), ofLast.size()));
        }
        return passes;
    }

    /** A pass that no jig guides, by the id of its number. */
    public Optional<Cut> passByEye(String id) {
        return cuts.stream()
                .map(SawCut::pass)
                .filter(p -> p.where() instanceof ByEye && id.equals("jig.cut." + p.id()))
                .findFirst();
    }

    private static void judge(BoxPlan plan, SizedBox box, Jig jig, Verdicts verdicts) {
        Set<Assumed> joint = plan.assumed().stream()
                .filter(Assumed::changesTheJoint)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Assumed.class)));
        if (!joint.isEmpty()) {
            List<String> words = joint.stream().map(Assumed::words).toList();
            verdicts.mind(
                    Code.STILL_ASSUMED,
                    "cut.passes",
                    "Still assumed: " + String.join(", ", words)
                            + ". Each of them changes the joint (a lid may lower the front, a groove wants its place):"
                            + " decide them before a real part is cut.",
                    new Fix("They stay as they are", plan.saying(joint)));
        }
        if (jig.setting() == null) {
            return;
        }
        boolean unequal = !box.slotDepth().length().equals(box.endSlotDepth().length());
        if (unequal) {
            Beside deep = Beside.of(
                    plan.display(),
                    Precision.FIT,
                    box.slotDepth().length(),
                    box.endSlotDepth().length());
            verdicts.note(
                    Code.TWO_DEPTHS,
                    "size.end-slot-depth",
                    "Mates differ in thickness: sides are cut " + deep.one() + " deep, ends " + deep.other()
                            + ". Cut all ends of one depth before you touch the height.");
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
