package org.goldentally.core.tally;

import java.util.List;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.measure.Area;

/**
 * What a plan does with some equal pieces of the shelf: so many cut up whole, one perhaps in part, the rest untouched.
 *
 * @param fullLayout how each fully used piece is cut
 * @param fullPieces how many are cut that way
 * @param lastLayout how the last piece is cut, where it is not needed whole; its count of cuts is 0 if there is none
 * @param untouched how many stay whole on the shelf
 */
public record PiecesUsed(
        ShelfPieces pieces, PieceLayout fullLayout, int fullPieces, List<PieceLayout> lastLayout, int untouched) {

    public long cutCount() {
        return fullLayout.count() * fullPieces
                + lastLayout.stream().mapToLong(layout -> layout.count()).sum();
    }

    public int touched() {
        return fullPieces + lastLayout.size();
    }

    public boolean isTight() {
        return fullPieces > 0 && fullLayout.isTight() || lastLayout.stream().anyMatch(PieceLayout::isTight);
    }

    /** Cloth taken from the shelf: the whole of every piece that is touched. */
    public Area taken() {
        return pieces.piece().area().times(touched());
    }

    public Area cutArea() {
        return sum(PieceLayout::cutArea);
    }

    public Area leftoverArea() {
        return sum(PieceLayout::leftoverArea);
    }

    public Area trimmingsArea() {
        return sum(PieceLayout::trimmingsArea);
    }

    /** The leftovers of one full piece, once for each piece so cut, and those of the last. */
    public List<Leftover> leftovers() {
        List<Leftover> leftovers = new java.util.ArrayList<>();
        if (fullPieces > 0) {
            fullLayout.leftovers().forEach(rectangle -> Leftover.add(leftovers, rectangle, fullPieces));
        }
        lastLayout.forEach(layout -> layout.leftovers().forEach(rectangle -> Leftover.add(leftovers, rectangle, 1)));
        return leftovers;
    }

    /** Leftovers of one size, counted. */
    public record Leftover(Rectangle rectangle, int count) {
        static void add(List<Leftover> leftovers, Rectangle rectangle, int count) {
            for (int i = 0; i < leftovers.size(); i++) {
                Leftover known = leftovers.get(i);
                if (known.rectangle.width().equals(rectangle.width())
                        && known.rectangle.height().equals(rectangle.height())) {
                    leftovers.set(i, new Leftover(known.rectangle, known.count + count));
                    return;
                }
            }
            leftovers.add(new Leftover(rectangle, count));
        }
    }

    private Area sum(java.util.function.Function<PieceLayout, Area> of) {
        Area total = of.apply(fullLayout).times(fullPieces);
        for (PieceLayout layout : lastLayout) {
            total = total.plus(of.apply(layout));
        }
        return total;
    }
}
