package canthook.jig;

import canthook.fingers.End;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.fingers.Rung;
import canthook.jig.Cut.OnKey;
import canthook.jig.Cut.Rest;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice;
import canthook.plan.JigChoice.Leaves;
import canthook.plan.JigChoice.Way;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Where a key stands and how wide it is: on a sled, on a router sled, made from a rod, or on a fence that is set with leaves.
 *
 * <pre>
 * one pass a slot:   g = f                key = slot − slimmer
 * more passes:       g = f + s − k        key = kerf − slimmer        spacer for the near wall = s − k
 * fence that moves:  g = f + where the pass begins in its slot        key = slot − slimmer, no spacer
 * </pre>
 *
 * Parts are pressed away from the cutter, so the slot's wall nearer the cutter bears on the key: the pitch is kerf + gap
 * whatever the key's width. The gap is from the key's cutter side to the cutter's near side.
 *
 * @param gap g
 * @param key its width
 * @param spacer for the pass at the slot's near wall; zero with one pass
 * @param spacers for the passes between near and far wall, thickest first; empty with one or two passes
 * @param pressedTowards the clearance if parts were pressed towards the cutter instead
 * @param block a moving fence comes down on; null when the fence is fast
 * @param router whether the cutter is a bit, which may not climb
 * @param shop leaves and paper a key is moved by; null when they are not said, and it can be moved by any amount
 */
