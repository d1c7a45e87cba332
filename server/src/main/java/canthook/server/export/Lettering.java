package canthook.server.export;

import com.ibm.icu.text.ArabicShaping;
import com.ibm.icu.text.ArabicShapingException;
import java.io.IOException;
import java.io.InputStream;
import java.text.Bidi;
import java.util.EnumMap;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.jspecify.annotations.Nullable;

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
        /** For letters the others lack: these three in their order. */
        WIDER("/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf"),
        ARABIC("/static/paper-fonts/arabic.ttf"),
        PICTURES("/static/paper-fonts/pictures.ttf");

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
            Face mine = of(face, letter);
            if (mine == null) {
                mine = Face.WIDER;
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

    /** The letters a letter is found among; null when none has it. */
    private @Nullable Face of(Face wanted, String letter) throws IOException {
        for (Face face : new Face[] {wanted, Face.WIDER, Face.ARABIC, Face.PICTURES}) {
            if (knows(face, letter)) {
                return face;
            }
        }
        return null;
    }

    /** Arabic letters in the form their neighbours ask for; joiners and variant marks, which are nothing to see, left out. */
    private static String formed(String text) {
        String seen = text.replaceAll("[\\u200b-\\u200f\\u2060\\ufe00-\\ufe0f]", "");
        try {
            return new ArabicShaping(ArabicShaping.LETTERS_SHAPE).shape(seen);
        } catch (ArabicShapingException e) {
            throw new IllegalStateException("Letters that cannot be formed", e);
        }
    }

    /** In the order the letters stand on paper: words of a tongue that is written from the right are turned round. */
    private static String asSeen(String written) {
        String text = formed(written);
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

    /** How wide words are, in points. */
    double width(String text, Face face, double size) throws IOException {
        double wide = 0;
        for (int c : formed(text).codePoints().toArray()) {
            String letter = Character.toString(c);
            Face mine = of(face, letter);
            wide += mine == null
                    ? font(Face.WIDER).getStringWidth(SQUARE)
                    : font(mine).getStringWidth(letter);
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
