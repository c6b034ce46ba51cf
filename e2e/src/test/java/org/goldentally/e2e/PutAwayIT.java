package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What is cut is put away, kept fabric is seen from the other quilt, and both are taken back. */
@ExtendWith(Browser.class)
class PutAwayIT {

    private final Page page;

    PutAwayIT(Page page) {
        this.page = page;
    }

    @Test
    void aFabricIsCutPutAwayAndTakenBack() {
        page.navigate("/quilts");
        Browser.choose(page, "Windowsill runner", "Copy");
        page.waitForURL("**/top");
        String quilt = page.url().replaceFirst("/top$", "");
        page.navigate(quilt + "/cut");
        Locator steps = page.getByLabel("How linen is cut").getByRole(AriaRole.CHECKBOX);
        steps.first().waitFor();
        int count = steps.count();
        for (int i = 0; i < count; i++) {
            steps.nth(i).check();
        }
        Locator away = page.locator("[data-put-away]");
        assertThat(away).containsText("Is this what is left?");
        assertThat(Browser.seriousFindings(page)).isEmpty();
        away.getByLabel("Length of what is left, 1").fill("900");
        away.getByText("Put it away").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("measure what is left again");
        away.getByLabel("Length of what is left, 1").fill("30");
        away.getByText("Put it away").click();
        assertThat(page.locator("[data-already]")).containsText("squares cut");
        assertThat(steps).hasCount(0);
        assertThat(Browser.seriousFindings(page)).isEmpty();
        assertThat(page.getByLabel("Fabrics to cut")).containsText("all cut");

        page.locator("[data-last-put-away]").getByText("Take back").click();
        assertThat(steps).hasCount(count);
        assertThat(steps.first()).isChecked();
        assertThat(page.locator("[data-last-put-away]")).hasCount(0);
    }

    @Test
    void whatOneQuiltKeepsTheOtherIsToldOfAndMayTakeOver() {
        page.navigate("/quilts");
        Browser.choose(page, "Windowsill runner", "Copy");
        page.waitForURL("**/top");
        String copy = page.url().replaceFirst("/top$", "");
        page.navigate(copy + "/tally");
        Locator kept = page.locator("[data-kept]");
        kept.getByRole(AriaRole.CHECKBOX).check();
        assertThat(kept).containsText("Other quilts leave it alone.");
        Browser.open(page, "Windowsill runner");
        page.navigate(page.url().replaceFirst("/top$", "/tally"));
        assertThat(kept).containsText("Set aside for Copy of Windowsill runner");
        assertThat(Browser.seriousFindings(page)).isEmpty();
        kept.getByText("Use it here instead").click();
        assertThat(kept).containsText("Other quilts leave it alone.");
        assertThat(kept.getByText("Use it here instead")).hasCount(0);
        assertThat(kept.getByRole(AriaRole.STATUS))
                .containsText("Taken from Copy of Windowsill runner, which now needs");
        kept.getByText("Give it back").click();
        assertThat(kept).containsText("Set aside for Copy of Windowsill runner");
        kept.getByText("Use it here instead").click();
        assertThat(kept).containsText("Other quilts leave it alone.");
        kept.getByRole(AriaRole.CHECKBOX).uncheck();
        assertThat(kept).not().containsText("Other quilts leave it alone.");
    }
}
