package canthook.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.RequestOptions;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
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
            for (String station : new String[] {"fingers", "fit", "bottom"}) {
                picture(page, bench, "/boxes/envelope-drawer/" + station, station, ".slate .number");
            }
            picture(page, bench, "/boxes/germination-box/cut", "cut", ".slate .number");
            picture(page, bench, "/boxes/packet-tray/size", "size-contents", ".slate .number");
            picture(page, bench, "/boxes/packet-drawers/blank", "blank-batch", ".boards .area.part");
            picture(page, bench, "/book", "book", ".over-time svg");
            jigs(page, bench);
            practice(page, bench);
            keeping(page, bench);
            gluing(page, bench);
            fitOfTwoJigs(page, bench);
            picture(page, bench, "/boxes/seed-chest/finish", "finish", ".lane svg");
            picture(page, bench, "/boxes/almanac-box/lid", "lid", ".slate .number");
            picture(page, bench, "/boxes/gridded-seed-box/fittings", "fittings", ".slate .number");
            page.keyboard().press("b");
            page.getByText("pulled apart").click();
            take(page, "whole-box");
            page.navigate(bench.address + "/boxes");
            page.getByText("New box").first().click();
            page.waitForSelector("form .figure svg");
            page.keyboard().type("248");
            page.waitForTimeout(700);
            take(page, "new-box");
            page.navigate(bench.address + "/boxes/germination-box/papers");
            page.waitForFunction("() => [...document.querySelectorAll('main img')].some(i => i.naturalWidth > 800)");
            take(page, "papers");
        }
    }

    /** A stranger’s shop with one test piece read. */
    private static void practice(Page page, Workbench bench) {
        page.navigate(bench.address + "/practice");
        page.getByText("A stranger’s shop").click();
        page.getByText("fixed key on a sled or mitre gauge").click();
        page.waitForSelector(".jig-side");
        page.keyboard().press("c");
        for (int key = 1; key <= 6; key++) {
            page.waitForSelector(".comb");
            page.keyboard().press(String.valueOf(key));
            page.waitForTimeout(200);
        }
        take(page, "practice");
    }

    /** The same loose fit put right with leaves behind a fence, and with a stop for every cut. */
    private static void fitOfTwoJigs(Page page, Workbench bench) throws IOException {
        List<byte[]> fits = new ArrayList<>();
        for (String way : List.of("SHIM_FENCE", "STOPS")) {
            String kept = page.request()
                    .get(bench.address + "/api/boxes/envelope-drawer")
                    .text();
            String plan = kept.replaceFirst("(?s)^.*?\"plan\":", "").replaceFirst("(?s),\"testCuts\".*$", "");
            RequestOptions made = RequestOptions.create().setHeader("Content-Type", "application/json");
            String id = page.request()
                    .post(
                            bench.address + "/api/boxes",
                            made.setData("{\"plan\":"
                                    + plan.replaceFirst("\"way\":\"[A-Z_]*\"", "\"way\":\"" + way + "\"") + "}"))
                    .text()
                    .replaceAll("(?s)^\\{\"id\":\"([a-z0-9-]+)\".*", "$1");
            page.request()
                    .post(
                            bench.address + "/api/boxes/" + id + "/test-cuts",
                            RequestOptions.create()
                                    .setHeader("Content-Type", "application/json")
                                    .setData("{\"slots\":[7.46,7.45,7.46],\"fingers\":[7.15,7.14,7.15]}"));
            page.navigate(bench.address + "/boxes/" + id + "/fit");
            page.waitForSelector(".slate .number");
            page.waitForTimeout(900);
            fits.add(page.screenshot());
        }
        beside("fit-jigs", fits.get(0), fits.get(1));
    }

    /** The Jig station, a jig built three ways, is it square, the first cut on it, the jigs of the shop. */
    private static void jigs(Page page, Workbench bench) throws IOException {
        List<byte[]> windows = new ArrayList<>();
        page.navigate(bench.address + "/boxes/envelope-drawer/jig");
        page.waitForSelector(".slate .number");
        page.waitForTimeout(900);
        windows.add(page.screenshot());
        page.getByText("building it").click();
        page.waitForSelector(".build table");
        page.waitForTimeout(900);
        windows.add(page.screenshot());
        page.navigate(bench.address + "/rack/jigs");
        page.waitForSelector(".drawn svg");
        page.waitForTimeout(900);
        byte[] rack = page.screenshot();
        page.getByText("Build one for a usual width").click();
        for (String way : List.of("fixed key on a router sled", "screw advance")) {
            Workbench.choose(page, "Jig", way);
            page.waitForTimeout(1200);
            windows.add(page.screenshot());
        }
        page.navigate(bench.address + "/boxes/envelope-drawer/jig");
        page.getByText("is it square?").click();
        Workbench.type(page, "End that was at the fence", "25.4");
        Workbench.type(page, "Its far end", "25.2");
        page.waitForSelector(".square .answer");
        page.waitForTimeout(600);
        windows.add(page.screenshot());
        windows.add(rack);
        tiled("jig", windows, 2);
    }

    /** Two windows beside each other in one picture. */
    private static void beside(String name, byte[] left, byte[] right) throws IOException {
        tiled(name, List.of(left, right), 2);
    }

    /** Windows in rows of so many, each 800 wide. */
    private static void tiled(String name, List<byte[]> windows, int across) throws IOException {
        int rows = (windows.size() + across - 1) / across;
        BufferedImage all = new BufferedImage(800 * across, 500 * rows, BufferedImage.TYPE_INT_RGB);
        Graphics2D draw = all.createGraphics();
        draw.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        for (int i = 0; i < windows.size(); i++) {
            BufferedImage window = ImageIO.read(new ByteArrayInputStream(windows.get(i)));
            draw.drawImage(window, 800 * (i % across), 500 * (i / across), 800, 500, null);
        }
        draw.dispose();
        ImageIO.write(all, "png", FOLDER.resolve(name + ".png").toFile());
    }

    /** The bottom about to go in, on the bench and by the clock. */
    private static void gluing(Page page, Workbench bench) throws IOException {
        page.navigate(bench.address + "/boxes/envelope-drawer/glue");
        for (int step = 2; step <= 6; step++) {
            page.getByLabel("Next step").click();
            page.getByText(step + " of 10.").waitFor();
        }
        page.waitForTimeout(600);
        byte[] order = page.screenshot();
        String copy = bench.copyOf(page, "envelope-drawer");
        page.navigate(bench.address + "/boxes/" + copy + "/glue-up");
        GlueUpTest.dryFit(page);
        page.locator("footer .done").click();
        page.waitForSelector(".now");
        page.locator("footer .done").click();
        page.locator(".say", new Page.LocatorOptions().setHasText("Spread B1")).waitFor();
        page.waitForTimeout(3000);
        beside("glue", order, page.screenshot());
    }

    /** A box gone back to, tried otherwise, a tablet let in, and at the saw on it, the ninth cut at a front with a lid line. */
    private static void keeping(Page page, Workbench bench) throws IOException {
        List<byte[]> windows = new ArrayList<>();
        String box = bench.copyOf(page, "germination-box");
        bench.goTo(page, box, "fingers");
        page.waitForSelector(".slate .number");
        page.keyboard().press("[");
        page.locator(".kept", new Page.LocatorOptions().setHasText(Pattern.compile("^kept$")))
                .waitFor();
        page.getByText("What if", new Page.GetByTextOptions().setExact(true)).click();
        page.getByText("Try it otherwise").click();
        page.waitForSelector(".tried");
        Workbench.type(page, "Outside length", "10");
        page.waitForTimeout(1500);
        page.locator(".tried a").click();
        page.waitForSelector(".sticks svg");
        page.waitForTimeout(900);
        byte[] whatIf = page.screenshot();
        page.navigate(bench.address + "/boxes/" + box + "/history");
        page.locator(".change").first().click();
        page.waitForTimeout(900);
        windows.add(page.screenshot());
        windows.add(whatIf);
        String join = TabletTest.opened(bench, page, "look, and mark");
        Page tablet = TabletTest.joined(bench, join, "Tablet at the saw");
        page.locator(".devices").waitFor();
        windows.add(page.screenshot());
        tablet.setViewportSize(1280, 800);
        tablet.navigate(join.replaceFirst("/join.*", "/boxes/germination-box/saw"));
        SawTest.setUp(tablet);
        for (int cut = 2; cut <= 9; cut++) {
            if (cut == 8) {
                tablet.waitForTimeout(1500);
                tablet.context().setOffline(true);
            }
            tablet.locator("footer .done").click();
            tablet.getByText("pass " + cut + " of").waitFor();
        }
        tablet.waitForTimeout(600);
        windows.add(tablet.screenshot());
        tablet.context().close();
        tiled("keeping", windows, 2);
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
