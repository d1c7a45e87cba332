package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A cutter and a jig chosen, a corner run at the saw with the server gone in the middle, a part spoilt, papers taken along. */
class SawTest {
    private static Workbench bench;

    @BeforeAll
    static void open() throws IOException {
        bench = new Workbench();
    }

    @AfterAll
    static void close() {
        assertThat(bench.complaints()).filteredOn(c -> !c.contains("net::ERR")).isEmpty();
        bench.close();
    }

    private static Page at(String box, String station) {
        Page page = bench.window();
        String id = bench.copyOf(page, box);
        page.navigate(bench.address + "/boxes/" + id + "/" + station);
        page.waitForSelector(".slate .number");
        return page;
    }

    static void setUp(Page page) {
        page.waitForSelector(".gate");
        Locator open = page.locator(".gate [aria-checked=false]");
        while (page.locator(".gate").count() > 0 && open.count() > 0) {
            int left = open.count();
            open.first().click();
            Locator told = page.locator("p.told[role=alert]");
            page.waitForCondition(() -> page.locator(".gate").count() == 0 || open.count() < left || told.count() > 0);
            assertThat(told.count() == 0 ? "" : told.first().textContent())
                    .as("what is said at the saw")
                    .isEmpty();
        }
        assertThat(page.locator(".say")).isVisible();
    }

    @Test
    void aCutterAndAWayOfIndexingAreChosenAndEveryCutIsListed() {
        Page page = at("envelope-drawer", "fingers");
        Workbench.choose(page, "Cut with", "8 mm straight bit");
        assertThat(page.locator(".slate [data-number='fingers.slot']")).isVisible();
        page.locator(".rail a[href$='/jig']").click();
        Workbench.choose(page, "Jig", "spacers against a fence");
        assertThat(page.locator(".slate [data-number='jig.pitch-spacer'] .value"))
                .isVisible();
        assertThat(page.locator(".instruction")).containsText("Spacers at the fence");
        page.locator(".step.here .place").click();
        assertThat(page.locator(".working")).containsText("What stands between fence and reference edge");
        page.locator(".working").getByText("close").click();
        page.getByText("setting it up").click();
        assertThat(page.locator(".card")).containsText("push board");
        page.locator(".rail .station[href$='/cut']").click();
        page.getByText("every pass").click();
        String passes = page.locator(".slate [data-number='cut.passes'] .value")
                .textContent()
                .strip();
        assertThat(page.locator(".list ol li").count()).isEqualTo(Integer.parseInt(passes));
        page.context().close();
    }

    @Test
    void aWayThatCannotMakeTheJointSaysWhyAndOffersOnesThatCan() {
        Page page = at("envelope-drawer", "fingers");
        page.getByText("Wide middle").click();
        assertThat(page.locator(".unequal")).isVisible();
        assertThat(page.locator(".ways")).containsText("Can be cut by: stop on a scale, by hand, with dividers only");
        Locator handle = page.getByLabel("Boundary 2", new Page.GetByLabelOptions().setExact(true));
        String before = handle.getAttribute("aria-valuenow");
        BoundingBox was = handle.boundingBox();
        page.mouse().move(was.x + was.width / 2, was.y + was.height / 2);
        page.mouse().down();
        page.mouse().move(was.x + was.width / 2 + 4, was.y + was.height / 2);
        page.mouse().up();
        assertThat(handle).not().hasAttribute("aria-valuenow", before);
        page.locator(".rail a[href$='/jig']").click();
        Locator cannot = page.locator("[data-code=WAY_CANNOT]");
        assertThat(cannot).containsText("needs equal sections");
        cannot.getByText("Take a stop on a scale").click();
        assertThat(cannot).hasCount(0);
        assertThat(page.locator(".instruction")).containsText("Stop to");
        page.context().close();
    }

