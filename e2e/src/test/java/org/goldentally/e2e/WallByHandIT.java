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

        int dealt = asked("").path("design").path("places").size();
        begin(grip("Drag for more"), 90, 100);
        assertThat(said()).containsText("Let go to keep it");
        page.mouse().up();
        assertThat(page.getByLabel("Blocks across")).hasValue("6");
        assertThat(page.getByLabel("Blocks down")).hasValue("7");
        // The new blocks are dealt as the others were, in the same step, once the number stands still.
        page.waitForCondition(() -> asked("").path("design").path("places").size() > dealt);
        assertThat(page.locator("header [data-save]")).hasText("Saved");

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
        assertThat(page.locator("header [data-save]")).hasText("Saved");
        page.waitForCondition(() -> colourOf(0).equals(other));
        assertThat(colourOf(6)).isEqualTo(first);

        page.getByRole(AriaRole.APPLICATION).focus();
        page.keyboard().press("Alt+ArrowRight");
        assertThat(page.getByLabel("Blocks across")).hasValue("6");
        page.keyboard().press("Alt+ArrowUp");
        assertThat(page.getByLabel("Blocks down")).hasValue("5");
    }

    @Test
    void aClothIsCarriedOntoAPatchAndOntoAWholeBorderAndFoundByItsName() {
        copyOf("Lantern Street");
        String before = colourOf(0);
        begin(page.getByRole(AriaRole.BUTTON, named("spruce: take in hand, key 4")), 20, 0);
        over(page.locator("[data-part='0']"), 0.5);
        assertThat(said())
                .containsText("spruce for marigold, row 1, block 1: 30 blocks, 58 × 67 in finished; to buy: ");
        String promised = said().innerText();
        page.mouse().up();
        assertThat(said()).hasCount(0);
        assertThat(promised).isEqualTo("spruce for marigold, row 1, block 1: " + asItIs());
        page.waitForCondition(() -> !colourOf(0).equals(before));

        begin(page.getByRole(AriaRole.BUTTON, named("brick: take in hand, key 3")), 20, 0);
        page.keyboard().down("Shift");
        over(page.locator("[data-part='1']"), 0.5);
        assertThat(said()).containsText("brick, wherever Friendship Star stands: 30 blocks");
        page.mouse().up();
        page.keyboard().up("Shift");
        assertThat(page.getByLabel("Dark of Friendship Star").locator("option:checked"))
                .hasText("brick");

        page.getByRole(AriaRole.APPLICATION).focus();
        page.keyboard().press("/");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Which fabric for row 1, block 2?");
        page.keyboard().type("plu");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(page.getByRole(AriaRole.BUTTON, named("plum"))).hasAttribute("aria-pressed", "true");
    }

    @Test
    void aSideUnlikeTheOthersIsChosenFromItsListByEnterAndDraggedByItself() {
        copyOf("Lantern Street");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Borders"))
                .click();
        Locator border = page.locator("[data-border='3']");
        border.getByLabel("Corners", new Locator.GetByLabelOptions().setExact(false))
                .first()
                .selectOption("BUTTED");
        border.locator("summary")
                .filter(new Locator.FilterOptions().setHasText("Its four sides"))
                .click();
        Locator below = border.locator("select[aria-label='Border 3 below']");
        below.focus();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        assertThat(below).hasValue("ALIKE");
        page.keyboard().press("Enter");
        assertThat(below).hasValue("PLAIN");
        border.getByLabel("Finished width below, in").fill("7 1/2");
        border.locator("select[aria-label='Border 3 left']").selectOption("NONE");
        assertThat(page.locator("header")).containsText("56 × 72 1/2 in finished");

        begin(grip("Drag for the width of border 3"), 20, 0);
        assertThat(said()).containsText("Border 3 ");
        page.keyboard().press("Escape");
        page.mouse().up();
        page.locator("[data-part='" + partOf("border-3-3") + "']").first().click();
        begin(grip("Drag for the width of border 3 below"), 0, 20);
        assertThat(said()).containsText("Border 3, below, ");
        assertThat(said()).containsText("56 × 7");
        String wider = said().innerText();
        page.mouse().up();
        assertThat(said()).hasCount(0);
        assertThat(wider).endsWith(asItIs());
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }

    /** Carries what is held over a part; a browser tells of it once it moves there. */
    private void over(Locator what, double across) {
        BoundingBox box = what.first().boundingBox();
        page.mouse().move(box.x + box.width * across, box.y + box.height / 2, new Mouse.MoveOptions().setSteps(8));
        page.mouse().move(box.x + box.width * across + 1, box.y + box.height / 2);
    }

    private JsonNode asked(String what) {
        String id = page.url().replaceFirst(".*/quilts/", "").replaceFirst("/.*", "");
        return new JsonMapper()
                .readTree(page.request().get("/api/quilts/" + id + what).text());
    }

    private int partOf(String id) {
        JsonNode parts = asked("/top").path("picture").path("parts");
        for (int i = 0; i < parts.size(); i++) {
            if (parts.get(i).path("id").asString().equals(id)) {
                return i;
            }
        }
        throw new AssertionError("No part " + id);
    }

    private void copyOf(String name) {
        page.navigate("/quilts");
        Browser.choose(page, name, "Copy");
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
        assertThat(page.locator("header [data-save]")).hasText("Saved");
        JsonNode glance = asked("/glance");
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
