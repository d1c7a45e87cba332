package canthook.breakdown.exact;

import canthook.breakdown.Breakdown.Aim;
import canthook.breakdown.exact.Rooms.Room;
import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What is sought, and what may not fall behind meanwhile.
 *
 * @param room in which the offcut is sought; null for any other aim
 * @param kept what was reached of the aims before
 */
record Wish(Aim aim, @Nullable Room room, Map<Aim, Long> kept) {
    Wish {
        kept = kept.isEmpty() ? Map.of() : new EnumMap<>(kept);
    }

    /** More is better, except of blanks. */
    int sense() {
        return aim == Aim.BLANKS ? -1 : 1;
    }

    /** What a filling adds to the aim by itself. */
    double worth(Filling filling) {
        return switch (aim) {
            case CORNERS -> filling.corners();
            case OFFCUT -> room != null && filling.room().index() == room.index() ? filling.left() : 0;
            default -> 0;
        };
    }

    /** What a piece adds to the aim by itself. */
    double worth(Form form) {
        return aim == Aim.CORNERS ? form.corners : 0;
    }
}
