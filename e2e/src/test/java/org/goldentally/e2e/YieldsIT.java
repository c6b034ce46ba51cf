package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** At the cutting table, without a quilt: what does this piece give, and what do I need for this many? */
@ExtendWith(Browser.class)
class YieldsIT {

    private final Page page;

    YieldsIT(Page page) {
        this.page = page;
    }

    @Test
    void whatDoesThisPieceGive() {
        page.navigate("/yields");
        field("One piece, as you would say it").fill("10 in square");
        field("Size, finished side, in").fill("4");
        assertThat(method("eight-at-a-time")).containsText("8 units");
        assertThat(method("eight-at-a-time")).not().containsText("tight fit");
        field("One piece, as you would say it").fill("10 in square pinked");
        assertThat(method("eight-at-a-time")).containsText("tight fit");
        field("One piece, as you would say it").fill("10 in square");
        assertThat(method("four-at-a-time")).containsText("4 units");
        assertThat(method("four-at-a-time")).containsText("all bias");
        assertNothingSerious();

        // A larger unit is refused with the shortfall, and the nearest size is one click away.
        field("Size, finished side, in").fill("4 1/2");
        assertThat(method("eight-at-a-time"))
                .containsText("the square is cut 11 in; the piece (square, 10 in) is 1 in too small");
        method("eight-at-a-time").getByRole(AriaRole.BUTTON, named("Take 4 in")).click();
        assertThat(field("Size, finished side, in")).hasValue("4");
        assertThat(method("eight-at-a-time")).containsText("8 units");

        // The slider goes by the keyboard, and yields jump at their limits.
        page.getByLabel("Slide the finished size").focus();
        page.keyboard().press("ArrowRight");
        assertThat(field("Size, finished side, in")).hasValue("4 1/8");
        assertThat(method("two-at-a-time")).containsText("at 4 in finished you would get 6 more");

        method("two-at-a-time")
                .getByRole(AriaRole.BUTTON, named("How it was worked out"))
                .click();
        assertThat(method("two-at-a-time")).containsText("4 1/8 finished + 1/4 seam × (2 + √2) = 4.979");
    }

    @Test
    void whatDoINeedForThisMany() {
        page.navigate("/yields");
        field("One piece, as you would say it").fill("fat quarter");
        page.getByLabel("Unit", new Page.GetByLabelOptions().setExact(true)).selectOption("FLYING_GOOSE");
        field("Size, finished width (twice its height), in").fill("4");
        field("Units needed (may stay empty)").fill("50");
        Locator four = method("geese-four-at-a-time");
        // 50 geese are 13 sets of four, 2 spare: from 5 1/2 in and 3 in squares, 9 and 30 from a fat quarter.
        assertThat(four.locator("[data-wanted]")).containsText("For 50: 13 sets");
        assertThat(four.locator("[data-wanted]")).containsText("52 made, 2 spare units. Pieces: 2 of goose, 2 of sky");
        for (String key : new String[] {"geese-stitch-and-flip", "geese-four-at-a-time", "geese-loose-triangles"}) {
            method(key).getByRole(AriaRole.BUTTON, named("Pin to compare")).click();
        }
        assertThat(page.getByLabel("Compared").getByRole(AriaRole.COLUMNHEADER)).hasCount(3);
        four.getByRole(AriaRole.BUTTON, named("Steps")).click();
        assertThat(four.getByRole(AriaRole.IMG)
                        .filter(new Locator.FilterOptions().setHas(page.locator("polyline")))
                        .first())
                .isVisible();
        assertThat(four).containsText("Cut between the seams: two geese from each half, four in all.");
        assertThat(four).containsText("Close the cutter whenever it leaves your hand");
        // 27 geese of 4 × 2 in are 216 square inches, as many as 48 of 3 × 1 1/2.
        page.getByRole(AriaRole.BUTTON, page(named("How many of another size cover the same?")))
                .click();
        page.getByRole(AriaRole.BUTTON, page(named("Show other sizes"))).click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("How many units nothing is typed here");
        page.getByLabel("Units of 4 in finished").fill("27");
        page.getByLabel("Units of 4 in finished").press("Enter");
        assertThat(page.locator("[data-cover] li").filter(new Locator.FilterOptions().setHasText("48")))
                .hasText("3 in48");
        assertNothingSerious();

        page.reload();
        assertThat(field("Units needed (may stay empty)")).hasValue("50");
    }

    @Test
    void wrongWordsAreNamedAndTheOldAnswerStays() {
        page.navigate("/yields");
        assertThat(page.getByLabel("Methods")).isVisible();
        field("One piece, as you would say it").fill("a nice big bit");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("“a nice big bit” does not say how large the piece is");
        assertThat(field("One piece, as you would say it")).hasAttribute("aria-invalid", "true");
        field("One piece, as you would say it").fill("9 x 13 scrap");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        field("Seam").fill("0");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("a seam of 0 in holds nothing together");
    }

    @Test
    void theSeamCheckSaysWhetherTheUnitsStillReachTheirSize() {
        page.navigate("/yields");
        page.getByRole(AriaRole.BUTTON, page(named("Check the seam you really sew")))
                .click();
        field("each cut").fill("2 1/2");
        field("measures across").fill("4 1/8");
        page.getByRole(AriaRole.BUTTON, page(named("Work out my seam"))).click();
        assertThat(page.getByText("Your seam is 0.438 in.")).isVisible();
        assertThat(page.getByText("two at a time falls short of its trimmed size"))
                .isVisible();
    }

    @Test
    void theSizeChartIsMadeForPrint() {
        page.navigate("/yields/chart");
        Locator three = page.getByRole(AriaRole.ROW).nth(5);
        assertThat(three.getByRole(AriaRole.ROWHEADER)).hasText("3");
        // Trimmed, then cut two, four and eight at a time.
        assertThat(three.getByRole(AriaRole.CELL).nth(0)).hasText("3 1/2");
        assertThat(three.getByRole(AriaRole.CELL).nth(1)).hasText("4");
        assertThat(three.getByRole(AriaRole.CELL).nth(2)).hasText("5 3/4");
        assertThat(three.getByRole(AriaRole.CELL).nth(3)).hasText("8");
        assertNothingSerious();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.PRINT));
        assertThat(page.getByRole(AriaRole.BUTTON, page(named("Print")))).isHidden();
    }

    @Test
    void onATabletNothingIsCutOff() {
        page.setViewportSize(900, 700);
        page.navigate("/yields");
        assertThat(page.getByLabel("Methods")).isVisible();
        assertThat((int) page.evaluate("document.documentElement.scrollWidth - innerWidth"))
                .isZero();
    }

    private Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private Locator method(String key) {
        return page.locator("[data-method=" + key + "]");
    }

    private void assertNothingSerious() {
        assertThat(Browser.seriousFindings(page)).isEmpty();
    }

    private static Locator.GetByRoleOptions named(String name) {
        return new Locator.GetByRoleOptions().setName(name);
    }

    private static Page.GetByRoleOptions page(Locator.GetByRoleOptions named) {
        return new Page.GetByRoleOptions().setName(String.valueOf(named.name));
    }
}
