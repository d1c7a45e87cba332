package canthook;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.lidOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.onTop;
import static canthook.SeedLibrary.sawnOff;

import canthook.bottom.Bottoms;
import canthook.cutter.Cutter;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.plan.Assumed;
import canthook.plan.BasePlate;
import canthook.plan.BoardAtHand;
import canthook.plan.Bottom;
import canthook.plan.BoxPlan;
import canthook.plan.CardSlit;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.FingeredBlock;
import canthook.plan.Fitting;
import canthook.plan.Groove;
import canthook.plan.JigChoice;
import canthook.plan.JigChoice.Screw;
import canthook.plan.JigChoice.Way;
import canthook.plan.LabelRecess;
import canthook.plan.Lid;
import canthook.plan.Lining;
import canthook.plan.Lowered;
import canthook.plan.Part;
import canthook.plan.SecondFloor;
import canthook.plan.SizeWish;
import canthook.plan.SizeWish.Tips;
import canthook.plan.Stay;
import canthook.plan.Stuff;
import canthook.plan.Tray;
import canthook.plan.UprightHandle;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import canthook.size.SizedBox;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Boxes of every kind, one a seed: every way of indexing, odd and even, equal and unequal walls, lower walls, a lid or none, clearances from
 * loose to under zero, cutters of the rack, all three displays.
 */
public record AnyPlan(long seed, BoxPlan plan, Shop shop) {
    /** So many seeds; {@code -Dcanthook.seeds=0.1} takes a tenth of them, {@code =10} ten times as many. */
    public static Stream<AnyPlan> seeds(long from, int count) {
        return LongStream.range(from, from + share(count)).mapToObj(AnyPlan::of);
    }

    /** Plans to look for one of a kind in, as many as it takes. */
    public static Stream<AnyPlan> from(long seed) {
        return LongStream.range(seed, seed + 20_000).mapToObj(AnyPlan::of);
    }

    /** As many of so many cases as are wanted: all, a tenth in a hurry but never under ten, or ten times as many. */
    public static int share(int count) {
        return Math.max(
                Math.min(count, 10), (int) (count * Double.parseDouble(System.getProperty("canthook.seeds", "1"))));
    }

    public WorkedPlan worked() {
        return Planner.work(plan, shop);
    }

    public static AnyPlan of(long seed) {
        Random random = new Random(seed * 7919);
        Way[] ways = Way.values();
        Way way = ways[random.nextInt(ways.length)];
        double kerf = 2 + random.nextInt(70) / 10.0;
        boolean even = way != Way.BAND_SAW && random.nextInt(3) == 0;
        int count = (even ? 4 : 3) + 2 * random.nextInt(12);
        double height = Math.round(count * kerf * (1 + random.nextDouble() * 1.3) * 10) / 10.0 + 5;
        double clearance = random.nextInt(8) == 0 ? -0.04 : random.nextInt(25) / 100.0;
        double side = 6 + random.nextInt(90) / 10.0;
        @Nullable Length end = random.nextInt(3) == 0 ? mm(6 + random.nextInt(90) / 10.0) : null;
        int lid = random.nextInt(3);
        double offset = Math.round(height * (0.55 + random.nextDouble() * 0.35) * 10) / 10.0;
        Lowered low = switch (random.nextInt(5)) {
            case 0 ->
                new Lowered(
                        seed % 2 == 0 ? Lowered.Which.FRONT : Lowered.Which.BACK,
                        mm(height * (0.3 + random.nextDouble() * 0.6)));
            case 1 -> new Lowered(Lowered.Which.BOTH_ENDS, mm(height * (0.4 + random.nextDouble() * 0.5)));
            case 2 ->
                lid == 0 ? null : new Lowered(Lowered.Which.SLOPED, mm(height * (0.3 + random.nextDouble() * 0.6)));
            default -> null;
        };
        BoxPlan box = envelopeDrawer();
        SizeWish size = new SizeWish(
                SizeWish.From.OUTSIDE,
                mm(160 + random.nextInt(300)),
                mm(100 + random.nextInt(200)),
                mm(height),
                mm(side),
                Tips.values()[random.nextInt(4)],
                null,
                end,
                null,
                null,
                low);
        boolean rack = random.nextInt(4) == 0;
        FingerChoice fingers = new FingerChoice(
                random.nextBoolean() ? count : null,
                "cutter",
                mm(kerf),
                mm(clearance),
                random.nextBoolean() ? mm(random.nextInt(2)) : null,
                random.nextBoolean() ? mm(random.nextInt(3)) : null,
                even ? Parity.EVEN : Parity.ODD,
                way == Way.BAND_SAW || random.nextBoolean() ? Sharing.CENTRED : Sharing.ONE_SIDE,
                way == Way.BAND_SAW ? Leftover.RIP : Leftover.values()[random.nextInt(3)],
                null,
                null,
                rack);
        JigChoice jig = new JigChoice(null)
                .with(way)
                .with(new Screw(mm(1 + random.nextInt(3) / 2.0), 20 + random.nextInt(20), 30, 16, null))
                .withResolution(mm(0.05));
        BoxPlan plan = box.with(size).with(fingers).with(jig).with(LengthDisplay.values()[random.nextInt(5)]);
        plan = lid == 0
                ? plan.with(lidOf(plan)
                        .withGroove(new Groove(mm(4 + random.nextInt(3)), mm(2 + random.nextInt(2)), mm(offset))))
                : plan.with(lidOf(plan).putAway());
        plan = otherKinds(plan, seed, lid, height);
        if (seed % 5 == 2) {
            plan = plan.with(BoardAtHand.TO_BUY);
        }
        if (seed % 7 == 3) {
            plan = plan.assuming(EnumSet.of(Assumed.values()[(int) Math.floorMod(seed, Assumed.values().length)]));
        }
        HouseRules rules = HouseRules.DEFAULT.with(HouseRule.STACK_HIGHEST, 15 + random.nextInt(60));
        List<TestCut> cuts = random.nextInt(3) == 0
                ? List.of(new TestCut("2026-03-02T10:20:00Z", List.of(mm(kerf + 0.01)), List.of(mm(kerf - 0.2)), null))
                : List.of();
        return new AnyPlan(seed, plan, new Shop(rules, cuts, rack ? rack(random) : List.of(), null));
    }

