package org.goldentally.app.tally;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.OpenedPiece;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Known;

/** A cloth's account in words. */
public final class LedgerWords {

    private LedgerWords() {}

    /** What is on hand of the cloth, cut into or not: {@code 3 squares, 10 in; 1 length, 54 in (1 1/2 yd), 42 in wide}. */
    public static String onHand(ClothLedger ledger, MeasureSystem system) {
        Map<String, Long> counts = new LinkedHashMap<>();
        Map<String, ShelfPieces> pieces = new LinkedHashMap<>();
        ledger.opened().forEach(opened -> {
            counts.merge(opened.key(), opened.count(), Long::sum);
            pieces.put(
                    opened.key(),
                    new ShelfPieces(opened.key(), 0, opened.piece().piece()));
        });
        ledger.untouched().forEach(each -> {
            counts.merge(each.key(), (long) each.count(), Long::sum);
            pieces.put(each.key(), each);
        });
        if (counts.isEmpty()) {
            return "nothing";
        }
        List<String> said = new ArrayList<>();
        counts.forEach(
                (key, count) -> said.add(Known.of(pieces, key).piece().describe(Math.toIntExact(count), system)));
        return String.join("; ", said);
    }

    /** {@code 3 of 4 × 40 in}, largest first. */
    public static List<String> leftovers(ClothLedger ledger, MeasureSystem system) {
        Map<String, Long> counts = new LinkedHashMap<>();
        ledger.opened().stream()
                .flatMap(opened -> opened.piece().leftovers().stream().map(rest -> Map.entry(rest, opened.count())))
                .sorted(Comparator.comparing((Map.Entry<Rectangle, Long> rest) ->
                                rest.getKey().area())
                        .reversed())
                .forEach(rest -> counts.merge(size(rest.getKey(), system), rest.getValue(), Long::sum));
        List<String> said = new ArrayList<>();
        counts.forEach((size, count) -> said.add(count == 1 ? size : count + " of " + size));
        return said;
    }

    /** Rests of one piece of cloth, largest first. */
    public static List<String> leftovers(OpenedPiece piece, MeasureSystem system) {
        return piece.leftovers().stream()
                .sorted(Comparator.comparing(Rectangle::area).reversed())
                .map(rest -> size(rest, system))
                .toList();
    }

    /** As cut, height before width: {@code 4 1/2 × 2 1/2 in}; a square by its side. */
    public static String size(ClothCut cut, MeasureSystem system) {
        return cut.size().isSquare()
                ? system.writer().writeWithUnit(cut.size().width())
                : system.writer().write(cut.size().height()) + " × "
                        + system.writer().writeWithUnit(cut.size().width());
    }

    private static String size(Rectangle rest, MeasureSystem system) {
        return system.writer().write(rest.width()) + " × " + system.writer().writeWithUnit(rest.height());
    }
}
