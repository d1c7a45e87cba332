package canthook.server.sharing;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Where this machine is found in its own network. */
@Component
class Addresses {
    private final List<String> said;

    /** @param said by whoever runs it, in place of what is found */
    Addresses(@Value("${canthook.addresses:}") String[] said) {
        this.said = Arrays.stream(said)
                .map(name -> name.strip().toLowerCase(Locale.ROOT))
                .filter(name -> !name.isEmpty())
                .toList();
    }

    /** In numbers first, then its name in the network; empty when it is in none. */
    List<String> all() {
        if (!said.isEmpty()) {
            return said;
        }
        Set<String> found = new LinkedHashSet<>();
        try {
            for (NetworkInterface card : Collections.list(NetworkInterface.getNetworkInterfaces())) {
                if (card.isUp() && !card.isLoopback() && !card.isPointToPoint()) {
                    Collections.list(card.getInetAddresses()).stream()
                            .filter(a -> a instanceof Inet4Address && !a.isLoopbackAddress())
                            .sorted(Comparator.comparing(a -> !a.isSiteLocalAddress()))
                            .map(InetAddress::getHostAddress)
                            .forEach(found::add);
                }
            }
        } catch (SocketException e) {
            // without cards there is no network
        }
        List<String> all = new ArrayList<>(found);
        if (!all.isEmpty()) {
            name().ifPresent(all::add);
        }
        return List.copyOf(all);
    }

    private static java.util.Optional<String> name() {
        try {
            String host = InetAddress.getLocalHost()
                    .getHostName()
                    .toLowerCase(Locale.ROOT)
                    .replaceFirst("\\..*", "");
            return host.matches("[a-z][a-z0-9-]*") && !host.equals("localhost")
                    ? java.util.Optional.of(host + ".local")
                    : java.util.Optional.empty();
        } catch (UnknownHostException e) {
            return java.util.Optional.empty();
        }
    }
}
