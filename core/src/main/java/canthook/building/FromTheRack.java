package canthook.building;

import canthook.board.Blank;
import canthook.building.JigPart.Made;
import canthook.length.Length;
import canthook.wood.Wood;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Which pieces of the rack the parts of a jig may come out of: scraps before whole boards, of those the smallest that holds a part, and
 * what is cut off one is not there for the next.
 *
 * <pre>
 * sheet   as thick as the part, within 1.5, laid either way
 * wood    hard; as long along the grain; as wide and as thick as the part's two other sizes, either way up
 * a part takes its length and a kerf off the piece's end
 * </pre>
 *
 * A piece with a defect in it is not proposed: where the defect lies is for the maker's eye.
 */
public final class FromTheRack {
    private static final Length NEAR = Length.mm(1.5);
    private static final Length KERF = Length.mm(3.2);

    private FromTheRack() {}

    /** What is left of a piece. */
    private static final class Left {
        private final Blank blank;
        private Length length;

        Left(Blank blank) {
            this.blank = blank;
            length = blank.length();
        }

        double area() {
            return length.mm() * blank.width().mm();
        }
    }

    /** A part that has all three sizes. */
    private record Wanted(String id, int count, Made made, Length along, Length across, Length thick) {
        static Wanted of(JigPart part) {
            List<Worked> sizes = part.sizes();
            return new Wanted(
                    part.id(),
                    part.count(),
                    part.made(),
                    sizes.get(0).length(),
                    sizes.get(1).length(),
                    sizes.get(2).length());
        }

        double area() {
            return along.mm() * across.mm();
        }
    }

    /**
     * The piece for every part that the rack has one for, by the part's id.
     *
     * @param woods a wood by its id; empty for one nobody knows any more
     */
    public static Map<String, Blank> of(JigToBuild jig, List<Blank> rack, Function<String, Optional<Wood>> woods) {
        List<Left> pieces = new ArrayList<>();
        Map<Left, Wood> of = new HashMap<>();
        for (Blank blank : rack) {
            woods.apply(blank.wood()).filter(w -> blank.defects().isEmpty()).ifPresent(wood -> {
                Left left = new Left(blank);
                pieces.add(left);
                of.put(left, wood);
            });
        }
        Map<String, Blank> found = new LinkedHashMap<>();
        // the large parts first: a small one is found later too
        List<Wanted> parts = jig.parts().stream()
                .filter(p -> p.made() != Made.BOUGHT && p.sizes().size() == 3)
                .map(Wanted::of)
                .sorted(Comparator.comparingDouble(Wanted::area).reversed())
                .toList();
        for (Wanted part : parts) {
            pieces.stream()
                    .filter(left -> holds(left, part, of.get(left)))
                    .min(Comparator.comparing((Left left) -> !left.blank.scrap())
                            .thenComparingDouble(Left::area))
                    .ifPresent(left -> {
                        left.length = left.length.minus(taken(left, part));
                        found.put(part.id(), left.blank);
                    });
        }
        return found;
    }

    private static boolean holds(Left left, Wanted part, @Nullable Wood wood) {
        if (wood == null) {
            return false;
        }
        Blank blank = left.blank;
        Length across = part.across();
        Length thick = part.thick();
        Length all = part.along().plus(KERF).times(part.count());
        return switch (part.made()) {
            case SHEET ->
                wood.isSheet()
                        && !blank.thickness().minus(thick).abs().isOver(NEAR)
                        && (isIn(all, across, left) || isIn(across.plus(KERF).times(part.count()), part.along(), left));
            case WOOD ->
                wood.isHard() && !all.isOver(left.length) && (fits(across, thick, blank) || fits(thick, across, blank));
            case BOUGHT -> false;
        };
    }

    private static boolean isIn(Length along, Length across, Left left) {
        return !along.isOver(left.length) && !across.isOver(left.blank.width());
    }

    private static boolean fits(Length wide, Length thick, Blank blank) {
        return !wide.isOver(blank.width()) && !thick.isOver(blank.thickness());
    }

    private static Length taken(Left left, Wanted part) {
        Length along = part.along().plus(KERF).times(part.count());
        if (part.made() == Made.SHEET && !isIn(along, part.across(), left)) {
            return part.across().plus(KERF).times(part.count());
        }
        return along;
    }
}
