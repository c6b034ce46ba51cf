package org.goldentally.app.shelf;

/** Words for counts of the shelf. */
final class ShelfWords {

    private ShelfWords() {}

    /** {@code 1 line}, {@code 12 lines}. */
    static String lines(int count) {
        return count == 1 ? "1 line" : count + " lines";
    }
}
