package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.sew.Layout.LaidPiece;
import org.goldentally.core.sew.PressingMap.Pressed;

/** A layout in words: which way its seams are pressed, in what order its pieces are joined. */
public final class LayoutWords {

    private LayoutWords() {}

    /** The way of each seam in words. */
    public static List<String> presses(Layout layout) {
        return layout.pressing().seams().stream()
                .map(each -> press(each, layout.pieces()))
                .toList();
    }

    /** {@code between 1 and 2 towards 1}: that holds from either side of the cloth. */
    private static String press(Pressed pressed, List<LaidPiece> pieces) {
        Assembly.Seam seam = pressed.seam();
        Point middle = seam.from().middleTo(seam.to());
        int first = beside(
                pieces,
                piece -> seam.lying()
                        ? piece.bottom().equals(middle.y()) && spans(piece.left(), middle.x(), piece.right())
                        : piece.right().equals(middle.x()) && spans(piece.top(), middle.y(), piece.bottom()));
        int second = beside(
                pieces,
                piece -> seam.lying()
                        ? piece.top().equals(middle.y()) && spans(piece.left(), middle.x(), piece.right())
                        : piece.left().equals(middle.x()) && spans(piece.top(), middle.y(), piece.bottom()));
        String way = switch (pressed.direction()) {
            case LEFT, UP -> "towards " + first;
            case RIGHT, DOWN -> "towards " + second;
            case OPEN -> "open";
        };
        return "between " + first + " and " + second + " " + way;
    }

    private static boolean spans(Length from, Length at, Length to) {
        return from.isShorterThan(to) && !at.isShorterThan(from) && at.isShorterThan(to);
    }

    private static int beside(List<LaidPiece> pieces, Predicate<Assembly.Box> lies) {
        return pieces.stream()
                .filter(piece -> lies.test(piece.box()))
                .map(LaidPiece::number)
                .findFirst()
                .orElse(0);
    }

    /** What the pressing cannot keep, and seams that are closed last. */
    public static List<String> notes(Layout layout) {
        List<String> notes = new ArrayList<>(layout.pressing().notes());
        if (!layout.assembly().straightOnly()) {
            notes.add("Some pieces go round each other: sew the first of these seams only in part, and close it at the"
                    + " end.");
        }
        return notes;
    }

    /** {@code Row 1: 1 + 2 + 3, then 3 1/2 × 9 1/2 unfinished}. */
    public static List<String> joins(Layout layout, LengthWriter writer) {
        List<String> joins = new ArrayList<>();
        if (layout.assembly().root() instanceof Assembly.Joined root
                && root.parts().stream().allMatch(Assembly.Single.class::isInstance)) {
            joins.add("Join 1 to " + root.parts().size() + (root.above() ? " one below the other" : " side by side")
                    + ", in pairs first, then pair to pair");
        } else if (layout.assembly().root() instanceof Assembly.Joined root) {
            for (int i = 0; i < root.parts().size(); i++) {
                joins.add((root.above() ? "Row " : "Column ") + (i + 1) + ": "
                        + say(root.parts().get(i)));
            }
        }
        joins.add("Joined it should measure " + writer.write(layout.unfinishedWidth()) + " × "
                + writer.writeWithUnit(layout.unfinishedHeight()) + " unfinished");
        return joins;
    }

    private static String say(Assembly.Part part) {
        return switch (part) {
            case Assembly.Single single -> "" + single.number();
            case Assembly.Joined joined -> {
                List<String> parts = joined.parts().stream()
                        .map(each -> each instanceof Assembly.Single ? say(each) : "(" + say(each) + ")")
                        .toList();
                yield joined.parts().size() > 12
                        ? parts.getFirst() + " to " + parts.getLast()
                        : String.join(joined.above() ? " over " : " + ", parts);
            }
            case Assembly.PartialSeams partial ->
                "partial seams round " + partial.parts().getFirst().number() + " to "
                        + partial.parts().getLast().number();
        };
    }
}