    /** The other kinds of bottom and lid, drawn apart so that the rest of the plan is what it was. */
    private static BoxPlan otherKinds(BoxPlan plan, long seed, int lid, double height) {
        Random random = new Random(seed * 104_729);
        BoxPlan other = plan;
        if (lid != 0) {
            Lid.Joined joined = Lid.Joined.values()[random.nextInt(3)];
            other = switch (random.nextInt(4)) {
                case 0 ->
                    other.with(sawnOff(Math.max(4, height * (0.4 + random.nextDouble() * 0.5)), joined, 1.0)
                            .withGroove(new Groove(
                                    mm(4 + random.nextInt(3)),
                                    mm(2 + random.nextInt(4)),
                                    mm(Math.max(0, height * 0.98 - 9)))));
                case 1 ->
                    other.with(onTop(random.nextBoolean() ? Lid.Kept.LIP : Lid.Kept.HINGED)
                            .withOverhang(mm(random.nextInt(9)))
                            .withBreadboard(random.nextBoolean()));
                default -> other;
            };
        }
        SizedBox box = Planner.work(other, Shop.withDefaults()).size();
        // from a well of their own, so that other kinds to come leave them as they are
        Random own = new Random(seed * 15_485_863);
        if (own.nextInt(3) == 0) {
            other = other.withFittings(fittings(own, box, height));
        }
        return switch (random.nextInt(6)) {
            case 0 -> Bottoms.rabbeted(other, box, HouseRules.DEFAULT);
            case 1 -> Bottoms.applied(other);
            case 2 -> Bottoms.slats(other, box, HouseRules.DEFAULT);
            case 3 -> Bottoms.none(other);
            default -> hung(other, new Random(seed * 32_452_843));
        };
    }

    /** Some captured bottoms hang flush, some are covered with paper. */
    private static BoxPlan hung(BoxPlan plan, Random random) {
        int which = random.nextInt(4);
        return plan.bottom()
                .fold(new Bottom.Kinds<>(
                        none -> plan,
                        captured -> which > 1
                                ? plan
                                : plan.with(new Bottom.Captured(
                                        captured.stuff(),
                                        which == 0
                                                ? captured.groove().top().plus(mm(random.nextInt(3)))
                                                : captured.thickness(),
                                        captured.groove(),
                                        captured.grain(),
                                        captured.pinned(),
                                        captured.gap(),
                                        captured.endFit(),
                                        which == 0 ? Bottom.Lies.FLUSH : Bottom.Lies.ON_GROOVE,
                                        random.nextBoolean() ? mm(0.4) : null)),
                        rabbeted -> plan,
                        applied -> plan,
                        slats -> plan));
    }

