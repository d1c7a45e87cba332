package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.length.Length;
import canthook.server.box.Shelf;
import canthook.shop.TestCut;
import com.fasterxml.jackson.databind.JsonNode;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** The Book: everything recorded, sieved, searched, written in; nothing lost. */
class BookTest extends ServerTestBase {
    @Autowired
    private Shelf shelf;

    @Autowired
    private JdbcClient file;

    private String box;

    @BeforeEach
    void aBox() {
        box = ok(post("/api/boxes", node().set("plan", drawer()))).get("id").asText();
    }

    private static JsonNode ok(Reply reply) {
        assertThat(reply.status()).as(reply.text()).isBetween(200, 299);
        return reply.body();
    }

    private long note(String about, String words) {
        return ok(post(
                        "/api/book/notes",
                        node().put("box", box).put("about", about).put("words", words)))
                .get("id")
                .asLong();
    }

    private List<String> says(String query) {
        List<String> says = new ArrayList<>();
        ok(get("/api/book?box=" + box + "&" + query))
                .get("entries")
                .forEach(e -> says.add(e.get("says").asText()));
        return says;
    }

    private Reply photo(long note, byte[] bytes) {
        return send(
                MockMvcRequestBuilders.post("/api/book/notes/" + note + "/photos")
                        .contentType(MediaType.APPLICATION_OCTET_STREAM)
                        .content(bytes),
                null);
    }

    /** Test cuts, mis-cuts, runs, judgements and notes of a box stand in one diary, the newest first. */
    @Test
    void everythingRecordedStandsInOneDiary() {
        ok(post("/api/boxes/" + box + "/test-cuts", "{\"slots\":[7.46],\"fingers\":[7.25]}"));
        ok(put("/api/boxes/" + box + "/hints/FOUR_IN_A_ROW", "{\"answer\":\"FOLLOWED\"}"));
        JsonNode run = ok(post("/api/boxes/" + box + "/runs", null));
        String part = run.at("/now/parts").asText().substring(0, 1);
        ok(post(
                "/api/runs/" + run.get("id").asText() + "/events",
                "{\"seq\":0,\"event\":{\"kind\":\"SPOILT\",\"part\":\"" + part + "\",\"wrong\":\"TEAR_OUT\"}}"));
        note("", "Glue on Friday.");
        assertThat(says("most=50"))
                .anyMatch(s -> s.startsWith("Clearance 0.21"))
                .anyMatch(s -> s.contains("Four in a row: done"))
                .anyMatch(s -> s.contains("spoilt: tear out"))
                .anyMatch(s -> s.contains("passes made"))
                .contains("Glue on Friday.");
        ok(put("/api/boxes/" + box + "/hints/LET_IT_SETTLE", "{\"answer\":\"FOLLOWED\"}"));
        assertThat(ok(get("/api/book?kind=call&box=" + box)).get("entries").toString())
                .as("what was decided, and why")
                .contains("Wood that was ripped or resawn moves");
        List<String> at = new ArrayList<>();
        ok(get("/api/book?box=" + box))
                .get("entries")
                .forEach(e -> at.add(e.get("at").asText()));
        assertThat(at).isSortedAccordingTo(java.util.Comparator.reverseOrder());
    }

    /** Words are found by their beginnings, with or without accents, in the note or in the name of its box; signs do no harm. */
    @Test
    void theBookIsSearchedByWords() {
        note("", "Brushed the dust out of the slöt.");
        note("", "Oil on Thursday");
        assertThat(says("search=dus")).containsExactly("Brushed the dust out of the slöt.");
        assertThat(says("search=slot brush")).hasSize(1);
        assertThat(says("search=thursday envelope")).containsExactly("Oil on Thursday");
        assertThat(says("search=thursday nothing")).isEmpty();
        for (String odd : List.of("%22", "*", "(", "dust%22 OR %22oil", "-", "NEAR(", "'")) {
            assertThat(get("/api/book?search=" + odd).status()).as(odd).isEqualTo(200);
        }
    }

