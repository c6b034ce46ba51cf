package org.goldentally.core.step;

import java.util.List;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.BiasStrips;
import org.goldentally.core.method.Chain;
import org.goldentally.core.method.CornerFlip;
import org.goldentally.core.method.EightAtATime;
import org.goldentally.core.method.FlippedGeese;
import org.goldentally.core.method.FourAtATime;
import org.goldentally.core.method.FourGeese;
import org.goldentally.core.method.GridOfCells;
import org.goldentally.core.method.HalfSquareMethod;
import org.goldentally.core.method.Hourglass;
import org.goldentally.core.method.LooseGeese;
import org.goldentally.core.method.LooseHalfSquares;
import org.goldentally.core.method.LooseQuarters;
import org.goldentally.core.method.LooseTriangles;
import org.goldentally.core.method.PiecedHalf;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.PlainCut;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.method.SplitQuarter;
import org.goldentally.core.method.StripSetCut;
import org.goldentally.core.method.StripSetTriangles;
import org.goldentally.core.method.StripTube;
import org.goldentally.core.method.TwoAtATime;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.CornerFlipUnit;
import org.goldentally.core.unit.PatchworkUnit.CornerSettingTriangle;
import org.goldentally.core.unit.PatchworkUnit.PiecedHalfUnit;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.StripPatch;

/** How one set is made, from cut pieces to trimmed unit: which drawings belong to which method. */
public final class MakingSteps {

    private final PatchworkUnit unit;
    private final Recipe recipe;
    private final SewingSettings settings;
    private final Habits habits;

    private MakingSteps(PatchworkUnit unit, Recipe recipe, SewingSettings settings, Habits habits) {
        this.unit = unit;
        this.recipe = recipe;
        this.settings = settings;
        this.habits = habits;
    }

    /**
     * The steps of one set.
     *
     * @param recipe what the method says of this unit: the steps are drawn in its sizes
     */
    public static List<Step> of(
            PiecingMethod method, PatchworkUnit unit, Recipe recipe, SewingSettings settings, Habits habits) {
        return new MakingSteps(unit, recipe, settings, habits).of(method);
    }

    private List<Step> of(PiecingMethod method) {
        return switch (method) {
            case HalfSquareMethod pair -> pair(pair);
            case LooseHalfSquares loose -> SquareSteps.looseHalfSquares(firstCut(), trimmed(), settings, habits);
            case GridOfCells grid -> grid();
            case Chain chain -> SquareSteps.chain(firstCut(), trimmed(), chain.isClosed(), settings, habits);
            case StripTube tube -> StripSteps.tube(stripWidth(), recipe.unitsPerSet(), trimmed(), settings, habits);
            case BiasStrips bias -> bias();
            case StripSetTriangles triangles -> new SetTriangleSteps(stripWidth(), trimmed(), settings, habits).steps();
            case Hourglass hourglass ->
                SquareSteps.hourglass(firstCut(), clothsOfHourglass(), trimmed(), settings, habits);
            case LooseQuarters quarters ->
                SquareSteps.looseQuarters(firstCut(), clothsOfHourglass(), trimmed(), settings, habits);
            case SplitQuarter split -> SquareSteps.splitQuarter(firstCut(), lastCut(), trimmed(), settings, habits);
            case LooseTriangles triangles ->
                SquareSteps.looseTriangles(firstCut(), !(unit instanceof CornerSettingTriangle), settings);
            case FlippedGeese geese -> flipped(2);
            case CornerFlip corners -> flipped(((CornerFlipUnit) unit).corners());
            case FourGeese geese -> geese().four();
            case LooseGeese geese -> geese().loose();
            case PiecedHalf half -> piecedHalf();
            case PlainCut plain -> plain();
            case StripSetCut segments ->
                StripSteps.segments(
                        stripWidth(), recipe.sizes().rawWidth(), recipe.cuts().size(), settings, habits);
        };
    }

    private List<Step> pair(HalfSquareMethod method) {
        Length side = firstCut();
        return switch (method) {
            case TwoAtATime two -> halves(PairSteps.twoAtATime(side, settings, habits), "the two squares", side);
            case EightAtATime eight ->
                halves(PairSteps.eightAtATime(side, settings, habits), "the two squares", side.dividedBy(2));
            case FourAtATime four -> {
                PairSteps pair = PairSteps.fourAtATime(side, settings, habits);
                Point middle = Point.at(side.dividedBy(2), side.dividedBy(2));
                Polygon quarter = Polygon.of(Point.ORIGIN, Point.at(side, Length.ZERO), middle);
                yield pair.steps("the two squares", quarter, pair.stitches().getFirst(), trimmed(), true);
            }
        };
    }

    private List<Step> grid() {
        CutSize sheet = recipe.cuts().getFirst().size();
        long across = sheet.width().wholeTimes(ruler());
        long down = sheet.height().wholeTimes(ruler());
        return halves(PairSteps.grid(ruler(), across, down, settings, habits), "the two sheets", ruler());
    }

    /** Pairs that are cut apart into halves of squares of this side. */
    private List<Step> halves(PairSteps pair, String what, Length side) {
        return pair.steps(
                what, SquareSteps.lowerHalf(side), SquareSteps.seamOfLowerHalf(side, settings), trimmed(), false);
    }

    private List<Step> flipped(int corners) {
        return new FlippedCornerSteps(
                        recipe.sizes().rawWidth(), recipe.sizes().rawHeight(), lastCut(), corners, settings, habits)
                .steps();
    }

    private GeeseSteps geese() {
        return new GeeseSteps(firstCut(), lastCut(), trimmed(), recipe.sizes().trimmedHeight(), settings, habits);
    }

    private List<Step> piecedHalf() {
        return new PiecedHalfSteps(
                        unit.finishedWidth(),
                        ((PiecedHalfUnit) unit).rows(),
                        firstCut(),
                        recipe.cuts().get(1).size().width(),
                        settings,
                        habits)
                .steps();
    }

    private List<Step> bias() {
        return new BiasSteps(
                        firstCut(),
                        ruler(),
                        BiasStrips.seamsBeside(recipe, settings),
                        trimmed(),
                        recipe.sizes().rawWidth(),
                        settings,
                        habits)
                .steps();
    }

    private int clothsOfHourglass() {
        return ((QuarterSquareTriangleUnit) unit).cloths();
    }

    private List<Step> plain() {
        CutSize size = recipe.cuts().getFirst().size();
        return unit instanceof StripPatch
                ? PlainSteps.strip(size.height(), size.width(), settings)
                : PlainSteps.plain(size.width(), size.height(), settings);
    }

    private Length firstCut() {
        return recipe.cuts().getFirst().size().width();
    }

    private Length lastCut() {
        return recipe.cuts().getLast().size().width();
    }

    private Length stripWidth() {
        return recipe.cuts().getFirst().size().height();
    }

    private Length ruler() {
        return recipe.sizesToCut().getFirst();
    }

    private Length trimmed() {
        return recipe.sizes().trimmedWidth();
    }
}
