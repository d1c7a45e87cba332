package canthook.plan;

import canthook.cutter.Cutter;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.LengthUnit;
import canthook.plan.Contents.Item;
import canthook.plan.Contents.Laid;
import canthook.plan.SizeWish.From;
import canthook.plan.SizeWish.Tips;
import canthook.refusal.Refused;
import canthook.wood.Air;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The first plan of a new box. Whatever the maker has not said begins sensibly, and the plan says of it that it is assumed.
 *
 * <pre>
 * size        from the first number on: width two thirds, height two fifths of the length
 * thickness   6 · 9 · 12 · 15 · 18 mm up to 160 · 320 · 520 · 800 mm and longer; 1/4 … 3/4 in likewise
 * cutter      a stacked one, nearest to 0.8 of the thickness, unless the rack has one that does it
 * board       to be bought: as long and as wide as it must be
 * bottom      sheet in a groove half as deep as the wall, no more than 6 mm or 1/4 in
 * </pre>
 *
 * Check: length 240 → 240 × 160 × 96, 9 thick, cutter 8, groove 4.5 × 4.5.
 */
public final class StartingPlan {
    private static final Length USUAL = Length.mm(240);
    private static final double[] LONGEST = {160, 320, 520, 800};
    private static final double BEST_RATIO = 0.8;

    /** A row of things more than this many times as long as wide is laid the other way. */
    private static final double LONGEST_ROW = 6;

    /** A kerf over this is no saw blade's. */
    public static final Length WIDEST_BLADE = Length.mm(5);

    private final Wish wish;
    private final boolean inch;
    private final Set<Assumed> assumed = EnumSet.noneOf(Assumed.class);

    private StartingPlan(Wish wish) {
        this.wish = wish;
        this.inch = wish.unit() == LengthUnit.INCH;
    }

    /**
     * What a maker says before anything else; all of it may be left unsaid.
     *
     * @param from what leads; the outside when null
     * @param length of the box, or of the place it must fit; of no meaning when things lead
     * @param things what goes in, when that leads
     * @param blankLength of the board at hand; to be bought when null
     * @param tool a cutter of the rack
     * @param cutter what the maker calls a cutter that hangs on no rack
     * @param kerf of that cutter, measured
     */
    public record Wish(
            @Nullable String name,
            @Nullable String purpose,
            @Nullable LengthUnit unit,
            @Nullable From from,
            @Nullable Length length,
            @Nullable Length width,
            @Nullable Length height,
            @Nullable List<Held> things,
            @Nullable Length thickness,
            @Nullable String wood,
            @Nullable Length blankLength,
            @Nullable Length blankWidth,
            @Nullable Cutter tool,
            @Nullable String cutter,
            @Nullable Length kerf) {

        /** Whether the maker said what it is cut with. */
        public boolean saysCutter() {
            return tool != null || kerf != null;
        }
    }

    /** Something to be held, as far as it is known. */
    public record Held(
            @Nullable String name,
            @Nullable Length length,
            @Nullable Length width,
            @Nullable Length height,
            @Nullable Integer count,
            @Nullable Length divider) {}

    /** Length, width and height, those not said in proportion to the first that is. */
    private record Three(Length length, Length width, Length height) {}

    /**
     * The plan a wish starts from.
     *
     * @throws Refused when a part of the wish cannot be taken; its field is the wish's
     */
    public static BoxPlan of(Wish wish) {
        return new StartingPlan(wish).plan();
    }

