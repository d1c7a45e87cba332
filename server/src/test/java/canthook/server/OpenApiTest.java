package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** The front end's types are made from web/openapi.json, so that file must be what the server says. */
class OpenApiTest extends ServerTestBase {
    private static final Path DESCRIPTION = Path.of("..", "web", "openapi.json");

    @Test
    void theDescriptionTheFrontEndIsBuiltFromIsTheServers() throws Exception {
        ObjectNode described = (ObjectNode) get("/v3/api-docs").body();
        described.remove("servers");
        json.enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS);
        String text =
                json.writerWithDefaultPrettyPrinter().writeValueAsString(json.treeToValue(described, Object.class))
                        + "\n";
        if (Boolean.getBoolean("canthook.openapi.write")) {
            Files.writeString(DESCRIPTION, text);
        }
        assertThat(text)
                .as("the API changed: run ./cant-hook openapi and commit web/openapi.json")
                .isEqualTo(Files.readString(DESCRIPTION));
    }

    @Test
    void whatMayNotBeMissingIsRequired() {
        JsonNode schemas = get("/v3/api-docs").body().path("components").path("schemas");
        assertThat(schemas.path("SizeWish").path("required").toString())
                .contains("height")
                .doesNotContain("proud");
        assertThat(schemas.path("SizeWish")
                        .path("properties")
                        .path("height")
                        .path("type")
                        .asText())
                .isEqualTo("number");
    }
}
