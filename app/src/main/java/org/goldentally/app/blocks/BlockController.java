package org.goldentally.app.blocks;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.goldentally.app.blocks.BlockShelf.ShelfBlockView;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.FramedBlock;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.unit.Countable;
import org.goldentally.core.unit.UnitKind;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The shelf of blocks, and the units that a block is built of. */
@RestController
@RequestMapping("/api/blocks")
class BlockController {

    private final BlockShelf shelf;

    BlockController(BlockShelf shelf) {
        this.shelf = shelf;
    }

    /** A block to keep: itself first, then the smaller blocks in it. */
    record BlockToKeep(@NotNull @Size(min = 1, max = 20) List<Block> blocks) {}

    /**
     * A unit of the tray.
     *
     * @param countLabel what is counted, such as {@code rows}; empty where there is nothing to choose
     * @param counts the counts to choose from; empty where there is nothing to choose
     * @param patches how many patches it has, for each of these counts, or the one number
     */
    record TrayUnit(
            UnitKind kind,
            String label,
            String countLabel,
            int usualCount,
            List<Integer> counts,
            List<Integer> patches) {}

    /**
     * A block that is smaller than its place.
     *
     * @param key of the new block
     * @param own the block's own width, finished, as typed
     * @param cloth of the frame; empty is not dressed yet
     */
    record BlockToFrame(
            @NotBlank @Size(max = 60) String key,
            @Valid @NotNull Block block,
            @NotNull MeasureSystem system,
            @NotNull @Size(max = 40) String placeWidth,
            @NotNull @Size(max = 40) String placeHeight,
            @NotNull @Size(max = 40) String own,
            @NotNull @Size(max = 60) String cloth) {}

    /** The block with strips round it, as large as its place. */
    @PostMapping("/framed")
    Block framed(@Valid @RequestBody BlockToFrame asked) {
        return FramedBlock.of(
                asked.key,
                asked.block,
                new FramedBlock.Sizes(asked.system, asked.placeWidth, asked.placeHeight, asked.own),
                asked.cloth);
    }

    /** Traditional blocks that have all these words in their name, grid or units; all for no words. */
    @GetMapping
    List<ShelfBlockView> traditional(@RequestParam(defaultValue = "") @Size(max = 100) String find) {
        return shelf.traditional(find);
    }

    @GetMapping("/own")
    List<ShelfBlockView> own() {
        return shelf.own();
    }

    @PostMapping("/own")
    @ResponseStatus(HttpStatus.CREATED)
    ShelfBlockView keep(@Valid @RequestBody BlockToKeep block) {
        if (block.blocks().getFirst().name().isBlank()) {
            throw new RefusedException(
                    new Problem("Block", "a block to keep needs a name", "type a name for it first"));
        }
        return shelf.keep(block.blocks());
    }

    @DeleteMapping("/own/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        shelf.remove(id);
    }

    /** Blocks that were forgotten and can still be brought back. */
    @GetMapping("/own/forgotten")
    List<ShelfBlockView> forgotten() {
        return shelf.forgotten();
    }

    @PostMapping("/own/{id}/bring-back")
    ShelfBlockView bringBack(@PathVariable UUID id) {
        return shelf.bringBack(id);
    }

    @GetMapping("/units")
    List<TrayUnit> units() {
        return java.util.Arrays.stream(UnitKind.values())
                .filter(kind -> kind.goesIntoBlocks() && kind != UnitKind.BLOCK)
                .map(BlockController::trayUnit)
                .toList();
    }

    private static TrayUnit trayUnit(UnitKind kind) {
        List<Integer> counts = kind.countedInBlocks().map(Countable::counts).orElse(List.of());
        return new TrayUnit(
                kind,
                kind.label(),
                kind.countedInBlocks().map(Countable::label).orElse(""),
                kind.usualCount(),
                counts,
                (counts.isEmpty() ? List.of(0) : counts)
                        .stream().map(kind::patches).toList());
    }
}
