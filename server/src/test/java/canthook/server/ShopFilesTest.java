package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A shop leaves as open files and comes back the same; what would come is told first, and nothing is lost. */
class ShopFilesTest extends ServerTestBase {
    private String box;

    @BeforeEach
    void aBox() {
        ObjectNode plan = (ObjectNode) drawer().put("name", "Chervil drawer");
        box = post("/api/boxes", node().set("plan", plan)).body().get("id").asText();
    }

    private static Map<String, String> unpacked(byte[] archive) throws IOException {
        Map<String, String> files = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return files;
    }

    private static byte[] packed(Map<String, String> files) throws IOException {
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(whole)) {
            for (Map.Entry<String, String> file : files.entrySet()) {
                out.putNextEntry(new ZipEntry(file.getKey()));
                out.write(file.getValue().getBytes(StandardCharsets.UTF_8));
                out.closeEntry();
            }
        }
        return whole.toByteArray();
    }

    private Reply sent(String path, byte[] archive) {
        return send(
                MockMvcRequestBuilders.post(path)
                        .contentType(MediaType.APPLICATION_OCTET_STREAM)
                        .content(archive),
                null);
    }

    private static String is(JsonNode look, String kind, String id) {
        for (JsonNode found : look.get("all")) {
            if (found.get("kind").asText().equals(kind)
                    && found.get("id").asText().equals(id)) {
                return found.get("is").asText();
            }
        }
        return "nowhere";
    }

    private void height(String id, double mm) {
        JsonNode now = get("/api/boxes/" + id).body();
        ObjectNode plan = (ObjectNode) now.get("plan");
        ((ObjectNode) plan.get("size")).put("height", mm);
        ObjectNode change = node().put("revision", now.get("revision").asLong());
        change.set("plan", plan);
        assertThat(put("/api/boxes/" + id, change).status()).isEqualTo(200);
    }

    @Test
    void whatLeavesIsWhatIsHere() throws IOException {
        byte[] archive = bytes("/api/shop.zip");
        assertThat(unpacked(archive))
                .containsKeys(
                        "shop.json",
                        "boxes/" + box + ".json",
                        "rack/boards.csv",
                        "rack/cutters.json",
                        "house-rules.json");
        JsonNode look = sent("/api/shop/look", archive).body();
        assertThat(look.get("all"))
                .isNotEmpty()
                .allSatisfy(found -> assertThat(found.get("is").asText())
                        .as(found.toString())
                        .isEqualTo("SAME"));
    }

    @Test
    void mergedTheFilesWinAndWhatStoodStaysInTheHistory() throws IOException {
        byte[] archive = bytes("/api/shop.zip");
        JsonNode before = get("/api/boxes/" + box).body().get("plan");
        height(box, 120);
        String later =
                post("/api/boxes/" + box + "/copy", node()).body().get("id").asText();
        JsonNode look = sent("/api/shop/look", archive).body();
        assertThat(is(look, "box", box)).isEqualTo("OTHER");
        assertThat(is(look, "box", later)).isEqualTo("ONLY_HERE");
        assertThat(sent("/api/shop/take", archive).status()).isEqualTo(204);
        assertThat(get("/api/boxes/" + box).body().get("plan")).isEqualTo(before);
        assertThat(get("/api/boxes/" + box + "/history/2")
                        .body()
                        .at("/plan/size/height")
                        .asDouble())
                .isEqualTo(120);
        assertThat(get("/api/boxes/" + later).body().get("archived").asBoolean())
                .as("merged, what only is here stays")
                .isFalse();
    }

    @Test
    void replacedWhatOnlyIsHereIsPutAwayAndCanBeHadBack() throws IOException {
        byte[] archive = bytes("/api/shop.zip");
        String later =
                post("/api/boxes/" + box + "/copy", node()).body().get("id").asText();
        JsonNode cutter = post(
                        "/api/rack/cutters", "{\"cutter\":{\"kind\":\"BLADE\",\"name\":\"Thin blade\",\"kerf\":2.2}}")
                .body();
        assertThat(sent("/api/shop/take?whole=true", archive).status()).isEqualTo(204);
        assertThat(get("/api/boxes/" + later).body().get("archived").asBoolean())
                .isTrue();
        assertThat(get("/api/rack/cutters").text()).doesNotContain("Thin blade");
        assertThat(cutter).isNotNull();
        assertThat(post("/api/boxes/" + later + "/restore", node()).status()).isEqualTo(204);
        JsonNode look = sent("/api/shop/look", archive).body();
        assertThat(is(look, "box", box)).isEqualTo("SAME");
    }

    @Test
    void aWrongFileIsNamedAndNothingOfTheArchiveIsTaken() throws IOException {
        Map<String, String> files = unpacked(bytes("/api/shop.zip"));
        Map<String, String> broken = new LinkedHashMap<>(files);
        broken.put("boxes/new-one.json", files.get("boxes/" + box + ".json"));
        broken.put("boxes/torn.json", files.get("boxes/" + box + ".json").substring(0, 90));
        Reply torn = sent("/api/shop/take", packed(broken));
        assertThat(torn.status()).isEqualTo(422);
        assertThat(torn.detail()).contains("boxes/torn.json").contains("cut short");
        assertThat(get("/api/boxes/new-one").status()).isEqualTo(404);
        Map<String, String> strange = new LinkedHashMap<>(files);
        strange.put("../outside.json", "{}");
        assertThat(sent("/api/shop/look", packed(strange)).detail()).contains("../outside.json");
        assertThat(sent("/api/shop/look", packed(Map.of("boxes/a.json", "{}"))).detail())
                .contains("no shop of Cant Hook");
        assertThat(sent("/api/shop/look", "no archive".getBytes(StandardCharsets.UTF_8))
                        .detail())
                .contains("no archive");
        Map<String, String> newer = new LinkedHashMap<>(files);
        newer.put("shop.json", "{\"format\":\"cant-hook-shop\",\"version\":9}");
        assertThat(sent("/api/shop/look", packed(newer)).detail()).contains("newer");
        Map<String, String> noList = new LinkedHashMap<>(files);
        noList.put("rack/cutters.json", "{}");
        assertThat(sent("/api/shop/take?whole=true", packed(noList)).detail())
                .as("an empty file is no empty shelf")
                .startsWith("rack/cutters.json: ");
        Map<String, String> badBoard = new LinkedHashMap<>(files);
        badBoard.put("rack/boards.csv", "name,length,width,thickness,wood\nA board,long,100,10,cherry-black\n");
        assertThat(sent("/api/shop/take", packed(badBoard)).detail()).startsWith("rack/boards.csv, line 2: ");
    }

    /** A box of a drawer leaves with the others of the drawer, and no box that has nothing to do with it. */
    @Test
    void aBoxLeavesWithItsSet() throws IOException {
        assertThat(unpacked(bytes("/api/boxes/" + box + "/with-its-set.zip")).keySet())
                .containsExactly("shop.json", "boxes/" + box + ".json");
        String host = post("/api/boxes", node().set("plan", demoPlan("6-seed-chest.json")))
                .body()
                .get("id")
                .asText();
        JsonNode kin = get("/api/boxes/" + host).body().at("/plan/fittings");
        int tray = 0;
        while (!kin.get(tray).get("kind").asText().equals("TRAY")) {
            tray++;
        }
        String inside = post("/api/boxes/" + host + "/trays/" + tray, node())
                .body()
                .get("id")
                .asText();
        assertThat(unpacked(bytes("/api/boxes/" + inside + "/with-its-set.zip")).keySet())
                .contains("boxes/" + inside + ".json", "boxes/" + host + ".json");
    }
}
