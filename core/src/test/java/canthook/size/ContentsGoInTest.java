package canthook.size;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.lidOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.Contents;
import canthook.plan.Contents.Item;
import canthook.plan.Contents.Laid;
import canthook.plan.SizeWish;
import canthook.plan.SizeWish.From;
import canthook.plan.SizeWish.Tips;
import canthook.planner.WorkedPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Random things put in: the box drawn around them holds them all, nothing stands in another, and not a hair is given away. */
class ContentsGoInTest {
    static IntStream seeds() {
        return IntStream.range(0, AnyPlan.share(60));
    }

    private static Length tenths(Random random, int least, int most) {
        return mm((least + random.nextInt(most - least)) / 10.0);
    }

    private static Contents things(Random random) {
        List<Item> items = new ArrayList<>();
        int kinds = 1 + random.nextInt(3);
        for (int i = 0; i < kinds; i++) {
            items.add(new Item(
                    "thing " + i,
                    tenths(random, 200, 900),
                    tenths(random, 300, 1200),
                    tenths(random, 100, 400),
                    1 + random.nextInt(3),
                    Laid.values()[random.nextInt(3)],
                    tenths(random, 0, 40),
                    tenths(random, 0, 40),
                    tenths(random, 0, 80),
                    random.nextBoolean() ? tenths(random, 20, 60) : null));
        }
        return new Contents(items, random.nextBoolean() ? tenths(random, 20, 60) : null);
    }

    private static WorkedPlan boxFor(Contents contents, Length ends) {
        BoxPlan drawer = envelopeDrawer();
        return work(drawer.with(new SizeWish(
                        From.CONTENTS, mm(248), mm(166), mm(96), mm(9), Tips.SAND, null, ends, contents, null, null))
                .with(lidOf(drawer).putAway()));
    }

    private static double value(WorkedPlan worked, String id) {
        return worked.number(id).orElseThrow().length().mm();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everythingStandsInsideAndApart(int seed) {
        Random random = new Random(seed);
        Contents contents = things(random);
        WorkedPlan worked = boxFor(contents, seed % 2 == 0 ? null : mm(12));
        double insideLength = value(worked, "size.inside-length");
        double insideWidth = value(worked, "size.inside-width");
        List<SizedBox.Place> places = worked.size().contents();
        for (SizedBox.Place place : places) {
            assertThat(place.along().mm()).isGreaterThanOrEqualTo(0);
            assertThat(place.across().mm()).isGreaterThanOrEqualTo(0);
            assertThat(right(place)).isLessThanOrEqualTo(insideLength + 1e-6);
            assertThat(far(place)).isLessThanOrEqualTo(insideWidth + 1e-6);
        }
        for (int i = 0; i < places.size(); i++) {
            for (int j = i + 1; j < places.size(); j++) {
                assertThat(apart(places.get(i), places.get(j)))
                        .as("%s and %s", places.get(i), places.get(j))
                        .isTrue();
            }
        }
        // as many things as were asked for; a pile is drawn as one
        assertThat(places.stream().filter(p -> !p.divider()).count())
                .isEqualTo(contents.items().stream()
                        .mapToInt(i -> i.laid() == Laid.STACKED ? 1 : i.count())
                        .sum());
        // the walls stand around the inside: ends across its length, sides across its width
        double end = seed % 2 == 0 ? 9 : 12;
        assertThat(value(worked, "size.outside-length"))
                .isCloseTo(insideLength + 2 * end, org.assertj.core.data.Offset.offset(1e-6));
        assertThat(value(worked, "size.outside-width"))
                .isCloseTo(insideWidth + 18, org.assertj.core.data.Offset.offset(1e-6));
        // nothing is given away: the length is filled by what lies in it, with its play and its dividers
        assertThat(insideLength).isCloseTo(length(contents), org.assertj.core.data.Offset.offset(1e-6));
    }

    private static double length(Contents contents) {
        double sum = 0;
        for (Item item : contents.items()) {
            boolean along = item.laid() == Laid.ALONG;
            for (int n = 0; n < (along ? item.count() : 1); n++) {
                sum += item.length().mm() + item.playLength().mm();
                sum += n > 0 && item.divider() != null ? item.divider().mm() : 0;
            }
        }
        double between = contents.divider() == null ? 0 : contents.divider().mm();
        return sum + (contents.items().size() - 1) * between;
    }

    private static double right(SizedBox.Place p) {
        return p.along().plus(p.length()).mm();
    }

    private static double far(SizedBox.Place p) {
        return p.across().plus(p.width()).mm();
    }

    private static boolean apart(SizedBox.Place a, SizedBox.Place b) {
        return right(a) <= b.along().mm() + 1e-6
                || right(b) <= a.along().mm() + 1e-6
                || far(a) <= b.across().mm() + 1e-6
                || far(b) <= a.across().mm() + 1e-6;
    }
}
