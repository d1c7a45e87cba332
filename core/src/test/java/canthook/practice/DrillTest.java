package canthook.practice;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.practice.Drill.Kind;
import canthook.practice.Spaced.Answered;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a drill calls right is right, judged apart from the drill. */
class DrillTest {
    private static List<Drill> drills(Kind kind) {
        List<Drill> all = new ArrayList<>();
        for (String subject : Drill.subjects(kind)) {
            for (long seed = 0; seed < AnyPlan.share(60); seed++) {
                all.add(Drill.of(kind, subject, seed));
            }
        }
        return all;
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void everyDrillHasOneRightAnswerAmongSeveralAndEveryAnswerIsSometimesRight(Kind kind) {
        Set<Integer> right = new HashSet<>();
        for (Drill drill : drills(kind)) {
            assertThat(drill.choices()).doesNotHaveDuplicates().hasSizeBetween(3, 4);
            assertThat(drill.right()).isBetween(0, drill.choices().size() - 1);
            right.add(drill.right());
            Drill again = Drill.of(kind, drill.subject(), drill.seed());
            assertThat(List.of(again.question(), again.choices(), again.right(), again.why()))
                    .isEqualTo(List.of(drill.question(), drill.choices(), drill.right(), drill.why()));
        }
        // a groove inside one section always shows somewhere
        assertThat(right).hasSizeGreaterThanOrEqualTo(3);
    }

    /** Too loose: fingers must grow. The readings in the question alone tell it. */
    @Test
    void theWayFollowsFromTheReadings() {
        for (Drill drill : drills(Kind.WHICH_WAY)) {
            String[] read = drill.question().split("Slot |, finger |, wanted | mm|\\. ");
            List<Double> numbers = java.util.Arrays.stream(read)
                    .filter(t -> t.matches("[0-9.]+"))
                    .map(Double::valueOf)
                    .toList();
            double off = numbers.get(0) - numbers.get(1) - numbers.get(2);
            int right = off > 0.03 ? 0 : off < -0.03 ? 1 : 2;
            assertThat(drill.right()).as(drill.question()).isEqualTo(right);
        }
    }

    /** Run through, a groove shows where the part is a finger at that height: looked up in the fingers themselves. */
    @Test
    void aGrooveShowsWhereThereIsAFinger() {
        for (Drill drill : drills(Kind.GROOVE)) {
            Length middle = drill.worked()
                    .bottom()
                    .grooves()
                    .get(0)
                    .groove()
                    .groove()
                    .offset()
                    .plus(drill.worked()
                            .bottom()
                            .grooves()
                            .get(0)
                            .groove()
                            .groove()
                            .width()
                            .dividedBy(2));
            Set<Part> sides = new HashSet<>();
            int ends = 0;
            for (PartEnd end : PartEnd.all()) {
                if (drill.worked().fingers().joint().fingers(end).stream().anyMatch(f -> holds(f, middle))) {
                    sides.add(end.part());
                    ends++;
                }
            }
            assertThat(ends).isEqualTo(4);
            int right = sides.size() == 4 ? 2 : sides.contains(Part.A) ? 0 : 1;
            assertThat(drill.right())
                    .as(drill.question() + drill.worked().plan().fingers())
                    .isEqualTo(right);
        }
    }

    private static boolean holds(Span span, Length at) {
        return !at.isUnder(span.from()) && !at.isOver(span.to());
    }

    /** n · s − ⌈n / 2⌉ · c, the highest of the choices that is not over the board. */
    @Test
    void theCountThatLosesLeastClosesHighestUnderTheBoard() {
        for (Drill drill : drills(Kind.COUNT)) {
            double s = drill.worked().fingers().chosen().kerf().length().mm();
            double c = drill.worked().fingers().chosen().clearance().length().mm();
            double wall = drill.worked().plan().size().height().mm();
            int best = drill.counts().stream()
                    .filter(n -> n * s - (n + 1) / 2 * c <= wall + 1e-6)
                    .max(Integer::compare)
                    .orElseThrow();
            assertThat(drill.counts().get(drill.right())).as(drill.question()).isEqualTo(best);
        }
    }

    /** A missed one is asked again two drills on, a known one later and later; all are asked before any comes a third time. */
    @Test
    void whatWasMissedComesBackSooner() {
        List<Answered> answered = new ArrayList<>();
        Spaced missed = Spaced.next(answered);
        List<Integer> seen = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            Spaced next = Spaced.next(answered);
            boolean isMissed = next.equals(missed);
            if (isMissed) {
                seen.add(i);
            }
            answered.add(new Answered(next.kind(), next.subject(), !isMissed));
        }
        long known = IntStream.range(0, 60)
                .filter(i -> answered.get(i).kind() == Kind.COUNT)
                .count();
        assertThat(seen.size()).isGreaterThan((int) known * 2);
        assertThat(answered.stream().map(a -> new Spaced(a.kind(), a.subject())).distinct())
                .containsExactlyInAnyOrderElementsOf(Spaced.all());
    }
}
