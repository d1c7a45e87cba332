package canthook.server.export;

import canthook.figure.StickFigure;
import canthook.figure.TemplateFigure;
import canthook.planner.WorkedPlan;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageFitDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;

/** The shop sheet alone, and all papers of a box in one document with its contents first. */
final class Papers {
    private Papers() {}

    /** One of the box as it is kept. */
    record Of(WorkedPlan worked, long revision, LocalDate day, String address) {}

    static byte[] shopSheet(Of box, Paper paper) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ShopSheet.add(
                    document, new Lettering(document), paper, box.worked(), box.revision(), box.day(), box.address());
            document.getDocumentInformation().setTitle(box.worked().plan().name() + ": shop sheet");
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("A page that cannot be written", e);
        }
    }

    static byte[] all(Of box, Paper paper) {
        String name = box.worked().plan().name();
        Map<String, byte[]> parts = new LinkedHashMap<>();
        parts.put("Shop sheet", shopSheet(box, paper));
        parts.put("Run sheet", RunSheet.pdf(box.worked(), paper));
        parts.put("Stick, at 1:1", FigurePdf.of(List.of(StickFigure.of(box.worked())), name, paper));
        parts.put("Corner templates, at 1:1", FigurePdf.of(List.of(TemplateFigure.of(box.worked())), name, paper));
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

    private static void contents(
            PDDocument document, Paper paper, String name, LocalDate day, Map<String, Integer> first)
            throws IOException {
        try (Page page = new Page(document, new Lettering(document), paper)) {
            page.words(20, 30, name, Lettering.BOLD, Math.min(20, 20 * 40.0 / Math.max(40, name.length())));
            page.words(20, 38, "All papers, " + day, Lettering.PLAIN, 11);
            double y = 56;
            for (Map.Entry<String, Integer> part : first.entrySet()) {
                page.words(20, y, part.getKey(), Lettering.PLAIN, 13);
                page.words(page.width() - 20, y, String.valueOf(part.getValue()), Lettering.BOLD, 13, 1);
                page.line(20, y + 2, page.width() - 20, y + 2, 0.1);
                y += 10;
            }
        }
    }
}
