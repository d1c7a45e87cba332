package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A drawer is filled with small boxes by dragging its cells together, and made wider afterwards. */
class DrawerTest {
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

    private static Locator cell(Page page, int column, int row) {
        return page.getByLabel("column " + column + ", row " + row + ":");
    }

    private static void drag(Page page, Locator from, Locator to) {
        BoundingBox a = from.boundingBox();
        BoundingBox b = to.boundingBox();
        page.mouse().move(a.x + a.width / 2, a.y + a.height / 2);
        page.mouse().down();
        page.mouse().move(b.x + b.width / 2, b.y + b.height / 2);
        page.mouse().up();
    }

    @Test
    void cellsAreDraggedTogetherAndAllBoxesFollowThePlace() {
        Page page = bench.foldedWindow(1280, 800);
        page.navigate(bench.address + "/new-box");
        page.getByText("to fill a drawer with small ones").click();
        page.getByLabel("Name of the set").fill("Pea drawer");
        assertThat(page.locator(".kinds li")).hasCount(1);
        drag(page, cell(page, 1, 1), cell(page, 2, 1));
        // by key: the box at the fourth column's second row grows by the row above it
        cell(page, 4, 2).focus();
        page.keyboard().press("Shift+ArrowUp");
        assertThat(page.locator(".kinds li")).hasCount(3);
        assertThat(page.locator(".kinds")).containsText("1 of 2 × 1 cells: 204.0 × 94.0 × 67.6 mm");
        assertThat(page.locator(".kinds")).containsText("8 of 1 × 1 cells: 101.5 × 94.0 × 67.6 mm");
        page.getByText("Lay it on the bench").click();
        page.waitForURL("**/size");
        assertThat(page.locator("nav.rail")).containsText("10 boxes from the rack");
        String size = page.locator("[data-number='size.outside-length'] .value").textContent();

        page.getByText("Change the place: all of them follow").click();
        Locator wide = page.getByLabel("Inside, wide", new Page.GetByLabelOptions().setExact(true));
        assertThat(wide).hasValue("412");
        assertThat(page.locator(".kinds li")).hasCount(3);
        wide.fill("452");
        assertThat(page.locator(".told")).containsText("111.5 × 94.0");
        page.getByText("All boxes of the set follow").click();
        page.waitForURL("**/size");
        assertThat(page.locator("[data-number='size.outside-length'] .value"))
                .not()
                .hasText(size);
        assertThat(page.locator("nav.rail")).containsText("10 boxes from the rack");
    }
}
