package canthook.server.web;

import canthook.server.sharing.Door;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Names this server goes by: those of the machine itself, the address it listens at, and what whoever runs it adds. A page that has had
 * its own name pointed at this machine is not one of them. Over the shop's network it goes by the names the door is open under.
 */
@Component
final class Hosts {
    private final Door door;
    private final Set<String> names = new HashSet<>(Set.of("localhost", "127.0.0.1", "[::1]"));

    Hosts(Door door, @Value("${server.address:127.0.0.1}") String address, @Value("${canthook.hosts:}") String[] more) {
        this.door = door;
        if (!address.equals("0.0.0.0") && !address.equals("::")) {
            names.add(address.contains(":") ? "[" + address + "]" : address.toLowerCase(Locale.ROOT));
        }
        Arrays.stream(more)
                .map(name -> name.strip().toLowerCase(Locale.ROOT))
                .filter(n -> !n.isEmpty())
                .forEach(names::add);
    }

    /**
     * @param host as the request says it, with or without a port
     * @param overNetwork whether it came over the shop's network
     */
    boolean knows(@Nullable String host, boolean overNetwork) {
        if (host == null) {
            return false;
        }
        String name = host.toLowerCase(Locale.ROOT).replaceFirst(":\\d{1,5}$", "");
        return overNetwork ? door.isAt(name) : names.contains(name);
    }
}
