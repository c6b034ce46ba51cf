package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.MakingDesign.OddOnes;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.meaning.WorkChoices;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.CutPiece;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.method.StripSetCut;
import org.goldentally.core.method.StripSetTriangles;
import org.goldentally.core.method.TwoAtATime;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;

/**
 * Everything that is made at one time, so that what a group adds to it, made in one way or another, can be told: parts
 * that others leave over cost nothing.
 */
final class Workroom {

    private final SewingSettings settings;
    private final ClothPiece usual;
    private final Supply supply;
    private final OddOnes oddOnes;

    /** A unit, and the cloth that strips for it are cut across. */
    private record OfCloth(PatchworkUnit unit, ClothPiece cloth) {}

    private final Map<OfCloth, Map<PiecingMethod, Recipe>> recipes = new HashMap<>();
    private final Map<Wanted, Map<PiecingMethod, Recipe>> recipesOf = new IdentityHashMap<>();
    private final Map<Wanted, Map<PiecingMethod, Recipe>> sheetRecipes = new IdentityHashMap<>();
    private final Map<OfSheet, Recipe> ofSheets = new HashMap<>();
    private final Map<Wanted, Map<PiecingMethod, UnitPlan>> alone = new IdentityHashMap<>();
    /** Groups and kinds, as choices have them, that are cut to a size of their own by some method. */
    private final Set<String> cutOtherwise;

    private final Map<Wanted, Boolean> bySchool = new IdentityHashMap<>();
    private final CutToSize toSize;
    private final SheetsToSize sheets;
    private final SharedSets sets;
    private final PartsPool pool = new PartsPool();

    /** @param widthOfFabric of what strips are cut across, where nothing lies on the shelf */
    Workroom(
            SewingSettings settings,
            WorkChoices work,
            Length widthOfFabric,
            Supply supply,
            OddOnes oddOnes,
            int mostSquaresAChain) {
        this.settings = settings;
        this.usual = wide(widthOfFabric);
        this.supply = supply;
        this.oddOnes = oddOnes;
        this.toSize = new CutToSize(work, settings, usual);
        this.cutOtherwise =
                work.cutSizes().keySet().stream().map(cut -> cut.units()).collect(Collectors.toSet());
        this.sheets = new SheetsToSize(
                supply, Purchase.step(settings.system()).times(widthOfFabric).toDoubleSquareInches());
        this.sets = new SharedSets(
                this::recipe, recipe -> StripSetTriangles.trianglesASet(recipe, settings), mostSquaresAChain);
    }

    private static ClothPiece wide(Length width) {
        return new ClothPiece(PieceForm.YARDAGE, width, width, ClothPiece.Edge.STRAIGHT);
    }

    /** Strips are as long as the narrowest of the fabrics that they are sewn of is wide. */
    private ClothPiece cloth(Wanted units) {
        return units.key().cloths().stream()
                .map(cloth -> supply.widthOfLengths(cloth).orElse(usual.width()))
                .min(Length::compareTo)
                .map(Workroom::wide)
                .orElse(usual);
    }

    /** The many groups of one unit in other cloths are made by the same recipes. */
    private Map<PiecingMethod, Recipe> recipes(Wanted units) {
        return recipes.computeIfAbsent(new OfCloth(units.key().unit(), cloth(units)), any -> new IdentityHashMap<>());
    }

    Recipe recipe(Wanted units, PiecingMethod method) {
        Map<PiecingMethod, Recipe> known = recipesOf.computeIfAbsent(
                units, any -> isCutBySchool(units) ? recipes(units) : new IdentityHashMap<>());
        if (SheetsToSize.drawsOnSheets(method)) {
            return sheetRecipes
                    .computeIfAbsent(units, any -> new IdentityHashMap<>())
                    .computeIfAbsent(method, each -> onSheets(units, each));
        }
        return known.computeIfAbsent(method, each -> recipe(units, each, cloth(units)));
    }

    /** A unit made of sheets of one size; many groups are of the same. */
    private record OfSheet(PatchworkUnit unit, PiecingMethod method, ClothPiece piece) {}

    private Recipe recipeOnSheet(Wanted units, PiecingMethod method, ClothPiece piece) {
        return isCutBySchool(units)
                ? ofSheets.computeIfAbsent(
                        new OfSheet(units.key().unit(), method, piece), any -> recipe(units, method, piece))
                : recipe(units, method, piece);
    }

    private Recipe recipe(Wanted units, PiecingMethod method, ClothPiece piece) {
        return new CutToSize(toSize.work(), settings, piece)
                .recipe(units, method)
                .flatMap(reading -> reading.orTell(refused -> {}))
                .orElseGet(() -> method.recipe(units.key().unit(), settings, piece));
    }

    /** The sheets of one group are as large as that group wants. */
    private Recipe onSheets(Wanted units, PiecingMethod method) {
        ClothPiece sheet = sheets.sheet(
                units,
                method,
                recipeOnSheet(units, method, usual),
                piece -> recipe(units, method, piece),
                settings.system().usualSeam());
        return recipeOnSheet(units, method, sheet);
    }

    private boolean isCutBySchool(Wanted units) {
        return cutOtherwise.isEmpty()
                || bySchool.computeIfAbsent(
                        units,
                        any -> !cutOtherwise.contains(units.key().choice())
                                && !cutOtherwise.contains(units.key().kindChoice()));
    }

    /** Why units are not cut as the quilter says. */
    Optional<Problem> cutRefused(Wanted units, PiecingMethod method) {
        return toSize.problem(units, method);
    }

