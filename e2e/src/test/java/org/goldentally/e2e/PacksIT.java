package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Quilts made of packs: made first, laid out afterwards, corrected by hand, sewn from a list. */
@ExtendWith(Browser.class)
class PacksIT {

    private static final int MOST_ACTIONS = 25;

    private final Page page;
    private int actions;

    PacksIT(Page page) {
        this.page = page;
    }

    /**
     * Eighteen prints, a 10 in square of each: a pair, eight at a time, gives eight units of 4 in, which are two pinwheels. So
     * nine pairs are eighteen blocks: sixteen for the wall, two to spare (counting).
     */
    @Test
    void pinwheelsFromAPackBuyNothingAndOneBlockIsLeftOut() {
        Browser.startEmpty(page, "Pack journey");

        fill(page.getByLabel("What fabric do you have?"), "18 squares 10 in noon, 18 prints, one of each");
        click(button("Put on the shelf"));
        click(station("Top"));
        actions++;
        page.getByLabel("Take a fabric from the shelf").selectOption(new SelectOption().setLabel("all prints of noon"));
        click(page.getByLabel("Free places").getByText("any print", exact()));
        click(button("Build Pinwheel"));
        dress(0, 2, 4, 6);
        click(page.getByLabel("any print of noon: take in hand"));
        dress(1, 3, 5, 7);
        click(button("Back to the top"));
        fill(page.getByLabel("Blocks down"), "4");
        page.getByLabel("Blocks down").blur();
        fill(page.getByLabel("Spare blocks to choose from"), "2");
        click(button("Make and lay out"));
        assertThat(page.getByText("No neighbours share a print.")).isVisible();
        assertThat(page.locator("[data-spare]")).hasCount(2);
        assertThat(actions).isLessThanOrEqualTo(MOST_ACTIONS);
        click(station("Tally"));
        nothingToBuyForTheTop();
        assertThat(page.getByLabel("How it is all made")).containsText("for the whole top");
        assertThat(Browser.seriousFindings(page)).isEmpty();

        // One block is left out for its looks: a spare one takes its place, and the plan stays as it is.
        station("Top").click();
        page.waitForURL("**/top");
        Locator wall = page.getByLabel("The wall. Arrow keys", new Page.GetByLabelOptions().setExact(false));
        wall.focus();
        // The first press chooses the first block, each further one the next.
        int column = columnUnlikeTheFirstSpare();
        for (int block = 0; block <= column; block++) {
            wall.press("ArrowRight");
        }
        wall.press("l");
        assertThat(page.locator("[data-locked]")).hasCount(1);
        wall.press("l");
        assertThat(page.locator("[data-locked]")).hasCount(0);
        String before = page.locator("[data-spare='0'] svg").innerHTML();
        page.locator("[data-spare='0']").click();
        assertThat(page.locator("[data-spare='0'] svg")).not().hasText("-");
        page.waitForCondition(
                () -> !page.locator("[data-spare='0'] svg").innerHTML().equals(before));
        button("Lay out anew").click();
        assertThat(page.getByText("No neighbours share a print.")).isVisible();
        assertThat(Browser.seriousFindings(page)).isEmpty();
        station("Tally").click();
        page.waitForURL("**/tally");
        nothingToBuyForTheTop();

        station("Sew").click();
        page.waitForURL("**/sew");
        Locator run = page.locator("[data-run]").first();
        // Eight at a time a pair of 10 in squares is both pinwheels that are alike.
        assertThat(run).containsText("9 pairs in 9 combinations");
        run.getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("+1"))
                .first()
                .click();
        assertThat(page.locator("[data-good]")).hasText("8");
        assertThat(Browser.seriousFindings(page)).isEmpty();

