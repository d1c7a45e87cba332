package canthook.building;

import canthook.fingers.End;
import canthook.jig.Cut;
import canthook.jig.KeySetting;
import canthook.jig.Setting;
import canthook.length.LengthDisplay;
import canthook.planner.WorkedPlan;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * From a jig that is built to the first reading of its fit, one thing at a time.
 *
 * <pre>
 * unplugged look · height · one cut alone (the kerf) · gap by the spare piece of key · clamp
 * test piece: four pitches high · two slots of each kind of end · pushed together · felt or read
 * the spare sets the gap to κ: the clearance begins at about s − κ, the key's own slimness; what the fit asks is moved from there
 * </pre>
 *
 * Check: slot 7.45, key 7.35: the first test begins with about 0.10.
 *
 * @param acts one after another
 * @param numbers of the spare and of the test piece
 */
public record FirstCut(List<Act> acts, List<Worked> numbers) {
    /** What ids of its numbers begin with. */
    public static final String STAGE = "first-cut.";

    private static final int PITCHES = 4;
    private static final int SLOTS = 2;

    /** What is drawn beside an act. */
    public enum Shows {
        NOTHING,
        /** The cutter, a scrap of the mate beside it, a card on that. */
        HEIGHT,
        /** The spare piece between key and cutter. */
        SPARE,
        /** The jig with the part standing in it for a pass. */
        CUT,
        /** Both mates together. */
        TOGETHER
    }

    /**
     * One thing to do.
     *
     * @param id stable name
     * @param why what it is for, or what may go wrong
     * @param caution whether somebody can be hurt at it
     * @param number what is set or should be read; empty for none
     * @param cut which pass is drawn, by its place in the jig's; −1 for none
     */
    public record Act(
            String id, String says, String why, boolean caution, Optional<Worked> number, Shows shows, int cut) {}

    public FirstCut {
        acts = List.copyOf(acts);
        numbers = List.copyOf(numbers);
    }

    /** For the way the plan is cut; empty when that way cannot cut its joint. */
    public static Optional<FirstCut> of(WorkedPlan worked) {
        Setting setting = worked.jig().setting();
        return setting == null ? Optional.empty() : Optional.of(new Writer(worked, setting).written());
    }

    public Optional<Worked> number(String id) {
        return numbers.stream().filter(n -> n.is(id)).findFirst();
    }

    /** Writes it. */
    private static final class Writer {
        private final WorkedPlan worked;
        private final Setting setting;
        private final LengthDisplay display;
        private final Worksheet sheet = new Worksheet("first-cut");
        private final List<Act> acts = new ArrayList<>();

        Writer(WorkedPlan worked, Setting setting) {
            this.worked = worked;
            this.setting = setting;
            display = worked.plan().display();
        }

        FirstCut written() {
            setting.<Runnable>fold(
                            key -> () -> key(key),
                            screw -> this::machined,
                            spacers -> this::machined,
                            stops -> this::machined,
                            hand -> this::byHand,
                            saw -> this::machined)
                    .run();
            piece();
            for (End end : List.of(End.FINGER_FIRST, End.SLOT_FIRST)) {
                cuts(end);
            }
            act(
                    "together",
                    "Push the two pieces together, by hand.",
                    "Do not force them: a piece that splits tells nothing. How far it goes, and where it binds, is the reading.",
                    false,
                    worked.fingers().chosen().clearance(),
                    Shows.TOGETHER,
                    -1);
            return new FirstCut(acts, sheet.numbers());
        }

        private void key(KeySetting key) {
            look();
            height();
            act(
                    "kerf",
                    "Guard down, hands behind the block: one cut with nothing on the jig.",
                    "What it leaves is the kerf. Measure it: the plan reckons with "
                            + worked.fingers().chosen().kerf().text(display)
                            + ". If it is another, the first reading at Fit takes it in.",
                    true,
                    worked.fingers().chosen().kerf(),
                    Shows.NOTHING,
                    -1);
            boolean once = worked.fingers().chosen().passes().count() <= 1;
            if (key.block() != null) {
                cards();
            } else if (once) {
                Worked begins = sheet.work(
                        "begins-with",
                        "c₁",
                        "Clearance it begins with, about",
                        Show.CALIPER,
                        key.rung().slot().minus(key.key()),
                        "The spare is as wide as the key, so the finger between key and cutter is a key's width: the slot less that.");
                act(
                        "spare",
                        "Unplug. Spare piece of key between key and cutter; push up until it just stays, and clamp.",
                        "It sets the gap to a key's width, near enough for a first test: a clearance of about "
                                + begins.text(display) + ". Touch the side of a tooth that leans to the key.",
                        true,
                        key.key(),
                        Shows.SPARE,
                        -1);
            } else {
                act(
                        "gap",
                        "Unplug. Set the gap from key to cutter with a made block, and clamp.",
                        "A slot takes more than one pass, so a spare piece of key is too narrow to set it by.",
                        true,
                        key.gap(),
                        Shows.CUT,
                        0);
            }
        }

        /** Fence, stop, screw or band saw: as its card says. */
        private void machined() {
            look();
            height();
            cards();
        }

        private void byHand() {
            cards();
            act(
                    "height",
                    "Set the gauge to the depth of a slot.",
                    "From the mate itself, and the thickness of a card more.",
                    false,
                    worked.jig().cutterHeight(),
                    Shows.NOTHING,
                    -1);
        }

        private void look() {
            act(
                    "look",
                    "Unplugged: turn the cutter by hand, and move the jig through its whole way.",
                    "It meets wood only, no screw; the guard covers it at the stop; nothing binds. Manual, local rules and trained people come first.",
                    true,
                    null,
                    Shows.NOTHING,
                    -1);
        }

        private void height() {
            act(
                    "height",
                    "Raise the cutter to the depth of a slot: a scrap of the mate and a card on it, flush.",
                    "Over what the part stands on: base, table or sled.",
                    true,
                    worked.jig().cutterHeight(),
                    Shows.HEIGHT,
                    -1);
        }

        private void cards() {
            int i = 0;
            for (String line : setting.card()) {
                act("set-" + ++i, line, "", false, null, Shows.CUT, 0);
            }
        }

        private void piece() {
            Worked high = sheet.work(
                    "piece-high",
                    "hₜ",
                    "Test piece, high at least",
                    Show.LAYOUT,
                    Term.fixed(PITCHES).times(worked.fingers().chosen().pitch()),
                    "Two slots and two fingers of each kind of end, and wood beyond them.");
            act(
                    "piece",
                    "Two offcuts, planed with the parts: mark the reference edge and the outside of each.",
                    "Of the same wood and thickness as the walls, or the fit is another.",
                    false,
                    high,
                    Shows.NOTHING,
                    -1);
        }

        private void cuts(End end) {
            List<Cut> cuts = worked.jig().cuts();
            for (int i = 0; i < cuts.size(); i++) {
                Cut cut = cuts.get(i);
                if (cut.end() == end && cut.slot() < SLOTS) {
                    act(
                            "cut-" + cut.id(),
                            (end == End.FINGER_FIRST ? "First piece, " : "Second piece, ") + cut.title() + ": "
                                    + cut.instruction(),
                            "",
                            false,
                            worked.jig().place(cut),
                            Shows.CUT,
                            i);
                }
            }
        }

        private void act(
                String id, String says, String why, boolean caution, @Nullable Worked number, Shows shows, int cut) {
            acts.add(new Act(id, says, why, caution, Optional.ofNullable(number), shows, cut));
        }
    }
}
