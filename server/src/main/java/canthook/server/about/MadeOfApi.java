package canthook.server.about;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.core.io.ClassPathResource;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The libraries the application is made of, and under which licence each of them stands: from the lists its build wrote. */
@RestController
@RequestMapping("/api/made-of")
public class MadeOfApi {
    private static final String SERVER = "META-INF/sbom/application.cdx.json";
    private static final String FRONT_END = "static/sbom.cdx.json";

    private final ObjectMapper json;

    MadeOfApi(ObjectMapper json) {
        this.json = json;
    }

    /**
     * A library.
     *
     * @param licences as it names them; empty when it names none
     */
    public record Library(String name, String version, List<String> licences) {}

    /** @param libraries by name */
    public record MadeOf(List<Library> server, List<Library> frontEnd) {}

    @GetMapping
    MadeOf madeOf() throws IOException {
        return new MadeOf(of(SERVER), of(FRONT_END));
    }

    private List<Library> of(String list) throws IOException {
        List<Library> all = new ArrayList<>();
        try (InputStream in = new ClassPathResource(list).getInputStream()) {
            for (JsonNode component : json.readTree(in).path("components")) {
                String group = component.path("group").asText();
                String name = component.path("name").asText();
                if (!group.equals("canthook")) {
                    all.add(new Library(
                            group.isEmpty() ? name : group + (group.startsWith("@") ? "/" : " ") + name,
                            component.path("version").asText(),
                            licences(component)));
                }
            }
        }
        all.sort(Comparator.comparing(l -> l.name().toLowerCase(Locale.ROOT)));
        return List.copyOf(all);
    }

    private static List<String> licences(JsonNode component) {
        Set<String> all = new TreeSet<>();
        for (JsonNode one : component.path("licenses")) {
            String said = one.path("expression")
                    .asText(one.at("/license/id").asText(one.at("/license/name").asText()));
            if (!said.isEmpty()) {
                all.add(said);
            }
        }
        return List.copyOf(all);
    }
}
