package canthook.e2e;

import canthook.server.CantHook;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** The real server over a data folder of its own, and the real browser. */
final class Workbench implements AutoCloseable {
    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            // without this the browser draws through a processor it plays itself: a quarter slower
            "--disable-gpu-rasterization",
            "--disable-software-rasterizer",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            // the shop's own authority is none this browser knows; a tablet has taken it up
            "--ignore-certificate-errors",
            "--disable-sync");

    static {
        // put together as the packaged application is, from what was worked out when it was built
        System.setProperty("spring.aot.enabled", "true");
    }

    private final Path data;
    private final int port;
    private int sharedPort;
    private ConfigurableApplicationContext server;
    private final Playwright playwright;
    private final Browser browser;
    private final List<String> complaints = new ArrayList<>();
    final String address;

    Workbench() throws IOException {
        data = Files.createTempDirectory("cant-hook-e2e");
        server = serve(0);
        port = ((ServletWebServerApplicationContext) server).getWebServer().getPort();
        address = "http://127.0.0.1:" + port;
        Map<String, String> environment = new HashMap<>(System.getenv());
        environment.put("PLAYWRIGHT_NODEJS_PATH", node());
        environment.put("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1");
        playwright = Playwright.create(new Playwright.CreateOptions().setEnv(environment));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(browserHere())
                        .setArgs(ARGUMENTS));
    }

    /** One after the other: what a start says of itself goes through one log. */
    private ConfigurableApplicationContext serve(int at) {
        synchronized (Workbench.class) {
            return started(at);
        }
    }

    private ConfigurableApplicationContext started(int at) {
        return CantHook.application(CantHook.class)
                .run(
                        "--canthook.data=" + data,
                        "--canthook.demo=true",
                        "--server.port=" + at,
                        "--canthook.addresses=127.0.0.1",
                        "--canthook.shared-port=" + sharedPort,
                        "--logging.level.root=error");
    }

    /** The shop's file, opened by another program. */
    Connection file() throws SQLException {
        return DriverManager.getConnection("jdbc:sqlite:" + data.resolve("cant-hook.db"));
    }

    /** After a restart the shop is at the same address in its network, too. */
    void isSharedAt(int networkPort) {
        sharedPort = networkPort;
    }

    /** The server is gone, as after a power cut. */
    void stopServer() {
        server.close();
    }

    /** It is started again over the same data, at the same address. */
    void startServer() {
        server = serve(port);
    }

    /** The one that is made to run without a screen takes half the processor of the whole one. */
    private static Path browserHere() {
        return Stream.of("/usr/bin/chromium-headless-shell", "/usr/bin/chromium")
                .map(Path::of)
                .filter(Files::isExecutable)
                .findFirst()
                .orElseThrow(
                        () -> new IllegalStateException("Chromium is not installed: ./cant-hook test installs it"));
    }

    private static String node() {
        return Stream.of(System.getenv("PATH").split(":"))
                .map(folder -> Path.of(folder, "node"))
                .filter(Files::isExecutable)
                .map(Path::toString)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("node is not on the PATH"));
    }

    /** A window of its own; what it complains of on its console is kept. */
    Page window() {
        return window(1280, 800);
    }

    Page window(int width, int height) {
        BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE));
        // as a maker who wants everything open; what stands in the open by itself is FoldTest's
        context.addInitScript("localStorage.getItem('unfolded') ?? localStorage.setItem('unfolded', 'all')");
        Page page = context.newPage();
        // a machine that is busy with something else answers late and loads a page late, and that is no fault of the
        // page; how fast it is belongs to the measurements
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
        page.setDefaultTimeout(20_000);
        page.setDefaultNavigationTimeout(40_000);
        page.onConsoleMessage(m -> {
            if (m.type().equals("error") && !m.text().matches(".*status of (4..|503|507).*")) {
                complaints.add(m.text());
            }
            // what the screen met and told its user, and no answer of the shop's: a fault of its own
            if (m.type().equals("warning") && m.text().matches("(?s)\\w*Error: (?!Failed to fetch).*")) {
                complaints.add(m.text());
            }
        });
        page.onPageError(complaints::add);
        return page;
    }

    /** A window of someone who has just come in: what is folded stands folded. */
    Page foldedWindow(int width, int height) {
        Page page = window(width, height);
        page.addInitScript("localStorage.setItem('unfolded', '')");
        return page;
    }

    /** A copy of a box, so that tests do not take each other's; its id. */
    String copyOf(Page page, String box) {
        String kept = page.request()
                .post(
                        address + "/api/boxes/" + box + "/copy",
                        RequestOptions.create().setHeader("Content-Type", "application/json"))
                .text();
        return kept.replaceAll("^\\{\"id\":\"([a-z0-9-]+)\".*", "$1");
    }

    /** To a station of the box that is open, as a hand goes there, or to a box that is not open yet; its answer has come. */
    void goTo(Page page, String box, String station) {
        Locator link = page.locator("nav.rail a[href='/boxes/" + box + "/" + station + "']");
        if (link.count() == 0 || !link.isVisible()) {
            page.navigate(address + "/boxes/" + box + "/" + station);
        } else if (!page.url().endsWith("/" + box + "/" + station)) {
            page.waitForResponse("**/api/work*", link::click);
        }
    }

    /** Takes one of the choices of a field; again, as a hand does, when a busy machine closed the list under it. */
    static void choose(Page page, String label, String option) {
        Locator field = page.getByRole(
                AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label).setExact(true));
        for (int tries = 0; tries < 3; tries++) {
            field.click();
            page.getByRole(
                            AriaRole.OPTION,
                            new Page.GetByRoleOptions().setName(option).setExact(true))
                    .click();
            if (isTaken(page, field, option)) {
                return;
            }
        }
    }

    /** The field shows it, or what was chosen took the field away. */
    private static boolean isTaken(Page page, Locator field, String option) {
        for (int look = 0; look < 40; look++) {
            if (field.count() != 1 || field.textContent().contains(option)) {
                return true;
            }
            page.waitForTimeout(100);
        }
        return false;
    }

    /** Types into a field and leaves it. */
    static void type(Page page, String label, String text) {
        Locator field = page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
        field.fill(text);
        field.press("Tab");
    }

    /** What any window complained of. */
    List<String> complaints() {
        return complaints;
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
        server.close();
    }
}
