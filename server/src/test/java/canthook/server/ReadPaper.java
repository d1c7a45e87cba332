package canthook.server;

import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;

/** What stands on a paper, read back. */
final class ReadPaper {
    private ReadPaper() {}

    static final double POINTS = 72 / 25.4;

    static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replace("\r", "");
        }
    }
}
