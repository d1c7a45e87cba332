package canthook.server;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcBuilderCustomizer;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** The whole server over an empty data folder of its own. */
@SpringBootTest
@AutoConfigureMockMvc
@Import(ServerTestBase.AtThisMachine.class)
abstract class ServerTestBase {
    /** Boxes the demo lays out. */
    static final int DEMO_BOXES = 9;

    /** Boxes of the demo that are done and put away. */
    static final int DEMO_PUT_AWAY = 2;

    /** Requests go to a name of this machine, as a browser sends them. */
    @TestConfiguration
    static class AtThisMachine {
        @Bean
        MockMvcBuilderCustomizer host() {
            return builder ->
                    builder.defaultRequest(MockMvcRequestBuilders.get("/").header(HttpHeaders.HOST, "localhost"));
        }
    }

    @Autowired
    MockMvc mvc;

    @Autowired
    ObjectMapper json;

    record Reply(int status, JsonNode body, String text) {
        String field() {
            return body.path("field").asText();
        }

        String detail() {
            return body.path("detail").asText();
        }
    }

    @DynamicPropertySource
    static void ownData(DynamicPropertyRegistry registry) {
        try {
            Path data = Files.createTempDirectory("cant-hook-test");
            registry.add("canthook.data", data::toString);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    ObjectNode demoPlan(String file) {
        try (InputStream in = getClass().getResourceAsStream("/demo/" + file)) {
            return (ObjectNode) json.readTree(in).get("plan");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    ObjectNode drawer() {
        return demoPlan("2-envelope-drawer.json");
    }

    Reply post(String path, Object body) {
        return send(MockMvcRequestBuilders.post(path).contentType(MediaType.APPLICATION_JSON), body);
    }

    Reply put(String path, Object body) {
        return send(MockMvcRequestBuilders.put(path).contentType(MediaType.APPLICATION_JSON), body);
    }

    Reply get(String path) {
        return send(MockMvcRequestBuilders.get(path), null);
    }

    Reply delete(String path) {
        return send(MockMvcRequestBuilders.delete(path).contentType(MediaType.APPLICATION_JSON), null);
    }

    Reply send(MockHttpServletRequestBuilder request, Object body) {
        try {
            if (body != null) {
                request.contentType(MediaType.APPLICATION_JSON)
                        .content(body instanceof String s ? s : json.writeValueAsString(body));
            }
            MvcResult result = mvc.perform(request).andReturn();
            String text = result.getResponse().getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
            boolean isJson = text.startsWith("{") || text.startsWith("[");
            return new Reply(result.getResponse().getStatus(), json.readTree(isJson ? text : "{}"), text);
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    byte[] bytes(String path) {
        try {
            return mvc.perform(MockMvcRequestBuilders.get(path))
                    .andReturn()
                    .getResponse()
                    .getContentAsByteArray();
        } catch (Exception e) {
            throw new IllegalStateException(path, e);
        }
    }

    ObjectNode node() {
        return json.createObjectNode();
    }
}
