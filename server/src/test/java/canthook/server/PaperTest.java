package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
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
import java.util.Locale;
import java.util.Map;
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
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is printed or cut from a file is read back and measured. */
@Tag("long")
class PaperTest extends ServerTestBase {
    private static final double POINTS = 72 / 25.4;

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

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replace("\r", "");
        }
    }

    /** Every size a maker takes off the shop sheet is the worked number as the bench shows it, in any display. */
    @ParameterizedTest
    @ValueSource(
            strings = {"1-germination-box.json", "2-envelope-drawer.json", "3-packet-tray.json", "4-drawer-batch.json"})
    void theShopSheetTellsTheWorkedNumbers(String file) throws IOException {
        for (String display : new String[] {"METRIC", "DECIMAL_INCH", "FRACTION_32"}) {
            ObjectNode plan = demoPlan(file).put("display", display);
            String id = box(plan);
            JsonNode answer = post("/api/work", node().set("plan", plan)).body();
            for (String paper : new String[] {"a4", "letter"}) {
                byte[] pdf = bytes("/api/boxes/" + id + "/papers/shop-sheet.pdf?paper=" + paper);
                String told = text(pdf);
                for (String number : new String[] {
                    "size.side-length",
                    "size.end-length",
                    "fingers.first-rip",
                    "fingers.slot",
                    "fingers.finger",
                    "jig.gap",
                    "jig.key",
                    "jig.cutter-height",
                    "bottom.cut",
                    "bottom.along",
                    "lid.cut",
                    "lid.along",
                    "lid.line"
                }) {
                    for (JsonNode shown : answer.path("numbers")) {
                        if (shown.path("id").asText().equals(number)) {
                            assertThat(told)
                                    .as(file + " " + display + " " + number)
                                    .contains(shown.path("text").asText());
                        }
                    }
                }
                try (PDDocument document = Loader.loadPDF(pdf)) {
                    assertThat(document.getNumberOfPages()).isLessThanOrEqualTo(2);
                }
            }
        }
    }

    /** Words on a page, with the ground their letters cover, in points. */
    private record Ground(String words, double left, double right, double top, double bottom) {
        boolean touches(Ground other) {
            return left < other.right && other.left < right && top < other.bottom && other.top < bottom;
        }
    }

    private static List<Ground> grounds(PDDocument document, int page) throws IOException {
        List<Ground> found = new ArrayList<>();
        PDFTextStripper reader = new PDFTextStripper() {
            @Override
            protected void writeString(String text, List<TextPosition> letters) {
                TextPosition first = letters.get(0);
                TextPosition last = letters.get(letters.size() - 1);
                if (first.getDir() == 0 && !text.isBlank()) {
                    found.add(new Ground(
                            text,
                            first.getX(),
                            last.getX() + last.getWidth(),
                            first.getY() - 0.62 * first.getFontSizeInPt(),
                            first.getY()));
                }
            }
        };
        reader.setStartPage(page + 1);
        reader.setEndPage(page + 1);
        reader.setSortByPosition(false);
        reader.getText(document);
        return found;
    }

    /** Nothing printed covers other print or runs off the sheet, on any paper of any demo box. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "1-germination-box.json",
                "2-envelope-drawer.json",
                "3-packet-tray.json",
                "4-drawer-batch.json",
                "6-seed-chest.json",
                "8-gridded-seed-box.json"
            })
    void noWordsOnPaperTouch(String file) throws IOException {
        for (String display : new String[] {"METRIC", "DECIMAL_INCH", "FRACTION_64"}) {
            String id = box(demoPlan(file).put("display", display));
            for (JsonNode kind :
                    get("/api/boxes/" + id + "/papers?paper=letter").body()) {
                String sheet = kind.path("name").asText();
                try (PDDocument document =
                        Loader.loadPDF(bytes("/api/boxes/" + id + "/papers/" + sheet + ".pdf?paper=letter"))) {
                    assertThat(document.getNumberOfPages())
                            .isEqualTo(kind.path("pages").asInt());
                    for (int page = 0; page < document.getNumberOfPages(); page++) {
                        List<Ground> all = grounds(document, page);
                        assertThat(all).as(sheet).isNotEmpty();
                        float wide = document.getPage(page).getMediaBox().getWidth();
                        for (int i = 0; i < all.size(); i++) {
                            Ground one = all.get(i);
                            assertThat(one.left()).as(one.words()).isGreaterThan(0);
                            assertThat(one.right()).as(one.words()).isLessThan(wide);
                            for (Ground other : all.subList(i + 1, all.size())) {
                                assertThat(one.touches(other))
                                        .as(
                                                "%s, %s, page %d: “%s” on “%s”",
                                                display, sheet, page + 1, one.words(), other.words())
                                        .isFalse();
                            }
                        }
                    }
                }
            }
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

    /** Every cut on the run sheet is the cut of the list, and its jig is the jig's. */
    @ParameterizedTest
    @ValueSource(strings = {"1-germination-box.json", "2-envelope-drawer.json", "3-packet-tray.json"})
    void theRunSheetTellsEveryCutOfTheList(String file) throws IOException {
        ObjectNode plan = demoPlan(file).put("display", "METRIC");
        String id = box(plan);
        String told = text(bytes("/api/boxes/" + id + "/papers/run-sheet.pdf"));
        List<String> rows =
                get("/api/boxes/" + id + "/cuts.csv").text().lines().skip(1).toList();
        assertThat(rows).hasSizeGreaterThan(10);
        for (String row : rows) {
            String[] cut = row.split(",");
            assertThat(told)
                    .as(row)
                    .containsPattern("(?m)^" + cut[0] + " slot " + cut[3] + ".* "
                            + String.format(
                                    Locale.ROOT, "%.2f to %.2f mm", Double.valueOf(cut[6]), Double.valueOf(cut[7])));
        }
        for (JsonNode number :
                post("/api/work", node().set("plan", plan)).body().path("numbers")) {
            if (List.of("jig.gap", "jig.cutter-height", "jig.key")
                    .contains(number.path("id").asText())) {
                assertThat(told).contains(number.path("text").asText() + " mm");
            }
        }
    }

    /** Board and panel sheets tell the numbers of the bench too. */
    @Test
    void boardAndPanelSheetsTellTheWorkedNumbers() throws IOException {
        ObjectNode plan = demoPlan("1-germination-box.json");
        String id = box(plan);
        JsonNode numbers = post("/api/work", node().set("plan", plan)).body().path("numbers");
        Map<String, List<String>> told = Map.of(
                "blank-sheet",
                List.of("size.side-length", "size.end-length", "fingers.first-rip", "blank.needed", "blank.left"),
                "panel-sheet",
                List.of(
                        "bottom.cut",
                        "bottom.along",
                        "bottom.groove-depth",
                        "lid.cut",
                        "lid.along",
                        "lid.groove-offset"));
        for (var sheet : told.entrySet()) {
            String text = text(bytes("/api/boxes/" + id + "/papers/" + sheet.getKey() + ".pdf"));
            int found = 0;
            for (JsonNode number : numbers) {
                if (sheet.getValue().contains(number.path("id").asText())) {
                    found++;
                    assertThat(text).contains(number.path("text").asText());
                }
            }
            assertThat(found).isEqualTo(sheet.getValue().size());
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

    @Test
    void whatCannotBeMadeSaysSoInLargeLetters() throws IOException {
        ObjectNode plan = demoPlan("2-envelope-drawer.json");
        ((ObjectNode) plan.path("blank")).put("length", 300);
        plan.put("name", "Ящик для семян 🌱 " + "very long ".repeat(5).strip());
        byte[] pdf = bytes("/api/boxes/" + box(plan) + "/papers/shop-sheet.pdf");
        assertThat(text(pdf))
                .contains("CANNOT BE MADE AS IT STANDS")
                .contains("too short")
                .contains("Ящик");
    }

    /** A name written from the right stands on paper as it is read. */
    @Test
    void aNameFromTheRightReadsFromTheRight() throws IOException {
        ObjectNode plan = demoPlan("2-envelope-drawer.json").put("name", "תיבת זרעים 12");
        byte[] pdf = bytes("/api/boxes/" + box(plan) + "/papers/shop-sheet.pdf");
        // the reader takes letters from left to right as they stand and turns such words round; unturned they would
        // come out backwards
        assertThat(text(pdf)).contains("תיבת זרעים 12");
    }

    @Test
    void anArabicNameJoinsItsLettersAndAPictureIsDrawn() throws IOException {
        ObjectNode plan = demoPlan("2-envelope-drawer.json").put("name", "صندوق البذور 12");
        String told = text(bytes("/api/boxes/" + box(plan) + "/papers/shop-sheet.pdf"));
        // no square stands for a letter that is lacking; joined letters have forms that read as the same letters
        assertThat(told).doesNotContain("\u25a1");
        assertThat(java.text.Normalizer.normalize(told, java.text.Normalizer.Form.NFKC))
                .contains("صندوق", "البذور");
        plan.put("name", "Seeds 🌱 drawer");
        assertThat(text(bytes("/api/boxes/" + box(plan) + "/papers/shop-sheet.pdf")))
                .contains("Seeds 🌱 drawer");
    }

    /** Each kind of bottom: what the bench says to cut and to do stands on its sheet. */
    @org.junit.jupiter.params.ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource(
            delimiter = '|',
            value = {
                "RABBETED|Rabbet the inside of the bottom edge",
                "APPLIED|Screw the bottom on through slots",
                "SLATS|Groove for the bottom"
            })
    void thePanelSheetTellsEveryKindOfBottom(String kind, String job) throws IOException {
        ObjectNode plan = demoPlan("2-envelope-drawer.json");
        ObjectNode other = (ObjectNode)
                post("/api/work/begun/BOTTOM_" + kind, node().set("plan", plan)).body();
        String told = text(bytes("/api/boxes/" + box(other) + "/papers/panel-sheet.pdf"));
        assertThat(told.replaceAll("\\s+", " ")).contains(job);
        JsonNode numbers = post("/api/work", node().put("station", "bottom").set("plan", other))
                .body()
                .path("numbers");
        List<String> sizes = new ArrayList<>();
        for (JsonNode number : numbers) {
            if (List.of("bottom.cut", "bottom.along").contains(number.path("id").asText())) {
                sizes.add(number.path("text").asText());
            }
        }
        assertThat(sizes).hasSize(2).allSatisfy(size -> assertThat(told).contains(size));
    }

    /** Each kind of lid: what the bench says to cut and to do stands on its sheet. */
    @org.junit.jupiter.params.ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource(
            delimiter = '|',
            value = {
                "SLIDING|the lid line, before the joint is cut",
                "SAWN_OFF|Saw the lid off, the bottom edge along the fence",
                "LIFT_OFF|Glue the lip under the lid",
                "HINGED|Mortises for 2 hinges"
            })
    void thePanelSheetTellsEveryKindOfLid(String kind, String job) throws IOException {
        ObjectNode plan = demoPlan("2-envelope-drawer.json");
        ObjectNode other = (ObjectNode)
                post("/api/work/begun/LID_" + kind, node().set("plan", plan)).body();
        String told = text(bytes("/api/boxes/" + box(other) + "/papers/panel-sheet.pdf"));
        assertThat(told.replaceAll("\\s+", " ")).contains(job);
        JsonNode numbers = post("/api/work", node().put("station", "lid").set("plan", other))
                .body()
                .path("numbers");
        for (JsonNode number : numbers) {
            if (List.of("lid.cut", "lid.along", "lid.fence", "lid.hinge-screw")
                    .contains(number.path("id").asText())) {
                assertThat(told).contains(number.path("text").asText());
            }
        }
    }

    @Test
    void allPapersComeInOneWithTheirContents() throws IOException {
        String id = box(demoPlan("1-germination-box.json"));
        try (PDDocument document = Loader.loadPDF(bytes("/api/boxes/" + id + "/papers.pdf?paper=letter"))) {
            PDFTextStripper first = new PDFTextStripper();
            first.setEndPage(1);
            String contents = first.getText(document);
            for (PDOutlineItem item :
                    document.getDocumentCatalog().getDocumentOutline().children()) {
                int at = document.getPages().indexOf(item.findDestinationPage(document)) + 1;
                assertThat(contents).containsPattern(Pattern.quote(item.getTitle()) + "\\s+" + at + "\\b");
            }
            assertThat(contents).contains("Shop sheet", "Run sheet", "Board", "Panels", "Stick", "Corner templates");
        }
    }
}
