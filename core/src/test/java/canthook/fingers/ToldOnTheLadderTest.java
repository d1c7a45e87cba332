package canthook.fingers;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.Approved;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
import canthook.plan.PartEnd;
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