    /** What is found when the words of a note are written anew are the new ones. */
    @Test
    void aRewrittenNoteIsFoundByItsNewWords() {
        long id = note("fit.clearance", "Tight.");
        assertThat(put("/api/book/notes/" + id, "{\"words\":\"Loose after all.\"}")
                        .status())
                .isEqualTo(204);
        assertThat(says("search=loose")).containsExactly("Loose after all.");
        assertThat(says("search=tight")).isEmpty();
        assertThat(says("about=fit.clearance")).containsExactly("Loose after all.");
        // what it said before is not lost
        assertThat(says("out=true")).containsExactly("Tight.");
        assertThat(put("/api/book/notes/99999", "{\"words\":\"x\"}").status()).isEqualTo(404);
    }

    /** A move is an entry of its own, before the test cut that followed it; both say how the jig was set. */
    @Test
    void aMoveAndASettingAreRead() {
        ok(post("/api/boxes/" + box + "/test-cuts", "{\"slots\":[7.46],\"fingers\":[7.25],\"moved\":0.09}"));
        JsonNode entries = ok(get("/api/book?box=" + box)).get("entries");
        assertThat(entries).extracting(e -> e.get("kindWords").asText()).containsExactly("test cut", "move");
        assertThat(entries.get(0).get("lines").toString()).contains("set as fixed key, gap");
        assertThat(entries.get(1).get("says").asText()).isEqualTo("0.09 mm away from the cutter, fingers thicker");
        assertThat(entries.get(1).at("/figure/title").asText()).isEqualTo("What was moved");
        String ref = entries.get(1).get("ref").asText();
        ok(delete("/api/book/MOVE/" + ref));
        assertThat(says("")).hasSize(1);
        ok(delete("/api/book/TEST_CUT/" + ref));
        ok(post("/api/book/MOVE/" + ref + "/restore", null));
        assertThat(says("")).hasSize(2);
    }

    /** Taken out by a mark and put back: a test cut’s mark is the one its box reads, a note keeps its photos. */
    @Test
    void whatIsTakenOutCanBePutBack() throws IOException {
        ok(post("/api/boxes/" + box + "/test-cuts", "{\"slots\":[7.46],\"fingers\":[7.25]}"));
        long id = note("", "To be struck out.");
        ok(photo(id, jpeg(40, 30)));
        JsonNode entries = ok(get("/api/book?box=" + box)).get("entries");
        for (JsonNode e : entries) {
            assertThat(delete("/api/book/" + e.get("kind").asText() + "/"
                                    + e.get("ref").asText())
                            .status())
                    .isEqualTo(204);
        }
        assertThat(says("most=50")).isEmpty();
        assertThat(ok(get("/api/boxes/" + box)).get("testCuts")).isEmpty();
        assertThat(says("out=true")).hasSize(entries.size());
        for (JsonNode e : entries) {
            ok(post("/api/book/" + e.get("kind").asText() + "/" + e.get("ref").asText() + "/restore", null));
        }
        assertThat(ok(get("/api/book?box=" + box)).get("entries")).isEqualTo(entries);
        assertThat(ok(get("/api/boxes/" + box)).get("testCuts")).hasSize(1);
        assertThat(delete("/api/book/NOTE/99999").status()).isEqualTo(404);
        assertThat(delete("/api/book/POEM/1").field()).isEqualTo("kind");
    }

