package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** What a tablet in the network may change is a short list, looked at whenever it grows; all else is closed by itself. */
class OpenToTest extends ServerTestBase {
    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    RequestMappingHandlerMapping all;

    @Test
    void onlyWhatIsListedIsOpenToWhoMayMark() {
        Set<String> marks = new TreeSet<>();
        all.getHandlerMethods().forEach((where, handler) -> {
            OpenTo said = AnnotatedElementUtils.findMergedAnnotation(handler.getMethod(), OpenTo.class);
            if (said != null && said.value() == May.MARK) {
                where.getMethodsCondition()
                        .getMethods()
                        .forEach(m -> where.getPatternValues().forEach(p -> marks.add(m + " " + p)));
            }
        });
        assertThat(marks)
                .containsExactlyInAnyOrder(
                        "DELETE /api/runs/{run}",
                        "POST /api/book/notes",
                        "POST /api/book/notes/{id}/photos",
                        "POST /api/boxes/{id}/caliper",
                        "POST /api/boxes/{id}/gaps",
                        "POST /api/boxes/{id}/glue-up",
                        "POST /api/boxes/{id}/runs",
                        "POST /api/boxes/{id}/steps/{step}",
                        "POST /api/boxes/{id}/test-cuts",
                        "POST /api/runs/{run}/events",
                        "POST /api/runs/{run}/events/away");
    }

    /** What is open to who only looks, though it is sent, leaves the shop as it is: it is asked and nothing in the file has changed. */
    @Test
    void whatIsOpenToWhoLooksIsNoPutAndChangesNoBox() {
        all.getHandlerMethods().forEach((where, handler) -> {
            OpenTo said = AnnotatedElementUtils.findMergedAnnotation(handler.getMethod(), OpenTo.class);
            if (said != null && said.value() == May.READ) {
                assertThat(where.getMethodsCondition().getMethods())
                        .as(where.toString())
                        .doesNotContain(RequestMethod.PUT);
            }
        });
    }

    @Test
    void overTheNetworkTheShopGoesByItsAddressesAlone() throws Exception {
        for (String host : new String[] {"localhost", "127.0.0.1:4177", "seeds.example"}) {
            assertThat(mvc.perform(MockMvcRequestBuilders.get("/api/join")
                                    .secure(true)
                                    .header("Host", host))
                            .andReturn()
                            .getResponse()
                            .getStatus())
                    .as(host)
                    .isEqualTo(403);
        }
    }
}
