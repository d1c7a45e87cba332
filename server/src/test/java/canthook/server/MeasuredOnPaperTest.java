package canthook.server;

import static canthook.server.ReadPaper.POINTS;
import static canthook.server.ReadPaper.text;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.node.ObjectNode;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.Result;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What is drawn to scale on paper, or leaves for a machine, measures what was worked. */
@Tag("long")
class MeasuredOnPaperTest extends ServerTestBase {
    private String box(ObjectNode plan) {
        return post("/api/boxes", node().set("plan", plan)).body().path("id").asText();
    }

    /** Level and upright strokes of a page in millimetres: x1, y1, x2, y2. */
    private static List<double[]> strokes(PDDocument document, int page) throws IOException {
        List<double[]> lines = new ArrayList<>();
        List<Double> numbers = new ArrayList<>();
        double[] at = new double[2];
        for (Object token : new PDFStreamParser(document.getPage(page)).parse()) {
            if (token instanceof COSNumber number) {
                numbers.add((double) number.floatValue() / POINTS);
            } else if (token instanceof Operator operator) {
                if (operator.getName().equals("m")) {
                    at = new double[] {numbers.get(0), numbers.get(1)};
                } else if (operator.getName().equals("l")) {
                    lines.add(new double[] {at[0], at[1], numbers.get(0), numbers.get(1)});
                    at = new double[] {numbers.get(0), numbers.get(1)};
                }
                numbers.clear();
            }
        }
        return lines;
    }

    private double slotOf(String box) {
        return get("/api/boxes/" + box)
                .body()
                .path("plan")
                .path("fingers")
                .path("kerf")
                .asDouble();
    }

    @Test
    void theStickOnPaperIsOneToOneAndTiledWithACheckBarOnEverySheet() throws IOException {
        ObjectNode plan = drawer();
        ((ObjectNode) plan.path("size")).put("height", 600);
        ((ObjectNode) plan.path("fingers")).putNull("sections");
        ((ObjectNode) plan.path("fingers")).remove("sections");
        String id = box(plan);
        for (String paper : List.of("a4", "letter")) {
            long began = System.nanoTime();
            byte[] pdf = bytes("/api/boxes/" + id + "/papers/stick.pdf?paper=" + paper);
            double took = (System.nanoTime() - began) / 1e9;
            try (PDDocument document = Loader.loadPDF(pdf)) {
                assertThat(document.getNumberOfPages()).isEqualTo(3);
                for (int page = 0; page < 3; page++) {
                    assertThat(strokes(document, page))
                            .as("a bar of 100 mm")
                            .anyMatch(l -> Math.abs(l[2] - l[0] - 100) < 0.01 && l[1] == l[3]);
                }
                assertThat(document.getPage(0).getMediaBox().getWidth() / POINTS)
                        .isCloseTo(paper.equals("a4") ? 297 : 279.4, within(0.01));
                assertThat(new PDFTextStripper().getText(document)).contains("Sheet 2 of 3");
            }
            assertThat(took).as("seconds for a stick of 600 mm").isLessThan(3);
        }
        assertThat(get("/api/boxes/" + id + "/papers/stick.pdf?paper=foolscap").field())
                .isEqualTo("paper");
    }

    @Test
    void cornerTemplatesMeasureTheSameInSvgPdfAndDxf() throws IOException {
        String id = box(drawer());
        ObjectNode ask = node().put("station", "fingers");
        ask.set("plan", drawer());
        double slot = 0;
        double finger = 0;
        double height = 0;
        for (var number : post("/api/work", ask).body().path("numbers")) {
            switch (number.path("id").asText()) {
                case "fingers.slot" -> slot = number.path("value").asDouble();
                case "fingers.finger" -> finger = number.path("value").asDouble();
                case "fingers.closing-height" -> height = number.path("value").asDouble();
                default -> {}
            }
        }
        assertThat(slot).isGreaterThan(slotOf(id) - 0.001);
        String svg = get("/api/boxes/" + id + "/corners.svg").text();
        Matcher waste = Pattern.compile("class=\"waste\" x=\"([0-9.]+)\"[^>]* width=\"([0-9.]+)\"")
                .matcher(svg);
        assertThat(waste.find()).isTrue();
        assertThat(Double.parseDouble(waste.group(1))).isCloseTo(finger, within(0.001));
        assertThat(Double.parseDouble(waste.group(2))).isCloseTo(slot, within(0.001));

        List<double[]> outline = polylines(
                        get("/api/boxes/" + id + "/corners.dxf").text(), "WASTE")
                .get(0);
        assertThat(outline).hasSize(4);
        assertThat(outline.get(0)[0]).isCloseTo(finger, within(0.001));
        assertThat(outline.get(1)[0] - outline.get(0)[0]).isCloseTo(slot, within(0.001));
        List<double[]> part = polylines(get("/api/boxes/" + id + "/corners.dxf").text(), "OUTLINE")
                .get(0);
        assertThat(part.get(1)[0] - part.get(0)[0]).isCloseTo(height, within(0.001));

        try (PDDocument document = Loader.loadPDF(bytes("/api/boxes/" + id + "/papers/corners.pdf"))) {
            double high = height;
            assertThat(strokes(document, 0))
                    .anyMatch(l -> Math.abs(Math.abs(l[2] - l[0]) - high) < 0.02 && Math.abs(l[1] - l[3]) < 0.001);
        }
    }

