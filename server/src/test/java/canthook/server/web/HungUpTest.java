package canthook.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.IOException;
import org.apache.catalina.connector.ClientAbortException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** A tablet that leaves in the middle of an answer. */
@ExtendWith(OutputCaptureExtension.class)
class HungUpTest {
    @RestController
    static class Answering {
        @GetMapping("/left")
        void left() throws IOException {
            throw new ClientAbortException(new IOException("Broken pipe"));
        }

        @GetMapping("/broken")
        void broken() throws IOException {
            throw new IOException("the disk is gone");
        }
    }

    private final MockMvc shop = MockMvcBuilders.standaloneSetup(new Answering())
            .setControllerAdvice(new Problems())
            .build();

    @Test
    void isNoErrorOfTheShop(CapturedOutput log) throws Exception {
        shop.perform(get("/left")).andExpect(status().isOk());
        assertThat(log).doesNotContain("ERROR");
        shop.perform(get("/broken")).andExpect(status().isInternalServerError());
        assertThat(log).contains("ERROR", "the disk is gone");
    }
}
