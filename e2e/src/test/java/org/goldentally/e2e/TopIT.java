package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** At the wall: a block is built, a top made of it, one turned, all dressed; mistakes are found; all is undone. */
@ExtendWith(Browser.class)
class TopIT {

    private final Page page;

    TopIT(Page page) {
        this.page = page;
    }

    @Test
    void aBlockIsBuiltSetTurnedDressedAndAllIsUndone() {
        open("Geese at dusk");
        button("New block").click();
        page.getByLabel("Name of the block").fill("Lighthouse");
        page.getByLabel("Columns", exactly()).fill("1 2 1");
        page.keyboard().press("Enter");
        page.getByLabel("Rows", exactly()).fill("2 1 1");
        page.keyboard().press("Enter");
        page.locator("[data-unit=HALF_SQUARE]").click();
        cell(1, 2).click();
        cell(3, 2).click();
        assertThat(status()).containsText("column 3, row 2: half-square triangle");
        page.keyboard().press("r");
        assertThat(status()).containsText("turned 90°");
        page.keyboard().press("m");
        assertThat(status()).containsText("mirrored, turned 270°");
        page.locator("[data-unit=HALF_SQUARE]").click();
        // A goose in a cell that is not twice as wide as high is refused there, and fits once it takes its own.
        page.locator("[data-unit=FLYING_GOOSE]").click();
        cell(1, 1).click();
        assertThat(page.getByRole(AriaRole.ALERT).first())
                .containsText("the flying goose does not fit its place: it wants a cell twice as wide as high");
        cell(2, 3).click();
        page.locator("[data-unit=FLYING_GOOSE]").click();
        page.getByLabel("rose: take in hand").click();
        page.locator("[data-patch='5']").click();
        kept();

        button("Keep among my own blocks").click();
        button("Back to the top").click();
        assertThat(page.getByText("Lighthouse is kept among your own blocks.")).isVisible();
        page.getByLabel("rose: take in hand").click();
        page.locator("[data-part='0']").click();
        page.getByLabel("Put Lighthouse at the chosen place").click();
        assertThat(page.getByRole(AriaRole.HEADING, named("Lighthouse"))).isVisible();
        page.getByRole(AriaRole.APPLICATION).focus();
        page.keyboard().press("r");
        page.keyboard().press("r");
        assertThat(wallStatus()).hasText("row 1, block 1: Lighthouse, turned 180°");
        kept();
        assertThat(Browser.seriousFindings(page)).isEmpty();

        // It is among the own blocks of every quilt, and of this one all can be taken back, after a reload too.
        page.reload();
        undoAll();
        assertThat(undo()).isDisabled();
        assertThat(page.locator("[data-block]")).hasCount(2);
        assertThat(page.locator("[data-part='0']")).isVisible();
        button("From a shelf").click();
        assertThat(page.getByLabel("Lighthouse: take into the quilt")).isVisible();
        page.getByLabel("Find").fill("bear");
        assertThat(page.getByLabel(Pattern.compile(": take into the quilt$"))).hasCount(2);
        page.getByLabel("Bear's Paw: take into the quilt").click();
        assertThat(page.locator("[data-block=\"Bear's Paw\"]")).isVisible();
        undo().click();
        assertThat(page.locator("[data-block]")).hasCount(2);
    }

    @Test
    void theMirroredStarIsFoundAmongThirty() {
        open("Lantern Street");
        tab("Judging").click();
        assertThat(page.locator("[data-odd]")).hasCount(1);
        page.locator("[data-odd]").click();
        assertThat(page.getByText("row 4, block 2, mirrored")).isVisible();
        page.getByRole(AriaRole.APPLICATION).focus();
        page.keyboard().press("m");
        assertThat(page.getByText("No block stands out.")).isVisible();
        undo().click();
        assertThat(page.locator("[data-odd]")).hasCount(1);
    }

