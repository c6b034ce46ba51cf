package org.goldentally.core.quilt;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.meaning.TopSizes;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.problem.Problem;

/** The strips and squares of the sashing, each length laid out once. */
final class SashingFigures {

    private final QuiltDesign design;
    private final TopSizes sizes;
    private final BlockFigures blocks;
    private final Map<List<Object>, Figure> strips = new HashMap<>();
    private final Figure cornerstone;

    SashingFigures(QuiltDesign design, TopSizes sizes, BlockFigures blocks) {
        this.design = design;
        this.sizes = sizes;
        this.blocks = blocks;
        this.cornerstone = Figure.plain(sizes.sashing(), sizes.sashing(), cornerstoneCloth());
    }

    Figure strip(Length length, PartId id) {
        Map<Integer, Map<String, String>> exchanges = blocks.edges().at(id);
        return strips.computeIfAbsent(List.of(length, exchanges), any -> lay(length, exchanges));
    }

    private Figure lay(Length length, Map<Integer, Map<String, String>> exchanges) {
        List<UnitDesign> units = design.sashing().units();
        if (units.isEmpty()) {
            return Figure.plain(length, sizes.sashing(), "");
        }
        RowOfUnits row = new RowOfUnits(units, Length.ZERO, false, List.of());
        Length over = row.remainder(length, sizes.sashing());
        LengthWriter writer = design.system().writer();
        List<Problem> flaws = over.isZero()
                ? List.of()
                : List.of(new Problem(
                        "Sashing",
                        "its units, " + writer.writeWithUnit(row.step(sizes.sashing())) + " finished, leave "
                                + writer.writeWithUnit(over) + " of a strip of " + writer.writeWithUnit(length)
                                + " blank",
                        "choose a width that divides the block, or plain strips"));
        return row.figure(
                length,
                sizes.sashing(),
                "Sashing",
                blocks::block,
                design.system(),
                flaws,
                i -> exchanges.getOrDefault(i, Map.of()));
    }

    /** The cloth of the squares; where none is chosen, that of the strips' first patch. */
    String cornerstoneCloth() {
        if (!design.sashing().cornerstones().isEmpty()) {
            return design.sashing().cornerstones();
        }
        return design.sashing().units().stream()
                .flatMap(unit -> unit.cloths().stream())
                .findFirst()
                .orElse("");
    }

    Figure cornerstone(PartId id) {
        return blocks.edges().dressed(cornerstone, id);
    }
}
