package canthook.server.export;

import java.io.IOException;
import java.io.InputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.jspecify.annotations.Nullable;

/**
 * Words on paper. The standard fonts, which every printer has, know the letters of western Europe only; what they lack is drawn with a
 * font that goes into the document, and what that lacks too as an empty square, so that one sees something stands there.
 */
final class Lettering {
    static final PDFont PLAIN = new PDType1Font(FontName.HELVETICA);
    static final PDFont BOLD = new PDType1Font(FontName.HELVETICA_BOLD);
    private static final String WIDER = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
    private static final String SQUARE = "□";

    private final PDDocument document;
    private @Nullable PDType0Font wider;

    Lettering(PDDocument document) {
        this.document = document;
    }

    /** Writes at a place, in points from the lower left corner of the sheet. */
    void write(PDPageContentStream to, float x, float y, String text, PDFont font, float size) throws IOException {
        to.beginText();
        to.newLineAtOffset(x, y);
        String plain = text.replace("−", "-").replace("′", "'").replace("″", "\"");
        StringBuilder run = new StringBuilder();
        PDFont of = font;
        for (int c : plain.codePoints().toArray()) {
            String letter = Character.toString(c);
            PDFont mine = knows(font, letter) ? font : wider();
            if (mine != font && !knows(mine, letter)) {
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

    /** How wide words are, in points; what the font lacks counts as wide as an m. */
    double width(String text, PDFont font, double size) throws IOException {
        double wide = 0;
        for (int c : text.replace("−", "-")
                .replace("′", "'")
                .replace("″", "\"")
                .codePoints()
                .toArray()) {
            String letter = Character.toString(c);
            wide += font.getStringWidth(knows(font, letter) ? letter : "m");
        }
        return wide * size / 1000;
    }

    private static void show(PDPageContentStream to, StringBuilder run, PDFont font, float size) throws IOException {
        if (!run.isEmpty()) {
            to.setFont(font, size);
            to.showText(run.toString());
            run.setLength(0);
        }
    }

    private PDType0Font wider() throws IOException {
        if (wider == null) {
            try (InputStream in = PDFont.class.getResourceAsStream(WIDER)) {
                if (in == null) {
                    throw new IllegalStateException("the wider font is missing from the application");
                }
                wider = PDType0Font.load(document, in);
            }
        }
        return wider;
    }

    private static boolean knows(PDFont font, String letter) throws IOException {
        try {
            font.encode(letter);
            return true;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }
}
