package canthook.server.export;

import java.io.IOException;
import java.io.InputStream;
import java.text.Bidi;
import java.util.EnumMap;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * Words on paper, in the letters the pages are set in; they go into the document, so that it looks the same on any printer. What they lack
 * is drawn with a wider font, and what that lacks too as an empty square, so that one sees something stands there.
 */
final class Lettering {
    private static final String SQUARE = "\u25a1";

    /** What a word is set in. */
    enum Face {
        PLAIN("/static/paper-fonts/plain.ttf"),
        BOLD("/static/paper-fonts/bold.ttf"),
        /** Lengths: every figure as wide as the next. */
        NUMBER("/static/paper-fonts/number.ttf"),
        /** For letters the others lack. */
        WIDER("/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf");

        private final String file;

        Face(String file) {
            this.file = file;
        }
    }

    private final PDDocument document;
    private final Map<Face, PDFont> fonts = new EnumMap<>(Face.class);

    Lettering(PDDocument document) {
        this.document = document;
    }

    /** Writes at a place, in points from the lower left corner of the sheet. */
    void write(PDPageContentStream to, float x, float y, String text, Face face, float size) throws IOException {
        to.beginText();
        to.newLineAtOffset(x, y);
        StringBuilder run = new StringBuilder();
        Face of = face;
        for (int c : asSeen(text).codePoints().toArray()) {
            String letter = Character.toString(c);
            Face mine = knows(face, letter) ? face : Face.WIDER;
            if (mine == Face.WIDER && !knows(mine, letter)) {
                letter = SQUARE;
            }
            if (mine != of) {
                show(to, run, of, size);
                of = mine;
            }
            run.append(letter);
        }
        show(to, run, of, size);
        to.endText();
    }

    /** In the order the letters stand on paper: words of a tongue that is written from the right are turned round. */
    private static String asSeen(String text) {
        Bidi order = new Bidi(text, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT);
        if (order.isLeftToRight()) {
            return text;
        }
        int count = order.getRunCount();
        byte[] levels = new byte[count];
        String[] runs = new String[count];
        for (int i = 0; i < count; i++) {
            levels[i] = (byte) order.getRunLevel(i);
            String run = text.substring(order.getRunStart(i), order.getRunLimit(i));
            runs[i] =
                    levels[i] % 2 == 0 ? run : new StringBuilder(run).reverse().toString();
        }
        Bidi.reorderVisually(levels, 0, runs, 0, count);
        return String.join("", runs);
    }

    /** How wide words are, in points; what the font lacks counts as wide as an m. */
    double width(String text, Face face, double size) throws IOException {
        double wide = 0;
        for (int c : text.codePoints().toArray()) {
            String letter = Character.toString(c);
            wide += font(face).getStringWidth(knows(face, letter) ? letter : "m");
        }
        return wide * size / 1000;
    }

    private void show(PDPageContentStream to, StringBuilder run, Face face, float size) throws IOException {
        if (!run.isEmpty()) {
            to.setFont(font(face), size);
            to.showText(run.toString());
            run.setLength(0);
        }
    }

    private PDFont font(Face face) throws IOException {
        PDFont known = fonts.get(face);
        if (known != null) {
            return known;
        }
        try (InputStream in = Lettering.class.getResourceAsStream(face.file)) {
            if (in == null) {
                throw new IllegalStateException("the letters " + face.file + " are missing from the application");
            }
            PDFont loaded = PDType0Font.load(document, in);
            fonts.put(face, loaded);
            return loaded;
        }
    }

    private boolean knows(Face face, String letter) throws IOException {
        try {
            font(face).encode(letter);
            return true;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }
}
