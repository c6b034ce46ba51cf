package org.goldentally.app.top;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.QuiltTop;

/**
 * A block of the quilt, to draw and to build on.
 *
 * @param cloths for each patch the place of its cloth among the quilt's; -1 not dressed, -2 blank
 * @param parts for each patch the part of the block that it belongs to; -1 for an empty cell
 * @param ordinals for each patch which patch of its part it is
 * @param partSizes finished size of each part
 */
record BlockPictureView(
        String key,
        String name,
        String grid,
        TopPictureView.OutlinesView shape,
        List<Integer> cloths,
        List<Integer> parts,
        List<Integer> ordinals,
        List<String> partSizes,
        List<Problem> flaws) {

    static List<BlockPictureView> of(QuiltTop top) {
        Map<String, Integer> clothPlaces =
                TopPictureView.clothPlaces(top.design().cloths());
        return top.design().blocks().stream()
                .map(block -> of(block, top, clothPlaces))
                .toList();
    }

    private static BlockPictureView of(Block block, QuiltTop top, Map<String, Integer> clothPlaces) {
        Figure figure = Figure.of(
                block,
                top.sizes().blockWidth(),
                top.sizes().blockHeight(),
                top.design()::block,
                top.design().system());
        List<Integer> ordinals = new ArrayList<>();
        Map<Integer, Integer> seen = new HashMap<>();
        for (FigurePatch patch : figure.patches()) {
            ordinals.add(seen.merge(patch.part(), 1, Integer::sum) - 1);
        }
        LengthWriter writer = top.design().system().writer();
        return new BlockPictureView(
                block.key(),
                block.name(),
                block.grid(),
                TopPictureView.shape(figure),
                TopPictureView.cloths(figure, clothPlaces),
                figure.patches().stream().map(FigurePatch::part).toList(),
                ordinals,
                block.parts().stream()
                        .map(part -> {
                            Figure.Cells cells = Figure.Cells.of(block, part, figure);
                            return writer.write(cells.width()) + " × " + writer.write(cells.height());
                        })
                        .toList(),
                figure.flaws());
    }
}