    private static List<Fitting> fittings(Random random, SizedBox box, double height) {
        List<Fitting> all = new ArrayList<>();
        for (int i = random.nextInt(4); i >= 0; i--) {
            Fitting.Run run = Fitting.Run.values()[random.nextInt(2)];
            double inside = (run == Fitting.Run.ACROSS ? box.insideLength() : box.insideWidth())
                    .length()
                    .mm();
            all.add(
                    switch (random.nextInt(15)) {
                        case 0 ->
                            new Fitting.Grip(Part.values()[random.nextInt(4)], mm(60), mm(25), mm(random.nextInt(40)));
                        case 1 ->
                            new Fitting.Pegs(mm(1 + random.nextInt(4)), Fitting.Which.values()[random.nextInt(3)]);
                        case 4 ->
                            new Fitting.Handle(
                                    mm(20 + random.nextInt(60)), mm(16), mm(14), random.nextBoolean() ? mm(12) : null);
                        case 3 -> new Fitting.CornerPin(mm(1 + random.nextInt(3)), random.nextBoolean());
                        case 2 -> new Fitting.Feet(mm(20), mm(10), mm(random.nextInt(8)));
                        case 6 ->
                            new Tray(
                                    mm(4 + random.nextInt(40)),
                                    mm(10 + random.nextInt(40)),
                                    random.nextBoolean() ? mm(20 + random.nextInt(120)) : null,
                                    mm(random.nextInt(4)),
                                    mm(3 + random.nextInt(8)),
                                    1 + random.nextInt(3),
                                    wood(random));
                        case 7 -> new BasePlate(wood(random), mm(4 + random.nextInt(12)), mm(random.nextInt(15)));
                        case 8 ->
                            new UprightHandle(
                                    wood(random),
                                    mm(14 + random.nextInt(8)),
                                    mm(Math.max(40, height * (0.5 + random.nextDouble()))),
                                    mm(1 + random.nextInt(5)),
                                    random.nextBoolean() ? mm(2) : null,
                                    mm(40 + random.nextInt(80)),
                                    mm(12 + random.nextInt(20)),
                                    mm(10 + random.nextInt(20)),
                                    mm(random.nextInt(6)));
                        case 9 ->
                            new FingeredBlock(
                                    mm(20 + random.nextInt(80)),
                                    mm(6 + random.nextInt(8)),
                                    mm(20),
                                    mm(15 + random.nextInt(20)));
                        case 10 ->
                            new Stay(
                                    Stay.What.values()[random.nextInt(3)],
                                    Part.values()[random.nextInt(4)],
                                    mm(random.nextInt(160)),
                                    mm(3 + random.nextInt(30)));
                        case 11 ->
                            new CardSlit(
                                    CardSlit.In.values()[random.nextInt(5)],
                                    mm(0.8 + random.nextDouble()),
                                    mm(3 + random.nextInt(10)),
                                    (double) random.nextInt(30));
                        case 12 ->
                            new LabelRecess(
                                    Part.values()[random.nextInt(4)],
                                    mm(20 + random.nextInt(60)),
                                    mm(8 + random.nextInt(20)),
                                    mm(0.5 + random.nextInt(6)),
                                    mm(random.nextInt(40)));
                        case 13 -> new Lining(mm(0.5 + random.nextInt(3)), random.nextBoolean());
                        case 14 ->
                            new SecondFloor(
                                    wood(random),
                                    mm(3 + random.nextInt(5)),
                                    mm(4 + random.nextInt(50)),
                                    mm(4 + random.nextInt(8)),
                                    mm(random.nextInt(3)));
                        default ->
                            new Fitting.Divider(
                                    run,
                                    mm(Math.round(Math.max(0, inside) * random.nextDouble())),
                                    random.nextBoolean()
                                            ? new Stuff("sheet-plywood", 0)
                                            : new Stuff("pine-ponderosa", 0),
                                    mm(3 + random.nextInt(8)),
                                    mm(Math.max(3, height * (0.2 + 0.6 * random.nextDouble()))),
                                    random.nextBoolean(),
                                    null);
                    });
        }
        return all;
    }

    private static Stuff wood(Random random) {
        return random.nextBoolean() ? new Stuff("sheet-plywood", 0) : new Stuff("pine-ponderosa", 0);
    }

    private static List<Cutter> rack(Random random) {
        return Stream.of(3.2, 6.35, 7.95 + random.nextInt(20) / 100.0)
                .map(k -> new Cutter(
                        "cutter-" + Math.round(k * 100),
                        "the " + k + " cutter",
                        k > 6.5 ? Cutter.Kind.BIT : Cutter.Kind.BLADE,
                        mm(k),
                        mm(k),
                        null,
                        "",
                        null,
                        null,
                        null,
                        ""))
                .toList();
    }
}
