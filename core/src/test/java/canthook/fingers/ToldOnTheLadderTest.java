package canthook.fingers;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.Approved;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.JigChoice.Way;
import canthook.plan.PartEnd;
import canthook.planner.Planner;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/**
 * All that the ladder tells: every rung with what speaks for and against it, the one recommended and why, the numbers of the one that
 * stands, where each end stops, what is warned of. Over boxes of every kind.
 */
class ToldOnTheLadderTest {
    private static void check(String name, int boxes, Predicate<AnyPlan> which) throws IOException {
        List<String> told = new ArrayList<>();
        List<AnyPlan> some = LongStream.range(1, 1000)
                .mapToObj(AnyPlan::of)
                .filter(which)
                .filter(any -> any.worked().fingers().rungs().size() < 40)
                .limit(boxes)
                .toList();
        assertThat(some).hasSize(boxes);
        for (AnyPlan any : some) {
            told.addAll(told(any.seed(), any.plan(), any.worked().fingers()));
        }
        Approved.check("ladder-" + name, told);
    }

    @Test
    void ofWallsAllOfOneHeight() throws IOException {
        check("even-walls", 8, any -> any.worked().fingers().low() == null);
    }

    @Test
    void ofLowerWalls() throws IOException {
        check("lower-walls", 9, any -> any.worked().fingers().low() != null);
    }

    @Test
    void withAScrew() throws IOException {
        check("screw", 4, any -> any.plan().jig().way() == Way.SCREW);
    }

    @Test
    void overTheCuttersOfTheRack() throws IOException {
        check("rack", 4, any -> any.plan().fingers().looksOverTheRack());
    }

    @Test
    void thatCannotBeCut() throws IOException {
        check("refused", 4, any -> !any.worked().fingers().chosen().feasible());
    }

    /** Unequal sections: each way offered, taken, and then spoilt as hands do: too high, too low, one too narrow, one short. */
    @Test
    void ofSectionsThatAreNotEqual() throws IOException {
        List<String> told = new ArrayList<>();
        List<AnyPlan> some = LongStream.range(1, 400)
                .mapToObj(AnyPlan::of)
                .filter(any -> any.plan().fingers().leftover() == Leftover.RIP)
                .filter(any -> any.worked().fingers().rungs().size() < 12)
                .filter(any -> !ways(any).isEmpty())
                .limit(5)
                .toList();
        for (AnyPlan any : some) {
            for (Fix way : ways(any)) {
                List<Length> widths = way.after().fingers().widths();
                told.add("way " + way.label() + " " + widths);
                if (widths == null) {
                    continue;
                }
                told.addAll(told(
                        any.seed(),
                        way.after(),
                        Planner.work(way.after(), any.shop()).fingers()));
                for (int spoilt = 0; spoilt < 4; spoilt++) {
                    BoxPlan after = way.after().with(way.after().fingers().withWidths(spoilt(widths, spoilt)));
                    Ladder ladder = Planner.work(after, any.shop()).fingers();
                    ladder.verdicts()
                            .forEach(v -> told.add("  spoilt " + v.code() + " " + v.sentence() + " "
                                    + v.fixes().stream()
                                            .map(f -> f.label()
                                                    + f.after().fingers().widths())
                                            .toList()));
                }
            }
        }
        Approved.check("ladder-lists", told);
    }

    private static List<Fix> ways(AnyPlan any) {
        return SectionLists.patterns(
                any.plan(),
                any.worked().fingers().chosen(),
                any.worked().size().jointed().length(),
                null,
                any.worked().blank().kerf());
    }

    private static List<Length> spoilt(List<Length> widths, int how) {
        List<Length> after = new ArrayList<>(widths);
        switch (how) {
            case 0 -> after.set(1, after.get(1).plus(Length.mm(1.5)));
            case 1 -> after.set(2, after.get(2).minus(Length.mm(0.7)));
            case 2 -> {
                Length moved = after.get(1).minus(Length.mm(1));
                after.set(1, Length.mm(1));
                after.set(0, after.get(0).plus(moved));
            }
            default -> {
                Length last = after.remove(after.size() - 1).plus(after.remove(after.size() - 1));
                after.set(after.size() - 1, after.get(after.size() - 1).plus(last));
            }
        }
        return after.size() < 3 ? widths : after;
    }

    private static List<String> told(long seed, BoxPlan plan, Ladder ladder) {
        LengthDisplay display = plan.display();
        List<String> told = new ArrayList<>();
        told.add("box " + seed + ", " + plan.jig().way().words() + ": " + ladder.sentence());
        for (Rung rung : ladder.rungs()) {
            told.add("  " + rung.name() + (rung.feasible() ? "" : " not") + " " + rung.why() + " closes "
                    + rung.closing().text(display) + " slot " + rung.slot().text(display) + " passes "
                    + rung.passes().count() + "/" + rung.cuts().count() + " faces "
                    + rung.glueFaces().count() + " score " + rung.score().text(display) + " "
                    + rung.reasons().stream()
                            .map(r -> r.words() + " −" + Math.round(r.lost() * 10) / 10.0)
                            .toList());
        }
        ladder.numbers().forEach(n -> told.add("  " + n.id() + " " + n.text(display) + " | " + n.rule()));
        for (PartEnd end : PartEnd.all()) {
            Joint joint = ladder.joint();
            Joint.JointedCorner corner = joint.corner(end);
            told.add("  " + end + " " + joint.kind(end) + " " + corner.sections() + " to "
                    + display.text(corner.height(), Precision.CALIPER) + " top "
                    + display.text(joint.top(end.part()), Precision.CALIPER) + " slots " + joint.slotCount(end)
                    + " faces " + joint.faces(corner)
                    + joint.sawnOff(end).map(s -> " sawn " + s.width().mm()).orElse("")
                    + (joint.opensAtTop(end) ? " open" : ""));
        }
        for (Verdict verdict : ladder.verdicts()) {
            told.add("  " + verdict.weight() + " " + verdict.code() + " " + verdict.sentence() + " "
                    + verdict.fixes().stream().map(f -> f.label()).toList());
        }
        return told;
    }
}
