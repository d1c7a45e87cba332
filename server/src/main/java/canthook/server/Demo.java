package canthook.server;

import canthook.server.box.Shelf;
import canthook.server.export.ProjectFile;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/** Puts the boxes of the seed library on an empty shelf. */
@Component
@ConditionalOnProperty("canthook.demo")
class Demo implements ApplicationRunner {
    private final Shelf shelf;
    private final ObjectMapper json;

    Demo(Shelf shelf, ObjectMapper json) {
        this.shelf = shelf;
        this.json = json;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        if (!shelf.isEmpty()) {
            return;
        }
        Resource[] files = new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json");
        List<Resource> inOrder = Arrays.stream(files)
                .sorted(Comparator.comparing(r -> String.valueOf(r.getFilename())))
                .toList();
        for (Resource file : inOrder) {
            try (InputStream in = file.getInputStream()) {
                ProjectFile project = json.readValue(in, ProjectFile.class);
                shelf.add(project.plan(), project.testCuts() == null ? List.of() : project.testCuts());
            }
        }
    }
}
