package canthook.server.sharing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.refusal.Refused;
import canthook.server.CantHook;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.SecureRandom;
import java.security.cert.CertificateFactory;
import java.time.Instant;
import java.util.List;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** The shop opened to its network, over real HTTPS: who gets in, what they may, and that they can be put out. */
@Tag("long")
class SharingTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    @TempDir
    static Path data;

    private static ConfigurableApplicationContext shop;
    private static String inside;

    @BeforeAll
    static void start() {
        shop = begun();
    }

    private static ConfigurableApplicationContext begun() {
        ConfigurableApplicationContext begun = CantHook.application(CantHook.class)
                .run(
                        "--canthook.data=" + data,
                        "--canthook.demo=true",
                        "--canthook.addresses=127.0.0.1",
                        "--server.port=0",
                        "--logging.level.root=error");
        inside = "http://127.0.0.1:"
                + ((ServletWebServerApplicationContext) begun).getWebServer().getPort();
        return begun;
    }

    @AfterAll
    static void stop() {
        shop.close();
    }

    private record Reply(int status, JsonNode body, HttpResponse<byte[]> whole) {}

    private static Reply ask(HttpClient client, String method, String address, String body, String cookie) {
        try {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address))
                    .header("Content-Type", "application/json")
                    .method(
                            method,
                            body.isEmpty()
                                    ? HttpRequest.BodyPublishers.noBody()
                                    : HttpRequest.BodyPublishers.ofString(body));
            if (!cookie.isEmpty()) {
                request.header("Cookie", cookie);
            }
            HttpResponse<byte[]> reply = client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            boolean isJson = reply.headers()
                    .firstValue("Content-Type")
                    .filter(t -> t.contains("json"))
                    .isPresent();
            return new Reply(reply.statusCode(), isJson ? JSON.readTree(reply.body()) : JSON.createObjectNode(), reply);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Reply here(String method, String path, String body) {
        return ask(HttpClient.newHttpClient(), method, inside + path, body, "");
    }

    /** A device that trusts nothing but the shop's authority, and looks at the name of who answers. */
    private static HttpClient device() {
        try {
            byte[] certificate =
                    here("GET", "/api/join/certificate", "").whole().body();
            KeyStore trusts = KeyStore.getInstance("PKCS12");
            trusts.load(null, null);
            trusts.setCertificateEntry(
                    "shop",
                    CertificateFactory.getInstance("X.509").generateCertificate(new ByteArrayInputStream(certificate)));
            TrustManagerFactory managers = TrustManagerFactory.getInstance("PKIX");
            managers.init(trusts);
            SSLContext tls = SSLContext.getInstance("TLS");
            tls.init(null, managers.getTrustManagers(), null);
            return HttpClient.newBuilder().sslContext(tls).build();
        } catch (GeneralSecurityException | IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static JsonNode open(May may) {
        return here("POST", "/api/sharing/open", "{\"may\":\"" + may + "\"}").body();
    }

    private static String outside(JsonNode door) {
        return door.at("/addresses/0/url").asText();
    }

    private static Reply join(HttpClient client, JsonNode door, String passcode, String name) {
        return ask(
                client,
                "POST",
                outside(door) + "/api/join",
                "{\"passcode\":\"" + passcode + "\",\"name\":\"" + name + "\"}",
                "");
    }

    private static String cookie(Reply joined) {
        return joined.whole().headers().firstValue("Set-Cookie").orElseThrow().split(";")[0];
    }

    @Test
    void itIsShutUntilSomebodyHereOpensIt() {
        here("POST", "/api/sharing/shut", "");
        JsonNode shut = here("GET", "/api/sharing", "").body();
        assertThat(shut.get("open").asBoolean()).isFalse();
        assertThat(here("GET", "/api/join/certificate", "").status()).isEqualTo(404);
        JsonNode door = open(May.READ);
        assertThat(door.get("passcode").asText()).hasSize(9);
        assertThat(door.at("/addresses/0/joining").asText())
                .endsWith("/join#" + door.get("passcode").asText());
        assertThat(door.at("/addresses/0/path").asText()).startsWith("M");
        HttpClient device = device();
        assertThat(ask(device, "GET", outside(door) + "/join", "", "").status()).isEqualTo(200);
        assertThat(ask(device, "GET", outside(door) + "/api/boxes", "", "").status())
                .isEqualTo(401);
        assertThat(ask(device, "GET", outside(door) + "/api/sharing", "", "").status())
                .as("the passcode is told at the machine alone")
                .isEqualTo(403);
        assertThat(ask(device, "POST", outside(door) + "/api/sharing/open", "{\"may\":\"ALL\"}", "")
                        .status())
                .isEqualTo(403);
        String address = outside(door);
        here("POST", "/api/sharing/shut", "");
        assertThatThrownBy(() -> ask(HttpClient.newHttpClient(), "GET", address + "/join", "", ""))
                .isInstanceOf(java.io.UncheckedIOException.class);
    }

    @Test
    void aDeviceMayWhatItWasLetInForAndNoMore() {
        JsonNode door = open(May.READ);
        HttpClient device = device();
        Reply joined = join(device, door, door.get("passcode").asText(), "Tablet by the saw");
        assertThat(joined.status()).isEqualTo(200);
        assertThat(joined.whole().headers().firstValue("Set-Cookie").orElseThrow())
                .contains("__Host-")
                .contains("Secure")
                .contains("HttpOnly")
                .contains("SameSite=Strict");
        String cookie = cookie(joined);
        String to = outside(door);
        String box =
                here("GET", "/api/boxes/envelope-drawer", "").body().get("plan").toString();
        String change = "{\"revision\":1,\"plan\":" + box + "}";
        String plan = "{\"plan\":" + box + ",\"testCuts\":[]}";
        assertThat(ask(device, "GET", to + "/api/boxes", "", cookie).status()).isEqualTo(200);
        assertThat(ask(device, "POST", to + "/api/work", plan, cookie).status()).isEqualTo(200);
        assertThat(ask(device, "POST", to + "/api/boxes/envelope-drawer/runs", "{}", cookie)
                        .status())
                .isEqualTo(403);
        assertThat(ask(device, "GET", to + "/api/backups", "", cookie).status())
                .as("everything in one file is no looking")
                .isEqualTo(403);
        String id = here("GET", "/api/sharing", "").body().at("/devices/0/id").asText();
        here("PUT", "/api/sharing/devices/" + id, "{\"may\":\"MARK\"}");
        assertThat(ask(device, "POST", to + "/api/boxes/envelope-drawer/runs", "{}", cookie)
                        .status())
                .isEqualTo(201);
        Reply refused = ask(device, "PUT", to + "/api/boxes/envelope-drawer", change, cookie);
        assertThat(refused.status()).isEqualTo(403);
        assertThat(refused.body().get("detail").asText()).contains("look, and mark at the saw");
        here("PUT", "/api/sharing/devices/" + id, "{\"may\":\"ALL\"}");
        assertThat(ask(device, "PUT", to + "/api/boxes/envelope-drawer", change, cookie)
                        .status())
                .isEqualTo(200);
        here("DELETE", "/api/sharing/devices/" + id, "");
        assertThat(ask(device, "GET", to + "/api/boxes", "", cookie).status())
                .as("put out")
                .isEqualTo(401);
    }

    @Test
    void wrongPasscodesWait() {
        JsonNode door = open(May.READ);
        HttpClient device = device();
        for (int i = 0; i < 3; i++) {
            assertThat(join(device, door, "AAAA-AAAA", "Guesser").status()).isEqualTo(422);
        }
        Reply slowed = join(device, door, door.get("passcode").asText(), "Guesser");
        assertThat(slowed.status()).isEqualTo(429);
        assertThat(slowed.whole().headers().firstValue("Retry-After")).isPresent();
        assertThat(slowed.body().get("field").asText()).isEqualTo("passcode");
        here("POST", "/api/sharing/shut", "");
    }

    /** What was open stays open over a restart, who was in is in; the passcode and what it was are gone. */
    @Test
    void itStaysOpenOverARestart() {
        here("POST", "/api/sharing/shut", "");
        JsonNode door = open(May.MARK);
        String cookie = cookie(join(device(), door, door.get("passcode").asText(), "Stays"));
        shop.close();
        shop = begun();
        JsonNode again = here("GET", "/api/sharing", "").body();
        assertThat(again.get("open").asBoolean()).isTrue();
        assertThat(again.get("fingerprint")).isEqualTo(door.get("fingerprint"));
        assertThat(again.get("passcode")).isNotEqualTo(door.get("passcode"));
        HttpClient device = device();
        assertThat(ask(device, "GET", outside(again) + "/api/join", "", cookie)
                        .body()
                        .get("name")
                        .asText())
                .isEqualTo("Stays");
        ask(device, "POST", outside(again) + "/api/join/leave", "{}", cookie);
        assertThat(ask(device, "GET", outside(again) + "/api/boxes", "", cookie).status())
                .isEqualTo(401);
    }

    @Test
    void theAuthorityVouchesForTheShopAndForNothingElse(@TempDir Path folder)
            throws GeneralSecurityException, IOException {
        Instant now = Instant.now();
        SecureRandom random = new SecureRandom();
        List<String> names = List.of("192.168.1.7", "shop-machine.local");
        Authority authority = Authority.of(folder, names, random, now);
        assertThat(Authority.of(folder, List.of("10.1.2.3"), random, now).fingerprint())
                .as("the same in any network of one's own")
                .isEqualTo(authority.fingerprint());
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("authority.p12"))))
                .isEqualTo("rw-------");
        assertThat(names).allMatch(name -> Authority.mayVouch(authority.certificate(), name));
        assertThat(List.of("8.8.8.8", "seeds.example"))
                .noneMatch(name -> Authority.mayVouch(authority.certificate(), name));
        Authority there = Authority.of(folder, List.of("192.0.2.2"), random, now);
        assertThat(there.fingerprint())
                .as("a machine in a network that is not private has an authority for its very address")
                .isNotEqualTo(authority.fingerprint());
        assertThat(Authority.mayVouch(there.certificate(), "192.0.2.2")).isTrue();
        assertThat(Authority.mayVouch(there.certificate(), "192.0.2.3")).isFalse();
        assertThat(Authority.of(folder, names, random, now.plusSeconds(3600L * 24 * 3500))
                        .fingerprint())
                .as("made anew before it ends")
                .isNotEqualTo(there.fingerprint());
    }

    @Test
    void aMachineInNoNetworkSaysSo() {
        Door door = new Door(
                shop,
                shop.getBean(DeviceMapper.class),
                new Addresses(new String[0]) {
                    @Override
                    List<String> all() {
                        return List.of();
                    }
                },
                java.time.Clock.systemUTC(),
                data,
                0,
                0,
                "");
        assertThatThrownBy(() -> door.open(May.READ))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("no network");
    }
}
