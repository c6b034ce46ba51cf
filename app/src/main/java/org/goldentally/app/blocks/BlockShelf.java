package org.goldentally.app.blocks;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.app.account.OwnersTurn;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The shelf of blocks: the traditional ones, and the quilter's own beside them. */
@Service
@Transactional
class BlockShelf {

    private final OwnBlockRepository own;
    private final CurrentOwner owner;
    private final OwnersTurn turn;
    private final JsonMapper json;

    BlockShelf(OwnBlockRepository own, CurrentOwner owner, OwnersTurn turn, JsonMapper json) {
        this.turn = turn;
        this.own = own;
        this.owner = owner;
        this.json = json;
    }

    /** A block as kept: itself first, then the smaller ones in it. */
    record KeptBlock(List<Block> blocks) {}

    /**
     * A block of the shelf, drawn.
     *
     * @param ownId its identity among the quilter's own blocks; empty for a traditional one
     * @param blocks the block, and the smaller ones set into it
     * @param cloths letters of the cloths that it is drawn in, one for each patch
     */
    record ShelfBlockView(
            String ownId,
            String name,
            String grid,
            List<String> units,
            List<Block> blocks,
            double width,
            double height,
            List<String> patches,
            List<String> cloths) {}

    @Transactional(readOnly = true)
    public List<ShelfBlockView> traditional(String words) {
        return TraditionalBlocks.find(words).stream()
                .map(block -> view("", TraditionalBlocks.withSmaller(block)))
                .toList();
    }

    @Transactional(readOnly = true)
    public List<ShelfBlockView> own() {
        return own.findByOwnerIdOrderByName(owner.id()).stream()
                .map(kept -> view(
                        kept.id().toString(),
                        json.readValue(kept.block(), KeptBlock.class).blocks()))
                .toList();
    }

    /** Keeps a block for other quilts; one of the same name is replaced. */
    public ShelfBlockView keep(List<Block> blocks) {
        turn.take();
        Block block = blocks.getFirst();
        String document = json.writeValueAsString(new KeptBlock(blocks));
        OwnBlock kept = own.findByOwnerIdAndNameIgnoreCase(owner.id(), block.name())
                .orElseGet(() -> new OwnBlock(owner.id(), block.name(), document));
        kept.change(document);
        return view(own.saveAndFlush(kept).id().toString(), blocks);
    }

    /** One that is not there any more is removed already. */
    public void remove(UUID id) {
        own.findByIdAndOwnerId(id, owner.id()).ifPresent(own::delete);
    }

    private static ShelfBlockView view(String ownId, List<Block> blocks) {
        Block block = blocks.getFirst();
        Function<String, Optional<Block>> find =
                key -> blocks.stream().filter(each -> each.key().equals(key)).findFirst();
        Figure figure =
                Figure.of(block, Length.inches(block.across()), Length.inches(block.down()), find, MeasureSystem.INCH);
        return new ShelfBlockView(
                ownId,
                block.name(),
                block.grid(),
                List.copyOf(TraditionalBlocks.unitsUsed(block)),
                blocks,
                figure.finishedWidth().toDoubleInches(),
                figure.finishedHeight().toDoubleInches(),
                figure.patches().stream()
                        .map(patch -> org.goldentally.app.drawing.SvgNumbers.points(patch.outline()))
                        .toList(),
                figure.patches().stream().map(Figure.FigurePatch::cloth).toList());
    }
}
