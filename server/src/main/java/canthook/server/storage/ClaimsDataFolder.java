package canthook.server.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Arrays;
import org.springframework.beans.factory.support.DefaultListableBeanFactory;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** Before anything else: holds the data folder, and lets go of it when all else is closed. */
public final class ClaimsDataFolder implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    @Override
    public void initialize(ConfigurableApplicationContext context) {
        DataFolder folder = DataFolder.claim(
                Path.of(context.getEnvironment().getRequiredProperty("canthook.data"))
                        .toAbsolutePath(),
                newest());
        // registered first, so closed last
        ((DefaultListableBeanFactory) context.getBeanFactory()).registerDisposableBean("dataFolder", folder::close);
    }

    /** The newest version of the shop's file that this program knows. */
    static int newest() {
        try {
            return Arrays.stream(
                            new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*__*.sql"))
                    .map(step -> String.valueOf(step.getFilename()))
                    .mapToInt(name -> Integer.parseInt(name.substring(1, name.indexOf("__"))))
                    .max()
                    .orElseThrow();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
