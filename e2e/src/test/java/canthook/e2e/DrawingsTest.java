package canthook.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Every station of every demo box, in three windows and in every way lengths are shown: no label touches another or a dimension line, none
 * leaves the picture or is cut short, the drawing is as large as its place lets it be, and whoever walks up reads the answer at once.
 *
 * <p>A station of a box is met in fractions, whose labels are widest, and in one of the other two displays, each in another window from
 * station to station; with {@code -Dcanthook.windows=all} every window is met in every display ({@code ./cant-hook bench --drawings}).
 */
@Order(1)
class DrawingsTest {
    private static final List<String> BOXES = List.of(
            "envelope-drawer",
            "packet-tray",
            "germination-box",
            "packet-drawers",
            "almanac-box",
            "seed-chest",
            "sorting-tray",
            "gridded-seed-box",
            "cabinet-tray");
    private static final List<String> STATIONS =
            List.of("size", "fingers", "blank", "jig", "fit", "cut", "bottom", "lid", "fittings", "glue", "finish");
    private static final List<int[]> WINDOWS =
            List.of(new int[] {1280, 800}, new int[] {1024, 768}, new int[] {390, 844});

    private static final List<String> DISPLAYS = List.of("METRIC", "DECIMAL_INCH", "FRACTION_64");
    private static final int FRACTIONS = DISPLAYS.indexOf("FRACTION_64");
    private static final boolean ALL = "all".equals(System.getProperty("canthook.windows"));

    private static Workbench bench;
    private static String asks;

    @BeforeAll
    static void open() throws IOException {
        bench = new Workbench();
        try (InputStream script = DrawingsTest.class.getResourceAsStream("/drawings.js")) {
            asks = new String(script.readAllBytes(), StandardCharsets.UTF_8).replaceFirst("(?m)^//.*\n", "");
        }
    }

