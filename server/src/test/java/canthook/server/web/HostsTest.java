package canthook.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.runner.ApplicationContextRunner;

/** The names a server goes by, as whoever starts it says them. */
class HostsTest {
    private final ApplicationContextRunner started = new ApplicationContextRunner().withUserConfiguration(Hosts.class);

    @Test
    void byItselfItKnowsThisMachineAndNoOther() {
        started.run(context -> {
            Hosts hosts = context.getBean(Hosts.class);
            assertThat(hosts.knows("localhost:4180")).isTrue();
            assertThat(hosts.knows("[::1]:4180")).isTrue();
            assertThat(hosts.knows("bench.shop")).isFalse();
            assertThat(hosts.knows("localhost.elsewhere")).isFalse();
            assertThat(hosts.knows(null)).isFalse();
        });
    }

    @Test
    void namesItIsStartedWithAreItsOwnToo() {
        started.withPropertyValues("canthook.hosts=Bench.Shop, 10.0.0.7", "server.address=0.0.0.0")
                .run(context -> {
                    Hosts hosts = context.getBean(Hosts.class);
                    assertThat(hosts.knows("bench.shop:4180")).isTrue();
                    assertThat(hosts.knows("10.0.0.7")).isTrue();
                    assertThat(hosts.knows("0.0.0.0:4180")).isFalse();
                    assertThat(hosts.knows("10.0.0.8:4180")).isFalse();
                });
    }
}
