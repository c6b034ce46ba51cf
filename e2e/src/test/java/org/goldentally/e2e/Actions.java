package org.goldentally.e2e;

import com.microsoft.playwright.Locator;

/** Counts what a quilter does besides typing: a click, a choice in a list, a key that is pressed. */
final class Actions {

    private int count;

    int count() {
        return count;
    }

    void click(Locator what) {
        count++;
        what.click();
    }

    void press(Locator where, String key) {
        count++;
        where.press(key);
    }

    void choose(Locator list, String value) {
        count++;
        list.selectOption(value);
    }

    /** Types into a field that has to be gone to first. */
    void goTo(Locator field, String text) {
        click(field);
        field.fill(text);
    }
}