    PartsPool pool() {
        return pool;
    }

    OddOnes oddOnes() {
        return oddOnes;
    }

    /** Whether pieces cut for these units by this method give parts that other units can use. */
    static boolean sharesParts(PiecingMethod method) {
        return method.partsOfPiece(ClothRole.A) > 0;
    }

    SharedSets sets() {
        return sets;
    }

    void add(Wanted units, PiecingMethod method) {
        if (SharedSets.shares(method)) {
            sets.add(units, method);
        } else {
            pool.add(partsInWholeRuns(units, method));
        }
    }

    void remove(Wanted units, PiecingMethod method) {
        if (SharedSets.shares(method)) {
            sets.remove(units, method);
        } else {
            pool.remove(partsInWholeRuns(units, method));
        }
    }

    /** What the group adds, made by this method, to all that is made now. */
    UnitPlan plan(Wanted units, PiecingMethod method) {
        Recipe recipe = recipe(units, method);
        Run run = Run.of(method, recipe);
        if (SharedSets.shares(method)) {
            return sharingSets(units, method, recipe);
        }
        Map<PieceParts, Long> parts = partsInWholeRuns(units, method);
        List<ClothCut> cuts = pool.added(parts, units);
        if (method instanceof TwoAtATime) {
            boolean loose = units.all() % 2 == 1 && isLoose(half(units, recipe));
            return new UnitPlan(
                    units,
                    method,
                    recipe,
                    run,
                    loose ? units.all() / 2 : Math.ceilDiv(units.all(), 2),
                    loose ? 1 : 0,
                    List.of(),
                    Optional.empty(),
                    cuts);
        }
        long runs = method.crosses()
                ? units.crossings()
                : units.runs(run.hands().left(), run.hands().right(), run.units());
        return new UnitPlan(units, method, recipe, run, runs, 0, List.of(), Optional.empty(), cuts);
    }

    /**
     * Whether the odd one of a group is sewn of loose triangles: unless a pair costs no more, since both squares would
     * have a triangle left over anyway.
     */
    private boolean isLoose(Half half) {
        boolean bothLeftOver =
                !half.isOfOneCloth() && pool.wanted(half.ofOne()) % 2 == 0 && pool.wanted(half.ofOther()) % 2 == 0;
        return oddOnes == OddOnes.SHARED && !bothLeftOver;
    }

    /** The half that a half-square triangle unit is. */
    Half half(Wanted units, Recipe recipe) {
        return Half.of(
                units.cloth(ClothRole.A),
                units.cloth(ClothRole.B),
                recipe.cuts().getFirst().size());
    }

    /** The parts that a group takes: triangles of squares, whole squares of sets that share nothing. */
    Map<PieceParts, Long> parts(Wanted units, PiecingMethod method) {
        return parts(units, method, method.crosses() ? units.crossings() : units.all());
    }

    /** The same; odd ones that are not shared take a whole pair. */
    private Map<PieceParts, Long> partsInWholeRuns(Wanted units, PiecingMethod method) {
        boolean inPairs = method instanceof TwoAtATime && oddOnes == OddOnes.IN_PAIRS;
        return inPairs ? parts(units, method, 2 * Math.ceilDiv(units.all(), 2)) : parts(units, method);
    }

    private Map<PieceParts, Long> parts(Wanted units, PiecingMethod method, long runs) {
        Recipe recipe = recipe(units, method);
        Map<PieceParts, Long> parts = new LinkedHashMap<>();
        boolean shares = sharesParts(method);
        long sets = units.runs(recipe.hands().left(), recipe.hands().right(), recipe.unitsPerSet());
        for (CutPiece cut : recipe.cuts()) {
            Map<String, Integer> cloths = units.clothsOf(cut.role());
            int all = cloths.values().stream().mapToInt(Integer::intValue).sum();
            cloths.forEach((key, share) -> parts.merge(
                    PieceParts.of(key, cut, shares ? method.partsOfPiece(cut.role()) : 1),
                    shares ? runs * share : Math.ceilDiv(sets * cut.perSet() * share, all),
                    Long::sum));
        }
        return parts;
    }

    /** What a group takes by itself is asked again and again, while the others try their ways. */
    private UnitPlan sharingSets(Wanted units, PiecingMethod method, Recipe recipe) {
        List<Wanted> others = sets.others(units, method);
        return others.isEmpty()
                ? alone.computeIfAbsent(units, any -> new HashMap<>())
                        .computeIfAbsent(method, any -> sharingSets(units, method, recipe, others))
                : sharingSets(units, method, recipe, others);
    }

    private UnitPlan sharingSets(Wanted units, PiecingMethod method, Recipe recipe, List<Wanted> others) {
        List<Wanted> all = new ArrayList<>(others);
        all.add(units);
        List<ClothCut> cuts = sets.more(method, others, all, units);
        Run run = Run.of(method, recipe);
        if (method instanceof StripSetTriangles) {
            return new UnitPlan(
                    units, method, recipe, run, units.all(), 0, List.of(), Optional.of(sets.triangleSets(all)), cuts);
        }
        if (method instanceof StripSetCut && others.isEmpty()) {
            List<Length> ends = sets.ends(all);
            return new UnitPlan(units, method, recipe, run, ends.size(), 0, ends, Optional.empty(), cuts);
        }
        Run each = method instanceof StripSetCut ? new Run("segment", 1, run.hands()) : run;
        return new UnitPlan(units, method, recipe, each, units.all(), 0, List.of(), Optional.empty(), cuts);
    }
}