    @Test
    void theLidsFrontIsCutToItsLineAndNoFurtherOnPaperAndAtTheSaw() {
        Page page = at("germination-box", "cut");
        assertThat(page.locator("main")).containsText("A2 finger-first, B1 slot-first: 9 sections, up to");
        assertThat(page.locator("main")).containsText("B2 slot-first, C1 finger-first: 9 sections, up to");
        page.locator("a.saw").click();
        setUp(page);
        int low = 0;
        int all = Integer.parseInt(page.locator(".count").textContent().replaceAll(".* of (\\d+).*", "$1"));
        for (int cut = 1; cut < all; cut++) {
            assertThat(page.locator(".count")).containsText("pass " + cut + " of " + all);
            boolean front = page.locator(".count").textContent().matches(".*(A2|C1|B[12]).*");
            assertThat(page.getByText("nothing above").count() > 0)
                    .as("cut " + cut)
                    .isEqualTo(front);
            low += front ? 1 : 0;
            page.locator("footer .done").click();
        }
        // four slots of both sides at once, five of either end of the front, and the strip each of those keeps over its
        // last section
        assertThat(low).isEqualTo(4 + 2 * (5 + 1));
        page.context().close();
    }

    @Test
    void aCornerIsRunWithAReloadAndTheServerGoneInTheMiddle() {
        Page page = at("envelope-drawer", "cut");
        page.locator("a.saw").click();
        setUp(page);
        assertThat(page.locator(".count")).containsText("pass 1 of 26");
        page.locator("footer .done").click();
        assertThat(page.locator(".count")).containsText("pass 2 of 26");
        page.keyboard().press("Space");
        assertThat(page.locator(".count")).containsText("pass 3 of 26");
        page.keyboard().press("ArrowLeft");
        assertThat(page.locator(".count")).containsText("pass 2 of 26");
        page.reload();
        assertThat(page.locator(".count")).containsText("pass 2 of 26");
        page.reload();
        // what lies ahead has come whole: from here on it goes on without the shop
        assertThat(page.locator(".at-the-saw[data-ahead=here]")).hasCount(1);
        bench.stopServer();
        page.locator("footer .done").click();
        assertThat(page.locator(".told")).containsText("Without the shop: cut on. A pass is kept on this device");
        assertThat(page.locator(".count")).containsText("pass 3 of 26");
        bench.startServer();
        assertThat(page.locator(".told")).hasCount(0);
        assertThat(page.locator(".count")).containsText("pass 3 of 26");
        for (int cut = 3; cut <= 26; cut++) {
            page.locator("footer .done").click();
            if (cut < 26) {
                assertThat(page.locator(".count")).containsText("pass " + (cut + 1) + " of 26");
            }
        }
        assertThat(page.locator(".finished")).containsText("All 26 passes are made");
        // what comes next stands there, and the glue-up is one tap away
        assertThat(page.locator(".after")).containsText("Dry-fit all four corners");
        page.getByText("To the glue-up").click();
        assertThat(page.locator(".say")).containsText("All of it together, dry");
        page.context().close();
    }

    @Test
    void aSecondDeviceIsToldWhenItComesSecond() {
        Page first = at("envelope-drawer", "cut");
        first.locator("a.saw").click();
        setUp(first);
        Page second = bench.window(1024, 768);
        second.navigate(first.url());
        assertThat(second.locator(".count")).containsText("pass 1 of 26");
        // both mark the same cut; the second does not yet know
        second.route("**/api/runs/*", route -> {});
        first.locator("footer .done").click();
        assertThat(first.locator(".count")).containsText("pass 2 of 26");
        second.unroute("**/api/runs/*");
        second.locator("footer .done").click();
        assertThat(second.locator(".told")).containsText("Another device was first");
        assertThat(second.locator(".count")).containsText("pass 2 of 26");
        first.context().close();
        second.context().close();
    }

    @Test
    void aSpoiltPartIsReplacedAndBroughtUpToWhereTheOthersAre() {
        Page page = at("envelope-drawer", "cut");
        page.locator("a.saw").click();
        setUp(page);
        for (int cut = 1; cut <= 3; cut++) {
            page.locator("footer .done").click();
            assertThat(page.locator(".count")).containsText("pass " + (cut + 1) + " of 26");
        }
        page.locator("footer .wrong").click();
        page.locator(".trouble .big", new Page.LocatorOptions().setHasText("C")).click();
        page.locator(".trouble").getByText("torn out").click();
        assertThat(page.locator(".count")).containsText("pass 4 of 29");
        assertThat(page.locator(".count")).containsText("C′1");
        assertThat(page.locator(".advice")).containsText("Glue the chip back");
        for (int cut = 4; cut <= 6; cut++) {
            page.locator("footer .done").click();
            assertThat(page.locator(".count")).containsText("pass " + (cut + 1) + " of 29");
        }
        assertThat(page.locator(".count")).containsText("A1 + C′1");
        page.context().close();
    }