        // All in chains instead: a card says in which order the squares are laid.
        station("Tally").click();
        page.waitForURL("**/tally");
        page.locator("[data-kind='half-square triangle']").click();
        Locator group = page.locator("[data-group^='half-square']").first();
        group.getByRole(AriaRole.BUTTON).first().click();
        group.locator("[data-method=closed-ring]").click();
        assertThat(group.locator("[data-method=closed-ring][data-chosen]")).isVisible();
        group.getByText("closed ring for all units of this kind").click();
        assertThat(page.getByLabel("How it is all made")).containsText("ring 1 of half-square triangles");
        page.keyboard().press("Escape");
        station("Sew").click();
        page.waitForURL("**/sew");
        page.locator("section[aria-label=Batches]").getByText("ring", exact()).first();
        page.locator("[data-run]").first().evaluate("list => { list.open = true }");
        page.locator("[data-run] li button").first().click();
        assertThat(page.locator("[data-chain]")).containsText("noon");
        assertThat(Browser.seriousFindings(page)).isEmpty();
    }

    /** Twenty squares, one of each print, are ten pairs and twenty hourglasses (counting): all of a runner two by ten. */
    @Test
    void aRunnerComesOfAPackOfSquaresOneOfEachPrint() {
        fromPack("Runner of hourglasses", "20 squares 5 in fen, 20 prints, one of each", "fen");
        ofOneBlock("Hourglass", "3 1/2", 2, 10);
        click(page.getByText("Blocks may turn and mirror"));
        makeAndTally();
        nothingToBuyForTheTop();
        assertThat(page.getByLabel("How it is all made")).containsText("20 batches for the whole top");
    }

    /** Each print is twice in a little top of 26 half-square triangles, so 26 squares close as rings (Euler, 1736). */
    @Test
    void aLittleTopIsSewnAsOneChainOfItsPack() {
        fromPack("Little top in a chain", "26 squares 5 in fell, 26 prints, one of each", "fell");
        ofOneBlock("Half-Square Triangle", "3 1/2", 13, 2);
        makeAndTally();
        click(page.locator("[data-kind='half-square triangle']"));
        Locator group = page.locator("[data-group^='half-square']").first();
        click(group.getByRole(AriaRole.BUTTON).first());
        click(group.locator("[data-method=closed-ring]"));
        assertThat(group.locator("[data-method=closed-ring][data-chosen]")).isVisible();
        click(group.getByText("closed ring for all units of this kind"));
        assertThat(page.getByLabel("How it is all made")).containsText("ring 1 of half-square triangles");
        nothingToBuyForTheTop();
        assertThat(actions).isLessThanOrEqualTo(MOST_ACTIONS);
    }

    @Test
    void aFieldOfFourClothHourglassesComesOfFatQuarters() {
        fromPack("Field from quarters", "36 fat quarters moss, 36 prints, one of each", "moss");
        ofOneBlock("Hourglass of Four Cloths", "6", 6, 6);
        makeAndTally();
        nothingToBuyForTheTop();
    }

    /** Twelve prints, two in each of twelve blocks: each print in two of them (counting). */
    @Test
    void twelveLargeBlocksTakeTwoPrintsEachByTurns() {
        fromPack("Round robin", "12 fat quarters loam, 12 prints, one of each", "loam");
        click(button("any print in all of the top"));
        fill(page.getByLabel("Blocks across"), "3");
        fill(page.getByLabel("Blocks down"), "4");
        fill(page.getByLabel("Block size, in"), "12");
        page.getByLabel("Block size, in").blur();
        makeAndTally("each print in 2 places");
        nothingToBuyForTheTop();
    }

    private void fromPack(String name, String typed, String pack) {
        Browser.startEmpty(page, name);
        fill(page.getByLabel("What fabric do you have?"), typed);
        click(button("Put on the shelf"));
        click(station("Top"));
        actions++;
        page.getByLabel("Take a fabric from the shelf")
                .selectOption(new SelectOption().setLabel("all prints of " + pack));
    }

    /** A field of one block, all of any print. */
    private void ofOneBlock(String block, String size, int across, int down) {
        click(button("From a shelf"));
        click(page.getByLabel(block + ": take into the quilt", new Page.GetByLabelOptions().setExact(true)));
        actions++;
        page.getByLabel("Block 1 of those that take turns").selectOption(new SelectOption().setLabel(block));
        fill(page.getByLabel("Block size, in"), size);
        fill(page.getByLabel("Blocks across"), "" + across);
        fill(page.getByLabel("Blocks down"), "" + down);
        page.getByLabel("Blocks down").blur();
        click(button("any print in all of the top"));
    }

    private void makeAndTally() {
        makeAndTally("No neighbours share a print.");
    }

    private void makeAndTally(String said) {
        click(button("Make and lay out"));
        assertThat(page.getByText(said)).isVisible();
        click(station("Tally"));
        assertThat(page.locator("[data-short=MAKE]")).isVisible();
        assertThat(actions).isLessThanOrEqualTo(MOST_ACTIONS);
    }

    private void nothingToBuyForTheTop() {
        assertThat(page.locator("[data-short=BUY]"))
                .hasText(Pattern.compile("Nothing to buy but batting|Your fabric is enough for the top"));
    }

    private static Locator.GetByTextOptions exact() {
        return new Locator.GetByTextOptions().setExact(true);
    }

    private void fill(Locator field, String text) {
        actions++;
        field.fill(text);
    }

    private void click(Locator button) {
        actions++;
        button.click();
    }

    private void dress(int... patches) {
        for (int patch : patches) {
            actions++;
            page.locator("[data-patch='" + patch + "']").dispatchEvent("click");
        }
    }

    private Locator station(String name) {
        return page.getByLabel("Stations")
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^" + name)));
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** Of two blocks that are made alike one may be spare: changing places with its twin would show nothing. */
    private int columnUnlikeTheFirstSpare() {
        return (Integer) page.evaluate("""
                async () => {
                  const id = location.pathname.split('/')[2]
                  const { design } = await (await fetch(`/api/quilts/${id}`)).json()
                  const prints = (each) => each.exchanges.map((one) => one.to).join()
                  const spare = prints(design.plan.making.spareBlocks[0])
                  return design.places.find((at) => at.row === 0 && at.column > 0 && prints(at) !== spare).column
                }
                """);
    }
}
