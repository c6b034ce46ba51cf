package org.goldentally.core.account;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;

/**
 * Cloths that are cut alike: the same pieces of each, in the same cuts, for the same uses. They are laid on one another and
 * cut together, to so many layers (common practice, no source); a length lies folded, so it is two layers by itself.
 *
 * @param cloths in the order of the accounts; the first stands for all
 */
public record CutAlike(List<ClothLedger> cloths) {

    private static final int LAYERS_OF_A_FOLD = 2;

    public CutAlike {
        cloths = List.copyOf(cloths);
    }

    /** Everything about an account but the cloth it is of. */
    private record Cutting(List<Object> pieces, List<Object> cuts) {}

    /** All accounts, those that are alike together where the first of them stands. */
    public static List<CutAlike> of(List<ClothLedger> ledgers) {
        Map<Cutting, List<ClothLedger>> alike = new LinkedHashMap<>();
        for (ClothLedger ledger : ledgers) {
            alike.computeIfAbsent(cutting(ledger), any -> new ArrayList<>()).add(ledger);
        }
        return alike.values().stream().map(CutAlike::new).toList();
    }

    private static Cutting cutting(ClothLedger ledger) {
        // Cutting into what was to be bought takes no cloth out of its stack.
        Stream<Object> opened = ledger.opened().stream()
                .map(each -> List.of(
                        each.key().equals(ClothLedger.BOUGHT) ? ClothLedger.BOUGHT : each.count(),
                        pattern(each.piece())));
        Stream<Object> toBuy = ledger.toBuy().stream().map(buy -> List.of(ClothLedger.BOUGHT, pattern(buy.piece())));
        return new Cutting(
                Stream.concat(opened, toBuy).toList(),
                ledger.cuts().stream()
                        .<Object>map(cut -> List.of(cut.size(), cut.name(), cut.useLabel(), cut.count()))
                        .toList());
    }

    private static List<Object> pattern(OpenedPiece opened) {
        return List.of(
                opened.piece(),
                opened.layouts(),
                opened.leftovers(),
                opened.cuts().stream()
                        .map(cut -> List.of(
                                cut.cut().size(), cut.cut().name(), cut.cut().useLabel(), cut.blocks()))
                        .toList());
    }

    /** The one whose sheet stands for all. */
    public ClothLedger first() {
        return cloths.getFirst();
    }

    /** The cloths of each stack, by their keys: as many as go on one another with all that is cut alike of each. */
    public List<List<String>> stacks(int layers) {
        long ofEach = Stream.concat(
                        first().opened().stream()
                                .map(each -> layers(each.piece().piece(), each.count())),
                        first().toBuy().stream().map(buy -> layers(buy.piece().piece(), 1)))
                .mapToLong(Long::longValue)
                .max()
                .orElse(1);
        int together = Math.toIntExact(Math.max(1, layers / ofEach));
        List<List<String>> stacks = new ArrayList<>();
        for (int from = 0; from < cloths.size(); from += together) {
            stacks.add(cloths.subList(from, Math.min(cloths.size(), from + together)).stream()
                    .map(ClothLedger::cloth)
                    .toList());
        }
        return stacks;
    }

    private static long layers(ClothPiece piece, long count) {
        return piece.form() == PieceForm.YARDAGE ? LAYERS_OF_A_FOLD * count : count;
    }

    /** How often the cuts of a piece are made for all of these cloths, of each of which there are so many. */
    public long passes(ClothPiece piece, long count, int layers) {
        long fold = piece.form() == PieceForm.YARDAGE ? LAYERS_OF_A_FOLD : 1;
        return stacks(layers).stream()
                .mapToLong(stack -> Math.ceilDiv(stack.size() * count * fold, Math.max(fold, layers)))
                .sum();
    }
}
