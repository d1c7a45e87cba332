package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Book and Practice on a desk, on a tablet and on a phone: nothing stands out at the side, and what is done next is in view. */
class PlacesFitTest {
    private static Workbench bench;

    @BeforeAll
    static void open() throws IOException {
        bench = new Workbench();
    }

    @AfterAll
    static void close() {
        assertThat(bench.complaints()).isEmpty();
        bench.close();
    }

    private static void fits(Page page, String what) {
        Object wider = page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
        assertThat((Integer) wider).as(what).isLessThanOrEqualTo(0);
    }

    private static void inView(Page page, Locator locator, int high) {
        assertThat(locator).isVisible();
        BoundingBox box = locator.boundingBox();
        assertThat(box.y + box.height).as(locator.toString()).isLessThanOrEqualTo(high);
    }

    @ParameterizedTest
    @CsvSource({"1280, 800", "1024, 768", "390, 844"})
    void nothingStandsOutAndTheNextActIsInView(int wide, int high) {
        Page page = bench.window();
        page.setViewportSize(wide, high);
        page.navigate(bench.address + "/book");
        assertThat(page.locator(".entry").first()).isVisible();
        fits(page, "the Book");
        inView(page, page.getByLabel("Write a line"), high);
        page.navigate(bench.address + "/practice");
        assertThat(page.locator(".way svg").first()).isVisible();
        fits(page, "Practice");
        inView(page, page.locator(".way").first(), high);
        page.locator(".way").first().click();
        inView(page, page.locator(".hands .cut"), high);
        page.locator(".hands .cut").click();
        assertThat(page.locator(".comb button")).hasCount(6);
        fits(page, "a round");
        for (int i = 0; i < 6; i++) {
            page.locator(".comb button").nth(i).click();
            assertThat(page.locator(".comb button").nth(i)).not().containsText("?");
        }
        page.getByText("Show what is hidden").click();
        assertThat(page.locator(".truths")).isVisible();
        fits(page, "what was hidden");
        page.navigate(bench.address + "/practice/drills");
        for (int i = 0; i < 4; i++) {
            inView(page, page.locator(".choice").first(), high);
            fits(page, "a drill");
            page.locator(".choice").first().click();
            assertThat(page.locator(".told")).isVisible();
            fits(page, "a drill told");
            page.getByText("Next", new Page.GetByTextOptions().setExact(true)).click();
            assertThat(page.locator(".told")).hasCount(0);
        }
        page.navigate(bench.address + "/rack/jigs");
        assertThat(page.locator(".jig svg").first()).isVisible();
        fits(page, "the jigs");
        page.navigate(bench.address + "/boxes/envelope-drawer/first-cut");
        Locator done = page.locator("footer .done");
        for (int i = 0; i < 4; i++) {
            inView(page, done, high);
            fits(page, "the first cut on a jig");
            String before = page.locator(".count").textContent();
            done.click();
            assertThat(page.locator(".count")).not().hasText(before);
        }
        page.context().close();
    }
}
