package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A quilter with a pack of squares and some background cloth plans a top, and finds it again. */
@ExtendWith(Browser.class)
class FirstQuiltIT {

    private final Page page;

    FirstQuiltIT(Page page) {
        this.page = page;
    }

    @Test
    void fromAPackOfSquaresToATallyAndBackAgain() {
        startQuilt("Porch throw");
        putOnShelf("42 squares 10 in saffron prints", "42 squares, 10 in – saffron prints");
        putOnShelf("2 yd flax 42 wide", "1 length, 72 in (2 yd), 42 in wide – flax");
        putOnShelf("scrap 9 x 13 soot", "1 scrap, 9 × 13 in – soot");

        // A slip is corrected in place; a line taken away is put back.
        page.getByLabel("Correct scrap 9 x 13 soot").click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Correct scrap 9 x 13 soot"))
                .fill("scrap 9 x 12 soot");
        page.keyboard().press("Enter");
        assertThat(page.getByText("1 scrap, 9 × 12 in – soot")).isVisible();
        page.getByLabel("Take away scrap 9 x 12 soot").click();
        assertThat(page.getByText("1 scrap, 9 × 12 in – soot")).hasCount(0);
        page.getByRole(AriaRole.BUTTON, named("Undo").setExact(true)).last().click();
        assertThat(page.getByText("1 scrap, 9 × 12 in – soot")).isVisible();
        assertNothingSerious();

        station("Top").click();
        choose("Print", "saffron prints");
        choose("Background", "flax");
        page.getByLabel("Blocks across", exactly()).fill("6");
        page.getByLabel("Blocks down", exactly()).fill("7");
        page.getByLabel("Unit size, unfinished").fill("4 1/2");
        assertThat(page.getByLabel("Block size, finished", exactly())).hasValue("8");
        assertThat(page.getByText("48 × 56", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.getByLabel("Unit upper left, turned 90°: turn it").click();
        assertThat(page.getByLabel("Unit upper left, turned 180°: turn it")).isVisible();
        kept();
        assertNothingSerious();

        page.reload();
        assertThat(page.getByLabel("Unit upper left, turned 180°: turn it")).isVisible();
        assertThat(page.getByLabel("Unit size, unfinished")).hasValue("4 1/2");

        station("Tally").click();
        assertThat(page.getByRole(AriaRole.HEADING, named("168 half-square triangle units, 4 in finished")))
                .isVisible();
        assertThat(row("Pairs of squares")).containsText("844221");
        assertThat(row("Left over of saffron prints")).containsText("21 whole");
        row("Cut size, in").getByRole(AriaRole.BUTTON).last().click();
        assertThat(page.getByText("2 × (4 finished + 1/4 seam × (2 + √2)) = 9.707; with 0.25 room (trim school) 9.957;"
                        + " rounded up to the next 1/8 in: 10 in"))
                .isVisible();
        page.locator("[data-allowance=ROOMY]").click();
        assertThat(page.getByText("Why eight at a time is not possible")).isVisible();
        assertThat(page.getByText("eight at a time needs a square cut 11 in").first())
                .isVisible();
        page.locator("[data-method=two-at-a-time]").click();
        kept();
        assertThat(page.getByText("Cloth: needed, on the shelf, left over – two at a time"))
                .isVisible();
        assertNothingSerious();
    }

    @Test
    void aMistakeIsNamedAtItsFieldAndSurvivesAReload() {
        startQuilt("Wrong words");
        station("Top").click();
        Locator block = page.getByLabel("Block size, finished", exactly());
        block.fill("eight and a bit");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("“eight and a bit” cannot be read as a length");
        page.reload();
        assertThat(block).hasValue("eight and a bit");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("type it like 4 7/8 or 4.875");
        block.fill("8 1/4");
        kept();
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        assertThat(page.getByLabel("Unit size, finished", exactly())).hasValue("4 1/8");
        block.fill("10/3");
        assertThat(page.getByRole(AriaRole.NOTE)).containsText("which is not on a ruler with marks every 1/8 in");
    }

    @Test
    void twoWindowsOnOneQuiltLoseNothing() {
        startQuilt("Two windows");
        station("Top").click();
        Page other = page.context().newPage();
        other.navigate(page.url());
        other.getByLabel("Blocks across", exactly()).fill("9");
        assertThat(other.locator("[data-save=kept]")).isVisible();
        page.getByLabel("Blocks across", exactly()).fill("3");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("changed elsewhere");
        page.getByRole(AriaRole.BUTTON, named("Keep mine")).click();
        kept();
        other.reload();
        assertThat(other.getByLabel("Blocks across", exactly())).hasValue("3");
    }

    @Test
    void theKeyboardAloneIsEnough() {
        page.navigate("/quilts");
        tabTo("Its name");
        page.keyboard().type("By keys");
        page.keyboard().press("Enter");
        tabTo("What have you got? One line, as you would say it");
        page.keyboard().type("10 squares 10 in cobalt");
        page.keyboard().press("Enter");
        assertThat(page.getByText("10 squares, 10 in – cobalt")).isVisible();
        page.locator("body").press("Home");
        page.reload();
        tabToLink("Top");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Unit upper left, turned 90°: turn it")).isVisible();
        tabTo("Unit upper left, turned 90°: turn it");
        page.keyboard().press("r");
        assertThat(page.getByLabel("Unit upper left, turned 180°: turn it")).isFocused();
        kept();
        page.keyboard().press("Control+z");
        assertThat(page.getByLabel("Unit upper left, turned 90°: turn it")).isVisible();
        page.keyboard().press("Control+Shift+z");
        assertThat(page.getByLabel("Unit upper left, turned 180°: turn it")).isVisible();
    }

    @Test
    void onATabletNothingIsCutOff() {
        page.setViewportSize(900, 700);
        startQuilt("Tablet");
        List<String> wide = new ArrayList<>();
        for (String station : List.of("Cloth", "Top", "Tally")) {
            station(station).click();
            page.waitForLoadState();
            int overflow = (int) page.evaluate("document.documentElement.scrollWidth - innerWidth");
            if (overflow > 0) {
                wide.add(station + " by " + overflow);
            }
        }
        assertThat(wide).isEmpty();
    }

    private void startQuilt(String name) {
        page.navigate("/");
        page.getByLabel("Its name").fill(name);
        page.getByRole(AriaRole.BUTTON, named("Start")).click();
        assertThat(page.getByLabel("What have you got? One line, as you would say it"))
                .isVisible();
    }

    private void putOnShelf(String line, String understood) {
        page.getByLabel("What have you got? One line, as you would say it").fill(line);
        assertThat(page.locator("#shelf-echo")).containsText(understood);
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Correct " + line)).isVisible();
    }

    private void choose(String part, String cloth) {
        page.getByRole(AriaRole.BUTTON, named(part)).click();
        page.getByRole(AriaRole.OPTION, named(cloth).setExact(true)).click();
        assertThat(page.getByRole(AriaRole.BUTTON, named(part))).containsText(cloth);
    }

    private Locator station(String name) {
        return page.getByLabel("Stations").getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name));
    }

    private Locator row(String name) {
        return page.getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByRole(AriaRole.ROWHEADER, named(name).setExact(true))));
    }

    private void kept() {
        assertThat(page.locator("[data-save=kept]")).isVisible();
    }

    private void tabTo(String label) {
        Locator wanted = page.getByLabel(label, exactly());
        tabTo(wanted, label);
    }

    private void tabToLink(String name) {
        tabTo(station(name), name);
    }

    private void tabTo(Locator wanted, String name) {
        assertThat(wanted).isVisible();
        for (int i = 0; i < 60; i++) {
            if ((boolean) wanted.evaluate("element => element === document.activeElement")) {
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("the Tab key does not reach " + name);
    }

    private void assertNothingSerious() {
        assertThat(Browser.seriousFindings(page)).isEmpty();
    }

    private static Page.GetByLabelOptions exactly() {
        return new Page.GetByLabelOptions().setExact(true);
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }
}
