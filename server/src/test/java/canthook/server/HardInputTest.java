package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.server.rack.RuleBook;
import canthook.shop.HouseRule;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Duration;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.bean.override.mockito.MockitoSpyBean;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionSystemException;

/** Input that comes seldom, by accident or on purpose: each is refused where it came from, and none takes anything with it. */
class HardInputTest extends ServerTestBase {
    @Autowired
    RuleBook book;

    @MockitoSpyBean
    PlatformTransactionManager transactions;

    private ObjectNode work(ObjectNode plan) {
        return node().set("plan", plan);
    }

    private String workWith(String field, String literal) {
        ObjectNode plan = drawer();
        ((ObjectNode) plan.get("size")).put(field, 987654);
        return work(plan).toString().replace("987654", literal);
    }

    @ParameterizedTest
    @ValueSource(strings = {"1e-10000000", "1e10000000", "-1e-99999999", "0e-9000000", "1E-2147483647"})
    void aNumberWrittenToStallIsRefusedAtOnce(String number) {
        long began = System.nanoTime();
        Reply reply = post("/api/work", workWith("height", number));
        assertThat(reply.status()).isBetween(400, 422);
        assertThat(reply.field()).isEqualTo("plan.size.height");
        assertThat(Duration.ofNanos(System.nanoTime() - began)).isLessThan(Duration.ofSeconds(2));
    }

    @Test
    void aNumberOfThousandsOfDigitsIsRefused() {
        assertThat(post("/api/work", workWith("height", "9" + "1".repeat(5000))).status())
                .isEqualTo(400);
        assertThat(post("/api/work", workWith("height", "96." + "1".repeat(5000)))
                        .status())
                .isEqualTo(400);
        assertThat(post("/api/work", "[".repeat(500) + "]".repeat(500)).status())
                .isEqualTo(400);
    }

    @Test
    void aRuleThatCouldNotBeKeptDoesNotTakeEffect() {
        double before = book.rules().value(HouseRule.SQUARING);
        org.mockito.Mockito.doAnswer(call -> {
                    transactions.rollback(call.getArgument(0));
                    throw new TransactionSystemException("the disk is full");
                })
                .when(transactions)
                .commit(org.mockito.ArgumentMatchers.any());
        try {
            assertThatThrownBy(() -> book.set(HouseRule.SQUARING, before + 1))
                    .isInstanceOf(TransactionSystemException.class);
            assertThatThrownBy(() -> book.resetAll()).isInstanceOf(TransactionSystemException.class);
        } finally {
            org.mockito.Mockito.reset(transactions);
        }
        assertThat(book.rules().value(HouseRule.SQUARING)).isEqualTo(before);
    }

