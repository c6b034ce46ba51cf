package org.goldentally.core.method;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.goldentally.core.chance.Written;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.unit.Hands;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.Units;
import org.junit.jupiter.api.Test;

/** What every method says of every unit it makes, written out; that it can be sewn so is tested by sewing it on paper. */
class RecipesTest {

    private static final SewingSettings TRIM = SewingSettings.usual(MeasureSystem.INCH);

    private static final List<SewingSettings> SETTINGS = List.of(
            TRIM,
            TRIM.with(Allowance.EXACT),
            new SewingSettings(
                    MeasureSystem.INCH,
                    TRIM.seamAllowance(),
                    TRIM.grid(),
                    Allowance.TRIM,
                    Optional.empty(),
                    Optional.of(Length.inches(1))),
            SewingSettings.usual(MeasureSystem.CENTIMETRE));

    private static final List<ClothPiece> PIECES =
            List.of(ClothPiece.square(Length.inches(18)), ClothPiece.square(Length.inches(10)));

    @Test
    void whatEveryMethodTakesAndGives() {
        Set<String> recipes = new LinkedHashSet<>();
        for (PatchworkUnit unit : Units.OF_EVERY_KIND) {
            List<PiecingMethod> methods = Methods.making(unit);
            recipes.add("= " + unit + ": "
                    + methods.stream().map(PiecingMethod::key).collect(Collectors.joining(", ")));
            for (PiecingMethod method : methods) {
                for (SewingSettings settings : SETTINGS) {
                    PIECES.forEach(piece -> recipes.add(said(method, method.recipe(unit, settings, piece))));
                }
            }
        }
        Written.as("recipes.txt", recipes.stream().flatMap(String::lines).toList());
    }

    private static String said(PiecingMethod method, Recipe recipe) {
        UnitSizes sizes = recipe.sizes();
        Sewing sewing = recipe.sewing();
        StringBuilder said = new StringBuilder("- " + method.key() + " gives " + recipe.unitsPerSet());
        said.append(recipe.hands().equals(Hands.NONE) ? "" : ", " + recipe.hands());
        said.append(" of " + recipe.setName() + ", " + recipe.setWord(1) + ", " + recipe.setWord(2));
        said.append(", fabrics " + recipe.cloths() + ", pairings " + sewing.clothPairings() + "\n");
        for (CutPiece cut : recipe.cuts()) {
            said.append("  " + cut.perSet() + " " + cut.name() + " "
                    + cut.size().width() + " x "
                    + cut.size().height() + (cut.size().turnable() ? "" : " along the grain") + " of " + cut.role()
                    + " (" + cut.clothLabel() + ")\n");
        }
        said.append("  ruler set to " + recipe.sizesToCut() + ", " + sewing.cuts() + " cuts, seams "
                + sewing.seamLength() + ", edges " + sewing.edges()
                + recipe.setEnd().map(end -> ", end left " + end).orElse("") + "\n");
        said.append("  raw " + sizes.rawWidth() + " x " + sizes.rawHeight() + ", trimmed " + sizes.trimmedWidth()
                + " x " + sizes.trimmedHeight() + ", finished " + sizes.finishedWidth() + " x " + sizes.finishedHeight()
                + "\n");
        recipe.cutWithRoom()
                .ifPresent(
                        room -> said.append("  " + room.what() + " " + room.cut() + ", least " + room.least() + "\n"));
        recipe.workings().forEach(working -> said.append("  " + working.what() + ": " + working.how() + "\n"));
        return said.toString();
    }
}