    @AfterAll
    static void close() {
        assertThat(bench.complaints()).isEmpty();
        bench.close();
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2})
    void answersAreInViewLabelsKeepApartAndDrawingsFillTheirPlace(int display) {
        Page page = bench.foldedWindow(1280, 800);
        Map<String, List<String>> wrong = new TreeMap<>();
        int drawings = 0;
        for (int box = 0; box < BOXES.size(); box++) {
            if (!ALL && display != FRACTIONS && (box + display) % 2 == 1) {
                continue;
            }
            String shown = shownIn(page, BOXES.get(box), DISPLAYS.get(display));
            for (int station = 0; station < STATIONS.size(); station++) {
                int met = (display + box + station) % WINDOWS.size();
                page.setViewportSize(WINDOWS.get(met)[0], WINDOWS.get(met)[1]);
                bench.goTo(page, shown, STATIONS.get(station));
                for (int[] window : ALL ? WINDOWS : List.of(WINDOWS.get(met))) {
                    String where = BOXES.get(box) + "/" + STATIONS.get(station) + " at " + window[0] + " wide";
                    page.setViewportSize(window[0], window[1]);
                    settled(page);
                    theAnswerIsInView(page, window, where);
                    look(page, where, wrong);
                    drawings += page.locator("main .figure svg:visible, .stick svg:visible")
                            .count();
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(drawings).as("drawings looked at").isGreaterThan(66);
    }

    private static void theAnswerIsInView(Page page, int[] window, String where) {
        // a batch's answer comes once its cuts are found
        page.waitForFunction(
                "() => /\\d|No lid|No bottom|Nothing yet|No finish/.test(document.querySelector('.the-answer')?.textContent ?? '')");
        BoundingBox at = page.locator(".the-answer").boundingBox();
        assertThat(at.y).as(where + " begins").isGreaterThanOrEqualTo(0);
        assertThat(at.y + at.height).as(where + " ends").isLessThanOrEqualTo(window[1]);
        assertThat(at.x + at.width).as(where + " is wide").isLessThanOrEqualTo(window[0]);
        assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
                .as(where + ": the page")
                .isLessThanOrEqualTo(window[0]);
    }

    /** What stands behind a choice on the station: other corners, other jigs and cuts, the wettest day, a kept test cut. */
    @Test
    void soDoTheDrawingsBehindAChoice() {
        Page page = bench.foldedWindow(1280, 800);
        Map<String, List<String>> wrong = new TreeMap<>();
        for (String box : List.of("germination-box", "packet-tray")) {
            page.navigate(bench.address + "/boxes/" + box + "/size");
            page.getByText("other corners, compared").click();
            page.waitForSelector(".figure >> nth=3");
            settled(page);
            look(page, box + ", corners", wrong);
            for (String way :
                    List.of("ROUTER_SLED", "ROD_KEY", "SHIM_FENCE", "SCREW", "SPACERS", "STOPS", "HAND", "BAND_SAW")) {
                String shown = changed(page, box, "\"way\":\"[A-Z_]*\"", "\"way\":\"" + way + "\"");
                page.navigate(bench.address + "/boxes/" + shown + "/jig");
                settled(page);
                look(page, box + ", " + way, wrong);
                page.setViewportSize(390, 844);
                settled(page);
                look(page, box + ", narrow, " + way, wrong);
                page.setViewportSize(1280, 800);
                page.keyboard().press("End");
            }
            for (String kind : List.of("in a rabbet, after the glue", "under the walls", "slats")) {
                page.navigate(bench.address + "/boxes/" + bench.copyOf(page, box) + "/bottom");
                Workbench.choose(page, "Bottom", kind);
                for (int[] window : WINDOWS) {
                    page.setViewportSize(window[0], window[1]);
                    settled(page);
                    look(page, box + ", " + kind + " at " + window[0] + " wide", wrong);
                }
                page.setViewportSize(1280, 800);
            }
            page.navigate(bench.address + "/boxes/" + box + "/bottom");
            page.locator(".season [role=slider]").focus();
            page.keyboard().press("End");
            settled(page);
            look(page, box + ", wettest", wrong);
        }
        assertThat(wrong).isEmpty();
    }

    @SuppressWarnings("unchecked")
    private static void look(Page page, String where, Map<String, List<String>> wrong) {
        List<String> found = (List<String>) page.evaluate(asks);
        if (!found.isEmpty()) {
            wrong.computeIfAbsent(where, w -> new ArrayList<>()).addAll(found);
        }
    }

    /** The answer is there, the letters are, and the page has been drawn with both. */
    private static void settled(Page page) {
        page.waitForSelector(".the-answer");
        page.waitForSelector(".stick svg, main .figure svg");
        page.evaluate("() => document.fonts.ready.then(() => new Promise(done =>"
                + " requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done, 120)))))");
    }

    private static String shownIn(Page page, String box, String display) {
        String unit = display.equals("METRIC") ? "MILLIMETRE" : "INCH";
        return changed(
                page,
                box,
                "\"unit\":\"[A-Z_]*\",\"display\":\"[A-Z_0-9]*\"",
                "\"unit\":\"" + unit + "\",\"display\":\"" + display + "\"");
    }

    /** A copy of a box whose plan says something else; its id. */
    private static String changed(Page page, String box, String pattern, String text) {
        String copy = bench.copyOf(page, box);
        String kept = page.request().get(bench.address + "/api/boxes/" + copy).text();
        String plan = kept.replaceFirst("(?s)^.*?\"plan\":", "\"plan\":").replaceFirst("(?s),\"testCuts\".*$", "");
        String revision = kept.replaceFirst("(?s)^.*?\"revision\":(\\d+).*$", "$1");
        String asked = plan.replaceFirst(pattern, text);
        APIResponse answer = page.request()
                .put(
                        bench.address + "/api/boxes/" + copy,
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setData("{\"revision\":" + revision + "," + asked + "}"));
        assertThat(answer.ok()).as(answer.text()).isTrue();
        return copy;
    }
}
