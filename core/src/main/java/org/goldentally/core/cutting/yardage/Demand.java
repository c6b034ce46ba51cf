package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.List;

/**
 * What is to be cut from cloth of one width: all lengths are whole marks of one ruler.
 *
 * @param widthOfFabric usable width of the cloth
 * @param longest length of the cloth; {@link #UNLIMITED} for cloth to buy
 * @param tallestStrip strips are cut no higher than this, unless a single piece is higher
 */
public record Demand(int widthOfFabric, int longest, List<Item> items, int tallestStrip) {

    public static final int UNLIMITED = Integer.MAX_VALUE;

    /** From cloth to buy, which is as long as it has to be. */
    public Demand(int widthOfFabric, List<Item> items, int tallestStrip) {
        this(widthOfFabric, UNLIMITED, items, tallestStrip);
    }

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
            if (!fits(item, widthOfFabric, longest)) {
                throw new IllegalArgumentException(
                        "wider than the fabric of " + widthOfFabric + " or longer than " + longest + ": " + item);
            }
        }
    }

    /** Whether a piece can be cut from cloth so wide and so long. */
    public static boolean fits(Item item, int widthOfFabric, int longest) {
        return (item.width <= widthOfFabric && item.height <= longest)
                || (item.turnable && item.height <= widthOfFabric && item.width <= longest);
    }

    /** All ways in which pieces can lie on the cloth. */
    List<Lying> lyings() {
        List<Lying> lyings = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            if (item.width <= widthOfFabric && item.height <= longest) {
                lyings.add(new Lying(i, item.width, item.height));
            }
            if (item.turnable && item.width != item.height && item.height <= widthOfFabric && item.width <= longest) {
                lyings.add(new Lying(i, item.height, item.width));
            }
        }
        return lyings;
    }

    /** The highest strip there may be. */
    int highestStrip() {
        int tallest = lyings().stream().mapToInt(Lying::height).max().orElse(0);
        return Math.min(longest, Math.max(tallestStrip, tallest));
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
