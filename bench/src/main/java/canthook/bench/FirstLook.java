package canthook.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;

/** In the browser: JavaScript of the first load as sent, and the time from a key press to the redrawn drawing, of a rung and of the whole box. */
final class FirstLook {
    private static final int PRESSES = 60;

    private FirstLook() {}

    record Result(long scriptBytes, Took rung, Took turned) {}

    /** Milliseconds. */
    record Took(double p50, double p95) {
        static Took of(List<Double> times) {
            Collections.sort(times);
            return new Took(times.get(times.size() / 2), times.get((int) (times.size() * 0.95)));
        }
    }

    static Result measure(String address) {
        Map<String, String> environment = new HashMap<>(System.getenv());
        environment.put(
                "PLAYWRIGHT_NODEJS_PATH",
                Stream.of(System.getenv("PATH").split(":"))
                        .map(folder -> Path.of(folder, "node"))
                        .filter(Files::isExecutable)
                        .map(Path::toString)
                        .findFirst()
                        .orElse("node"));
        environment.put("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1");
        try (Playwright playwright = Playwright.create(new Playwright.CreateOptions().setEnv(environment));
                Browser browser = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(browserHere())
                                .setArgs(List.of(
                                        "--no-sandbox",
                                        "--disable-gpu",
                                        "--disable-quic",
                                        "--no-first-run",
                                        "--disable-background-networking",
                                        "--disable-component-update",
                                        "--disable-sync")))) {
            Page page = browser.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800));
            AtomicLong scripts = new AtomicLong();
            page.onRequestFinished(request -> {
                if (request.url().endsWith(".js")) {
                    scripts.addAndGet(request.sizes().responseBodySize);
                }
            });
            page.navigate(address + "/boxes/envelope-drawer/fingers");
            page.waitForSelector(".rung.chosen svg");
            page.waitForTimeout(500);
            long bytes = scripts.get();
            List<Double> times = new ArrayList<>();
            for (int i = 0; i < PRESSES; i++) {
                Object took = page.evaluate("""
                        key => new Promise(done => {
                          const before = document.querySelector('.rung.chosen .count').textContent
                          const began = performance.now()
                          const look = () => {
                            const now = document.querySelector('.rung.chosen .count')?.textContent
                            if (now && now !== before) requestAnimationFrame(() => done(performance.now() - began))
                            else requestAnimationFrame(look)
                          }
                          document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
                          look()
                        })""", i % 2 == 0 ? "[" : "]");
                times.add(((Number) took).doubleValue());
                page.waitForTimeout(60);
            }
            return new Result(bytes, Took.of(times), turned(page, address));
        }
    }

    private static Path browserHere() {
        return Stream.of("/usr/bin/chromium-headless-shell", "/usr/bin/chromium")
                .map(Path::of)
                .filter(Files::isExecutable)
                .findFirst()
                .orElseThrow(
                        () -> new IllegalStateException("Chromium is not installed: ./cant-hook bench installs it"));
    }

    /** The whole box, turned by the arrow keys: from the press until the drawing that follows is painted. */
    private static Took turned(Page page, String address) {
        page.navigate(address + "/boxes/seed-chest/size");
        page.getByText("Whole box").first().click();
        page.waitForSelector(".turned svg");
        List<Double> times = new ArrayList<>();
        for (int i = -PRESSES; i < PRESSES; i++) {
            Object took = page.evaluate("""
                    key => new Promise(done => {
                      const box = document.querySelector('.turned')
                      const began = performance.now()
                      const drawn = new MutationObserver(() => {
                        drawn.disconnect()
                        requestAnimationFrame(() => {
                          const after = new MessageChannel()
                          after.port1.onmessage = () => done(performance.now() - began)
                          after.port2.postMessage(0)
                        })
                      })
                      drawn.observe(box, { subtree: true, attributes: true, childList: true })
                      box.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
                    })""", i % 2 == 0 ? "ArrowLeft" : "ArrowRight");
            // the first are turned while the compiler is still at work
            if (i >= 0) {
                times.add(((Number) took).doubleValue());
            }
            page.waitForTimeout(40);
        }
        return Took.of(times);
    }
}
