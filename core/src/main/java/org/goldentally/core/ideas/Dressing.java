package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.BlockPart;

/**
 * Which cloths each of a block's cloths is taken from: {@code a}, the background, and {@code b}, {@code c} … before it.
 *
 * @param key finds it again
 * @param says it in words: {@code each block in one print of autumn, on white}
 * @param ground cloths that the background takes turns of; a single one is the same all over
 * @param before for {@code b}, {@code c} …: what each takes turns of; the last serves any more
 * @param onePrint whether everything before the ground is of one print in each block
 * @param between cloth of plain squares, sashing and setting triangles; empty where there is no length for them
 * @param accent cloth of borders and binding; empty where there is no length for them
 */
record Dressing(
        String key,
        String says,
        List<ShelfCloth> ground,
        List<List<ShelfCloth>> before,
        boolean onePrint,
        Optional<ShelfCloth> between,
        Optional<ShelfCloth> accent) {

    /** The background of a traditional block. */
    static final String BACKGROUND = "a";

    Dressing {
        ground = List.copyOf(ground);
        before = List.copyOf(before);
    }

    /** What a block's cloth takes turns of. */
    List<ShelfCloth> of(String letter, List<String> letters) {
        if (letter.equals(BACKGROUND)) {
            return ground;
        }
        List<String> others =
                letters.stream().filter(each -> !each.equals(BACKGROUND)).toList();
        return before.get(Math.min(others.indexOf(letter), before.size() - 1));
    }

    /** Whether a block looks like itself in it. */
    boolean suits(Block block, List<String> letters) {
        if (!letters.contains(BACKGROUND)) {
            return before.size() > 1 || !onePrint;
        }
        long others = letters.stream().filter(each -> !each.equals(BACKGROUND)).count();
        boolean fewCloths = before.stream().allMatch(each -> each.size() == 1);
        if (fewCloths) {
            return others == before.size();
        }
        return onePrint ? others == 1 || !meets(block) : others > 1;
    }

    /** Whether two cloths before the ground meet in one unit: of one print they would run together. */
    private static boolean meets(Block block) {
        return block.parts().stream()
                .map(BlockPart::unit)
                .anyMatch(unit -> Set.copyOf(unit.cloths()).stream()
                                .filter(each -> !each.equals(BACKGROUND))
                                .count()
                        > 1);
    }

    /** All its cloths once, the ground first. */
    List<ShelfCloth> all() {
        Map<String, ShelfCloth> all = new LinkedHashMap<>();
        List<ShelfCloth> inOrder = new ArrayList<>(ground);
        before.forEach(inOrder::addAll);
        between.ifPresent(inOrder::add);
        accent.ifPresent(inOrder::add);
        inOrder.forEach(cloth -> all.putIfAbsent(cloth.name(), cloth));
        return List.copyOf(all.values());
    }
}
