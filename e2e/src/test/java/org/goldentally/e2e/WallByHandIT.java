package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The wall is touched directly, and what is said while something is dragged is so once it is let go. */
@ExtendWith(Browser.class)
class WallByHandIT {

    private final Page page;

    WallByHandIT(Page page) {
        this.page = page;
    }

    @Test
    void theCornerAndABordersEdgeAreDraggedAndSayWhatComesOfIt() {
        copyOf("Lantern Street");
        begin(grip("Drag for more"), 90, 100);
        assertThat(said()).containsText("6 × 7 blocks: 42 blocks, 67 × 76 in finished; to buy: ");
        page.keyboard().press("Escape");
        page.mouse().up();
        assertThat(page.getByLabel("Blocks across")).hasValue("5");

        begin(grip("Drag for more"), 90, 100);
        assertThat(said()).containsText("Let go to keep it");
        String promised = said().innerText();
        page.mouse().up();
        assertThat(page.getByLabel("Blocks across")).hasValue("6");
        assertThat(page.getByLabel("Blocks down")).hasValue("7");
        assertThat(promised).isEqualTo("6 × 7 blocks: " + asItIs());

        begin(grip("Drag for the width of border 3"), 20, 0);
        assertThat(said()).containsText("Let go to keep it");
        String wider = said().innerText();
        page.mouse().up();
        assertThat(said()).hasCount(0);
        assertThat(wider).matches("Border 3 [\\d /]+ in wide, finished: .*").endsWith(asItIs());
    }

    @Test
    void aBlockIsCarriedToAnotherAndKeysDoTheSame() {
        copyOf("Lantern Street");
        String first = colourOf(0);
        String other = colourOf(6);
        assertThat(first).isNotEqualTo(other);
        BoundingBox to = page.locator("[data-part='6']").boundingBox();
        BoundingBox from = page.locator("[data-part='0']").boundingBox();
        begin(page.locator("[data-part='0']"), to.x - from.x, to.y - from.y);
        assertThat(said()).containsText("row 1, block 1 changes places with row 2, block 2");
        page.mouse().up();
        assertThat(said()).hasCount(0);
        assertThat(page.locator("header [data-save]")).hasText("All kept");
        page.waitForCondition(() -> colourOf(0).equals(other));
        assertThat(colourOf(6)).isEqualTo(first);

        page.getByRole(AriaRole.APPLICATION).focus();
        page.keyboard().press("Alt+ArrowRight");
        assertThat(page.getByLabel("Blocks across")).hasValue("6");
        page.keyboard().press("Alt+ArrowUp");
        assertThat(page.getByLabel("Blocks down")).hasValue("5");
    }

    private void copyOf(String name) {
        page.navigate("/quilts");
        page.getByLabel("Copy " + name).first().click();
        page.waitForURL("**/top");
        page.locator("[data-grip]").first().waitFor();
    }

    private Locator grip(String says) {
        return page.locator("[data-grip]").filter(new Locator.FilterOptions().setHasText(says));
    }

    private Locator said() {
        return page.locator("[data-trial]");
    }

    /** Takes hold in the middle and drags, without letting go. */
    private void begin(Locator what, double right, double down) {
        BoundingBox box = what.boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + right, y + down, new Mouse.MoveOptions().setSteps(6));
    }

    /** What the quilt as it is kept measures and buys, in the words of the wall. */
    private String asItIs() {
        assertThat(page.locator("header [data-save]")).hasText("All kept");
        String id = page.url().replaceFirst(".*/quilts/", "").replaceFirst("/.*", "");
        JsonNode glance = new JsonMapper()
                .readTree(page.request().get("/api/quilts/" + id + "/glance").text());
        StringBuilder buys = new StringBuilder();
        glance.path("buys")
                .forEach(buy -> buys.append(buys.isEmpty() ? "" : ", ").append(buy.asString()));
        glance.path("buysOfNoCloth")
                .forEach(buy -> buys.append(buys.isEmpty() ? "" : ", ").append(buy.asString()));
        return glance.path("blocks").asString() + ", " + glance.path("size").asString() + " finished; to buy: " + buys
                + ". Let go to keep it, Escape to leave it.";
    }

    private String colourOf(int part) {
        return String.valueOf(page.locator("[data-part='" + part + "']")
                .first()
                .evaluate("(use) => document.querySelector(use.getAttribute('href')).innerHTML"));
    }
}
