package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.formula.Working;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.CutPiece;
import org.goldentally.core.method.OuterEdges;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.unit.PatchworkUnit;

/**
 * How a group of equal units or pieces is made, as one of the ways to make it: 160 half-square triangles eight at a time
 * are 20 pairs, none spare.
 *
 * @param wanted the group
 * @param run what is sewn at once
 * @param runs so many; they round up, by hand too, since half a pair makes nothing
 * @param loose units beside these that are sewn of loose triangles, so that no pair is cut for half its units
 * @param ends what is left of each sewn strip set
 * @param triangles the strip sets that its triangles are cut from, with those of groups that share them
 * @param cuts the cloth that the group adds to the plan of the whole top: nothing, where others leave the parts over
 */
public record UnitPlan(
        Wanted wanted,
        PiecingMethod method,
        Recipe recipe,
        Run run,
        long runs,
        long loose,
        List<Length> ends,
        Optional<TriangleSets> triangles,
        List<ClothCut> cuts) {

    public UnitPlan {
        ends = List.copyOf(ends);
        cuts = List.copyOf(cuts);
    }

    /** What it is and its cloths; the same for all methods. */
    public UnitsKey key() {
        return wanted.key();
    }

    /** Of the units, without their size. */
    public String name() {
        return wanted.name();
    }

    /** As on the page: name, size and cloths. */
    public String label() {
        return wanted.label();
    }

    /** What is made, in finished size. */
    public PatchworkUnit unit() {
        return wanted.key().unit();
    }

    /** Key of the cloth of each patch. */
    public List<String> cloths() {
        return wanted.key().cloths();
    }

    /** Units the top needs, both hands together. */
    public long needed() {
        return wanted.needed();
    }

    /** Made beyond that for mishaps, as the quilter asked. */
    public long extra() {
        return wanted.extra();
    }

    /** Of those needed, left hands, where hands differ. */
    public long left() {
        return wanted.left();
    }

    /** Of those needed, right hands, where hands differ. */
    public long right() {
        return wanted.right();
    }

    /** Units that the runs and the loose triangles give. */
    public long made() {
        return runs * run.units() + loose;
    }

    /** Made beyond what the top needs, those for mishaps among them. */
    public long spare() {
        return made() - needed();
    }

    /** {@code 13 pairs, 1 of loose triangles}. */
    public String runsInWords() {
        if (triangles.isPresent()) {
            return triangles.get().inWords();
        }
        String sewn = runs + " " + run.word(runs);
        return loose == 0 ? sewn : (runs == 0 ? "" : sewn + ", ") + loose + " of loose triangles";
    }

    /** How each figure came about; put into words only when asked, since most plans are only compared. */
    public List<Working> workings() {
        List<Working> workings = new ArrayList<>(recipe.workings());
        workings.add(new Working("How many " + run.word(2), how()));
        workings.add(new Working("Spare", made() + " made − " + needed() + " needed = " + spare()));
        return workings;
    }

    private String how() {
        if (triangles.isPresent()) {
            return triangles.get().how();
        }
        String mishaps = extra() > 0 ? ", and " + extra() + " for mishaps" : "";
        if (run.hands().differ() && left() + right() > 0) {
            return left() + " left and " + right() + " right" + mishaps + "; " + oneRun() + " gives "
                    + run.hands().left() + " and " + run.hands().right() + ": " + runs;
        }
        String all = extra() > 0 ? "(" + needed() + " + " + extra() + " for mishaps)" : "" + needed();
        return loose > 0
                ? all + " are " + runsInWords() + ", since squares cut once serve other fabrics too"
                : all + " ÷ " + run.units() + " a " + run.word(1) + ", rounded up to whole ones: " + runs;
    }

    private String oneRun() {
        boolean named = run.word(1).equals(run.name());
        return named ? "a " + run.name() : "a set (" + run.name() + ")";
    }

    /**
     * A sewn end that is left of each set.
     *
     * @param width across the strips, as sewn
     */
    public record SetEnd(long count, Length length, Length width) {}

    /** Ends of strip sets that are worth keeping: sewn already, so that no cloth's account has them. */
    public Optional<SetEnd> setEnds() {
        List<Length> worthKeeping = ends.stream()
                .filter(end -> end.isAtLeast(PieceLayout.WORTH_KEEPING))
                .toList();
        return worthKeeping.stream()
                .max(Length::compareTo)
                .map(longest ->
                        new SetEnd(worthKeeping.size(), longest, recipe.sizes().rawHeight()));
    }

    /** Whether edges on the bias have to be handled, of loose triangles or of the units themselves. */
    public boolean hasBias() {
        return recipe.sewing().edges() != OuterEdges.STRAIGHT;
    }

    /** Units that are made with bias edges; an odd one sewn of loose triangles is one. */
    public long biasUnits() {
        return hasBias() ? made() : loose;
    }

    /** Cloth that it adds to the plan. */
    public Area clothCut() {
        return cuts.stream().map(ClothCut::area).reduce(Area.ZERO, Area::plus);
    }

    /** What so many units more take where they are made by themselves, whatever parts others leave over. */
    public List<ClothCut> cutsFor(long units) {
        long sets = Math.ceilDiv(units, recipe.unitsPerSet());
        List<ClothCut> own = new ArrayList<>();
        for (CutPiece cut : recipe.cuts()) {
            int all = wanted.clothsOf(cut.role()).values().stream()
                    .mapToInt(Integer::intValue)
                    .sum();
            wanted.clothsOf(cut.role())
                    .forEach((cloth, share) -> own.add(new ClothCut(
                            cloth,
                            cut.size(),
                            cut.name(),
                            Math.ceilDiv(sets * cut.perSet() * share, all),
                            new Use.ForUnits(key()),
                            label())));
        }
        return own;
    }

    /** All its seams. */
    public Length seams() {
        Length each = recipe.sewing().seamLength();
        return run.isWholeSet(recipe)
                ? each.times(runs).plus(each.times(loose).dividedBy(recipe.unitsPerSet()))
                : each.times(made()).dividedBy(recipe.unitsPerSet());
    }

    /** Cuts that make units of what is sewn. */
    public long sewingCuts() {
        long each = recipe.sewing().cuts();
        return run.isWholeSet(recipe) ? each * runs + loose : Math.ceilDiv(each * made(), recipe.unitsPerSet());
    }

    /** The same with its runs settled. */
    UnitPlan settled(long otherRuns, long otherLoose) {
        return new UnitPlan(wanted, method, recipe, run, otherRuns, otherLoose, ends, triangles, cuts);
    }

    /** The same from the strip sets that it shares in the end. */
    UnitPlan from(TriangleSets sets) {
        return new UnitPlan(wanted, method, recipe, run, runs, loose, ends, Optional.of(sets), cuts);
    }

    /** Runs and single units: what is taken up at the machine, so many times. */
    public long sets() {
        return runs + loose;
    }
}
