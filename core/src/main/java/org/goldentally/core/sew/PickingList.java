package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;

/**
 * Which block is made of which fabrics: blocks that are alike in kind, hand and fabrics are one pick, told with the places where
 * they go. With it heaps of prints become blocks without the screen, and in black ink.
 *
 * @param picks in the order in which the first of each lies on the top, row by row
 */
public record PickingList(List<Pick> picks) {

    /**
     * Blocks that are alike.
     *
     * @param fabrics by name, in the order of the quilt's fabrics; what the block is not dressed in yet is not among them
     * @param places numbers of the blocks in each row; rows and blocks count from 1
     */
    public record Pick(String block, boolean mirrored, List<String> fabrics, Map<Integer, List<Integer>> places) {

        /** How many blocks it is. */
        public int count() {
            return places.values().stream().mapToInt(List::size).sum();
        }

        /** {@code row 1: 2, 5; row 3: 1}. */
        public String where() {
            List<String> rows = new ArrayList<>();
            places.forEach((row, blocks) -> rows.add("row " + row + ": "
                    + String.join(", ", blocks.stream().map(String::valueOf).toList())));
            return String.join("; ", rows);
        }
    }

    private record Alike(String key, String name, boolean mirrored, Set<String> fabrics) {}

    public PickingList {
        picks = List.copyOf(picks);
    }

    /** All blocks of a top. */
    public static PickingList of(QuiltTop top) {
        QuiltDesign design = top.design();
        Map<Alike, Map<Integer, List<Integer>>> places = new LinkedHashMap<>();
        top.parts().stream()
                .filter(part -> part.isBlock() && !part.blockKey().isEmpty())
                .forEach(part -> places.computeIfAbsent(alike(part, design), any -> new TreeMap<>())
                        .computeIfAbsent(part.row() + 1, any -> new ArrayList<>())
                        .add(part.column() + 1));
        List<Pick> picks = new ArrayList<>();
        places.forEach(
                (alike, where) -> picks.add(new Pick(alike.name, alike.mirrored, List.copyOf(alike.fabrics), where)));
        return new PickingList(picks);
    }

    private static Alike alike(TopPart part, QuiltDesign design) {
        Set<String> shown = new LinkedHashSet<>();
        part.figure().patches().stream().map(FigurePatch::cloth).forEach(shown::add);
        Set<String> fabrics = new LinkedHashSet<>();
        for (ClothInHand cloth : design.cloths()) {
            if (shown.contains(cloth.key())) {
                fabrics.add(cloth.name());
            }
        }
        return new Alike(part.blockKey(), part.name(), part.placing().mirrored(), fabrics);
    }

    /** Whether there is anything to pick: a top whose blocks are all alike needs no list. */
    public boolean isNeeded() {
        return picks.size() > 1;
    }
}
