package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.Figure;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.measure.Length;
import org.goldentally.core.problem.Problem;

/** Which block stands at a place, in which cloths, turned which way; equal ones are laid out once only. */
final class BlockFigures {

    private final QuiltDesign design;
    private final TopSizes sizes;
    private final Map<List<Object>, Figure> laidOut = new HashMap<>();
    private final Map<Long, PlaceDesign> places = new HashMap<>();
    private final Map<String, Block> blocks = new LinkedHashMap<>();

    BlockFigures(QuiltDesign design, TopSizes sizes) {
        this.design = design;
        this.sizes = sizes;
        design.places().forEach(place -> places.put(key(place.row(), place.column()), place));
        design.blocks().forEach(block -> blocks.putIfAbsent(block.key(), block));
    }

    private static long key(int row, int column) {
        return row * 10_000L + column;
    }

    Optional<Block> block(String key) {
        return Optional.ofNullable(blocks.get(key));
    }

    private Optional<PlaceDesign> place(int row, int column) {
        return Optional.ofNullable(places.get(key(row, column)));
    }

    /** Cloths exchanged at a place. */
    Map<String, String> exchanges(int row, int column) {
        Map<String, String> exchanges = new LinkedHashMap<>();
        place(row, column)
                .ifPresent(
                        place -> place.exchanges().forEach(exchange -> exchanges.put(exchange.from(), exchange.to())));
        return exchanges;
    }

    /** The block that the setting, or the quilter, wants at a place. */
    Optional<Block> at(int row, int column) {
        String own = place(row, column).map(PlaceDesign::block).orElse("");
        if (!own.isEmpty()) {
            return block(own);
        }
        List<String> turns = design.setting().blocks();
        return turns.isEmpty() ? Optional.empty() : block(turns.get((row + column) % turns.size()));
    }

    /** A block of the top at its place, its upper left corner, if set straight, where told. */
    TopPart part(int row, int column, String where, Length right, Length down, List<Flaw> flaws) {
        Length width = sizes.blockWidth();
        Length height = sizes.blockHeight();
        String id = "block-" + row + "-" + column;
        int turns = place(row, column).map(PlaceDesign::quarterTurns).orElse(0);
        boolean mirrored = place(row, column).map(PlaceDesign::mirrored).orElse(false);
        Optional<Block> block = at(row, column);
        if (block.isEmpty()) {
            flaws.add(new Flaw(
                    id,
                    new Problem(
                            "Top, " + where,
                            "no block stands here",
                            "choose one from the tray; a missing block is left blank")));
        }
        if (turns % 2 == 1 && !width.equals(height)) {
            flaws.add(new Flaw(
                    id,
                    new Problem(
                            "Top, " + where,
                            "the block does not fit its place: turned on its side, "
                                    + write(width) + " × " + writeWithUnit(height) + " becomes " + write(height)
                                    + " × " + writeWithUnit(width) + " finished",
                            "turn it a quarter further; an oblong block stands upright or on its head")));
            turns = turns - 1;
        }
        Figure figure = block.map(found -> laidOut(found, width, height, exchanges(row, column)))
                .orElseGet(() -> Figure.row(width, height, List.of(), List.of()));
        for (Problem flaw : figure.flaws()) {
            flaws.add(new Flaw(id, flaw));
        }
        return new TopPart(
                TopPart.Kind.BLOCK,
                id,
                where,
                row,
                column,
                block.map(Block::name).orElse("no block"),
                block.map(Block::key).orElse(""),
                figure,
                Placing.turned(width, height, mirrored, turns, right, down));
    }

    Figure laidOut(Block block, Length width, Length height, Map<String, String> exchanges) {
        List<Object> key = new ArrayList<>(List.of(block.key(), width, exchanges));
        Figure known = laidOut.get(key);
        if (known == null) {
            known = exchanges.isEmpty()
                    ? Figure.of(block, width, height, this::block, design.system())
                    : laidOut(block, width, height, Map.of()).inCloths(exchanges);
            laidOut.put(key, known);
        }
        return known;
    }

    private String write(Length length) {
        return design.system().writer().write(length);
    }

    private String writeWithUnit(Length length) {
        return design.system().writer().writeWithUnit(length);
    }
}
