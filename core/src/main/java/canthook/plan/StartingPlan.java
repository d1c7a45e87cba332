package canthook.plan;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.LengthUnit;
import canthook.wood.Air;

/** The first plan of a new box: what the maker said of box and board, and the shop's usual choices for the rest. */
public final class StartingPlan {
    private StartingPlan() {}

    /**
     * What a maker says before anything else.
     *
     * @param kerf of the cutter they will use
     */
    public record Wish(
            String name,
            String purpose,
            LengthUnit unit,
            SizeWish.From from,
            Length length,
            Length width,
            Length height,
            Length thickness,
            String wood,
            Length blankLength,
            Length blankWidth,
            String cutter,
            Length kerf) {}

    /**
     * The plan a wish starts from: groove half as deep as the wall, the bottom's lower edge a groove's width up, the lid's
     * groove under a wall's thickness of wood.
     *
     * @throws canthook.refusal.Refused when a part of the wish cannot be taken
     */
    public static BoxPlan of(Wish wish) {
        boolean inch = wish.unit() == LengthUnit.INCH;
        SizeWish size = new SizeWish(
                wish.from(), wish.length(), wish.width(), wish.height(), wish.thickness(), SizeWish.Tips.SAND, null);
        Stuff walls = new Stuff(wish.wood(), 0);
        Length fine = inch ? Length.mm(25.4 / 16) : Length.mm(0.5);
        Length depth = Length.longer(fine, stepDown(wish.thickness().dividedBy(2), fine));
        Length grooveWidth = depth;
        Length lidAt = Length.longer(
                Length.ZERO, stepDown(wish.height().minus(wish.thickness()).minus(grooveWidth), fine));
        return new BoxPlan(
                BoxPlan.VERSION,
                wish.name(),
                wish.purpose(),
                wish.unit(),
                inch ? LengthDisplay.FRACTION_64 : LengthDisplay.METRIC,
                walls,
                size,
                new FingerChoice(null, wish.cutter(), wish.kerf(), null, null, Length.ZERO),
                new BoardAtHand(wish.blankLength(), wish.blankWidth(), null, null, false),
                new JigChoice(null),
                new Bottom.Captured(
                        new Stuff("sheet-plywood", 0),
                        grooveWidth,
                        new Groove(grooveWidth, depth, grooveWidth),
                        Bottom.Grain.ALONG_LENGTH,
                        false,
                        null,
                        null),
                new Lid.Open(walls, grooveWidth, new Groove(grooveWidth, depth, lidAt), null, null),
                new SeasonsChoice(
                        SeasonsChoice.Known.SHOP_AIR,
                        null,
                        new Air(20, 45),
                        SeasonsChoice.Home.HEATED_HOUSE,
                        null,
                        null));
    }

    private static Length stepDown(Length length, Length step) {
        return new Length(Math.floorDiv(length.nanometres(), step.nanometres()) * step.nanometres());
    }
}