    private BoxPlan plan() {
        check();
        From from = wish.from() == null ? From.OUTSIDE : wish.from();
        SizeWish size = size(from);
        Length thickness = size.thickness();
        Stuff walls = new Stuff(said(wish.wood(), Assumed.WOOD, "cherry-black"), 0);
        Length fine = fine();
        Length depth =
                Length.longer(fine, Length.shorter(stepDown(thickness.dividedBy(2), fine), Length.mm(inch ? 6.35 : 6)));
        Length lidAt = Length.longer(
                Length.ZERO, stepDown(size.height().minus(thickness).minus(depth), fine));
        assumed.add(Assumed.BOTTOM);
        assumed.add(Assumed.LID);
        assumed.add(Assumed.HOME);
        FingerChoice fingers = cutter(thickness);
        return new BoxPlan(
                        BoxPlan.VERSION,
                        wish.name() == null || wish.name().isBlank() ? "New box" : wish.name(),
                        wish.purpose() == null ? "" : wish.purpose(),
                        inch ? LengthUnit.INCH : LengthUnit.MILLIMETRE,
                        inch ? LengthDisplay.FRACTION_64 : LengthDisplay.METRIC,
                        walls,
                        size,
                        fingers,
                        new BoardAtHand(wish.blankLength(), wish.blankWidth(), null, null, false),
                        new JigChoice(null),
                        new Bottom.Captured(
                                new Stuff("sheet-plywood", 0),
                                depth,
                                new Groove(depth, depth, depth),
                                Bottom.Grain.ALONG_LENGTH,
                                false,
                                null,
                                null),
                        new Lid.Open(walls, depth, new Groove(depth, depth, lidAt), null, null),
                        new SeasonsChoice(
                                SeasonsChoice.Known.SHOP_AIR,
                                null,
                                new Air(20, 45),
                                SeasonsChoice.Home.HEATED_HOUSE,
                                null,
                                null))
                .assuming(assumed);
    }

    /** Said at the field it came from, before it meets another's name for it. */
    private void check() {
        boolean place = wish.from() == From.OPENING;
        (place ? Opening.LENGTH : SizeWish.LENGTH).unlessAbsent("length", wish.length());
        (place ? Opening.WIDTH : SizeWish.WIDTH).unlessAbsent("width", wish.width());
        (place ? Opening.HEIGHT : SizeWish.HEIGHT).unlessAbsent("height", wish.height());
        SizeWish.THICKNESS.unlessAbsent("thickness", wish.thickness());
        BoardAtHand.LENGTH.unlessAbsent("blankLength", wish.blankLength());
        BoardAtHand.WIDTH.unlessAbsent("blankWidth", wish.blankWidth());
        FingerChoice.KERF.unlessAbsent("kerf", wish.kerf());
    }

    private SizeWish size(From from) {
        return switch (from) {
            case OUTSIDE, INSIDE -> {
                Three box = three(wish.length(), wish.width(), wish.height(), true);
                yield new SizeWish(
                        from, box.length(), box.width(), box.height(), thickness(box.length()), Tips.SAND, null);
            }
            case OPENING -> {
                Three place = three(wish.length(), wish.width(), wish.height(), true);
                yield filled(place, thickness(place.length()), From.OPENING)
                        .with(new Opening(
                                place.length(),
                                place.width(),
                                place.height(),
                                Length.mm(inch ? 25.4 * 3 / 8 : 10),
                                Length.mm(inch ? 25.4 / 32 : 1),
                                Length.mm(inch ? 25.4 * 3 / 16 : 5)))
                        .withFrom(From.OPENING);
            }
            case CONTENTS -> {
                Contents contents = contents();
                Length along = Length.ZERO;
                for (Item item : contents.items()) {
                    along = along.plus(item.length().times(item.laid() == Laid.ALONG ? item.count() : 1));
                }
                Item first = contents.items().get(0);
                Three around = three(
                        SizeWish.LENGTH.nearest(along),
                        SizeWish.WIDTH.nearest(first.width()),
                        SizeWish.HEIGHT.nearest(first.height()),
                        false);
                yield filled(around, thickness(around.length()), From.CONTENTS)
                        .with(contents)
                        .withFrom(From.CONTENTS);
            }
        };
    }

    private static SizeWish filled(Three about, Length thickness, From from) {
        SizeWish size = new SizeWish(
                From.OUTSIDE,
                SizeWish.LENGTH.nearest(about.length()),
                SizeWish.WIDTH.nearest(about.width()),
                SizeWish.HEIGHT.nearest(about.height()),
                thickness,
                Tips.SAND,
                null);
        return from == From.OUTSIDE ? size.withFrom(from) : size;
    }

