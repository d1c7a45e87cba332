package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A box is tried otherwise and taken; undo reaches over a reload and to another device. */
class WhatIfTest {
    private static Workbench bench;

    @BeforeAll
    static void open() throws IOException {
        bench = new Workbench();
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    private static void on(Page page, String box, String station) {
        page.navigate(bench.address + "/boxes/" + box + "/" + station);
        assertThat(page.locator("nav.rail .station").first()).isVisible();
    }

    @Test
    void aBoxIsTriedOtherwiseLaidOverTheOldOneAndTaken() {
        Page page = bench.window();
        String box = bench.copyOf(page, "envelope-drawer");
        on(page, box, "fingers");
        page.getByText("What if", new Page.GetByTextOptions().setExact(true)).click();
        page.getByText("Try it otherwise").click();
        assertThat(page.locator(".tried")).containsText("What if, tried on Envelope drawer, copy");
        page.locator("nav.rail .station", new Page.LocatorOptions().setHasText("Fingers"))
                .click();
        page.keyboard().press("[");
        assertThat(page.locator("nav.rail .station.here")).containsText("11 sections");
        assertThat(page.locator(".kept")).hasText("kept");
        page.locator(".tried a").click();
        Locator differs = page.locator("[data-number='fingers.sections']");
        assertThat(differs.locator(".was")).hasText("13");
        assertThat(differs.locator(".is")).hasText("11");
        assertThat(page.locator(".says")).hasText("13 → 11 sections");
        assertThat(page.locator("[data-number='size.outside-length']")).hasCount(0);
        page.getByText("Take it", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page).hasURL(Pattern.compile(".*/boxes/" + box + "/size"));
        assertThat(page.locator("nav.rail")).containsText("11 sections");
        assertThat(page.locator(".tried")).hasCount(0);
        page.getByText("Undo").click();
        assertThat(page.locator("nav.rail")).containsText("13 sections");
        page.context().close();
    }

    @Test
    void undoAndRedoReachOverReloadAndDevices() {
        Page desk = bench.window();
        String box = bench.copyOf(desk, "envelope-drawer");
        on(desk, box, "fingers");
        for (String sections : new String[] {"11", "9"}) {
            desk.keyboard().press("[");
            assertThat(desk.locator("nav.rail .station.here")).containsText(sections + " sections");
            assertThat(desk.locator(".kept")).hasText("kept");
            desk.waitForTimeout(500);
        }
        desk.reload();
        assertThat(desk.locator("nav.rail .station.here")).containsText("9 sections");
        desk.getByText("Undo").click();
        assertThat(desk.locator("nav.rail .station.here")).containsText("11 sections");
        assertThat(desk.locator(".kept")).hasText("kept");
        Page tablet = bench.window();
        on(tablet, box, "fingers");
        tablet.getByText("Undo").click();
        assertThat(tablet.locator("nav.rail .station.here")).containsText("13 sections");
        assertThat(tablet.getByText("Undo")).isDisabled();
        tablet.getByText("Redo").click();
        tablet.getByText("Redo").click();
        assertThat(tablet.locator("nav.rail .station.here")).containsText("9 sections");
        assertThat(tablet.getByText("Redo")).isDisabled();
        assertThat(tablet.locator(".kept")).hasText("kept");
        tablet.reload();
        tablet.getByText("Undo").click();
        assertThat(tablet.locator("nav.rail .station.here")).containsText("11 sections");
        tablet.context().close();
        desk.context().close();
    }
}
