package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.BlockPart;
import org.goldentally.core.unit.UnitKind;

/**
 * Which cloths each of a block's cloths is taken from: {@code a}, the background, and {@code b}, {@code c} … before it.
 *
 * @param key finds it again
 * @param says it in words: {@code each block in one print of autumn, on white}
 * @param ground cloths that the background takes turns of; a single one is the same all over
 * @param before for {@code b}, {@code c} …: what each takes turns of; the last serves any more
 * @param spread how prints before the ground are spread over a block
 * @param between cloth of plain squares, sashing and setting triangles; empty where there is no length for them
 * @param accent cloth of borders and binding; empty where there is no length for them
 * @param toUse what should be used up: the heap that it is of, else all that lies there
 */
record Dressing(
        String key,
        String says,
        List<ShelfCloth> ground,
        List<List<ShelfCloth>> before,
        Spread spread,
        Optional<ShelfCloth> between,
        Optional<ShelfCloth> accent,
        List<ShelfCloth> toUse) {

    /** Where prints change. */
    enum Spread {
        /** Everything before the ground is of one print in each block. */
        ONE_A_BLOCK,
        /** Each of a block's cloths is a print of its own. */
        ONE_A_CLOTH,
        /** Each unit of a block is in a print of its own. */
        ONE_A_UNIT
    }

    /** The background of a traditional block. */
    static final String BACKGROUND = "a";

    Dressing {
        ground = List.copyOf(ground);
        before = List.copyOf(before);
        toUse = List.copyOf(toUse);
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

    /** A block as it is dressed: where each unit has a print of its own, each has a letter of its own too. */
    Block letteredFor(Block block) {
        if (spread != Spread.ONE_A_UNIT) {
            return block;
        }
        AtomicInteger unit = new AtomicInteger(10);
        return block.withUnits(each -> {
            int number = unit.getAndIncrement();
            return each.inCloths(letter -> letter.equals(BACKGROUND) ? letter : letter + number);
        });
    }

    /** How many fabrics the whole top has in its blocks; a heap of prints is as many as there are of them. */
    int fabricsInAll(List<String> letters) {
        Set<String> fabrics = new HashSet<>();
        letters.forEach(letter -> of(letter, letters).forEach(cloth -> fabrics.add(cloth.name())));
        return fabrics.size();
    }

    /** Whether a block looks like itself in it. */
    boolean suits(Block block, List<String> letters) {
        boolean onePrint = spread == Spread.ONE_A_BLOCK;
        if (spread == Spread.ONE_A_UNIT) {
            return isScrappy(block, letters);
        }
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

    /** Several units of one cloth on the ground, for each of which there is a print. */
    private boolean isScrappy(Block block, List<String> letters) {
        boolean hasSmaller = block.parts().stream().anyMatch(part -> part.unit().kind() == UnitKind.BLOCK);
        long prints = letters.stream().filter(each -> !each.equals(BACKGROUND)).count();
        long inBlock = block.parts().stream()
                .flatMap(part -> part.unit().cloths().stream())
                .filter(each -> !each.equals(BACKGROUND))
                .map(each -> each.substring(0, 1))
                .distinct()
                .count();
        return !hasSmaller
                && letters.contains(BACKGROUND)
                && inBlock == 1
                && prints > 1
                && prints <= before.getFirst().size();
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
