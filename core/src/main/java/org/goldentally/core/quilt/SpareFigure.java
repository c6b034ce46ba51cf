package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.Figure;
import org.goldentally.core.design.MakingDesign.SpareBlock;

/**
 * A block that is made beyond the top, as large as those of its kind on the wall.
 *
 * @param index of it among the spare blocks of the design
 * @param blockKey of the block that it is one of
 * @param mirrored whether it is sewn as its mirror image
 */
public record SpareFigure(int index, String blockKey, String name, Figure figure, boolean mirrored) {

    /** Those of a top whose block there still is. */
    public static List<SpareFigure> of(QuiltTop top) {
        List<SpareBlock> spares = top.design().plan().making().spareBlocks();
        List<SpareFigure> figures = new ArrayList<>();
        for (int i = 0; i < spares.size(); i++) {
            int index = i;
            SpareBlock spare = spares.get(i);
            top.design()
                    .block(spare.block())
                    .ifPresent(block -> figures.add(new SpareFigure(
                            index, block.key(), block.name(), figure(top, block, spare), spare.mirrored())));
        }
        return figures;
    }

    private static Figure figure(QuiltTop top, Block block, SpareBlock spare) {
        Optional<Figure> onWall = top.parts().stream()
                .filter(part -> part.isBlock() && part.blockKey().equals(block.key()))
                .map(TopPart::figure)
                .findFirst();
        Figure own = Figure.of(
                block,
                onWall.map(Figure::finishedWidth).orElse(top.sizes().blockWidth()),
                onWall.map(Figure::finishedHeight).orElse(top.sizes().blockHeight()),
                top.design()::block,
                top.design().system());
        Map<String, String> exchanges = new LinkedHashMap<>();
        spare.exchanges().forEach(exchange -> exchanges.put(exchange.from(), exchange.to()));
        return own.inCloths(exchanges);
    }
}
