package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Boards on the rack, and boxes cut out of them. */
class RackTest {
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

    private static Page at(String path, String ready) {
        Page page = bench.window();
        page.navigate(bench.address + path);
        page.waitForSelector(ready);
        return page;
    }

    private static void bring(Page page, String name, String text) {
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload(name, "text/csv", text.getBytes(StandardCharsets.UTF_8)));
    }

    /** A batch of its own, so that the tests do not take each other's boards. */
    private static Page batch(String boxes, String board) {
        Page page = bench.window();
        String id = bench.copyOf(page, "packet-drawers");
        page.navigate(bench.address + "/boxes/" + id + "/blank");
        page.waitForSelector(".boards");
        page.locator(".pick .p-multiselect").click();
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(board).setExact(true))
                .click();
        page.keyboard().press("Escape");
        Workbench.type(page, "Spare sides", "0");
        Workbench.type(page, "Spare ends", "0");
        Workbench.type(page, "Boxes like this", boxes);
        assertThat(page.locator(".board-drawing")).hasCount(1);
        return page;
    }

    /** A box of its own like this one, so that no test finds what another left. */
    private static Locator sum(Page page, String words) {
        return page.locator(".sum button", new Page.LocatorOptions().setHasText(words));
    }

    @Test
    void aFileIsTakenWholeOrNotAtAll() {
        Page page = at("/rack/blanks", ".boards svg");
        int before = page.locator(".boards li").count();
        String good = "name,length,width,thickness,wood\nAsh stick,600,80,13,ash-white\n";
        bring(page, "boards.csv", good + "Ash lump,6oo,80,13,ash-white\n");
        assertThat(page.locator(".refused")).containsText("line 3");
        assertThat(page.locator(".refused")).containsText("6oo");
        assertThat(page.locator(".boards li")).hasCount(before);
        bring(page, "boards.csv", good + "Ash lump,600,80,13,ash-white\n");
        assertThat(page.locator(".boards li")).hasCount(before + 2);
        assertThat(page.locator(".refused")).hasCount(0);
        page.context().close();
    }

    @Test
    void aBoardIsPutOnMeasuredMarkedAndTakenOff() {
        Page page = at("/rack/blanks", ".boards svg");
        page.getByText("Put a board on the rack").click();
        assertThat(page.getByLabel("Name of the board")).hasValue("New board");
        Workbench.type(page, "Length", "3' 1 1/2\"");
        assertThat(page.locator(".picked .name")).containsText("952.5 ×");
        page.getByText("Mark a defect").click();
        assertThat(page.locator(".picked .flaw")).hasCount(1);
        // one end pushes the other along: the knot keeps its size
        Workbench.type(page, "From", "200");
        assertThat(page.getByLabel("To", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("220");
        page.getByText("one more like this").click();
        assertThat(page.locator(".picked .flaw")).hasCount(2);
        page.getByLabel("Remove the knot").nth(1).click();
        assertThat(page.locator(".picked .flaw")).hasCount(1);
        Workbench.type(page, "To", "990");
        assertThat(page.locator(".defect .error")).containsText("beyond the board's end");
        page.getByText("Press the meter to it").click();
        assertThat(page.locator(".how")).containsText("by a meter");
        page.getByText("Take it off the rack").click();
        assertThat(page.locator(".gone")).containsText("New board is off the rack");
        page.getByText("Put it back").click();
        assertThat(page.locator(".picked .name")).containsText("New board");
        page.getByText("Take it off the rack").click();
        assertThat(page.locator(".gone")).isVisible();
        page.context().close();
    }

    @Test
    void aDefectDraggedChangesThePlan() {
        Page page = batch("1", "Cherry 2");
        // knots from 930 to 961 and from 1490 to 1530: a run of 860.8 lies before the first
        assertThat(sum(page, "boxes")).containsText("1");
        assertThat(sum(page, "corners matched")).containsText("3");
        Locator knot = page.locator(".flaw").first();
        BoundingBox was = knot.boundingBox();
        Locator board = page.locator(".board-drawing");
        double scale = board.boundingBox().width / 2210;
        page.mouse().move(was.x + was.width / 2, was.y + was.height / 2);
        page.mouse().down();
        page.mouse().move(was.x + was.width / 2 - 300 * scale, was.y + was.height / 2);
        page.mouse().up();
        // now from about 630: the run must move between the knots, which leave 1490 − 661
        assertThat(sum(page, "corners matched")).containsText("2");
        assertThat(page.locator(".flaw").first()).hasAttribute("aria-label", Pattern.compile("knot at 6[23]\\d mm.*"));
        page.locator(".flaw").first().focus();
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("Shift+ArrowRight");
        }
        assertThat(page.locator(".flaw").first()).hasAttribute("aria-label", Pattern.compile("knot at 6[56]\\d mm.*"));
        page.context().close();
    }

    @Test
    void whatCannotBeMadeOffersTheLeastChangeAndTakesIt() {
        Page page = batch("2", "Cherry 4");
        Locator stop = page.locator("[data-code=BATCH_INCOMPLETE]");
        assertThat(stop).containsText("Only 1 of 2 boxes can be made");
        assertThat(stop).containsText("One more board of at least 861.0");
        stop.getByText("Make one box").click();
        assertThat(stop).hasCount(0);
        assertThat(page.locator(".sum")).containsText("proven: no plan does better");
        sum(page, "longest offcut").click();
        assertThat(page.locator(".working")).containsText("The clear length, less each part");
        page.locator(".working").getByText("close").click();
        page.keyboard().press("Control+z");
        assertThat(stop).hasCount(1);
        page.context().close();
    }

    @Test
    void boardsThatAreWantingAreCountedAndPutOnTheRackToBeBought() {
        Page page = batch("20", "Cherry 4");
        assertThat(page.locator(".sum .short")).hasText("of 20");
        assertThat(page.locator(".sum")).containsText("proven: these boards give no more");
        Locator stop = page.locator("[data-code=BATCH_INCOMPLETE]");
        // a board of 1010 holds one box; nineteen more like it
        assertThat(stop).containsText("19 more boards of 1010.0 ×");
        page.getByText("Put the 19 missing boards on the rack, to be bought").click();
        assertThat(stop).hasCount(0);
        assertThat(page.locator(".list")).containsText("To be bought, 19 of 19");
        assertThat(page.locator(".sum .short")).hasCount(0);
        page.context().close();
    }

    @Test
    void whatWasCutLeavesOffcutsAndCanBeTakenBack() {
        Page page = batch("1", "Cherry 7, wavy");
        assertThat(sum(page, "boards cut")).containsText("1");
        // the board of two boxes is one board too: what is cut is the plan that is seen
        assertThat(page.locator(".board-drawing .area.part")).hasCount(4);
        page.getByLabel("Cherry 7, wavy is cut").click();
        assertThat(page.locator(".done")).containsText("This batch was cut on");
        // what was cut by stays in sight, over a reload too
        page.reload();
        assertThat(page.locator(".board-drawing .area.part")).hasCount(4);
        Page rack = at("/rack/blanks", ".boards svg");
        assertThat(rack.getByText("Offcut 1 of Cherry 7, wavy").first()).isVisible();
        assertThat(rack.locator(".name strong", new Page.LocatorOptions().setHasText(Pattern.compile("^Cherry 7"))))
                .hasCount(0);
        page.getByLabel("Cherry 7, wavy is cut").click();
        assertThat(page.locator(".done")).hasCount(0);
        assertThat(sum(page, "boards cut")).containsText("1");
        rack.reload();
        rack.waitForSelector(".boards svg");
        assertThat(rack.getByText("Offcut 1 of")).hasCount(0);
        page.context().close();
        rack.context().close();
    }

    @Test
    void aLogBecomesAClimateThatABoxCanLiveIn() {
        Page page = at("/rack/climates", ".plot svg");
        page.getByText("Take the shop logger’s year").click();
        assertThat(page.locator(".log")).containsText("% of a year");
        assertThat(page.locator(".log")).containsText("gap");
        page.getByLabel("Name").fill("Our shop");
        page.getByText("Put it on the rack").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Our shop")))
                .isVisible();
        page.navigate(bench.address + "/boxes/germination-box/bottom");
        page.waitForSelector(".slate .number");
        Workbench.choose(page, "It will live in", "Our shop");
        assertThat(page.locator(".year")).containsText("Moisture as logged: Our shop");
        page.context().close();
    }

    @Test
    void aHouseRuleIsFeltInABoxAndCanBePutBack() {
        Page page = at("/rack/house-rules", ".rule");
        Workbench.type(page, "Squaring loss at each end of a board", "20");
        assertThat(page.getByText("back to 10 mm")).isVisible();
        Page box = at("/boxes/envelope-drawer/blank", ".slate .number");
        assertThat(box.locator(".slate [data-number='blank.needed'] .value")).containsText("880.8");
        page.getByText("back to 10 mm").click();
        assertThat(page.getByText("back to 10 mm")).hasCount(0);
        box.reload();
        box.waitForSelector(".slate .number");
        assertThat(box.locator(".slate [data-number='blank.needed'] .value")).containsText("860.8");
        page.context().close();
        box.context().close();
    }

    @Test
    void cornersStandSideBySideAndEndsMayBeOfAnotherWood() {
        Page page = bench.window();
        page.navigate(bench.address + "/boxes/" + bench.copyOf(page, "envelope-drawer") + "/size");
        page.waitForSelector(".slate .number");
        page.getByText("other corners, compared").click();
        assertThat(page.locator(".ways svg")).hasCount(5);
        page.locator(".ways [data-number='corners.rabbeted-butt-end']").click();
        assertThat(page.locator(".working .result")).containsText("157.0");
        page.locator(".working").getByText("close").click();
        page.getByText("the box", new Page.GetByTextOptions().setExact(true)).click();
        Workbench.choose(page, "The ends", "of another wood or cut");
        Workbench.choose(page, "Wood of the ends", "Orchard pear (yours)");
        assertThat(page.locator(".slate [data-number='mates.apart'] .value")).isVisible();
        assertThat(page.locator("[data-code=MATES_MOVE_APART]")).containsText("apart along the height");
        page.locator("[data-code=MATES_MOVE_APART] .fix").click();
        // what a fix would do is shown while the pointer is on it: only what stays when it is gone was done
        page.mouse().move(5, 5);
        assertThat(page.locator("[data-code=MATES_MOVE_APART]")).hasCount(0);
        assertThat(page.locator(".slate [data-number='mates.apart']")).hasCount(0);
        assertThat(page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("The ends").setExact(true)))
                .containsText("of the same wood");
        page.context().close();
    }
}
