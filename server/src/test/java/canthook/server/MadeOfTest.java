package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;

/** Everything that is passed on with the application is named in it, with its licence. */
class MadeOfTest extends ServerTestBase {
    @Test
    void everyLibraryNamesItsLicence() {
        JsonNode all = get("/api/made-of").body();
        assertThat(all.get("server").findValuesAsText("name")).anyMatch(n -> n.contains("sqlite-jdbc"));
        assertThat(all.get("frontEnd").findValuesAsText("name")).contains("vue", "primevue");
        for (String part : new String[] {"server", "frontEnd"}) {
            assertThat(all.get(part)).allSatisfy(library -> {
                assertThat(library.get("licences")).as(library.toString()).isNotEmpty();
                assertThat(library.get("version").asText()).isNotEmpty();
            });
        }
    }

    /** The control library's newer line stands under a licence that forbids what is done here. */
    @Test
    void theControlsAreOfTheFreeLine() {
        assertThat(get("/api/made-of").body().get("frontEnd")).anySatisfy(library -> {
            assertThat(library.get("name").asText()).isEqualTo("primevue");
            assertThat(library.get("licences").toString()).contains("MIT");
        });
    }
}
