package canthook.e2e;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Pictures of the main views, from the demo boxes. */
@Tag("screenshots")
class ScreenshotsTest {
    private static final Path FOLDER = Path.of("..", "docs", "screenshots");

    @Test
    void pictures() throws IOException {
        try (Workbench bench = new Workbench()) {
            Page page = bench.window();
            picture(page, bench, "/boxes", "boxes", ".shelf svg");
            for (String station : new String[] {"size", "fingers", "blank", "jig", "fit", "bottom"}) {
                picture(page, bench, "/boxes/envelope-drawer/" + station, station, ".slate .number");
            }
            picture(page, bench, "/boxes/packet-tray/size", "size-contents", ".slate .number");
            picture(page, bench, "/boxes/packet-drawers/blank", "blank-batch", ".boards .area.part");
            for (String shelf : new String[] {"blanks", "woods", "climates", "house-rules"}) {
                String ready = shelf.equals("blanks")
                        ? ".boards svg"
                        : shelf.equals("woods") ? "td" : shelf.equals("climates") ? ".plot svg" : ".rule";
                picture(page, bench, "/rack/" + shelf, "rack-" + shelf, ready);
            }
            page.navigate(bench.address + "/boxes/envelope-drawer/size");
            page.getByText("other corners, compared").click();
            page.waitForSelector(".ways svg");
            take(page, "corners");
            picture(page, bench, "/boxes/germination-box/lid", "lid", ".slate .number");
            page.navigate(bench.address + "/boxes/envelope-drawer/fingers");
            page.locator("[data-number='fingers.finger']").click();
            page.waitForSelector(".working");
            take(page, "working");
            page.navigate(bench.address + "/boxes");
            page.getByText("New box").first().click();
            page.waitForSelector("form");
            take(page, "new-box");
            Page evening = bench.window();
            evening.addInitScript("localStorage.setItem('lamp', 'dark')");
            picture(evening, bench, "/boxes/envelope-drawer/fingers", "fingers-evening", ".slate .number");
        }
    }

    private static void picture(Page page, Workbench bench, String path, String name, String ready) {
        page.navigate(bench.address + path);
        page.waitForSelector(ready);
        take(page, name);
    }

    private static void take(Page page, String name) {
        page.waitForTimeout(600);
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
