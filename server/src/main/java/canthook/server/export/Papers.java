package canthook.server.export;

import canthook.refusal.Refused;
import canthook.server.export.Lettering.Face;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageFitDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** All papers of a box in one document with its contents first, and any page as a picture. */
final class Papers {
    /** A page on screen is this fine; the letters of a sheet can be read. */
    private static final float DOTS_PER_INCH = 110;

    private Papers() {}

    static byte[] all(Printed.Of box, Paper paper) {
        String name = box.worked().plan().name();
        Map<String, byte[]> parts = new LinkedHashMap<>();
        for (Printed printed : Printed.values()) {
            if (printed.isFor(box.worked())) {
                parts.put(printed.title(), printed.pdf(box, paper));
            }
        }
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            Map<String, Integer> first = new LinkedHashMap<>();
            int next = 2;
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                first.put(part.getKey(), next);
                try (PDDocument one = Loader.loadPDF(part.getValue())) {
                    next += one.getNumberOfPages();
                }
            }
            contents(document, paper, name, box.day(), first);
            PDFMergerUtility merger = new PDFMergerUtility();
            for (byte[] part : parts.values()) {
                try (PDDocument one = Loader.loadPDF(part)) {
                    merger.appendDocument(document, one);
                }
            }
            PDDocumentOutline outline = new PDDocumentOutline();
            first.forEach((title, at) -> {
                PDPageFitDestination there = new PDPageFitDestination();
                there.setPage(document.getPage(at - 1));
                PDOutlineItem item = new PDOutlineItem();
                item.setTitle(title);
                item.setDestination(there);
                outline.addLast(item);
            });
            document.getDocumentCatalog().setDocumentOutline(outline);
            document.getDocumentInformation().setTitle(name + ": all papers");
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("A page that cannot be written", e);
        }
    }

    /** How many pages a document has. */
    static int pages(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        } catch (IOException e) {
            throw new UncheckedIOException("A page that cannot be counted", e);
        }
    }

    /**
     * A page as it will be printed.
     *
     * @param page from 1
     * @return a PNG
     * @throws Refused when there is no such page
     */
    static byte[] picture(byte[] pdf, int page) {
        try (PDDocument document = Loader.loadPDF(pdf);
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            if (page < 1 || page > document.getNumberOfPages()) {
                throw new Refused(
                        "page", "The paper has " + document.getNumberOfPages() + " pages, no page " + page + ".");
            }
            ImageIO.write(
                    new PDFRenderer(document).renderImageWithDPI(page - 1, DOTS_PER_INCH, ImageType.GRAY), "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("A page that cannot be drawn", e);
        }
    }

    private static void contents(
            PDDocument document, Paper paper, String name, LocalDate day, Map<String, Integer> first)
            throws IOException {
        try (Page page = new Page(document, new Lettering(document), paper)) {
            page.words(20, 30, name, Face.BOLD, Math.min(20, 20 * 40.0 / Math.max(40, name.length())));
            page.words(20, 38, "All papers, " + day, Face.PLAIN, 11);
            double y = 56;
            for (Map.Entry<String, Integer> part : first.entrySet()) {
                page.words(20, y, part.getKey(), Face.PLAIN, 13);
                page.words(page.width() - 20, y, String.valueOf(part.getValue()), Face.BOLD, 13, 1);
                page.line(20, y + 2, page.width() - 20, y + 2, 0.1);
                y += 10;
            }
        }
    }
}