    /** Polylines of a layer of a DXF of release 12, read pair by pair. */
    private static List<List<double[]>> polylines(String dxf, String layer) {
        String[] lines = dxf.split("\r\n");
        assertThat(lines[5].strip() + lines[6].strip() + lines[7].strip()).contains("AC1009");
        List<List<double[]>> found = new ArrayList<>();
        List<double[]> now = null;
        double[] vertex = null;
        String kind = "";
        for (int i = 0; i + 1 < lines.length; i += 2) {
            int code = Integer.parseInt(lines[i].strip());
            String value = lines[i + 1];
            if (code == 0) {
                kind = value;
                vertex = value.equals("VERTEX") ? new double[2] : null;
                if (value.equals("POLYLINE")) {
                    now = new ArrayList<>();
                }
                if (vertex != null && now != null) {
                    now.add(vertex);
                }
            } else if (code == 8 && kind.equals("POLYLINE") && value.equals(layer) && now != null) {
                found.add(now);
            } else if (vertex != null && (code == 10 || code == 20)) {
                vertex[code / 10 - 1] = Double.parseDouble(value);
            }
        }
        assertThat(lines[lines.length - 1]).isEqualTo("EOF");
        return found;
    }

    @Test
    void theCutListLeavesAsCsvAndAsARunSheet() throws IOException {
        String id = box(drawer());
        List<String> rows = get("/api/boxes/" + id + "/cuts.csv").text().lines().toList();
        int passes = Integer.parseInt(rows.get(rows.size() - 1).split(",")[0]);
        assertThat(rows).hasSize(passes + 1);
        assertThat(rows.get(0)).startsWith("cut,parts,end,slot,pass");
        byte[] pdf = bytes("/api/boxes/" + id + "/papers/run-sheet.pdf?paper=letter");
        assertThat(new String(pdf, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains("A1 + C1, finger-first")
                    .contains("unplugged")
                    .contains("Last slot on key");
            List<String> numbered = text.lines()
                    .filter(l -> l.matches("\\d+ slot .*"))
                    .map(l -> l.split(" ")[0])
                    .toList();
            assertThat(numbered)
                    .as("every cut has its line, in order")
                    .isEqualTo(IntStream.rangeClosed(1, passes)
                            .mapToObj(String::valueOf)
                            .toList());
        }
    }

    /** What is looked at on screen is the page that is printed, and its letters are the application's own. */
    @Test
    void aPageIsShownBeforeItIsPrinted() throws Exception {
        String id = box(demoPlan("1-germination-box.json"));
        BufferedImage shown = ImageIO.read(
                new ByteArrayInputStream(bytes("/api/boxes/" + id + "/papers/run-sheet/2.png?paper=letter")));
        assertThat((double) shown.getWidth() / shown.getHeight()).isCloseTo(215.9 / 279.4, within(0.002));
        int[] dots = shown.getRGB(0, 0, shown.getWidth(), shown.getHeight(), null, 0, shown.getWidth());
        assertThat(IntStream.of(dots).filter(dot -> (dot & 0xff) < 100).count())
                .as("dark dots")
                .isGreaterThan(shown.getWidth());
        assertThat(get("/api/boxes/" + id + "/papers/run-sheet/99.png").field()).isEqualTo("page");
        assertThat(get("/api/boxes/" + id + "/papers/wish-list.pdf").field()).isEqualTo("sheet");
        try (PDDocument document = Loader.loadPDF(bytes("/api/boxes/" + id + "/papers.pdf"))) {
            for (PDPage page : document.getPages()) {
                for (COSName name : page.getResources().getFontNames()) {
                    PDFont font = page.getResources().getFont(name);
                    assertThat(font.isEmbedded()).as(font.getName()).isTrue();
                    assertThat(font.getName()).contains("Atkinson");
                }
            }
        }
    }

    /** A camera reads the code off the printed sheet. */
    @Test
    void theCodeOnTheSheetOpensTheBox() throws Exception {
        String id = box(demoPlan("2-envelope-drawer.json"));
        try (PDDocument document = Loader.loadPDF(bytes("/api/boxes/" + id + "/papers/shop-sheet.pdf"))) {
            BufferedImage seen = new PDFRenderer(document).renderImageWithDPI(0, 150);
            int[] dots = seen.getRGB(0, 0, seen.getWidth(), seen.getHeight(), null, 0, seen.getWidth());
            Result read = new QRCodeReader()
                    .decode(new BinaryBitmap(
                            new HybridBinarizer(new RGBLuminanceSource(seen.getWidth(), seen.getHeight(), dots))));
            assertThat(read.getText()).isEqualTo("http://localhost/boxes/" + id);
        }
    }
}
