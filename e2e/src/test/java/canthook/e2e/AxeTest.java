package canthook.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.AxeResults;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every view can be read and worked by those who cannot see it well; by day and by evening. */
@Order(2)
class AxeTest {
    private static Workbench bench;

    @BeforeAll
    static void open() throws IOException {
        bench = new Workbench();
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    @ParameterizedTest
    @CsvSource({
        "/boxes,light",
        "/boxes,new",
        "/boxes/envelope-drawer/size,light",
        "/boxes/envelope-drawer/size,working",
        "/boxes/packet-tray/size,light",
        "/boxes/packet-tray/size,dark",
        "/boxes/envelope-drawer/fingers,light",
        "/boxes/envelope-drawer/blank,light",
        "/boxes/envelope-drawer/jig,light",
        "/boxes/envelope-drawer/cut,light",
        "/boxes/envelope-drawer/papers,light",
        "/boxes/envelope-drawer/papers,dark",
        "/boxes/envelope-drawer/jig,words",
        "/boxes/envelope-drawer/jig,building",
        "/boxes/envelope-drawer/jig,square",
        "/boxes/envelope-drawer/saw,light",
        "/boxes/envelope-drawer/saw,dark",
        "/boxes/envelope-drawer/first-cut,light",
        "/rack/cutters,light",
        "/boxes/envelope-drawer/fit,light",
        "/boxes/germination-box/bottom,light",
        "/boxes/germination-box/lid,light",
        "/boxes/germination-box/lid,dark",
        "/boxes/envelope-drawer/fingers,dark",
        "/boxes/packet-drawers/blank,light",
        "/boxes/envelope-drawer/size,corners",
        "/rack/blanks,light",
        "/rack/woods,light",
        "/rack/climates,light",
        "/rack/house-rules,dark",
        "/rack/jigs,light",
        "/rack/finishes,light",
        "/rack/machines,light",
        "/rack/backups,light",
        "/rack/tablets,light",
        "/boxes/packet-drawers/history,light",
        "/boxes/packet-drawers/what-if,light",
        "/boxes/packet-drawers/what-if,compared",
        "/about,light",
        "/join,light",
        "/boxes/seed-chest/finish,light",
        "/boxes/packet-drawers/finish,dark",
        "/boxes/envelope-drawer/glue,light",
        "/boxes/envelope-drawer/glue-up,light",
        "/book,light",
        "/practice,light",
        "/practice/drills,light",
        "/boxes,dark"
    })
    void noViolations(String path, String how) {
        Page page = bench.window();
        if (how.equals("dark")) {
            page.addInitScript("localStorage.setItem('lamp', 'dark')");
        }
        page.navigate(bench.address + path);
        page.waitForSelector(shows(path));
        if (how.equals("corners")) {
            page.getByText("other corners, compared").click();
            page.waitForSelector(".ways svg");
        }
        if (how.equals("words")) {
            page.getByText("Words", new Page.GetByTextOptions().setExact(true)).click();
            page.waitForSelector("dt");
        }
        if (how.equals("building")) {
            page.getByText("building it").click();
            page.waitForSelector(".build table");
        }
        if (how.equals("square")) {
            page.getByText("is it square?").click();
            Workbench.type(page, "End that was at the fence", "25.4");
            Workbench.type(page, "Its far end", "25.2");
            page.waitForSelector(".square .answer");
        }
        if (how.equals("compared")) {
            page.getByText("Try it otherwise").click();
            page.locator(".tried a").click();
            page.waitForSelector(".sticks svg");
        }
        if (how.equals("new")) {
            page.getByText("New box").first().click();
            page.waitForSelector("form .figure svg");
        }
        if (how.equals("working")) {
            page.locator(".slate .number").first().click();
            page.waitForSelector(".working");
        }
        if (path.endsWith("/saw") && how.equals("dark")) {
            SawTest.setUp(page);
        }
        page.waitForTimeout(300);
        // what is well is only counted: telling it of every part of a page takes longer than looking; and what is found
        // is
        // gathered on the page itself, which has no frames of strangers
        AxeRunOptions faults = new AxeRunOptions();
        faults.setResultTypes(List.of("violations"));
        AxeResults results =
                new AxeBuilder(page).setLegacyMode(true).options(faults).analyze();
        assertThat(results.getViolations())
                .extracting(v -> v.getId() + ": " + v.getHelp() + " "
                        + v.getNodes().stream()
                                .limit(4)
                                .map(n -> n.getHtml()
                                        + n.getAny().stream()
                                                .map(c -> c.getMessage())
                                                .toList())
                                .toList())
                .isEmpty();
        page.context().close();
    }

    /** What stands on a place once its answers have come. */
    private static String shows(String path) {
        String[] parts = path.substring(1).split("/");
        String place = parts[0].equals("boxes") ? parts[parts.length - 1] : parts[0];
        return switch (place) {
            case "boxes" -> ".shelf svg";
            case "book" -> ".entry";
            case "practice" -> ".way svg, .choice";
            case "rack" ->
                ".boards svg, td, .plot svg, .rule, .cutters li, .jig svg, .finish svg, .machine svg, .now, .door";
            case "history" -> ".change svg";
            case "what-if", "join" -> ".take, .go";
            case "about" -> "tbody td";
            case "glue-up", "first-cut" -> "footer .done";
            case "saw" -> ".gate button";
            case "papers" -> "main img";
            default -> ".slate .number";
        };
    }
}
