package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * All parts that a top wants of its cloths, counted over all groups and sizes of units, so that pieces round up once for
 * each cloth and size and not for each group: three triangles of oat for one group and three for another are three squares.
 */
final class PartsPool {

    private final Map<PieceParts, Long> wanted = new LinkedHashMap<>();
    private final Map<PieceParts, Set<Use>> uses = new LinkedHashMap<>();
    private final Map<PieceParts, Set<String>> labels = new LinkedHashMap<>();

    void add(Map<PieceParts, Long> parts) {
        parts.forEach((part, count) -> wanted.merge(part, count, Long::sum));
    }

    void add(Map<PieceParts, Long> parts, Wanted units) {
        add(parts);
        parts.keySet().forEach(part -> {
            uses.computeIfAbsent(part, any -> new LinkedHashSet<>()).add(new Use.ForUnits(units.key()));
            labels.computeIfAbsent(part, any -> new LinkedHashSet<>()).add(units.label());
        });
    }

    void remove(Map<PieceParts, Long> parts) {
        parts.forEach((part, count) -> wanted.merge(part, -count, Long::sum));
    }

    long wanted(PieceParts part) {
        return wanted.getOrDefault(part, 0L);
    }

    /** What these parts add to the pieces that are cut, with all else that is wanted. */
    List<ClothCut> added(Map<PieceParts, Long> parts, Wanted units) {
        List<ClothCut> cuts = new ArrayList<>();
        parts.forEach((part, count) -> {
            long before = wanted(part);
            long pieces = part.piecesFor(before + count) - part.piecesFor(before);
            if (pieces > 0) {
                cuts.add(new ClothCut(
                        part.cloth(), part.size(), part.name(), pieces, new Use.ForUnits(units.key()), units.label()));
            }
        });
        return cuts;
    }

    /** Loose parts are cut before they are sewn; whole pieces, and squares for triangles of their own, as their use says. */
    private CutAgain again(PieceParts part) {
        return part.perPiece() > 1
                ? CutAgain.into(part.perPiece())
                : new ClothCut(
                                part.cloth(),
                                part.size(),
                                part.name(),
                                1,
                                List.copyOf(uses.getOrDefault(part, Set.of())),
                                "")
                        .again();
    }

    /** Everything that is to be cut for the parts wanted. */
    List<LooseParts> pieces() {
        List<LooseParts> pieces = new ArrayList<>();
        wanted.forEach((part, count) -> {
            if (count > 0) {
                pieces.add(new LooseParts(
                        new ClothCut(
                                part.cloth(),
                                part.size(),
                                part.name(),
                                part.piecesFor(count),
                                List.copyOf(uses.getOrDefault(part, Set.of())),
                                String.join("; ", labels.getOrDefault(part, Set.of())),
                                again(part)),
                        part.perPiece(),
                        count));
            }
        });
        return pieces;
    }
}
