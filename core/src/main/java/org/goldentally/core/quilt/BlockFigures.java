package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.BlockPart;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.meaning.TopSizes;
import org.goldentally.core.measure.Length;
import org.goldentally.core.problem.Problem;

/** Which block stands at a place, in which cloths, turned which way; equal ones are laid out once only. */
final class BlockFigures {

    /** Key of the squares between blocks on point that are no block of the quilter's. */
    private static final String BETWEEN = " between";

    private final QuiltDesign design;
    private final TopSizes sizes;
    private final Map<List<Object>, Figure> laidOut = new HashMap<>();
    private final Map<Long, PlaceDesign> places = new HashMap<>();
    private final Map<String, Block> blocks = new LinkedHashMap<>();
    private final EdgeCloths edges;

    BlockFigures(QuiltDesign design, TopSizes sizes) {
        this.design = design;
        this.sizes = sizes;
        design.places().forEach(place -> places.put(key(place.row(), place.column()), place));
        design.blocks().forEach(block -> blocks.putIfAbsent(block.key(), block));
        this.edges = new EdgeCloths(design.edgePlaces());
    }

    /** In what cloths the places of sashing, borders and setting triangles are. */
    EdgeCloths edges() {
        return edges;
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
        return place(row, column)
                .map(place -> EdgeCloths.exchanges(place.exchanges()))
                .orElse(Map.of());
    }

    /** The block that the setting, or the quilter, wants at a place. */
    Optional<Block> at(int row, int column) {
        String own = place(row, column).map(PlaceDesign::block).orElse("");
        if (!own.isEmpty()) {
            return block(own);
        }
        SettingDesign setting = design.setting();
        List<String> turns = setting.blocks();
        if (setting.kind() == SettingDesign.Kind.ON_POINT && row % 2 == 1) {
            switch (setting.between()) {
                case OTHER -> {
                    return block(setting.betweenBlock());
                }
                case PLAIN, OPEN -> {
                    return Optional.of(plainBetween(setting));
                }
                case SAME -> {
                    // The blocks go on taking turns.
                }
            }
        }
        return turns.isEmpty() ? Optional.empty() : block(turns.get((row + column) % turns.size()));
    }

    /** A square of cloth as large as a block; one left open has no cloth yet. */
    private static Block plainBetween(SettingDesign setting) {
        boolean open = setting.between() == SettingDesign.Between.OPEN;
        UnitDesign square = UnitDesign.plain(open ? "" : setting.cloth());
        return new Block(
                BETWEEN,
                open ? "place left open" : "plain square between",
                List.of(1),
                List.of(1),
                List.of(new BlockPart(0, 0, 1, 1, square)));
    }

    /** How a block stands at its place. */
    record Stand(boolean mirrored, int quarterTurns) {}

    /** How the quilter turned and mirrored what stands at a place; an oblong block is not laid on its side. */
    Stand standAt(int row, int column, String where, List<Flaw> flaws) {
        Length width = sizes.blockWidth();
        Length height = sizes.blockHeight();
        int turns = place(row, column).map(PlaceDesign::quarterTurns).orElse(0);
        boolean mirrored = place(row, column).map(PlaceDesign::mirrored).orElse(false);
        if (turns % 2 == 1 && !width.equals(height)) {
            flaws.add(new Flaw(
                    new PartId.BlockAt(row, column),
                    new Problem(
                            "Top, " + where,
                            "the block does not fit its place: turned on its side, "
                                    + write(width) + " × " + writeWithUnit(height) + " becomes " + write(height)
                                    + " × " + writeWithUnit(width) + " finished",
                            "turn it a quarter further: an oblong block fits standing, or upside down")));
            turns = turns - 1;
        }
        return new Stand(mirrored, turns);
    }

    /** A block of the top at its place, its upper left corner, if set straight, where told. */
    TopPart part(int row, int column, String where, Length right, Length down, List<Flaw> flaws) {
        Length width = sizes.blockWidth();
        Length height = sizes.blockHeight();
        PartId id = new PartId.BlockAt(row, column);
        Optional<Block> block = at(row, column);
        if (block.isEmpty()) {
            flaws.add(new Flaw(
                    id,
                    new Problem(
                            "Top, " + where,
                            "no block stands here",
                            "choose one from the tray; a missing block is left blank")));
        }
        boolean isPlain = block.map(found -> found.key().equals(BETWEEN)).orElse(false);
        Stand stand = standAt(row, column, where, flaws);
        Figure figure = block.map(found -> laidOut(found, width, height, exchanges(row, column)))
                .orElseGet(() -> Figure.row(width, height, List.of(), List.of()));
        for (Problem flaw : figure.flaws()) {
            flaws.add(new Flaw(id, flaw));
        }
        return new TopPart(
                isPlain ? TopPart.Kind.PLAIN_BETWEEN : TopPart.Kind.BLOCK,
                id,
                where,
                row,
                column,
                block.map(Block::name).orElse("no block"),
                isPlain ? "" : block.map(Block::key).orElse(""),
                figure,
                Placing.turned(width, height, stand.mirrored(), stand.quarterTurns(), right, down));
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
