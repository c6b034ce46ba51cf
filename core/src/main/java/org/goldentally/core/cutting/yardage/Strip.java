package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.List;

/**
 * A strip across the whole width, cut crosswise into segments; a segment is cut across into pieces one above the other, as
 * wide as the segment or trimmed to their width.
 *
 * <p>Searches look at millions of strips, so their lists are gone through by number, without an object for it.
 */
public record Strip(int height, List<Segment> segments) {

    /** Pieces above each other; the widest is as wide as the segment. */
    public record Segment(int width, int height, List<Stacked> stack) {
        public Segment {
            stack = List.copyOf(stack);
        }

        static Segment of(List<Stacked> stack) {
            int width = 0;
            int height = 0;
            for (Stacked piece : stack) {
                width = Math.max(width, piece.width);
                height += piece.height;
            }
            return new Segment(width, height, stack);
        }
    }

    /** A piece in a stack, as it lies: {@code width} across the cloth. */
    public record Stacked(int item, int width, int height) {}

    public Strip {
        segments = List.copyOf(segments);
    }

    /** As high as its highest segment. */
    static Strip of(List<Segment> segments) {
        int height = 0;
        for (Segment segment : segments) {
            height = Math.max(height, segment.height);
        }
        return new Strip(height, segments);
    }

    int[] counts(int items) {
        int[] counts = new int[items];
        for (int s = 0; s < segments.size(); s++) {
            List<Stacked> stack = segments.get(s).stack;
            for (int i = 0; i < stack.size(); i++) {
                counts[stack.get(i).item]++;
            }
        }
        return counts;
    }

    /** Takes its pieces off what is wanted; what is too many goes below none. */
    void takeOff(int[] wanted) {
        for (Segment segment : segments) {
            for (Stacked piece : segment.stack) {
                wanted[piece.item]--;
            }
        }
    }

    /** The same strip with only the pieces that are still wanted, no higher than they need. */
    Strip onlyWanted(int[] wanted) {
        int[] open = wanted.clone();
        List<Segment> kept = new ArrayList<>();
        for (int s = 0; s < segments.size(); s++) {
            Segment segment = segments.get(s);
            List<Stacked> stack = new ArrayList<>();
            for (int i = 0; i < segment.stack.size(); i++) {
                Stacked piece = segment.stack.get(i);
                if (open[piece.item] > 0) {
                    open[piece.item]--;
                    stack.add(piece);
                }
            }
            if (stack.size() == segment.stack.size()) {
                kept.add(segment);
            } else if (!stack.isEmpty()) {
                kept.add(Segment.of(stack));
            }
        }
        return of(kept);
    }

    /** How high {@link #onlyWanted} would be. */
    int heightOfWanted(int[] wanted) {
        int[] open = wanted.clone();
        int highest = 0;
        for (int s = 0; s < segments.size(); s++) {
            List<Stacked> stack = segments.get(s).stack;
            int height = 0;
            for (int i = 0; i < stack.size(); i++) {
                Stacked piece = stack.get(i);
                height += open[piece.item]-- > 0 ? piece.height : 0;
            }
            highest = Math.max(highest, height);
        }
        return highest;
    }
}
