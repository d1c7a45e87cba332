package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A page of somebody else, open beside the shop in the same browser, can neither look nor act. */
class ForeignPagesTest extends ServerTestBase {
    private MockHttpServletResponse asked(MockHttpServletRequestBuilder request) throws Exception {
        return mvc.perform(request).andReturn().getResponse();
    }

    private String aBox() {
        return post("/api/boxes", node().set("plan", drawer()))
                .body()
                .path("id")
                .asText();
    }

    private int boxes() throws Exception {
        return Integer.parseInt(
                String.valueOf(asked(MockMvcRequestBuilders.get("/api/boxes")).getHeader("X-Total-Count")));
    }

    @ParameterizedTest
    @ValueSource(strings = {"seeds.example", "127.0.0.1.seeds.example", "localhost.seeds.example:4177", "", "10.0.0.9"})
    void aNameThatIsNotOursIsNotServed(String host) throws Exception {
        MockHttpServletResponse reply =
                asked(MockMvcRequestBuilders.get("/api/boxes").header("Host", host));
        assertThat(reply.getStatus()).isEqualTo(403);
        assertThat(reply.getContentType()).isEqualTo(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    }

    @ParameterizedTest
    @ValueSource(strings = {"localhost", "LOCALHOST:4177", "127.0.0.1:4191", "[::1]:4177"})
    void theNamesOfThisMachineAre(String host) throws Exception {
        assertThat(asked(MockMvcRequestBuilders.get("/api/boxes").header("Host", host))
                        .getStatus())
                .isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource({
        "cross-site,https://seeds.example",
        "same-site,http://localhost:9000",
        ",https://seeds.example",
        ",null",
        ",http://localhost.seeds.example"
    })
    void anotherPageActsOnNothing(String site, String origin) throws Exception {
        String box = aBox();
        int before = boxes();
        for (String path : new String[] {"/api/boxes/" + box + "/copy", "/api/boxes/" + box + "/runs"}) {
            MockHttpServletRequestBuilder request =
                    MockMvcRequestBuilders.post(path).header("Origin", origin);
            if (site != null) {
                request.header("Sec-Fetch-Site", site);
            }
            assertThat(asked(request.contentType(MediaType.APPLICATION_JSON)).getStatus())
                    .isEqualTo(403);
        }
        assertThat(boxes()).isEqualTo(before);
    }

    @Test
    void aFormOfAnotherPageActsOnNothingEvenWithoutSayingWhereItIsFrom() throws Exception {
        String box = aBox();
        int before = boxes();
        for (String kind : new String[] {"text/plain", "application/x-www-form-urlencoded", "multipart/form-data"}) {
            assertThat(asked(MockMvcRequestBuilders.post("/api/boxes/" + box + "/copy")
                                    .contentType(kind))
                            .getStatus())
                    .isEqualTo(415);
        }
        assertThat(asked(MockMvcRequestBuilders.post("/api/boxes/" + box + "/copy"))
                        .getStatus())
                .isEqualTo(415);
        assertThat(asked(MockMvcRequestBuilders.options("/api/boxes/" + box + "/copy")
                                .header("Access-Control-Request-Method", "POST"))
                        .getHeader("Access-Control-Allow-Origin"))
                .isNull();
        assertThat(boxes()).isEqualTo(before);
    }

    @Test
    void aLinkFromAnotherPageOpensAPageButNoData() throws Exception {
        assertThat(asked(MockMvcRequestBuilders.get("/boxes/x")
                                .header("Sec-Fetch-Site", "cross-site")
                                .header("Sec-Fetch-Mode", "navigate")
                                .header("Sec-Fetch-Dest", "document"))
                        .getStatus())
                .isNotEqualTo(403);
        assertThat(asked(MockMvcRequestBuilders.get("/boxes/x")
                                .header("Sec-Fetch-Site", "cross-site")
                                .header("Sec-Fetch-Mode", "navigate")
                                .header("Sec-Fetch-Dest", "iframe"))
                        .getStatus())
                .isEqualTo(403);
        assertThat(asked(MockMvcRequestBuilders.get("/api/boxes")
                                .header("Sec-Fetch-Site", "cross-site")
                                .header("Sec-Fetch-Mode", "no-cors")
                                .header("Sec-Fetch-Dest", "script"))
                        .getStatus())
                .isEqualTo(403);
    }

    @Test
    void everyAnswerSaysWhatAPageMayLoad() throws Exception {
        for (String path : new String[] {"/api/boxes", "/api/nothing", "/index.html"}) {
            MockHttpServletResponse reply = asked(MockMvcRequestBuilders.get(path));
            assertThat(reply.getHeader("Content-Security-Policy"))
                    .contains("script-src 'self'")
                    .contains("frame-ancestors 'none'")
                    .doesNotContain("script-src 'self' 'unsafe");
            assertThat(reply.getHeader("X-Content-Type-Options")).isEqualTo("nosniff");
            assertThat(reply.getHeader("Referrer-Policy")).isEqualTo("no-referrer");
            assertThat(reply.getHeader("X-Frame-Options")).isEqualTo("DENY");
        }
    }

    @Test
    void whatActsGoesByANumberNobodyGuesses() {
        String box = aBox();
        String run =
                post("/api/boxes/" + box + "/runs", node()).body().path("id").asText();
        assertThat(run).matches(box + "-run-[0-9a-f]{16}");
    }
}
