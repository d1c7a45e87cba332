package canthook.server.export;

import canthook.refusal.Refused;
import java.util.Locale;

/** A sheet of paper, on its side: width and height in millimetres. */
enum Paper {
    A4(297, 210),
    LETTER(279.4, 215.9);

    private final double width;
    private final double height;

    Paper(double width, double height) {
        this.width = width;
        this.height = height;
    }

    double width() {
        return width;
    }

    double height() {
        return height;
    }

    /** @throws Refused when the printer knows no such paper */
    static Paper byName(String name) {
        return switch (name.toLowerCase(Locale.ROOT)) {
            case "a4" -> A4;
            case "letter" -> LETTER;
            default -> throw new Refused("paper", "Paper is a4 or letter, not “" + name + "”.");
        };
    }
}
