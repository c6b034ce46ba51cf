package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
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
        page.getByLabel("Edit scrap 9 x 13 soot").click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Edit scrap 9 x 13 soot"))
                .fill("scrap 9 x 12 soot");
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-lot=soot]")).containsText("1 scrap, 9 × 12 in");
        page.getByLabel("Remove scrap 9 x 12 soot").click();
        assertThat(page.locator("[data-lot=soot]")).hasCount(0);
        page.getByRole(AriaRole.BUTTON, named("Undo").setExact(true)).last().click();
        assertThat(page.locator("[data-lot=soot]")).containsText("1 scrap, 9 × 12 in");
        assertNothingSerious();

        station("Top").click();
        page.waitForURL("**/top");
        takeFromShelf("saffron prints");
        takeFromShelf("flax");
        page.getByLabel("Blocks across", exactly()).fill("6");
        page.getByLabel("Blocks down", exactly()).fill("7");
        page.getByLabel("Block size, in", exactly()).fill("8 1/2");
        page.getByLabel("Which size is typed").selectOption("UNFINISHED");
        assertThat(page.locator("[data-size='Top finished']")).hasText("48 × 56");
        dressPinwheel();
        kept();
        assertNothingSerious();

        page.reload();
        assertThat(page.getByLabel("Block size, in", exactly())).hasValue("8 1/2");
        assertThat(page.locator("[data-size='Top finished']")).hasText("48 × 56");

        station("Tally").click();
        page.waitForURL("**/tally");
        Locator kind = page.locator("[data-kind='half-square triangle']");
        assertThat(kind).containsText("168");
        assertThat(kind).containsText("eight at a time, cut 10 in");
        kind.click();
        Locator group = page.locator("[data-group^='half-square triangle']");
        assertThat(group).containsText("eight at a time: 21 pairs, cut 10 in");
        assertThat(group)
                .containsText("2 × (4 finished + 1/4 seam × (2 + √2)) = 9.707; with 0.25 room (trim school) 9.957;"
                        + " rounded up to the next 1/8 in: 10 in");
        assertThat(page.locator("[data-working=LEFT]")).containsText("whole: 21 squares, 10 in");
        group.locator("[data-method=two-at-a-time]").click();
        assertThat(group).containsText("two at a time: 84 pairs, cut 5 in");
        assertThat(group).containsText("You chose this way:");
        page.keyboard().press("Escape");
        assertThat(kind).isFocused();
        page.getByText("change how I work").click();
        page.locator("[data-allowance=ROOMY]").click();
        page.keyboard().press("Escape");
        assertThat(page.getByText("change how I work")).isFocused();
        assertThat(page.locator("[data-habits]")).containsText("cut roomy and trim");
        assertThat(kind).containsText("two at a time, cut 5 1/2 in");
        kept();
        assertNothingSerious();
    }

    /** Each unit's two patches by their number keys: the first cloth, then the second. */
    private void dressPinwheel() {
        page.getByLabel("Build Pinwheel").click();
        page.getByRole(AriaRole.APPLICATION).focus();
        for (String cell : List.of("column 1, row 1", "column 2, row 1", "column 2, row 2", "column 1, row 2")) {
            page.keyboard().press("1");
            assertThat(page.getByText(cell + ": half-square triangle")).containsText("patch 2 of 2");
            page.keyboard().press("2");
            assertThat(page.getByText(cell + ": half-square triangle")).containsText("patch 1 of 2: saffron prints");
            page.keyboard()
                    .press(
                            cell.equals("column 1, row 1")
                                    ? "ArrowRight"
                                    : cell.equals("column 2, row 1") ? "ArrowDown" : "ArrowLeft");
        }
        page.getByRole(AriaRole.BUTTON, named("Back to the top")).click();
    }

    private void takeFromShelf(String cloth) {
        page.getByLabel("Take a fabric from the shelf").selectOption(new SelectOption().setLabel(cloth));
        assertThat(page.getByLabel(cloth + ": take in hand")).isVisible();
    }

    @Test
    void aMistakeIsNamedAtItsFieldAndSurvivesAReload() {
        startQuilt("Wrong words");
        station("Top").click();
        page.waitForURL("**/top");
        Locator block = page.getByLabel("Block size, in", exactly());
        block.fill("eight and a bit");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("“eight and a bit” cannot be read as a length");
        page.reload();
        assertThat(block).hasValue("eight and a bit");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("type it like 4 7/8 or 4.875");
        block.fill("8 1/4");
        kept();
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        assertThat(page.locator("[data-size='Block finished']")).hasText("8 1/4 × 8 1/4");
        Locator across = page.getByLabel("Blocks across", exactly());
        across.fill("abc");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("“abc” is no number of blocks");
        assertThat(across).hasValue("abc");
        across.fill("5");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        block.fill("10/3");
        assertThat(page.getByRole(AriaRole.NOTE)).containsText("which is not on a ruler with marks every 1/8 in");
    }

    @Test
    void twoWindowsOnOneQuiltLoseNothing() {
        startQuilt("Two windows");
        station("Top").click();
        page.waitForURL("**/top");
        Page other = page.context().newPage();
        other.navigate(page.url());
        other.getByLabel("Blocks across", exactly()).fill("9");
        assertThat(other.locator("[data-save=kept]")).isVisible();
        page.getByLabel("Blocks across", exactly()).fill("3");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("changed elsewhere");
        assertThat(page.locator("[data-differences]")).containsText("would change in theirs: 3 × ");
        // A reload does not decide it either.
        page.reload();
        assertThat(page.getByLabel("Blocks across", exactly())).hasValue("3");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("changed elsewhere");
        page.getByRole(AriaRole.BUTTON, named("Keep mine")).click();
        kept();
        other.reload();
        assertThat(other.getByLabel("Blocks across", exactly())).hasValue("3");
    }

    @Test
    void theKeyboardAloneIsEnough() {
        page.navigate("/quilts");
        tabTo(page.getByRole(AriaRole.LINK, named("New quilt")), "New quilt");
        page.keyboard().press("Enter");
        tabTo(page.getByRole(AriaRole.BUTTON, named("an empty top")), "an empty top");
        page.keyboard().press("Enter");
        page.waitForURL("**/top");
        tabTo("Name of the quilt");
        page.keyboard().press("ControlOrMeta+a");
        page.keyboard().type("By keys");
        tabToLink("Cloth");
        page.keyboard().press("Enter");
        tabTo("What fabric do you have? One line, as you would say it");
        page.keyboard().type("10 squares 10 in cobalt");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Added: 10 squares, 10 in – cobalt")).isVisible();
        page.locator("body").press("Home");
        page.reload();
        tabToLink("Top");
        page.keyboard().press("Enter");
        Locator wall = page.getByRole(AriaRole.APPLICATION);
        tabTo(wall, "the wall");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("r");
        assertThat(wall.getByRole(AriaRole.STATUS)).hasText("row 1, block 2: Pinwheel, turned 90°");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("m");
        assertThat(wall.getByRole(AriaRole.STATUS)).hasText("row 2, block 2: Pinwheel, mirrored");
        page.keyboard().press("+");
        assertThat(wall).hasAttribute("data-zoom", "1.25");
        kept();
        page.keyboard().press("Control+z");
        assertThat(wall.getByRole(AriaRole.STATUS)).hasText("row 2, block 2: Pinwheel");
        page.keyboard().press("Control+Shift+z");
        assertThat(wall.getByRole(AriaRole.STATUS)).hasText("row 2, block 2: Pinwheel, mirrored");
    }

    @Test
    void onATabletNothingIsCutOff() {
        page.setViewportSize(900, 700);
        startQuilt("Tablet");
        List<String> wide = new ArrayList<>();
        for (String station : List.of("Cloth", "Top", "Tally", "Cut")) {
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
        Browser.startEmpty(page, name);
        assertThat(page.getByLabel("What fabric do you have? One line, as you would say it"))
                .isVisible();
    }

    private void putOnShelf(String line, String understood) {
        page.getByLabel("What fabric do you have? One line, as you would say it")
                .fill(line);
        assertThat(page.locator("#shelf-echo")).containsText(understood);
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Edit " + line)).isVisible();
    }

    private Locator station(String name) {
        return page.getByLabel("Stations")
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^" + name)));
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
        // The list of quilts, which other journeys lengthen, may lie before it.
        for (int i = 0; i < 400; i++) {
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
