package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.measure.Length;

/**
 * How pieces that fill a box are joined with straight seams: pieces into rows or columns, these to each other, and so on
 * inwards. Found by looking for seams that run all the way across and cut through no piece.
 *
 * @param pieces numbered from the upper left, row by row
 * @param root the whole; its seams are the last to be sewn
 */
public record Assembly(List<Box> pieces, Part root) {

    /** A piece at its place. */
    public record Box(Length left, Length top, Length right, Length bottom) {
        boolean crossesY(Length y) {
            return top.isShorterThan(y) && y.isShorterThan(bottom);
        }

        boolean crossesX(Length x) {
            return left.isShorterThan(x) && x.isShorterThan(right);
        }

        /** From left to right. */
        public Length width() {
            return right.minus(left);
        }

        /** From top to bottom. */
        public Length height() {
            return bottom.minus(top);
        }
    }

    /** A piece, or parts that are joined. */
    public sealed interface Part {
        /** The smallest box around it. */
        Box box();
    }

    /** One piece, by its number from 1. */
    public record Single(int number, Box box) implements Part {}

    /**
     * Parts joined by straight seams.
     *
     * @param above whether they lie above each other, joined by lying seams; else side by side
     */
    public record Joined(boolean above, List<Part> parts, Box box) implements Part {}

    /** Pieces that no straight seam divides: the first seam is sewn in part, and closed at the end. */
    public record PartialSeams(List<Single> parts, Box box) implements Part {}

    /** A seam between two parts, as long as both of them go. */
    public record Seam(Point from, Point to, boolean lying, Part first, Part second) {

        static Seam between(Part first, Part second, boolean above) {
            Box one = first.box();
            Box other = second.box();
            return above
                    ? new Seam(
                            new Point(Length.max(one.left(), other.left()), one.bottom()),
                            new Point(Length.min(one.right(), other.right()), one.bottom()),
                            true,
                            first,
                            second)
                    : new Seam(
                            new Point(one.right(), Length.max(one.top(), other.top())),
                            new Point(one.right(), Length.min(one.bottom(), other.bottom())),
                            false,
                            first,
                            second);
        }

        /** As long as both parts go beside each other. */
        public Length length() {
            return lying ? to.x().minus(from.x()) : to.y().minus(from.y());
        }
    }

    /** How pieces that fill a box are joined: by seams right across where there are any, else in part and closed at the end. */
    public static Assembly of(List<Box> boxes) {
        List<Box> inOrder = new ArrayList<>(boxes);
        inOrder.sort(Comparator.comparing(Box::top).thenComparing(Box::left));
        List<Single> singles = new ArrayList<>();
        for (int i = 0; i < inOrder.size(); i++) {
            singles.add(new Single(i + 1, inOrder.get(i)));
        }
        return new Assembly(List.copyOf(inOrder), join(singles));
    }

    private static Part join(List<Single> singles) {
        if (singles.size() == 1) {
            return singles.getFirst();
        }
        Box box = around(singles);
        List<List<Single>> rows = split(singles, true);
        boolean above = rows.size() > 1;
        List<List<Single>> parts = above ? rows : split(singles, false);
        if (parts.size() == 1) {
            return new PartialSeams(List.copyOf(singles), box);
        }
        return new Joined(above, parts.stream().map(Assembly::join).toList(), box);
    }

    private static Box around(List<Single> singles) {
        Box first = singles.getFirst().box();
        Length left = first.left();
        Length top = first.top();
        Length right = first.right();
        Length bottom = first.bottom();
        for (Single single : singles) {
            left = Length.min(left, single.box().left());
            top = Length.min(top, single.box().top());
            right = Length.max(right, single.box().right());
            bottom = Length.max(bottom, single.box().bottom());
        }
        return new Box(left, top, right, bottom);
    }

    private static List<List<Single>> split(List<Single> singles, boolean lying) {
        TreeSet<Length> lines = new TreeSet<>();
        singles.forEach(
                single -> lines.add(lying ? single.box().top() : single.box().left()));
        lines.pollFirst();
        List<List<Single>> parts = new ArrayList<>();
        List<Single> rest = new ArrayList<>(singles);
        for (Length line : lines) {
            boolean through = singles.stream()
                    .noneMatch(single ->
                            lying ? single.box().crossesY(line) : single.box().crossesX(line));
            if (through) {
                List<Single> before = rest.stream()
                        .filter(single ->
                                !(lying ? single.box().bottom() : single.box().right()).isLongerThan(line))
                        .toList();
                parts.add(before);
                rest.removeAll(before);
            }
        }
        parts.add(List.copyOf(rest));
        return parts;
    }

    /** Every seam between joined parts, the innermost first. */
    public List<Seam> seams() {
        List<Seam> seams = new ArrayList<>();
        collect(root, seams);
        return seams;
    }

    private static void collect(Part part, List<Seam> seams) {
        if (part instanceof Joined joined) {
            joined.parts().forEach(each -> collect(each, seams));
            for (int i = 0; i + 1 < joined.parts().size(); i++) {
                seams.add(Seam.between(joined.parts().get(i), joined.parts().get(i + 1), joined.above()));
            }
        }
    }

    /** Whether straight seams are enough. */
    public boolean straightOnly() {
        return straightOnly(root);
    }

    private static boolean straightOnly(Part part) {
        return switch (part) {
            case Single single -> true;
            case Joined joined -> joined.parts().stream().allMatch(Assembly::straightOnly);
            case PartialSeams partial -> false;
        };
    }
}
