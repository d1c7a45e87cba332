package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.OneLine;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What goes into the box: kinds of things, one kind after another along the box's length.
 *
 * @param items the kinds, from left to right
 * @param divider thickness of the dividers between kinds; null when there are none
 */
public record Contents(List<Item> items, @Nullable Length divider) {
    private static final int MOST_KINDS = 12;

    /** How several of one kind lie. */
    public enum Laid {
        /** Side by side along the box's length. */
        ALONG,
        /** Side by side along its width. */
        ACROSS,
        /** One on another. */
        STACKED
    }

    /**
     * One kind of thing.
     *
     * @param name what it is
     * @param length along the box's length
     * @param width along the box's width
     * @param height when it lies in the box
     * @param count how many
     * @param laid how they lie
     * @param playLength room to move along the box's length, for each that lies along it, else for the pile
     * @param playWidth the same along the width
     * @param playHeight room over it; fingers want some
     * @param divider thickness of the dividers between those of this kind; null when there are none
     */
    public record Item(
            String name,
            Length length,
            Length width,
            Length height,
            int count,
            Laid laid,
            Length playLength,
            Length playWidth,
            Length playHeight,
            @Nullable Length divider) {
        public static final Range COUNT = new Range("How many of a kind", 1, 1000, "");

        public static final Bounds LENGTH = new Bounds("Length of the thing", Length.mm(0.1), Length.mm(3000));

        public static final Bounds WIDTH = new Bounds("Width of the thing", Length.mm(0.1), Length.mm(3000));

        public static final Bounds HEIGHT = new Bounds("Height of the thing", Length.mm(0.1), Length.mm(1500));

        public static final Bounds PLAY_LENGTH = new Bounds("Play along the length", Length.ZERO, Length.mm(500));

        public static final Bounds PLAY_WIDTH = new Bounds("Play along the width", Length.ZERO, Length.mm(500));

        public static final Bounds PLAY_HEIGHT = new Bounds("Play in height", Length.ZERO, Length.mm(500));

        public static final Bounds DIVIDER = new Bounds("Divider", Length.mm(0.2), Length.mm(100));

        public Item {
            name = OneLine.name("name", "A thing", name, 60);
            LENGTH.check("length", length);
            WIDTH.check("width", width);
            HEIGHT.check("height", height);
            COUNT.check("count", count);
            Refused.ifMissing("laid", "How they lie", laid);
            PLAY_LENGTH.check("playLength", playLength);
            PLAY_WIDTH.check("playWidth", playWidth);
            PLAY_HEIGHT.check("playHeight", playHeight);
            DIVIDER.unlessAbsent("divider", divider);
        }
    }

    public static final Bounds DIVIDER = new Bounds("Divider between kinds", Length.mm(0.2), Length.mm(100));

    public Contents {
        if (items == null || items.isEmpty()) {
            throw new Refused("items", "Say what goes in: at least one kind of thing.");
        }
        if (items.size() > MOST_KINDS) {
            throw new Refused("items", "At most " + MOST_KINDS + " kinds of things.");
        }
        items = List.copyOf(items);
        DIVIDER.unlessAbsent("divider", divider);
    }
}