    @Test
    void aBorderThatDoesNotComeOutEvenIsNamedAndASpacerMendsIt() {
        open("Geese at dusk");
        assertThat(page.locator("[data-mistakes]")).hasCount(0);
        page.evaluate("async () => { const path = '/api/quilts/' + location.pathname.split('/')[2];"
                + " const { version, name, design } = await (await fetch(path)).json();"
                + " design.borders[0] = { ...design.borders[0], kind: 'PLAIN', width: '1' };"
                + " await fetch(path, { method: 'PUT', headers: { 'Content-Type': 'application/json' },"
                + " body: JSON.stringify({ version, name, design, sameStep: false }) }) }");
        page.reload();
        assertThat(page.locator("[data-mistakes]")).containsText("is shorter than its units: steps of 4 in finished");
        tab("Borders").click();
        page.locator("[data-border='2']").getByText("a spacer:").click();
        assertThat(page.locator("[data-mistakes]")).hasCount(0);
        assertThat(page.getByLabel("Border 2", exactly()))
                .containsText("As wide as the pieced border outside it needs");
        undo().click();
        assertThat(page.locator("[data-mistakes]")).isVisible();
        undo().click();
        assertThat(page.locator("[data-mistakes]")).hasCount(0);
    }

    @Test
    void aBlockOnItsSideIsNamedWhereItIsAndFitsOnceItIsTurned() {
        open("Windowsill runner");
        page.locator("[data-part='10']").click();
        page.getByRole(AriaRole.APPLICATION).focus();
        page.keyboard().press("r");
        page.locator("[data-part='0']").click();
        page.locator("[data-mistakes]").getByRole(AriaRole.BUTTON).click();
        assertThat(page.getByRole(AriaRole.HEADING, named("Lantern"))).containsText("row 2, block 5");
        page.getByRole(AriaRole.APPLICATION).focus();
        page.keyboard().press("r");
        assertThat(page.locator("[data-mistakes]")).hasCount(0);
        undo().click();
        assertThat(page.locator("[data-mistakes]")).isVisible();
        undo().click();
        assertThat(page.locator("[data-mistakes]")).hasCount(0);
    }

    @Test
    void aChosenBlockLightsItsRowsAndARowItsBlocks() {
        open("Lantern Street");
        tab("Counts").click();
        page.locator("[data-part='0']").click();
        Locator here = page.locator("[role=tabpanel] button[data-here]");
        assertThat(here).hasCount(3);
        assertThat(here.filter(new Locator.FilterOptions().setHasText("oat, marigold")))
                .containsText("3 × 3 in finished, 3 1/2 × 3 1/2 unfinished");
        here.filter(new Locator.FilterOptions().setHasText("oat, marigold")).click();
        assertThat(page.locator("[data-wrong]")).hasCount(0);
        int lit =
                (int) page.evaluate("document.querySelectorAll('[role=application] svg > g > rect[data-lit]').length");
        assertThat(lit).isEqualTo(4);
        assertThat(page.locator("[data-total=units]")).hasText("194");
        assertThat(page.locator("[data-total='triangles in the units']")).hasText("536");
    }

    @Test
    void clothsAreExchangedHereAndEverywhere() {
        open("Windowsill runner");
        page.locator("[data-part='0']").click();
        page.getByLabel("denim", exactly()).first().click();
        page.getByLabel("Instead of denim").selectOption("c");
        tab("Counts").click();
        assertThat(geese("mustard, linen")).containsText("2");
        assertThat(geese("denim, linen")).containsText("22");
        page.getByLabel("linen", exactly()).first().click();
        page.getByLabel("Where to exchange it").selectOption("everywhere");
        page.getByLabel("Instead of linen").selectOption("b");
        assertThat(geese("denim, linen")).hasCount(0);
        undo().click();
        assertThat(geese("denim, linen")).containsText("22");
    }

