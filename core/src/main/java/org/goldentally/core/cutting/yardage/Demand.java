package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.List;

/**
 * What is to be cut from cloth of one width: all lengths are whole marks of one ruler.
 *
 * @param widthOfFabric usable width of the cloth; its length is unlimited
 * @param tallestStrip strips are cut no higher than this, unless a single piece is higher
 */
public record Demand(int widthOfFabric, List<Item> items, int tallestStrip) {

    /** Equal pieces: {@code width} lies across the cloth, unless they may be turned. */
    public record Item(int width, int height, int count, boolean turnable) {
        public Item {
            if (width < 1 || height < 1 || count < 1) {
                throw new IllegalArgumentException("no piece to cut: " + width + " x " + height + ", " + count);
            }
        }
    }

    /** A piece as it may lie: as given, or turned. */
    record Lying(int item, int width, int height) {}

    public Demand {
        items = List.copyOf(items);
        for (Item item : items) {
            boolean lies = item.width <= widthOfFabric || item.turnable && item.height <= widthOfFabric;
            if (!lies) {
                throw new IllegalArgumentException("wider than the cloth of " + widthOfFabric + ": " + item);
            }
        }
    }

    /** All ways in which pieces can lie on the cloth. */
    List<Lying> lyings() {
        List<Lying> lyings = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            if (item.width <= widthOfFabric) {
                lyings.add(new Lying(i, item.width, item.height));
            }
            if (item.turnable && item.width != item.height && item.height <= widthOfFabric) {
                lyings.add(new Lying(i, item.height, item.width));
            }
        }
        return lyings;
    }

    /** The highest strip there may be. */
    int highestStrip() {
        return Math.max(
                tallestStrip, lyings().stream().mapToInt(Lying::height).max().orElse(0));
    }

    int[] counts() {
        return items.stream().mapToInt(Item::count).toArray();
    }

    long area() {
        return items.stream()
                .mapToLong(item -> (long) item.width * item.height * item.count)
                .sum();
    }
}
