package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A machine is measured, the sled of a drawer is built to it, five cuts tell whether it is square, and that stands on the jig. */
class JigBuildingTest {
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

    private static Locator part(Page page, String name) {
        return page.locator(".build tr", new Page.LocatorOptions().setHasText(name))
                .first();
    }

    @Test
    void aSledIsBuiltToTheMachineThatWasMeasured() {
        Page page = bench.window();
        page.navigate(bench.address + "/rack/machines");
        assertThat(page.locator(".machine").first()).containsText("7 of 7 measures taken");
        Workbench.type(page, "Mitre slot, wide", "16");
        assertThat(page.locator(".machine").first()).containsText("16");
        Workbench.type(page, "Blade's radius", "900");
        assertThat(page.locator("aside .says.error")).containsText("250");
        String id = bench.copyOf(page, "envelope-drawer");
        page.navigate(bench.address + "/boxes/" + id + "/jig");
        page.getByText("building it").click();
        Locator runner = part(page, "Runner");
        assertThat(runner).containsText(Pattern.compile("15\\.\\d\\d mm"));
        // what is pointed at in the list is lit in the drawing; a size opens to its working
        runner.hover();
        assertThat(runner).hasClass(Pattern.compile("lit"));
        runner.locator(".number").nth(1).click();
        assertThat(page.locator(".working")).containsText("16");
        page.keyboard().press("Escape");
        // another way is another jig
        Workbench.choose(page, "Jig", "spacers against a fence");
        assertThat(part(page, "Spacers")).containsText(Pattern.compile("14\\.\\d\\d mm"));
        page.context().close();
    }

    @Test
    void fiveCutsTellWhichWayAndStandOnTheJig() {
        Page page = bench.window();
        String id = bench.copyOf(page, "envelope-drawer");
        page.navigate(bench.address + "/boxes/" + id + "/jig");
        Workbench.choose(page, "On the jig", "Box sled");
        page.getByText("is it square?").click();
        Workbench.type(page, "End that was at the fence", "25.4");
        Workbench.type(page, "Its far end", "25.2");
        Locator says = page.locator(".square .answer");
        assertThat(says).containsText("Move the right end towards you by 0.08 mm");
        assertThat(page.locator(".square .grade")).containsText("Good enough for this joint");
        assertThat(page.locator(".square .fence svg")).isVisible();
        Workbench.choose(page, "The fence turns at its", "right end");
        assertThat(says).containsText("Move the left end away from you");
        Locator history = page.locator(".history li");
        assertThat(history).hasCount(2);
        page.getByText("Write it on “Box sled”").click();
        assertThat(history).hasCount(3);
        page.reload();
        page.getByText("is it square?").click();
        assertThat(history.first()).containsText("left end away from you");
        // a reading no fence could give is refused where it was typed
        Workbench.type(page, "End that was at the fence", "40");
        Workbench.type(page, "Its far end", "2");
        assertThat(page.locator(".square .says.error")).containsText("misread");
        page.context().close();
    }

    /** A second box finds the jig that was glued for the first: it is cut on it, and closes where that jig closes. */
    @Test
    void aBoxFindsTheJigThatMakesIt() {
        Page page = bench.window();
        String id = bench.copyOf(page, "envelope-drawer");
        page.navigate(bench.address + "/boxes/" + id + "/fingers");
        assertThat(page.locator(".rail .station.here")).containsText("13 sections");
        page.navigate(bench.address + "/boxes/" + id + "/jig");
        Locator shop = page.locator(".shop");
        shop.locator("> summary").click();
        Locator gauge = shop.locator("li", new Locator.LocatorOptions().setHasText("Old gauge"));
        assertThat(gauge).isVisible();
        Locator cut = shop.getByLabel("Cut it on Box sled");
        assertThat(cut).isVisible();
        cut.click();
        assertThat(page.getByRole(
                        com.microsoft.playwright.options.AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("On the jig")))
                .containsText("Box sled");
        page.context().close();
    }

    /** From the sheet of the jig to the first reading, one thing at a time; a reload stays where it was, what is felt stands at Fit. */
    @Test
    void theFirstCutOnANewJigLeadsToTheFirstReading() {
        Page page = bench.window();
        String id = bench.copyOf(page, "germination-box");
        page.navigate(bench.address + "/boxes/" + id + "/jig");
        page.getByText("building it").click();
        page.getByText("It stands: the first cut on it").click();
        Locator say = page.locator(".say");
        assertThat(say).containsText("Unplugged");
        page.keyboard().press("ArrowRight");
        assertThat(say).containsText("Raise the cutter");
        page.locator(".number button").click();
        assertThat(page.locator(".working")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.locator(".working")).hasCount(0);
        page.reload();
        assertThat(say).containsText("Raise the cutter");
        page.keyboard().press("ArrowLeft");
        assertThat(say).containsText("Unplugged");
        Locator done = page.locator("footer .done");
        for (int i = 0; i < 60 && done.count() > 0; i++) {
            String before = page.locator(".count").textContent();
            done.click();
            assertThat(page.locator(".count")).not().hasText(before);
        }
        assertThat(say).hasText("How did the two go together?");
        page.getByText("It slides").click();
        page.waitForURL("**/boxes/" + id + "/fit");
        assertThat(page.locator("body")).containsText("slides");
        page.context().close();
    }

    /** The ladder says which jigs of the shop cut a rung; cut on one, the box is that jig's. */
    @Test
    void theLadderKnowsTheJigsOfTheShop() {
        Page page = bench.window();
        String id = bench.copyOf(page, "envelope-drawer");
        page.navigate(bench.address + "/boxes/" + id + "/fingers");
        assertThat(page.locator(".at-hand")).containsText("nothing to build");
        assertThat(page.locator(".rung.chosen .jigs")).containsText("of your jigs");
        page.locator(".at-hand").getByLabel("Cut it on Old gauge").click();
        // it closes where that jig closes
        assertThat(page.locator(".slate [data-number='fingers.closing-height'] .value"))
                .containsText("95.66");
        assertThat(page.locator(".at-hand").getByLabel("Cut it on Old gauge")).hasCount(0);
        page.context().close();
    }

    /** Without a box: a usual width, another way, its sizes with their workings. */
    @Test
    void aJigForAUsualWidthIsBuiltOnTheRack() {
        Page page = bench.window();
        page.navigate(bench.address + "/rack/jigs");
        assertThat(page.locator(".drawn svg")).isVisible();
        page.getByText("Build one for a usual width").click();
        assertThat(part(page, "Key")).containsText("7.97 mm");
        Workbench.choose(page, "Slots of", "12.7 mm");
        assertThat(part(page, "Key")).containsText("12.67 mm");
        part(page, "Key").locator(".number").nth(1).click();
        assertThat(page.locator(".working")).containsText("12.7");
        page.keyboard().press("Escape");
        Workbench.choose(page, "Jig", "screw advance");
        assertThat(page.locator(".build .title")).containsText("crew");
        page.getByText("Back to the jigs of the shop").click();
        assertThat(page.locator(".jig").first()).isVisible();
        page.context().close();
    }
}
