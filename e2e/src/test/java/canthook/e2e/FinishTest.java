package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** From the finish that is chosen to the box that stands in the Book; and a batch at the saw, one box first. */
class FinishTest {
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

    private static String at(Page page, String box, String station) {
        String id = bench.copyOf(page, box);
        page.navigate(bench.address + "/boxes/" + id + "/" + station);
        return id;
    }

    private static Locator row(Page page, String says) {
        return page.locator(".steps li", new Page.LocatorOptions().setHasText(says));
    }

    /** A block is taken hold of and put later: it begins later, what follows too, and undo puts it back. */
    @Test
    void aBlockIsDraggedAndWhatFollowsMovesAlong() {
        Page page = bench.window();
        at(page, "envelope-drawer", "finish");
        assertThat(page.locator(".station h2")).containsText("Ready");
        Workbench.choose(page, "Finish", "drying oil");
        Locator when = row(page, "Coat 1").locator(".when");
        Locator next = row(page, "coat 2").locator(".when");
        assertThat(next).isVisible();
        String before = when.textContent();
        String after = next.textContent();
        BoundingBox coat = page.locator(".lane-hands").nth(4).boundingBox();
        BoundingBox lane = page.locator(".lane-open").last().boundingBox();
        page.mouse().move(coat.x + coat.width / 2, coat.y + coat.height / 2);
        page.mouse().down();
        page.mouse().move(lane.x + lane.width - 30, coat.y + coat.height / 2);
        assertThat(page.locator(".ghost")).isVisible();
        page.mouse().up();
        assertThat(when).not().hasText(before);
        assertThat(next).not().hasText(after);
        assertThat(page.locator(".lane-moved")).hasCount(1);
        page.getByText("Undo", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(when).hasText(before);
        assertThat(page.locator(".lane-moved")).hasCount(0);
        page.context().close();
    }

    /** A day that cannot be is said, and what is offered instead can be; hours of the shop are changed where they are asked for. */
    @Test
    void aDayThatCannotBeIsSaid() {
        Page page = bench.window();
        at(page, "envelope-drawer", "finish");
        Workbench.choose(page, "Finish", "wiping oil-varnish");
        Locator day = page.getByLabel("Ready on");
        day.click();
        page.locator(".p-datepicker-today > span").first().click();
        Locator doubt = page.locator(".doubt");
        assertThat(doubt).containsText("cannot be ready today");
        doubt.locator("button").click();
        assertThat(doubt).hasCount(0);
        page.locator(".line button", new Page.LocatorOptions().setHasText("change"))
                .click();
        page.getByLabel("Saturday closed").click();
        assertThat(page.locator(".line strong").first()).containsText("Mon–Fri 9–17");
        page.getByLabel("Saturday open").click();
        assertThat(page.locator(".line strong").first()).containsText("Mon–Sat 9–17");
        page.context().close();
    }

    /** Step after step is ticked, here and among today's; then it is finished, with a word and a picture, and stands in the Book. */
    @Test
    void fromTheLastPassToTheBook() {
        Page page = bench.window();
        String id = at(page, "envelope-drawer", "finish");
        Workbench.choose(page, "Finish", "wax");
        page.locator("#step-cut").check();
        assertThat(page.locator(".the-answer .next")).hasText("Glue");
        page.locator("#step-trim").check();
        assertThat(page.locator(".the-answer .next")).containsText("Sand");
        assertThat(row(page, "Glue")).hasClass(Pattern.compile("done"));
        page.reload();
        assertThat(row(page, "Trim")).hasClass(Pattern.compile("done"));
        page.navigate(bench.address + "/boxes");
        assertThat(page.locator("a[href='/boxes/" + id + "/finish'] .next")).containsText("Sand 120");
        assertThat(page.locator(".today")).isVisible();
        page.navigate(bench.address + "/boxes/" + id + "/finish");
        page.getByText("The box is finished…").click();
        page.getByLabel("Hours it took").fill("5,5");
        page.getByLabel("What was learned").fill("A thinner first coat.");
        page.getByText("Into the Book").click();
        assertThat(page.locator(".finished")).containsText("Finished on");
        page.locator(".finished a").click();
        assertThat(page.locator(".entry").first()).containsText("Finished in 5.5 hours. A thinner first coat.");
        page.navigate(bench.address + "/boxes");
        assertThat(page.locator(".shelf li").first()).isVisible();
        assertThat(page.locator("a[href^='/boxes/" + id + "/']")).hasCount(0);
        page.context().close();
    }

    /** One box of the nine is cut alone; once it went together the others are cut in stacks. */
    @Test
    void oneBoxOfTheBatchIsCutFirst() {
        Page page = bench.window();
        String id = at(page, "packet-drawers", "cut");
        assertThat(page.locator(".slate [data-number='cut.batch-passes'] .value"))
                .isVisible();
        page.navigate(bench.address + "/boxes/" + id + "/saw");
        assertThat(page.locator(".gate")).containsText("One box first");
        SawTest.setUp(page);
        assertThat(page.locator("header .lot")).containsText("box 1 of 9, the first");
        Locator count = page.locator("header .count");
        for (int pass = 1; pass <= 26; pass++) {
            assertThat(count).containsText("pass " + pass + " of 26");
            page.keyboard().press(" ");
        }
        assertThat(page.locator(".finished h2")).hasText("The first box is cut.");
        page.getByText("It went together: cut the other 8").click();
        assertThat(page.locator(".gate")).containsText("The first box went together dry");
        SawTest.setUp(page);
        assertThat(page.locator("header .lot"))
                .containsText("boxes 2 to 9 of 9, in stacks. Spares left: 1 side, 1 end");
        assertThat(count).containsText("A2 C2 A3");
        page.getByText("Something is wrong").click();
        page.locator("dialog, [role=dialog]")
                .getByText("C2", new Locator.GetByTextOptions().setExact(true))
                .click();
        page.context().close();
    }
}