    @Test
    void aPastedTabInANameIsASpaceAndPapersAreWrittenWhateverTheTongue() throws Exception {
        ObjectNode plan = drawer();
        plan.put("name", "Seeds\tof\u0001 фасоль, 豆 & \ud83c\udf31");
        String id = post("/api/boxes", work(plan)).body().path("id").asText();
        assertThat(get("/api/boxes/" + id).body().at("/plan/name").asText())
                .isEqualTo("Seeds of фасоль, 豆 & \ud83c\udf31");
        for (String paper : new String[] {
            "papers/stick.pdf",
            "papers/corners.pdf",
            "papers/run-sheet.pdf",
            "papers/shop-sheet.pdf",
            "papers/blank-sheet.pdf",
            "papers/panel-sheet.pdf"
        }) {
            MockHttpServletResponse reply = mvc.perform(MockMvcRequestBuilders.get("/api/boxes/" + id + "/" + paper))
                    .andReturn()
                    .getResponse();
            assertThat(reply.getStatus()).as(paper).isEqualTo(200);
            try (var document = Loader.loadPDF(reply.getContentAsByteArray())) {
                // words whose letters come of two fonts are read back with or without a gap between
                assertThat(new PDFTextStripper().getText(document).replaceAll("\\s", ""))
                        .contains("Seedsof", "фасоль");
            }
        }
        for (String drawing : new String[] {"stick.svg", "corners.svg"}) {
            Reply svg = get("/api/boxes/" + id + "/" + drawing);
            assertThat(svg.status()).isEqualTo(200);
            javax.xml.parsers.DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new java.io.ByteArrayInputStream(
                            svg.text().getBytes(java.nio.charset.StandardCharsets.UTF_8)));
        }
        plan.put("name", "HALF");
        assertThat(post("/api/boxes", work(plan).toString().replace("HALF", "half \\ud83c"))
                        .field())
                .isEqualTo("plan.name");
    }

    @Test
    void nothingIsNotATestCutAndNothingMayBeSaidTwice() {
        String nulls = work(drawer()).put("day", 0).toString().replaceFirst("\\{", "{\"testCuts\":[null],");
        Reply reply = post("/api/work", nulls);
        assertThat(reply.status()).isEqualTo(400);
        assertThat(reply.field()).startsWith("testCuts");
        Reply twice = post("/api/boxes", "{\"plan\":" + drawer() + ",\"plan\":" + drawer() + "}");
        assertThat(twice.status()).isEqualTo(400);
        assertThat(twice.detail()).contains("plan").contains("twice");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"plan\":[]}",
                "{\"plan\":7}",
                "{\"plan\":{\"size\":[1]}}",
                "{\"plan\":{\"walls\":\"pine\"}}",
                "{\"plan\":{\"fingers\":{\"widths\":{}}}}",
                "[]",
                "7",
                "\"box\"",
                "",
                "null"
            })
    void noAnswerNamesWhatTheProgramIsMadeOf(String body) {
        Reply reply = post("/api/boxes", body);
        assertThat(reply.status()).isBetween(400, 422);
        assertThat(reply.text())
                .doesNotContain("canthook.")
                .doesNotContain("java.")
                .doesNotContain("jackson");
    }

    private MockHttpServletResponse csv(String path, String text) throws Exception {
        return mvc.perform(MockMvcRequestBuilders.post(path)
                        .contentType("text/csv")
                        .content(text))
                .andReturn()
                .getResponse();
    }

    @Test
    void aFileOfOneEndlessLineIsRefusedBeforeItIsHeld() throws Exception {
        for (String path : new String[] {"/api/rack/blanks/csv", "/api/woods/csv", "/api/climate-logs"}) {
            for (String text : new String[] {
                "name,length,width,thickness,wood" + ",note".repeat(4000), "x".repeat(200_000), ",".repeat(900_000)
            }) {
                MockHttpServletResponse reply = csv(path, text);
                assertThat(reply.getStatus()).as(path).isEqualTo(422);
                assertThat(reply.getContentAsString()).doesNotContain("IOException");
            }
        }
    }

    @Test
    void otherNotationsAndManyPartsAreNotRead() throws Exception {
        for (String kind :
                new String[] {"application/yaml", "multipart/form-data", "application/x-yaml", "application/xml"}) {
            MockHttpServletResponse reply = mvc.perform(MockMvcRequestBuilders.post("/api/boxes")
                            .contentType(kind)
                            .content("plan: {}"))
                    .andReturn()
                    .getResponse();
            assertThat(reply.getStatus()).as(kind).isEqualTo(415);
        }
        MockHttpServletResponse yaml = mvc.perform(
                        MockMvcRequestBuilders.get("/api/boxes").accept(MediaType.parseMediaType("application/yaml")))
                .andReturn()
                .getResponse();
        assertThat(yaml.getStatus()).isEqualTo(406);
    }

    @Test
    void aBrokenFormIsRefusedLikeAnyOther() throws Exception {
        MockHttpServletResponse reply = mvc.perform(MockMvcRequestBuilders.put("/api/boxes/envelope-drawer")
                        .contentType("application/x-www-form-urlencoded")
                        .content("a=%zz&%"))
                .andReturn()
                .getResponse();
        assertThat(reply.getStatus()).isEqualTo(415);
    }

    @Test
    void aChangeSentAgainBecauseItsAnswerWasLostIsKeptAlready() {
        JsonNode box = post("/api/boxes", work(drawer())).body();
        String path = "/api/boxes/" + box.get("id").asText();
        ObjectNode plan = (ObjectNode) box.get("plan").deepCopy();
        ((ObjectNode) plan.get("size")).put("height", 97.5);
        ObjectNode change = node().put("revision", 1).set("plan", plan);
        assertThat(put(path, change).body().get("revision").asLong()).isEqualTo(2);
        Reply again = put(path, change);
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.body().get("revision").asLong()).isEqualTo(2);
        ((ObjectNode) plan.get("size")).put("height", 98);
        assertThat(put(path, change).status()).isEqualTo(409);
    }

    @Test
    void aBlanksWordsAreNoFormulaAndComeBackAsTheyWere() throws Exception {
        MockHttpServletResponse taken = csv(
                "/api/rack/blanks/csv",
                "name,length,width,thickness,wood,note\r\n=2+5 board,900,120,19,cherry-black,@home\r\n");
        assertThat(taken.getStatus()).as(taken.getContentAsString()).isEqualTo(200);
        String file = get("/api/rack/blanks/csv").text();
        assertThat(file)
                .contains("'=2+5 board")
                .contains("'@home")
                .doesNotContain(",=2")
                .doesNotContain(",@");
        assertThat(csv("/api/rack/blanks/csv", file).getStatus()).isEqualTo(200);
        assertThat(get("/api/rack/blanks").text()).contains("\"=2+5 board\"").doesNotContain("'=2+5");
    }

    @Test
    void aWishWithABadBoardNamesTheBoard() {
        ObjectNode wish = node().put("name", "Tray")
                .put("purpose", "")
                .put("unit", "MILLIMETRE")
                .put("from", "OUTSIDE")
                .put("length", 300)
                .put("width", 200)
                .put("height", 96)
                .put("thickness", 12)
                .put("wood", "cherry-black")
                .put("blankLength", 0)
                .put("blankWidth", 120)
                .put("cutter", "blade")
                .put("kerf", 3.2);
        Reply reply = post("/api/starting-plan", wish);
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.field()).isEqualTo("blankLength");
    }

    /** Names as long as names may be, of letters that are written in two halves: what is made of them has whole letters. */
    @ParameterizedTest
    @ValueSource(strings = {"🌱", "m🌱", "mm🌱", "e\u0301", "m"})
    void aLongNameIsShortenedBetweenItsLetters(String letters) {
        String name = letters.repeat(80).substring(0, 80);
        if (Character.isHighSurrogate(name.charAt(79))) {
            name = name.substring(0, 79);
        }
        ObjectNode plan = drawer();
        plan.put("name", name);
        String id =
                post("/api/boxes", node().set("plan", plan)).body().path("id").asText();
        for (String made : new String[] {"/copy", "/what-ifs"}) {
            Reply reply = post("/api/boxes/" + id + made, node());
            assertThat(reply.status()).as(made).isBetween(200, 201);
            String called = reply.body().at("/plan/name").asText();
            assertThat(called.length()).as(made).isLessThanOrEqualTo(80);
            assertThat(called.codePoints().anyMatch(c -> Character.getType(c) == Character.SURROGATE))
                    .as(called)
                    .isFalse();
        }
    }

    /** What is quoted in a refusal may be cut anywhere, or be half a letter itself: the refusal comes all the same. */
    @Test
    void whatIsNotThereOrNotKnownIsNamedWhateverItsLetters() {
        for (int before = 55; before < 62; before++) {
            Reply reply = get("/api/boxes/" + "x".repeat(before) + "🌱🌱🌱");
            assertThat(reply.status()).isEqualTo(404);
        }
        for (int before = 150; before < 162; before++) {
            ObjectNode plan = drawer();
            plan.put("x".repeat(before) + "🌱🌱🌱", 1);
            assertThat(post("/api/work", work(plan)).status()).isIn(400, 422);
        }
        String half = work(drawer()).toString().replaceFirst("\\{", "{\"\\\\ud83c\":1,");
        assertThat(half).contains("\\ud83c");
        Reply reply = post("/api/work", half);
        assertThat(reply.status()).isIn(400, 422);
        assertThat(reply.body().path("detail").asText()).isNotBlank();
    }
}
