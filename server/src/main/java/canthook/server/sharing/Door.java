package canthook.server.sharing;

import canthook.refusal.Refused;
import canthook.server.sharing.DeviceMapper.DoorRow;
import java.io.IOException;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.embedded.tomcat.TomcatWebServer;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/**
 * The door to the shop's network. Shut until somebody at this machine opens it; then the same server answers at a second port, over HTTPS, who
 * was let in. Open it stays over a restart; the passcode is another after it.
 */
@Service
public class Door implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Door.class);
    private static final String ALIAS = "shop";

    private final ApplicationContext context;
    private final DeviceMapper rows;
    private final Addresses addresses;
    private final Clock clock;
    private final Path folder;
    private final int wantedPort;
    private final @Nullable May atStart;
    private final SecureRandom random = new SecureRandom();
    private volatile @Nullable Standing standing;
    private @Nullable Connector connector;

    Door(
            ApplicationContext context,
            DeviceMapper rows,
            Addresses addresses,
            Clock clock,
            @Value("${canthook.data}") Path data,
            @Value("${canthook.shared-port:0}") int port,
            @Value("${server.port}") int own,
            @Value("${canthook.share:}") String atStart) {
        this.context = context;
        this.rows = rows;
        this.addresses = addresses;
        this.clock = clock;
        this.folder = data.resolve("sharing");
        this.wantedPort = port > 0 ? port : own > 0 ? own + 1 : 0;
        this.atStart = atStart.isBlank() ? null : May.valueOf(atStart.strip().toUpperCase(Locale.ROOT));
    }

    /**
     * The door while it is open.
     *
     * @param names at which it is found, the first the one to go to
     * @param may what a device that joins may do
     */
    record Standing(int port, List<String> names, May may, Passcode passcode, Authority authority) {
        String address(String name) {
            return "https://" + name + ":" + port;
        }
    }

    Optional<Standing> standing() {
        return Optional.ofNullable(standing);
    }

    /** Whether a name a request goes to is one of the shop in its network. */
    public boolean isAt(String name) {
        Standing open = standing;
        return open != null && open.names().contains(name);
    }

    /**
     * Opens it, or changes what devices may that join from now on.
     *
     * @throws Refused when this machine is in no network, or the port is taken
     */
    synchronized Standing open(May may) {
        Standing open = standing;
        if (open != null) {
            open = new Standing(open.port(), open.names(), may, open.passcode(), open.authority());
        } else {
            List<String> names = addresses.all();
            if (names.isEmpty()) {
                throw new Refused("open", "This machine is in no network now. Join the shop’s, then open.");
            }
            open = listen(names, may);
        }
        standing = open;
        rows.setDoor(new DoorRow(1, may));
        return open;
    }

    /** Shuts it: who is in stays listed, and comes in again when it is opened. */
    synchronized void shut() {
        May may = standing == null ? May.MARK : standing.may();
        stop();
        rows.setDoor(new DoorRow(0, may));
    }

    @EventListener(ApplicationReadyEvent.class)
    void asItWas() {
        DoorRow was = rows.door();
        May may = atStart != null ? atStart : was != null && was.isOpen() == 1 ? was.may() : null;
        if (may == null) {
            return;
        }
        try {
            Standing open = open(may);
            if (atStart != null) {
                System.out.println(SharedAt.inTheTerminal(open));
            }
        } catch (Refused e) {
            System.out.println("The door to the shop’s network stays shut. " + e.getMessage());
        }
    }

    private Standing listen(List<String> names, May may) {
        Instant now = clock.instant();
        try {
            Authority authority = Authority.of(folder, names, random, now);
            char[] password = Long.toHexString(random.nextLong()).toCharArray();
            KeyStore store = authority.forAddresses(names, ALIAS, password, random, now);
            Connector made = new Connector(new Http11NioProtocol());
            made.setPort(wantedPort);
            made.setScheme("https");
            made.setSecure(true);
            made.setProperty("bindOnInit", "false");
            made.setThrowOnFailure(true);
            if (made.getProtocolHandler() instanceof Http11NioProtocol http) {
                http.setSSLEnabled(true);
                http.setCompression("on");
                http.setMaxThreads(60);
                http.setConnectionTimeout((int) Duration.ofSeconds(5).toMillis());
                http.setMaxKeepAliveRequests(-1);
                http.setKeepAliveTimeout((int) Duration.ofSeconds(60).toMillis());
            }
            SSLHostConfig tls = new SSLHostConfig();
            tls.setProtocols("TLSv1.2+TLSv1.3");
            SSLHostConfigCertificate certificate = new SSLHostConfigCertificate(tls, SSLHostConfigCertificate.Type.EC);
            certificate.setCertificateKeystore(store);
            certificate.setCertificateKeystorePassword(new String(password));
            certificate.setCertificateKeyAlias(ALIAS);
            tls.addCertificate(certificate);
            made.addSslHostConfig(tls);
            server().getTomcat().getService().addConnector(made);
            connector = made;
            return new Standing(made.getLocalPort(), names, may, new Passcode(random), authority);
        } catch (IOException | GeneralSecurityException e) {
            throw new IllegalStateException("no certificate could be made for the shop’s network", e);
        } catch (IllegalArgumentException e) {
            LOG.warn("Port {} could not be opened", wantedPort, e);
            throw new Refused(
                    "open", "Port " + wantedPort + " is taken. Stop what uses it, or start with another --port.");
        }
    }

    private TomcatWebServer server() {
        if (context instanceof ServletWebServerApplicationContext running
                && running.getWebServer() instanceof TomcatWebServer tomcat) {
            return tomcat;
        }
        throw new IllegalStateException("there is no server whose door could be opened");
    }

    private void stop() {
        Connector open = connector;
        connector = null;
        standing = null;
        if (open == null) {
            return;
        }
        server().getTomcat().getService().removeConnector(open);
        try {
            open.destroy();
        } catch (LifecycleException e) {
            LOG.warn("The door to the shop’s network did not shut cleanly", e);
        }
    }

    @Override
    public synchronized void destroy() {
        // the server is stopping, and its connectors with it
        standing = null;
        connector = null;
    }
}
