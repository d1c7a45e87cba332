package canthook.server;

import static canthook.server.ReadPaper.text;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is printed or cut from a file is read back and measured. */
@Tag("long")
class PaperTest extends ServerTestBase {
    private String box(ObjectNode plan) {
        return post("/api/boxes", node().set("plan", plan)).body().path("id").asText();
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
