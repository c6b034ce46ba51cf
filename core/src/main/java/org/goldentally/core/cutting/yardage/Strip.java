package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.List;

/**
 * A strip across the whole width, cut crosswise into segments; a segment is cut across into pieces of its own width, one
 * above the other.
 */
public record Strip(int height, List<Segment> segments) {

    /** Pieces of one width above each other; each is named by its item and how high it lies. */
    public record Segment(int width, List<Stacked> stack) {
        public Segment {
            stack = List.copyOf(stack);
        }

        int height() {
            return stack.stream().mapToInt(Stacked::height).sum();
        }
    }

    /** A piece in a stack. */
    public record Stacked(int item, int height) {}

    public Strip {
        segments = List.copyOf(segments);
    }

    int[] counts(int items) {
        int[] counts = new int[items];
        for (Segment segment : segments) {
            for (Stacked piece : segment.stack) {
                counts[piece.item]++;
            }
        }
        return counts;
    }

    /** The same strip with only the pieces that are still wanted, no higher than they need. */
    Strip onlyWanted(int[] wanted) {
        int[] open = wanted.clone();
        List<Segment> kept = new ArrayList<>();
        int highest = 0;
        for (Segment segment : segments) {
            List<Stacked> stack = new ArrayList<>();
            for (Stacked piece : segment.stack) {
                if (open[piece.item] > 0) {
                    open[piece.item]--;
                    stack.add(piece);
                }
            }
            if (!stack.isEmpty()) {
                Segment shorter = new Segment(segment.width, stack);
                kept.add(shorter);
                highest = Math.max(highest, shorter.height());
            }
        }
        return new Strip(highest, kept);
    }
}
