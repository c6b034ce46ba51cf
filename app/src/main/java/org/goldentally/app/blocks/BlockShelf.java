package org.goldentally.app.blocks;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.app.account.OwnersTurn;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The shelf of blocks: the traditional ones, and the quilter's own beside them. */
@Service
@Transactional
class BlockShelf {

    /** A forgotten block can be brought back for so long. */
    private static final Duration KEPT_FORGOTTEN = Duration.ofDays(30);

    private final OwnBlockRepository own;
    private final CurrentOwner owner;
    private final OwnersTurn turn;
    private final JsonMapper json;
    private final Clock clock;

    BlockShelf(OwnBlockRepository own, CurrentOwner owner, OwnersTurn turn, JsonMapper json, Clock clock) {
        this.clock = clock;
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
        return own.findByOwnerIdAndRemovedAtIsNullOrderByName(owner.id()).stream()
                .map(this::view)
                .toList();
    }

    /** Those that were forgotten and can still be brought back, the last first. */
    @Transactional(readOnly = true)
    public List<ShelfBlockView> forgotten() {
        Instant since = clock.instant().minus(KEPT_FORGOTTEN);
        return own.findByOwnerIdAndRemovedAtAfterOrderByRemovedAtDesc(owner.id(), since).stream()
                .map(this::view)
                .toList();
    }

    private ShelfBlockView view(OwnBlock kept) {
        return view(
                kept.id().toString(),
                json.readValue(kept.block(), KeptBlock.class).blocks());
    }

    /** Keeps a block for other quilts; one of the same name is replaced. */
    public ShelfBlockView keep(List<Block> blocks) {
        turn.take();
        Block block = blocks.getFirst();
        String document = json.writeValueAsString(new KeptBlock(blocks));
        OwnBlock kept = own.findByOwnerIdAndNameIgnoreCaseAndRemovedAtIsNull(owner.id(), block.name())
                .orElseGet(() -> new OwnBlock(owner.id(), block.name(), document));
        kept.change(document);
        return view(own.saveAndFlush(kept).id().toString(), blocks);
    }

    /** Whether there is a block of one's own of that name. */
    @Transactional(readOnly = true)
    public boolean isKept(String name) {
        return own.findByOwnerIdAndNameIgnoreCaseAndRemovedAtIsNull(owner.id(), name)
                .isPresent();
    }

    /** Forgets a block; it can be brought back for thirty days. One that is not there any more is forgotten already. */
    public void remove(UUID id) {
        own.findByIdAndOwnerId(id, owner.id())
                .filter(block -> !block.isRemoved())
                .ifPresent(block -> {
                    block.remove(clock.instant());
                    own.saveAndFlush(block);
                });
    }

    public ShelfBlockView bringBack(UUID id) {
        turn.take();
        OwnBlock block = own.findByIdAndOwnerId(id, owner.id()).orElseThrow(() -> new NotFoundException("Block"));
        if (block.isRemoved()
                && own.findByOwnerIdAndNameIgnoreCaseAndRemovedAtIsNull(owner.id(), block.name())
                        .isPresent()) {
            throw new RefusedException(new Problem(
                    "Block " + block.name(),
                    "another block of this name is kept by now",
                    "forget that one first, or keep it under another name"));
        }
        block.bringBack();
        return view(own.saveAndFlush(block));
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
