package org.goldentally.app.yields;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.TypedUnit;
import org.goldentally.core.unit.UnitKind;

/**
 * A question about yields, as typed.
 *
 * @param piece a piece of cloth in words, such as {@code 10 in square} or {@code 1/2 yd 40 wide}
 * @param wanted how many units are wanted; 0 asks only what one piece gives
 */
record YieldQuestion(
        @NotNull @Size(max = 200) String piece,
        @NotNull @Valid UnitTyped unit,
        @NotNull @Valid SettingsTyped settings,
        @Min(0) @Max(1_000_000) int wanted) {

    /** A unit as typed; fields that its kind does not have may be empty or 0. */
    record UnitTyped(
            @NotNull UnitKind kind,
            @NotNull @Size(max = 40) String size,
            @NotNull @Size(max = 40) String height,
            @NotNull @Size(max = 40) String corner,
            int count) {

        PatchworkUnit read(MeasureSystem system) {
            return new TypedUnit(kind, size, height, corner, count).read(system);
        }
    }

    /** How one works, as typed. */
    record SettingsTyped(
            @NotNull MeasureSystem system,
            @NotNull @Size(max = 40) String seam,
            @NotNull Grid grid,
            @NotNull Allowance allowance) {

        SewingSettings read() {
            SewingSettings settings = new SewingSettings(
                    system, LengthReader.read("Seam", seam, system).orThrow(), grid, allowance);
            if (!settings.problems().isEmpty()) {
                throw new RefusedException(settings.problems());
            }
            return settings;
        }
    }

    ClothPiece readPiece() {
        return readLine().piece();
    }

    /** The piece, and how many there are of it where that is said. */
    ShelfLine readLine() {
        return ShelfLineReader.read("Piece", piece, settings.system()).orThrow();
    }
}