    private Contents contents() {
        List<Held> things = wish.things() == null || wish.things().isEmpty()
                ? List.of(new Held(null, null, null, null, null, null))
                : wish.things();
        List<Item> items = new ArrayList<>();
        Length divider = null;
        for (Held held : things) {
            Three thing = three(held.length(), held.width(), held.height(), true);
            divider = divider == null ? held.divider() : divider;
            int count = held.count() == null ? 1 : held.count();
            items.add(new Item(
                    held.name() == null || held.name().isBlank() ? "things" : held.name(),
                    thing.length(),
                    thing.width(),
                    thing.height(),
                    count,
                    laid(thing, count),
                    Length.mm(inch ? 25.4 / 8 : 3),
                    Length.mm(inch ? 25.4 / 8 : 3),
                    Length.mm(inch ? 25.4 * 3 / 8 : 10),
                    held.divider()));
        }
        return new Contents(items, divider);
    }

    /** Side by side along the box, unless that made a row many times as long as wide: pencils lie across it. */
    private static Laid laid(Three thing, int count) {
        double row = thing.length().mm() * count / thing.width().mm();
        double rank = thing.width().mm() * count / thing.length().mm();
        return row > LONGEST_ROW && rank < row ? Laid.ACROSS : Laid.ALONG;
    }

    private Three three(@Nullable Length length, @Nullable Length width, @Nullable Length height, boolean tell) {
        if (tell) {
            said(length, Assumed.LENGTH, USUAL);
            said(width, Assumed.WIDTH, USUAL);
            said(height, Assumed.HEIGHT, USUAL);
        }
        Length base = length != null
                ? length
                : width != null
                        ? width.times(3).dividedBy(2)
                        : height != null ? height.times(5).dividedBy(2) : USUAL;
        return new Three(
                length == null ? whole(base) : length,
                width == null ? whole(base.times(2).dividedBy(3)) : width,
                height == null ? whole(base.times(2).dividedBy(5)) : height);
    }

    private Length thickness(Length longest) {
        return said(wish.thickness(), Assumed.THICKNESS, usualThickness(longest, inch));
    }

    /** How thick the walls of a box are begun whose longest side is so long. */
    public static Length usualThickness(Length longest, boolean inch) {
        int step = 0;
        while (step < LONGEST.length && longest.mm() > LONGEST[step]) {
            step++;
        }
        return inch ? Length.mm(25.4 / 8 * (2 + step)) : Length.mm(6 + 3.0 * step);
    }

    private FingerChoice cutter(Length thickness) {
        Length best = thickness.times(BEST_RATIO);
        Length usual = inch
                ? Length.mm(25.4 / 8 * Math.max(2, Math.round(best.mm() / 25.4 * 8)))
                : Length.mm(Math.max(6, 2 * Math.round(best.mm() / 2)));
        if (!wish.saysCutter()) {
            assumed.add(Assumed.CUTTER);
        }
        if (wish.tool() != null) {
            return new FingerChoice(null, wish.tool().name(), wish.tool().kerf(), null, null, null).with(wish.tool());
        }
        Length kerf = wish.kerf() == null ? usual : wish.kerf();
        String name = wish.cutter() == null || wish.cutter().isBlank()
                ? kerf.isOver(WIDEST_BLADE) ? "stacked cutter" : "saw blade"
                : wish.cutter();
        return new FingerChoice(null, name, kerf, null, null, null);
    }

    private <T> T said(@Nullable T value, Assumed what, T usual) {
        if (value == null) {
            assumed.add(what);
            return usual;
        }
        return value;
    }

    private Length fine() {
        return inch ? Length.mm(25.4 / 16) : Length.mm(0.5);
    }

    /** To a whole millimetre or an eighth of an inch. */
    private Length whole(Length length) {
        Length step = inch ? Length.mm(25.4 / 8) : Length.mm(1);
        return Length.longer(Length.mm(5), stepDown(length.plus(step.dividedBy(2)), step));
    }

    private static Length stepDown(Length length, Length step) {
        return new Length(Math.floorDiv(length.nanometres(), step.nanometres()) * step.nanometres());
    }
}
