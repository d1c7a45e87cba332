package canthook.board;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.LengthUnit;
import canthook.refusal.Bounds;
import canthook.refusal.OneLine;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A blank or an offcut on the rack.
 *
 * @param id stable name
 * @param name what the maker has written on it
 * @param length along the grain
 * @param width across the grain
 * @param wood id of its wood
 * @param ringAngle degrees, 0 flat-sawn … 90 quarter-sawn
 * @param moisture what is known of it; null when nothing is
 * @param figure which way its figure runs
 * @param snipe whether its ends carry planer snipe
 * @param defects where no part may lie
 * @param scrap whether it is left over from something, and is used before anything whole
 */
public record Blank(
        String id,
        String name,
        Length length,
        Length width,
        Length thickness,
        String wood,
        double ringAngle,
        @Nullable MoistureKnown moisture,
        GrainFigure figure,
        boolean snipe,
        String note,
        List<Defect> defects,
        Boolean scrap) {
    private static final int MOST_DEFECTS = 60;

    /** Which way the figure runs along the board, seen on its better face. */
    public enum GrainFigure {
        STRAIGHT,
        RISING,
        FALLING,
        CATHEDRAL,
        CURLY
    }

    /**
     * What is known of a board's moisture.
     *
     * @param percent of dry weight
     * @param on the day, ISO 8601
     * @param by how it is known
     */
    public record MoistureKnown(double percent, String on, By by) {
        /** How it is known. */
        public enum By {
            METER,
            SHOP_AIR,
            GUESS
        }

        public static final Range PERCENT = new Range("Moisture", 0, 100, "%");

        /** Above this no wood holds any more water inside its walls. */
        private static final double SATURATION = 30;

        public MoistureKnown {
            PERCENT.check("percent", percent);
            Refused.ifMissing("on", "The day of the reading", on);
            if (!on.matches("\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])")) {
                throw new Refused("on", "The day of the reading is written like 2025-03-02.");
            }
            Refused.ifMissing("by", "How the moisture is known", by);
        }

        /** Too wet to make a box from: it will shrink a long way first. */
        public boolean isOverSaturation() {
            return percent > SATURATION;
        }
    }

    public static final Bounds LENGTH = new Bounds("Length", Length.mm(1), Length.LONGEST);
    public static final Bounds WIDTH = new Bounds("Width", Length.mm(1), Length.mm(3000));
    public static final Bounds THICKNESS = new Bounds("Thickness", Length.mm(1), Length.mm(400));
    public static final Range RING_ANGLE = new Range("Ring angle", 0, 90, "°");

    public Blank {
        Refused.ifMissing("id", "The board's id", id);
        if (!id.matches("[a-z0-9][a-z0-9-]{0,59}")) {
            throw new Refused("id", "A board's id is of small letters, digits and hyphens, at most 60.");
        }
        name = OneLine.name("name", "A board", name, 60);
        LENGTH.check("length", length);
        WIDTH.check("width", width);
        THICKNESS.check("thickness", thickness);
        Refused.ifMissing("wood", "Wood", wood);
        RING_ANGLE.check("ringAngle", ringAngle);
        figure = figure == null ? GrainFigure.STRAIGHT : figure;
        note = OneLine.words("note", "The note", note, 300);
        defects = defects == null ? List.of() : List.copyOf(defects);
        checkDefects(length, width, defects);
        // boards kept before there were scraps do not say
        scrap = scrap != null && scrap;
    }

    /** One that is whole. */
    public Blank(
            String id,
            String name,
            Length length,
            Length width,
            Length thickness,
            String wood,
            double ringAngle,
            @Nullable MoistureKnown moisture,
            GrainFigure figure,
            boolean snipe,
            String note,
            List<Defect> defects) {
        this(id, name, length, width, thickness, wood, ringAngle, moisture, figure, snipe, note, defects, false);
    }

    public Blank withId(String changed) {
        return new Blank(
                changed, name, length, width, thickness, wood, ringAngle, moisture, figure, snipe, note, defects,
                scrap);
    }

    public Blank withName(String changed) {
        return new Blank(
                id, changed, length, width, thickness, wood, ringAngle, moisture, figure, snipe, note, defects, scrap);
    }

    private static void checkDefects(Length length, Length width, List<Defect> defects) {
        if (defects.size() > MOST_DEFECTS) {
            throw new Refused("defects", "At most " + MOST_DEFECTS + " defects to a board.");
        }
        for (int i = 0; i < defects.size(); i++) {
            Defect defect = defects.get(i);
            if (defect.to().isOver(length)) {
                throw new Refused(
                        "defects[" + i + "].to",
                        "The defect ends at " + words(defect.to()) + ", beyond the board's end at " + words(length)
                                + ".");
            }
            if (defect.acrossTo() != null && defect.acrossTo().isOver(width)) {
                throw new Refused(
                        "defects[" + i + "].acrossTo",
                        "The defect reaches " + words(defect.acrossTo()) + " across a board " + words(width)
                                + " wide.");
            }
            for (int j = 0; j < i; j++) {
                if (defects.get(j).overlaps(defect)) {
                    throw new Refused(
                            "defects[" + i + "].from",
                            "This defect overlaps another, from "
                                    + words(defects.get(j).from()) + " to "
                                    + words(defects.get(j).to()) + ". Join the two, or move one.");
                }
            }
        }
    }

    private static String words(Length length) {
        return LengthDisplay.echo(length, LengthUnit.MILLIMETRE);
    }
}