    @Test
    void papersAndFilesAreTakenAlong() throws IOException {
        Page page = at("germination-box", "cut");
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("On paper"))
                .click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Letter"))
                .click();
        for (String[] file : new String[][] {
            {"cut list, CSV", "cut,parts"},
            {"templates, DXF", "  0"},
            {"stick, SVG", "<svg"}
        }) {
            Download download =
                    page.waitForDownload(() -> page.getByText(file[0], new Page.GetByTextOptions().setExact(true))
                            .click());
            assertThat(new String(Files.readAllBytes(download.path()), java.nio.charset.StandardCharsets.ISO_8859_1))
                    .as(file[0])
                    .startsWith(file[1]);
        }
        for (String paper :
                new String[] {"Everything in one", "Shop sheet", "Run sheet", "Stick", "Corner templates"}) {
            String printed = page.getByText(paper, new Page.GetByTextOptions().setExact(true))
                    .getAttribute("href");
            assertThat(printed).endsWith("paper=letter");
            assertThat(page.request().get(bench.address + printed).text())
                    .as(paper)
                    .startsWith("%PDF");
        }
        page.context().close();
    }

    /** Every page can be looked at as it will be printed. */
    @Test
    void papersAreLookedAtBeforeTheyArePrinted() {
        Page page = at("germination-box", "cut");
        page.getByText("Look at all papers before you print").click();
        Locator pages = page.locator("main img");
        assertThat(pages.first()).hasAttribute("alt", "Shop sheet, page 1 of 2");
        page.getByText("each set-up with its picture").click();
        assertThat(pages).hasCount(4);
        page.waitForFunction("() => [...document.querySelectorAll('main img')].every(i => i.naturalWidth > 800)");
        assertThat(page.getByText("Print run sheet")).hasAttribute("href", Pattern.compile(".*/run-sheet.pdf.*"));
        page.getByText("Back to Germination box").click();
        page.waitForURL("**/cut");
        page.context().close();
    }

    @Test
    void aCutterIsHungOnTheRackAndAStackPutTogether() {
        Page page = bench.window();
        page.navigate(bench.address + "/rack/cutters");
        page.waitForSelector(".cutters li");
        page.locator(".cutters button", new Page.LocatorOptions().setHasText("Stacked cutter"))
                .click();
        Workbench.type(page, "Slot", "9.6");
        assertThat(page.locator(".stack")).containsText("outer blades 6.35");
        page.getByText("Hang a cutter on the rack").click();
        Workbench.type(page, "Kerf, measured in a cut", "2.78");
        assertThat(page.locator(".cutters .here"))
                .containsText(Pattern.compile("2\\.78.*kerf read on", Pattern.DOTALL));
        page.getByText("Take it off the rack").click();
        assertThat(page.locator(".gone")).containsText("New cutter is off the rack");
        page.context().close();
    }

    /** An answer that was asked for before a pass was marked, and comes after it, does not take the pass back. */
    @Test
    void anAnswerThatComesLateTakesNoPassBack() {
        Page page = at("envelope-drawer", "cut");
        page.navigate(page.url().replace("/cut", "/saw"));
        setUp(page);
        Locator count = page.locator("header .count");
        java.util.List<Runnable> held = new java.util.ArrayList<>();
        java.util.concurrent.atomic.AtomicBoolean holds = new java.util.concurrent.atomic.AtomicBoolean(true);
        page.route(Pattern.compile("/api/runs/[^/]+$"), route -> {
            if (!holds.get()) {
                route.resume();
                return;
            }
            // what stands there now, told later
            var early = route.fetch();
            held.add(() -> route.fulfill(new com.microsoft.playwright.Route.FulfillOptions().setResponse(early)));
        });
        page.waitForCondition(() -> !held.isEmpty());
        holds.set(false);
        page.keyboard().press(" ");
        assertThat(count).containsText("pass 2 of");
        page.waitForResponse(Pattern.compile("/api/runs/[^/]+$"), held.get(0)::run);
        page.keyboard().press(" ");
        assertThat(count).containsText("pass 3 of");
        assertThat(page.locator("p.told")).hasCount(0);
        page.context().close();
    }
}
