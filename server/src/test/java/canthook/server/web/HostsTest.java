package canthook.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import canthook.server.sharing.Door;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.runner.ApplicationContextRunner;

/** The names a server goes by, as whoever starts it says them. */
class HostsTest {
    private final Door door = mock(Door.class);
    private final ApplicationContextRunner started =
            new ApplicationContextRunner().withBean(Door.class, () -> door).withUserConfiguration(Hosts.class);

    @Test
    void byItselfItKnowsThisMachineAndNoOther() {
        started.run(context -> {
            Hosts hosts = context.getBean(Hosts.class);
            assertThat(hosts.knows("localhost:4180", false)).isTrue();
            assertThat(hosts.knows("[::1]:4180", false)).isTrue();
            assertThat(hosts.knows("bench.shop", false)).isFalse();
            assertThat(hosts.knows("localhost.elsewhere", false)).isFalse();
            assertThat(hosts.knows(null, false)).isFalse();
        });
    }

    @Test
    void namesItIsStartedWithAreItsOwnToo() {
        started.withPropertyValues("canthook.hosts=Bench.Shop, 10.0.0.7", "server.address=0.0.0.0")
                .run(context -> {
                    Hosts hosts = context.getBean(Hosts.class);
                    assertThat(hosts.knows("bench.shop:4180", false)).isTrue();
                    assertThat(hosts.knows("10.0.0.7", false)).isTrue();
                    assertThat(hosts.knows("0.0.0.0:4180", false)).isFalse();
                    assertThat(hosts.knows("10.0.0.8:4180", false)).isFalse();
                });
    }

    /** Over the shop's network it goes by the addresses its door is open at, and by no other name it has here. */
    @Test
    void overTheNetworkOnlyTheDoorsAddressesCount() {
        when(door.isAt("192.168.1.7")).thenReturn(true);
        started.run(context -> {
            Hosts hosts = context.getBean(Hosts.class);
            assertThat(hosts.knows("192.168.1.7:4178", true)).isTrue();
            assertThat(hosts.knows("localhost:4178", true)).isFalse();
            assertThat(hosts.knows("192.168.1.7:4177", false)).isFalse();
        });
    }
}
