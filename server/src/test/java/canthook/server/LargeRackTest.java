package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A sawmill's list brought in at once: quickly, each board by an id of its own, and never half. */
@TestPropertySource(properties = "spring.application.name=a-shop-of-its-own")
@Tag("long")
class LargeRackTest extends ServerTestBase {
    private Reply bring(int boards) {
        String rows = "Offcut,600,110,13,cherry-black\n".repeat(boards);
        return send(
                MockMvcRequestBuilders.post("/api/rack/blanks/csv")
                        .contentType(MediaType.valueOf("text/csv"))
                        .content(("name,length,width,thickness,wood\n" + rows).getBytes(StandardCharsets.UTF_8)),
                null);
    }

    @Test
    void manyBoardsOfOneNameComeInTogetherAndNoneTooMany() {
        long from = System.nanoTime();
        Reply brought = bring(1200);
        Duration took = Duration.ofNanos(System.nanoTime() - from);
        assertThat(brought.body().path("added").asInt()).isEqualTo(1200);
        // it took minutes when every board tried every number from the first; a slow machine is allowed for
        assertThat(took).isLessThan(Duration.ofSeconds(15));
        List<String> ids = get("/api/rack/blanks").body().findValuesAsText("id");
        Set<String> distinct = new HashSet<>(ids);
        assertThat(distinct).hasSize(1200).contains("offcut", "offcut-2", "offcut-1200");

        Reply refused = bring(801);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("The rack holds 2000 already");
        assertThat(get("/api/rack/blanks").body()).as("nothing of it is taken").hasSize(1200);
        assertThat(bring(800).body().path("added").asInt()).isEqualTo(800);
    }
}