    /** Large ones are made small, and nothing but the picture is kept. */
    @Test
    void aPhotoIsEncodedAnewAndBounded() throws IOException {
        long id = note("", "The corner.");
        byte[] sent = withComment(jpeg(3000, 2000), "taken at the barn");
        assertThat(new String(sent, StandardCharsets.ISO_8859_1)).contains("taken at the barn");
        ok(photo(id, sent));
        long kept = ok(get("/api/book?box=" + box)).at("/entries/0/photos/0").asLong();
        byte[] large = bytes("/api/book/photos/" + kept);
        assertThat(new String(large, StandardCharsets.ISO_8859_1)).doesNotContain("barn");
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(large));
        assertThat(image.getWidth()).isEqualTo(1600);
        assertThat(image.getHeight()).isBetween(1065, 1068);
        assertThat(ImageIO.read(new ByteArrayInputStream(bytes("/api/book/photos/" + kept + "?small=true")))
                        .getWidth())
                .isEqualTo(320);
    }

    /** A text called .jpg, half a picture, none at all, one of 50 MB: refused in a sentence, and the note stays. */
    @Test
    void whatIsNoPhotoIsRefusedAndTheNoteStays() throws IOException {
        long id = note("", "Written before the photo.");
        byte[] whole = jpeg(300, 200);
        for (byte[] bad : List.of(
                "just some words".getBytes(StandardCharsets.UTF_8), new byte[0], java.util.Arrays.copyOf(whole, 60))) {
            Reply refused = photo(id, bad);
            assertThat(refused.status()).as(refused.text()).isEqualTo(422);
            assertThat(refused.field()).isEqualTo("photo");
        }
        Reply tooLarge = photo(id, new byte[50_000_000]);
        assertThat(tooLarge.status()).isEqualTo(413);
        assertThat(tooLarge.detail()).contains("25 megabytes").contains("kept");
        assertThat(photo(99999, whole).status()).isEqualTo(404);
        assertThat(says("")).containsExactly("Written before the photo.");
    }

    @Test
    void whatIsWrittenIsBounded() {
        assertThat(post("/api/book/notes", node().put("box", box).put("words", "  "))
                        .field())
                .isEqualTo("words");
        assertThat(post("/api/book/notes", node().put("box", box).put("words", "x".repeat(4001)))
                        .field())
                .isEqualTo("words");
        assertThat(post("/api/book/notes", node().put("box", "no-such-box").put("words", "x"))
                        .status())
                .isEqualTo(404);
        assertThat(get("/api/book?kind=POEM").field()).isEqualTo("kind");
        assertThat(get("/api/book?most=1000").status()).isEqualTo(422);
    }

    /** The file has a line an entry, with the same words; a comma or a line break in a note breaks nothing. */
    @Test
    void theFileTellsWhatTheDiaryTells() {
        note("", "One, two\nand \"three\"");
        ok(post("/api/boxes/" + box + "/test-cuts", "{\"slots\":[7.46],\"fingers\":[7.25]}"));
        String csv = new String(bytes("/api/book/file?box=" + box), StandardCharsets.UTF_8);
        assertThat(csv).startsWith("at,kind,box,about,says,more,photos\r\n");
        for (String says : says("")) {
            assertThat(csv).contains(says.replace("\"", "\"\""));
        }
    }

    /** Three readings over time are a plot of clearances and one of slots, each point under its entry’s mark. */
    @Test
    void plotsStandWhereTheEntriesAre() {
        for (String finger : List.of("7.25", "7.33", "7.35")) {
            ok(post("/api/boxes/" + box + "/test-cuts", "{\"slots\":[7.46],\"fingers\":[" + finger + "]}"));
        }
        JsonNode plots = ok(get("/api/book?box=" + box + "&kind=TEST_CUT")).get("plots");
        assertThat(plots).hasSize(2);
        List<String> marks = new ArrayList<>();
        plots.get(0).get("shapes").forEach(s -> {
            if (s.hasNonNull("mark")) {
                marks.add(s.get("mark").asText());
            }
        });
        List<String> entries = new ArrayList<>();
        ok(get("/api/book?box=" + box))
                .get("entries")
                .forEach(e ->
                        entries.add(e.get("kind").asText() + " " + e.get("ref").asText()));
        assertThat(marks).containsExactlyInAnyOrderElementsOf(entries);
        assertThat(ok(get("/api/book?box=" + box + "&kind=NOTE")).get("plots")).isEmpty();
    }

    /** A clock set back between two tests: the later one stays the later, in the box and in the Book. */
    @Test
    void aClockSetBackTurnsNoTestsRound() {
        shelf.addTestCut(
                box, new TestCut("2099-01-01T08:00:00Z", List.of(Length.mm(7.46)), List.of(Length.mm(7.25)), null));
        ok(post("/api/boxes/" + box + "/test-cuts", "{\"slots\":[7.46],\"fingers\":[7.34],\"moved\":0.09}"));
        JsonNode cuts = ok(get("/api/boxes/" + box)).get("testCuts");
        assertThat(cuts.get(1).at("/cut/fingers/0").asDouble()).isEqualTo(7.34);
        assertThat(cuts.get(1).at("/cut/at").asText()).startsWith("2099-01-01T08:00:01");
        assertThat(says("").get(0)).startsWith("Clearance 0.12");
    }

    /** Drills of a day are one entry: how many, and how many were right. */
    @Test
    void drillsAreCountedInTheBook() {
        for (int i = 0; i < 3; i++) {
            JsonNode drill = ok(get("/api/practice/drill"));
            ok(post(
                    "/api/practice/drill",
                    node().put("kind", drill.get("kind").asText())
                            .put("subject", drill.get("subject").asText())
                            .put("seed", drill.get("seed").asLong())
                            .put("choice", 0)));
        }
        JsonNode entries = ok(get("/api/book?kind=DRILLS")).get("entries");
        assertThat(entries).hasSize(1);
        assertThat(entries.get(0).get("says").asText()).matches("\\d of \\d right that day");
    }

    /** A record that cannot be read says so in its place; the rest of the diary, its plots and its file are there. */
    @Test
    void whatIsDamagedSaysSoInItsPlace() {
        ok(post("/api/boxes/" + box + "/test-cuts", "{\"slots\":[7.46],\"fingers\":[7.25]}"));
        ok(post("/api/boxes/" + box + "/test-cuts", "{\"slots\":[7.46],\"fingers\":[7.33]}"));
        note("", "Sound.");
        for (String bad : List.of("{\"slots\":", "{\"slots\":[-4],\"fingers\":[7]}", "{}")) {
            file.sql("UPDATE test_cut SET reading = ? WHERE id = (SELECT min(id) FROM test_cut WHERE box_id = ?)")
                    .param(bad)
                    .param(box)
                    .update();
            assertThat(says("")).as(bad).hasSize(3).contains("Sound.").anyMatch(s -> s.contains("damaged"));
            assertThat(bytes("/api/book/file?box=" + box)).isNotEmpty();
        }
        JsonNode round = ok(post("/api/practice/rounds", "{\"level\":\"FRIENDLY\",\"way\":\"STOPS\",\"seed\":1}"));
        String id = round.get("id").asText();
        ok(post("/api/practice/rounds/" + id + "/acts", "{\"seq\":0,\"act\":{\"kind\":\"CUT\"}}"));
        // an act that reads, and does not fit what was done before it
        file.sql("UPDATE practice_act SET act = ? WHERE round_id = ?")
                .param("{\"kind\":\"READ\",\"spot\":\"SLOT\",\"place\":0}")
                .param(id)
                .update();
        List<String> practice = new ArrayList<>();
        ok(get("/api/book?kind=PRACTICE"))
                .get("entries")
                .forEach(e -> practice.add(e.get("says").asText()));
        assertThat(practice).anyMatch(s -> s.contains("damaged"));
        assertThat(get("/api/practice/rounds/" + id).status()).isEqualTo(409);
        assertThat(ok(get("/api/practice")).get("rounds").toString()).contains("Damaged, cannot be read");
        file.sql("UPDATE box SET plan = ? WHERE id = ?")
                .param("{cut")
                .param(box)
                .update();
        assertThat(says("")).hasSize(3).contains("Sound.");
    }

    private static byte[] jpeg(int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(180, 130, 80));
        g.fillRect(0, 0, width, height / 2);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", out);
        return out.toByteArray();
    }

    /** A comment segment right after the start of the picture. */
    private static byte[] withComment(byte[] jpeg, String comment) {
        byte[] words = comment.getBytes(StandardCharsets.ISO_8859_1);
        byte[] with = new byte[jpeg.length + words.length + 4];
        with[0] = jpeg[0];
        with[1] = jpeg[1];
        with[2] = (byte) 0xFF;
        with[3] = (byte) 0xFE;
        with[4] = (byte) ((words.length + 2) >> 8);
        with[5] = (byte) (words.length + 2);
        System.arraycopy(words, 0, with, 6, words.length);
        System.arraycopy(jpeg, 2, with, 6 + words.length, jpeg.length - 2);
        return with;
    }
}