public record KeySetting(
        Way way,
        Rung rung,
        Worked gap,
        Worked key,
        Worked spacer,
        List<Worked> spacers,
        Worked pitch,
        Worked pressedTowards,
        @Nullable ZeroBlock block,
        boolean router,
        @Nullable Leaves shop,
        LengthDisplay display)
        implements Setting {
    /** Works out the setting. */
    static KeySetting of(BoxPlan plan, Rung chosen, HouseRules rules, Worksheet sheet) {
        JigChoice choice = plan.jig();
        boolean moves = choice.way() == Way.SHIM_FENCE;
        Worked kerf = chosen.kerf();
        boolean once = chosen.passes().count() <= 1;
        Worked spacer = sheet.work(
                "spacer",
                "x",
                moves ? "The fence comes nearer for the near wall by" : "Spacer for the near wall",
                Show.CALIPER,
                once ? Term.fixed(Length.ZERO) : chosen.slot().minus(kerf),
                once
                        ? "One pass makes the slot: no spacer."
                        : moves
                                ? "The rest of the slot beside the kerf."
                                : "Between key and slot wall, or key and edge, for the pass at the near wall.");
        List<Worked> spacers = once || moves ? List.of() : PassSpacers.of(sheet, chosen, "Spacer", 1);
        Worked gap = sheet.work(
                "gap",
                "g",
                "Gap, key to cutter",
                Show.CALIPER,
                once ? chosen.finger().times(1) : chosen.finger().plus(spacer),
                once
                        ? "The gap is a finger: what stands between key and cutter is what stays."
                        : "A finger, and the rest of the slot, so that this pass cuts the far wall.");
        Worked key = key(choice, chosen, kerf, rules, sheet, once || moves);
        Worked pitch = sheet.work(
                "pitch",
                "p",
                "Pitch the jig gives",
                Show.CALIPER,
                kerf.plus(gap),
                "Kerf and gap, whatever the key's width, while the part is pressed away from the cutter.");
        Worked towards = sheet.work(
                "pressed-towards",
                "c′",
                "Clearance if pressed towards the cutter",
                Show.CALIPER,
                once || moves ? chosen.clearance().plus(chosen.slot().minus(key)) : kerf.minus(chosen.finger()),
                once || moves
                        ? "The play of the key is lost from every finger after the first."
                        : "Pressed the wrong way every pass of a slot lands in one place: the slot is one kerf wide.");
        ZeroBlock block = moves ? ZeroBlock.of(choice.leavesOrUsual(), chosen, plan.display(), sheet) : null;
        return new KeySetting(
                choice.way(),
                chosen,
                gap,
                key,
                spacer,
                spacers,
                pitch,
                towards,
                block,
                Jig.isRouter(plan, chosen),
                choice.leaves(),
                plan.display());
    }

    private static Worked key(
            JigChoice choice, Rung chosen, Worked kerf, HouseRules rules, Worksheet sheet, boolean wholeSlot) {
        Length rod = choice.rod();
        if (choice.way() == Way.ROD_KEY && rod != null) {
            return sheet.decided("key", "κ", "Key, the rod's diameter", Show.CALIPER, rod, "jig.rod");
        }
        Worked slimmer = sheet.ruled(
                "slimmer",
                "Δκ",
                "Key slimmer by",
                Show.CALIPER,
                rules.keySlimmerBy(),
                HouseRule.KEY_SLIMMER_BY.reason(),
                choice.slimmerBy(),
                "jig.slimmerBy");
        return sheet.work(
                "key",
                "κ",
                choice.way() == Way.ROD_KEY ? "Rod or shank of" : "Key width",
                Show.CALIPER,
                wholeSlot ? chosen.slot().minus(slimmer) : kerf.minus(slimmer),
                wholeSlot
                        ? "The slot less a little play."
                        : "No wider than the kerf, so that key and spacer together still enter the slot.");
    }

    /** What is lost from every finger but the first when parts are pressed the other way. */
    public Length play() {
        return pressedTowards.length().minus(rung.clearance().length());
    }

    private boolean moves() {
        return block != null;
    }

    @Override
    public List<Cut> cuts(End end) {
        Layout layout = layout();
        Length full = layout.slot();
        Length kerf = rung.kerf().length();
        List<Length> offsets = rung.passesOf(full);
        Length far = offsets.get(offsets.size() - 1);
        List<Cut> cuts = new ArrayList<>();
        List<Span> spans = layout.slots(end.isFingerFirst());
        int slots = spans.size();
        List<Length> stack = block == null ? List.of() : block.stack();
        for (int j = 0; j < slots; j++) {
            Length near = spans.get(j).from();
            Rest rest = j > 0 ? Rest.SLOT : end == End.FINGER_FIRST ? Rest.EDGE : Rest.GUIDE;
            for (int turn = 0; turn < offsets.size(); turn++) {
                // a bit must cut its second pass with the side that turns against the feed: near wall first, the key on
                // its right
                int i = router ? turn : offsets.size() - 1 - turn;
                Length from = near.plus(offsets.get(i));
                Length spacer = moves() ? Length.ZERO : far.minus(offsets.get(i));
                Length here = moves() ? layout.finger().plus(offsets.get(i)) : gap.length();
                cuts.add(new Cut(
                        end,
                        j,
                        turn + 1,
                        offsets.size(),
                        from,
                        from.plus(kerf),
                        new OnKey(rest, spacer, here, stack),
                        moves() ? overTheBlock(rest, offsets.get(i), stack) : instruction(rest, spacer)));
            }
        }
        Setting.sliver(rung, end, offsets.size()).ifPresent(cuts::add);
        return cuts;
    }

    /** A leaf of half the clearance between the edges, where the clearance is shared. */
    private boolean leafBetween() {
        return layout().shift().nanometres() != 0;
    }

    private String overTheBlock(Rest rest, Length offset, List<Length> stack) {
        String part = switch (rest) {
            case EDGE -> "Edge to key";
            case GUIDE -> leafBetween() ? "Guide on key, leaf, edge to it" : "Guide on key, edge to edge";
            case SLOT -> "Last slot on key";
        };
        return part + "; " + (offset.isPositive() ? "pass block, " : "") + (block == null ? "" : block.words(stack))
                + " behind.";
    }

    private String instruction(Rest rest, Length spacer) {
        boolean between = spacer.isPositive();
        String size = display.number(spacer, Precision.CALIPER) + " spacer";
        return switch (rest) {
            case EDGE -> between ? size + " to key, reference edge to spacer." : "Reference edge to key.";
            case GUIDE -> {
                String butt = leafBetween() ? "leaf between the edges." : "butt edge to edge.";
                yield between ? size + " on key, guide's slot over; " + butt : "Guide's first slot on key; " + butt;
            }
            case SLOT ->
                between
                        ? "Last slot on key, " + size + " between. Press away."
                        : "Last slot on key. Press away from the cutter.";
        };
    }

    @Override
    public Place place(Cut cut) {
        if (cut.where() instanceof OnKey on && block != null) {
            return new Place(
                    "Over the zero block",
                    Show.CALIPER,
                    Term.fixed(on.gap()).minus(block.zeroGap()),
                    "The gap for this pass less the gap on the zero block: leaves for the finger, and a block as thick as the pass lies"
                            + " from the slot's near wall.");
        }
        Term near = cut.end() == End.FINGER_FIRST
                ? rung.finger().times(1)
                : Term.fixed(layout().shift().negated());
        Term wall = cut.slot() == 0 ? near : near.plus(rung.pitch().times(cut.slot()));
        Length offset = cut.from().minus(wall.length());
        return new Place(
                "Off the reference edge",
                Show.CALIPER,
                offset.nanometres() == 0 ? wall : wall.plus(Term.fixed(offset)),
                "A pitch for every slot before it; the key gives it, nothing is measured.");
    }

    @Override
    public List<String> card() {
        List<String> card = new ArrayList<>();
        card.add("Base square to the cutter and to its guide: cut a scrap, turn it over, look for light.");
        if (router) {
            card.add(
                    "Key to the right of the bit, seen along the feed; of two passes the near wall comes first. Never climb.");
        }
        if (leafBetween()) {
            card.add("A leaf of " + display.text(layout().shift(), Precision.CALIPER)
                    + " between guide and new part shares the clearance.");
        }
        if (!spacers.isEmpty()) {
            card.add("Spacers, besides the " + spacer.number(display) + ": "
                    + spacers.stream().map(x -> x.number(display)).collect(java.util.stream.Collectors.joining(", "))
                    + ".");
        }
        if (way == Way.ROUTER_SLED) {
            card.add("The bit reaches past the base by the slot's depth and no more.");
        }
        card.add(
                moves()
                        ? "Zero block screwed fast; set the gap on it, then the leaves between block and fence."
                        : "Set the gap with a made block between key and cutter, then clamp.");
        card.add(
                way == Way.ROD_KEY
                        ? "Rod square to the fence, without play in its hole; a flat on top lets parts drop on."
                        : "Key square to the base; ease its top edges, not its sides.");
        card.add("A fresh backing board behind the work.");
        card.add("A guard block behind the fence where the cutter comes out, and a travel stop.");
        card.add("Wax base and runners.");
        card.add("Mark the key's cutter side: every part is pressed on to that side.");
        return List.copyOf(card);
    }

    @Override
    public String errors() {
        return "A wrong gap is wrong alike at every finger. Small errors of the single steps add up along the part.";
    }

    @Override
    public void judge(BoxPlan plan, HouseRules rules, Verdicts verdicts) {
        KeyJudge.judge(this, plan, rules, verdicts);
    }

    @Override
    public String line(LengthDisplay shown) {
        return switch (way) {
                    case SHIM_FENCE -> "fence with leaves";
                    case ROD_KEY -> "key of a rod";
                    case SLED_KEY, ROUTER_SLED, SCREW, SPACERS, STOPS, HAND, BAND_SAW -> "fixed key";
                }
                + ", gap " + gap.number(shown);
    }

    @Override
    public Optional<Check> check(LengthDisplay shown) {
        return Optional.of(new Check("Gap from key to cutter " + gap.text(shown) + ".", gap));
    }

    @Override
    public void build(Worksheet sheet, Worked cutterHeight, HouseRules rules) {
        sheet.work(
                "build-key-height",
                "hκ",
                "Make the key stand up by",
                Show.LAYOUT,
                Term.larger(cutterHeight.minus(Term.fixed(Length.mm(1))), Term.fixed(Length.mm(1))),
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
                "Past the thickest stack, and a little more to find it by.");
    }

    @Override
    public Correction correction(Length before, Length move, LengthDisplay shown) {
        return block != null ? block.correction(before, move, shown) : KeyMove.of(this, before, move, shown);
    }

    @Override
    public <T> T fold(
            Function<KeySetting, T> key,
            Function<ScrewSetting, T> screw,
            Function<SpacerSetting, T> spacers,
            Function<StopSetting, T> stops,
            Function<HandSetting, T> hand,
            Function<BandSawSetting, T> bandSaw) {
        return key.apply(this);
    }
}
