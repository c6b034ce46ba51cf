package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.goldentally.app.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;

/** Takes the pictures of docs/screenshots from the demo data; run by {@code ./golden-tally pictures} only. */
@ExtendWith(Browser.class)
@EnabledIfSystemProperty(named = "goldentally.pictures", matches = "true")
class PicturesIT {

    private final Page page;

    PicturesIT(Page page) {
        this.page = page;
    }

    @Test
    void stations() {
        page.navigate("/quilts");
        page.locator("[data-state]").nth(4).waitFor();
        take("quilts");
        Browser.open(page, "Lantern Street");
        for (String station : new String[] {"Cloth", "Top", "Tally", "Cut"}) {
            page.getByLabel("Stations")
                    .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(station))
                    .click();
            if (station.equals("Tally")) {
                page.locator("[data-answer]").waitFor();
            }
            take(station.toLowerCase(java.util.Locale.ROOT));
        }
    }

    /** Tops from the demo shelf, and a version beside what it came from. */
    @Test
    void beginningAndComparing() {
        page.navigate("/start");
        page.getByLabel("Which kind?").fill("star");
        // Working all of them out takes longer than the picture is worth; the first screen is full after ten.
        page.locator("[data-ideas] svg").nth(9).waitFor();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Stop"))
                .click();
        page.locator("[data-progress]:not([data-busy])").waitFor();
        take("start");
        page.navigate("/quilts");
        Browser.choose(page, "Market day", "Try a variation");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Borders"))
                .click();
        page.getByLabel(java.util.regex.Pattern.compile("width", java.util.regex.Pattern.CASE_INSENSITIVE))
                .first()
                .fill("3");
        page.locator("[data-save=kept]").waitFor();
        page.getByText("Compare the two").click();
        page.locator("[data-differ]").waitFor();
        take("compare");
        page.setViewportSize(768, 1024);
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Market day").setExact(true))
                .click();
        page.locator("[data-part]").first().waitFor();
        take("tablet");
        page.setViewportSize(1280, 800);
    }

    @Test
    void buildingAndJudging() {
        open("Lantern Street");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Judging"))
                .click();
        page.locator("[data-odd]").click();
        take("top-judging");
        open("Geese at dusk");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Borders"))
                .click();
        take("top-on-point");
        page.getByLabel("Build Dutchman's Puzzle").click();
        page.locator("[data-patch='4']").click();
        take("block");
        open("Windowsill runner");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Counts"))
                .click();
        take("top-counts");
    }

    private void open(String quilt) {
        Browser.open(page, quilt);
    }

    /** A top made of a pack, with spare blocks. */
    @Test
    void freePlaces() {
        open("Harvest scraps");
        page.getByLabel("Spare blocks to choose from").fill("3");
        page.getByText("Another making").click();
        page.locator("[data-spare]").nth(2).waitFor();
        page.locator("[data-part]").first().click();
        page.getByLabel("The wall. Arrow keys", new Page.GetByLabelOptions().setExact(false))
                .press("l");
        page.locator("[data-locked]").waitFor();
        take("top-pack");
    }

    /** Cards of three methods, of a block and of the rows. */
    @Test
    void atTheMachine() {
        open("Lantern Street");
        sew();
        Locator run = page.locator("[data-run]")
                .filter(new Locator.FilterOptions().setHasText("eight at a time"))
                .first();
        run.locator("summary").first().click();
        run.locator("li button").first().click();
        page.waitForTimeout(600);
        page.locator("[data-tap='1']").click();
        page.locator("[data-tap='2']").click();
        assertThat(page.locator("[data-unconfirmed]")).hasCount(0);
        take("sew");
        open("Geese at dusk");
        sew();
        card("Dutchman");
        page.getByLabel("How it is joined").evaluate("section => section.scrollIntoView({ block: 'start' })");
        take("sew-block");
        card("Rows");
        page.getByLabel("How it is joined").evaluate("section => section.scrollIntoView({ block: 'start' })");
        take("sew-rows");
        page.setViewportSize(768, 1024);
        page.getByText("At the table: one card at a time").click();
        page.locator("[data-table]").waitFor();
        page.keyboard().press("PageUp");
        page.waitForTimeout(600);
        take("table");
    }

    private void sew() {
        page.getByLabel("Stations")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Sew"))
                .click();
        page.locator("[data-good]").waitFor();
    }

    private void card(String words) {
        page.locator("[aria-label=Batches] button")
                .filter(new Locator.FilterOptions().setHasText(words))
                .first()
                .click();
        page.waitForTimeout(600);
    }

    @Test
    void yields() {
        page.navigate("/yields");
        take("yields");
        page.locator("[data-method=eight-at-a-time]")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Steps"))
                .click();
        page.getByLabel("Steps").locator("li").first().scrollIntoViewIfNeeded();
        page.locator("[data-method=eight-at-a-time]").evaluate("row => row.scrollIntoView()");
        take("yields-steps");
    }

    private void take(String name) {
        page.waitForTimeout(500);
        Path folder = RunningApplication.checkout().resolve("docs/screenshots");
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