    @Test
    void clothsAreDroppedAndBlocksCopiedMirroredAndSwappedByRows() {
        open("Windowsill runner");
        page.getByLabel("mustard: take in hand").dragTo(page.locator("[data-part='0']"));
        assertThat(page.getByRole(AriaRole.HEADING, named("Lantern"))).containsText("row 1, block 1");
        kept();
        Locator wall = page.getByRole(AriaRole.APPLICATION);
        wall.focus();
        page.keyboard().press("m");
        page.keyboard().press("c");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("v");
        assertThat(wallStatus()).hasText("row 1, block 2: Lantern, mirrored");
        page.getByText("Swap it, or work on its whole row").click();
        button("Swap row ↓").click();
        assertThat(wallStatus()).hasText("row 1, block 2: Lantern, turned 180°");
        page.getByLabel("Build Lantern").click();
        page.getByLabel("linen: take in hand").dragTo(page.locator("[data-patch='0']"));
        assertThat(status()).containsText("column 1, row 1");
        page.locator("[data-patch='0']").click();
        assertThat(status()).containsText("flying goose; patch 1 of 3: linen");
        kept();
        button("Back to the top").click();
        undoAll();
    }

    /** As long as there is anything to undo; the button may be switched off between a look at it and a click. */
    private void undoAll() {
        try {
            for (int i = 0; i < 40; i++) {
                undo().click(new Locator.ClickOptions().setTimeout(2_000));
            }
        } catch (TimeoutError nothingLeft) {
            assertThat(undo()).isDisabled();
        }
    }

    @Test
    void stepsOfTheCuttingSheetAreTickedAndKept() {
        open("Lantern Street");
        page.getByLabel("Stations")
                .getByText("Cut", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.getByText("Blade care.")).isVisible();
        Locator step = page.getByLabel("Fold selvage to selvage and square up the end.")
                .first();
        step.check();
        assertThat(oatTicked(1)).isVisible();
        // What comes next is lit on the drawing.
        assertThat(page.locator("[data-lit]").first()).isVisible();
        assertThat(page.locator("[data-hand]")).not().containsText("Fold selvage");
        page.reload();
        assertThat(step).isChecked();
        assertThat(page.getByText("squares cut 3 1/2 in").first()).isVisible();
        step.uncheck();
        assertThat(oatTicked(0)).isVisible();
        assertThat(Browser.seriousFindings(page)).isEmpty();
        page.getByLabel("Stations")
                .getByText("Tally", new Locator.GetByTextOptions().setExact(true))
                .click();
        page.locator("article[data-cloth=ink] h3 button").click();
        page.getByLabel("other ways of cutting ink").click();
        assertThat(page.locator("[data-style=THRIFTY]")).containsText("yd");
        assertThat(Browser.seriousFindings(page)).isEmpty();
    }

    private Locator geese(String cloths) {
        return page.locator("[role=tabpanel] li")
                .filter(new Locator.FilterOptions().setHasText("Flying goose"))
                .or(page.locator("[role=tabpanel] li").filter(new Locator.FilterOptions().setHasText("flying goose")))
                .filter(new Locator.FilterOptions().setHasText(cloths));
    }

    private void open(String quilt) {
        Browser.open(page, quilt);
    }

    /** So many of however many steps. */
    private Locator oatTicked(int done) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("oat " + done + " . \\d+")));
    }

    private Locator undo() {
        return page.getByLabel("Steps of the design").getByRole(AriaRole.BUTTON).first();
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, named(name).setExact(true));
    }

    private Locator tab(String name) {
        return page.getByRole(AriaRole.TAB, named(name));
    }

    private Locator cell(int column, int row) {
        return page.locator("[data-cell='" + column + " " + row + "']");
    }

    /** What the bench says of the chosen cell. */
    private Locator status() {
        return page.locator("[data-bench]").getByRole(AriaRole.STATUS);
    }

    private Locator wallStatus() {
        return page.getByRole(AriaRole.APPLICATION).getByRole(AriaRole.STATUS);
    }

    private void kept() {
        assertThat(page.locator("[data-save=kept]")).isVisible();
    }

    private static Page.GetByLabelOptions exactly() {
        return new Page.GetByLabelOptions().setExact(true);
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }
}
