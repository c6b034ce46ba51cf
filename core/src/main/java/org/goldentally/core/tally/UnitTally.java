package org.goldentally.core.tally;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.piecing.ClothRole;
import org.goldentally.core.piecing.CutPiece;
import org.goldentally.core.piecing.PatchworkUnit;
import org.goldentally.core.piecing.PiecingMethod;
import org.goldentally.core.piecing.Recipe;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.piecing.Working;
import org.goldentally.core.problem.Problem;

/**
 * So many units made by one method: 120 units eight at a time are 15 pairs, a square of each cloth a pair, none spare.
 *
 * @param needed units the top needs
 * @param sets runs of the method; they round up, since half a pair makes nothing
 * @param made units those make
 * @param cloths what each cloth gives, by the part it plays
 * @param obstacles why this method cannot be used with the shelf as it is; empty if it can
 */
public record UnitTally(
        PiecingMethod method,
        SewingSettings settings,
        Recipe recipe,
        long needed,
        long sets,
        long made,
        Map<ClothRole, ClothTally> cloths,
        List<Problem> obstacles,
        List<Working> workings) {

    public long spare() {
        return made - needed;
    }

    public boolean isPossible() {
        return obstacles.isEmpty();
    }

    public boolean isEnough() {
        return isPossible() && cloths.values().stream().allMatch(ClothTally::isEnough);
    }

    public static UnitTally of(
            PatchworkUnit unit,
            long needed,
            PiecingMethod method,
            SewingSettings settings,
            Map<ClothRole, List<ShelfPieces>> shelf,
            Map<ClothRole, String> clothNames) {
        Recipe recipe = method.recipe(unit, settings, anyPiece(shelf, unit));
        long sets = Math.ceilDiv(needed, recipe.unitsPerSet());
        long made = sets * recipe.unitsPerSet();
        Map<ClothRole, ClothTally> cloths = new java.util.EnumMap<>(ClothRole.class);
        List<Problem> obstacles = new ArrayList<>();
        for (CutPiece cut : recipe.cuts()) {
            String name = clothNames.getOrDefault(cut.role(), cut.clothLabel());
            List<ShelfPieces> pieces = shelf.getOrDefault(cut.role(), List.of());
            ClothTally tally = ClothTally.of(name, cut.size(), sets * cut.perSet(), pieces, settings.system());
            cloths.put(cut.role(), tally);
            if (tally.available() == 0 && !pieces.isEmpty()) {
                obstacles.add(tooLarge(name, method, cut, pieces, settings.system()));
            }
        }
        return new UnitTally(
                method,
                settings,
                recipe,
                needed,
                sets,
                made,
                cloths,
                obstacles,
                workings(needed, sets, recipe, method));
    }

    private static ClothPiece anyPiece(Map<ClothRole, List<ShelfPieces>> shelf, PatchworkUnit unit) {
        return shelf.values().stream()
                .flatMap(List::stream)
                .map(ShelfPieces::piece)
                .findFirst()
                .orElse(ClothPiece.square(unit.finishedWidth()));
    }

    private static Problem tooLarge(
            String name, PiecingMethod method, CutPiece cut, List<ShelfPieces> pieces, MeasureSystem system) {
        Length largest = pieces.stream()
                .map(p -> p.piece().shorterSide())
                .max(Length::compareTo)
                .orElseThrow();
        String cutSize = system.writer().writeWithUnit(cut.size().width());
        return new Problem(
                name,
                method.displayName() + " needs a " + cut.name() + " cut " + cutSize + "; the largest piece of " + name
                        + " is " + system.writer().writeWithUnit(largest) + " on its short side, "
                        + system.writer().writeWithUnit(cut.size().width().minus(largest)) + " too small",
                "choose fewer at a time, a smaller unit, or put a larger piece of " + name + " on the shelf");
    }

    private static List<Working> workings(long needed, long sets, Recipe recipe, PiecingMethod method) {
        List<Working> workings = new ArrayList<>(recipe.workings());
        long made = sets * recipe.unitsPerSet();
        workings.add(new Working(
                "How many " + recipe.setName() + "s",
                needed + " units ÷ " + recipe.unitsPerSet() + " a " + recipe.setName() + ", rounded up to whole "
                        + recipe.setName() + "s: " + sets));
        workings.add(new Working(
                "Spare units",
                sets + " × " + recipe.unitsPerSet() + " made − " + needed + " needed = " + (made - needed)));
        return workings;
    }
}
