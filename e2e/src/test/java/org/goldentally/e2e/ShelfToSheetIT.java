package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From the shelf to the printed sheet. */
@ExtendWith(Browser.class)
class ShelfToSheetIT {

    private final Page page;

    ShelfToSheetIT(Page page) {
        this.page = page;
    }

    @Test
    void aPackIsDealtAndItsSheetsPrinted() {
        start("Scrappy journey");
        page.getByLabel("What fabric do you have?").fill("12 squares 10 in dawn, 6 prints, two of each");
        assertThat(page.locator("#shelf-echo")).containsText("12 squares, 10 in – dawn, 6 prints, 2 of each");
        button("Put on the shelf").click();
        // What was just put there stands beside the shelf.
        assertThat(page.locator("[data-pack=dawn]")).containsText("a pack of 6 prints");
        button("Choose the colours of dawn").click();
        page.getByLabel("Colour of dawn 1").fill("#2e6f5e");
        button("The others are right as they are").click();
        assertThat(page.getByText("All are picked.")).isVisible();
        assertThat(Browser.seriousFindings(page)).isEmpty();
        button("Done of dawn").click();
        page.getByLabel("Prints of dawn")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("dawn 6"))
                .click();
        Locator print = page.locator("[data-cloth='dawn 6']");
        button("Colour, print, photograph, price of dawn 6").click();
        assertThat(print).not().containsText("You haven't picked its colour yet");
        print.getByLabel("Price").fill("dear");
        print.getByLabel("Price").blur();
        assertThat(print.getByRole(AriaRole.ALERT)).containsText("“dear” is no price");
        print.getByLabel("Price").fill("12.50 a yard");
        print.getByLabel("Price").blur();
        assertThat(print).containsText("12.50 a yard");
        assertThat(Browser.seriousFindings(page)).isEmpty();
        button("Close").click();
        button("Files and prices").click();
        page.getByLabel("Put a CSV file on the shelf")
                .setInputFiles(new FilePayload(
                        "more.csv",
                        "text/csv",
                        "cloth,count,form,width,length\nchalk,1,length,42,90\n".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("1 line put on the shelf.")).isVisible();
        // A pack is one, and the newest comes first.
        assertThat(page.locator("[data-lot]").first()).containsText("chalk");
        assertThat(page.locator("[data-lot]").nth(1)).containsText("6 prints");
        if (page.getByLabel("Find a fabric").count() == 0) {
            button("Find").click();
        }
        page.getByLabel("Find a fabric").fill("no such");
        assertThat(page.getByText("No fabric here has that name.")).isVisible();
        page.getByLabel("Find a fabric").fill("6 dawn");
        assertThat(page.locator("[data-lot]")).hasCount(1);
        page.getByLabel("Find a fabric").fill("");
        assertThat(Browser.seriousFindings(page)).isEmpty();

        station("Top").click();
        page.waitForURL("**/top");
        take("chalk");
        take("all prints of dawn");
        button("Build Pinwheel").click();
        dress("chalk", 0, 2, 4, 6);
        dress("any print of dawn", 1, 3, 5, 7);
        button("Back to the top").click();
        button("Make and lay out").click();
        assertThat(page.getByText("No neighbours share a print.")).isVisible();
        assertThat(button("Another making")).isVisible();

        station("Tally").click();
        page.waitForURL("**/tally");
        // The tally of the dealt prints, not that of before.
        assertThat(page.locator("[data-kinds]")).hasAttribute("aria-busy", "false");
        page.locator("[data-kind='half-square triangle']").click();
        Locator group = page.locator("[data-group^='half-square']").first();
        group.getByRole(AriaRole.BUTTON).first().click();
        assertThat(group.getByText("Shelf is enough")).isVisible();
        group.getByLabel("Extra").fill("5 %");
        group.getByLabel("Extra").blur();
        assertThat(group.getByText("for mishaps").first()).isVisible();
        assertThat(Browser.seriousFindings(page)).isEmpty();
        page.keyboard().press("Escape");
        Locator chalk = page.locator("article[data-cloth=chalk]");
        chalk.getByRole(AriaRole.BUTTON).first().click();
        chalk.getByText("other ways of cutting").click();
        page.locator("[data-style=THRIFTY]").getByText("Search longer").click();
        assertThat(page.locator("[data-search]")).containsText("Best so far");
        page.getByLabel("Cut like this: chalk thrifty").click();
        assertThat(page.locator("[data-style=THRIFTY][data-chosen]")).isVisible();
        page.locator("[data-short=BUY]").click();
        assertThat(page.getByText("Shopping list")).isVisible();
        assertThat(Browser.seriousFindings(page)).isEmpty();

        station("Cut").click();
        page.waitForURL("**/cut");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("chalk"))
                .click();
        assertThat(page.getByText("Slips for the heaps")).isVisible();
        assertThat(page.getByText("strips").first()).isVisible();
        String sheets = page.getByText("Print the sheets").getAttribute("href");
        APIResponse printed = page.request().get(sheets);
        assertThat(printed.headers().get("content-type")).isEqualTo("application/pdf");
        assertThat(printed.body().length).isGreaterThan(10_000);
        assertThat(Browser.seriousFindings(page)).isEmpty();
    }

    /** What the quilter cuts herself, what follows from it, and what it must not be smaller than. */
    @Test
    void anOwnCutSizeSaysWhatFollowsAndIsRefusedWhereItIsTooSmall() {
        Browser.open(page, "Lantern Street");
        station("Tally").click();
        page.waitForURL("**/tally");
        page.locator("[data-kind^='hourglass']").click();
        Locator group = page.locator("[data-group^='hourglass']").first();
        Locator size = group.locator("[data-cut-size]");
        size.getByLabel("How large").selectOption("own");
        size.getByLabel("Cut size of").fill("5");
        size.getByLabel("Cut size of").blur();
        assertThat(size.locator("[data-follows]")).containsText("to trim 0.793 in");
        assertThat(group.locator("[data-why]")).containsText("You chose this way");
        page.keyboard().press("Escape");
        assertThat(undo()).containsText("cut 5 in");
        page.locator("[data-kind^='hourglass']").click();
        size.getByLabel("Cut size of").fill("4");
        size.getByLabel("Cut size of").blur();
        assertThat(page.getByText("cut 4 1/4 in or more")).isVisible();
        page.keyboard().press("Escape");
        page.getByText("change how I work").click();
        page.getByLabel("Square rulers").fill("2 1/2");
        page.getByLabel("Square rulers").press("Tab");
        page.keyboard().press("Escape");
        assertThat(page.getByText("is more than your largest square ruler").first())
                .isVisible();
        assertThat(Browser.seriousFindings(page)).isEmpty();
        for (int i = 0; i < 3; i++) {
            undo().click();
        }
        assertThat(page.getByText("is more than your largest square ruler")).hasCount(0);
    }

    /** Prints that are cut alike have one sheet; a stack is ticked at once, and what is cut into is not bought again. */
    @Test
    void clothsCutAlikeShareASheetAndAreNotBoughtTwice() {
        page.navigate("/quilts");
        Browser.choose(page, "Harvest scraps", "Copy");
        page.waitForURL("**/top");
        station("Cut").click();
        page.waitForURL("**/cut");
        Locator sheets = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("fabrics alike"));
        assertThat(sheets.first()).isVisible();
        Locator boughtSheet = page.locator("article").filter(new Locator.FilterOptions().setHasText("– to buy"));
        for (int i = 0; i < sheets.count() && boughtSheet.count() == 0; i++) {
            sheets.nth(i).click();
            assertThat(page.locator("[data-stacks]")).isVisible();
        }
        assertThat(page.locator("[data-stacks]")).containsText("stack 1");
        assertThat(page.locator("section[aria-label^='How']")).containsText("to buy");
        String bought = page.locator("[data-stacks] li")
                .first()
                .innerText()
                .lines()
                .toList()
                .getLast();
        assertThat(Browser.seriousFindings(page)).isEmpty();
        Locator toBuy = page.locator("article")
                .filter(new Locator.FilterOptions().setHasText("– to buy"))
                .first();
        toBuy.getByLabel("stack 1").last().check();
        assertThat(page.locator("nav[aria-label=Stations]")).containsText("1 of ");
        station("Tally").click();
        page.waitForURL("**/tally");
        assertThat(page.locator("article[data-cloth='" + bought + "']")).containsText("bought, and cut into by now");
        assertThat(page.getByRole(
                        AriaRole.ROWHEADER,
                        new Page.GetByRoleOptions().setName(bought).setExact(false)))
                .hasCount(0);
    }

    @Test
    void anOfferShowsItsEffectIsTakenAndTakenBack() {
        Browser.open(page, "Lantern Street");
        station("Tally").click();
        page.waitForURL("**/tally");
        page.getByText("Other ways to save fabric").click();
        Locator offer = page.locator("[data-offer=SCRAPPY_BINDING]");
        assertThat(offer).containsText("yd less ink");
        offer.getByRole(AriaRole.BUTTON).click();
        assertThat(offer).hasCount(0);
        assertThat(page.getByLabel("Scrappy binding from leftovers")).isChecked();
        undo().click();
        assertThat(offer).containsText("yd less ink");
        station("Cloth").click();
        page.waitForURL("**/cloth");
        button("Work it out").click();
        assertThat(page.locator("[data-reach]")).containsText("blocks");
        assertThat(page.getByText("runs out first")).isVisible();
    }

    /** A plan is taken as one step, says that it is what is planned now, and goes back as one step. */
    @Test
    void aPlanIsTakenAsAWholeAndTakenBack() {
        Browser.open(page, "Lantern Street");
        station("Tally").click();
        page.waitForURL("**/tally");
        assertThat(page.locator("[data-answer]")).containsText("ink");
        assertThat(page.locator("[data-short=MAKE]").first()).containsText("Sew 194 units and cut 150 squares");
        page.locator("[data-short=BUY]").click();
        assertThat(page.locator("#shopping-title")).isVisible();
        Locator plan = page.locator("[data-plan]").first();
        plan.getByRole(AriaRole.BUTTON).click();
        assertThat(plan).containsText("your plan now");
        assertThat(undo()).containsText("a plan for all units");
        org.assertj.core.api.Assertions.assertThat(Browser.seriousFindings(page))
                .isEmpty();
        undo().click();
        assertThat(plan.getByRole(AriaRole.BUTTON)).isVisible();
    }

    @Test
    void aShopsPricesAreTypedAndOnePackIsWeighedAgainstManyLengths() {
        Browser.open(page, "Harvest scraps");
        station("Cloth").click();
        page.waitForURL("**/cloth");
        button("Files and prices").click();
        page.getByText(Pattern.compile("^(The .* lines of it|Type one)$")).click();
        // The last line is empty; the one before it is the made-up price of the pack.
        int line = page.getByLabel(Pattern.compile("^Line \\d+: price$")).count() - 1;
        assertThat(page.getByLabel("Line " + line + ": name of a fabric or a pack, empty for any"))
                .hasValue("harvest");
        page.getByLabel("Line " + line + ": price").fill("dear");
        button("Keep this price list").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("“dear” is no price");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Price list, line " + line);
        assertThat(page.getByLabel("Line " + line + ": price")).hasValue("dear");
        page.getByLabel("Line " + line + ": price").fill("5 a pack");
        button("Keep this price list").click();
        assertThat(page.getByText("The price list has")).isVisible();
        assertThat(Browser.seriousFindings(page)).isEmpty();

        station("Tally").click();
        page.waitForURL("**/tally");
        Locator pack = page.locator("[data-pack]");
        assertThat(pack)
                .containsText(
                        Pattern.compile("more packs? of harvest: (each )?42 squares, 10 in, 21 prints: \\d+\\.00"));
        assertThat(pack).containsText("instead of lengths of");
        assertThat(pack).containsText("it costs less");
        assertThat(page.locator("[data-way]").first()).containsText("fat quarter");
    }

    private void start(String name) {
        Browser.startEmpty(page, name);
    }

    private void take(String option) {
        page.getByLabel("Take a fabric from the shelf")
                .selectOption(new com.microsoft.playwright.options.SelectOption().setLabel(option));
    }

    private void dress(String cloth, int... patches) {
        page.getByLabel(cloth + ": take in hand").click();
        for (int patch : patches) {
            // The middle of a triangle's box lies on its long side, so a click there may meet its neighbour.
            page.locator("[data-patch='" + patch + "']").dispatchEvent("click");
        }
    }

    private Locator station(String name) {
        return page.getByLabel("Stations")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private Locator undo() {
        return page.getByLabel("Steps of the design").getByRole(AriaRole.BUTTON).first();
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
