package org.goldentally.app.quilts;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.piecing.Allowance;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.quilt.BlockSize;
import org.goldentally.core.quilt.PlacedUnit;
import org.goldentally.core.quilt.QuiltTop;
import org.jspecify.annotations.Nullable;

/**
 * The quilt document: what the quilter decided, as typed. It is what is stored, exported and sent to the stateless
 * calls; everything else is worked out from it.
 *
 * @param format the version of this document; 1
 * @param seam the seam allowance as typed, such as {@code 1/4}
 * @param cloths which cloth of the shelf plays which part; none chosen yet is null
 * @param method the key of the chosen method, such as {@code eight-at-a-time}
 */
public record QuiltDesign(
        @Min(1) @Max(1) int format,
        @NotNull MeasureSystem system,
        @NotNull @Size(max = 40) String seam,
        @NotNull Grid grid,
        @NotNull Allowance allowance,
        int blocksAcross,
        int blocksDown,
        @NotNull @Valid BlockSizeTyped blockSize,
        @NotNull @Size(min = 4, max = 4) List<@Min(0) @Max(3) Integer> unitTurns,
        @NotNull @Valid Cloths cloths,
        @NotNull @Size(max = 40) String method) {

    /** A size as typed, and of what it is. */
    public record BlockSizeTyped(
            @NotNull BlockSize.Of of,
            @NotNull BlockSize.As as,
            @NotNull @Size(max = 40) String typed) {}

    /** The cloths of the block, by their identity on the shelf. */
    public record Cloths(
            @Schema(types = {"string", "null"}) @Nullable UUID print,
            @Schema(types = {"string", "null"}) @Nullable UUID background) {}

    static final int CURRENT_FORMAT = 1;

    /** A first quilt to change: 4 by 5 blocks of 8 in (or 20 cm), each block a pinwheel. */
    public static QuiltDesign first(MeasureSystem system) {
        return new QuiltDesign(
                CURRENT_FORMAT,
                system,
                system.writer().write(system.usualSeam()),
                system.usualGrid(),
                Allowance.TRIM,
                4,
                5,
                new BlockSizeTyped(
                        BlockSize.Of.BLOCK, BlockSize.As.FINISHED, system == MeasureSystem.INCH ? "8" : "20"),
                List.of(1, 2, 0, 3),
                new Cloths(null, null),
                "eight-at-a-time");
    }

    public SewingSettings settings() {
        return new SewingSettings(
                system, LengthReader.read("Seam", seam, system).orThrow(), grid, allowance);
    }

    /** The top that this design describes, or a refusal with every problem in it. */
    public QuiltTop top() {
        List<PlacedUnit> units = new java.util.ArrayList<>();
        for (int i = 0; i < unitTurns.size(); i++) {
            units.add(
                    new PlacedUnit(i % QuiltTop.UNITS_ACROSS_BLOCK, i / QuiltTop.UNITS_ACROSS_BLOCK, unitTurns.get(i)));
        }
        return QuiltTop.read(
                settings(),
                blocksAcross,
                blocksDown,
                new BlockSize(blockSize.of(), blockSize.as(), blockSize.typed()),
                units);
    }
}
