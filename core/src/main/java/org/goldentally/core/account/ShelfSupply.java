package org.goldentally.core.account;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.making.Supply;
import org.goldentally.core.measure.Length;
import org.goldentally.core.work.Remembering;

/** The pieces of a shelf as a {@link Supply}; what a size gives is counted once. */
public final class ShelfSupply implements Supply {

    private static final int MOST_REMEMBERED = 5_000;

    /** What is narrower is a remnant, which says nothing of how wide the fabric is (our own limit). */
    private static final Length NARROWEST = Length.inches(30);

    private record Asked(String cloth, CutSize size) {}

    private record OfPiece(ClothPiece piece, CutSize size) {}

    /** What a piece gives is asked again and again, for every top that is tried. */
    private static final Remembering<OfPiece, Long> CAPACITIES = new Remembering<>(MOST_REMEMBERED);

    private final Map<String, List<ShelfPieces>> shelf;
    private final Map<Asked, Long> known = new HashMap<>();

    /** Of the pieces of each fabric by its key. */
    public ShelfSupply(Map<String, List<ShelfPieces>> shelf) {
        this.shelf = shelf;
    }

    @Override
    public long capacity(String cloth, CutSize size) {
        return shelf.containsKey(cloth) ? known.computeIfAbsent(new Asked(cloth, size), this::count) : 0;
    }

    @Override
    public Optional<Length> widthOfLengths(String cloth) {
        return shelf.getOrDefault(cloth, List.of()).stream()
                .map(ShelfPieces::piece)
                .filter(piece -> piece.form() == PieceForm.YARDAGE)
                .map(ClothPiece::width)
                .filter(width -> width.isAtLeast(NARROWEST))
                .max(Length::compareTo);
    }

    /** The same, of which nobody says how wide it is. */
    public Supply withoutWidths() {
        return new Supply() {
            @Override
            public long capacity(String cloth, CutSize size) {
                return ShelfSupply.this.capacity(cloth, size);
            }
        };
    }

    private long count(Asked asked) {
        return shelf.getOrDefault(asked.cloth, List.of()).stream()
                .mapToLong(pieces -> pieces.count()
                        * CAPACITIES.of(
                                new OfPiece(pieces.piece(), asked.size),
                                () -> PieceLayout.capacity(pieces.piece(), asked.size)))
                .sum();
    }
}
